<!-- A kind of tin: its name, count and inside dimensions. -->
<script lang="ts">
  import { Button, Modal, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import type { ProblemMessage } from '$wording/problems';
  import { tinInWords, type AnyTin } from '$core/tin';
  import { rackLimits } from '$lib/limits/fieldLimits';
  import type { StoredTin } from '$lib/server/tins';
  import { ask, problemAt } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TinFields from '$lib/ui/TinFields.svelte';
  import TinShape from '$lib/ui/TinShape.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from './Notice.svelte';

  interface Props {
    rackTin: StoredTin | null;
    /** Text of the saving button. */
    act?: string;
    ondone: (tin: AnyTin) => void;
    onleave: () => void;
  }
  let { rackTin, act = 'Save', ondone, onleave }: Props = $props();
  const figures = $derived(shopFigures());

  const start = untrack(() => rackTin);
  let name = $state(start?.name ?? '');
  let count = $state(start?.count ?? 1);
  let tin: AnyTin = $state.raw(
    start?.tin ?? { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 10, flareDeg: 0 },
  );
  let open = $state(true);
  let typed: Record<string, string> = $state({});
  let problems: readonly ProblemMessage[] = $state.raw([]);
  const inside = $derived(problems.filter(({ path }) => path !== '/name'));

  async function save() {
    if (Object.keys(typed).length > 0) {
      problems = [{ path: '', message: 'Correct the marked fields first' }];
      return;
    }
    // A tin without a name is named by its size.
    const sent = { name: name.trim() || tinInWords(tin, figures), count, tin };
    const answer = start
      ? await ask('PUT', `/api/tins/${start.id}`, { ...sent, revision: start.revision })
      : await ask('POST', '/api/tins', sent);
    if (answer.ok) ondone(tin);
    else problems = answer.problems;
  }

  async function remove() {
    if (!start || !(await confirmation.ask(`Delete ${start.name} from the rack?`, 'Delete'))) return;
    const answer = await ask('DELETE', `/api/tins/${start.id}?revision=${start.revision}`);
    if (answer.ok) ondone(tin);
    else problems = answer.problems;
  }
</script>

<Modal
  bind:open
  size="sm"
  modalHeading={start ? start.name : 'New tin'}
  primaryButtonText={act}
  secondaryButtonText="Cancel"
  hasForm
  on:click:button--secondary={onleave}
  on:close={onleave}
  on:submit={save}
>
  {#if inside.length > 0}
    <Notice harm problems={inside.map(({ message }) => ({ message }))} />
  {/if}
  <div class="grid">
    <TextInput
      size="sm"
      labelText="Name"
      placeholder={tinInWords(tin, figures)}
      bind:value={name}
      invalid={problemAt(problems, '/name') !== ''}
      invalidText={problemAt(problems, '/name')}
    />
    <NumberField
      label="How many"
      value={count}
      limits={rackLimits('count')}
      name="count"
      {typed}
      onvalue={(value) => value !== null && (count = value)}
    />
    <TinFields {tin} {typed} name="tin" onvalue={(next) => (tin = next)} />
  </div>
  <div class="shape">
    <TinShape
      {tin}
      pxPerMm={Math.min(0.5, 160 / (tin.shape === 'round' ? tin.diameterMm : Math.max(tin.lengthMm, tin.widthMm)))}
    />
  </div>
  {#if start}<Button kind="danger-ghost" size="small" on:click={remove}>Delete</Button>{/if}
</Modal>

<style>
  .grid {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    align-items: start;
  }

  .shape {
    display: grid;
    place-items: center;
    margin-top: 1rem;
  }
</style>

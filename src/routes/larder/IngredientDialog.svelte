<!-- One ingredient: everything that weighing, pricing and declaring it needs. -->
<script lang="ts">
  import { Button, Checkbox, Modal, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { ALLERGENS, type Composition, type Ingredient, type Pack } from '../../core/larder';
  import type { Problem } from '../../core/slab';
  import { ask, problemAt } from '$lib/api';
  import type { ShelvedIngredient } from '$lib/server/larder';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    ingredient: ShelvedIngredient | null;
    ondone: () => void;
    onleave: () => void;
  }
  let { ingredient, ondone, onleave }: Props = $props();

  const start = untrack(() => ingredient);
  const { id, revision, ...facts } = start ?? { id: 0, revision: 0, name: '' };
  let form: Ingredient = $state.raw(facts);
  let aliases = $state((facts.aliases ?? []).join(', '));
  let open = $state(true);
  let typed: Record<string, string> = $state({});
  let problems: readonly Problem[] = $state.raw([]);
  let saving = false;

  const PARTS = ['water', 'sugars', 'fat', 'protein', 'other'] as const;
  const PER_100 = { min: 0, max: 100 };
  const packs = $derived<readonly Partial<Pack>[]>(form.packs ?? []);
  const parts = $derived<Partial<Composition>>(form.composition ?? {});

  const setPack = (at: number, part: Partial<Pack>) =>
    (form = { ...form, packs: packs.map((one, i) => (i === at ? { ...one, ...part } : one)) as Pack[] });

  function setPart(part: keyof Composition, value: number | null) {
    const next = { ...parts, [part]: value ?? undefined };
    const none = PARTS.every((one) => next[one] === undefined);
    form = { ...form, composition: none ? undefined : (next as Composition) };
  }

  function allergen(name: string, has: boolean) {
    const others = (form.allergens ?? []).filter((one) => one !== name);
    form = { ...form, allergens: has ? [...others, name] : others };
  }

  async function save() {
    if (saving) return;
    if (Object.keys(typed).length > 0) {
      problems = [{ path: '', message: 'Mend the marked fields first' }];
      return;
    }
    const names = aliases
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean);
    const sent = { ...form, aliases: names };
    saving = true;
    const answer = start
      ? await ask('PUT', `/api/larder/${id}`, { revision, ingredient: sent })
      : await ask('POST', '/api/larder', sent);
    saving = false;
    if (answer.ok) ondone();
    else problems = answer.problems;
  }

  async function remove() {
    if (!confirm(`Take ${form.name} out of the larder? Slabs keep their lines, but cannot weigh or price it any more.`))
      return;
    const answer = await ask('DELETE', `/api/larder/${id}`);
    if (answer.ok) ondone();
    else problems = answer.problems;
  }
</script>

<Modal
  bind:open
  modalHeading={start ? start.name : 'New ingredient'}
  primaryButtonText="Keep"
  secondaryButtonText="Leave as it was"
  hasForm
  hasScrollingContent
  on:click:button--secondary={onleave}
  on:close={onleave}
  on:submit={save}
>
  {#if problems.length > 0}
    <div class="said harm" role="alert">
      <ul>
        {#each problems as { path, message } (path + message)}<li>
            {message}{#if path}
              ({path.slice(1).replaceAll('/', ' ')}){/if}
          </li>{/each}
      </ul>
    </div>
  {/if}
  <div class="grid">
    <div class="wide">
      <TextInput
        size="sm"
        labelText="Name"
        value={form.name}
        on:input={(event) => (form = { ...form, name: String(event.detail ?? '') })}
        invalid={problemAt(problems, '/name') !== ''}
        invalidText={problemAt(problems, '/name')}
      />
    </div>
    <div class="wide"><TextInput size="sm" labelText="Also called (parted by commas)" bind:value={aliases} /></div>
    <NumberField
      label="Density, g per mL"
      optional
      value={form.densityGPerMl}
      limits={{ min: 0.01, max: 25 }}
      name="density"
      {typed}
      onvalue={(value) => (form = { ...form, densityGPerMl: value ?? undefined })}
    />
    <NumberField
      label="One weighs, g"
      optional
      value={form.unitMassG}
      limits={{ min: 0.01, max: 1e6 }}
      name="each"
      {typed}
      onvalue={(value) => (form = { ...form, unitMassG: value ?? undefined })}
    />
  </div>
  <h3>Packs, the one usually bought first</h3>
  {#each packs as pack, at (at)}
    <div class="pack">
      <TextInput
        size="sm"
        labelText="Pack"
        value={pack.name ?? ''}
        on:input={(event) => setPack(at, { name: String(event.detail ?? '') })}
        invalid={problemAt(problems, `/packs/${at}/name`) !== ''}
        invalidText={problemAt(problems, `/packs/${at}/name`)}
      />
      <NumberField
        label="Holds, g"
        value={pack.massG}
        limits={{ min: 0.01, max: 1e6 }}
        name="pack {at} mass"
        {typed}
        onvalue={(value) => setPack(at, { massG: value ?? undefined })}
      />
      <NumberField
        label="Costs"
        optional
        value={pack.price}
        limits={{ min: 0, max: 1e6 }}
        name="pack {at} price"
        {typed}
        onvalue={(value) => setPack(at, { price: value ?? undefined })}
      />
      <Button
        kind="ghost"
        size="small"
        on:click={() => (form = { ...form, packs: packs.filter((_, i) => i !== at) as Pack[] })}>Remove</Button
      >
    </div>
  {/each}
  <Button kind="tertiary" size="small" on:click={() => (form = { ...form, packs: [...packs, { name: '' }] as Pack[] })}
    >Add a pack</Button
  >
  <h3>In 100 g</h3>
  <div class="five">
    {#each PARTS as part (part)}
      <NumberField
        label="{part}, g"
        optional
        value={parts[part]}
        limits={PER_100}
        name="part {part}"
        {typed}
        onvalue={(value) => setPart(part, value)}
      />
    {/each}
  </div>
  <fieldset>
    <legend><h3>Allergens</h3></legend>
    <div class="allergens">
      {#each ALLERGENS as name (name)}
        <Checkbox
          labelText={name}
          checked={(form.allergens ?? []).includes(name)}
          on:check={(event) => allergen(name, event.detail)}
        />
      {/each}
    </div>
  </fieldset>
  {#if start}<Button kind="danger-ghost" size="small" on:click={remove}>Take out of the larder</Button>{/if}
</Modal>

<style>
  .grid,
  .five,
  .pack,
  .allergens {
    display: grid;
    gap: 0.6rem;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    align-items: end;
  }

  .wide {
    grid-column: 1 / -1;
  }

  .five {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }

  .pack {
    grid-template-columns: 2fr 1fr 1fr max-content;
    margin-bottom: 0.5rem;
  }

  .allergens {
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 0 0.6rem;
  }

  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin: 1rem 0 0.4rem;
  }

  .said {
    margin-bottom: 0.8rem;
  }
</style>

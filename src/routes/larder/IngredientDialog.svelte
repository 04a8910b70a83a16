<!-- An ingredient with everything needed to weigh, price, declare and replace it. -->
<script lang="ts">
  import { Button, Modal, TextInput } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { countableAs, type Ingredient } from '$core/larder';
  import type { ProblemMessage } from '$wording/problems';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import { ask, problemAt } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import type { StoredIngredient } from '$lib/server/larder';
  import type { PastPrice } from '$lib/server/packs';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Declares from './Declares.svelte';
  import CompositionFields from './CompositionFields.svelte';
  import OnLabel from './OnLabel.svelte';
  import PackRows from './PackRows.svelte';
  import PriceHistory from './PriceHistory.svelte';
  import Rows from './Rows.svelte';
  import StockFields from './StockFields.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    ingredient: StoredIngredient | null;
    currency: string;
    ondone: () => void;
    onleave: () => void;
  }
  let { ingredient, currency, ondone, onleave }: Props = $props();

  const start = untrack(() => ingredient);
  const { id, revision, ...facts } = start ?? { id: 0, revision: 0, name: '' };
  let form: Ingredient = $state.raw(facts);
  let aliases = $state((facts.aliases ?? []).join(', '));
  const countable = $derived(countableAs(form, aliases));
  let open = $state(true);
  let typed: Record<string, string> = $state({});
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let history: readonly PastPrice[] = $state.raw([]);
  let saving = false;

  onMount(async () => {
    if (!start) return;
    const answer = await ask<{ prices: PastPrice[] }>('GET', `/api/larder/${id}/prices`);
    if (answer.ok) history = answer.value.prices;
    else problems = answer.problems;
  });

  const set = (part: Partial<Ingredient>) => (form = { ...form, ...part });

  async function save() {
    if (saving) return;
    if (Object.keys(typed).length > 0) {
      problems = [{ path: '', message: 'Correct the marked fields first' }];
      return;
    }
    const names = aliases
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean);
    // The stock is sent only if it was changed here, since the bench may have used some meanwhile.
    const { heldG, ...rest } = form;
    const sent = { ...rest, aliases: names, ...(heldG === facts.heldG ? {} : { heldG }) };
    saving = true;
    const answer = start
      ? await ask('PUT', `/api/larder/${id}`, { revision, ingredient: sent })
      : await ask('POST', '/api/larder', sent);
    saving = false;
    if (answer.ok) ondone();
    else problems = answer.problems;
  }

  async function remove() {
    if (
      !(await confirmation.ask(
        `Delete ${form.name} from the larder? Slabs keep their lines, but their weight and cost become unknown.`,
        'Delete',
      ))
    )
      return;
    const answer = await ask('DELETE', `/api/larder/${id}?revision=${revision}`);
    if (answer.ok) ondone();
    else problems = answer.problems;
  }
</script>

<Modal
  bind:open
  modalHeading={start ? start.name : 'New ingredient'}
  primaryButtonText="Save"
  secondaryButtonText="Cancel"
  hasForm
  hasScrollingContent
  on:click:button--secondary={onleave}
  on:close={onleave}
  on:submit={save}
>
  {#if problems.length > 0}
    <Notice harm {problems} nameOf={(path) => path.slice(1).replaceAll('/', ' ')} />
  {/if}
  <div class="grid">
    <div class="wide">
      <TextInput
        size="sm"
        labelText="Name"
        value={form.name}
        on:input={(event) => set({ name: String(event.detail ?? '') })}
        invalid={problemAt(problems, '/name') !== ''}
        invalidText={problemAt(problems, '/name')}
      />
    </div>
    <div class="wide"><TextInput size="sm" labelText="Other names, separated by commas" bind:value={aliases} /></div>
    <NumberField
      label="Density"
      quantity="density"
      optional
      value={form.densityGPerMl}
      limits={larderLimits('densityGPerMl')}
      name="density"
      {typed}
      onvalue={(value) => set({ densityGPerMl: value ?? undefined })}
    />
    <NumberField
      label="Weight of one"
      quantity="mass"
      optional
      value={form.unitMassG}
      limits={larderLimits('unitMassG')}
      name="each"
      {typed}
      onvalue={(value) => set({ unitMassG: value ?? undefined })}
    />
    <NumberField
      label="Usable part, %"
      optional
      placeholder="100"
      value={form.usablePercent}
      limits={larderLimits('usablePercent')}
      name="usable"
      {typed}
      onvalue={(value) => set({ usablePercent: value ?? undefined })}
    />
    <StockFields {form} {countable} {typed} onchange={set} />
    <NumberField
      label="Grain height when scattered"
      quantity="length"
      optional
      value={form.grainMm}
      limits={larderLimits('grainMm')}
      name="grain"
      {typed}
      onvalue={(value) => set({ grainMm: value ?? undefined })}
    />
  </div>
  <h3>Density by state</h3>
  <Rows
    rows={Object.entries(form.densities ?? {}).map(([name, value]) => ({ name, value }))}
    nameLabel="State, such as sifted, packed, melted"
    valueLabel="Density"
    quantity="density"
    limits={larderLimits('densities.any')}
    field="state"
    {typed}
    onrows={(rows) =>
      set({
        densities:
          rows.length > 0
            ? Object.fromEntries(rows.map(({ name, value }) => [name, value ?? (undefined as unknown as number)]))
            : undefined,
      })}
  />
  <h3>Packs (the usual one first)</h3>
  <PackRows packs={form.packs ?? []} {countable} {currency} {typed} {problems} onpacks={(packs) => set({ packs })} />
  {#if history.length > 0}
    <h3>Price history</h3>
    <PriceHistory prices={history} {currency} />
  {/if}
  <CompositionFields {form} {typed} onset={set} />
  <OnLabel {form} {typed} onset={set} />
  <Declares {form} onset={set} />
  <h3>Ingredients of this product</h3>
  <Rows
    rows={(form.madeOf ?? []).map(({ ingredient: name, percent }) => ({ name, value: percent ?? null }))}
    nameLabel="Larder ingredient"
    valueLabel="Share, %"
    limits={larderLimits('madeOf.percent')}
    field="made"
    {typed}
    onrows={(rows) =>
      set({
        madeOf:
          rows.length > 0
            ? rows.map(({ name, value }) => ({ ingredient: name, ...(value === null ? {} : { percent: value }) }))
            : undefined,
      })}
  />
  <h3>Substitutes</h3>
  <Rows
    rows={(form.alternatives ?? []).map(({ ingredient: name, ratio, changes }) => ({
      name,
      value: ratio,
      note: changes ?? '',
    }))}
    nameLabel="Ingredient"
    valueLabel="Grams per gram replaced"
    noteLabel="What changes"
    limits={larderLimits('alternatives.ratio')}
    field="instead"
    {typed}
    onrows={(rows) =>
      set({
        alternatives:
          rows.length > 0
            ? rows.map(({ name, value, note }) => ({
                ingredient: name,
                ratio: value ?? 1,
                ...(note ? { changes: note } : {}),
              }))
            : undefined,
      })}
  />
  <h3>Usual share of a mixture, %</h3>
  <div class="six">
    {#each ['from', 'to'] as const as end (end)}
      <NumberField
        label={end === 'from' ? 'From' : 'To'}
        optional
        value={form.usualPercent?.[end]}
        limits={larderLimits(`usualPercent.${end}`)}
        name="usual {end}"
        {typed}
        onvalue={(value) => {
          const next = { ...form.usualPercent, [end]: value ?? undefined };
          const none = next.from === undefined && next.to === undefined;
          set({ usualPercent: none ? undefined : (next as Ingredient['usualPercent']) });
        }}
      />
    {/each}
    <div class="source">
      <TextInput
        size="sm"
        labelText="Source of the figures"
        maxlength={500}
        value={form.source ?? ''}
        on:input={(event) => set({ source: String(event.detail ?? '') || undefined })}
      />
    </div>
  </div>
  {#if start}<p class="off">
      <Button kind="danger-ghost" size="small" on:click={remove}>Delete</Button>
    </p>{/if}
</Modal>

<style>
  .grid,
  .six {
    display: grid;
    gap: 0.6rem;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    align-items: end;
  }

  .wide {
    grid-column: 1 / -1;
  }

  .six {
    grid-template-columns: repeat(6, minmax(0, 1fr));
    margin-bottom: 0.5rem;
  }

  .source {
    grid-column: span 4;
  }

  @media (max-width: 759px) {
    .six {
      grid-template-columns: repeat(3, minmax(0, 1fr));
    }

    .source {
      grid-column: span 2;
    }
  }

  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin: 1rem 0 0.4rem;
  }

  .off {
    margin-top: 1rem;
  }
</style>

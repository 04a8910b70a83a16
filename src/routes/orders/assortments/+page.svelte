<!-- Assortments: packs with a fixed mix of pieces, with their box, price and allergens. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { invalidateAll } from '$app/navigation';
  import { assortmentSchema, type Assortment, type StoredAssortment } from '$core/orders';
  import { limitsAt } from '$core/validation';
  import { ask } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { money } from '$lib/format/money';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { ProblemMessage } from '$wording/problems';
  import AssortmentLabel from './AssortmentLabel.svelte';

  let { data } = $props();

  const EMPTY: Assortment = { name: '', parts: [] };
  let form: Assortment = $state.raw(EMPTY);
  let changing: StoredAssortment | null = $state.raw(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let typed: Record<string, string> = $state({});
  const nameOf = (slab: number) => data.slabs.find(({ id }) => id === slab)?.name ?? 'a deleted slab';
  const pieces = $derived(form.parts.reduce((sum, { count }) => sum + count, 0));
  const set = (at: number, part: Partial<Assortment['parts'][number]>) =>
    (form = { ...form, parts: form.parts.map((own, i) => (i === at ? { ...own, ...part } : own)) });
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;

  function begin(assortment: StoredAssortment | null) {
    changing = assortment;
    form = assortment ? { ...assortment } : EMPTY;
    problems = [];
    typed = {};
  }
  async function save() {
    const { name, box, price, packG, parts } = form;
    const body = { name, box, price, packG, parts };
    const answer = changing
      ? await ask('PUT', `/api/assortments/${changing.id}`, { revision: changing.revision, ...body })
      : await ask('POST', '/api/assortments', body);
    problems = answer.ok ? [] : answer.problems;
    if (answer.ok) begin(null);
    await invalidateAll();
  }
  async function remove(assortment: StoredAssortment) {
    if (!(await confirmation.ask(`Delete ${assortment.name}? Orders of it stay, and say so.`, 'Delete'))) return;
    const answer = await ask('DELETE', `/api/assortments/${assortment.id}?revision=${assortment.revision}`);
    problems = answer.ok ? [] : answer.problems;
    await invalidateAll();
  }
  function allergensOf({ parts }: Assortment): string {
    const found = parts.map(({ slab }) => data.allergens.find(({ id }) => id === slab));
    const contains = [...new Set(found.flatMap((own) => own?.contains ?? []))];
    const isUnknown = found.some((own) => !own || own.unknownFor.length > 0);
    return `Contains: ${contains.join(', ') || 'no declared allergen'}.${isUnknown ? ' Some allergens are unknown.' : ''}`;
  }
</script>

<svelte:head><title>Assortments - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Assortments</h1>
    <Button size="small" kind="ghost" href="/orders">Back to orders</Button>
  </div>
  <div class="both">
    <ul>
      {#each data.assortments as assortment (assortment.id)}
        <li class="panel">
          <h2>{assortment.name}</h2>
          <p>
            {assortment.parts
              .map(({ slab, kind, count }) => `${count} x ${nameOf(slab)}${kind ? `, ${kind}` : ''}`)
              .join('; ')}
          </p>
          <p class="quiet">
            {assortment.box ? `${assortment.box}. ` : ''}{assortment.price === undefined
              ? 'Sold at the sum of its pieces.'
              : `${money(assortment.price, data.shop.currency)}.`}
            {allergensOf(assortment)}
          </p>
          <AssortmentLabel id={assortment.id} name={assortment.name} />
          <p>
            <Button size="small" kind="ghost" on:click={() => begin(assortment)}
              >Change<span class="unseen"> {assortment.name}</span></Button
            >
            <Button size="small" kind="ghost" on:click={() => void remove(assortment)}
              >Delete<span class="unseen"> {assortment.name}</span></Button
            >
          </p>
        </li>
      {:else}
        <li class="panel">
          <EmptyState title="No assortments yet">
            <p>A box of nine: three of this, three of that, three of the other. Orders can then name it.</p>
          </EmptyState>
        </li>
      {/each}
    </ul>
    <form
      class="panel"
      onsubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h2>{changing ? `Change ${changing.name}` : 'New assortment'}</h2>
      <TextInput
        size="sm"
        labelText="Name"
        value={form.name}
        maxlength={200}
        on:input={({ detail }) => (form = { ...form, name: String(detail ?? '') })}
      />
      <div class="two">
        <Select
          size="sm"
          labelText="Packaging"
          selected={form.box ?? ''}
          on:change={(event) => (form = { ...form, box: chosen(event) || undefined })}
        >
          <SelectItem value="" text="none" />
          {#each data.packs as name (name)}<SelectItem value={name} text={name} />{/each}
        </Select>
        <NumberField
          label="Price of a pack, {data.shop.currency} (optional)"
          optional
          value={form.price ?? null}
          limits={limitsAt(assortmentSchema, 'price')}
          name="assortment price"
          {typed}
          onvalue={(price) => (form = { ...form, price: price ?? undefined })}
        />
      </div>
      {#each form.parts as { slab, count }, at (at)}
        <div class="part">
          <NumberField
            label="Pieces {at + 1}"
            hideLabel
            value={count}
            limits={limitsAt(assortmentSchema, 'parts.count')}
            name="part {at} count"
            {typed}
            onvalue={(next) => next !== null && set(at, { count: Math.round(next) })}
          />
          <Select
            size="sm"
            hideLabel
            labelText="Slab {at + 1}"
            selected={String(slab)}
            on:change={(event) => set(at, { slab: Number(chosen(event)), kind: undefined })}
          >
            {#each data.slabs as { id, name } (id)}<SelectItem value={String(id)} text={name} />{/each}
          </Select>
          <Button
            size="small"
            kind="ghost"
            icon={TrashCan}
            iconDescription="Remove part {at + 1}"
            tooltipPosition="left"
            on:click={() => (form = { ...form, parts: form.parts.filter((_, i) => i !== at) })}
          />
        </div>
      {/each}
      <p>
        <Button
          size="small"
          kind="ghost"
          disabled={data.slabs.length === 0}
          on:click={() =>
            (form = {
              ...form,
              parts: [...form.parts, { slab: (data.slabs[form.parts.length] ?? data.slabs[0]!).id, count: 3 }],
            })}>Add pieces of a slab</Button
        >
      </p>
      <p class="figures">{pieces} pieces in a pack.</p>
      {#if problems.length > 0}<Notice harm {problems} />{/if}
      <p>
        <Button size="field" type="submit">{changing ? 'Save assortment' : 'Add assortment'}</Button>
        {#if changing}<Button size="field" kind="ghost" on:click={() => begin(null)}>Cancel</Button>{/if}
      </p>
    </form>
  </div>
</div>

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
    gap: 1rem;
    align-items: start;
  }

  ul {
    display: grid;
    gap: 0.6rem;
  }

  li,
  form {
    padding: 0.8rem 1rem;
  }

  form {
    display: grid;
    gap: 0.6rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    align-items: end;
  }

  .part {
    display: grid;
    grid-template-columns: 5rem 1fr auto;
    gap: 0.4rem;
  }

  @media (max-width: 759px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>

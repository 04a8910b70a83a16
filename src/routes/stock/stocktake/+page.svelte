<!-- A stocktake, shelf by shelf: the count beside the ledger, with the difference and its cost. -->
<script lang="ts">
  import { Button, Checkbox, Select, SelectItem, Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { SvelteMap } from 'svelte/reactivity';
  import { goto, invalidateAll } from '$app/navigation';
  import { keepPage } from '$lib/bench/keepPage';
  import { storedText, storeText } from '$lib/devices/deviceStore';
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import { newEntry } from '$lib/stock/newEntry';
  import { StockOutbox } from '$lib/stock/outbox.svelte';
  import OutboxNotice from '$lib/stock/OutboxNotice.svelte';
  import BenchScale from '$lib/ui/BenchScale.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const outbox = new StockOutbox(() => void invalidateAll());

  type Row = (typeof data.rows)[number];
  const keyOf = ({ name, lot }: Row) => JSON.stringify([name, lot]);
  const NO_SHELF = 'No shelf';
  const shelves = $derived([...new Set(data.rows.map(({ shelf }) => shelf || NO_SHELF))].sort());
  let chosenShelf = $state('');
  const rows = $derived(data.rows.filter((row) => chosenShelf === '' || (row.shelf || NO_SHELF) === chosenShelf));

  /** What was counted so far, with when, by row. It stays on the device until it is saved. */
  const counted = new SvelteMap<string, { readonly massG: number; readonly at: string }>();
  const KEPT = 'knife-tray stocktake';
  let typed: Record<string, string> = $state({});
  let scaled: Row | null = $state.raw(null);
  function keptCounts(): [string, { massG: number; at: string }][] {
    try {
      return JSON.parse(storedText('device', KEPT) ?? '[]') as [string, { massG: number; at: string }][];
    } catch {
      return [];
    }
  }
  onMount(() => {
    for (const [key, count] of keptCounts()) counted.set(key, count);
    void keepPage();
    return outbox.start();
  });
  function count(row: Row, massG: number | null) {
    if (massG === null) counted.delete(keyOf(row));
    else counted.set(keyOf(row), { massG, at: new Date().toISOString() });
    storeText('device', KEPT, JSON.stringify([...counted]));
  }

  const differenceOf = (row: Row) => {
    const own = counted.get(keyOf(row));
    return own === undefined || row.heldG === null ? null : own.massG - row.heldG;
  };
  const signed = (massG: number) => `${massG > 0 ? '+' : massG < 0 ? '−' : ''}${figures.mass.say(Math.abs(massG))}`;
  const costText = (row: Row, differenceG: number) =>
    row.costPerG === null ? '-' : money(row.costPerG * differenceG, data.shop.currency);
  const totalCost = $derived(data.rows.reduce((sum, row) => sum + (differenceOf(row) ?? 0) * (row.costPerG ?? 0), 0));
  /** Whether the cost leaves something out: rows without a price, unknown stock, or rows that are not shown. */
  const isUnpriced = $derived(
    [...counted.keys()].some((key) => {
      const row = data.rows.find((one) => keyOf(one) === key);
      return !row || row.costPerG === null || row.heldG === null;
    }),
  );

  async function save() {
    if (Object.keys(typed).length > 0) return;
    const entries = [...counted].map(([key, { massG, at }]) => {
      const [ingredient, lot] = JSON.parse(key) as [string, string];
      return { ...newEntry({ of: { ingredient }, lot, unit: 'g', why: 'count', counted: massG }), at };
    });
    await outbox.add(entries);
    counted.clear();
    storeText('device', KEPT, '[]');
  }
</script>

<svelte:head><title>Stocktake - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Stocktake</h1></div>
  <StockNav />
  <OutboxNotice {outbox} />
  {#if data.isEmpty}
    <div class="panel">
      <EmptyState title="The larder is empty">
        <p>Add ingredients to the larder first. Then count them here.</p>
        <Button size="small" kind="tertiary" href="/larder">Go to the larder</Button>
      </EmptyState>
    </div>
  {:else}
    <div class="filter">
      <Select size="sm" labelText="Shelf" bind:selected={chosenShelf}>
        <SelectItem value="" text="All shelves" />
        {#each shelves as shelf (shelf)}<SelectItem value={shelf} text={shelf} />{/each}
      </Select>
      <Checkbox
        labelText="Include what is not in stock"
        checked={data.isAll}
        on:check={({ detail }) => void goto(`/stock/stocktake${detail ? '?all=yes' : ''}`, { noScroll: true })}
      />
      {#if scaled}
        {@const row = scaled}
        <div class="scale">
          <p>Weigh <b>{row.name}</b> without its container.</p>
          <BenchScale
            aimG={Math.max(50, row.heldG ?? 500)}
            spread={0.1}
            onbegin={() => count(row, null)}
            onweighed={(masses) => count(row, Math.round(masses.reduce((sum, massG) => sum + massG, 0)))}
          />
        </div>
      {/if}
    </div>
    <div class="scroll">
      <Table size="compact" class="table">
        <thead>
          <tr>
            <th>Ingredient</th><th>Shelf</th><th>Lot</th><th>Best before</th><th class="num">Expected</th>
            <th>Counted, {figures.mass.unit}</th><th class="num">Difference</th><th class="num">Cost of difference</th>
          </tr>
        </thead>
        <tbody>
          {#each rows as row (keyOf(row))}
            {@const difference = differenceOf(row)}
            <tr>
              <td><b>{row.name}</b></td>
              <td>{row.shelf || '-'}</td>
              <td class="figures">{row.lot || '-'}</td>
              <td class="figures">{row.keepsUntil ? dates.dayOf(Date.parse(row.keepsUntil)) : '-'}</td>
              <td class="num">{row.heldG === null ? 'unknown' : figures.mass.say(row.heldG)}</td>
              <td
                ><div class="count">
                  <NumberField
                    label="Counted {row.name}{row.lot ? `, lot ${row.lot}` : ''}"
                    hideLabel
                    quantity="mass"
                    optional
                    value={counted.get(keyOf(row))?.massG}
                    limits={{ ...larderLimits('heldG'), min: 0 }}
                    name={keyOf(row)}
                    {typed}
                    onvalue={(value) => count(row, value)}
                  />
                  <Button size="small" kind="ghost" on:click={() => (scaled = scaled === row ? null : row)}
                    >Scale<span class="unseen"> for {row.name}</span></Button
                  >
                </div></td
              >
              <td class="num" class:harm={(difference ?? 0) < 0}>{difference === null ? '-' : signed(difference)}</td>
              <td class="num">{difference === null || difference === 0 ? '-' : costText(row, difference)}</td>
            </tr>
          {:else}
            <tr
              ><td colspan="8" class="quiet"
                >Nothing is in stock on this shelf. Include what is not in stock to count it.</td
              ></tr
            >
          {/each}
        </tbody>
      </Table>
    </div>
    {#if data.isCut}<p>The list is too long to be shown whole: these are the first {data.rows.length}.</p>{/if}
    <p class="save">
      <Button size="field" disabled={counted.size === 0} on:click={() => void save()}>Save stocktake</Button>
      <span role="status"
        >{counted.size === 0
          ? 'Nothing counted yet.'
          : `${counted.size} counted, difference ${isUnpriced ? 'at least ' : ''}${money(totalCost, data.shop.currency)}.`}</span
      >
    </p>
  {/if}
</div>

<style>
  .filter {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .filter > :global(.bx--form-item) {
    flex: 0 0 14rem;
  }

  .scroll {
    overflow-x: auto;
    position: relative;
  }

  .count {
    display: flex;
    align-items: center;
    min-width: 13rem;
  }

  .save {
    display: flex;
    gap: 0.8rem;
    align-items: center;
    position: sticky;
    bottom: 0;
    padding: 0.6rem 0;
    background: var(--ground);
  }

  .harm {
    color: var(--harm);
  }
</style>

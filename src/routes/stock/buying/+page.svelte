<!-- What to buy for the next days, by supplier and by when it must be there; a delivery is booked from the list. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import Papa from 'papaparse';
  import { onMount } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { guardedCell } from '$core/larder';
  import { keepPage } from '$lib/bench/keepPage';
  import { money } from '$lib/format/money';
  import { saveText } from '$lib/format/saveText';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { StockOutbox } from '$lib/stock/outbox.svelte';
  import OutboxNotice from '$lib/stock/OutboxNotice.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';
  import Delivery from './Delivery.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const outbox = new StockOutbox(() => void invalidateAll());
  onMount(() => {
    void keepPage();
    return outbox.start();
  });

  const lines = $derived(data.lines ?? []);
  type Line = (typeof lines)[number];
  let delivered: string | null = $state(null);
  const isWaiting = ({ ingredient }: Line) => outbox.waiting.some(({ of }) => of.ingredient === ingredient);
  const bySupplier = $derived(
    [...new Set(lines.map(({ supplier }) => supplier ?? ''))].map((supplier) => ({
      supplier,
      lines: lines.filter((line) => (line.supplier ?? '') === supplier),
    })),
  );
  const costOf = (some: readonly Line[]) => some.reduce((sum, { packs }) => sum + (packs[0]?.price ?? 0), 0);
  const isUnpriced = (some: readonly Line[]) => some.some(({ packs }) => (packs[0]?.price ?? null) === null);
  const packsText = ({ packs }: Line) => (packs[0] ? `${packs[0].count} × ${packs[0].name}` : 'no pack in the larder');
  const needText = ({ needG, heldG }: Line) =>
    `needs ${needG === null ? 'an unknown amount' : figures.mass.say(needG)}, in stock ${heldG === null ? 'unknown' : figures.mass.say(heldG)}`;
  const byText = ({ by }: Line) => (by === null ? 'running low' : `by ${dates.moment(Date.parse(by))}`);

  function takeCsv() {
    const rows = lines.map(({ ingredient, supplier, by, needG, heldG, packs }) => ({
      supplier: guardedCell(supplier ?? ''),
      ingredient: guardedCell(ingredient),
      pack: guardedCell(packs[0]?.name ?? ''),
      packs: packs[0]?.count ?? '',
      cost: packs[0]?.price ?? '',
      by: by ?? '',
      needed_g: needG ?? '',
      held_g: heldG ?? '',
    }));
    saveText(Papa.unparse(rows, { newline: '\r\n' }), 'text/csv', 'buying.csv');
  }
</script>

<svelte:head><title>Buying - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Buying list</h1>
    <div class="days no-print">
      <Select
        size="sm"
        hideLabel
        labelText="Days to buy for"
        selected={String(data.days)}
        on:change={(event) => void goto(`/stock/buying?days=${(event.target as HTMLSelectElement).value}`)}
      >
        {#each data.choices as days (days)}<SelectItem value={String(days)} text="for the next {days} days" />{/each}
      </Select>
    </div>
    <Button class="no-print" size="small" kind="ghost" disabled={lines.length === 0} on:click={takeCsv}
      >Export CSV</Button
    >
    <Button class="no-print" size="small" kind="ghost" disabled={lines.length === 0} on:click={() => print()}
      >Print list</Button
    >
  </div>
  <StockNav />
  <OutboxNotice {outbox} />
  {#if data.lines === null}
    <Notice harm><p>The server is busy. Reload this page in a few seconds.</p></Notice>
  {:else if lines.length === 0}
    <div class="panel">
      <EmptyState title="Nothing to buy">
        <p>
          Everything for the batches of the next {data.days} days is in stock, and nothing is below its minimum stock.
        </p>
      </EmptyState>
    </div>
  {:else}
    <p>
      {lines.length} ingredients, {isUnpriced(lines) ? 'over ' : ''}{money(costOf(lines), data.shop.currency)}.
      <span class="quiet">For the batches of the week as they are planned, beyond what is in stock.</span>
    </p>
    {#each bySupplier as { supplier, lines: own } (supplier)}
      <section class="panel" aria-label={supplier || 'No supplier'}>
        <h2>
          {supplier || 'No supplier'}
          <span class="quiet figures">{isUnpriced(own) ? 'over ' : ''}{money(costOf(own), data.shop.currency)}</span>
        </h2>
        <ul>
          {#each own as line (line.ingredient)}
            <li>
              <p class="what">
                <b>{line.ingredient}</b> <span class="figures">{packsText(line)}</span>
                {#if line.packs[0] && line.packs[0].price !== null}<span class="quiet figures"
                    >{money(line.packs[0].price, data.shop.currency)}</span
                  >{/if}
              </p>
              <p class="quiet figures">{byText(line)}; {needText(line)}</p>
              <div class="act no-print">
                {#if isWaiting(line)}<span class="quiet">entered, not sent yet</span>
                {:else if delivered === line.ingredient}
                  <Delivery
                    {line}
                    currency={data.shop.currency}
                    zone={data.shop.zone}
                    onsave={(entry) => {
                      delivered = null;
                      void outbox.add([entry]);
                    }}
                    oncancel={() => (delivered = null)}
                  />
                {:else}
                  <Button size="small" kind="tertiary" on:click={() => (delivered = line.ingredient)}
                    >Enter delivery<span class="unseen"> of {line.ingredient}</span></Button
                  >
                {/if}
              </div>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  {/if}
</div>

<style>
  .days {
    width: 13rem;
  }

  section {
    padding: 0.6rem 0.9rem;
    margin: 0.5rem 0 0.7rem;
  }

  h2 {
    display: flex;
    justify-content: space-between;
    font-size: 1.05rem;
    font-weight: 650;
  }

  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 0.8rem;
    align-items: center;
    padding: 0.35rem 0;
    border-top: 1px solid var(--rule);
  }

  .what {
    grid-column: 1;
  }

  .act {
    grid-column: 2;
    grid-row: 1 / span 2;
  }

  li:has(:global(form)) > p {
    grid-column: 1 / -1;
  }

  li:has(:global(form)) .act {
    grid-column: 1 / -1;
    grid-row: auto;
  }

  @media print {
    .no-print,
    :global(.no-print) {
      display: none;
    }
  }
</style>

<!-- Pieces that are made and not handed over, by slab and lot: how long they keep, how many are promised, what was thrown away. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { shopDates } from '$lib/format/shopDates';
  import { newEntry } from '$lib/stock/newEntry';
  import { StockOutbox } from '$lib/stock/outbox.svelte';
  import OutboxNotice from '$lib/stock/OutboxNotice.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
  const outbox = new StockOutbox(() => void invalidateAll());
  onMount(() => outbox.start());

  type Lot = (typeof data.lots)[number];
  const WHY = { count: 'Count', waste: 'Throw away', returned: 'Enter returns' } as const;
  type Why = keyof typeof WHY;
  let open: { readonly lot: Lot; readonly why: Why } | null = $state.raw(null);
  let amount: number | null = $state(null);
  let typed: Record<string, string> = $state({});

  const isPast = ({ keepsUntil }: Lot) => keepsUntil !== null && keepsUntil < data.now;
  const keyOf = ({ slab, kind, lot, unit }: Lot) => `${slab} ${kind} ${lot} ${unit}`;
  const total = $derived(
    data.lots.reduce((sum, { held, unit }) => sum + (unit === 'piece' ? Math.max(0, held) : 0), 0),
  );
  const past = $derived(data.lots.filter((lot) => isPast(lot) && lot.held > 0));

  function begin(lot: Lot, why: Why) {
    open = { lot, why };
    amount = why === 'returned' ? null : lot.held;
    typed = {};
  }
  async function save() {
    if (!open || amount === null || Object.keys(typed).length > 0) return;
    const { lot, why } = open;
    const of = { slab: lot.slab, ...(lot.kind ? { kind: lot.kind } : {}) };
    const change = why === 'waste' ? -amount : amount;
    await outbox.add([
      newEntry({ of, lot: lot.lot, unit: lot.unit, why, ...(why === 'count' ? { counted: amount } : { change }) }),
    ]);
    open = null;
  }
</script>

<svelte:head><title>Pieces in stock - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Pieces in stock</h1></div>
  <StockNav />
  <OutboxNotice {outbox} />
  {#if data.lots.length === 0}
    <div class="panel">
      <EmptyState title="No pieces in stock">
        <p>Finish a run at the bench: its pieces are listed here with their lot and the date until which they keep.</p>
        <Button size="small" kind="tertiary" href="/today">Go to Today</Button>
      </EmptyState>
    </div>
  {:else}
    <p>
      {total} pieces. Orders get the oldest lots that keep until they are due.
      {#if past.length > 0}<b class="harm"
          >{past.length === 1 ? 'One lot is' : `${past.length} lots are`} past the date and not used for orders.</b
        >{/if}
    </p>
    <div class="scroll">
      <Table size="compact" class="table">
        <thead>
          <tr>
            <th>Slab</th><th>Lot</th><th>Place</th><th class="num">In stock</th><th class="num">For open orders</th><th
              >Keeps until</th
            >
            <th><span class="unseen">Change</span></th>
          </tr>
        </thead>
        <tbody>
          {#each data.lots as lot (keyOf(lot))}
            <tr>
              <td
                ><b>{lot.name}</b>{#if lot.kind}<span class="quiet">, {lot.kind}</span>{/if}</td
              >
              <td class="figures"
                >{#if lot.lot}<a href="/lots?find={encodeURIComponent(lot.lot)}">{lot.lot}</a>{:else}<span class="quiet"
                    >no lot</span
                  >{/if}</td
              >
              <td>{lot.place ?? '-'}</td>
              <td class="num"
                >{lot.held}{lot.unit === 'g' ? ' g' : ''}{#if lot.held < 0}<span class="harm"
                    >, more handed over than made</span
                  >{/if}</td
              >
              <td class="num">{lot.promised > 0 ? lot.promised : '-'}</td>
              <td class="figures"
                >{#if lot.keepsUntil}{dates.dayOf(Date.parse(lot.keepsUntil))}{#if isPast(lot)}<b class="harm">, past</b
                    >{/if}{:else}-{/if}</td
              >
              <td class="acts">
                {#if open && keyOf(open.lot) === keyOf(lot)}
                  <form
                    onsubmit={(event) => {
                      event.preventDefault();
                      void save();
                    }}
                  >
                    <NumberField
                      label="{WHY[open.why]}, {lot.unit === 'g' ? 'g' : 'pieces'}"
                      value={amount}
                      limits={{ min: 0, max: 1e6, whole: lot.unit === 'piece' }}
                      name="amount"
                      {typed}
                      onvalue={(value) => (amount = value)}
                    />
                    <Button size="small" type="submit">Save</Button>
                    <Button size="small" kind="ghost" on:click={() => (open = null)}>Cancel</Button>
                  </form>
                {:else}
                  {#each Object.entries(WHY) as [why, name] (why)}
                    <Button size="small" kind="ghost" on:click={() => begin(lot, why as Why)}
                      >{name}<span class="unseen"> {lot.name} {lot.lot}</span></Button
                    >
                  {/each}
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
    <p class="quiet">
      Dates follow from the keeping days of each slab. Use your own judgement and your local food law: when in doubt,
      throw it out.
    </p>
  {/if}
</div>

<style>
  .scroll {
    overflow-x: auto;
    position: relative;
  }

  .acts {
    white-space: nowrap;
  }

  form {
    display: flex;
    gap: 0.4rem;
    align-items: end;
  }

  .harm {
    color: var(--harm);
  }
</style>

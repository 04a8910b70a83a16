<!-- What to use first: lots that go off soon and mixtures that were left over, with the slabs that use them. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { newEntry } from '$lib/stock/newEntry';
  import { StockOutbox } from '$lib/stock/outbox.svelte';
  import OutboxNotice from '$lib/stock/OutboxNotice.svelte';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const outbox = new StockOutbox(() => void invalidateAll());
  onMount(() => outbox.start());

  async function throwAway({ ingredient, lot, heldG }: (typeof data.lots)[number]) {
    if (!(await confirmation.ask(`Throw away ${figures.mass.say(heldG)} of ${ingredient}?`, 'Throw away'))) return;
    await outbox.add([newEntry({ of: { ingredient }, lot, unit: 'g', why: 'waste', change: -heldG })]);
  }
  type Use = (typeof data.lots)[number]['uses'][number];
</script>

<svelte:head><title>Use first - Knife Tray</title></svelte:head>

{#snippet usedIn(uses: readonly Use[])}
  {#each uses as { slab, name, needG } (slab)}
    <p>
      <a href="/slabs/{slab}/build">{name}</a><span class="quiet figures"
        >{needG === null ? '' : `, needs ${figures.mass.say(needG)}`}</span
      >
    </p>
  {:else}<span class="quiet">no slab uses it</span>{/each}
{/snippet}

<div class="page">
  <div class="page-head"><h1>Use first</h1></div>
  <StockNav />
  <OutboxNotice {outbox} />
  {#if data.isBusy}
    <Notice harm><p>The server is busy. Reload this page in a few seconds.</p></Notice>
  {:else if data.lots.length + data.leftOver.length === 0}
    <div class="panel">
      <EmptyState title="Nothing to use up">
        <p>Lots that go off within ten days and mixtures that were left over at the bench are listed here.</p>
      </EmptyState>
    </div>
  {/if}
  {#if data.lots.length > 0}
    <section aria-labelledby="lots">
      <h2 id="lots">Ingredients near their best-before date</h2>
      <Table size="compact" class="table">
        <thead>
          <tr
            ><th>Best before</th><th>Ingredient</th><th>Lot</th><th class="num">In stock</th><th>Used in</th><th
              ><span class="unseen">Throw away</span></th
            ></tr
          >
        </thead>
        <tbody>
          {#each data.lots as own (`${own.ingredient} ${own.lot}`)}
            {@const { ingredient, lot, heldG, keepsUntil, uses } = own}
            <tr>
              <td class="figures"
                >{dates.dayOf(Date.parse(keepsUntil))}{#if keepsUntil < data.now}<b class="harm">, past</b>{/if}</td
              >
              <td><b>{ingredient}</b></td><td class="figures">{lot || '-'}</td>
              <td class="num">{figures.mass.say(heldG)}</td>
              <td>{@render usedIn(uses)}</td>
              <td
                ><Button size="small" kind="ghost" on:click={() => void throwAway(own)}
                  >Throw away<span class="unseen"> {ingredient} {lot}</span></Button
                ></td
              >
            </tr>
          {/each}
        </tbody>
      </Table>
    </section>
  {/if}
  {#if data.leftOver.length > 0}
    <section aria-labelledby="left">
      <h2 id="left">Mixtures left over from runs</h2>
      <Table size="compact" class="table">
        <thead>
          <tr><th>Left over on</th><th>Mixture</th><th>From</th><th class="num">Amount</th><th>Used in</th></tr>
        </thead>
        <tbody>
          {#each data.leftOver as { run, slab, mixture, massG, at, uses } (`${run} ${mixture} ${at}`)}
            <tr>
              <td class="figures">{dates.dayOf(Date.parse(at))}</td>
              <td><b>{mixture}</b></td><td><a href="/runs/{run}/result">{slab}</a></td>
              <td class="num">{figures.mass.say(massG)}</td>
              <td>{@render usedIn(uses)}</td>
            </tr>
          {/each}
        </tbody>
      </Table>
      <p class="quiet">
        Use left-over mixtures only if they were covered and kept cold, and look and smell right. Their allergens go
        into the new slab too. When in doubt, throw them out.
      </p>
    </section>
  {/if}
</div>

<style>
  section {
    margin-bottom: 1.2rem;
    overflow-x: auto;
    position: relative;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
    margin-bottom: 0.4rem;
  }

  .harm {
    color: var(--harm);
  }
</style>

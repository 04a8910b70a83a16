<!-- Tracing lots: where a lot of an ingredient went, and what went into a batch. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { shopDates } from '$lib/format/shopDates';
  import ListFind from '$lib/ui/ListFind.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
  const at = (moment: string) => dates.moment(Date.parse(moment));
</script>

<svelte:head><title>Lots - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Lots</h1></div>
  <StockNav />
  <ListFind path="/lots" label="Lot number of an ingredient or a label" sought={data.lot} />
  {#if data.lot !== '' && data.into.length + data.own.length === 0}
    <div class="panel">
      <EmptyState title="Lot not found">
        <p>No run used lot {data.lot}, and no run has this lot number. Enter lot numbers exactly as on the pack.</p>
      </EmptyState>
    </div>
  {/if}
  {#if data.into.length > 0}
    <section class="panel" aria-labelledby="into">
      <h2 id="into">{data.lot} went into {data.into.length === 1 ? 'one run' : `${data.into.length} runs`}</h2>
      <p class="quiet">
        Everything sold under these lots contains it. For a recall, follow the instructions of your food authority.
      </p>
      <Table size="compact" class="table">
        <thead><tr><th>Run lot</th><th>Slab</th><th>Made</th></tr></thead>
        <tbody>
          {#each data.into as { id, lot, name, begunAt } (id)}
            <tr>
              <td class="figures"><a href="/runs/{id}/result">{lot}</a></td><td>{name}</td>
              <td class="figures">{at(begunAt)}</td>
            </tr>
          {/each}
        </tbody>
      </Table>
    </section>
  {/if}
  {#each data.own as { id, name, lot, begunAt } (id)}
    <section class="panel" aria-labelledby="own-{id}">
      <h2 id="own-{id}">Ingredients of {lot}</h2>
      <p><a href="/runs/{id}/result">{name}</a>, <span class="figures">{at(begunAt)}</span></p>
      <Table size="compact" class="table">
        <thead><tr><th>Ingredient</th><th>Ingredient lot</th></tr></thead>
        <tbody>
          {#each data.madeOf.find((made) => made.id === id)?.lines ?? [] as { ingredient, lot: its } (ingredient)}
            <tr>
              <td>{ingredient}</td>
              <td class="figures"
                >{#if its}<a href="/lots?find={encodeURIComponent(its)}">{its}</a>{:else}<span class="quiet"
                    >not recorded</span
                  >{/if}</td
              >
            </tr>
          {/each}
        </tbody>
      </Table>
    </section>
  {/each}
  {#if data.lot === ''}
    <section class="panel" aria-label="Lots last used">
      <Table size="compact" class="table">
        <thead><tr><th>Lot</th><th>Ingredient</th><th class="num">Runs</th><th>Last used</th></tr></thead>
        <tbody>
          {#each data.lots as { ingredient, lot, runs, lastAt } (`${ingredient} ${lot}`)}
            <tr>
              <td class="figures"><a href="/lots?find={encodeURIComponent(lot)}">{lot}</a></td><td>{ingredient}</td>
              <td class="num">{runs}</td><td class="figures">{at(lastAt)}</td>
            </tr>
          {:else}
            <tr><td colspan="4" class="quiet">No lots yet. Enter lot numbers at the bench while weighing.</td></tr>
          {/each}
        </tbody>
      </Table>
    </section>
  {/if}
</div>

<style>
  .panel {
    padding: 0.7rem 0.9rem;
    margin-top: 0.8rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }
</style>

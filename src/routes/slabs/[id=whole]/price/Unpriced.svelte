<!-- Ingredients without a price, to be entered here. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import PackPrice from './PackPrice.svelte';

  const figures = $derived(shopFigures());
  const work = slabWork();
  const missing = $derived(work.plan.cost.byIngredient.filter(({ cost }) => cost === null));
</script>

{#if missing.length > 0}
  <section class="panel" aria-label="Ingredients without a price">
    <Table size="compact" class="table">
      <thead><tr><th>No price yet</th><th class="num">Used, {figures.mass.unit}</th><th>Price of a pack</th></tr></thead
      >
      <tbody>
        {#each missing as { name, massG } (name)}
          {@const stored = work.shelf.stored(name)}
          <tr>
            <td>{name}</td>
            <td class="num">{figures.mass.figure(massG)}</td>
            <td
              >{#if stored}<PackPrice ingredient={stored} />{:else}not in the larder{/if}</td
            >
          </tr>
        {/each}
      </tbody>
    </Table>
  </section>
{/if}

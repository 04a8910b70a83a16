<!-- Cost per piece of larger batches, in which some work is shared. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { MoneyRun } from '$core/usecases';
  import { formatDuration } from '$lib/format/figures';

  interface Props {
    runs: readonly MoneyRun[];
    show: (coins: number) => string;
  }
  let { runs, show }: Props = $props();
  const [first] = $derived(runs);
  const last = $derived(runs.at(-1));
</script>

{#if !first || !last || runs.length < 2}
  <p class="quiet">
    The batch size is set by an order, your stock or a factor. To compare batch sizes, choose another way to scale in
    Size.
  </p>
{:else}
  <p class="figures">
    A piece costs {show(last.costEach)} when you make {last.slabs} slabs at once, and {show(first.costEach)} when you make
    one. Ingredients are weighed out once. Each tin is still filled and cut separately.
  </p>
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Slabs</th><th class="num">Pieces</th><th class="num">Labour</th><th class="num">Batch cost</th><th
          class="num">Cost per piece</th
        ><th class="num">Profit per labour hour</th></tr
      ></thead
    >
    <tbody>
      {#each runs as { slabs, pieces, handsMinutes, total, costEach, marginPerHour } (slabs)}
        <tr>
          <td>{slabs === 1 ? 'one slab' : `${slabs} slabs`}</td>
          <td class="num">{pieces}</td>
          <td class="num">{handsMinutes === null ? '-' : formatDuration(handsMinutes)}</td>
          <td class="num">{show(total)}</td>
          <td class="num">{show(costEach)}</td>
          <td class="num">{marginPerHour === null ? '-' : show(marginPerHour)}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
{/if}

<style>
  p {
    font-size: 0.92rem;
    margin-bottom: 0.4rem;
  }
</style>

<!-- The same slab once, twice and more at once: some work is done once for all of them. -->
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
  <p class="quiet">An order, your stock or a factor sets how much is made. Remove that in Size to compare.</p>
{:else}
  <p class="figures">
    Making {last.slabs} at once, a piece costs {show(last.costEach)}, and {show(first.costEach)} made singly: things are weighed
    out once, and every tin is laid and cut for itself.
  </p>
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Slabs</th><th class="num">Pieces</th><th class="num">Labour</th><th class="num">Batch cost</th><th
          class="num">A piece</th
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

<!-- Other grids by earnings at today's price per gram. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import type { MoneyCut } from '$core/usecases';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';

  interface Props {
    cuts: readonly MoneyCut[];
    show: (coins: number) => string;
  }
  let { cuts, show }: Props = $props();

  const work = slabWork();
  const figures = $derived(shopFigures());
  const MOST = 7;
  const isNow = ({ columns, rows }: MoneyCut) =>
    work.draft.slab.cut?.columns === columns && work.draft.slab.cut.rows === rows;
  const now = $derived(cuts.find(isNow));
  const shown = $derived.by(() => {
    const top = cuts.slice(0, MOST);
    return now && !top.includes(now) ? [...top.slice(0, MOST - 1), now] : top;
  });
  const best = $derived(cuts[0]);

  function take({ columns, rows }: MoneyCut) {
    const { slab } = work.draft;
    work.draft.change({ ...slab, cut: { ...slab.cut, columns, rows } }, 'cut by money');
  }
</script>

{#if !now}
  <p class="quiet">Cuts can be compared for an even grid of one piece type without an order.</p>
{:else}
  <p class="figures">
    {#if best && best !== now && best.more > 0}
      <b>{best.columns} x {best.rows}</b> earns {show(best.more)} more than {now.columns} x {now.rows} at today's price per
      gram.
    {:else}
      {now.columns} x {now.rows} earns the most of all similar cuts at today's price per gram.
    {/if}
  </p>
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Cut</th><th class="num">Pieces</th><th class="num">Piece weight</th><th class="num">Price</th><th
          class="num">Profit per batch</th
        ><th class="num">Per labour hour</th><th><span class="unseen">Choose</span></th></tr
      ></thead
    >
    <tbody>
      {#each shown as cut (`${cut.columns} ${cut.rows}`)}
        <tr class:now={isNow(cut)}>
          <td>{cut.columns} x {cut.rows}</td>
          <td class="num">{cut.pieces}</td>
          <td class="num">{figures.mass.say(cut.massG)}</td>
          <td class="num">{show(cut.price)}</td>
          <td class="num">{show(cut.margin)}</td>
          <td class="num">{cut.perHour === null ? '-' : show(cut.perHour)}</td>
          <td class="num">
            {#if isNow(cut)}<span class="quiet">current</span>{:else}
              <Button size="small" kind="ghost" on:click={() => take(cut)}
                >Use this cut<span class="unseen"> {cut.columns} by {cut.rows}</span></Button
              >{/if}
          </td>
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

  .now td {
    font-weight: 650;
  }
</style>

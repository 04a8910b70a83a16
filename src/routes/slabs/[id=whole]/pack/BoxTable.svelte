<!-- The shop's boxes for the batch, the one with the least waste first. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import type { BoxAnswer } from '$core/pack';
  import { percent } from '$lib/format/figures';
  import { money } from '$lib/format/money';

  interface Props {
    answers: readonly BoxAnswer[];
    /** Names of boxes that the piece does not fit into. */
    tooSmall: readonly string[];
    chosen: string;
    currency: string;
    ontake: (box: string) => void;
  }
  let { answers, tooSmall, chosen, currency, ontake }: Props = $props();
</script>

<section class="panel" aria-label="Boxes">
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Box</th><th class="num">Per box</th><th class="num">Boxes</th><th class="num">Full</th><th class="num"
          >Cost</th
        ><th><span class="unseen">Choose</span></th></tr
      ></thead
    >
    <tbody>
      {#each answers as { box, perBox, boxes, fill, cost } (box)}
        <tr>
          <td>{box}</td>
          <td class="num">{perBox}</td>
          <td class="num">{boxes}</td>
          <td class="num">{percent(fill)}</td>
          <td class="num">{money(cost, currency)}</td>
          <td class="num">
            {#if box === chosen}<span class="quiet taken">chosen</span>{:else}
              <Button size="small" kind="ghost" on:click={() => ontake(box)}
                >Choose<span class="unseen">: {box}</span></Button
              >{/if}
          </td>
        </tr>
      {/each}
      {#each tooSmall as name (name)}
        <tr><td>{name}</td><td colspan="5" class="quiet">too small or too low for a piece</td></tr>
      {/each}
    </tbody>
  </Table>
</section>

<style>
  /** As high as the rows beside it. */
  .taken {
    display: inline-grid;
    align-items: center;
    min-height: 32px;
  }
</style>

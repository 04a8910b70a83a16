<!-- Current amounts of each mixture, weighed and measured, and its vessel. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { slabWork } from '$lib/draft/slabContext';
  import { expandDividedLines } from '$core/slab';
  import { shopFigures } from '$lib/format/shopFigures';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const slab = $derived(expandDividedLines(work.draft.slab));
  const now = $derived(work.plan);
</script>

<h2>Ingredients</h2>
<Table size="compact" class="table lines">
  <thead>
    <tr
      ><th>Ingredient</th><th class="num">Base recipe</th><th class="num">Now, {figures.mass.unit}</th><th class="num"
        >Measure</th
      ></tr
    >
  </thead>
  {#each slab.preparations as preparation, p (preparation.id)}
    {@const planned = now.preparations[p]!}
    <tbody>
      <tr class="group">
        <th scope="rowgroup" colspan="2">{preparation.name}</th>
        <td class="num" colspan="2"
          >{planned.scaleFactor.toFixed(2)} x{#if planned.batches > 1}, in {planned.batches} equal boils{/if}<span
            class="quiet">, {planned.vessel.kind} of {figures.volume.say(planned.vessel.volumeMl)}</span
          ></td
        >
      </tr>
      {#each preparation.lines as line, l (l)}
        {@const amount = planned.lines[l]!}
        {#if line.quantity > 0}
          <tr>
            <td
              >{line.ingredient}{#if line.state}<span class="quiet">, {line.state}</span>{/if}{#if line.part}<span
                  class="quiet">{`, ${(line.part.share * 100).toFixed(0)} % of it`}</span
                >{/if}</td
            >
            <td class="num quiet">{amount.asWritten}</td>
            <td class="num"><b>{amount.massG === null ? 'no weight' : figures.mass.figure(amount.massG)}</b></td>
            <td class="num">
              {amount.measured}{#if Math.abs(amount.measuredError) >= 0.01}<span class="off">
                  ({amount.measuredError > 0 ? '+' : '-'}{Math.abs(amount.measuredError * 100).toFixed(0)} %)</span
                >{/if}
            </td>
          </tr>
        {/if}
      {/each}
    </tbody>
  {/each}
</Table>

<style>
  h2 {
    margin: 0.8rem 0 0.4rem;
  }

  .group th,
  .group td {
    border-bottom: 1px solid var(--rule-strong);
    padding-top: 0.6rem;
    color: var(--ink);
    font-weight: 650;
  }

  .group .quiet {
    font-weight: 400;
    color: var(--quiet);
  }

  .off {
    color: var(--hot);
  }
</style>

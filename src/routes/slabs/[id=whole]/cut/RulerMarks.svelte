<!-- Ruler marks of each cut, from two edges of the maker's choice. -->
<script lang="ts">
  import { Select, SelectItem, Table } from 'carbon-components-svelte';
  import { marksFromFarEdge } from '$core/cut';
  import { inInches, METRIC } from '$core/measure';
  import { outlineAt } from '$core/tin';
  import type { PlannedSlab } from '$core/usecases';

  let { planned, kerfMm }: { planned: PlannedSlab; kerfMm: number } = $props();

  const EDGES = { length: ['left', 'right'], width: ['front', 'back'] } as const;
  let from = $state<Record<keyof typeof EDGES, string>>({ length: 'left', width: 'front' });
  const outline = $derived(outlineAt(planned.tin, planned.slab.heightMm / 2));
  const sides = $derived(
    (['length', 'width'] as const).map((side) => {
      const marks = planned.cut.marksMm[side];
      const insideMm = side === 'length' ? outline.lengthMm : outline.widthMm;
      const [near] = EDGES[side];
      return { side, marks: from[side] === near ? marks : marksFromFarEdge(marks, insideMm, kerfMm) };
    }),
  );
</script>

<div class="marks">
  {#each sides as { side, marks } (side)}
    <div>
      <Select size="sm" labelText="Measure from the" bind:selected={from[side]}>
        {#each EDGES[side] as edge (edge)}<SelectItem value={edge} text="{edge} edge" />{/each}
      </Select>
      <Table size="compact" class="table">
        <thead><tr><th>Cut</th><th class="num">mm</th><th class="num">inches</th></tr></thead>
        <tbody>
          {#each marks as at, i (i)}
            <tr><td>{i + 1}</td><td class="num">{METRIC.length.figure(at)}</td><td class="num">{inInches(at)}</td></tr>
          {:else}
            <tr><td colspan="3">No cuts in this direction</td></tr>
          {/each}
        </tbody>
      </Table>
    </div>
  {/each}
</div>
<p class="quiet">
  All marks are measured from one edge, so that small errors do not add up. The cut starts at the mark, and the kerf
  lies beyond it.
</p>

<style>
  .marks {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem;
    align-items: start;
  }

  p {
    font-size: 0.88rem;
    margin-top: 0.4rem;
  }
</style>

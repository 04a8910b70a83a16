<!-- Cutting order, and templates to print or send to a machine. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { cuttingMinutes, gridOf, isOnLines, layOut, strokeOrder, type MinutesRange } from '$core/cut';
  import type { CutSpec } from '$core/slab';
  import { formatDuration } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';

  import Halving from './Halving.svelte';

  let { cut }: { cut: CutSpec } = $props();

  const work = slabWork();
  const slab = $derived(work.plan.slabs[0]!);
  const grid = $derived(isOnLines(cut) && !cut.linesMm ? gridOf(slab.tin, slab.slab.heightMm, cut) : null);
  const layout = $derived(layOut(slab.tin, slab.slab.heightMm, cut));
  const order = $derived(layout && strokeOrder(layout));
  const WORDS = {
    along: 'from left to right, starting at the front',
    across: 'from front to back, starting at the left',
    slanted: 'diagonally, from the left',
    'from the middle': 'through the middle, round the slab',
  } as const;
  const stretches = $derived(
    [...new Set(order?.strokes.map(({ set }) => set) ?? [])].map((set) => ({
      words: WORDS[set],
      count: order!.strokes.filter((stroke) => stroke.set === set).length,
    })),
  );
  const minutes = $derived(
    cuttingMinutes(
      layout,
      cut,
      slab.cut.pieces.reduce((sum, { count }) => sum + count, 0),
    ),
  );
  const range = ([quick, usual, slow]: MinutesRange) =>
    `${formatDuration(usual)} a slab, ${formatDuration(quick)} to ${formatDuration(slow)}`;
  const address = (format: string) => `/api/slabs/${work.draft.id}/template.${format}`;
</script>

{#if grid}
  <Halving side={grid.length} name="along the length" />
  <Halving side={grid.width} name="along the width" />
{/if}
{#if order}
  <ol>
    {#each stretches as { words, count } (words)}<li><b>{count}</b> {words}</li>{/each}
  </ol>
  <p class="quiet">
    {order.strokes.length} strokes. {order.turns === 0
      ? 'The board stays as it is'
      : order.turns === 1
        ? 'Turn the board once'
        : `Turn the board ${order.turns} times`}. Wipe the blade after each stroke. Lift out a corner piece first, never
    one from the middle.
  </p>
  <p class="figures">
    {#if minutes.scoring}Scoring takes about {range(minutes.scoring)}, snapping {range(minutes.cutting)}.{:else}Takes
      about {range(minutes.cutting)}, with lifting and separating the pieces.{/if}
  </p>
  <p class="quiet">Full-size templates of the saved version. Print at 100 % and check the square with a ruler.</p>
  <p class="row">
    <Button size="small" kind="tertiary" download href={address('pdf?paper=a4')}>A4 paper</Button>
    <Button size="small" kind="tertiary" download href={address('pdf?paper=letter')}>Letter paper</Button>
    <Button size="small" kind="ghost" download href={address('svg')}>SVG</Button>
    <Button size="small" kind="ghost" download href={address('dxf')}>DXF</Button>
  </p>
{:else}
  <p class="quiet">This slab is not cut along lines.</p>
{/if}

<style>
  li {
    list-style: decimal;
    margin-left: 1.2rem;
  }

  p {
    margin-top: 0.4rem;
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
</style>

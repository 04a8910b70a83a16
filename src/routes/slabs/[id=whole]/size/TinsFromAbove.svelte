<!-- The chosen tins from above at one scale, with the outline of the base recipe's tin dashed. -->
<script lang="ts">
  import { asTin, outlineAt, withoutOutline, type AnyTin, type TinCount } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';

  let { tins, written }: { tins: readonly TinCount[]; written: AnyTin } = $props();
  const figures = $derived(shopFigures());

  const MOST = 6;
  const GAP_MM = 18;
  let widthPx = $state(340);
  let heightPx = $state(220);
  const all = $derived(tins.flatMap(({ tin, count }) => Array.from({ length: Math.min(count, MOST) }, () => tin)));
  const shown = $derived(all.slice(0, MOST));
  const more = $derived(tins.reduce((sum, { count }) => sum + count, 0) - shown.length);
  const rimOf = (any: AnyTin) => {
    const tin = asTin(withoutOutline(any));
    return { rim: outlineAt(tin, tin.depthMm), base: outlineAt(tin, 0) };
  };
  const outlines = $derived(shown.map(rimOf));
  const dashed = $derived(rimOf(written).rim);

  /** Number of columns that makes them largest. */
  const layout = $derived.by(() => {
    const wide = Math.max(dashed.lengthMm, ...outlines.map(({ rim }) => rim.lengthMm)) + GAP_MM;
    const tall = Math.max(dashed.widthMm, ...outlines.map(({ rim }) => rim.widthMm)) + GAP_MM;
    const ways = outlines.map((_, i) => {
      const columns = i + 1;
      const rows = Math.ceil(outlines.length / columns);
      return { columns, rows, px: Math.min(widthPx / (columns * wide), heightPx / (rows * tall)) };
    });
    const best = ways.reduce((a, b) => (b.px > a.px ? b : a));
    return { ...best, wide, tall };
  });
  const centre = (i: number) => {
    const { columns, rows, wide, tall, px } = layout;
    const left = (widthPx - columns * wide * px) / 2;
    const top = (heightPx - rows * tall * px) / 2;
    return { x: left + ((i % columns) + 0.5) * wide * px, y: top + (Math.floor(i / columns) + 0.5) * tall * px };
  };
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={widthPx} height={heightPx} role="img" aria-label="The tins from above, to scale">
    {#each outlines as outline, i (i)}
      {@const { x, y } = centre(i)}
      {#each [outline.rim, outline.base] as { lengthMm, widthMm, cornerMm }, j (j)}
        <rect
          x={x - (lengthMm * layout.px) / 2}
          y={y - (widthMm * layout.px) / 2}
          width={lengthMm * layout.px}
          height={widthMm * layout.px}
          rx={cornerMm * layout.px}
          class:base={j === 1}
        />
      {/each}
      <text {x} y={y + 4}>{figures.size(outline.rim.lengthMm, outline.rim.widthMm)}</text>
    {/each}
    {#if outlines.length > 0}
      {@const { x, y } = centre(0)}
      <rect
        class="written"
        x={x - (dashed.lengthMm * layout.px) / 2}
        y={y - (dashed.widthMm * layout.px) / 2}
        width={dashed.lengthMm * layout.px}
        height={dashed.widthMm * layout.px}
        rx={dashed.cornerMm * layout.px}
      />
    {/if}
    {#if more > 0}<text x={widthPx - 4} y={heightPx - 6} class="more">and {more} more</text>{/if}
  </svg>
</figure>

<style>
  figure {
    position: relative;
    min-height: 0;
    overflow: hidden;
  }

  svg {
    position: absolute;
    inset: 0;
  }

  rect {
    fill: var(--sunk);
    stroke: var(--steel);
    stroke-width: 3;
  }

  .base {
    stroke-width: 1;
    stroke-opacity: 0.6;
  }

  .written {
    fill: none;
    stroke: var(--primary);
    stroke-width: 1.5;
    stroke-dasharray: 6 4;
  }

  text {
    font-size: 13px;
    fill: var(--quiet);
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }

  .more {
    text-anchor: end;
  }
</style>

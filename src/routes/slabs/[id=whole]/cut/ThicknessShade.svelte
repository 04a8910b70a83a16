<!-- Thickness of the slab as shade: darker is thicker. -->
<script lang="ts">
  import { thicknessAt, type Point, type Surface } from '$core/cut';
  import type { View } from './view';

  let { view, surface }: { view: View; surface: Surface } = $props();

  const STEPS = 16;
  /** Minimum difference to show, mm. */
  const LEVEL_MM = 0.05;
  const cells = $derived.by(() => {
    const { lengthMm, widthMm } = view.outline;
    const all = Array.from({ length: STEPS * STEPS }, (_, i) => {
      const [c, r] = [i % STEPS, Math.floor(i / STEPS)];
      const at: Point = [((c + 0.5) / STEPS - 0.5) * lengthMm, ((r + 0.5) / STEPS - 0.5) * widthMm];
      return {
        fromLeftMm: (c * lengthMm) / STEPS,
        toBackMm: ((r + 1) * widthMm) / STEPS,
        mm: thicknessAt(surface, at),
      };
    });
    const [low, high] = [Math.min(...all.map(({ mm }) => mm)), Math.max(...all.map(({ mm }) => mm))];
    return all.map((cell) => ({ ...cell, share: high - low < LEVEL_MM ? 0 : (cell.mm - low) / (high - low) }));
  });
</script>

{#each cells as { fromLeftMm, toBackMm, share }, i (i)}
  <rect
    x={view.x(fromLeftMm)}
    y={view.y(toBackMm)}
    width={view.lengthPx / STEPS + 0.5}
    height={view.widthPx / STEPS + 0.5}
    style:opacity={share * 0.75}
  />
{/each}

<style>
  rect {
    fill: var(--primary-deep);
  }
</style>

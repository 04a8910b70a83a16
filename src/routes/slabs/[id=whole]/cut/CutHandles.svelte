<!-- Handles of straight cuts and trims: dragged by pointer or finger, or moved by arrow keys. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { CutLine, Grid } from '$core/cut';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { View } from './view';

  interface Props {
    view: View;
    grid: Grid;
    onmove: (line: CutLine, toMm: number, insideMm: number) => void;
    /** Locked lines. */
    locked?: ((line: CutLine) => boolean) | undefined;
  }
  let { view, grid, onmove, locked }: Props = $props();

  const figures = $derived(shopFigures());

  interface Handle {
    line: CutLine;
    atMm: number;
    name: string;
  }
  const handles = $derived(
    (['length', 'width'] as const).flatMap((side): Handle[] => {
      const { spans, insideMm } = grid[side];
      const [near, far] = side === 'length' ? ['left', 'right'] : ['front', 'back'];
      const kind = side === 'length' ? 'column' : 'row';
      return [
        { line: { side, end: 'start' } as const, atMm: spans[0]![0], name: `Trim ${near}` },
        ...spans.slice(0, -1).map(([, to], i) => ({
          line: { side, after: i + 1 } as const,
          atMm: to,
          name: `Cut after ${kind} ${i + 1}`,
        })),
        { line: { side, end: 'end' } as const, atMm: Math.min(insideMm, spans.at(-1)![1]), name: `Trim ${far}` },
      ];
    }),
  );
  const inside = (side: CutLine['side']) => (side === 'length' ? view.outline.lengthMm : view.outline.widthMm);

  function nudge(event: KeyboardEvent, { line, atMm }: Handle) {
    const [more, less] = line.side === 'length' ? ['ArrowRight', 'ArrowLeft'] : ['ArrowUp', 'ArrowDown'];
    const step = event.key === more ? 1 : event.key === less ? -1 : 0;
    if (step === 0) return;
    event.preventDefault();
    if (locked?.(line)) return;
    onmove(line, atMm + step * (event.shiftKey ? 5 : 1), inside(line.side));
  }

  /** As wide as the pointer needs: 44 px for a finger, where lines are far enough apart. */
  let coarse = $state(false);
  onMount(() => (coarse = matchMedia('(pointer: coarse)').matches));
  const reachPx = $derived.by(() => {
    if (!coarse) return 7;
    const gaps = handles.flatMap(({ line, atMm }, i) => {
      const next = handles[i + 1];
      return next && next.line.side === line.side ? [Math.abs(next.atMm - atMm) * view.px] : [];
    });
    return Math.max(7, Math.min(22, Math.min(...gaps, 44) / 2));
  });

  let held: { line: CutLine; offsetMm: number } | null = null;

  function pointed(event: PointerEvent, side: CutLine['side']): number {
    const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    return side === 'length'
      ? (event.clientX - box.left - view.x(0)) / view.px
      : (view.y(0) - (event.clientY - box.top)) / view.px;
  }

  function grab(event: PointerEvent, { line, atMm }: Handle) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { line, offsetMm: atMm - pointed(event, line.side) };
  }

  function pull(event: PointerEvent) {
    if (!held) return;
    const to = Math.round(pointed(event, held.line.side) + held.offsetMm);
    onmove(held.line, to, inside(held.line.side));
  }
</script>

{#each handles as handle (handle.name)}
  {@const upright = handle.line.side === 'length'}
  <rect
    class:upright
    class:locked={locked?.(handle.line)}
    role="slider"
    tabindex="0"
    aria-label="{handle.name}, {figures.length.unit} from the {upright ? 'left' : 'front'}"
    aria-orientation={upright ? 'horizontal' : 'vertical'}
    aria-valuemin="0"
    aria-valuemax={Math.round(inside(handle.line.side))}
    aria-valuenow={Number(handle.atMm.toFixed(1))}
    x={upright ? view.x(handle.atMm) - reachPx : view.x(0)}
    y={upright ? view.y(view.outline.widthMm) : view.y(handle.atMm) - reachPx}
    width={upright ? 2 * reachPx : view.lengthPx}
    height={upright ? view.widthPx : 2 * reachPx}
    onkeydown={(event) => nudge(event, handle)}
    onpointerdown={(event) => grab(event, handle)}
    onpointermove={pull}
    onpointerup={() => (held = null)}
  />
{/each}

<style>
  rect {
    touch-action: none;
    fill: transparent;
    cursor: ns-resize;
  }

  .upright {
    cursor: ew-resize;
  }

  .locked {
    pointer-events: none;
  }

  rect:hover,
  rect:focus-visible {
    fill: color-mix(in srgb, var(--primary) 25%, transparent);
  }
</style>

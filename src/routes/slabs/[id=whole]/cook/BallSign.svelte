<!-- Drawing of a drop in cold water at each sugar stage. -->
<script lang="ts">
  import type { Stage } from '$core/slab';

  let { stage }: { stage: Stage } = $props();

  const SHAPES: Record<Stage, string> = {
    thread: 'M22 8c6 8 -6 12 0 20s-6 10 2 16',
    'soft ball': 'M8 34c0 -7 10 -10 20 -10s18 4 18 10s-9 7 -19 7s-19 -1 -19 -7z',
    'firm ball': 'M13 30c0 -9 7 -14 14 -14s14 6 14 14s-7 11 -14 11s-14 -3 -14 -11z',
    'hard ball': 'M14 28a13 13 0 1 0 26 0a13 13 0 1 0 -26 0z',
    'soft crack': 'M8 22q18 -6 22 6t16 2l2 5q-16 4 -22 -6t-16 -2z',
    'hard crack': 'M8 18l16 4l-3 8l-15 -5zM28 24l18 6l-4 9l-17 -6z',
    'light caramel': 'M10 30h34v9h-34z',
    'dark caramel': 'M10 26h34v13h-34z',
  };
  const SHADES: Partial<Record<Stage, string>> = { 'light caramel': '#d99f3a', 'dark caramel': '#7a3d12' };
</script>

<svg viewBox="0 0 54 48" width="72" height="64" aria-hidden="true">
  <path class="water" d="M2 14q6 -4 12 0t12 0t12 0t12 0t4 0v33h-52z" />
  <path class="sugar" class:line={stage === 'thread'} style:fill={SHADES[stage]} d={SHAPES[stage]} />
</svg>

<style>
  .water {
    fill: color-mix(in srgb, var(--primary) 16%, var(--panel));
    stroke: var(--primary);
  }

  .sugar {
    fill: var(--smooth);
    stroke: var(--ink);
    stroke-width: 1.2;
  }

  .sugar.line {
    fill: none;
    stroke: var(--smooth);
    stroke-width: 3;
  }
</style>

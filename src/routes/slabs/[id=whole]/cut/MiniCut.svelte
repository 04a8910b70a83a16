<!-- Small drawing of a cut from above. -->
<script lang="ts">
  import { layOut } from '$core/cut';
  import type { CutSpec } from '$core/slab';
  import { outlineAt, type Tin } from '$core/tin';

  let { tin, heightMm, cut }: { tin: Tin; heightMm: number; cut: CutSpec } = $props();

  const outline = $derived(outlineAt(tin, heightMm / 2));
  const layout = $derived(layOut(tin, heightMm, cut));
  const [a, b] = $derived([outline.lengthMm / 2, outline.widthMm / 2]);
  const d = $derived(
    (layout?.strokes ?? []).map(({ from, to }) => `M${from[0]} ${-from[1]}L${to[0]} ${-to[1]}`).join(''),
  );
  const id = $props.id();
</script>

<svg viewBox="{-a} {-b} {2 * a} {2 * b}" aria-hidden="true">
  <clipPath id="mini-{id}"><rect x={-a} y={-b} width={2 * a} height={2 * b} rx={outline.cornerMm} /></clipPath>
  <rect x={-a} y={-b} width={2 * a} height={2 * b} rx={outline.cornerMm} class="slab" />
  <path {d} clip-path="url(#mini-{id})" />
</svg>

<style>
  svg {
    width: 64px;
    height: 46px;
    overflow: visible;
  }

  .slab {
    fill: var(--sunk);
    stroke: var(--steel);
    stroke-width: 1.5px;
    vector-effect: non-scaling-stroke;
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
  }
</style>

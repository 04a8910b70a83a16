<!-- A tin from above at a given scale, so that tins can be compared. -->
<script lang="ts">
  import { asTin, outlineAt, withoutOutline, type AnyTin } from '$core/tin';

  let { tin: any, pxPerMm }: { tin: AnyTin; pxPerMm: number } = $props();

  const tin = $derived(asTin(withoutOutline(any)));

  const rim = $derived(outlineAt(tin, tin.depthMm));
  const base = $derived(outlineAt(tin, 0));
  const width = $derived(rim.lengthMm * pxPerMm + 4);
  const height = $derived(rim.widthMm * pxPerMm + 4);
</script>

<svg {width} {height} viewBox="0 0 {width} {height}" aria-hidden="true">
  {#each [rim, base] as { lengthMm, widthMm, cornerMm }, i (i)}
    <rect
      x={(width - lengthMm * pxPerMm) / 2}
      y={(height - widthMm * pxPerMm) / 2}
      width={lengthMm * pxPerMm}
      height={widthMm * pxPerMm}
      rx={cornerMm * pxPerMm}
      class:base={i === 1}
    />
  {/each}
</svg>

<style>
  rect {
    fill: var(--sunk);
    stroke: var(--steel);
    stroke-width: 2;
  }

  .base {
    stroke-width: 1;
    stroke-opacity: 0.6;
  }
</style>

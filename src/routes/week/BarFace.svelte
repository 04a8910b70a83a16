<!-- The face of a bar: the layers of its slab over its whole length, or as a thumbnail at its start. -->
<script lang="ts">
  import type { Look } from '$core/classify';

  interface Props {
    x: number;
    y: number;
    width: number;
    height: number;
    /** From the top. */
    looks: readonly Look[];
    isFilled: boolean;
  }
  let { x, y, width, height, looks, isFilled }: Props = $props();
  const THUMBNAIL = 6;
  const whole = $derived(isFilled ? width : Math.max(2, width));
  const painted = $derived(isFilled ? whole : Math.min(THUMBNAIL, whole));
  const each = $derived(height / looks.length);
</script>

{#if !isFilled}<rect {x} {y} width={whole} {height} class="body" />{/if}
{#each looks as look, i (i)}
  <rect {x} y={y + i * each} width={painted} height={each} fill="var(--{look})" class:faint={isFilled} />
{/each}
<rect {x} {y} width={whole} {height} class="frame" />

<style>
  .body {
    fill: var(--bar-fill);
  }

  .faint {
    fill-opacity: 0.75;
  }

  .frame {
    fill: none;
    stroke: var(--bar-line);
    stroke-width: var(--bar-line-width);
  }
</style>

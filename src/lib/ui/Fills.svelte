<!-- Textures of cut faces: one tile per kind, repeated, so that layers differ also without colour. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { LOOKS } from '$core/classify';
  import { fillTile, type FillTile } from './fillTiles';

  // The tiles are generated on the device, so that pages stay small.
  let tiles: readonly FillTile[] | null = $state.raw(null);
  onMount(() => (tiles = LOOKS.map(fillTile)));
</script>

<svg class="fills" aria-hidden="true" width="0" height="0">
  <defs>
    {#each LOOKS as look, i (look)}
      {@const tile = tiles?.[i]}
      <pattern id="fill-{look}" width={tile?.size ?? 150} height={tile?.size ?? 150} patternUnits="userSpaceOnUse">
        <g style="--base: var(--{look}); --mark: var(--{look}-mark); --lit: var(--{look}-lit)">
          <rect width="151" height="151" class="base" />
          {#each tile?.marks ?? [] as mark, j (j)}<path class={mark.look} d={mark.d} />{/each}
        </g>
      </pattern>
      <linearGradient id="depth-{look}" x2="0" y2="1">
        <stop offset="0" class="upper {look}" />
        <stop offset="0.45" class="middle {look}" />
        <stop offset="1" class="lower {look}" />
      </linearGradient>
    {/each}
    <pattern id="fill-trim" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0 0v7" stroke="var(--trim-hatch)" stroke-width="1.6" />
    </pattern>
  </defs>
</svg>

<style>
  .fills {
    position: absolute;
  }

  .base {
    fill: var(--base);
  }

  .dark {
    fill: var(--mark);
    stroke: var(--mark);
    stroke-width: 0.3;
  }

  .light {
    fill: var(--lit);
  }

  .hole {
    fill: var(--mark);
    opacity: 0.75;
  }

  .line {
    fill: none;
    stroke: var(--lit);
    stroke-width: 0.9;
    stroke-linecap: round;
    opacity: 0.7;
  }

  .crease {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1;
    stroke-linecap: round;
    opacity: 0.8;
  }

  .ring {
    fill: var(--lit);
    stroke: var(--mark);
    stroke-width: 0.7;
  }

  .piece {
    fill: var(--lit);
    stroke: var(--mark);
    stroke-width: 1.2;
    stroke-linejoin: round;
  }

  .shine {
    fill: #fff;
    opacity: 0.65;
  }

  /** Light from above: a light edge, and shade towards the bottom. */
  .upper {
    stop-color: #fff;
    stop-opacity: 0.08;
  }

  .middle {
    stop-color: #fff;
    stop-opacity: 0;
  }

  .lower {
    stop-color: #000;
    stop-opacity: 0.1;
  }

  /** Clear layers are darkest at their edges. */
  .upper.smooth {
    stop-color: #6b3400;
    stop-opacity: 0.32;
  }

  .middle.smooth {
    stop-color: #ffd089;
    stop-opacity: 0.22;
  }

  .lower.smooth {
    stop-color: #6b3400;
    stop-opacity: 0.36;
  }

  .upper.chocolate,
  .upper.milk-chocolate {
    stop-color: #fff;
    stop-opacity: 0.16;
  }

  .lower.chocolate,
  .lower.milk-chocolate {
    stop-opacity: 0.3;
  }
</style>

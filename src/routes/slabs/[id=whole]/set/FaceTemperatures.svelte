<!-- Cross-section at the selected moment: temperatures within each layer and at its upper face. -->
<script lang="ts">
  import { formatDuration } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { HEAT_COLOURS, heatColour, type Band } from './heat';

  interface Props {
    bands: readonly Band[];
    minute: number;
    /** Position in the drawing, px. */
    left: number;
    right: number;
    top: number;
    tall: number;
  }
  let { bands, minute, left, right, top: topPx, tall }: Props = $props();

  const figures = $derived(shopFigures());
  const wide = $derived((right - left) * 0.27);
  const now = $derived(
    bands.map((band) => {
      const at = Math.min(minute, band.curve.meanC.length - 1);
      return {
        ...band,
        meanC: band.curve.meanC[at]!,
        warmestC: band.curve.warmestC[at]!,
        upperC: band.curve.upperC[at]!,
      };
    }),
  );
</script>

<g transform="translate(0 {topPx})">
  <text x={left} y="2" class="head">At {formatDuration(minute)}</text>
  {#each now as { id, name, top, share, meanC, warmestC, upperC }, i (id)}
    {@const poured = !Number.isNaN(meanC)}
    <rect
      x={left}
      y={12 + top * tall}
      width={wide}
      height={share * tall}
      class="face"
      class:not={!poured}
      style:fill={poured ? heatColour(meanC) : 'transparent'}
    />
    {@const row = 12 + (tall / now.length) * (now.length - 1 - i) + tall / now.length / 2 + 4}
    <path d="M{left + wide + 3} {12 + (top + share / 2) * tall}L{left + wide + 14} {row - 4}" class="tick" />
    <text x={left + wide + 18} y={row} class="moment"
      >{#if poured}{name}, {figures.temperature.say(meanC)}{#if warmestC - meanC > 1}, warmest {figures.temperature.figure(
            warmestC,
          )}{/if}, face {figures.temperature.figure(upperC)}{:else}{name}, not poured yet{/if}</text
    >
  {/each}
  {#each HEAT_COLOURS.slice(1) as [celsius, colour], i (celsius)}
    <rect x={right - 6 * 28 + i * 28} y="-9" width="28" height="11" fill={colour} />
    <text x={right - 6 * 28 + i * 28 + 14} y="15" text-anchor="middle" class="axis"
      >{figures.temperature.figure(celsius)}</text
    >
  {/each}
</g>

<style>
  text {
    font-variant-numeric: tabular-nums;
  }

  .axis {
    font-size: 12px;
    fill: var(--quiet);
  }

  .moment {
    font-size: 13px;
    fill: var(--ink);
  }

  .head {
    font-size: 14px;
    font-weight: 650;
    fill: var(--ink);
  }

  .tick {
    stroke: var(--rule-strong);
    fill: none;
  }

  .face {
    stroke: var(--rule-strong);
    stroke-width: 0.8;
  }

  .face.not {
    stroke-dasharray: 4 3;
  }
</style>

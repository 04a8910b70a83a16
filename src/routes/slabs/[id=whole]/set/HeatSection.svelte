<!-- The section coloured by temperature, at a time that a slider chooses. -->
<script lang="ts">
  import type { LaidLayer } from '../../../../core/scale';
  import type { Setting } from '../../../../core/setting';
  import { formatDuration } from '$lib/figures';

  interface Props {
    setting: Setting;
    layers: readonly LaidLayer[];
    minute: number;
  }
  let { setting, layers, minute = $bindable() }: Props = $props();

  const [COLD_C, HOT_C] = [0, 100];
  const HEIGHT = 110;
  const most = $derived(setting.minutes.length - 1);
  const stack = $derived(
    setting.layers.map((layer) => ({
      ...layer,
      thicknessMm: layers.find(({ id }) => id === layer.id)?.thicknessMm ?? 1,
    })),
  );
  const total = $derived(stack.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0));
  const bars = $derived.by(() => {
    let top = HEIGHT;
    return stack.map(({ id, name, thicknessMm, curve }) => {
      const height = (thicknessMm / total) * HEIGHT;
      top -= height;
      const at = Math.min(minute, curve.meanC.length - 1);
      const meanC = curve.meanC[at] ?? NaN;
      return { id, name, top, height, meanC, warmestC: curve.warmestC[at] ?? NaN };
    });
  });
  /** Blue where it is cold, through pale, to red where it is hot. */
  function tint(celsius: number): string {
    if (Number.isNaN(celsius)) return 'transparent';
    const t = Math.min(1, Math.max(0, (celsius - COLD_C) / (HOT_C - COLD_C)));
    return t < 0.3
      ? `color-mix(in srgb, #2e5a78 ${((0.3 - t) / 0.3) * 100}%, #f3e4c3)`
      : `color-mix(in srgb, #a81c2c ${((t - 0.3) / 0.7) * 100}%, #f3e4c3)`;
  }
</script>

<figure>
  <svg viewBox="0 0 560 {HEIGHT + 6}" aria-hidden="true">
    {#each bars as { id, name, top, height, meanC, warmestC } (id)}
      <rect x="0" y={top} width="330" {height} style:fill={tint(meanC)} class:none={Number.isNaN(meanC)} />
      <text x="340" y={top + height / 2 + 4.5}
        >{Number.isNaN(meanC)
          ? `${name}, not poured yet`
          : `${meanC.toFixed(0)} °C ${name}`}{#if warmestC - meanC > 1}<tspan class="quiet"
            >{` (warmest ${warmestC.toFixed(0)})`}</tspan
          >{/if}</text
      >
    {/each}
  </svg>
  <label
    >After <b class="figures">{formatDuration(minute)}</b>
    <input
      type="range"
      min="0"
      max={most}
      step="1"
      bind:value={minute}
      aria-valuetext={formatDuration(minute)}
    /></label
  >
</figure>

<style>
  figure {
    margin: 0.5rem 0;
    padding: 0.6rem 0.8rem;
    background: var(--panel);
    border: 1px solid var(--rule);
  }

  svg {
    display: block;
    width: 100%;
  }

  rect {
    stroke: var(--ink);
    stroke-opacity: 0.4;
  }

  rect.none {
    stroke-dasharray: 4 3;
  }

  text {
    font-size: 13px;
    fill: var(--ink);
    font-variant-numeric: tabular-nums;
  }

  tspan.quiet {
    fill: var(--quiet);
  }

  label {
    display: grid;
    grid-template-columns: max-content 6rem 1fr;
    gap: 0.5rem;
    align-items: center;
    min-height: 40px;
  }

  input {
    accent-color: var(--primary);
  }
</style>

<!-- Tempering of chocolate: melt, cool to seed, warm to work with; by shade. -->
<script lang="ts">
  import { shadeOf, type ChocolateShade } from '$core/classify';
  import type { Preparation } from '$core/slab';
  import { TEMPER_CURVES } from '$core/sugar';
  import { shopFigures } from '$lib/format/shopFigures';

  let { bowls }: { bowls: readonly Preparation[] } = $props();

  const figures = $derived(shopFigures());
  const FILLS: Readonly<Record<ChocolateShade, string>> = {
    dark: 'chocolate',
    milk: 'milk-chocolate',
    white: 'white-chocolate',
  };
  const STEPS = [
    ['melt', 'melt'],
    ['cool', 'cool, stirring'],
    ['work', 'warm to work'],
  ] as const;
  /** Chocolates of one shade share their temperatures. */
  const curves = $derived(
    [...new Set(bowls.map(shadeOf))].map((shade) => ({
      shade,
      curve: TEMPER_CURVES[shade],
      names: bowls.filter((bowl) => shadeOf(bowl) === shade).map(({ name }) => name),
    })),
  );

  const [LOW, HIGH] = [22, 56];
  const PAD = { left: 44, right: 12, top: 30, bottom: 12 };
  let widthPx = $state(640);
  let heightPx = $state(420);
  const tall = $derived(Math.max(60, heightPx - PAD.top - PAD.bottom));
  const y = $derived((celsius: number) => PAD.top + ((HIGH - celsius) / (HIGH - LOW)) * tall);
  const stepPx = $derived((widthPx - PAD.left - PAD.right) / STEPS.length);
  /** Shades stand side by side within each step. */
  const boxPx = $derived((stepPx * 0.82) / Math.max(1, curves.length));
  const x = $derived((step: number, bowl: number) => PAD.left + stepPx * (step + 0.09) + bowl * boxPx);
  const middle = ([from, to]: readonly [number, number]) => (from + to) / 2;
  const path = $derived((at: number) =>
    STEPS.map(
      ([step], i) => `${i === 0 ? 'M' : 'L'}${x(i, at) + boxPx / 2} ${y(middle(curves[at]!.curve[step]))}`,
    ).join(''),
  );
  const said = ([from, to]: readonly [number, number]) =>
    `${figures.temperature.figure(from)}-${figures.temperature.say(to)}`;
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={widthPx} height={heightPx} role="img" aria-label="Tempering, by temperature">
    {#each [25, 30, 35, 40, 45, 50] as celsius (celsius)}
      <path d="M{PAD.left} {y(celsius)}H{widthPx - PAD.right}" class="rule" />
      <text x={PAD.left - 8} y={y(celsius) + 4} class="axis">{figures.temperature.figure(celsius)}</text>
    {/each}
    {#each STEPS as [step, words], i (step)}
      <text x={PAD.left + stepPx * (i + 0.5)} y="18" class="step">{words}</text>
    {/each}
    {#each curves as { shade, curve, names }, at (shade)}
      <path d={path(at)} class="way" />
      {#each STEPS as [step], i (step)}
        {@const [from, to] = curve[step]}
        <rect
          x={x(i, at) + 3}
          y={y(to) - 6}
          width={Math.max(0, boxPx - 6)}
          height={y(from) - y(to) + 12}
          fill="url(#fill-{FILLS[shade]})"
        />
        {#if i === 0 && tall > 180}
          <text x={x(i, at) + boxPx / 2} y={y(to) - 28} class="name">{names.join(', ')}</text>
        {/if}
        <text x={x(i, at) + boxPx / 2} y={y(to) - 12} class="range">{said(curve[step])}</text>
      {/each}
    {/each}
  </svg>
</figure>

<style>
  figure {
    position: relative;
    flex: 1;
    min-height: 0;
    overflow: hidden;
  }

  svg {
    position: absolute;
    inset: 0;
  }

  text {
    font-size: 13px;
    fill: var(--ink);
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }

  .axis {
    font-size: 12px;
    fill: var(--quiet);
    text-anchor: end;
  }

  .step {
    font-size: 14px;
    fill: var(--quiet);
  }

  .range {
    font-weight: 650;
  }

  .rule {
    stroke: var(--rule);
  }

  .way {
    fill: none;
    stroke: var(--rule-strong);
    stroke-width: 2;
    stroke-dasharray: 5 4;
  }
</style>

<!-- The pot over time: sugar stages as bands, the end point as a draggable line, the probe's curve and its forecast. Temperatures
  are at sea level; below 100 °C the scale is compressed. -->
<script lang="ts">
  import { shopFigures } from '$lib/format/shopFigures';
  import { stageAt, STAGE_RANGES } from '$core/sugar';
  import { timeStep } from '../set/heat';
  import type { PotCurve } from './potCurve';

  interface Props {
    celsius: number;
    name: string;
    /** Text of the line: where to stop on the thermometer used. */
    stopAt: string;
    curve: PotCurve | null;
    onvalue: (celsius: number) => void;
  }
  let { celsius, name, stopAt, curve, onvalue }: Props = $props();

  const figures = $derived(shopFigures());
  const [COLD, BOIL, HOT] = [20, 100, 186];
  const [LOW, HIGH] = [104, 182];
  const COLD_SHARE = 0.24;
  /** Figures of the axis, in the displayed unit. */
  const SCALE: Record<string, readonly number[]> = {
    '°C': [20, 60, 100, 110, 120, 130, 140, 150, 160, 170, 180],
    '°F': [70, 140, 212, 230, 250, 270, 290, 310, 330, 350],
  };
  const PAD = { left: 44, right: 12, top: 12, bottom: 26 };
  let widthPx = $state(640);
  let heightPx = $state(420);
  const tall = $derived(Math.max(60, heightPx - PAD.top - PAD.bottom));
  const share = (value: number) =>
    value <= BOIL
      ? (Math.max(0, value - COLD) / (BOIL - COLD)) * COLD_SHARE
      : COLD_SHARE + ((Math.min(HOT, value) - BOIL) / (HOT - BOIL)) * (1 - COLD_SHARE);
  const y = $derived((value: number) => PAD.top + (1 - share(value)) * tall);
  const celsiusAt = (px: number) => {
    const part = 1 - (px - PAD.top) / tall;
    return part <= COLD_SHARE
      ? COLD + (part / COLD_SHARE) * (BOIL - COLD)
      : BOIL + ((part - COLD_SHARE) / (1 - COLD_SHARE)) * (HOT - BOIL);
  };
  const last = $derived(curve?.points.at(-1) ?? null);
  const minutes = $derived(Math.max(20, Math.ceil(((last?.[0] ?? 0) + (curve?.fan?.most ?? 0)) * 1.05)));
  const x = $derived((at: number) => PAD.left + (at / minutes) * (widthPx - PAD.left - PAD.right));
  const path = $derived(
    (curve?.points ?? [])
      .map(([at, value], i) => `${i === 0 ? 'M' : 'L'}${x(at).toFixed(1)} ${y(value).toFixed(1)}`)
      .join(''),
  );
  const step = $derived(timeStep(minutes, 8));
  const ticks = $derived(Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step));
  const now = $derived(stageAt(celsius).stage);
  /** A collapsed drawing names only the current stage. */
  const roomFor = $derived((fromC: number, toC: number) => tall > 180 || y(fromC) - y(toC) > 15);
  /** On a narrow screen without the name of the thermometer. */
  const said = $derived(stopAt.length * 7.6 > widthPx - PAD.left - 40 ? stopAt.replace(/ on .*$/, '') : stopAt);

  /** Rounds to half a degree, or to a whole one of the finer scale. */
  const rounded = (value: number) =>
    figures.temperature.unit === '°C'
      ? Math.round(value * 2) / 2
      : figures.temperature.valueOf(Math.round(Number(figures.temperature.figure(value, 1))));

  let held = false;
  function pull(event: PointerEvent) {
    if (!held) return;
    const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    const to = rounded(celsiusAt(event.clientY - box.top));
    onvalue(Math.min(HIGH, Math.max(LOW, to)));
  }
  const STEPS: Record<string, number> = {
    ArrowUp: 0.5,
    ArrowRight: 0.5,
    ArrowDown: -0.5,
    ArrowLeft: -0.5,
    PageUp: 5,
    PageDown: -5,
  };
  function key(event: KeyboardEvent) {
    const by = STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onvalue(Math.min(HIGH, Math.max(LOW, rounded(celsius + by * (event.shiftKey ? 4 : 1)))));
  }
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={widthPx} height={heightPx} role="group" aria-label="The pot over time">
    {#each STAGE_RANGES as { stage, fromC, toC }, i (stage)}
      <rect
        x={PAD.left}
        y={y(toC)}
        width={Math.max(0, widthPx - PAD.left - PAD.right)}
        height={y(fromC) - y(toC)}
        class="stage"
        class:on={stage === now}
        style:--depth={i / (STAGE_RANGES.length - 1)}
      />
      {#if stage === now || roomFor(fromC, toC)}
        <text x={widthPx - PAD.right - 8} y={(y(fromC) + y(toC)) / 2 + 4} class="name" class:on={stage === now}
          >{stage}</text
        >
      {/if}
    {/each}
    {#each (SCALE[figures.temperature.unit] ?? []).filter((_, i) => tall > 180 || i % 2 === 0) as tick (tick)}
      {@const at = y(figures.temperature.valueOf(tick))}
      <path d="M{PAD.left - 5} {at}h5" class="tick" />
      <text x={PAD.left - 8} y={at + 4} class="axis">{tick}</text>
    {/each}
    {#each ticks as at (at)}
      <path d="M{x(at)} {PAD.top + tall}v5" class="tick" />
      <text x={x(at)} y={PAD.top + tall + 18} class="axis" text-anchor="middle">{at === 0 ? '0 min' : at}</text>
    {/each}
    <path d="M{PAD.left} {PAD.top}V{PAD.top + tall}H{widthPx - PAD.right}" class="frame" />
    {#if curve && last && curve.fan}
      {@const [at, from] = last}
      <path d="M{x(at)} {y(from)}L{x(at + curve.fan.least)} {y(curve.targetC)}H{x(at + curve.fan.most)}Z" class="fan" />
      <path d="M{x(at)} {y(from)}L{x(at + curve.fan.usual)} {y(curve.targetC)}" class="usual" />
    {/if}
    <path d={path} class="probe" />
    {#if last}<circle cx={x(last[0])} cy={y(last[1])} r="5" />{/if}
    <g
      class="end"
      role="slider"
      tabindex="0"
      aria-label="End point of {name}, soft to hard"
      aria-orientation="vertical"
      aria-valuemin={LOW}
      aria-valuemax={HIGH}
      aria-valuenow={celsius}
      aria-valuetext={figures.bothTemperatures(celsius)}
      onkeydown={key}
      onpointerdown={(event) => {
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        held = true;
      }}
      onpointermove={pull}
      onpointerup={() => (held = false)}
      onpointercancel={() => (held = false)}
    >
      <rect
        x={PAD.left}
        y={y(celsius) - 22}
        width={Math.max(0, widthPx - PAD.left - PAD.right)}
        height="44"
        class="reach"
      />
      <path d="M{PAD.left} {y(celsius)}H{widthPx - PAD.right}" />
      <rect
        x={PAD.left + 10}
        y={y(celsius) - 28}
        width={Math.max(120, said.length * 7.6 + 20)}
        height="26"
        class="flag"
      />
      <text x={PAD.left + 20} y={y(celsius) - 10} class="stop">{said}</text>
    </g>
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

  .stage {
    fill: color-mix(in srgb, var(--smooth) calc(10% + 75% * var(--depth)), var(--panel));
    opacity: 0.75;
  }

  .stage.on {
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .name,
  .axis {
    font-size: 12px;
    fill: var(--quiet);
    text-anchor: end;
    font-variant-numeric: tabular-nums;
  }

  .name {
    font-size: 13px;
    fill: var(--ink);
  }

  .name.on {
    font-weight: 650;
  }

  .tick {
    stroke: var(--rule-strong);
  }

  .axis[text-anchor='middle'] {
    text-anchor: middle;
  }

  .frame {
    fill: none;
    stroke: var(--rule-strong);
  }

  .probe {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linejoin: round;
  }

  circle {
    fill: var(--ink);
  }

  .fan {
    fill: var(--primary);
    opacity: 0.25;
  }

  .usual {
    stroke: var(--primary);
    stroke-width: 2;
    stroke-dasharray: 5 4;
  }

  .end {
    cursor: ns-resize;
    touch-action: none;
  }

  .end path {
    stroke: var(--harm);
    stroke-width: 3;
  }

  .reach {
    fill: transparent;
  }

  .flag {
    fill: var(--harm);
  }

  .stop {
    font-size: 15px;
    font-weight: 650;
    fill: var(--panel);
    font-variant-numeric: tabular-nums;
  }

  .end:focus-visible {
    outline: 0;
  }

  .end:focus-visible .flag {
    stroke: var(--ink);
    stroke-width: 3;
  }
</style>

<!-- The stages of boiled sugar on one scale, with the end point on it; pulled or moved by arrow keys from soft to hard. -->
<script lang="ts">
  import { fahrenheitOf, stageAt, STAGE_RANGES } from '../../../../core/sugar';

  let { celsius, onvalue, name }: { celsius: number; onvalue: (celsius: number) => void; name: string } = $props();

  const [LOW, HIGH] = [104, 182];
  const WIDTH = 600;
  const x = (value: number) => ((Math.min(HIGH, Math.max(LOW, value)) - LOW) / (HIGH - LOW)) * WIDTH;
  const words = (stage: string) => stage.split(' ');
</script>

<div class="scale">
  <svg viewBox="-8 0 {WIDTH + 16} 74" aria-hidden="true">
    {#each STAGE_RANGES as { stage, fromC, toC }, i (stage)}
      <rect
        x={x(fromC)}
        y="18"
        width={x(toC) - x(fromC)}
        height="30"
        class="stage"
        class:on={stage === stageAt(celsius).stage}
        style:--depth={i / (STAGE_RANGES.length - 1)}
      />
      <text x={(x(fromC) + x(toC)) / 2} y="60">{words(stage)[0]}</text>
      <text x={(x(fromC) + x(toC)) / 2} y="71">{words(stage)[1] ?? ''}</text>
    {/each}
    {#each [110, 120, 130, 140, 150, 160, 170, 180] as tick (tick)}
      <path d="M{x(tick)} 14v4" class="tick" />
      <text x={x(tick)} y="11">{tick}</text>
    {/each}
    <path d="M{x(celsius)} 12v40" class="mark" />
    <path d="M{x(celsius) - 6} 50h12l-6 -7z" class="arrow" />
  </svg>
  <input
    type="range"
    min={LOW}
    max={HIGH}
    step="0.5"
    value={celsius}
    aria-label="End point of {name}, soft to hard"
    aria-valuetext="{celsius.toFixed(1)} degrees Celsius, {fahrenheitOf(celsius).toFixed(0)} Fahrenheit"
    oninput={(event) => onvalue(Number(event.currentTarget.value))}
  />
</div>

<style>
  svg {
    display: block;
    width: 100%;
  }

  .stage {
    fill: color-mix(in srgb, var(--smooth) calc(20% + 80% * var(--depth)), var(--panel));
    stroke: var(--rule-strong);
    stroke-width: 0.7;
  }

  .stage.on {
    stroke: var(--ink);
    stroke-width: 2;
  }

  text {
    font-size: 10.5px;
    fill: var(--quiet);
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }

  .tick {
    stroke: var(--rule-strong);
  }

  .mark {
    stroke: var(--harm);
    stroke-width: 2.5;
  }

  .arrow {
    fill: var(--harm);
  }

  input {
    width: 100%;
    min-height: 30px;
    accent-color: var(--primary);
  }
</style>

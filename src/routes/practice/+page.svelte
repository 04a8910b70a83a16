<!-- Practice boil without a thermometer: only the look of the pot and the cold-water test. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { onDestroy, onMount } from 'svelte';
  import { potOf } from '../../../devices/pot.mjs';
  import { offStage, potLook, potPhase, progressOf, scoreOf, SEASON, type PracticeResult } from '$core/practice';
  import { stageRange } from '$core/sugar';
  import { dropText, potLookText, STAGE_SIGNS } from '$wording/sugar';
  import { storedText, storeText } from '$lib/devices/deviceStore';
  import { shopFigures } from '$lib/format/shopFigures';
  import BigButton from '$lib/bench/BigButton.svelte';
  import Chart from '$lib/ui/Chart.svelte';
  import Pot from './Pot.svelte';

  const figures = $derived(shopFigures());
  const KEY = 'knife-tray.practice';
  const SPEEDS = [5, 10, 20] as const;
  const TICK_MS = 100;
  /** Time a drop needs to cool, s of the pot's time. */
  const DROP_SECONDS = 12;
  /** Temperature at which sugar turns to charcoal, °C. */
  const LOST_C = 200;
  const EVERY_SECONDS = 10;

  let season: readonly PracticeResult[] = $state.raw([]);
  let speed = $state('10');
  let pot: ReturnType<typeof potOf> | null = $state.raw(null);
  let celsius = $state(20);
  let seconds = $state(0);
  let drops = $state(0);
  let drop: { words: string; atSeconds: number } | null = $state.raw(null);
  let curve: readonly (readonly [seconds: number, celsius: number])[] = $state.raw([]);
  let ended: PracticeResult | null = $state.raw(null);
  let tick: ReturnType<typeof setInterval> | undefined;

  onMount(() => {
    try {
      season = JSON.parse(storedText('device', KEY) ?? '[]') as PracticeResult[];
    } catch {
      season = [];
    }
  });
  onDestroy(() => clearInterval(tick));

  const at = $derived(Math.min(season.length, SEASON.length - 1));
  const boil = $derived(SEASON[at]!);
  const isOver = $derived(season.length >= SEASON.length && !pot && !ended);
  const range = $derived(stageRange(boil.stage));
  const look = $derived(potLook(celsius));
  const total = $derived(season.reduce((sum, result) => sum + scoreOf(result), 0));
  const progress = $derived(progressOf(season));
  const said = (stage: string) => stage.replace(/^./, (first) => first.toUpperCase());

  function begin() {
    const { sugarG, waterG, watts } = boil;
    pot = potOf({ sugarG, waterG, watts }, Math.random);
    curve = [[0, pot.state().celsius]];
    drops = 0;
    drop = null;
    ended = null;
    tick = setInterval(() => {
      if (!pot) return;
      pot.run((TICK_MS / 1000) * Number(speed));
      ({ celsius, seconds } = pot.state());
      if (seconds - curve.at(-1)![0] >= EVERY_SECONDS) curve = [...curve, [seconds, celsius]];
      if (celsius > LOST_C) takeOff();
    }, TICK_MS);
  }

  function tryDrop() {
    drops += 1;
    drop = { words: dropText(potPhase(celsius)), atSeconds: seconds + DROP_SECONDS };
  }

  function takeOff() {
    clearInterval(tick);
    curve = [...curve, [seconds, celsius]];
    ended = { stage: boil.stage, endC: celsius, drops };
    pot = null;
  }

  function next() {
    if (ended) {
      season = [...season, ended];
      storeText('device', KEY, JSON.stringify(season));
    }
    ended = null;
    celsius = 20;
  }

  function again() {
    season = [];
    storeText('device', KEY, '[]');
  }

  function verdict(result: PracticeResult): string {
    const off = offStage(result);
    if (off === 0) return 'Right at the stage.';
    return `${figures.degrees.say(Math.abs(off), 1)} ${off > 0 ? 'too far' : 'too early'}.`;
  }
  const shown = (value: number) => Number(figures.temperature.figure(value, 1));
  const line = (value: number) => [
    { x: 0, y: shown(value) },
    { x: Math.round(seconds / 6) / 10, y: shown(value) },
  ];
</script>

<svelte:head><title>Practice - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Practice</h1>
    <p class="quiet">
      Practise judging sugar stages without a thermometer: look at the pot, and test a drop in cold water.
    </p>
  </div>
  <div class="two">
    <section class="panel pot" aria-label="The pot">
      {#if isOver}
        <h2>Round finished: {total} of {SEASON.length * 100}</h2>
        {#if progress}
          <p>Average of the first half: {Math.round(progress.first)}. Last half: {Math.round(progress.last)}.</p>
        {/if}
        <Button on:click={again}>New round</Button>
      {:else if ended}
        <h2>{verdict(ended)} {scoreOf(ended)} points</h2>
        <p>
          It was at <b class="figures">{figures.bothTemperatures(ended.endC)}</b>; {said(ended.stage)} is {figures.temperature.say(
            range.fromC,
          )} to {figures.temperature.say(range.toC)} at sea level. You tried {ended.drops}
          {ended.drops === 1 ? 'drop' : 'drops'}.
        </p>
        <Chart
          type="line"
          height={230}
          series={[
            { name: 'the pot', data: curve.map(([s, c]) => ({ x: Math.round(s / 6) / 10, y: shown(c) })) },
            { name: 'from', data: line(range.fromC) },
            { name: 'to', data: line(range.toC) },
          ]}
          colours={['--primary', '--hot', '--hot']}
          options={{
            stroke: { width: [2.5, 1.5, 1.5], dashArray: [0, 5, 5], curve: 'straight' },
            xaxis: { type: 'numeric', title: { text: 'minutes' }, tickAmount: 6, decimalsInFloat: 0 },
            yaxis: { decimalsInFloat: 0, title: { text: figures.temperature.unit } },
            legend: { show: false },
          }}
        />
        <Button on:click={next}>{season.length + 1 < SEASON.length ? 'The next boil' : 'Show the result'}</Button>
      {:else}
        <h2>Boil {season.length + 1} of {SEASON.length}: take the pot off at {boil.stage}</h2>
        <p class="quiet">
          {figures.mass.say(boil.sugarG)} sugar, {figures.mass.say(boil.waterG)} water. {said(boil.stage)}: {STAGE_SIGNS[
            boil.stage
          ].bite}.
        </p>
        <Pot {look} isOn={pot !== null} />
        {#if pot}
          <p class="words" role="status">{potLookText(look.phase)}.</p>
          {#if drop}
            <p class="drop">
              {#if seconds < drop.atSeconds}The drop is cooling…{:else}Drop tested {Math.round(
                  seconds - drop.atSeconds,
                )} s ago:
                <b>{drop.words}</b>.{/if}
            </p>
          {/if}
          <div class="acts">
            <Button kind="tertiary" on:click={tryDrop}>Test a drop in cold water</Button>
            <BigButton onpress={takeOff}>Take off the heat</BigButton>
          </div>
        {:else}
          <div class="acts">
            <div class="speed">
              <Select labelText="Speed" bind:selected={speed}>
                {#each SPEEDS as speed (speed)}<SelectItem
                    value={String(speed)}
                    text="{speed} times real speed"
                  />{/each}
              </Select>
            </div>
            <BigButton onpress={begin}>Start boil</BigButton>
          </div>
        {/if}
      {/if}
    </section>
    <section class="panel" aria-labelledby="season">
      <h2 id="season">Round</h2>
      <ol>
        {#each SEASON as boil, i (i)}
          {@const result = season[i]}
          <li class:now={i === season.length}>
            <span>{said(boil.stage)}</span>
            {#if result}
              <span class="bar" aria-hidden="true"><i style:width="{scoreOf(result)}%"></i></span>
              <b class="figures">{scoreOf(result)}</b>
              <span class="quiet off">{verdict(result)}</span>
            {/if}
          </li>
        {/each}
      </ol>
      <p><b>{total}</b> <span class="quiet">points of {season.length * 100} so far</span></p>
      <p class="quiet small">
        Risk of burns at a real pot: wear gloves, clear the bench, and keep a bowl of cold water close by. Keep children
        away.
      </p>
    </section>
  </div>
</div>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
    gap: 0.8rem;
    align-items: start;
  }

  .panel {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.7rem;
    padding: 1rem 1.2rem;
  }

  h2 {
    font-size: 1.3rem;
    font-weight: 650;
  }

  .words {
    font-size: 1.25rem;
  }

  .drop {
    padding: 0.5rem 0.8rem;
    background: var(--sunk);
    font-size: 1.1rem;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
  }

  .speed {
    width: 14rem;
  }

  li {
    display: grid;
    grid-template-columns: 6rem minmax(0, 1fr) 2.4rem minmax(0, 1.2fr);
    gap: 0.6rem;
    align-items: center;
    padding: 0.3rem 0.4rem;
    border-bottom: 1px solid var(--rule);
  }

  .now {
    background: var(--hot-ground);
  }

  .bar {
    height: 10px;
    background: var(--sunk);
  }

  .bar i {
    display: block;
    height: 100%;
    background: var(--primary);
  }

  .off,
  .small {
    font-size: 0.88rem;
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>

<!-- Live thermometer: its curve, when the end point comes, and what to do now. -->
<script lang="ts">
  import { forecastText } from '$wording/sugar';
  import { Button, Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import type { Probe } from '$core/shop';
  import { USUAL_SHOP } from '$core/shop';
  import { endPointC, type Preparation } from '$core/slab';
  import { forecastBoil, forecastCool, shownTooMuchC, targetHere, waterBoilsC, type Reading } from '$core/sugar';
  import { openCaller, type Caller } from '$lib/devices/alerts';
  import type { DeviceSource } from '$lib/devices/device';
  import { openProbe } from '$lib/devices/probe';
  import { slabWork } from '$lib/draft/slabContext';
  import type { PotCurve } from './potCurve';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    preparation: Preparation;
    probe: Probe | null;
    /** Curve for the drawing, updated at most four times a second. */
    curve: PotCurve | null;
  }
  let { preparation, probe, curve = $bindable() }: Props = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const SPEEDS = [1, 10, 30, 60] as const;
  const MAX_READINGS = 20_000;
  const SILENT_MS = 5000;
  const CALL_MINUTES = 2;
  const BEAT_C = 45;
  const LEAP_C = 0.03;

  let source: DeviceSource | null = $state.raw(null);
  let readings: readonly Reading[] = $state.raw([]);
  let speed = $state('30');
  let phase = $state<'boil' | 'cool'>('boil');
  let chosenBeatC: number | null = $state(null);
  const steps = $derived(preparation.steps ?? []);
  const coolsAt = $derived(steps.findIndex(({ coolTo }) => coolTo !== undefined));
  const beatC = $derived(chosenBeatC ?? steps[coolsAt]?.coolTo?.celsius ?? BEAT_C);
  /** The step after cooling. */
  const then = $derived(
    coolsAt === -1 ? 'beat it' : (steps[coolsAt + 1]?.text.replace(/^./, (c) => c.toLowerCase()) ?? 'lay it'),
  );
  let silent = $state(false);
  let broken = $state(false);
  let typed: Record<string, string> = $state({});
  let aloud = $state(true);
  let caller: Caller | null = null;
  let quiet: ReturnType<typeof setTimeout> | undefined;
  let drawn = 0;

  const altitudeM = $derived(work.shop.altitudeM ?? USUAL_SHOP.altitudeM);
  const roomC = $derived(work.shop.roomC ?? USUAL_SHOP.roomC);
  const endC = $derived(endPointC(preparation)!);
  const target = $derived(targetHere(endC, altitudeM, probe ?? {}, roomC));
  /** Error of the probe near the end point, or near the beating temperature. */
  const offsetC = $derived(
    shownTooMuchC(probe ?? {}, phase === 'boil' ? target.hereC : beatC, {
      altitudeM,
      roomC,
      motion: phase === 'boil' ? 'boiling' : 'still',
    }),
  );
  const last = $derived(readings.at(-1) ?? null);
  const forecast = $derived(
    phase === 'boil'
      ? forecastBoil({ readings, targetC: endC, altitudeM, probeOffsetC: offsetC })
      : forecastCool({ readings: readings.slice(-1500), targetC: beatC, roomC, probeOffsetC: offsetC }),
  );
  /** Once reached, the state stays: the pot still has to come off the heat if nobody was looking. */
  let wasThere = $state(false);
  $effect(() => {
    if (forecast.reached) wasThere = true;
  });
  const isThere = $derived(forecast.reached || wasThere);
  /** A drop by this much after the end point means the pot is off the heat: then its cooling is followed. */
  const FALLEN_C = 4;
  $effect(() => {
    if (phase !== 'boil' || !wasThere || coolsAt === -1 || !last || last[1] > target.probeC - FALLEN_C) return;
    phase = 'cool';
    wasThere = false;
  });
  const span = (minutes: number) => (minutes >= 1 ? `${minutes.toFixed(0)} min` : `${(minutes * 60).toFixed(0)} s`);
  const now = $derived.by(() => {
    if (broken) return 'The thermometer does not answer. Start the simulated one with npm run probe';
    if (silent) return 'No reading for a while. Is the thermometer still in the pot?';
    if (!last) return 'Waiting for the first reading';
    if (isThere) {
      return phase === 'boil' ? 'Now: take the pot off the heat' : `Now: ${then}`;
    }
    if (forecast.minutesLeft === null) return forecastText(forecast.note);
    if (forecast.minutesLeft <= CALL_MINUTES)
      return phase === 'boil' ? 'Get ready: gloves on, tin beside the hob' : `Get ready: ${then}`;
    return phase === 'boil' ? 'Boiling' : 'Let it cool without stirring';
  });

  const near = $derived(
    isThere ? 'now' : forecast.minutesLeft !== null && forecast.minutesLeft <= CALL_MINUTES ? 'soon' : 'later',
  );
  $effect(() => {
    if (source !== null && aloud && near !== 'later') caller?.call(near === 'now' ? 5 : 2);
  });

  function start() {
    stop();
    caller ??= openCaller();
    readings = [];
    curve = null;
    drawn = 0;
    phase = 'boil';
    wasThere = broken = silent = false;
    const pot = work.plan.preparations.find(({ id }) => id === preparation.id)!;
    const batches = Math.max(1, pot.batches);
    const sugarG = (pot.pot.sucroseG * pot.scaleFactor) / batches;
    source = openProbe(
      {
        sugarG: sugarG || 600,
        waterG: (pot.pot.waterG * pot.scaleFactor) / batches || 200,
        watts: 900,
        speed: Number(speed),
        // Simulated time runs in jumps at high speed, so the simulated action comes later accordingly.
        offAtC: target.hereC + 0.5 + LEAP_C * Number(speed),
        offsetC,
        altitudeDropC: 100 - waterBoilsC(altitudeM),
      },
      {
        onreading(reading) {
          broken = silent = false;
          clearTimeout(quiet);
          quiet = setTimeout(() => (silent = true), SILENT_MS);
          if (readings.length >= MAX_READINGS) return;
          readings = [...readings, reading];
          draw();
        },
        onbroken() {
          broken = true;
          // A stream that ended is not restarted from cold.
          stop();
        },
      },
    );
  }

  function stop() {
    source?.close();
    source = null;
    clearTimeout(quiet);
  }

  /** At most four times a second. */
  function draw() {
    const at = performance.now();
    if (at - drawn < 250) return;
    drawn = at;
    const step = Math.max(1, Math.ceil(readings.length / 400));
    const shown = readings.filter((_, i) => i % step === 0 || i === readings.length - 1);
    const toSea = phase === 'boil' ? target.probeC - target.seaC : offsetC;
    curve = {
      points: shown.map(([seconds, celsius]) => [seconds / 60, celsius - toSea] as const),
      fan:
        forecast.minutesLeft === null || forecast.reached
          ? null
          : { least: forecast.low!, usual: forecast.minutesLeft, most: forecast.high! },
      targetC: phase === 'boil' ? endC : beatC,
    };
  }

  onDestroy(() => {
    stop();
    caller?.close();
  });
</script>

<section class="panel live" aria-label="Probe in {preparation.name}">
  <div class="bar">
    <h3>Live thermometer</h3>
    <div class="speed">
      <Select size="sm" labelText="Simulation speed" hideLabel bind:selected={speed} disabled={source !== null}>
        {#each SPEEDS as speed (speed)}<SelectItem value={String(speed)} text="simulated, {speed} x" />{/each}
      </Select>
    </div>
    <Checkbox labelText="sound alerts" bind:checked={aloud} />
    {#if source}<Button size="small" kind="secondary" on:click={stop}>Stop</Button>
    {:else}<Button size="small" kind="tertiary" on:click={start}>Start reading</Button>{/if}
  </div>
  {#if source !== null || readings.length > 0 || broken}
    <div class="now">
      <p class="figures big">{last ? figures.temperature.say(last[1], 1) : '-'}</p>
      <p class="figures big">
        {#if isThere}reached{:else if forecast.minutesLeft !== null}{span(forecast.minutesLeft)}{:else}-{/if}
        {#if forecast.minutesLeft !== null && !isThere}<small>{span(forecast.low!)} to {span(forecast.high!)}</small
          >{/if}
      </p>
      <p
        class="call"
        role="status"
        class:hot={isThere || (forecast.minutesLeft !== null && forecast.minutesLeft <= CALL_MINUTES)}
      >
        <b>{now}</b>
      </p>
    </div>
    <p class="quiet">{forecast.minutesLeft !== null ? `${forecastText(forecast.note)}.` : ''}</p>
    <div class="cool">
      <Button
        size="small"
        kind="ghost"
        on:click={() => {
          phase = phase === 'boil' ? 'cool' : 'boil';
          wasThere = false;
        }}>{phase === 'boil' ? 'Off the heat: follow the cooling' : 'Follow the boil'}</Button
      >
      {#if phase === 'cool'}
        <div class="beat">
          <NumberField
            label="Cool to"
            quantity="temperature"
            value={beatC}
            limits={{ min: 0, max: 150 }}
            name="beat"
            {typed}
            onvalue={(celsius) => celsius !== null && (chosenBeatC = celsius)}
          />
        </div>
      {/if}
    </div>
  {/if}
</section>

<style>
  .live {
    padding: 0.6rem 0.9rem;
    margin-bottom: 1rem;
  }

  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
  }

  h3 {
    flex: 1 0 100%;
    font-size: 1rem;
    font-weight: 650;
  }

  .speed {
    width: 10rem;
  }

  .now {
    display: grid;
    grid-template-columns: max-content max-content 1fr;
    gap: 1.4rem;
    align-items: center;
    margin-top: 0.4rem;
  }

  .big {
    font-size: 1.7rem;
    font-weight: 650;
  }

  small {
    display: block;
    font-size: 0.85rem;
    font-weight: 400;
    color: var(--quiet);
  }

  .call {
    font-size: 1.1rem;
    padding: 0.4rem 0.8rem;
    border-left: 4px solid var(--rule);
  }

  .call.hot {
    background: var(--hot-ground);
    color: var(--hot);
    border-color: var(--hot);
  }

  .cool {
    display: flex;
    gap: 1rem;
    align-items: end;
  }

  .beat {
    width: 7rem;
  }
</style>

<!-- The pot's thermometer at the bench: its reading beside the end point, a forecast, and each reading recorded with the run. -->
<script lang="ts">
  import { forecastText } from '$wording/sugar';
  import { Button } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import type { Happening, RunBoil } from '$core/run';
  import { forecastBoil, type Reading } from '$core/sugar';
  import { openCaller, type Caller } from '$lib/devices/alerts';
  import type { DeviceSource } from '$lib/devices/device';
  import { openProbe } from '$lib/devices/probe';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    boil: RunBoil;
    onnote: (...happenings: Happening[]) => void;
  }
  let { boil, onnote }: Props = $props();

  const figures = $derived(shopFigures());
  /** Interval between recorded readings. */
  const NOTE_EVERY_MS = 15_000;
  const MAX_READINGS = 5000;
  const SOON_MINUTES = 2;

  let source: DeviceSource | null = $state.raw(null);
  let readings: readonly Reading[] = $state.raw([]);
  let isBroken = $state(false);
  let notedMs = 0;
  let caller: Caller | null = null;
  const last = $derived(readings.at(-1)?.[1] ?? null);
  /** End point as this thermometer shows it, corrected for its error and the altitude. */
  const forecast = $derived(
    forecastBoil({ readings, targetC: boil.targetC, probeOffsetC: boil.showsC - boil.targetC }),
  );
  const near = $derived(
    forecast.reached ? 'now' : forecast.minutesLeft !== null && forecast.minutesLeft <= SOON_MINUTES ? 'soon' : 'later',
  );
  $effect(() => {
    if (source && near !== 'later') caller?.call(near === 'now' ? 5 : 2);
  });

  function start() {
    caller ??= openCaller();
    readings = [];
    isBroken = false;
    source = openProbe(
      { speed: 1, offsetC: boil.showsC - boil.targetC },
      {
        onreading(reading) {
          readings = [...readings.slice(1 - MAX_READINGS), reading];
          if (Date.now() - notedMs < NOTE_EVERY_MS) return;
          notedMs = Date.now();
          onnote({ kind: 'temperature', step: boil.step, celsius: Math.round(reading[1] * 10) / 10 });
        },
        onbroken() {
          isBroken = true;
          stop();
        },
      },
    );
  }
  function stop() {
    source?.close();
    source = null;
  }
  onDestroy(() => {
    stop();
    caller?.close();
  });
</script>

<div class="probe" class:now={near === 'now'}>
  <p>
    <span class="quiet">End point on this thermometer</span>
    <b class="figures target">{figures.bothTemperatures(boil.showsC)}</b>
  </p>
  {#if source && last !== null}
    <p class="shows figures" role="status">{figures.temperature.say(last, 1)}</p>
    <p>
      {#if near === 'now'}<b>Now: take the pot off the heat</b>
      {:else if forecast.minutesLeft !== null}about {Math.max(1, Math.round(forecast.minutesLeft))} min left
      {:else}{forecastText(forecast.note)}{/if}
    </p>
  {/if}
  {#if isBroken}<p class="harm">The thermometer does not answer. Read it by eye. Earlier readings are kept.</p>{/if}
  <Button size="field" kind="tertiary" on:click={source ? stop : start}
    >{source ? 'Stop following the thermometer' : 'Follow the thermometer'}</Button
  >
</div>

<style>
  .probe {
    display: grid;
    gap: 0.3rem;
    padding: 0.6rem 0.8rem;
    background: var(--sunk);
  }

  .target {
    font-size: 1.7rem;
    margin-left: 0.4rem;
  }

  .shows {
    font-size: 2.6rem;
    font-weight: 700;
    line-height: 1.1;
  }

  .now {
    background: var(--hot-ground);
    color: var(--hot);
  }

  .harm {
    color: var(--harm);
  }

  @media (max-width: 759px) {
    .probe {
      grid-template-columns: 1fr auto;
      align-items: center;
      padding: 0.3rem 0.6rem;
    }

    .target {
      display: block;
      font-size: 1.25rem;
      margin-left: 0;
    }

    .probe :global(.bx--btn) {
      max-width: 8.5rem;
    }
  }
</style>

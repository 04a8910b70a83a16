<!-- The bench scale of this computer: each item is recorded as soon as the pan rests, hands-free. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import { newWeighing, takenBack, weigh, zeroed, type Weighing } from '$core/weigh';
  import { openScale } from '$lib/devices/benchScale';
  import { openCaller, type Caller } from '$lib/devices/alerts';
  import type { DeviceSource } from '$lib/devices/device';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from './Notice.svelte';

  interface Props {
    /** Set-up of the simulated scale: piece mass and its variation. */
    aimG: number;
    spread: number;
    /** Masses weighed so far, g; the last one is refined while it lies on the pan. */
    onweighed: (massesG: readonly number[]) => void;
    /** Called when listening starts; earlier masses stay. */
    onbegin: () => void;
  }
  let { aimG, spread, onweighed, onbegin }: Props = $props();

  const figures = $derived(shopFigures());
  const SPEEDS = [1, 4, 20] as const;
  const SILENT_MS = 5000;

  let source: DeviceSource | null = $state.raw(null);
  let weighing: Weighing = $state.raw(newWeighing());
  let trouble: '' | 'overloaded' | 'silent' | 'broken' = $state('');
  let speed = $state('1');
  let caller: Caller | null = null;
  let quiet: ReturnType<typeof setTimeout> | undefined;

  const WORDS = {
    starting: 'Leave the pan empty until it rests',
    empty: 'Put one on',
    moving: 'Let it rest',
    resting: 'Noted. Take it off, or put the next one on top',
  } as const;
  const TROUBLES = {
    overloaded: 'The scale is overloaded. Take some off',
    silent: 'No reading from the scale for a while. Is it still on?',
    broken: 'The scale has stopped. All weights are in the list. Check that it is on, then continue.',
  } as const;

  function say(next: Weighing) {
    const { weighedG } = weighing;
    weighing = next;
    if (next.weighedG.length > weighedG.length) caller?.call(1);
    if (next.weighedG !== weighedG) onweighed(next.weighedG);
  }

  function listen() {
    stop();
    caller ??= openCaller();
    trouble = '';
    weighing = newWeighing();
    onbegin();
    wait();
    const asked = { aimG, spread, speed: Number(speed), seed: Date.now() % 4294967296 };
    source = openScale(asked, {
      onreading(event) {
        wait();
        trouble = event === 'overloaded' ? 'overloaded' : '';
        if (event !== 'overloaded') say(weigh(weighing, event));
      },
      onbroken() {
        trouble = 'broken';
        stop();
      },
    });
  }
  function wait() {
    clearTimeout(quiet);
    quiet = setTimeout(() => (trouble = 'silent'), SILENT_MS);
  }
  function stop() {
    source?.close();
    source = null;
    clearTimeout(quiet);
  }
  onDestroy(() => {
    stop();
    caller?.close();
  });
</script>

<section class="scale" aria-label="Bench scale">
  {#if source}
    <p class="shows figures" class:rests={weighing.pan === 'resting'}>{figures.mass.say(weighing.onG, 1)}</p>
    <p class="now" role="status"><b>{trouble ? TROUBLES[trouble] : WORDS[weighing.pan]}</b></p>
    <div class="buttons">
      <Button size="small" kind="tertiary" on:click={() => say(zeroed(weighing))}>Zero</Button>
      <Button
        size="small"
        kind="tertiary"
        disabled={weighing.weighedG.length === 0}
        on:click={() => say(takenBack(weighing))}>Undo last weight</Button
      >
      <Button size="small" kind="secondary" on:click={stop}>Stop weighing</Button>
    </div>
  {:else}
    {#if trouble === 'broken'}<Notice harm>{TROUBLES.broken}</Notice>{/if}
    <div class="buttons">
      <Button size="small" kind="tertiary" on:click={listen}>Use the bench scale</Button>
      <div class="speed">
        <Select size="sm" labelText="Simulation speed" hideLabel bind:selected={speed}>
          {#each SPEEDS as speed (speed)}<SelectItem value={String(speed)} text="simulated, {speed} x" />{/each}
        </Select>
      </div>
    </div>
  {/if}
</section>

<style>
  .scale {
    display: grid;
    gap: 0.4rem;
    margin: 0.5rem 0;
  }

  .shows {
    font-size: 2.2rem;
    font-weight: 650;
    line-height: 1.1;
    padding: 0.3rem 0.6rem;
    background: var(--sunk);
    border-left: 4px solid var(--rule-strong);
  }

  .shows.rests {
    border-color: var(--good);
  }

  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }

  .speed {
    width: 10rem;
  }
</style>

<!-- Form for another amount of a line, or its lot: by keys, or from the scale. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import { countableAs, type Ingredient } from '$core/larder';
  import { runEventSchema, type Happening, type LineNow } from '$core/run';
  import { limitsAt } from '$core/validation';
  import { openScale } from '$lib/devices/benchScale';
  import type { DeviceSource } from '$lib/devices/device';
  import { shopFigures } from '$lib/format/shopFigures';
  import Choices from './Choices.svelte';
  import NumberPad from './NumberPad.svelte';
  import Sheet from './Sheet.svelte';

  interface Props {
    line: LineNow;
    /** Its entry in the larder of the run. */
    ingredient: Ingredient | null;
    /** Recorded lots of this ingredient, the last used first. */
    lots: readonly string[];
    onnote: (...happenings: Happening[]) => void;
    onclose: () => void;
  }
  let { line, ingredient, lots, onnote, onclose }: Props = $props();

  const figures = $derived(shopFigures());
  let text = $state('');
  let lot = $state('');
  let scale: DeviceSource | null = $state.raw(null);
  /** In g; `undefined` where it cannot be read. */
  let massG: number | null | undefined = $state(null);

  function listen() {
    if (scale) return stop();
    scale = openScale(
      { aimG: line.massG ?? 100, spread: 0.01, shards: 1 },
      {
        onreading(event) {
          if (event !== 'overloaded') text = figures.mass.figure(Math.max(0, event.massG), 1);
        },
        onbroken: stop,
      },
    );
  }
  function stop() {
    scale?.close();
    scale = null;
  }
  onDestroy(stop);

  function done() {
    const { preparation, line: at, ingredient } = line;
    const weighedG = massG === undefined ? null : (massG ?? line.massG);
    onnote(
      ...(weighedG === null ? [] : [{ kind: 'weighed', preparation, line: at, massG: weighedG } as const]),
      ...(lot.trim() === '' ? [] : [{ kind: 'lot', ingredient, lot: lot.trim() } as const]),
    );
    onclose();
  }
</script>

<Sheet title={line.ingredient} {onclose}>
  <p class="figures">Planned: <b>{line.measured}</b>. Leave it empty if you weighed exactly that.</p>
  <NumberPad
    label="Weighed"
    quantity="mass"
    limits={limitsAt(runEventSchema, 'weighed.massG')}
    {...countableAs(ingredient, line.ingredient)}
    bind:text
    bind:value={massG}
  />
  <Button kind="tertiary" on:click={listen}>{scale ? 'Use the reading of the scale' : 'Follow the scale'}</Button>
  {#if lots.length > 0}
    <Choices
      label="Lots used before"
      choices={lots.map((id) => ({ id, text: `Lot ${id}` }))}
      chosen={lot}
      onchoose={(id) => (lot = id)}
    />
  {/if}
  <TextInput labelText="Lot number on the pack" maxlength={200} bind:value={lot} />
  <Button disabled={massG === undefined} on:click={done}>Save</Button>
</Sheet>

<!-- Cooling of a pot without stirring before it is beaten or poured: temperature, place and time. -->
<script lang="ts">
  import { writtenSteps } from '$wording/steps';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Cooled } from '$core/setting';
  import { COOLING_PLACES, freshId, withPreparation, type CoolingPlace, type Preparation, type Step } from '$core/slab';
  import { stepsOf } from '$core/time';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { aboutDuration, formatDuration } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    preparation: Preparation;
    at: number;
    cooled: Cooled;
  }
  let { preparation, at, cooled }: Props = $props();

  const { draft } = slabWork();
  const figures = $derived(shopFigures());
  const BEAT_C = 45;
  const BEAT_MINUTES = 10;
  const WORDS: Readonly<Record<CoolingPlace, string>> = { room: 'on the bench', 'cold water': 'in cold water' };
  const steps = $derived(preparation.steps ?? []);
  const cools = $derived(steps.find(({ coolTo }) => coolTo !== undefined) ?? null);
  const minutes = $derived(cools ? (cooled.minutes.get(cools.id) ?? null) : null);
  const after = $derived(cools ? steps.slice(steps.indexOf(cools) + 1) : []);

  const keep = (changed: readonly Step[], field = '') =>
    draft.change(withPreparation(draft.slab, at, { steps: changed }), field);
  const change = (coolTo: Step['coolTo']) =>
    keep(
      steps.map((step) => (step.id === cools?.id ? { ...step, coolTo } : step)),
      `${preparation.id} cool`,
    );

  function add() {
    const before = writtenSteps(stepsOf(preparation), figures);
    const cool: Step = {
      id: freshId('cool', before),
      text: 'Leave to cool without stirring',
      minutes: 60,
      hands: 'free',
      after: before.slice(-1).map(({ id }) => id),
      coolTo: { celsius: BEAT_C },
    };
    const beat: Step = {
      id: freshId('beat', [...before, cool]),
      text: 'Beat until the gloss fades',
      minutes: BEAT_MINUTES,
      hands: 'busy',
      after: [cool.id],
    };
    keep([...before, cool, beat]);
  }
  const range = $derived(
    minutes &&
      (aboutDuration(minutes[0]) === aboutDuration(minutes[2])
        ? aboutDuration(minutes[1])
        : `${aboutDuration(minutes[0])} to ${aboutDuration(minutes[2])}`),
  );
</script>

<section class="panel" aria-label="{preparation.name} off the heat">
  <h3>After the boil</h3>
  {#if cools?.coolTo}
    {@const { celsius, in: place = 'room' } = cools.coolTo}
    <div class="fields">
      <NumberField
        label="Cool to"
        quantity="temperature"
        value={celsius}
        limits={slabLimits('preparations.steps.coolTo.celsius')}
        name="{preparation.id} cool"
        typed={draft.typed}
        onvalue={(value) => value !== null && change({ ...cools.coolTo, celsius: value })}
      />
      <Select
        size="sm"
        labelText="Cooling position"
        selected={place}
        on:change={(event) => change({ celsius, in: (event.target as HTMLSelectElement).value as CoolingPlace })}
      >
        {#each COOLING_PLACES as value (value)}<SelectItem {value} text={WORDS[value]} />{/each}
      </Select>
    </div>
    <p>
      {#if minutes && minutes[1] > 0}<b>About {aboutDuration(minutes[1])}</b> ({range}), without stirring{#each after as { id, text, minutes: takes } (id)};
          then {text.charAt(0).toLowerCase()}{text.slice(1)} ({formatDuration(takes)}){/each}.
        {#if cooled.laidC !== null}The mixture is poured at about {figures.temperature.say(cooled.laidC)}.{/if}
      {:else}The mixture is already at this temperature when it comes off the heat.{/if}
    </p>
  {:else}
    <p>
      The mixture is poured hot. Fudge, for example, has to cool before it is beaten.
      <Button size="small" kind="tertiary" on:click={add}>Add cooling and beating</Button>
    </p>
  {/if}
</section>

<style>
  section {
    padding: 0.6rem 0.8rem;
    display: grid;
    gap: 0.5rem;
  }

  h3 {
    font-size: 1rem;
    font-weight: 650;
  }

  .fields {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    gap: 0.8rem;
    align-items: end;
  }
</style>

<!-- Set: how long each layer needs, when the next can go on, and when to cut the slab. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onDestroy, untrack } from 'svelte';
  import { dewPointC, type PlaceStay, type RangedSetting, type TinSupport } from '$core/setting';
  import { USUAL_SHOP } from '$core/shop';
  import type { Place } from '$core/slab';
  import type { Ingredient } from '$core/larder';
  import { formatDuration } from '$lib/format/figures';
  import { cutLimitText } from '$wording/setting';
  import { namedIngredients } from '$lib/draft/namedIngredients';
  import { NewestAnswer } from '$lib/workers/newestAnswer';
  import { slabWork } from '$lib/draft/slabContext';
  import type { SettingQuestion, SettingAnswer } from '$lib/workers/setting.worker';
  import SettingWorker from '$lib/workers/setting.worker?worker';
  import { keepPlace } from '$lib/forms/keepPlace';
  import Panel from '$lib/ui/Panel.svelte';
  import Calculating from '$lib/ui/Calculating.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import HeatTimeline from './HeatTimeline.svelte';
  import Measured from './Measured.svelte';
  import { PLACE_NAMES } from './places';
  import Stays from './Stays.svelte';
  import LayerWaits from './LayerWaits.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);

  let stays: PlaceStay[] = $state([]);
  let on = $state<TinSupport['on']>('shelf');
  let foil = $state(false);
  let setting = $state.raw<RangedSetting | null>(null);
  let deeperMinutes: number | null = $state(null);
  let busy = $state(false);
  /** Selected moment; initially shortly after the second layer goes on. */
  let minute: number | null = $state(null);

  const DEEPER = 1.5;

  let hasFailed = $state(false);
  const worker = new NewestAnswer<SettingQuestion, SettingAnswer>(
    () => new SettingWorker(),
    () => (hasFailed = true),
  );

  const ingredients = $derived(namedIngredients(slab, work.larder));

  let measured = $state.raw<SettingQuestion['measured']>(undefined);
  let fitted = $state('');

  function fit(layer: string, minutes: number, place: Place) {
    fitted = '';
    measured = { layer, minutes, place };
  }

  /** Saves the fitted coefficient of the place. */
  async function keepFitted(place: Place, h: number | null) {
    measured = undefined;
    if (h === null) {
      fitted = 'This time is outside what cooling here can explain. Check the time and the temperature to reach';
      return;
    }
    const answer = await keepPlace(work.shop, place, h);
    fitted = answer.ok
      ? `Your ${PLACE_NAMES[place]} is saved: ${h.toFixed(1)} W/m²K`
      : (answer.problems[0]?.message ?? '');
  }

  $effect(() => {
    const question: SettingQuestion = {
      slab: $state.snapshot(slab) as typeof slab,
      ingredients: $state.snapshot(ingredients) as Ingredient[],
      shop: $state.snapshot(work.shop) as typeof work.shop,
      stays: $state.snapshot(stays),
      support: { on, foil },
      deeperMm: Math.max(1, work.plan.slab.heightMm * DEEPER),
      measured,
    };
    busy = true;
    hasFailed = false;
    worker.ask(question, (answer) => {
      setting = answer.setting;
      deeperMinutes = answer.deeperMinutes;
      if (question.measured) void keepFitted(question.measured.place, answer.fittedH);
      busy = false;
      minute = Math.min(
        untrack(() => minute) ?? Math.round(((answer.setting?.layers[1]?.pouredAt ?? 20) * 4) / 3),
        Math.max(0, (answer.setting?.minutes.length ?? 1) - 1),
      );
      return 'done';
    });
  });
  onDestroy(() => worker.close());

  const roomC = $derived(work.shop.roomC ?? USUAL_SHOP.roomC);
  const dewC = $derived(dewPointC(roomC, (work.shop.humidityPercent ?? USUAL_SHOP.humidityPercent) / 100));
  const sweats = $derived(setting !== null && setting.faceC < dewC);
  const inWhichPlaces = $derived.by(() => {
    if (stays.length > 0) return 'moved on a schedule';
    const places = [...new Set(slab.layers.map(({ set }) => set?.place ?? 'room'))];
    return places
      .map((place) =>
        place === 'room' ? `in the room at ${figures.temperature.say(roomC)}` : `in the ${PLACE_NAMES[place]}`,
      )
      .join(', ');
  });
  /** Place of a layer, or `null` if it is moved. */
  const placeOf = (layer: string): Place | null =>
    stays.length === 0
      ? (slab.layers.find(({ id }) => id === layer)?.set?.place ?? 'room')
      : stays.length === 1
        ? stays[0]!.place
        : null;
</script>

<Panel label="Set" title="The slab while it cools" note={inWhichPlaces}>
  {#snippet stage()}
    {#if setting && minute !== null && !hasFailed}
      <HeatTimeline {setting} layers={work.plan.slabs[0]!.layers} bind:minute />
    {:else}
      <div role="status">
        {#if busy}<Calculating {hasFailed} />{/if}
      </div>
      {#if !busy}
        <EmptyState title="Nothing to set yet">
          <p>Add a layer in Build. Its setting time then appears here.</p>
          <Button size="small" kind="tertiary" href="/slabs/{draft.id}/build">Go to Build</Button>
        </EmptyState>
      {/if}
    {/if}
  {/snippet}
  {#snippet hand()}
    {#if setting}
      <p class="panel answer figures" role="status">
        {#if setting.cutWindow.fromMinutes !== null}
          Cuts cleanly after about <b>{formatDuration(setting.cutWindow.fromMinutes)}</b>.
          {cutLimitText(setting, formatDuration) || 'It can be cut at any time after that.'}
          {#if deeperMinutes !== null}<span class="quiet"
              >At 1.5 times the thickness: {formatDuration(deeperMinutes)}.</span
            >{/if}
        {:else}
          This slab will not set here.
        {/if}
      </p>
      <div class="panel"><LayerWaits {setting} moved={stays.length > 0} /></div>
    {/if}
    <div class="panel pad">
      <Stays bind:stays bind:on bind:foil first={slab.layers[0]?.set?.place ?? 'room'} />
    </div>
    {#if setting}
      <p class="panel pad" class:said={sweats} class:quiet={!sweats}>
        {#if sweats}
          The surface cools to {figures.temperature.say(setting.faceC)}, below the dew point of {figures.temperature.say(
            dewC,
          )} in this room, so water will condense on it. Keep it wrapped for about {formatDuration(
            setting.wrappedMinutes,
          )}, until it has warmed up.
        {:else}
          The dew point in this room is {figures.temperature.say(dewC)}: colder surfaces sweat. This one cools to {figures.temperature.say(
            setting.faceC,
          )} and stays dry.
        {/if}
      </p>
      <Measured layers={setting.layers} {placeOf} {fit} {fitted} />
    {/if}
  {/snippet}
</Panel>

<style>
  .answer {
    padding: 0.6rem 0.8rem;
    font-size: 1.02rem;
  }

  .answer .quiet {
    font-size: 0.9rem;
  }

  .pad {
    padding: 0.5rem 0.8rem;
    font-size: 0.92rem;
  }
</style>

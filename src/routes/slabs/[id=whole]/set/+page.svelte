<!-- How long each layer needs, whether the next may go on, and when the slab is to be cut. -->
<script lang="ts">
  import { Button, Checkbox, RadioButton, RadioButtonGroup, Select, SelectItem } from 'carbon-components-svelte';
  import { onDestroy, untrack } from 'svelte';
  import { dewPointC, type PlaceStay, type Setting, type Standing } from '../../../../core/setting';
  import { USUAL_SHOP } from '../../../../core/shop';
  import { PLACES, withLayer, type Place } from '../../../../core/slab';
  import { ingredientNamed, type Ingredient } from '../../../../core/larder';
  import { clock } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { SettingAsked, SettingFound } from '$lib/workers/setting.worker';
  import SettingWorker from '$lib/workers/setting.worker?worker';
  import { invalidateAll } from '$app/navigation';
  import { ask } from '$lib/api';
  import HeatSection from './HeatSection.svelte';
  import Measured from './Measured.svelte';
  import WaitCurves from './WaitCurves.svelte';

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);

  const first = untrack(() => slab.layers.find(({ set }) => set?.place)?.set?.place ?? 'room');
  let stays: PlaceStay[] = $state([{ place: first, minutes: 60 }]);
  let on = $state<Standing['on']>('shelf');
  let foil = $state(false);
  let typed: Record<string, string> = $state({});
  let setting = $state.raw<Setting | null>(null);
  let deeperMinutes: number | null = $state(null);
  let busy = $state(false);
  let minute = $state(0);

  const PLACE_NAMES: Record<Place, string> = {
    room: 'room',
    fridge: 'fridge',
    freezer: 'freezer',
    marble: 'marble slab',
  };
  const DEEPER = 1.5;

  let worker: Worker | null = null;
  let asked = 0;

  /** Only what the slab names is sent over. */
  const ingredients = $derived.by(() => {
    const named = slab.preparations
      .flatMap(({ lines }) => lines)
      .map(({ ingredient }) => ingredientNamed(ingredient, work.larder))
      .filter((one): one is Ingredient => one !== null);
    return [...new Set(named)];
  });

  let measured = $state.raw<SettingAsked['measured']>(undefined);
  let fitted = $state('');

  function fit(layer: string, minutes: number, place: Place) {
    fitted = '';
    measured = { layer, minutes, place };
  }

  /** The place is the shop's own from now on. */
  async function keepFitted(place: Place, h: number | null) {
    measured = undefined;
    if (h === null) {
      fitted = 'No air moves so that it takes this long: check the minutes, and what the layer has to cool to';
      return;
    }
    const placeH = { ...work.shop.placeH, [place]: Number(h.toFixed(2)) };
    const answer = await ask('PUT', '/api/shop', { placeH });
    fitted = answer.ok
      ? `Your ${PLACE_NAMES[place]} is kept: ${h.toFixed(1)} W per m² and degree`
      : (answer.problems[0]?.message ?? '');
    if (answer.ok) await invalidateAll();
  }

  $effect(() => {
    worker ??= new SettingWorker();
    const id = ++asked;
    worker.onmessage = ({ data }: MessageEvent<SettingFound>) => {
      if (data.id !== asked) return;
      setting = data.setting;
      deeperMinutes = data.deeperMinutes;
      if (message.measured) void keepFitted(message.measured.place, data.fittedH);
      busy = false;
      minute = Math.min(
        untrack(() => minute),
        Math.max(0, (data.setting?.minutes.length ?? 1) - 1),
      );
    };
    const message: SettingAsked = {
      id,
      slab: $state.snapshot(slab) as typeof slab,
      ingredients: $state.snapshot(ingredients) as Ingredient[],
      shop: $state.snapshot(work.shop) as typeof work.shop,
      stays: $state.snapshot(stays),
      standing: { on, foil },
      deeperMm: Math.max(1, work.plan.slab.heightMm * DEEPER),
      measured,
    };
    busy = true;
    worker.postMessage(message);
  });
  onDestroy(() => worker?.terminate());

  const roomC = $derived(work.shop.roomC ?? USUAL_SHOP.roomC);
  const dewC = $derived(dewPointC(roomC, (work.shop.humidityPercent ?? USUAL_SHOP.humidityPercent) / 100));
  const sweats = $derived(setting !== null && setting.faceC < dewC);
  const setLayer = (id: string, part: Partial<NonNullable<(typeof slab.layers)[number]['set']>>) => {
    const at = slab.layers.findIndex((layer) => layer.id === id);
    draft.change(withLayer(slab, at, { set: { ...slab.layers[at]!.set, ...part } }), `${id} set`);
  };
</script>

<h2>Where it stands</h2>
<div class="stays">
  {#each stays as stay, i (i)}
    <div class="stay">
      <Select
        size="sm"
        labelText={i === 0 ? 'First' : 'Then'}
        selected={stay.place}
        on:change={(event) => (stays[i] = { ...stay, place: (event.target as HTMLSelectElement).value as Place })}
      >
        {#each PLACES as one (one)}<SelectItem value={one} text={PLACE_NAMES[one]} />{/each}
      </Select>
      {#if i < stays.length - 1}
        <NumberField
          label="for, min"
          value={stay.minutes}
          limits={{ min: 1, max: 10000 }}
          name="stay {i}"
          {typed}
          onvalue={(minutes) => minutes !== null && (stays[i] = { ...stay, minutes })}
        />
        <Button size="small" kind="ghost" on:click={() => (stays = stays.filter((_, j) => j !== i))}>Leave out</Button>
      {:else}
        <span class="on">until it is set</span>
      {/if}
    </div>
  {/each}
  <Button
    size="small"
    kind="tertiary"
    on:click={() =>
      (stays = [...stays.slice(0, -1), { ...stays.at(-1)!, minutes: 60 }, { place: 'fridge', minutes: 60 }])}
    >Move it later</Button
  >
</div>
<div class="stands">
  <RadioButtonGroup legendText="The tin is on" hideLegend bind:selected={on}>
    <RadioButton value="shelf" labelText="on a shelf" />
    <RadioButton value="rack" labelText="on a wire rack" />
  </RadioButtonGroup>
  <Checkbox labelText="foil over it" bind:checked={foil} />
</div>

<div role="status">
  {#if setting === null}
    <p class="quiet">{busy ? 'Working it out ...' : 'No layer has any height yet: lay one in Build.'}</p>
  {/if}
</div>
{#if setting}
  <p class="answer figures">
    {#if setting.cutWindow.fromMinutes !== null}
      All is set after <b>{clock(setting.cutWindow.fromMinutes)}</b>.
      {#if setting.cutWindow.toMinutes !== null}Cut it within <b
          >{clock(setting.cutWindow.toMinutes - setting.cutWindow.fromMinutes)}</b
        > of that: later the hard layer cracks under a cold knife.{:else}It can be cut any time after.{/if}
      {#if deeperMinutes !== null}<span class="quiet">Half as thick again, it takes {clock(deeperMinutes)}.</span>{/if}
    {:else}
      It does not set here.
    {/if}
  </p>
  <HeatSection {setting} layers={work.plan.slabs[0]!.layers} bind:minute />
  <table class="table">
    <thead>
      <tr
        ><th>Layer, from the bottom</th><th class="num">Poured</th><th class="num">Set after</th><th class="num wrap"
          >Cool to, °C</th
        ><th class="num wrap">Least wait, min</th><th class="next">The next one</th></tr
      >
    </thead>
    <tbody>
      {#each setting.layers as layer, i (layer.id)}
        {@const own = slab.layers.find(({ id }) => id === layer.id)}
        <tr>
          <td
            ><b>{layer.name}</b>{#if layer.contactC !== null}<br /><span class="quiet" class:hot={layer.meltsBelow}
                >{#if layer.meltsBelow}Meets the layer below at {layer.contactC.toFixed(0)} °C and melts it: pour at {layer.pourAtMostC!.toFixed(
                    0,
                  )} °C or cooler{:else}meets the layer below at {layer.contactC.toFixed(0)} °C{/if}</span
              >{/if}</td
          >
          <td class="num">{clock(layer.pouredAt)}</td>
          <td class="num"><b>{layer.setAfterMinutes === null ? 'never here' : clock(layer.setAfterMinutes)}</b></td>
          <td class="num field">
            <NumberField
              label="{layer.name} is set at, degrees C"
              hideLabel
              optional
              placeholder="usual"
              value={own?.set?.toC}
              limits={{ min: 0, max: 100 }}
              name="{layer.id} set to"
              typed={draft.typed}
              onvalue={(toC) => setLayer(layer.id, { toC: toC ?? undefined })}
            />
          </td>
          <td class="num field">
            <NumberField
              label="{layer.name} waits at least, minutes"
              hideLabel
              optional
              placeholder="0"
              value={own?.set?.minMinutes}
              limits={{ min: 0, max: 100000 }}
              name="{layer.id} least"
              typed={draft.typed}
              onvalue={(minMinutes) => setLayer(layer.id, { minMinutes: minMinutes ?? undefined })}
            />
          </td>
          <td
            >{#if layer.nextFromMinutes !== null && i === setting.layers.length - 1}<span class="quiet">the top</span
              >{:else if layer.nextFromMinutes !== null}from {clock(
                layer.nextFromMinutes,
              )}{#if layer.nextUntilMinutes !== null}<span class="quiet"
                  >, up to {clock(layer.nextUntilMinutes)}: later its face is too cold and greasy to hold the next</span
                >{/if}{:else}<span class="hot">{layer.why}</span>{/if}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  <WaitCurves {setting} />
  <Measured layers={setting.layers} places={[...new Set(stays.map(({ place }) => place))]} {fit} {fitted} />
  <p class:said={sweats} class:quiet={!sweats}>
    {#if sweats}
      Its face ends at {setting.faceC.toFixed(0)} °C, below the dew point of {dewC.toFixed(0)} °C in this room: it will sweat.
      Leave it wrapped for about {clock(setting.wrappedMinutes)}, until it has come up.
    {:else}
      The dew point in this room is {dewC.toFixed(0)} °C: a face colder than that sweats. This one ends at {setting.faceC.toFixed(
        0,
      )} °C and stays dry.
    {/if}
  </p>
{/if}

<style>
  h2 {
    margin-bottom: 0.4rem;
  }

  .stays,
  .stands {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: end;
    margin-bottom: 0.5rem;
  }

  .stay {
    display: flex;
    gap: 0.4rem;
    align-items: end;
  }

  .stay :global(.bx--select) {
    width: 8.5rem;
  }

  .stay :global(.number-field) {
    width: 5rem;
  }

  .on {
    line-height: 2rem;
  }

  .answer {
    font-size: 1.1rem;
    margin: 0.4rem 0;
  }

  .answer .quiet {
    font-size: 0.9rem;
  }

  .next {
    width: 34%;
  }

  .field {
    width: 4.6rem;
  }

  .wrap {
    white-space: normal !important;
  }

  .hot {
    color: var(--hot);
  }

  .said {
    margin-top: 0.6rem;
  }
</style>

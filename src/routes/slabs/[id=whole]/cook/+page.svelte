<!-- Cook: end point of each pot by thermometer, cold-water test or appearance, at the shop's altitude. -->
<script lang="ts">
  import { Button, RadioButton, RadioButtonGroup, Select, SelectItem } from 'carbon-components-svelte';
  import { chocolateG, isBoiled } from '$core/classify';
  import { ingredientNamed } from '$core/larder';
  import { USUAL_SHOP } from '$core/shop';
  import { endPointC, withPreparation } from '$core/slab';
  import { checkHolds, skinDropC, stageAt, targetHere, waterBoilsC } from '$core/sugar';
  import Panel from '$lib/ui/Panel.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import type { PotCurve } from './potCurve';
  import PotStage from './PotStage.svelte';
  import Signs from './Signs.svelte';
  import TemperStage from './TemperStage.svelte';
  import { slabWork } from '$lib/draft/slabContext';
  import CookCard from './CookCard.svelte';
  import Cooling from './Cooling.svelte';
  import LiveProbe from './LiveProbe.svelte';
  import Meetings from './Meetings.svelte';
  import MeltCard from './MeltCard.svelte';
  import { coolingOf } from '$core/usecases';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const pots = $derived(
    work.draft.slab.preparations.flatMap((preparation, at) => (isBoiled(preparation) ? [{ preparation, at }] : [])),
  );
  /** Mixtures that are mostly chocolate and not boiled. */
  const melted = $derived(
    work.draft.slab.preparations.flatMap((preparation, at) => {
      const { massInG = 0, lines = [] } = work.plan.preparations[at] ?? {};
      const things = lines.map(({ ingredient: name, massG }) => ({
        name,
        ingredient: ingredientNamed(name, work.larder),
        massG: massG ?? 0,
      }));
      const melts = chocolateG([{ preparation, things, share: 1 }]) > massInG / 2;
      return endPointC(preparation) === null && massInG > 0 && melts ? [{ preparation, at }] : [];
    }),
  );
  const probes = $derived(work.shop.probes ?? []);
  let chosen = $state('0');
  let school = $state<'probe' | 'cold water' | 'by eye'>('probe');
  const probe = $derived(probes[Number(chosen)] ?? null);

  let chosenPot: string | null = $state(null);
  const at = $derived(
    Math.max(
      0,
      pots.findIndex(({ preparation }) => preparation.id === chosenPot),
    ),
  );
  const pot = $derived(pots[at]);
  const cooled = $derived(coolingOf(work.draft.slab, work.larder, work.shop));
  const endC = $derived(pot ? endPointC(pot.preparation)! : 0);
  let curves: Record<string, PotCurve | null> = $state({});
  const altitudeM = $derived(work.shop.altitudeM ?? USUAL_SHOP.altitudeM);
  /** Returns where to stop: on the thermometer used, or by the name of the stage. */
  const stopAt = $derived.by(() => {
    if (school !== 'probe') return `Stop at ${stageAt(endC).stage}`;
    const { probeC } = targetHere(endC, altitudeM, probe ?? {}, work.shop.roomC ?? USUAL_SHOP.roomC);
    return `Stop at ${figures.bothTemperatures(probeC)}${probe ? ` on the ${probe.name}` : ''}`;
  });

  /** Surface temperature drop, for infrared thermometers. */
  const skinC = $derived.by(() => {
    const { hereC } = targetHere(endC, altitudeM, {});
    const roomC = work.shop.roomC ?? USUAL_SHOP.roomC;
    return { boiling: skinDropC(hereC, roomC, 'boiling'), still: skinDropC(hereC, roomC, 'still') };
  });

  function set({ preparation, at: p }: NonNullable<typeof pot>, celsius: number) {
    work.draft.change(
      withPreparation(work.draft.slab, p, { cookTo: { celsius, stage: preparation.cookTo?.stage } }),
      `${preparation.id} cook`,
    );
  }

  const DAY_MS = 86_400_000;
  const STALE_DAYS = 30;
  const age = $derived(probe?.checkedOn ? Math.floor((Date.now() - Date.parse(probe.checkedOn)) / DAY_MS) : null);
</script>

<Panel
  label="Cook"
  title={pot ? pot.preparation.name : melted.length > 0 ? 'Tempering' : 'The pot'}
  note={pot
    ? 'Temperatures at sea level. Drag the line.'
    : melted.length > 0
      ? 'Follow the pack where it says otherwise.'
      : ''}
>
  {#snippet stage()}
    {#if pot}
      <PotStage
        celsius={endC}
        name={pot.preparation.name}
        {stopAt}
        curve={curves[pot.preparation.id] ?? null}
        onvalue={(celsius) => set(pot, celsius)}
      />
      <Signs celsius={endC} {school} />
    {:else if melted.length > 0}
      <TemperStage bowls={melted.map(({ preparation }) => preparation)} />
    {:else}
      <EmptyState title="Nothing to boil">
        <p>To see a boil here, enter an end point for its mixture in Build.</p>
        <Button size="small" kind="tertiary" href="/slabs/{work.draft.id}/build">Go to Build</Button>
      </EmptyState>
    {/if}
  {/snippet}
  {#snippet hand()}
    {#if pots.length > 1}
      <RadioButtonGroup
        legendText="Pot"
        selected={pot?.preparation.id}
        on:change={({ detail }) => (chosenPot = String(detail))}
      >
        {#each pots as { preparation } (preparation.id)}<RadioButton
            value={preparation.id}
            labelText={preparation.name}
          />{/each}
      </RadioButtonGroup>
    {/if}
    {#if pot}
      <CookCard preparation={pot.preparation} at={pot.at} {probe} />
    {/if}
    {#if pots.length > 0}
      <div class="panel pad">
        <div class="head">
          <RadioButtonGroup legendText="End point by" bind:selected={school}>
            <RadioButton value="probe" labelText="thermometer" />
            <RadioButton value="cold water" labelText="cold-water test" />
            <RadioButton value="by eye" labelText="appearance" />
          </RadioButtonGroup>
          {#if school === 'probe' && probes.length > 0}
            <div class="probe">
              <Select size="sm" labelText="Thermometer used" bind:selected={chosen}>
                {#each probes as { name }, i (i)}<SelectItem value={String(i)} text={name} />{/each}
                <SelectItem value="none" text="Another (assume it reads correctly)" />
              </Select>
            </div>
          {/if}
        </div>
      </div>
      {#if school === 'probe'}
        <p class="how quiet">
          {#if probe?.kind === 'infrared'}
            Point it straight down at the middle. The surface is about {figures.degrees.say(skinC.boiling, 0)} cooler than
            the mixture below it while it boils, and {figures.degrees.say(skinC.still, 0)} cooler when still. Stir before
            you read. Steam in the way lowers the reading.
          {:else}
            Hold the tip in the middle, away from the bottom and the wall, and wait for a steady reading.
          {/if}
        </p>
      {/if}
      {#if school === 'probe' && probe && !checkHolds(probe, altitudeM)}
        <Notice>
          The {probe.name} was checked at another altitude. Water boils at {figures.temperature.say(
            waterBoilsC(altitudeM),
            1,
          )} here. Check it in boiling water, and enter the reading in the settings.
        </Notice>
      {:else if school === 'probe' && probe && (age === null || age > STALE_DAYS)}
        <Notice>
          {age === null
            ? `The ${probe.name} has never been checked.`
            : `The ${probe.name} was last checked ${age} days ago.`}
          Check it in boiling water and in melting ice, and enter the readings in the settings.
        </Notice>
      {/if}
      {#each pots as { preparation } (preparation.id)}
        <div hidden={school !== 'probe' || preparation.id !== pot?.preparation.id}>
          <LiveProbe
            {preparation}
            {probe}
            bind:curve={() => curves[preparation.id] ?? null, (curve) => (curves[preparation.id] = curve)}
          />
        </div>
      {/each}
    {/if}
    {#if pot}<Cooling preparation={pot.preparation} at={pot.at} cooled={cooled[pot.at]!} />{/if}
    {#each melted as { preparation, at } (preparation.id)}<MeltCard {preparation} {at} />{/each}
    <Meetings />
  {/snippet}
</Panel>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.5rem;
    align-items: end;
  }

  .probe {
    width: 15rem;
  }

  .how {
    font-size: 0.88rem;
    padding: 0 0.8rem;
  }

  .pad {
    padding: 0.5rem 0.8rem;
  }
</style>

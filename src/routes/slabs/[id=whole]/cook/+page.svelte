<!-- What each pot is cooked to: by probe, by cold water or by eye, at the shop's height. -->
<script lang="ts">
  import { RadioButton, RadioButtonGroup, Select, SelectItem } from 'carbon-components-svelte';
  import { chocolateG, isBoiled } from '../../../../core/classify';
  import { ingredientNamed } from '../../../../core/larder';
  import { endPointC } from '../../../../core/slab';
  import { slabWork } from '$lib/slabContext';
  import CookCard from './CookCard.svelte';
  import LiveProbe from './LiveProbe.svelte';
  import Meetings from './Meetings.svelte';
  import MeltCard from './MeltCard.svelte';

  const work = slabWork();
  const pots = $derived(
    work.draft.slab.preparations.flatMap((preparation, at) => (isBoiled(preparation) ? [{ preparation, at }] : [])),
  );
  /** Bowls that are mostly chocolate, cooked to nothing. */
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

  const DAY_MS = 86_400_000;
  const STALE_DAYS = 30;
  const age = $derived(probe?.checkedOn ? Math.floor((Date.now() - Date.parse(probe.checkedOn)) / DAY_MS) : null);
</script>

<div class="head">
  <RadioButtonGroup legendText="You go by" bind:selected={school}>
    <RadioButton value="probe" labelText="a probe" />
    <RadioButton value="cold water" labelText="cold water" />
    <RadioButton value="by eye" labelText="the eye" />
  </RadioButtonGroup>
  {#if school === 'probe' && probes.length > 0}
    <div class="probe">
      <Select size="sm" labelText="Which probe" bind:selected={chosen}>
        {#each probes as { name }, i (i)}<SelectItem value={String(i)} text={name} />{/each}
        <SelectItem value="none" text="another, taken at its word" />
      </Select>
    </div>
  {/if}
</div>
{#if school === 'probe' && probe && (age === null || age > STALE_DAYS)}
  <p class="said">
    {age === null ? `The ${probe.name} has never been checked` : `The ${probe.name} was checked ${age} days ago`}: hold
    it in boiling water and in melting ice, and write what it shows in the settings.
  </p>
{/if}
{#if pots.length === 0 && melted.length === 0}
  <p class="quiet">Nothing in this slab is cooked to an end point. Write one in Build where a pot is boiled.</p>
{/if}
{#each pots as { preparation, at } (preparation.id)}
  <CookCard {preparation} {at} {probe} {school} />
  {#if school === 'probe'}<LiveProbe {preparation} {probe} />{/if}
{/each}
{#each melted as { preparation, at } (preparation.id)}<MeltCard {preparation} {at} />{/each}
<Meetings />

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.5rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .probe {
    width: 15rem;
  }

  .said {
    margin-bottom: 0.6rem;
  }
</style>

<!-- Places of the tin: each layer in its own, or moved on a schedule. -->
<script lang="ts">
  import { Button, Checkbox, RadioButton, RadioButtonGroup, Select, SelectItem } from 'carbon-components-svelte';
  import type { PlaceStay, TinSupport } from '$core/setting';
  import { PLACES, type Place } from '$core/slab';
  import { ASKED } from '$lib/limits/requestLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { PLACE_NAMES } from './places';

  interface Props {
    /** Empty if each layer sets in its own place. */
    stays: PlaceStay[];
    on: TinSupport['on'];
    foil: boolean;
    /** First place. */
    first: Place;
  }
  let { stays = $bindable(), on = $bindable(), foil = $bindable(), first }: Props = $props();
  let typed: Record<string, string> = $state({});
</script>

<div class="stays">
  <RadioButtonGroup
    legendText="Cooling place"
    selected={stays.length === 0 ? 'own' : 'moved'}
    on:change={({ detail }) => {
      if (detail === 'own') stays = [];
      else if (stays.length === 0) stays = [{ place: first, minutes: 60 }];
    }}
  >
    <RadioButton value="own" labelText="each layer in its own place" />
    <RadioButton value="moved" labelText="moved on a schedule" />
  </RadioButtonGroup>
  {#each stays as stay, i (i)}
    <div class="stay">
      <Select
        size="sm"
        labelText={i === 0 ? 'First place' : 'Next place'}
        selected={stay.place}
        on:change={(event) => (stays[i] = { ...stay, place: (event.target as HTMLSelectElement).value as Place })}
      >
        {#each PLACES as place (place)}<SelectItem value={place} text={PLACE_NAMES[place]} />{/each}
      </Select>
      {#if i < stays.length - 1}
        <NumberField
          label="Time there"
          quantity="duration"
          value={stay.minutes}
          limits={ASKED.stayMinutes}
          name="stay {i}"
          {typed}
          onvalue={(minutes) => minutes !== null && (stays[i] = { ...stay, minutes })}
        />
        <Button size="small" kind="ghost" on:click={() => (stays = stays.filter((_, j) => j !== i))}>Remove</Button>
      {:else}
        <span class="on">until set</span>
      {/if}
    </div>
  {/each}
  {#if stays.length > 0}
    <Button
      size="small"
      kind="tertiary"
      on:click={() =>
        (stays = [...stays.slice(0, -1), { ...stays.at(-1)!, minutes: 60 }, { place: 'fridge', minutes: 60 }])}
      >Add a place</Button
    >
  {/if}
</div>
<div class="stays">
  <RadioButtonGroup legendText="Tin stands on" bind:selected={on}>
    <RadioButton value="shelf" labelText="a shelf" />
    <RadioButton value="rack" labelText="a wire rack" />
  </RadioButtonGroup>
  <Checkbox labelText="covered with foil" bind:checked={foil} />
</div>

<style>
  .stays {
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

  .stay :global(.typed-field) {
    width: 5rem;
  }

  .on {
    line-height: 2rem;
  }
</style>

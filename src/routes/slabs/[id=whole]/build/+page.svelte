<!-- The recipe as it is written: name, tin, preparations with their lines, and the layers that are laid from them. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { ALLERGENS } from '../../../../core/larder';
  import { addedLayer, addedPreparation, moved } from '../../../../core/slab';
  import { MEASURES, MEASURES_NAMED, type Measures } from '../../../../core/measure';
  import { tinInWords } from '../../../../core/tin';
  import { slabWork } from '$lib/slabContext';
  import TinFields from '$lib/ui/TinFields.svelte';
  import Reorder from '$lib/ui/Reorder.svelte';
  import LayerList from './LayerList.svelte';
  import NameField from './NameField.svelte';
  import PreparationCard from './PreparationCard.svelte';

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);

  let preparationName = $state('');
  let layerName = $state('');

  function addPreparation() {
    draft.change(addedPreparation(slab, preparationName.trim() || `Preparation ${slab.preparations.length + 1}`));
    preparationName = '';
  }

  function addLayer() {
    draft.change(addedLayer(slab, layerName.trim() || `Layer ${slab.layers.length + 1}`));
    layerName = '';
  }

  function setFree(allergen: (typeof ALLERGENS)[number], free: boolean) {
    const others = (slab.freeFrom ?? []).filter((one) => one !== allergen);
    const freeFrom = free ? [...others, allergen] : others;
    draft.change({ ...slab, freeFrom: freeFrom.length > 0 ? freeFrom : undefined });
  }

  function submitted(act: () => void) {
    return (event: SubmitEvent) => {
      event.preventDefault();
      act();
    };
  }

  onMount(() => void work.shelf.find(''));
</script>

<datalist id="larder-names">
  {#each work.shelf.names as name (name)}<option value={name}></option>{/each}
</datalist>

<details class="panel">
  <summary><b>{slab.name}</b>, written for {tinInWords(slab.tin)}</summary>
  <div class="about">
    <NameField
      label="Name of the slab"
      value={slab.name}
      name="slab name"
      typed={draft.typed}
      onvalue={(name) => draft.change({ ...slab, name }, 'name')}
    />
    <Select
      size="sm"
      labelText="Cups and spoons"
      selected={slab.measures ?? work.shop.measures}
      on:change={(event) => draft.change({ ...slab, measures: (event.target as HTMLSelectElement).value as Measures })}
    >
      {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMED[measure]} />{/each}
    </Select>
    <TinFields
      tin={slab.tin}
      typed={draft.typed}
      name="written tin"
      onvalue={(tin) => draft.change({ ...slab, tin }, 'tin')}
    />
    <fieldset>
      <legend>Sold as free from</legend>
      {#each ALLERGENS as allergen (allergen)}
        <Checkbox
          labelText={allergen}
          checked={(slab.freeFrom ?? []).includes(allergen)}
          on:check={(event) =>
            event.detail !== (slab.freeFrom ?? []).includes(allergen) && setFree(allergen, event.detail)}
        />
      {/each}
    </fieldset>
  </div>
</details>

<h2>Preparations</h2>
{#if slab.preparations.length === 0}
  <p class="quiet">
    A preparation is one pot's or bowl's worth of mixture: the shortbread, the caramel, the melted chocolate. Name the
    first one.
  </p>
{/if}
<Reorder
  items={slab.preparations}
  label="Preparations"
  nameOf={({ name }) => name}
  onorder={(from, to) => draft.change({ ...slab, preparations: moved(slab.preparations, from, to) })}
>
  {#snippet row(preparation, at)}
    <PreparationCard {preparation} {at} />
  {/snippet}
</Reorder>
<form class="add" onsubmit={submitted(addPreparation)}>
  <TextInput
    size="sm"
    hideLabel
    labelText="Name of a new preparation"
    placeholder="Name of a new preparation"
    bind:value={preparationName}
  />
  <Button size="small" kind="tertiary" type="submit">Add preparation</Button>
</form>

<h2>Layers, from the top</h2>
<LayerList />
<form class="add" onsubmit={submitted(addLayer)}>
  <TextInput
    size="sm"
    hideLabel
    labelText="Name of a new layer"
    placeholder="Name of a new layer"
    bind:value={layerName}
  />
  <Button size="small" kind="tertiary" type="submit">Add layer on top</Button>
</form>

<style>
  summary {
    padding: 0.6rem 0.8rem;
    cursor: pointer;
  }

  .about {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.6rem 0.8rem;
    padding: 0 0.8rem 0.8rem;
  }

  h2 {
    margin: 0.9rem 0 0.4rem;
  }

  fieldset {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }

  legend {
    grid-column: 1 / -1;
    color: var(--quiet);
    font-size: 0.75rem;
  }

  .add {
    display: grid;
    grid-template-columns: 1fr max-content;
    gap: 0.5rem;
    align-items: end;
    margin-top: 0.5rem;
  }
</style>

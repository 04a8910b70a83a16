<!-- Build: the cross-section with its layers, and the mixtures they are made from. -->
<script lang="ts">
  import { MEASURES_NAMES } from '$wording/terms';
  import { onMount, tick } from 'svelte';
  import { HALF_WRITTEN } from '$lib/draft/slabDraft.svelte';
  import { Button, Checkbox, Modal, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { ALLERGENS, plainName } from '$core/larder';
  import { larderMatch, lineFromReading, readLine } from '$core/recipe';
  import { addedLayer, addedLines, addedPreparation, moved } from '$core/slab';
  import { MEASURES, type Measures } from '$core/measure';
  import { tinInWords } from '$core/tin';
  import { slabWork } from '$lib/draft/slabContext';
  import Panel from '$lib/ui/Panel.svelte';
  import Reorder from '$lib/ui/Reorder.svelte';
  import Section from '$lib/ui/Section.svelte';
  import TinFields from '$lib/ui/TinFields.svelte';
  import LayerRow from './LayerRow.svelte';
  import Allergens from '$lib/ui/Allergens.svelte';
  import NameField from './NameField.svelte';
  import PreparationCard from './PreparationCard.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';
  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);

  let preparationName = $state('');
  let about = $state(false);
  let reading = $state(false);
  const notes = $derived(slab.notes ? slab.notes.split('\n').length : 0);
  const chosenAt = $derived(slab.layers.findIndex(({ id }) => id === work.chosen));

  /** What was typed as the name of a mixture and reads as a line with an amount; empty if nothing does. */
  let asLine = $state('');
  const lastMixture = $derived(
    slab.preparations.find(({ id }) => id === work.openPreparation) ?? slab.preparations.at(-1),
  );
  const readIt = (text: string) => readLine(text, slab.measures ?? work.shop.measures, work.larder);

  /** Adds a mixture as a new layer on top, and goes to its first line. An ingredient with its amount is asked about first. */
  async function addPreparation(event: SubmitEvent) {
    event.preventDefault();
    const typed = preparationName.trim();
    if (typed !== '' && readIt(typed).quantity !== null) {
      asLine = typed;
      return;
    }
    await addNamed(typed || `Mixture ${slab.preparations.length + 1}`);
  }

  async function addNamed(name: string, line = larderMatch(name, work.larder) ? name : '') {
    asLine = '';
    preparationName = '';
    const next = addedPreparation(slab, name);
    const { id } = next.preparations.at(-1)!;
    draft.change(addedLayer(next, name));
    work.openPreparation = id;
    // An ingredient as a name, such as dark chocolate, begins the first line.
    if (line !== '') draft.typed[`${HALF_WRITTEN}${id} line`] = line;
    await focusLine(id);
  }

  async function addToLast(text: string) {
    const read = lineFromReading(readIt(text));
    const at = slab.preparations.findIndex((preparation) => preparation === lastMixture);
    if (!read || at < 0) return;
    asLine = '';
    preparationName = '';
    work.openPreparation = slab.preparations[at]!.id;
    draft.change(addedLines(slab, at, [read], slab.preparations[at]!.lines.length));
    await focusLine(slab.preparations[at]!.id);
  }

  async function focusLine(id: string) {
    await tick();
    [...document.querySelectorAll<HTMLInputElement>(`#mixture-${CSS.escape(id)} .said-line input`)].at(-1)?.focus();
  }

  /** Names that the starter list has and the larder does not. */
  const offered = $derived.by(() => {
    const own = new Set((slab.larder ?? []).map(({ name }) => plainName(name)));
    const names = slab.preparations.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient));
    return [...new Set(names)].filter(
      (name) => !own.has(plainName(name)) && !larderMatch(name, work.larder) && work.shelf.offered(name) !== null,
    );
  });
  let taking = $state(false);

  async function takeAll() {
    taking = true;
    for (const name of offered) await work.shelf.add(name);
    taking = false;
  }

  function addLayer() {
    const next = addedLayer(slab, '');
    draft.change(next);
    work.chosen = next.layers.at(-1)!.id;
  }

  function setFree(allergen: (typeof ALLERGENS)[number], free: boolean) {
    const others = (slab.freeFrom ?? []).filter((other) => other !== allergen);
    const freeFrom = free ? [...others, allergen] : others;
    draft.change({ ...slab, freeFrom: freeFrom.length > 0 ? freeFrom : undefined });
  }

  onMount(() => void work.shelf.find(''));
</script>

<datalist id="larder-names">
  {#each work.shelf.names as name (name)}<option value={name}></option>{/each}
</datalist>

<Panel label="Build" title="Cross-section" note="{tinInWords(slab.tin, figures)}. Drag an edge.">
  {#snippet stage()}
    <div class="face">
      <Section
        {slab}
        planned={work.plan.slabs[0]!}
        chosen={work.chosen}
        onthickness={work.setThickness}
        onchoose={(id) => (work.chosen = id)}
        rowPx={82}
        rowsShare={0.32}
        close
      >
        {#snippet row(laid)}<LayerRow {laid} />{/snippet}
      </Section>
    </div>
    <div class="foot">
      <Button size="small" kind="ghost" disabled={slab.preparations.length === 0} on:click={addLayer}
        >Add a layer on top</Button
      >
      <Button size="small" kind="ghost" on:click={() => (about = true)}>Slab details</Button>
    </div>
  {/snippet}
  {#snippet hand()}
    {#if chosenAt >= 0}
      {#await import('./LayerCard.svelte') then { default: LayerCard }}
        <LayerCard layer={slab.layers[chosenAt]!} at={chosenAt} onclose={() => (work.chosen = null)} />
      {/await}
    {/if}
    {#if offered.length > 1}
      <Notice>
        <span>{offered.length} names are not in the larder yet. The starter list has them, without prices.</span>
        <Button size="small" kind="tertiary" disabled={taking} on:click={takeAll}>Add all {offered.length}</Button>
      </Notice>
    {/if}
    {#if slab.preparations.length === 0}
      <p class="panel begin">
        A mixture is what is made in one pot or bowl: the shortbread, the caramel, the melted chocolate. Name the bottom
        one, press Enter, and list its ingredients.
      </p>
    {/if}
    <Reorder
      items={slab.preparations}
      label="Mixtures"
      nameOf={({ name }) => name}
      onorder={(from, to) => draft.change({ ...slab, preparations: moved(slab.preparations, from, to) })}
    >
      {#snippet row(preparation, at)}
        <PreparationCard {preparation} {at} />
      {/snippet}
    </Reorder>
    <form class="add" onsubmit={addPreparation}>
      <TextInput
        size="sm"
        hideLabel
        labelText="Name of another mixture"
        placeholder="Name of the mixture"
        maxlength={200}
        bind:value={preparationName}
      />
      <Button size="small" kind="tertiary" type="submit">Add mixture</Button>
    </form>
    {#if asLine !== ''}
      <Notice>
        <span>"{asLine}" is an ingredient with its amount, not the name of a mixture.</span>
        {#if lastMixture}
          <Button size="small" kind="tertiary" on:click={() => void addToLast(asLine)}
            >Add it to {lastMixture.name}</Button
          >
        {/if}
        <Button
          size="small"
          kind={lastMixture ? 'ghost' : 'tertiary'}
          on:click={() => void addNamed(`Mixture ${slab.preparations.length + 1}`, asLine)}
          >Start a mixture with it</Button
        >
      </Notice>
    {/if}
    {#if slab.preparations.length > 0}<div class="allergens"><Allergens statement={work.allergens} /></div>{/if}
    <div class="notes">
      <Button size="small" kind="ghost" aria-expanded={reading} on:click={() => (reading = !reading)}
        >Method and notes{notes === 0 ? '' : notes === 1 ? ', 1 line' : `, ${notes} lines`}</Button
      >
      {#if reading}
        {#await import('./Notes.svelte') then { default: Notes }}<Notes />{/await}
      {/if}
    </div>
  {/snippet}
</Panel>

{#if about}<h2 class="unseen">Slab details</h2>{/if}
<Modal passiveModal bind:open={about} modalHeading="Slab details" size="sm">
  <div class="about">
    <NameField
      label="Slab name"
      value={slab.name}
      name="slab name"
      typed={draft.typed}
      onvalue={(name) => draft.change({ ...slab, name }, 'name')}
    />
    <Select
      size="sm"
      labelText="Cup and spoon sizes"
      selected={slab.measures ?? work.shop.measures}
      on:change={(event) => draft.change({ ...slab, measures: (event.target as HTMLSelectElement).value as Measures })}
    >
      {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMES[measure]} />{/each}
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
</Modal>

<style>
  .face {
    flex: 1;
    min-height: 0;
    display: flex;
  }

  .foot {
    display: flex;
    gap: 0.5rem;
    padding-left: 1.4rem;
  }

  .notes {
    margin-top: 0.5rem;
  }

  .begin {
    padding: 0.8rem;
  }

  .about {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.6rem 0.8rem;
  }

  fieldset {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
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
    padding: 0.3rem;
    border: 1px dashed var(--rule-strong);
  }

  .add :global(input) {
    border-color: transparent;
    background: transparent;
  }

  @media (max-width: 759px) {
    .foot {
      display: none;
    }

    :global(.expanded) .foot {
      display: flex;
    }
  }
</style>

<!-- One line of a preparation as written, with what it weighs. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import OverflowMenuHorizontal from 'carbon-icons-svelte/lib/OverflowMenuHorizontal.svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { UNITS, type Unit } from '../../../../core/measure';
  import { ingredientNamed } from '../../../../core/larder';
  import { withLine, type Line, type Preparation } from '../../../../core/slab';
  import { slabLimits } from '$lib/limits';
  import { grams } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import LineMore from './LineMore.svelte';
  import NameField from './NameField.svelte';

  interface Props {
    preparation: Preparation;
    /** Which preparation, and which line of it. */
    at: number;
    l: number;
    line: Line;
    onremove: () => void;
  }
  let { preparation, at, l, line, onremove }: Props = $props();

  const work = slabWork();
  const { draft } = work;
  let opened = $state(false);
  const massG = $derived(work.plan.preparations[at]?.lines[l]?.massG);
  const field = (name: string) => `${preparation.id} ${name}`;
  const known = (name: string) =>
    ingredientNamed(name, work.larder) !== null ||
    (draft.slab.larder ?? []).some((ingredient) => ingredient.name === name);
</script>

<div class="whole">
  <div class="line">
    <NumberField
      label="Amount of {line.ingredient}"
      hideLabel
      value={line.quantity}
      limits={slabLimits('preparations.lines.quantity')}
      name={field(`${l} amount`)}
      typed={draft.typed}
      onvalue={(quantity) =>
        quantity !== null && draft.change(withLine(draft.slab, at, l, { quantity }), field(`${l} amount`))}
    />
    <Select
      size="sm"
      hideLabel
      labelText="Unit of {line.ingredient}"
      selected={line.unit}
      on:change={(event) =>
        draft.change(withLine(draft.slab, at, l, { unit: (event.target as HTMLSelectElement).value as Unit }))}
    >
      {#each UNITS as unit (unit)}<SelectItem value={unit} text={unit} />{/each}
    </Select>
    <NameField
      label="Ingredient {l + 1}"
      hideLabel
      list="larder-names"
      value={line.ingredient}
      name={field(`${l} ingredient`)}
      typed={draft.typed}
      warn={known(line.ingredient) ? '' : 'Not in the larder'}
      onvalue={(name) => {
        draft.change(withLine(draft.slab, at, l, { ingredient: name }), field(`${l} ingredient`));
        void work.shelf.find(name);
      }}
    />
    <TextInput
      size="sm"
      hideLabel
      labelText="State of {line.ingredient}"
      placeholder="as it is"
      maxlength={100}
      value={line.state ?? ''}
      on:input={(event) =>
        draft.change(
          withLine(draft.slab, at, l, { state: String(event.detail ?? '') || undefined }),
          field(`${l} state`),
        )}
    />
    <span class="mass figures"
      >{massG === null || massG === undefined ? 'no weight' : `${grams(massG)} g`}{#if line.divided?.length}<span
          class="quiet"><br />of it here</span
        >{/if}</span
    >
    <Button
      kind="ghost"
      size="small"
      icon={OverflowMenuHorizontal}
      iconDescription="Divide or swap {line.ingredient}"
      aria-expanded={opened}
      on:click={() => (opened = !opened)}
    />
    <Button kind="ghost" size="small" icon={TrashCan} iconDescription="Remove {line.ingredient}" on:click={onremove} />
  </div>
  {#if opened}<LineMore {preparation} {at} {l} />{/if}
</div>

<style>
  .line {
    display: grid;
    grid-template-columns: 4.2rem 4.4rem minmax(0, 3fr) minmax(0, 1.3fr) 4rem 2rem 2rem;
    gap: 0.25rem;
    align-items: start;
    flex: 1;
    min-width: 0;
  }

  .whole {
    flex: 1;
    min-width: 0;
  }

  .mass .quiet {
    font-size: 0.78rem;
  }

  .mass:has(.quiet) {
    line-height: 1.1;
  }

  .mass {
    text-align: right;
    line-height: 2rem;
    white-space: nowrap;
  }
</style>

<!-- Details of a line: its fields, the step at which it is added, its parts, and substitutes. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { ingredientNamed } from '$core/larder';
  import { shareKept, withLine, type Line, type LinePart, type Preparation } from '$core/slab';
  import { massOf, UNITS, type Unit } from '$core/measure';
  import { slabLimits } from '$lib/limits/fieldLimits';

  import { slabWork } from '$lib/draft/slabContext';
  import NameField from './NameField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    preparation: Preparation;
    /** Its preparation, and its position in it. */
    at: number;
    l: number;
    onremove: () => void;
  }
  let { preparation, at, l, onremove }: Props = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const line = $derived(preparation.lines[l]!);
  const divided = $derived(line.divided ?? []);
  const ingredient = $derived(ingredientNamed(line.ingredient, work.larder));
  const alternatives = $derived(ingredient?.alternatives ?? []);
  const measures = $derived(draft.slab.measures ?? work.shop.measures);

  const set = (part: Partial<Line>, field = '') => draft.change(withLine(draft.slab, at, l, part), field);
  const setDivided = (parts: readonly LinePart[], field = '') =>
    set({ divided: parts.length > 0 ? parts : undefined }, field);

  /** Maximum share of a part: what the others leave. */
  const most = (i: number) => 1 - divided.reduce((sum, { share }, j) => (j === i ? sum : sum + share), 0);

  function setPart(i: number, part: Partial<LinePart>, field = '') {
    setDivided(
      divided.map((old, j) => (j === i ? { ...old, ...part } : old)),
      field,
    );
  }

  function divide() {
    const other = draft.slab.preparations.find(({ id }) => id !== preparation.id);
    const share = Math.min(0.5, most(-1));
    if (share > 0) setDivided([...divided, { share, ...(other ? { preparation: other.id } : {}) }]);
  }

  /** Replaces the ingredient, by grams per gram replaced. */
  function swap(name: string, ratio: number) {
    const weighed = massOf(line, ingredient ?? {}, measures);
    const { state: _state, packG: _pack, also: _also, text: _text, ...rest } = line;
    const next: Line = weighed.ok
      ? { ...rest, ingredient: name, quantity: Number((weighed.massG * ratio).toFixed(1)), unit: 'g' }
      : { ...rest, ingredient: name, quantity: line.quantity * ratio };
    draft.change({
      ...draft.slab,
      preparations: draft.slab.preparations.map((preparation, p) =>
        p === at ? { ...preparation, lines: preparation.lines.map((old, i) => (i === l ? next : old)) } : preparation,
      ),
    });
  }
</script>

<div class="more">
  {#if line.text}<p class="quiet">Written as “{line.text}”</p>{/if}
  <div class="fields">
    <NumberField
      label="Amount of {line.ingredient}"
      hideLabel
      value={line.quantity}
      counted={line.ingredient}
      limits={slabLimits('preparations.lines.quantity')}
      name="{preparation.id} {l} amount"
      typed={draft.typed}
      onvalue={(quantity) => quantity !== null && set({ quantity }, `${preparation.id} ${l} amount`)}
    />
    <Select
      size="sm"
      hideLabel
      labelText="Unit of {line.ingredient}"
      selected={line.unit}
      on:change={(event) => set({ unit: (event.target as HTMLSelectElement).value as Unit })}
    >
      {#each UNITS as unit (unit)}<SelectItem value={unit} text={unit} />{/each}
    </Select>
    <NameField
      label="Ingredient {l + 1}"
      hideLabel
      list="larder-names"
      value={line.ingredient}
      name="{preparation.id} {l} ingredient"
      typed={draft.typed}
      onvalue={(name) => {
        set({ ingredient: name }, `${preparation.id} ${l} ingredient`);
        void work.shelf.find(name);
      }}
    />
    <TextInput
      size="sm"
      hideLabel
      labelText="State of {line.ingredient}"
      placeholder="as is"
      maxlength={100}
      value={line.state ?? ''}
      on:input={(event) => set({ state: String(event.detail ?? '') || undefined }, `${preparation.id} ${l} state`)}
    />
  </div>
  {#if (preparation.steps ?? []).length > 1}
    <Select
      size="sm"
      labelText="Added at"
      selected={line.addedAt ?? ''}
      on:change={(event) => set({ addedAt: (event.target as HTMLSelectElement).value || undefined })}
    >
      <SelectItem value="" text="the start" />
      {#each preparation.steps ?? [] as { id, text } (id)}<SelectItem value={id} {text} />{/each}
    </Select>
  {/if}
  {#each divided as part, i (i)}
    {@const target = draft.slab.preparations.find(({ id }) => id === (part.preparation ?? preparation.id))}
    <div class="part">
      <NumberField
        label="Part {i + 1} of {line.ingredient}, %"
        hideLabel
        value={Number((part.share * 100).toFixed(2))}
        limits={{ min: 0, max: Number((most(i) * 100).toFixed(2)) }}
        name="{preparation.id} {l} part {i}"
        typed={draft.typed}
        onvalue={(percent) =>
          percent !== null && setPart(i, { share: percent / 100 }, `${preparation.id} ${l} part ${i}`)}
      />
      <span>% into</span>
      <Select
        size="sm"
        hideLabel
        labelText="Part {i + 1} of {line.ingredient} goes into"
        selected={part.preparation ?? preparation.id}
        on:change={(event) => {
          const id = (event.target as HTMLSelectElement).value;
          setPart(i, { preparation: id === preparation.id ? undefined : id, addedAt: undefined });
        }}
      >
        {#each draft.slab.preparations as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
      {#if (target?.steps ?? []).length > 1}
        <Select
          size="sm"
          hideLabel
          labelText="Part {i + 1} of {line.ingredient} goes in at"
          selected={part.addedAt ?? ''}
          on:change={(event) => setPart(i, { addedAt: (event.target as HTMLSelectElement).value || undefined })}
        >
          <SelectItem value="" text="at the start" />
          {#each target?.steps ?? [] as { id, text } (id)}<SelectItem value={id} {text} />{/each}
        </Select>
      {/if}
      <Button size="small" kind="ghost" on:click={() => setDivided(divided.filter((_, j) => j !== i))}
        >Remove part</Button
      >
    </div>
  {/each}
  <p>
    {#if divided.length > 0}<b>{(shareKept(line) * 100).toFixed(0)} %</b> stays in {preparation.name}. The whole amount
      is bought and weighed once.{/if}
    <Button size="small" kind="tertiary" disabled={most(-1) < 0.001} on:click={divide}>Split into parts</Button>
    <Button size="small" kind="ghost" on:click={onremove}>Remove line</Button>
  </p>
  {#each alternatives as { ingredient: name, ratio, changes }, i (i)}
    {@const weighed = massOf(line, ingredient ?? {}, measures)}
    <p class="swap">
      <Button size="small" kind="tertiary" on:click={() => swap(name, ratio)}
        >{weighed.ok ? figures.mass.say(weighed.massG * ratio) : ''} {name} instead</Button
      >
      <span class="quiet">{changes}</span>
    </p>
  {/each}
</div>

<style>
  .more {
    display: grid;
    gap: 0.4rem;
    padding: 0.5rem 0.6rem;
    margin: 0.1rem 0 0.4rem;
    background: var(--sunk);
    border-left: 3px solid var(--primary);
    font-size: 0.9rem;
  }

  .fields {
    display: grid;
    grid-template-columns: 4.2rem 4.6rem minmax(0, 3fr) minmax(0, 1.5fr);
    gap: 0.25rem;
  }

  .part {
    display: grid;
    grid-template-columns: 4.4rem max-content minmax(0, 1fr) minmax(0, 1fr) max-content;
    gap: 0.4rem;
    align-items: center;
  }

  .swap {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.6rem;
    align-items: center;
  }

  .swap :global(.bx--btn) {
    padding: 0 0.7rem;
  }

  p:not(.swap) {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
</style>

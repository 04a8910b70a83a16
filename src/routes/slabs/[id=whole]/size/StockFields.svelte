<!-- Stock of each ingredient: the one that runs out first limits the batch. Empty fields count as enough. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { countableAs, ingredientNamed, plainName } from '$core/larder';
  import type { Unit } from '$core/measure';
  import type { StockItem } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { have }: { have: readonly StockItem[] } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;

  /** Each ingredient once, counted by the piece or by weight. */
  const ingredients = $derived.by(() => {
    const found: { name: string; unit: Unit }[] = [];
    for (const { ingredient, unit } of draft.slab.preparations.flatMap(({ lines }) => lines)) {
      if (found.some(({ name }) => plainName(name) === plainName(ingredient))) continue;
      found.push({ name: ingredient, unit: unit === 'each' ? 'each' : 'g' });
    }
    return found;
  });
  const asFar = $derived(work.plan.asFar);

  function set(ingredient: string, unit: Unit, quantity: number | null) {
    const others = have.filter((item) => plainName(item.ingredient) !== plainName(ingredient));
    const next = quantity === null ? others : [...others, { ingredient, quantity, unit }];
    draft.change({ ...draft.slab, scale: { mode: 'as-far-as', have: next } }, `have ${ingredient}`);
  }
</script>

<div class="cupboard">
  <p>
    {#if asFar?.limit}
      <b>{asFar.limit}</b> runs out first: {asFar.scaleFactor.toFixed(2)} times the base recipe.
    {:else}
      Enter what you have of the ingredients that are short. The others are assumed to be enough.
    {/if}
  </p>
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Ingredient</th><th class="num">In stock</th><th></th><th class="num">Left over, {figures.mass.unit}</th
        ></tr
      ></thead
    >
    <tbody>
      {#each ingredients as { name, unit } (name)}
        {@const left = asFar?.left.find(({ ingredient }) => ingredient === name)}
        <tr class:limit={asFar?.limit === name}>
          <td>{name}</td>
          <td class="num field">
            <NumberField
              label="Stock of {name}"
              quantity={unit === 'each' ? undefined : 'mass'}
              counted={unit === 'each' ? name : undefined}
              countable={countableAs(ingredientNamed(name, work.larder), name)}
              hideLabel
              optional
              value={have.find(({ ingredient }) => plainName(ingredient) === plainName(name))?.quantity}
              limits={slabLimits('scale.as-far-as.have.quantity')}
              name="have {name}"
              typed={draft.typed}
              onvalue={(quantity) => set(name, unit, quantity)}
            />
          </td>
          <td class="quiet">{unit === 'each' ? 'pieces' : figures.mass.unit}</td>
          <td class="num">{left ? figures.mass.figure(left.leftG) : ''}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
</div>

<style>
  .cupboard {
    width: 100%;
    margin-top: 0.5rem;
  }

  .cupboard :global(.table) {
    margin-top: 0.4rem;
  }

  .field {
    width: 7rem;
  }

  .limit td {
    background: var(--hot-ground);
  }
</style>

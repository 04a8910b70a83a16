<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import { pricePerGram } from '$core/cost';
  import { money } from '$lib/format/money';
  import type { StoredIngredient } from '$lib/server/larder';

  import ListFind from '$lib/ui/ListFind.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';
  import Pager from '$lib/ui/Pager.svelte';
  import IngredientDialog from './IngredientDialog.svelte';
  import TableDialog from './TableDialog.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { data } = $props();

  const figures = $derived(shopFigures());

  let inTable = $state(false);
  let editing: { ingredient: StoredIngredient | null } | null = $state.raw(null);

  const perMass = (ingredient: StoredIngredient) => {
    const price = pricePerGram(ingredient);
    return price === null ? '-' : money(price * figures.priceMass.massG, data.shop.currency);
  };

  async function done() {
    editing = null;
    await invalidateAll();
  }
</script>

<svelte:head><title>Larder - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Larder</h1>
    <div class="find">
      <ListFind path="/larder" label="Find an ingredient" sought={data.sought} />
    </div>
    <Button size="field" kind="tertiary" on:click={() => (inTable = true)}>Import and export</Button>
    <Button size="field" on:click={() => (editing = { ingredient: null })}>Add an ingredient</Button>
  </div>

  <StockNav />
  {#if data.all === 0}
    <div class="panel">
      <EmptyState title="The larder is empty">
        <p>
          It fills as you write recipes: common ingredients come from the starter list. You can also add ingredients
          here. Densities convert cups to grams. Pack prices give the cost.
        </p>
        <Button size="small" kind="tertiary" href="/slabs">Create a slab</Button>
      </EmptyState>
    </div>
  {:else}
    <h2 class="unseen">Ingredients</h2>
    <div class="scroll">
      <Table size="compact" class="table">
        <thead>
          <tr>
            <th>Ingredient</th><th class="num">Density, {figures.density.unit}</th><th class="num"
              >Weight of one, {figures.mass.unit}</th
            ><th class="num">In stock, {figures.mass.unit}</th><th>Usual pack</th>
            <th class="num">Pack price</th><th class="num">Per {figures.priceMass.unit}</th><th>Allergens</th><th
              ><span class="unseen">Edit</span></th
            >
          </tr>
        </thead>
        <tbody>
          {#each data.ingredients as ingredient (ingredient.id)}
            {@const [pack] = ingredient.packs ?? []}
            <tr>
              <td
                ><b>{ingredient.name}</b>{#if ingredient.aliases?.length}<span class="quiet"
                    >, also {ingredient.aliases.slice(0, 3).join(', ')}{ingredient.aliases.length > 3 ? ' …' : ''}</span
                  >{/if}</td
              >
              <td class="num"
                >{ingredient.densityGPerMl === undefined ? '-' : figures.density.figure(ingredient.densityGPerMl)}</td
              >
              <td class="num">{ingredient.unitMassG === undefined ? '-' : figures.mass.figure(ingredient.unitMassG)}</td
              >
              <td class="num">{ingredient.heldG === undefined ? '-' : figures.mass.figure(ingredient.heldG)}</td>
              <td
                >{pack?.name ?? '-'}{#if (ingredient.packs?.length ?? 0) > 1}<span class="quiet"
                    >{` and ${ingredient.packs!.length - 1} more`}</span
                  >{/if}</td
              >
              <td class="num">{pack?.price === undefined ? '-' : money(pack.price, data.shop.currency)}</td>
              <td class="num">{perMass(ingredient)}</td>
              <td
                >{ingredient.allergens?.join(', ') || (ingredient.madeOf ? '' : '-')}{#if ingredient.madeOf}<span
                    class="quiet"
                    >{ingredient.allergens?.length ? '; ' : ''}made of {ingredient.madeOf
                      .map(({ ingredient }) => ingredient)
                      .join(', ')}</span
                  >{/if}</td
              >
              <td class="num"
                ><Button kind="ghost" size="small" on:click={() => (editing = { ingredient })}
                  >Edit<span class="unseen"> {ingredient.name}</span></Button
                ></td
              >
            </tr>
          {:else}
            <tr><td colspan="9">No ingredient found.</td></tr>
          {/each}
        </tbody>
      </Table>
    </div>
    <Pager path="/larder" sought={data.sought} from={data.from} most={data.most} count={data.count} all={data.all} />
    <p class="quiet">
      Allergens are as declared on the packs, plus those of each product's ingredients. Check every delivery, and follow
      your local food law for labels.
    </p>
  {/if}
</div>

{#if editing}
  <IngredientDialog
    ingredient={editing.ingredient}
    currency={data.shop.currency}
    ondone={done}
    onleave={() => (editing = null)}
  />
{/if}
{#if inTable}<TableDialog ondone={() => invalidateAll()} onleave={() => (inTable = false)} />{/if}

<style>
  .find {
    width: 19rem;
  }

  .scroll :global(td:first-child) {
    min-width: 11rem;
  }

  .scroll {
    position: relative;
    overflow-x: auto;
    margin-bottom: 0.6rem;
  }
</style>

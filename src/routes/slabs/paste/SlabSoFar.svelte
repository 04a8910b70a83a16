<!-- The slab as the recipe has it so far: its section, what is made, and what the recipe does not say. -->
<script lang="ts">
  import { lookOf } from '$core/classify';
  import { larderOf, type Ingredient } from '$core/larder';
  import { assumedOf, type MethodRead } from '$core/method';
  import type { Shop } from '$core/shop';
  import type { Slab } from '$core/slab';
  import { tinInWords } from '$core/tin';
  import { plan } from '$core/usecases';
  import { assumedOfRecipeText } from '$wording/reading';
  import { shopFigures } from '$lib/format/shopFigures';
  import SmallSection from '$lib/ui/SmallSection.svelte';

  interface Props {
    slab: Slab;
    method: MethodRead;
    /** What the larder and the starter list know of its ingredients. */
    ingredients: readonly Ingredient[];
    shop: Shop;
  }
  let { slab, method, ingredients, shop }: Props = $props();

  const figures = $derived(shopFigures());
  /** `null` for a slab that cannot be planned. */
  const made = $derived.by(() => {
    try {
      return plan({ ...slab, cut: undefined }, larderOf(ingredients), shop);
    } catch {
      return null;
    }
  });
  const layers = $derived(
    (made?.slabs[0]?.layers ?? []).map((layer, at) => ({
      ...layer,
      texture: lookOf(slab.layers[at]!, slab.preparations),
    })),
  );
  const nameOf = (id: string) => slab.preparations.find((own) => own.id === id)?.name ?? id;
  const mixtures = $derived(
    slab.preparations.filter(({ lines }) => lines.length > 0).map(({ id, name, cookTo }) => ({ id, name, cookTo })),
  );
  const assumed = $derived(assumedOf(method).map(({ code }) => assumedOfRecipeText(code, slab, figures)));
</script>

<section aria-label="The slab so far" class="panel">
  <h2>The slab so far</h2>
  {#if made && made.slab.heightMm > 0}
    <SmallSection tin={made.slabs[0]!.tin} {layers} />
    <p class="figures">{figures.length.say(made.slab.heightMm)} high, {figures.mass.say(made.slab.massG)}</p>
  {:else}
    <p class="quiet">It has no height until its ingredients have weights.</p>
  {/if}
  <p class="figures">{tinInWords(slab.tin, figures)}</p>
  <h3>Layers, from the top</h3>
  <ul>
    {#each [...slab.layers].reverse() as layer (layer.id)}
      <li>{layer.from.map(({ preparation }) => nameOf(preparation)).join(' with ')}</li>
    {/each}
  </ul>
  {#if mixtures.some(({ cookTo }) => cookTo?.celsius !== undefined)}
    <h3>Boils</h3>
    <ul>
      {#each mixtures as { id, name, cookTo } (id)}
        {#if cookTo?.celsius !== undefined}<li class="figures">
            {name} to {figures.temperature.say(cookTo.celsius)}. Risk of burns: keep children away
          </li>{/if}
      {/each}
    </ul>
  {/if}
  <h3>Not in the recipe</h3>
  <ul class="quiet">
    {#each assumed as text (text)}<li>{text}</li>{/each}
  </ul>
</section>

<style>
  .panel {
    position: sticky;
    top: calc(48px + 0.6rem);
    padding: 0.8rem;
  }

  h2 {
    margin: 0 0 0.4rem;
    font-size: 1.1rem;
  }

  h3 {
    margin: 0.8rem 0 0.2rem;
    font-size: 0.92rem;
    font-weight: 650;
  }

  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 0.92rem;
  }

  li {
    padding: 0.1rem 0;
  }

  p {
    margin: 0.3rem 0 0;
    font-size: 0.92rem;
  }
</style>

<!-- Allergens of an ingredient, with the law that requires each, and the diets it suits. -->
<script lang="ts">
  import { Checkbox } from 'carbon-components-svelte';
  import { ALLERGENS, DIETS, EU_ALLERGENS, US_ALLERGENS, type Ingredient } from '$core/larder';

  interface Props {
    form: Ingredient;
    onset: (part: Partial<Ingredient>) => void;
  }
  let { form, onset }: Props = $props();

  const LISTS = [
    ['EU', EU_ALLERGENS],
    ['US', US_ALLERGENS],
  ] as const;
  /** Each allergen once, in the order of the EU's list, with the law that requires it. */
  const asked = ALLERGENS.map((name) => ({
    name,
    by: LISTS.filter(([, list]) => (list as readonly string[]).includes(name)).map(([who]) => who),
  }));

  function mark(list: 'allergens' | 'diets', name: string, has: boolean) {
    const others = ((form[list] ?? []) as readonly string[]).filter((declared) => declared !== name);
    const next = has ? [...others, name] : others;
    // Without any, the allergens are unknown until "contains none of these" is marked.
    onset({ [list]: next.length > 0 ? next : undefined });
  }
</script>

<fieldset>
  <legend><h3>Allergens of this ingredient</h3></legend>
  <Checkbox
    labelText="contains none of these"
    checked={form.allergens?.length === 0}
    on:check={(event) =>
      onset({ allergens: event.detail ? [] : form.allergens?.length === 0 ? undefined : form.allergens })}
  />
  <div class="allergens">
    {#each asked as { name, by } (name)}
      <Checkbox
        labelText="{name}{by.length === 1 ? ` (${by[0]})` : ''}"
        checked={(form.allergens ?? []).includes(name)}
        on:check={(event) => mark('allergens', name, event.detail)}
      />
    {/each}
  </div>
</fieldset>
<fieldset>
  <legend><h3>Suitable for</h3></legend>
  <div class="allergens">
    {#each DIETS as name (name)}
      <Checkbox
        labelText={name}
        checked={(form.diets ?? []).includes(name)}
        on:check={(event) => mark('diets', name, event.detail)}
      />
    {/each}
  </div>
</fieldset>

<style>
  .allergens {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
    gap: 0 0.6rem;
  }

  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin: 1rem 0 0.4rem;
  }
</style>

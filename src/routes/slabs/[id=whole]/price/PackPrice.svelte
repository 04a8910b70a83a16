<!-- Price of an ingredient without one, entered where it is missing. -->
<script lang="ts">
  import { reasonText } from '$wording/problems';
  import { TextInput } from 'carbon-components-svelte';
  import { readPackPrice } from '$core/recipe';
  import { ask } from '$lib/api';
  import type { StoredIngredient } from '$lib/server/larder';
  import { slabWork } from '$lib/draft/slabContext';

  let { ingredient }: { ingredient: StoredIngredient } = $props();

  const work = slabWork();
  let text = $state('');
  let wrong = $state('');

  async function take() {
    if (text.trim() === '') return;
    const read = readPackPrice(text, ingredient, work.shop.measures);
    if (!read.ok) {
      wrong = reasonText(read.reason);
      return;
    }
    const { id, revision, ...facts } = ingredient;
    const pack = { ...read.pack, pricedOn: new Date().toISOString().slice(0, 10) };
    // A pack of that size without a price is this one.
    const others = (facts.packs ?? []).filter(({ massG, price }) => price !== undefined || massG !== pack.massG);
    const answer = await ask('PUT', `/api/larder/${id}`, {
      revision,
      ingredient: { ...facts, packs: [pack, ...others] },
    });
    wrong = answer.ok ? '' : (answer.problems[0]?.message ?? 'The price was not saved. Try again');
    if (answer.ok) await work.shelf.look([ingredient.name]);
  }
</script>

<TextInput
  size="sm"
  hideLabel
  labelText="Price of {ingredient.name}"
  placeholder="2.75 for 250 g"
  autocomplete="off"
  bind:value={text}
  invalid={wrong !== ''}
  invalidText={wrong}
  on:change={take}
  on:keydown={(event) => {
    if (event.key === 'Enter') void take();
  }}
/>

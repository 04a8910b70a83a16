<!-- What can be done about a name that the larder does not know, without leaving the line. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { ask } from '$lib/api';
  import type { StoredIngredient } from '$lib/server/larder';
  import { slabWork } from '$lib/slabContext';

  let { name }: { name: string } = $props();

  const { shelf } = slabWork();
  let wrong = $state('');

  async function add() {
    const answer = await ask<{ ingredient: StoredIngredient }>('POST', '/api/larder', { name });
    if (answer.ok) await shelf.look([name]);
    else wrong = answer.problems[0]?.message ?? 'That did not work';
  }
</script>

<Button size="small" kind="ghost" on:click={add}>Add {name} to the larder</Button>
{#if wrong}<span role="alert">{wrong}</span>{/if}

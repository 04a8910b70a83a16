<!-- Slab templates by kind of work. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import { ask } from '$lib/api';
  import type { ProblemMessage } from '$wording/problems';
  import type { PatternCard } from '$lib/server/starter';
  import SmallSection from '$lib/ui/SmallSection.svelte';

  let { onproblems }: { onproblems: (problems: readonly ProblemMessage[]) => void } = $props();

  let cards: readonly PatternCard[] = $state.raw([]);
  onMount(async () => {
    const answer = await ask<{ patterns: PatternCard[] }>('GET', '/api/patterns');
    if (answer.ok) cards = answer.value.patterns;
    else onproblems(answer.problems);
  });

  async function begin(id: string) {
    const answer = await ask<{ id: number }>('POST', `/api/patterns/${id}`, {});
    if (answer.ok) await goto(`/slabs/${answer.value.id}/build`);
    else onproblems(answer.problems);
  }
</script>

<ul>
  {#each cards as { id, name, what, drawn } (id)}
    <li>
      <button type="button" class="panel" onclick={() => begin(id)}>
        <SmallSection tin={drawn.tin} layers={drawn.layers} />
        <b>{name}</b>
        <span class="quiet">{what}</span>
      </button>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(320px, 100%), 1fr));
    gap: 0.7rem;
  }

  button {
    display: grid;
    gap: 0.1rem;
    width: 100%;
    padding: 0.6rem 0.8rem;
    text-align: left;
    font: inherit;
    color: inherit;
    cursor: pointer;
  }

  button:hover {
    border-color: var(--primary);
  }

  b {
    margin-top: 0.3rem;
  }
</style>

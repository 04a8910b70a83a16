<!-- What was guessed: taken as usual because nobody has said it, with what it rests on; each goes to where it is said. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import Close from 'carbon-icons-svelte/lib/Close.svelte';
  import type { Guess } from '../../core/usecases';

  interface Props {
    guesses: readonly Guess[];
    onshow: (where: string) => void;
    onclose: () => void;
  }
  let { guesses, onshow, onclose }: Props = $props();
</script>

<div class="head">
  <h2>What was guessed</h2>
  <Button size="small" kind="ghost" icon={Close} iconDescription="Close" tooltipPosition="left" on:click={onclose} />
</div>
<p class="quiet">Taken as usual, because nobody has said it. Say it where you know better.</p>
<ul>
  {#each guesses as { where, taken, restsOn }, i (`${where} ${i}`)}
    <li>
      <p><b>{taken}</b><br /><span class="quiet">rests on {restsOn}</span></p>
      <Button size="small" kind="ghost" on:click={() => onshow(where)} aria-label="Say it: {taken}">Say it</Button>
    </li>
  {/each}
</ul>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  li {
    display: grid;
    grid-template-columns: 1fr max-content;
    gap: 0.3rem;
    align-items: center;
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
    font-size: 0.92rem;
  }
</style>

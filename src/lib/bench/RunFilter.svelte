<!-- Filters the bench to one of several runs. All of them, in the order of the clock, is the usual view. -->
<script lang="ts">
  interface Props {
    runs: readonly { readonly id: number; readonly text: string }[];
    /** Number of the run chosen; `null` for all. */
    chosen: number | null;
    onchoose: (id: number | null) => void;
  }
  let { runs, chosen, onchoose }: Props = $props();
</script>

<div role="group" aria-label="Runs on the bench">
  <button type="button" aria-pressed={chosen === null} onclick={() => onchoose(null)}>All by time</button>
  {#each runs as { id, text } (id)}
    <button type="button" aria-pressed={chosen === id} onclick={() => onchoose(id)}>{text}</button>
  {/each}
</div>

<style>
  div {
    display: flex;
    overflow-x: auto;
    border-bottom: 1px solid var(--rule-strong);
  }

  button {
    flex: none;
    max-width: 18rem;
    min-height: 44px;
    padding: 0 0.9rem;
    border: 0;
    border-bottom: 3px solid transparent;
    background: none;
    color: var(--ink);
    font: inherit;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    cursor: pointer;
  }

  button:hover {
    background: var(--sunk);
  }

  button[aria-pressed='true'] {
    border-bottom-color: var(--primary);
    font-weight: 650;
  }
</style>

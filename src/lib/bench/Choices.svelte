<!-- A choice by large buttons. -->
<script lang="ts" generics="Id extends string">
  interface Props {
    label: string;
    choices: readonly { readonly id: Id; readonly text: string }[];
    chosen?: Id | null;
    onchoose: (id: Id) => void;
  }
  let { label, choices, chosen = null, onchoose }: Props = $props();
</script>

<div role="group" aria-label={label}>
  {#each choices as { id, text } (id)}
    <button type="button" aria-pressed={chosen === id} onclick={() => onchoose(id)}>{text}</button>
  {/each}
</div>

<style>
  div {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 8px;
  }

  button {
    min-height: 60px;
    padding: 0.3rem 0.8rem;
    border: 1px solid var(--rule-strong);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 1.1rem;
    text-align: left;
    cursor: pointer;
  }

  button:hover {
    background: var(--sunk);
  }

  button[aria-pressed='true'] {
    background: var(--primary);
    color: var(--on-primary);
    border-color: var(--primary);
  }
</style>

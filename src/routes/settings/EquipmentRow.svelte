<!-- A row of equipment: its name, its fields, and a button to remove it. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    name: string;
    problem: string;
    /** Widths of the fields between name and button, as grid columns. */
    columns: string;
    onname: (name: string) => void;
    onremove: () => void;
    children: Snippet;
  }
  let { name, problem, columns, onname, onremove, children }: Props = $props();
</script>

<div class="row thing" style:--columns="minmax(0, 3fr) {columns} max-content">
  <TextInput
    size="sm"
    labelText="Name"
    value={name}
    invalid={problem !== ''}
    invalidText={problem}
    on:input={(event) => onname(String(event.detail ?? ''))}
  />
  {@render children()}
  <Button size="small" kind="ghost" on:click={onremove}>Remove<span class="unseen"> {name}</span></Button>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: var(--columns);
    gap: 0.5rem;
    align-items: end;
  }

  /** Rows below the first line up with its labels. */
  @media (min-width: 760px) {
    :global(.thing + .thing .bx--label) {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }

  @media (max-width: 759px) {
    .row {
      grid-template-columns: repeat(2, minmax(0, 1fr));
      padding-bottom: 0.6rem;
      border-bottom: 1px solid var(--rule);
    }
  }
</style>

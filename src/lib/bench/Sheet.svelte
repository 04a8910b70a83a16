<!-- A dialog over the bench, closed by Escape, its cross, or an action in it. -->
<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    title: string;
    onclose: () => void;
    children: Snippet;
  }
  let { title, onclose, children }: Props = $props();
</script>

<Modal open passiveModal modalHeading={title} size="sm" on:close={onclose}>
  <div>{@render children()}</div>
</Modal>

<style>
  div {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.8rem;
  }
</style>

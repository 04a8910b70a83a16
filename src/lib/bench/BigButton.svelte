<!-- The main button of a screen: found without looking, pressed with an elbow. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    onpress: () => void;
    children: Snippet;
  }
  let { onpress, children }: Props = $props();
</script>

<button type="button" class="big" onclick={onpress}>{@render children()}</button>

<style>
  .big {
    flex: 1 1 13rem;
    min-height: 72px;
    border: 0;
    background: var(--primary);
    color: var(--on-primary);
    font: inherit;
    font-size: 1.6rem;
    font-weight: 700;
    cursor: pointer;
  }

  .big:hover {
    background: var(--primary-deep);
  }
</style>

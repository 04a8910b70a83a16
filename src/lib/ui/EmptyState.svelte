<!-- Shown where there is nothing yet: why, and the one thing to do about it. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** What is missing. */
    title: string;
    /** Why, and what to do. */
    children: Snippet;
  }
  let { title, children }: Props = $props();
</script>

<div class="empty">
  <svg width="76" height="44" viewBox="0 0 76 44" aria-hidden="true">
    <path d="M3 6 h4 l4 34 h54 l4 -34 h4" />
    <path class="would" d="M10 30 h56 M9 22 h58" />
  </svg>
  <h2>{title}</h2>
  {@render children()}
</div>

<style>
  .empty {
    flex: 1;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 0.5rem;
    min-height: 10rem;
    padding: 1.5rem;
    text-align: center;
  }

  .empty :global(p) {
    max-width: 30rem;
    color: var(--quiet);
  }

  h2 {
    margin: 0;
  }

  path {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 2;
    stroke-linejoin: round;
  }

  .would {
    stroke-dasharray: 3 4;
    stroke-width: 1.5;
  }
</style>

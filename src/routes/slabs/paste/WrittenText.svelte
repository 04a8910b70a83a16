<!-- Original text of a recipe with its reading below; corrections can be reset. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    text: string;
    /** `check` and `unread` need attention, a `remark` is ignored. */
    status: 'read' | 'check' | 'unread' | 'heading' | 'remark';
    /** What needs attention. */
    why: string;
    isCorrected: boolean;
    onback: () => void;
    /** Further actions. */
    acts?: Snippet;
    children?: Snippet;
  }
  let { text, status, why, isCorrected, onback, acts, children }: Props = $props();
</script>

<li class={status}>
  <div class="as">
    <span class="text">{text}</span>
    {#if status === 'heading'}<span class="mark quiet">heading</span>{/if}
    {#if status === 'check' || status === 'unread'}<span class="mark hot">{why}</span>{/if}
    {@render acts?.()}
    {#if isCorrected}<Button size="small" kind="ghost" on:click={onback}>As recognised</Button>{/if}
  </div>
  {@render children?.()}
</li>

<style>
  li {
    background: var(--panel);
    border: 1px solid var(--rule);
    border-left: 4px solid var(--rule);
    padding: 0.3rem 0.6rem 0.4rem;
    margin-bottom: 0.3rem;
  }

  li.read {
    border-left-color: var(--good);
  }

  li.check,
  li.unread {
    border-left-color: var(--hot);
    background: var(--hot-ground);
  }

  li.heading {
    background: var(--sunk);
    border-left-color: var(--primary);
  }

  .as {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.8rem;
    min-height: 26px;
  }

  .as :global(.bx--btn) {
    min-height: 26px;
    height: 26px;
    padding: 0 0.5rem;
  }

  .text {
    font-size: 0.92rem;
    overflow-wrap: anywhere;
  }

  .heading .text {
    font-weight: 650;
  }

  .mark {
    font-size: 0.85rem;
  }

  .hot {
    color: var(--hot);
  }
</style>

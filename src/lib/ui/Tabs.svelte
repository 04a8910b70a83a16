<!-- Leaves of one screen, of which one is looked at: Carbon's tabs, with their styles, which few screens need. -->
<script lang="ts" module>
  /** One leaf: its name, and the key by which an address names it. */
  export interface Leaf<K extends string = string> {
    readonly key: K;
    readonly name: string;
  }
</script>

<script lang="ts" generics="K extends string">
  import { Tab, TabContent, Tabs } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    leaves: readonly Leaf<K>[];
    /** The key of the one that is looked at. */
    chosen: K;
    /** What a leaf shows. */
    leaf: Snippet<[K]>;
  }
  let { label, leaves, chosen = $bindable(), leaf }: Props = $props();

  const at = $derived(
    Math.max(
      0,
      leaves.findIndex(({ key }) => key === chosen),
    ),
  );
</script>

<div class="leaves">
  <Tabs
    autoWidth
    selected={at}
    aria-label={label}
    on:change={(event) => (chosen = leaves[event.detail]?.key ?? chosen)}
  >
    {#each leaves as { key, name } (key)}<Tab label={name} />{/each}
    <svelte:fragment slot="content">
      {#each leaves as { key } (key)}<TabContent
          >{#if key === chosen}{@render leaf(key)}{/if}</TabContent
        >{/each}
    </svelte:fragment>
  </Tabs>
</div>

<style>
  .leaves {
    display: flex;
    flex-direction: column;
    min-width: 0;
    min-height: 0;
  }

  .leaves :global(.bx--tabs__nav) {
    flex-wrap: wrap;
    max-width: 100%;
    height: auto;
  }

  .leaves :global(.bx--tab-content) {
    padding: 0.8rem 0 0;
    min-height: 0;
    position: relative;
    overflow: auto;
    scrollbar-width: thin;
    outline-offset: -2px;
  }

  .leaves :global(.bx--tabs__nav-link),
  .leaves :global(.bx--tabs__nav-item--selected .bx--tabs__nav-link) {
    min-width: 0;
  }
</style>

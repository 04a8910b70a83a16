<!-- Tabs of a screen: Carbon's tabs with their styles, which few screens need. -->
<script lang="ts" module>
  /** A tab: its name, and the key by which an address names it. */
  export interface TabItem<K extends string = string> {
    readonly key: K;
    readonly name: string;
  }
</script>

<script lang="ts" generics="K extends string">
  import { Tab, TabContent, Tabs } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    tabs: readonly TabItem<K>[];
    /** Key of the active tab. */
    active: K;
    /** What a tab shows. */
    content: Snippet<[K]>;
  }
  let { label, tabs, active = $bindable(), content }: Props = $props();

  const at = $derived(
    Math.max(
      0,
      tabs.findIndex(({ key }) => key === active),
    ),
  );
</script>

<div class="tabs">
  <Tabs autoWidth selected={at} aria-label={label} on:change={(event) => (active = tabs[event.detail]?.key ?? active)}>
    {#each tabs as { key, name } (key)}<Tab label={name} />{/each}
    <svelte:fragment slot="content">
      {#each tabs as { key } (key)}<TabContent
          >{#if key === active}{@render content(key)}{/if}</TabContent
        >{/each}
    </svelte:fragment>
  </Tabs>
</div>

<style>
  .tabs {
    display: flex;
    flex-direction: column;
    min-width: 0;
    min-height: 0;
  }

  .tabs :global(.bx--tabs__nav) {
    flex-wrap: wrap;
    max-width: 100%;
    height: auto;
  }

  .tabs :global(.bx--tab-content) {
    padding: 0.8rem 0 0;
    min-height: 0;
    position: relative;
    overflow: auto;
    scrollbar-width: thin;
    outline-offset: -2px;
  }

  .tabs :global(.bx--tabs__nav-link),
  .tabs :global(.bx--tabs__nav-item--selected .bx--tabs__nav-link) {
    min-width: 0;
  }
</style>

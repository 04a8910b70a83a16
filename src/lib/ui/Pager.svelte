<!-- Position in a long list, with links to other pages. -->
<script lang="ts">
  import { PaginationNav } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { pageAddress } from '$lib/forms/pages';

  interface Props {
    path: string;
    sought: string;
    from: number;
    most: number;
    count: number;
    all: number;
  }
  let { path, sought, from, most, count, all }: Props = $props();

  const page = $derived(Math.floor(from / most) + 1);
  const last = $derived(Math.max(1, Math.ceil(count / most)));
  const shown = $derived(
    count === 0 ? 'None' : count <= most ? `${count}` : `${from + 1}-${Math.min(count, from + most)} of ${count}`,
  );
</script>

{#if count > most || count < all}
  <div>
    <span class="quiet figures">{shown}{count < all ? ` found among ${all}` : ''}</span>
    {#if last > 1}
      <PaginationNav
        aria-label="Pages of the list"
        total={last}
        {page}
        shown={5}
        backwardText="Previous page"
        forwardText="Next page"
        on:change={({ detail }) => goto(pageAddress(path, sought, detail.page))}
      />
    {/if}
  </div>
{/if}

<style>
  div {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.2rem;
    align-items: center;
    min-height: 44px;
  }
</style>

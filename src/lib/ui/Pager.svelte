<!-- Which part of a long list is shown, and the way to the others. -->
<script lang="ts">
  import { pageAddress } from '$lib/pages';

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
</script>

{#if count > most || count < all}
  <nav aria-label="Pages of the list">
    <span class="quiet figures"
      >{count === 0
        ? 'None'
        : count <= most
          ? `${count}`
          : `${from + 1}-${Math.min(count, from + most)} of ${count}`}{count < all ? ` found among ${all}` : ''}</span
    >
    {#if last > 1}
      {#if page > 1}<a href={pageAddress(path, sought, page - 1)} rel="prev">Before</a>{/if}
      {#if page < last}<a href={pageAddress(path, sought, page + 1)} rel="next">After</a>{/if}
    {/if}
  </nav>
{/if}

<style>
  nav {
    display: flex;
    gap: 1.2rem;
    align-items: center;
    min-height: 44px;
  }

  a {
    display: grid;
    align-items: center;
    min-height: 44px;
    padding: 0 0.6rem;
  }
</style>

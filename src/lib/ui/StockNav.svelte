<!-- Pages of stock: the larder, pieces, buying, stocktake, lots, and the ledger itself. -->
<script lang="ts">
  import { page } from '$app/state';

  const PAGES = [
    ['/larder', 'Larder'],
    ['/stock/pieces', 'Pieces'],
    ['/stock/buying', 'Buying'],
    ['/stock/use-first', 'Use first'],
    ['/stock/stocktake', 'Stocktake'],
    ['/lots', 'Lots'],
    ['/stock/entries', 'Stock entries'],
  ] as const;
</script>

<nav aria-label="Stock" class="no-print">
  {#each PAGES as [path, name] (path)}
    <a href={path} aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a>
  {/each}
</nav>

<style>
  nav {
    display: flex;
    overflow-x: auto;
    position: relative;
    border-bottom: 1px solid var(--rule);
    margin-bottom: 0.7rem;
  }

  a {
    display: flex;
    align-items: center;
    min-height: 2.9rem;
    padding: 0 0.8rem;
    color: var(--quiet);
    text-decoration: none;
    white-space: nowrap;
    border-bottom: 3px solid transparent;
  }

  a:hover {
    color: var(--ink);
  }

  a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--primary);
  }

  @media print {
    nav {
      display: none;
    }
  }
</style>

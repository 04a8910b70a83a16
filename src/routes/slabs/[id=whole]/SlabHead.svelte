<!-- Whose slab this is, its stations, and what can be done with it as a whole. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { writeSlab } from '../../../core/slab';
  import { jsonLdOf } from '../../../core/recipe';
  import { fileName } from '$lib/fileName';
  import type { SlabDraft } from '$lib/slabDraft.svelte';
  import type { SlabKeeping } from '$lib/slabKeeping.svelte';
  import { SHEETS, STATION_NAMES, STATIONS, type Sheet, type Station } from './stations';

  interface Props {
    draft: SlabDraft;
    keeping: SlabKeeping;
    station: Station | null;
    sheet: Sheet | null;
    /** How many pieces it makes. */
    pieces: number;
  }
  let { draft, keeping, station, sheet, pieces }: Props = $props();

  const name = $derived(fileName(draft.slab.name));

  function takeAway(text: string, called: string) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
    link.download = called;
    link.click();
    URL.revokeObjectURL(link.href);
  }
</script>

<div class="head">
  <h1>{draft.slab.name}</h1>
  <nav aria-label="Stations">
    {#each STATIONS as one, i (one)}
      <a href="/slabs/{draft.id}/{one}" aria-current={station === one ? 'page' : undefined} data-sveltekit-noscroll>
        <span aria-hidden="true">{i + 1}</span>{STATION_NAMES[one]}
      </a>
    {/each}
    {#each Object.entries(SHEETS) as [one, name] (one)}
      <a class="sheet" href="/slabs/{draft.id}/{one}" aria-current={sheet === one ? 'page' : undefined}>{name}</a>
    {/each}
  </nav>
  <div class="acts">
    <span class="quiet" role="status"
      >{draft.changed ? 'Not kept yet' : keeping.said || `Version ${draft.baseVersion}`}</span
    >
    <Button kind="ghost" size="small" disabled={draft.past.length === 0} on:click={() => draft.undo()}>Undo</Button>
    <Button kind="ghost" size="small" on:click={() => print()}>Print</Button>
    <Button kind="ghost" size="small" on:click={() => takeAway(writeSlab(draft.slab), name)}>Take away as file</Button>
    <Button
      kind="ghost"
      size="small"
      on:click={() =>
        takeAway(JSON.stringify(jsonLdOf(draft.slab, pieces), null, 2), name.replace('.slab.json', '.recipe.json'))}
      >as recipe</Button
    >
    <Button size="small" disabled={!draft.changed || keeping.busy} on:click={() => keeping.keep()}>Keep</Button>
  </div>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.3rem 0.9rem;
    padding: 0.5rem 1rem 0;
    border-bottom: 1px solid var(--rule);
  }

  h1 {
    font-size: 1.3rem;
    padding-bottom: 0.4rem;
    max-width: 17rem;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  nav {
    display: flex;
    align-self: end;
    margin-right: auto;
  }

  nav a {
    display: flex;
    gap: 0.35rem;
    align-items: center;
    min-height: 44px;
    padding: 0 0.55rem;
    color: var(--quiet);
    text-decoration: none;
    border: 1px solid transparent;
    border-bottom: 0;
  }

  nav a.sheet {
    border-left-color: var(--rule);
  }

  nav a span {
    font-size: 0.75rem;
  }

  nav a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    background: var(--panel);
    border-color: var(--rule);
    box-shadow: 0 1px 0 var(--panel);
  }

  .acts {
    display: flex;
    align-items: center;
    gap: 0.3rem;
    padding-bottom: 0.35rem;
  }

  .acts :global(.bx--btn) {
    padding: 0 0.5rem;
  }
</style>

<!-- Head of a slab: its name, its stations, its state, and actions for the whole slab. One line, at every width. -->
<script lang="ts">
  import { Button, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
  import Undo from 'carbon-icons-svelte/lib/Undo.svelte';
  import { writeSlab } from '$core/slab';
  import { ask } from '$lib/api';
  import { fileName } from '$lib/format/fileName';
  import { saveText } from '$lib/format/saveText';
  import type { SlabDraft } from '$lib/draft/slabDraft.svelte';
  import type { SlabKeeping } from '$lib/draft/slabSaving.svelte';
  import { SHEETS, STATION_NAMES, STATIONS, type Sheet, type Station } from './stations';

  interface Props {
    draft: SlabDraft;
    keeping: SlabKeeping;
    station: Station | null;
    sheet: Sheet | null;
    /** Number of pieces. */
    pieces: number;
    /** Asks before the slab is deleted. */
    onoff: () => void;
  }
  let { draft, keeping, station, sheet, pieces, onoff }: Props = $props();

  const name = $derived(fileName(draft.slab.name));
  const standing = $derived.by(() => {
    if (!draft.changed) return `Saved, version ${draft.baseVersion}`;
    const count = draft.changesSinceKept;
    return count === 1 ? '1 unsaved change' : `${count} unsaved changes`;
  });

  let strip: HTMLElement | undefined = $state();
  $effect(() => {
    // On a narrow screen the stations scroll; the current one stays in view.
    void [station, sheet];
    const current = strip?.querySelector<HTMLElement>('[aria-current]');
    if (strip && current) strip.scrollLeft = current.offsetLeft - strip.clientWidth / 2 + current.clientWidth / 2;
  });

  const takeAway = (text: string, called: string) => saveText(text, 'application/json', called);

  async function saveRecipe() {
    const { recipeOut } = await import('$lib/draft/recipeOut');
    takeAway(await recipeOut(draft.slab, pieces), name.replace('.slab.json', '.recipe.json'));
  }

  async function copy() {
    const answer = await ask<{ id: number }>('POST', `/api/slabs/${draft.id}/copy`, {});
    // A copy has its own draft.
    if (answer.ok) location.assign(`/slabs/${answer.value.id}/build`);
    else keeping.problems = answer.problems;
  }
</script>

<div class="head">
  <h1 title={draft.slab.name}>{draft.slab.name}</h1>
  <nav aria-label="Stations" bind:this={strip}>
    {#each STATIONS as at (at)}
      <a href="/slabs/{draft.id}/{at}" aria-current={station === at ? 'page' : undefined} data-sveltekit-noscroll
        >{STATION_NAMES[at]}</a
      >
    {/each}
    <span class="rule" aria-hidden="true"></span>
    {#each Object.entries(SHEETS) as [at, called] (at)}
      <a href="/slabs/{draft.id}/{at}" aria-current={sheet === at ? 'page' : undefined}>{called}</a>
    {/each}
  </nav>
  <div class="acts">
    <span class="state quiet" role="status">{standing}</span>
    <Button
      kind="ghost"
      size="small"
      icon={Undo}
      iconDescription="Undo"
      tooltipPosition="bottom"
      disabled={draft.past.length === 0}
      on:click={() => draft.undo()}
    />
    <Button size="small" disabled={!draft.changed || keeping.busy} on:click={() => keeping.keep()}
      >Save<span class="wide">&nbsp;version</span></Button
    >
    <OverflowMenu flipped size="sm" iconDescription="More actions" aria-label="More actions">
      <OverflowMenuItem text="Print the amounts" on:click={() => print()} />
      <OverflowMenuItem text="Save as a file" on:click={() => takeAway(writeSlab(draft.slab), name)} />
      <OverflowMenuItem text="Save as a recipe" on:click={saveRecipe} />
      <OverflowMenuItem text="Copy of the saved version" on:click={copy} />
      <OverflowMenuItem hasDivider danger text="Delete" on:click={onoff} />
    </OverflowMenu>
  </div>
</div>

<style>
  .head {
    display: flex;
    align-items: stretch;
    gap: 0.8rem;
    padding: 0 0.5rem 0 1rem;
    height: 48px;
    border-bottom: 1px solid var(--rule);
  }

  h1 {
    align-self: center;
    flex: 0 1 auto;
    min-width: 6rem;
    font-size: 1.3rem;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  nav {
    display: flex;
    flex: 1 0 auto;
    position: relative;
  }

  nav a {
    display: flex;
    align-items: center;
    padding: 0 0.7rem;
    color: var(--quiet);
    text-decoration: none;
    white-space: nowrap;
    border-bottom: 3px solid transparent;
    border-top: 3px solid transparent;
  }

  nav a:hover {
    color: var(--ink);
  }

  nav a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--primary);
  }

  .rule {
    border-left: 1px solid var(--rule);
    margin: 0 0.4rem;
  }

  .acts {
    display: flex;
    flex: none;
    align-items: center;
    gap: 0.2rem;
    white-space: nowrap;
  }

  .acts :global(.bx--btn--ghost) {
    padding: 0 0.6rem;
  }

  .acts :global(.bx--btn--primary) {
    padding: 0 1rem;
  }

  .state {
    font-size: 0.9rem;
  }

  @media (max-width: 1400px) {
    nav a {
      padding: 0 0.55rem;
    }
  }

  @media (max-width: 1180px) {
    .head {
      gap: 0.4rem;
    }

    nav a {
      padding: 0 0.32rem;
      font-size: 0.95rem;
    }

    .wide {
      display: none;
    }

    .state {
      max-width: 6.2rem;
      white-space: normal;
      line-height: 1.1;
      font-size: 0.8rem;
      text-align: right;
    }
  }

  @media (max-width: 759px) {
    .head {
      flex-wrap: wrap;
      height: auto;
      gap: 0;
      padding: 0 0.2rem 0 0.6rem;
    }

    h1 {
      flex: 1;
      margin-right: 0.5rem;
      font-size: 1.1rem;
    }

    nav {
      order: 3;
      flex: 1 0 100%;
      width: 100%;
      overflow-x: auto;
      scrollbar-width: none;
      height: 44px;
    }
  }

  @media print {
    nav,
    .acts {
      display: none;
    }
  }
</style>

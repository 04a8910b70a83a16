<!-- One slab: its stations beside the section and the top view, the tray below, and what is kept and undone. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { withThickness } from '../../../core/scale';
  import { plan } from '../../../core/usecases';
  import { lookOf } from '../../../core/classify';
  import { movedLine } from '../../../core/cut';
  import { namesNeeded } from '../../../core/slab';
  import { isFree } from '$lib/keys';
  import { placeNamed } from '$lib/placeNamed';
  import { LarderShelf } from '$lib/larderShelf.svelte';
  import { setSlabWork } from '$lib/slabContext';
  import { SlabDraft } from '$lib/slabDraft.svelte';
  import { SlabKeeping } from '$lib/slabKeeping.svelte';
  import AmountsSheet from '$lib/ui/AmountsSheet.svelte';
  import Section from '$lib/ui/Section.svelte';
  import TopView from '$lib/ui/TopView.svelte';
  import Tray from '$lib/ui/Tray.svelte';
  import KeptElsewhere from './KeptElsewhere.svelte';
  import SlabHead from './SlabHead.svelte';
  import { SHEETS, STATION_NAMES, STATIONS, type Sheet } from './stations';

  let { data, children } = $props();

  const draft = new SlabDraft(untrack(() => data.kept));
  const shelf = new LarderShelf(untrack(() => data.ingredients));
  const larder = $derived(shelf.larder);
  const shop = $derived({ ...data.shop, rack: data.rack });
  const now = $derived(plan(draft.slab, larder, shop));
  const kept = $derived(plan(draft.kept, larder, shop));
  const keeping = new SlabKeeping(draft);
  let chosen: string | null = $state(null);

  setSlabWork({
    draft,
    get plan() {
      return now;
    },
    get shop() {
      return shop;
    },
    get larder() {
      return larder;
    },
    get rack() {
      return data.rack;
    },
    shelf,
    get chosen() {
      return chosen;
    },
    set chosen(id) {
      chosen = id;
    },
    setThickness,
  });

  const sheet = $derived((Object.keys(SHEETS) as Sheet[]).find((one) => page.url.pathname.endsWith(`/${one}`)) ?? null);
  const station = $derived(STATIONS.find((station) => page.url.pathname.endsWith(station)) ?? 'build');
  const upper = $derived(draft.slab.layers.findLast((_, at) => (now.layers[at]?.thicknessMm ?? 0) > 0));
  const unread = $derived(draft.unread.length);

  onMount(() => void draft.restore());
  $effect(() => shelf.take(data.ingredients));
  $effect(() => shelf.need(namesNeeded(draft.slab)));
  $effect(() => {
    if (keeping.elsewhere) shelf.need(namesNeeded(keeping.elsewhere.slab));
  });
  $effect(() => {
    // Texts that could not be read are stored with the draft as they are typed.
    for (const name in draft.typed) void draft.typed[name];
    untrack(() => draft.store());
  });

  async function keepAsNew() {
    const id = await keeping.keepAsNew();
    if (id !== null) location.assign(`/slabs/${id}/build`);
  }

  function setThickness(id: string, thicknessMm: number) {
    draft.change(withThickness(draft.slab, now.slabs[0]!.layers, id, thicknessMm), `thickness ${id}`);
  }

  function step(by: number) {
    const ids = draft.slab.layers.map(({ id }) => id);
    const at = chosen === null ? (by > 0 ? -1 : ids.length) : ids.indexOf(chosen);
    chosen = ids[Math.min(ids.length - 1, Math.max(0, at + by))] ?? null;
  }

  function onkeydown(event: KeyboardEvent) {
    if (!isFree(event)) return;
    const to = STATIONS[Number(event.key) - 1];
    if (to) void goto(`/slabs/${draft.id}/${to}`);
    else if (event.key === 'u') draft.undo();
    else if (event.key === 'k' && draft.changed) void keeping.keep();
    else if (event.key === 'p') print();
    else if (event.key === '[') step(-1);
    else if (event.key === ']') step(1);
    else if (
      (event.key === 'ArrowUp' || event.key === 'ArrowDown') &&
      chosen !== null &&
      event.target === document.body
    ) {
      const layer = now.slabs[0]?.layers.find(({ id, thicknessMm }) => id === chosen && thicknessMm > 0);
      if (!layer) return;
      event.preventDefault();
      const by = (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 5 : 1);
      setThickness(layer.id, Math.max(0.5, layer.thicknessMm + by));
    }
  }
</script>

<svelte:window {onkeydown} />
<svelte:head><title>{draft.slab.name} - Knife Tray</title></svelte:head>

<div class="work">
  <SlabHead
    {draft}
    {keeping}
    station={sheet === null ? station : null}
    {sheet}
    pieces={now.cut.pieces.reduce((sum, { count }) => sum + count, 0)}
  />

  {#each draft.left as left (left.key)}
    <div class="said across">
      <p>Changes from {new Date(left.draft.at).toLocaleString()} were left without being kept.</p>
      <Button size="small" kind="tertiary" on:click={() => draft.takeUp(left)}>Take them up</Button>
      <Button size="small" kind="ghost" on:click={() => draft.drop(left.key)}>Throw them away</Button>
    </div>
  {/each}
  {#if !draft.stored}
    <p class="said harm across" role="alert">
      The storage of this device is full: your changes are in this window only. Press Keep, or take the slab away as a
      file.
    </p>
  {/if}
  {#if keeping.problems.length > 0}
    <div class="said harm across" role="alert">
      <ul>
        {#each keeping.problems as { path, message } (path + message)}<li>
            {message}
            {#if path}<span class="quiet">({placeNamed(draft.slab, path)})</span>{/if}
          </li>{/each}
      </ul>
    </div>
  {/if}
  {#if keeping.elsewhere}
    <KeptElsewhere
      elsewhere={keeping.elsewhere}
      mine={now}
      theirs={plan(keeping.elsewhere.slab, larder, shop)}
      onmine={() => keeping.keepOver()}
      ontheirs={() => keeping.takeTheirs()}
      onboth={keepAsNew}
    />
  {/if}

  {#if sheet !== null}
    <!-- It scrolls, so the keyboard must be able to reach it. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <section class="across-all" aria-label={SHEETS[sheet]} tabindex="0">{@render children()}</section>
  {:else}
    <div class="board">
      <div class="views">
        <div class="panel view">
          <Section
            slab={draft.slab}
            planned={now.slabs[0]!}
            {chosen}
            onthickness={setThickness}
            onchoose={(id) => (chosen = id)}
          />
        </div>
        <div class="panel view">
          <TopView
            planned={now.slabs[0]!}
            texture={upper ? lookOf(upper, draft.slab.preparations) : null}
            cut={draft.slab.cut ?? { columns: 1, rows: 1 }}
            onmove={(line, to, inside) =>
              draft.change(
                { ...draft.slab, cut: movedLine(draft.slab.cut ?? { columns: 1, rows: 1 }, line, to, inside) },
                `line ${JSON.stringify(line)}`,
              )}
          />
        </div>
      </div>
      <!-- It scrolls, so the keyboard must be able to reach it. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <section class="station" aria-label={STATION_NAMES[station]} tabindex="0">{@render children()}</section>
    </div>
  {/if}
  <Tray
    plan={now}
    {kept}
    {unread}
    known={draft.slab.known ?? []}
    onknown={(known) => draft.change({ ...draft.slab, known: known.length > 0 ? known : undefined })}
  />
</div>
{#if sheet === null}<AmountsSheet slab={draft.slab} plan={now} shop={data.shop} />{/if}

<style>
  .work {
    display: flex;
    flex-direction: column;
    height: calc(100vh - 46px);
  }

  .across {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.8rem;
    margin: 0.5rem 1rem 0;
  }

  .board {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: minmax(0, 10fr) minmax(0, 11.5fr);
  }

  .views {
    display: flex;
    flex-direction: column;
    gap: 0.6rem;
    padding: 0.6rem 0.6rem 0.6rem 1rem;
    overflow: auto;
  }

  .view {
    padding: 0.5rem 0.7rem;
  }

  .across-all {
    flex: 1;
    min-height: 0;
    overflow: auto;
    padding: 0.8rem 1rem 1.2rem;
  }

  .across-all:focus-visible,
  .station:focus-visible {
    outline-offset: -3px;
  }

  .station {
    overflow: auto;
    padding: 0.6rem 1rem 1rem 0.6rem;
  }

  @media (max-width: 900px) {
    .work {
      height: auto;
      min-height: calc(100vh - 46px);
    }

    .board {
      grid-template-columns: minmax(0, 1fr);
    }

    .views,
    .station {
      padding: 0.6rem;
    }
  }

  @media print {
    .work:not(:has(.across-all)) {
      display: none;
    }

    .work {
      height: auto;
    }

    .across-all {
      overflow: visible;
    }

    .work :global(.tray),
    .work :global(.head .acts),
    .work :global(.head nav) {
      display: none;
    }
  }
</style>

<!-- Workspace of a slab: its stations, the tray below, saving and undo. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onDestroy, onMount, untrack, type Snippet } from 'svelte';
  import { afterNavigate, goto } from '$app/navigation';
  import { page } from '$app/state';
  import { withThickness } from '$core/scale';
  import { allergenStatement, plan, type Plan, type Selling } from '$core/usecases';
  import { namesNeeded } from '$core/slab';
  import { ask } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { isFree } from '$lib/forms/keys';
  import { firstTouchOrPrint } from '$lib/forms/firstTouch';
  import { placeNamed } from '$lib/draft/placeNamed';
  import { LarderShelf } from '$lib/draft/larderShelf.svelte';
  import { deadlineMissed } from '$core/check';
  import { setSlabWork } from '$lib/draft/slabContext';
  import { SlabDraft } from '$lib/draft/slabDraft.svelte';
  import { SlabMoney } from '$lib/draft/slabMoney.svelte';
  import { SlabKeeping } from '$lib/draft/slabSaving.svelte';
  import Tray from '$lib/ui/Tray.svelte';
  import SlabHead from './SlabHead.svelte';
  import { SHEETS, stationOf, STATIONS, type Sheet } from './stations';
  import { shopDates } from '$lib/format/shopDates';
  import Notice from '$lib/ui/Notice.svelte';
  import type { LayoutData, PageData } from './$types';

  interface Props {
    data: PageData & LayoutData;
    children: Snippet;
  }
  let { data, children }: Props = $props();

  const draft = new SlabDraft(untrack(() => data.kept));
  const shelf = untrack(() => new LarderShelf(data.ingredients, data.starter));
  const larder = $derived(shelf.larder);
  const shop = $derived({ ...data.shop, rack: data.rack });
  const now = $derived(plan(draft.slab, larder, shop));
  const kept = $derived(plan(draft.kept, larder, shop));
  const allergens = $derived(allergenStatement(draft.slab, larder, shelf.starter));
  const keeping = new SlabKeeping(draft);
  const money = new SlabMoney(
    () => ({ draft, larder, shop, plan: now, keptPlan: kept }),
    () => new Date(),
  );
  onDestroy(() => money.close());
  const deadline: { lateMinutes: number | null } = $state({ lateMinutes: null });
  let chosen: string | null = $state(null);
  let openPreparation: string | null = $state(untrack(() => data.kept.slab.preparations[0]?.id ?? null));

  setSlabWork({
    draft,
    get plan() {
      return now;
    },
    get money() {
      return money;
    },
    get allergens() {
      return allergens;
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
    deadline,
    get chosen() {
      return chosen;
    },
    set chosen(id) {
      chosen = id;
    },
    get openPreparation() {
      return openPreparation;
    },
    set openPreparation(id) {
      openPreparation = id;
    },
    setThickness,
  });

  const sheet = $derived(
    (Object.keys(SHEETS) as Sheet[]).find((path) => page.url.pathname.endsWith(`/${path}`)) ?? null,
  );
  const station = $derived(STATIONS.find((station) => page.url.pathname.endsWith(station)) ?? 'build');
  const unread = $derived(draft.unread.length);

  /** The printed sheet loads at the first touch. */
  let AmountsSheet: typeof import('$lib/ui/AmountsSheet.svelte').default | null = $state.raw(null);
  /** Assumptions load shortly after the page. */
  const ASSUMPTIONS_AFTER_MS = 2000;
  let assumptionsOf = $state.raw<(typeof import('$core/usecases/assumptions'))['assumptionsOf'] | null>(null);
  const SOLD = /\/(?:price|pack|label)$/;
  onMount(() => {
    const timer = setTimeout(() => {
      money.fetch();
      void import('$core/usecases/assumptions').then((found) => (assumptionsOf = found.assumptionsOf));
    }, ASSUMPTIONS_AFTER_MS);
    return () => clearTimeout(timer);
  });
  afterNavigate(({ to }) => {
    if (SOLD.test(to?.url.pathname ?? '')) money.fetch();
  });
  onMount(() => {
    void draft.restore();
    void firstTouchOrPrint()
      .then(() => import('$lib/ui/AmountsSheet.svelte'))
      .then((loaded) => (AmountsSheet = loaded.default));
  });
  $effect(() => shelf.take(data.ingredients));
  $effect(() => shelf.need(namesNeeded(draft.slab)));
  $effect(() => {
    if (keeping.elsewhere) shelf.need(namesNeeded(keeping.elsewhere.slab));
  });
  $effect(() => {
    // Invalid texts are stored with the draft as they are typed.
    for (const name in draft.typed) void draft.typed[name];
    untrack(() => draft.store());
  });

  /** The plan, with the checks of price, packaging and label. */
  const withSelling = (of: Plan, sold: Selling | null): Plan =>
    sold === null
      ? of
      : { ...of, checks: [...of.checks, ...sold.checks], acknowledged: [...of.acknowledged, ...sold.acknowledged] };

  const withDeadline = (of: Plan): Plan => ({ ...of, checks: [...deadlineMissed(deadline.lateMinutes), ...of.checks] });

  /** Goes to the field of a check: its station, with the layer or mixture expanded there. */
  async function show(where: string) {
    const [, list, at] = where.split('/');
    if (list === 'layers') chosen = draft.slab.layers[Number(at)]?.id ?? null;
    if (list === 'preparations') openPreparation = draft.slab.preparations[Number(at)]?.id ?? null;
    await goto(`/slabs/${draft.id}/${stationOf(where)}`);
    document.getElementById('hand')?.focus();
  }

  async function takeOff() {
    if (!(await confirmation.ask(`Delete ${draft.slab.name}?`, 'Delete'))) return;
    const answer = await ask('DELETE', `/api/slabs/${draft.id}`);
    if (answer.ok) await goto('/slabs', { invalidateAll: true });
    else keeping.problems = answer.problems;
  }

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
    onoff={takeOff}
  />

  {#each draft.left as left (left.key)}
    <Notice>
      <p>Unsaved changes from {shopDates().moment(Date.parse(left.draft.at))} were found on this device.</p>
      <Button size="small" kind="tertiary" on:click={() => draft.takeUp(left)}>Restore changes</Button>
      <Button size="small" kind="ghost" on:click={() => draft.drop(left.key)}>Discard changes</Button>
    </Notice>
  {/each}
  {#if !draft.stored}
    <Notice harm>
      The storage of this device is full, so your changes are in this window only. Save the version, or export the slab
      as a file.
    </Notice>
  {/if}
  {#if keeping.problems.length > 0}
    <Notice harm problems={keeping.problems} nameOf={(path) => placeNamed(draft.slab, path)} />
  {/if}
  {#if keeping.elsewhere}
    {@const elsewhere = keeping.elsewhere}
    {#await import('./SavedElsewhere.svelte') then { default: SavedElsewhere }}
      <SavedElsewhere
        {elsewhere}
        mine={now}
        theirs={plan(elsewhere.slab, larder, shop)}
        onmine={() => keeping.keepOver()}
        ontheirs={() => keeping.takeTheirs()}
        onboth={keepAsNew}
      />
    {/await}
  {/if}

  {#if sheet !== null}
    <!-- It scrolls, so the keyboard must be able to reach it. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <section class="sheet" aria-label={SHEETS[sheet]} tabindex="0">{@render children()}</section>
  {:else}
    {@render children()}
  {/if}
  <Tray
    figures={{
      ...{ plan: withDeadline(withSelling(now, money.selling)), allergens },
      soldAt: money.soldAt,
      kept: withSelling(kept, money.keptSelling),
      keptAllergens: allergenStatement(draft.kept, larder, shelf.starter),
      keptSoldAt: money.keptSoldAt,
      slab: draft.slab,
      readyIn: money.readyIn,
    }}
    assumptions={assumptionsOf?.(draft.slab, larder, shop) ?? []}
    {unread}
    known={draft.slab.known ?? []}
    onknown={(known) => draft.change({ ...draft.slab, known: known.length > 0 ? known : undefined })}
    onshow={show}
    ondeclare={async (name, add, remove) => {
      const wrong = await shelf.declare(name, add, remove);
      if (wrong !== '') keeping.problems = [{ path: '', message: wrong }];
    }}
  />
</div>
{#if sheet === null && AmountsSheet}<AmountsSheet
    slab={draft.slab}
    plan={now}
    shop={data.shop}
    version={draft.baseVersion}
    isChanged={draft.changed}
    {allergens}
  />{/if}

<style>
  .work {
    display: flex;
    flex-direction: column;
    height: calc(100dvh - 48px);
  }

  .sheet {
    position: relative;
    flex: 1;
    min-height: 0;
    overflow: auto;
    padding: 0.8rem 1rem 1.2rem;
  }

  .sheet:focus-visible {
    outline-offset: -3px;
  }

  @media (max-width: 759px) {
    .work {
      height: auto;
      min-height: calc(100dvh - 48px);
    }

    .sheet {
      overflow: visible;
      padding: 0.6rem;
    }
  }

  @media print {
    .work:not(:has(.sheet)) {
      display: none;
    }

    .work {
      height: auto;
    }

    .sheet {
      overflow: visible;
    }

    .work :global(.tray) {
      display: none;
    }
  }
</style>

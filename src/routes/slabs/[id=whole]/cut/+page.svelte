<!-- Cut: how the slab is divided, what the pieces weigh and cost, and where the ruler marks are. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button, Toggle } from 'carbon-components-svelte';
  import { lookOf } from '$core/classify';
  import {
    gridOf,
    isOnLines,
    linesOf,
    madeEven,
    movedAlone,
    movedLine,
    surfaceOf,
    withoutEmpty,
    type CutLine,
    type LockedLines,
  } from '$core/cut';
  import { isFinish } from '$core/scale';
  import { isCutDecided, scaleOf, type CutSpec } from '$core/slab';
  import { swirlsOf, withoutOrder } from '$core/usecases';
  import Panel from '$lib/ui/Panel.svelte';
  import { slabWork } from '$lib/draft/slabContext';
  import { untrack } from 'svelte';
  import Advice from './Advice.svelte';
  import Ask from './Ask.svelte';
  import CutWindow from './CutWindow.svelte';
  import Bags from './Bags.svelte';
  import Finish from './Finish.svelte';
  import Kinds from './Kinds.svelte';
  import CutTemplates from './CutTemplates.svelte';
  import Readings from './Readings.svelte';
  import RulerMarks from './RulerMarks.svelte';
  import ProposedCuts from './ProposedCuts.svelte';
  import PiecesTable from './PiecesTable.svelte';
  import TopView from './TopView.svelte';
  import CutMethod from './CutMethod.svelte';
  import Weighed from './Weighed.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slabG = $derived(work.plan.slabs[0]!.slab.massG);

  /** An order sets the cut until the maker changes it. */
  const scale = $derived(scaleOf(draft.slab));
  const ruledBy = $derived(
    scale.mode === 'pieces'
      ? `The order of ${scale.count} pieces of ${figures.size(scale.lengthMm, scale.widthMm)} sets this cut. Change it in Size.`
      : '',
  );
  const free = () => withoutOrder(draft.slab, work.larder, work.shop);
  /** The current cut, also if an order set it. */
  const cut = $derived(free().cut ?? { columns: 1, rows: 1 });
  const way = $derived(cut.way ?? 'grid');
  const letGo = () => draft.change(free());
  const upper = $derived(draft.slab.layers.findLast((_, at) => (work.plan.layers[at]?.thicknessMm ?? 0) > 0));

  function change(part: Partial<CutSpec>, field: string) {
    const slab = free();
    draft.change({ ...slab, cut: withoutEmpty({ ...(slab.cut ?? cut), ...part }) }, field);
  }
  const slab = $derived(work.plan.slabs[0]!);
  /** Straight cuts, which can be dragged. */
  const grid = $derived(isOnLines(cut) ? gridOf(slab.tin, slab.slab.heightMm, cut) : null);
  let advising = $state(false);
  /** Whether the cutting order is shown, with numbered strokes. */
  let ordering = $state(false);
  /** Places of thickness readings; the readings are in the slab. */
  let reading = $state(false);
  let places: readonly { readonly xMm: number; readonly yMm: number; readonly mm: number | null }[] = $state.raw(
    untrack(() => draft.slab.cut?.thicknessAt ?? []),
  );
  function onplaces(next: typeof places) {
    places = next;
    const thicknessAt = next.flatMap(({ mm, ...at }) => (mm === null ? [] : [{ ...at, mm }]));
    change({ thicknessAt, ...(thicknessAt.length === 0 ? { strips: undefined, linesMm: undefined } : {}) }, 'readings');
  }
  let alone = $state(false);
  /** Locked lines, counted from 0. */
  let lockedLines: Readonly<Record<CutLine['side'], readonly number[]>> = $state.raw({ length: [], width: [] });
  const lockedSets: LockedLines = $derived({ length: new Set(lockedLines.length), width: new Set(lockedLines.width) });
  function lock(side: CutLine['side'], at: number) {
    const now = lockedLines[side];
    lockedLines = { ...lockedLines, [side]: now.includes(at) ? now.filter((line) => line !== at) : [...now, at] };
  }

  /** A dragged line moves the others too, unless lines move separately. */
  const moved = (line: CutLine, toMm: number, insideMm: number) =>
    grid && (alone || cut.linesMm) ? movedAlone(cut, grid, line, toMm) : movedLine(cut, line, toMm, insideMm);
</script>

<Panel
  label="Cut"
  title="Top view"
  note={grid
    ? `Front edge below. Marks (${figures.length.unit}) from the left and the front. Drag a line.`
    : 'Front edge below.'}
>
  {#snippet stage()}
    <TopView
      planned={work.plan.slabs[0]!}
      texture={upper ? lookOf(upper, draft.slab.preparations) : null}
      {cut}
      readings={cut.thicknessAt ?? []}
      surface={cut.thicknessAt ? surfaceOf(slab.tin, slab.slab.heightMm, cut) : null}
      onplace={reading ? (xMm, yMm) => onplaces([...places, { xMm, yMm, mm: null }]) : undefined}
      locked={(line) => 'after' in line && lockedLines[line.side].includes(line.after - 1)}
      numbered={ordering}
      onmove={(line, to, inside) => change(moved(line, to, inside), `line ${JSON.stringify(line)}`)}
    />
  {/snippet}
  {#snippet hand()}
    {#if ruledBy}
      <Notice>
        <span>{ruledBy}</span>
        <Button size="small" kind="tertiary" on:click={letGo}>Unpin</Button>
      </Notice>
    {/if}
    {#if !isCutDecided(draft.slab)}
      <ProposedCuts onchoose={(proposed) => change(proposed, 'proposed')} />
    {/if}
    <section class="panel pad">
      <CutMethod {cut} {slabG} onchange={change} />
      <CutWindow {cut} />
    </section>
    {#if way === 'mixed'}
      <section class="panel pad"><Kinds {cut} onchange={change} /></section>
    {/if}
    {#if way !== 'break' && way !== 'mixed'}
      <section class="panel pad"><Ask ontake={(answer) => change(answer.cut, 'ask')} /></section>
    {/if}
    <section class="panel">
      <PiecesTable
        isDecided={isCutDecided(draft.slab)}
        planned={work.plan.slabs[0]!}
        currency={work.plan.cost.currency}
        swirls={swirlsOf(draft.slab, work.plan)}
      />
    </section>
    {#if grid}
      <section class="panel pad">
        <div class="row">
          <Toggle size="sm" labelText="Move lines" labelA="together" labelB="separately" bind:toggled={alone} />
          {#if cut.linesMm}
            <Button size="small" kind="tertiary" on:click={() => change(madeEven(cut, grid, lockedSets), 'even')}
              >Reset to even spacing</Button
            >
          {/if}
        </div>
        {#if alone || cut.linesMm}
          {#each [['length', 'from the left'], ['width', 'from the front']] as const as [side, from] (side)}
            {#if linesOf(grid[side]).length > 0}
              <p class="locks">
                <span class="quiet">Locked, {from}</span>
                {#each linesOf(grid[side]) as mm, at (at)}
                  <button
                    type="button"
                    aria-pressed={lockedLines[side].includes(at)}
                    aria-label="Lock line {at + 1} {from}"
                    onclick={() => lock(side, at)}>{figures.length.figure(mm)}</button
                  >
                {/each}
              </p>
            {/if}
          {/each}
        {/if}
      </section>
    {/if}
    <section class="panel">
      <Accordion size="sm"
        >{#if way !== 'break'}
          <AccordionItem title="How to cut it" bind:open={advising}>
            {#if advising}<Advice {cut} />{/if}
          </AccordionItem>
        {/if}{#if way === 'break'}
          <AccordionItem title="Shards and bags"
            >{#if cut.break}<Bags broken={cut.break} />{/if}</AccordionItem
          >
        {/if}
        {#if way === 'grid' && (cut.shape ?? 'rectangle') === 'rectangle'}
          <AccordionItem title="Equal weights on an uneven slab" bind:open={reading}>
            {#if reading}<Readings {cut} {places} {onplaces} onchange={change} />{/if}
          </AccordionItem>
        {/if}
        {#if way !== 'break'}
          <AccordionItem title="Cutting order and templates" bind:open={ordering}><CutTemplates {cut} /></AccordionItem>
        {/if}
        {#if draft.slab.layers.some(isFinish)}
          <AccordionItem title="Coat and finish"><Finish /></AccordionItem>
        {/if}
        <AccordionItem title="Check weights"><Weighed /></AccordionItem>
        <AccordionItem title="Ruler marks, mm and inches">
          <RulerMarks planned={slab} kerfMm={cut.kerfMm ?? 0} />
        </AccordionItem></Accordion
      >
    </section>
  {/snippet}
</Panel>

<style>
  .pad {
    padding: 0.6rem 0.8rem;
  }

  .row {
    display: flex;
    gap: 1rem;
    align-items: end;
  }

  .locks {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
    margin-top: 0.5rem;
    font-size: 0.88rem;
  }

  .locks button {
    min-width: 44px;
    min-height: 28px;
    padding: 0 0.4rem;
    border: 1px solid var(--rule-strong);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
  }

  .locks button[aria-pressed='true'] {
    background: var(--primary);
    border-color: var(--primary);
    color: var(--on-primary);
  }

  @media (pointer: coarse) {
    .locks button {
      min-height: 44px;
    }
  }
</style>

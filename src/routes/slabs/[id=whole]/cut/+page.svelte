<!-- How the slab is divided, what the pieces weigh and cost, and where the ruler marks fall. -->
<script lang="ts">
  import { inInches, METRIC } from '../../../../core/measure';
  import { Accordion, AccordionItem, Button, Table, Toggle } from 'carbon-components-svelte';
  import { lookOf } from '../../../../core/classify';
  import {
    gridOf,
    linesOf,
    madeEven,
    movedAlone,
    movedLine,
    surfaceOf,
    withoutEmpty,
    type CutLine,
    type LockedLines,
  } from '../../../../core/cut';
  import { isFinish } from '../../../../core/scale';
  import { scaleOf, type CutSpec } from '../../../../core/slab';
  import { withoutOrder } from '../../../../core/usecases';
  import Board from '$lib/ui/Board.svelte';
  import TopView from '$lib/ui/TopView.svelte';
  import { slabWork } from '$lib/slabContext';
  import { untrack } from 'svelte';
  import Ask from './Ask.svelte';
  import Bags from './Bags.svelte';
  import Finish from './Finish.svelte';
  import Kinds from './Kinds.svelte';
  import OnPaper from './OnPaper.svelte';
  import Readings from './Readings.svelte';
  import PiecesTable from './PiecesTable.svelte';
  import Way from './Way.svelte';
  import Weighed from './Weighed.svelte';
  import { shopFigures } from '$lib/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.slabs[0]!.cut);
  const slabG = $derived(work.plan.slabs[0]!.slab.massG);

  /** An order of pieces rules how they are cut, until the maker takes hold of the cut. */
  const scale = $derived(scaleOf(draft.slab));
  const ruledBy = $derived(
    scale.mode === 'pieces'
      ? `The order of ${scale.count} pieces of ${figures.size(scale.lengthMm, scale.widthMm)} rules this cut.`
      : '',
  );
  const free = () => withoutOrder(draft.slab, work.larder, work.shop);
  /** The cut as it is now, also where an order made it. */
  const cut = $derived(free().cut ?? { columns: 1, rows: 1 });
  const letGo = () => draft.change(free());
  const upper = $derived(draft.slab.layers.findLast((_, at) => (work.plan.layers[at]?.thicknessMm ?? 0) > 0));

  function change(part: Partial<CutSpec>, field: string) {
    const slab = free();
    draft.change({ ...slab, cut: withoutEmpty({ ...(slab.cut ?? cut), ...part }) }, field);
  }
  const way = $derived(cut.way ?? 'grid');
  const slab = $derived(work.plan.slabs[0]!);
  /** Straight cuts, which can be pulled. */
  const grid = $derived(
    way === 'grid' && !cut.strips && cut.shape !== 'diamond' ? gridOf(slab.tin, slab.slab.heightMm, cut) : null,
  );
  /** Where the thickness is read; what has been read is in the slab. */
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
  /** Lines that stay where they are, counted from 0. */
  let lockedLines: Readonly<Record<CutLine['side'], readonly number[]>> = $state.raw({ length: [], width: [] });
  const lockedSets: LockedLines = $derived({ length: new Set(lockedLines.length), width: new Set(lockedLines.width) });
  function lock(side: CutLine['side'], at: number) {
    const now = lockedLines[side];
    lockedLines = { ...lockedLines, [side]: now.includes(at) ? now.filter((one) => one !== at) : [...now, at] };
  }

  /** A line that is pulled takes the others along, until lines move one by one. */
  const moved = (line: CutLine, toMm: number, insideMm: number) =>
    grid && (alone || cut.linesMm) ? movedAlone(cut, grid, line, toMm) : movedLine(cut, line, toMm, insideMm);
</script>

<Board
  label="Cut"
  title="From above"
  note={grid
    ? `Front edge below. Marks (${figures.length.unit}) from the left and the front. Pull a line.`
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
      onmove={(line, to, inside) => change(moved(line, to, inside), `line ${JSON.stringify(line)}`)}
    />
  {/snippet}
  {#snippet hand()}
    {#if ruledBy}
      <Notice>
        <span>{ruledBy}</span>
        <Button size="small" kind="tertiary" on:click={letGo}>Let go of it</Button>
      </Notice>
    {/if}
    <section class="panel pad">
      <Way {cut} {slabG} onchange={change} />
    </section>
    {#if way === 'mixed'}
      <section class="panel pad"><Kinds {cut} onchange={change} /></section>
    {/if}
    {#if way !== 'break' && way !== 'mixed'}
      <section class="panel pad"><Ask ontake={(answer) => change(answer.cut, 'ask')} /></section>
    {/if}
    <section class="panel">
      <PiecesTable planned={work.plan.slabs[0]!} currency={work.plan.cost.currency} />
    </section>
    {#if grid}
      <section class="panel pad">
        <div class="row">
          <Toggle size="sm" labelText="Lines move" labelA="together" labelB="one by one" bind:toggled={alone} />
          {#if cut.linesMm}
            <Button size="small" kind="tertiary" on:click={() => change(madeEven(cut, grid, lockedSets), 'even')}
              >Make them even again</Button
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
        >{#if way === 'break'}
          <AccordionItem title="Weighed shards, to bags"><Bags bagG={cut.break?.bagG ?? null} /></AccordionItem>
        {/if}
        {#if way === 'grid' && (cut.shape ?? 'rectangle') === 'rectangle'}
          <AccordionItem title="Even in weight, where it is not level" bind:open={reading}>
            {#if reading}<Readings {cut} {places} {onplaces} onchange={change} />{/if}
          </AccordionItem>
        {/if}
        {#if way !== 'break'}
          <AccordionItem title="Order of strokes, and on paper"><OnPaper {cut} /></AccordionItem>
        {/if}
        {#if draft.slab.layers.some(isFinish)}
          <AccordionItem title="Coat and finish"><Finish /></AccordionItem>
        {/if}
        <AccordionItem title="Pieces weighed afterwards"><Weighed /></AccordionItem>
        <AccordionItem title="Ruler marks, mm and inches">
          <div class="marks">
            {#each [['From the left edge', planned.marksMm.length], ['From the front edge', planned.marksMm.width]] as const as [name, marks] (name)}
              <Table size="compact" class="table">
                <thead><tr><th>{name}</th><th class="num">mm</th><th class="num">inches</th></tr></thead>
                <tbody>
                  {#each marks as at, i (i)}
                    <tr
                      ><td>Cut {i + 1}</td><td class="num">{METRIC.length.figure(at)}</td><td class="num"
                        >{inInches(at)}</td
                      ></tr
                    >
                  {:else}
                    <tr><td colspan="3">No cut this way</td></tr>
                  {/each}
                </tbody>
              </Table>
            {/each}
          </div>
          <p class="quiet kerf">
            All marks are measured from one edge, so that small errors do not add up. The cut begins at the mark.
          </p>
        </AccordionItem></Accordion
      >
    </section>
  {/snippet}
</Board>

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

  .marks {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem;
    align-items: start;
  }

  .kerf {
    font-size: 0.88rem;
    margin-top: 0.4rem;
  }
</style>

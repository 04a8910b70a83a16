<!-- How the slab is cut: an even grid, what the pieces weigh, and where the ruler marks fall. -->
<script lang="ts">
  import { inInches, METRIC } from '../../../../core/measure';
  import { Accordion, AccordionItem, Button, Table } from 'carbon-components-svelte';
  import { lookOf } from '../../../../core/classify';
  import { movedLine } from '../../../../core/cut';
  import { scaleOf, type CutSpec } from '../../../../core/slab';
  import { withoutOrder } from '../../../../core/usecases';
  import Board from '$lib/ui/Board.svelte';
  import TopView from '$lib/ui/TopView.svelte';
  import { slabLimits } from '$lib/limits';
  import { percent } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import { money } from '$lib/money';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.slabs[0]!.cut);
  const [slabG, first] = $derived([work.plan.slabs[0]!.slab.massG, planned.pieces[0]]);

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
    draft.change({ ...slab, cut: { ...(slab.cut ?? cut), ...part } }, field);
  }
  const trim = (side: 'left' | 'right' | 'front' | 'back', value: number | null) =>
    change({ trimMm: { ...cut.trimMm, [side]: value ?? 0 } }, `trim ${side}`);

  const SIDES = ['left', 'right', 'front', 'back'] as const;
  const NAMES = { piece: 'Piece', rim: 'Cut by the rim' };
</script>

<Board
  label="Cut"
  title="From above"
  note="Front edge below. Marks ({figures.length.unit}) from the left and the front. Pull a line."
>
  {#snippet stage()}
    <TopView
      planned={work.plan.slabs[0]!}
      texture={upper ? lookOf(upper, draft.slab.preparations) : null}
      {cut}
      onmove={(line, to, inside) => change(movedLine(cut, line, to, inside), `line ${JSON.stringify(line)}`)}
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
      <h2>{planned.columns} along, {planned.rows} across</h2>
      <div class="fields">
        <NumberField
          label="Columns"
          value={cut.columns}
          limits={slabLimits('cut.columns')}
          name="columns"
          typed={draft.typed}
          onvalue={(columns) => columns !== null && change({ columns }, 'columns')}
        />
        <NumberField
          label="Rows"
          value={cut.rows}
          limits={slabLimits('cut.rows')}
          name="rows"
          typed={draft.typed}
          onvalue={(rows) => rows !== null && change({ rows }, 'rows')}
        />
        <NumberField
          label="Kerf"
          quantity="length"
          value={cut.kerfMm ?? 0}
          limits={slabLimits('cut.kerfMm')}
          name="kerf"
          typed={draft.typed}
          onvalue={(kerf) => change({ kerfMm: kerf ?? 0 }, 'kerf')}
        />
      </div>
      <div class="fields four">
        {#each SIDES as side (side)}
          <NumberField
            label="Trim {side}"
            quantity="length"
            value={cut.trimMm?.[side] ?? 0}
            limits={slabLimits(`cut.trimMm.${side}`)}
            name="trim {side}"
            typed={draft.typed}
            onvalue={(value) => trim(side, value)}
          />
        {/each}
      </div>
      <p class="quiet kerf">
        A cut takes about nothing with a hot blade, {figures.length.figure(1)}-{figures.length.say(2)} with a saw-tooth, {figures.length.say(
          3,
        )} with wide rollers.
      </p>
    </section>
    <section class="panel">
      <Table size="compact" class="table">
        <thead>
          <tr
            ><th>Kind</th><th class="num">Count</th><th class="num">Size, {figures.length.unit}</th><th class="num"
              >Each, {figures.mass.unit}</th
            ><th class="num">Each costs</th></tr
          >
        </thead>
        <tbody>
          {#each planned.pieces as kind (kind.kind)}
            <tr>
              <td>{NAMES[kind.kind]}</td>
              <td class="num">{kind.count}</td>
              <td class="num"
                >{kind.kind === 'rim'
                  ? `within ${figures.length.figure(kind.lengthMm)} x ${figures.length.figure(kind.widthMm)}`
                  : `${figures.length.figure(kind.lengthMm)} x ${figures.length.figure(kind.widthMm)} x ${figures.length.figure(kind.heightMm)}`}</td
              >
              <td class="num"
                >{figures.mass.figure(kind.lightestG) === figures.mass.figure(kind.heaviestG)
                  ? figures.mass.figure(kind.massG)
                  : `${figures.mass.figure(kind.lightestG)}-${figures.mass.figure(kind.heaviestG)}`}</td
              >
              <td class="num">{money(kind.cost, work.plan.cost.currency)}</td>
            </tr>
          {:else}
            <tr
              ><td colspan="5"
                >Trims and cuts leave nothing to sell. Make the trims smaller, or ask for fewer columns and rows.</td
              ></tr
            >
          {/each}
          <tr
            ><td>Trim</td><td class="num"></td><td class="num"></td><td class="num"
              >{figures.mass.figure(planned.trimG)}</td
            ><td class="num quiet">{slabG > 0 ? percent(planned.trimG / slabG) : ''} of the slab</td></tr
          >
          <tr
            ><td>Kerf</td><td class="num"></td><td class="num"></td><td class="num"
              >{figures.mass.figure(planned.kerfG)}</td
            ><td class="num quiet">{slabG > 0 ? percent(planned.kerfG / slabG) : ''} of the slab</td></tr
          >
        </tbody>
      </Table>
      {#if first}
        <p class="quiet even">Evenness: piece weights vary by {(planned.evenness * 100).toFixed(1)} %.</p>
      {/if}
    </section>
    <section class="panel">
      <Accordion size="sm"
        ><AccordionItem title="Ruler marks, mm and inches">
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
  h2 {
    margin-bottom: 0.4rem;
  }

  .pad {
    padding: 0.6rem 0.8rem;
  }

  .even {
    padding: 0.4rem 0.6rem;
    font-size: 0.88rem;
  }

  .fields {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.6rem;
    margin-bottom: 0.6rem;
  }

  .fields.four {
    grid-template-columns: repeat(4, minmax(0, 1fr));
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

<!-- From an order to tins: a number of pieces of a size, and the best ways to make them from the rack. -->
<script lang="ts">
  import { inTins } from '$core/slab';
  import { Button, InlineLoading, Table } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import { pieceSizeFor, plan, withoutOrder, writtenHeightMm } from '$core/usecases';
  import type { OrderAnswer } from '$core/fit';
  import type { Scale } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { percent } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';
  import { ASKED } from '$lib/limits/requestLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { OrderQuestion, OrderFindings } from '$lib/workers/order.worker';
  import OrderWorker from '$lib/workers/order.worker?worker';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  let { scale }: { scale: Extract<Scale, { mode: 'pieces' }> } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  let answers: readonly OrderAnswer[] | null = $state.raw(null);
  let asked: Scale | null = $state.raw(null);
  let busy = $state(false);
  let failed = $state('');
  let worker: Worker | null = null;

  const question = (of: Scale) => JSON.stringify({ ...of, heightMm: 0 });
  const stale = $derived(asked !== null && question(asked) !== question(scale));

  function set(part: Partial<typeof scale>) {
    draft.change({ ...draft.slab, scale: { ...scale, heightMm: undefined, ...part } }, 'order');
  }

  /** Pieces of the slab without the order, as the basis for a weight or a cost. */
  const uncut = $derived(
    plan(withoutOrder({ ...draft.slab, tins: undefined }, work.larder, work.shop), work.larder, work.shop),
  );
  const piece = $derived(uncut.cut.pieces.find(({ kind }) => kind === 'piece') ?? null);

  function ofAbout(want: { massG?: number; cost?: number }) {
    const size = pieceSizeFor(uncut, want);
    if (size) set(size);
  }

  function stop() {
    worker?.terminate();
    worker = null;
    busy = false;
  }

  function find() {
    stop();
    failed = '';
    busy = true;
    const made = new OrderWorker();
    worker = made;
    const heightMm = writtenHeightMm(draft.slab, work.larder, work.shop);
    const message: OrderQuestion = {
      rack: $state.snapshot(work.rack) as OrderQuestion['rack'],
      order: { ...scale },
      heightMm,
      kerfMm: draft.slab.cut?.kerfMm ?? 0,
      trimMm: $state.snapshot(draft.slab.cut?.trimMm) as OrderQuestion['trimMm'],
    };
    made.onmessage = ({ data }: MessageEvent<OrderFindings>) => {
      if (data.ok) answers = data.answers;
      else failed = 'No solution was found in time. Try another size or count';
      asked = $state.snapshot(scale);
      stop();
    };
    made.onerror = () => {
      failed = 'The solver could not be started. Reload the page and try again';
      stop();
    };
    made.postMessage(message);
  }

  onDestroy(stop);

  const highest = $derived(Math.max(...(answers ?? []).map(({ heightMm }) => heightMm)));
  const tinsOf = ({ tins }: OrderAnswer) => tins.map(({ tin, count }) => ({ tin, count }));
  /** If the chosen tins are too shallow, the slab is made lower. */
  const heightOf = ({ heightMm }: OrderAnswer) => (heightMm < highest - 1e-6 ? heightMm : undefined);

  function take(answer: OrderAnswer) {
    draft.change(inTins(draft.slab, tinsOf(answer), { ...scale, heightMm: heightOf(answer) }));
    asked = { ...scale, heightMm: heightOf(answer) };
  }

  const lastTaken = (answer: OrderAnswer) =>
    scale.heightMm === heightOf(answer) &&
    JSON.stringify(tinsOf(answer)) === JSON.stringify(draft.slab.tins ?? [{ tin: draft.slab.tin, count: 1 }]);
</script>

<form
  class="order"
  onsubmit={(event) => {
    event.preventDefault();
    find();
  }}
>
  <NumberField
    label="Pieces"
    value={scale.count}
    limits={slabLimits('scale.pieces.count')}
    name="order count"
    typed={draft.typed}
    onvalue={(count) => count !== null && set({ count })}
  />
  <NumberField
    label="Length"
    quantity="length"
    value={scale.lengthMm}
    limits={slabLimits('scale.pieces.lengthMm')}
    name="order length"
    typed={draft.typed}
    onvalue={(lengthMm) => lengthMm !== null && set({ lengthMm })}
  />
  <NumberField
    label="Width"
    quantity="length"
    value={scale.widthMm}
    limits={slabLimits('scale.pieces.widthMm')}
    name="order width"
    typed={draft.typed}
    onvalue={(widthMm) => widthMm !== null && set({ widthMm })}
  />
  <NumberField
    label="or weight per piece, about"
    quantity="mass"
    optional
    placeholder={piece?.massG ?? ''}
    value={null}
    limits={ASKED.pieceG}
    name="order weight"
    typed={draft.typed}
    onvalue={(massG) => massG !== null && ofAbout({ massG })}
  />
  <NumberField
    label="or cost per piece, {work.plan.cost.currency}"
    optional
    placeholder={piece ? piece.cost.toFixed(2) : ''}
    value={null}
    limits={ASKED.pieceCost}
    name="order cost"
    typed={draft.typed}
    onvalue={(cost) => cost !== null && ofAbout({ cost })}
  />
  <Button size="small" kind="ghost" on:click={() => ofAbout({})}>Use the current cut</Button>
  {#if busy}<Button size="small" kind="secondary" on:click={stop}>Stop</Button>
  {:else}<Button size="small" type="submit">Find tins</Button>{/if}
</form>
<div role="status">
  {#if busy}<InlineLoading description="Searching…" />{/if}
  {#if failed}<Notice harm>{failed}.</Notice>{/if}
  {#if answers && answers.length === 0}
    <Notice>
      No tin on the rack gives a piece of {figures.size(scale.lengthMm, scale.widthMm)} at this height, or it would take over
      12 rounds. Make the pieces smaller, the slab lower, or add a tin to the rack.
    </Notice>
  {/if}
</div>
{#if answers && answers.length > 0}
  {#if stale}<Notice>The order has changed. Find tins again.</Notice>{/if}
  <Table size="compact" class="table">
    <thead>
      <tr
        ><th>Tins</th><th class="num">Slabs</th><th class="num">Pieces</th><th class="num"
          >Height, {figures.length.unit}</th
        ><th class="num">Waste</th><th><span class="unseen">Choose</span></th></tr
      >
    </thead>
    <tbody>
      {#each answers as answer (JSON.stringify(answer))}
        <tr class:on={lastTaken(answer)}>
          <td>
            {answer.tins.map(({ name, count, pieces }) => `${count} x ${name} (${pieces} each)`).join(' + ')}
            {#if answer.rounds > 1}<span class="quiet">in {answer.rounds} rounds</span>{/if}
          </td>
          <td class="num">{answer.slabs}</td>
          <td class="num"
            >{answer.pieces}{#if answer.pieces > scale.count}<span class="quiet"
                >{` (${answer.pieces - scale.count} extra)`}</span
              >{/if}</td
          >
          <td class="num">{figures.length.figure(answer.heightMm)}</td>
          <td class="num">{percent(answer.waste)}</td>
          <td class="num"><Button size="small" kind="tertiary" on:click={() => take(answer)}>Apply</Button></td>
        </tr>
      {/each}
    </tbody>
  </Table>
  <p class="quiet small">
    Waste is everything made and not ordered: trims, kerf and extra pieces. Each row has the least waste possible with
    that number of slabs.
  </p>
{/if}

<style>
  .order {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
    margin-top: 0.5rem;
  }

  .order :global(.typed-field) {
    width: 6.4rem;
  }

  .on td {
    background: var(--sunk);
    box-shadow:
      inset 0 2px 0 var(--primary),
      inset 0 -2px 0 var(--primary);
  }

  .small {
    font-size: 0.82rem;
    margin-top: 0.3rem;
  }

  p {
    margin-top: 0.4rem;
  }
</style>

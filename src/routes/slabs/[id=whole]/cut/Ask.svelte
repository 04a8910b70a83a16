<!-- Cuts by number, size, weight or cost of a piece: several answers to choose from. -->
<script lang="ts">
  import { cutFitText } from '$wording/cut';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { cutAnswers, type CutAnswer, type CutAsk } from '$core/usecases';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import { ASKED } from '$lib/limits/requestLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import MiniCut from './MiniCut.svelte';

  let { ontake }: { ontake: (answer: CutAnswer) => void } = $props();

  const figures = $derived(shopFigures());
  const work = slabWork();
  const { draft } = work;
  type By = CutAsk['by'] | 'stretch';
  let by: By = $state('count');
  let asked: { count: number | null; massG: number | null; cost: number | null } = $state({
    count: null,
    massG: null,
    cost: null,
  });
  let size: { lengthMm: number | null; widthMm: number | null } = $state({ lengthMm: null, widthMm: null });

  const ask = $derived.by((): CutAsk | null => {
    if (by === 'count') return asked.count === null ? null : { by, count: asked.count };
    if (by === 'mass') return asked.massG === null ? null : { by, massG: asked.massG };
    if (by === 'cost') return asked.cost === null ? null : { by, cost: asked.cost };
    const { lengthMm, widthMm } = size;
    if (lengthMm === null || widthMm === null) return null;
    return { by: 'size', lengthMm, widthMm, fit: by === 'stretch' ? 'stretch' : 'exact' };
  });
  const answers = $derived(ask ? cutAnswers(draft.slab, work.larder, work.shop, {}, ask) : []);
  const slab = $derived(work.plan.slabs[0]!);
  const isNow = ({ cut }: CutAnswer) => {
    const now = draft.slab.cut;
    return (
      now?.columns === cut.columns && now.rows === cut.rows && JSON.stringify(now.trimMm) === JSON.stringify(cut.trimMm)
    );
  };
  const currency = $derived(work.plan.cost.currency);
</script>

<div class="ask">
  <Select size="sm" labelText="Cut by" bind:selected={by}>
    <SelectItem value="count" text="number of pieces" />
    <SelectItem value="mass" text="weight per piece" />
    <SelectItem value="size" text="exact size" />
    <SelectItem value="stretch" text="approximate size" />
    <SelectItem value="cost" text="cost per piece" />
  </Select>
  {#if by === 'count'}
    <NumberField
      label="Pieces"
      value={asked.count}
      limits={ASKED.pieces}
      name="ask count"
      typed={draft.typed}
      onvalue={(value) => (asked.count = value)}
    />
  {:else if by === 'mass'}
    <NumberField
      label="About, each"
      quantity="mass"
      value={asked.massG}
      limits={ASKED.pieceG}
      name="ask mass"
      typed={draft.typed}
      onvalue={(value) => (asked.massG = value)}
    />
  {:else if by === 'cost'}
    <NumberField
      label="About, each, {currency}"
      value={asked.cost}
      limits={ASKED.pieceCost}
      name="ask cost"
      typed={draft.typed}
      onvalue={(value) => (asked.cost = value)}
    />
  {:else}
    <NumberField
      label="Length"
      quantity="length"
      value={size.lengthMm}
      limits={ASKED.pieceMm}
      name="ask length"
      typed={draft.typed}
      onvalue={(value) => (size.lengthMm = value)}
    />
    <NumberField
      label="Width"
      quantity="length"
      value={size.widthMm}
      limits={ASKED.pieceMm}
      name="ask width"
      typed={draft.typed}
      onvalue={(value) => (size.widthMm = value)}
    />
  {/if}
</div>
{#if ask && answers.length === 0}
  <p class="quiet" role="status">No cut of this slab comes close. Choose other pieces, or make the trims smaller.</p>
{/if}
{#if answers.length > 0}
  <ul aria-label="Ways to cut it">
    {#each answers as answer, i (i)}
      <li>
        <button type="button" aria-pressed={isNow(answer)} onclick={() => ontake(answer)}>
          <MiniCut tin={slab.tin} heightMm={slab.slab.heightMm} cut={answer.cut} />
          <span class="figures">
            <b>{answer.pieces}</b> of <b>{figures.mass.say(answer.massG)}</b>
            <span class="quiet">{figures.size(answer.lengthMm, answer.widthMm)}</span>
            <span class="quiet"
              >{money(answer.cost, currency)} each · {answer.strokes} cuts{answer.massVariation > 0.005
                ? ` · ±${(answer.massVariation * 100).toFixed(0)} %`
                : ''}</span
            >
            <span class="quiet">{cutFitText(answer.fit, figures)}</span>
          </span>
        </button>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .ask {
    display: grid;
    grid-template-columns: minmax(0, 11rem) repeat(2, minmax(0, 1fr));
    gap: 0.6rem;
    align-items: end;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(205px, 1fr));
    gap: 0.4rem;
    margin-top: 0.6rem;
  }

  button {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.6rem;
    align-items: center;
    width: 100%;
    height: 100%;
    padding: 0.4rem 0.5rem;
    border: 1px solid var(--rule);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 0.88rem;
    text-align: left;
    cursor: pointer;
  }

  button:hover {
    border-color: var(--primary);
  }

  button[aria-pressed='true'] {
    border-color: var(--primary);
    box-shadow: inset 0 0 0 2px var(--primary);
  }

  .figures .quiet {
    display: block;
    font-size: 0.8rem;
  }
</style>

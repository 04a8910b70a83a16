<!-- A gift: a stack of pieces on a round board, and how many it takes. -->
<script lang="ts">
  import { stackOnRound, type PackedPiece } from '../../../../core/pack';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/shopFigures';

  let { piece, pieces }: { piece: PackedPiece; pieces: number } = $props();

  const figures = $derived(shopFigures());
  let diameterMm = $state(200);
  let storeys = $state(3);
  const typed: Record<string, string> = $state({});
  /** Each storey stands in by half a piece. */
  const stepMm = $derived(Math.min(piece.lengthMm, piece.widthMm) / 2);
  const stack = $derived(stackOnRound(piece, diameterMm, storeys, stepMm));
  const SIDE = { least: 80, most: 500 } as const;
</script>

<div class="ask">
  <NumberField
    label="Round board"
    quantity="length"
    value={diameterMm}
    limits={{ min: SIDE.least, max: SIDE.most }}
    name="board"
    {typed}
    onvalue={(mm) => mm !== null && (diameterMm = mm)}
  />
  <NumberField
    label="Storeys"
    value={storeys}
    limits={{ min: 1, max: 12, whole: true }}
    name="storeys"
    {typed}
    onvalue={(many) => many !== null && (storeys = many)}
  />
</div>
<p class="figures">
  {#if stack.pieces === 0}No piece lies on it: take a larger board.
  {:else}
    It takes <b>{stack.pieces}</b> pieces: {stack.storeys.join(' + ')} from below, {figures.length.say(stack.heightMm)} high.
    {#if stack.storeys.length < storeys}No piece lies on storey {stack.storeys.length + 1}.{/if}
    {Math.floor(pieces / stack.pieces)} such stacks come of the run.
  {/if}
</p>

<style>
  .ask {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
  }

  p {
    font-size: 0.92rem;
    margin-top: 0.4rem;
  }
</style>

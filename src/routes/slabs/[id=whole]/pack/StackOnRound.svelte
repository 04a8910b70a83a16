<!-- A gift stack of pieces on a round board. -->
<script lang="ts">
  import { stackOnRound, type PackedPiece } from '$core/pack';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { piece, pieces }: { piece: PackedPiece; pieces: number } = $props();

  const figures = $derived(shopFigures());
  let diameterMm = $state(200);
  let levels = $state(3);
  const typed: Record<string, string> = $state({});
  /** Each level is inset by half a piece. */
  const stepMm = $derived(Math.min(piece.lengthMm, piece.widthMm) / 2);
  const short = $derived(Math.max(1, Math.min(piece.lengthMm, piece.widthMm)));
  const stack = $derived(stackOnRound(piece, diameterMm, levels, stepMm));
  const SIDE = { least: 80, most: 500 } as const;
</script>

<div class="ask">
  <NumberField
    label="Diameter of the board"
    quantity="length"
    value={diameterMm}
    limits={{ min: SIDE.least, max: SIDE.most }}
    name="board"
    {typed}
    onvalue={(mm) => mm !== null && (diameterMm = mm)}
  />
  <NumberField
    label="Layers"
    value={levels}
    limits={{ min: 1, max: 12, whole: true }}
    name="levels"
    {typed}
    onvalue={(many) => many !== null && (levels = many)}
  />
</div>
{#if stack.pieces > 0}
  <svg
    viewBox="-2 -2 {diameterMm + 4} {stack.heightMm + 10}"
    role="img"
    aria-label="The stack from the side: {stack.levels.length} layers on a board of {figures.length.say(diameterMm)}"
  >
    {#each stack.levels as _, level (level)}
      {@const wide = diameterMm - 2 * level * stepMm}
      {@const many = Math.max(1, Math.floor(wide / short))}
      {#each { length: many } as _, i (i)}
        <rect
          x={(diameterMm - many * short) / 2 + i * short}
          y={stack.heightMm - (level + 1) * piece.heightMm}
          width={short}
          height={piece.heightMm}
        />
      {/each}
    {/each}
    <path d="M0 {stack.heightMm + 1.5} h{diameterMm}" />
  </svg>
{/if}
<p class="figures">
  {#if stack.pieces === 0}No piece fits on it. Use a larger board.
  {:else}
    It holds <b>{stack.pieces}</b> pieces ({stack.levels.join(' + ')} from the bottom) and is {figures.length.say(
      stack.heightMm,
    )} high.
    {#if stack.levels.length < levels}No piece fits on layer {stack.levels.length + 1}.{/if}
    One batch makes {Math.floor(pieces / stack.pieces)} of these stacks.
  {/if}
</p>

<style>
  svg {
    width: 100%;
    max-height: 110px;
    margin-top: 0.5rem;
  }

  rect {
    fill: var(--smooth-lit);
    stroke: var(--ink);
    stroke-width: 0.6;
  }

  path {
    stroke: var(--steel);
    stroke-width: 3;
  }

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

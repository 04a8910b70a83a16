<!-- A box from above with its top level, and from the side with all levels, at one scale. -->
<script lang="ts">
  import type { BoxAnswer, PackedPiece } from '$core/pack';
  import type { Box } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { Look } from '$core/classify';

  interface Props {
    box: Box;
    answer: BoxAnswer;
    piece: PackedPiece;
    interleafMm: number;
    /** Look of a piece's face. */
    look: Look | null;
    /** Its layers from the bottom, by share of its height. */
    layers: readonly { readonly look: Look; readonly share: number }[];
  }
  let { box, answer, piece, interleafMm, look, layers }: Props = $props();

  const figures = $derived(shopFigures());
  /** Thickness of the drawn card round the inside, mm. */
  const CARD_MM = 2;
  /** Letters have the same size in every box. */
  const letters = $derived(box.lengthMm * 0.032);
  const gap = $derived(letters * 2.6);
  const width = $derived(box.lengthMm + 2 * CARD_MM);
  const depth = $derived(box.widthMm + 2 * CARD_MM);
  const all = $derived({ width: width + 4, height: depth + gap + box.heightMm + CARD_MM + 4 });
  const perStorey = $derived(Math.max(1, answer.layout.length));
  const inside = $derived(Math.min(answer.perBox, perStorey));
  const fillOf = (of: Look | null) => (of ? `url(#fill-${of})` : 'var(--sunk)');
  const sideOf = ({ turned }: { turned: boolean }) => (turned ? piece.widthMm : piece.lengthMm);
  /** Pieces seen from the front. */
  const front = $derived.by(() => {
    const seen: { xMm: number; sideMm: number }[] = [];
    for (const placed of [...answer.layout].sort((a, b) => b.yMm - a.yMm)) {
      const sideMm = sideOf(placed);
      const isFree = seen.every(
        (other) => placed.xMm >= other.xMm + other.sideMm - 0.01 || placed.xMm + sideMm <= other.xMm + 0.01,
      );
      if (isFree) seen.push({ xMm: placed.xMm, sideMm });
    }
    return seen;
  });
</script>

<svg
  viewBox="-2 -2 {all.width} {all.height}"
  role="img"
  aria-label="{answer.perBox} pieces in {box.name}, {inside} in a layer, {answer.levels} {answer.levels === 1
    ? 'layer'
    : 'layers'}"
>
  <rect class="card" x="0" y="0" {width} height={depth} />
  <rect class="floor" x={CARD_MM} y={CARD_MM} width={box.lengthMm} height={box.widthMm} />
  {#each answer.layout.slice(0, inside) as placed, i (i)}
    <rect
      class="piece"
      x={CARD_MM + placed.xMm}
      y={CARD_MM + placed.yMm}
      width={sideOf(placed)}
      height={placed.turned ? piece.lengthMm : piece.widthMm}
      fill={fillOf(look)}
    />
  {/each}
  <text x="0" y={depth + letters * 1.35} font-size={letters}
    >{figures.size(box.lengthMm, box.widthMm)} inside, from above</text
  >
  <g transform="translate(0 {depth + gap})">
    <path
      class="card"
      d="M0 0 h{CARD_MM} v{box.heightMm} h{box.lengthMm} v{-box.heightMm} h{CARD_MM} v{box.heightMm +
        CARD_MM} h{-width} z"
    />
    {#each { length: answer.levels } as _, level (level)}
      {@const foot = box.heightMm - level * (piece.heightMm + interleafMm)}
      {#each front as { xMm, sideMm }, i (i)}
        {#each layers as { look: of, share }, l (l)}
          {@const below = layers.slice(0, l).reduce((sum, layer) => sum + layer.share, 0)}
          <rect
            x={CARD_MM + xMm}
            y={foot - (below + share) * piece.heightMm}
            width={sideMm}
            height={share * piece.heightMm}
            fill={fillOf(of)}
          />
        {/each}
        <rect class="edge" x={CARD_MM + xMm} y={foot - piece.heightMm} width={sideMm} height={piece.heightMm} />
      {/each}
      {#if level < answer.levels - 1}
        <path class="paper" d="M{CARD_MM} {foot - piece.heightMm - interleafMm / 2} h{box.lengthMm}" />
      {/if}
    {/each}
  </g>
</svg>

<style>
  svg {
    width: 100%;
    height: 100%;
    min-height: 0;
  }

  .card {
    fill: var(--paper);
    stroke: var(--steel);
    stroke-width: 0.6;
  }

  .floor {
    fill: var(--panel);
  }

  .piece,
  .edge {
    stroke: var(--ink);
    stroke-width: 0.5;
  }

  .edge {
    fill: none;
  }

  .paper {
    stroke: var(--steel);
    stroke-width: 0.8;
    fill: none;
  }

  text {
    fill: var(--quiet);
    font-family: var(--body);
  }
</style>

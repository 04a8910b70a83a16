<!-- The wrapper of one piece with its folds, to scale. -->
<script lang="ts">
  import type { PackedPiece, WrapSize } from '$core/pack';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    piece: PackedPiece;
    paper: WrapSize;
    name: string;
  }
  let { piece, paper, name }: Props = $props();

  const figures = $derived(shopFigures());
  const long = $derived(Math.max(piece.lengthMm, piece.widthMm));
  const short = $derived(Math.min(piece.lengthMm, piece.widthMm));
  const left = $derived((paper.alongMm - long) / 2);
  const letters = $derived(paper.alongMm * 0.05);
  const top = $derived((paper.roundMm - short) / 2);
</script>

<svg
  viewBox="-1 -1 {paper.alongMm + 2} {paper.roundMm + letters * 2}"
  role="img"
  aria-label="{name}: a paper of {figures.size(paper.alongMm, paper.roundMm)} for each piece"
>
  <rect class="paper" width={paper.alongMm} height={paper.roundMm} />
  <rect class="piece" x={left} y={top} width={long} height={short} />
  <path class="fold" d="M0 {top} h{paper.alongMm} M0 {top + short} h{paper.alongMm}" />
  <text x="0" y={paper.roundMm + letters * 1.35} font-size={letters}
    >{figures.size(paper.alongMm, paper.roundMm)}, {name}</text
  >
</svg>

<style>
  svg {
    width: 100%;
    height: 100%;
    min-height: 0;
  }

  .paper {
    fill: color-mix(in srgb, var(--paper) 35%, var(--panel));
    stroke: var(--steel);
    stroke-width: 0.5;
  }

  .piece {
    fill: var(--smooth-lit);
    stroke: var(--ink);
    stroke-width: 0.5;
  }

  .fold {
    stroke: var(--quiet);
    stroke-width: 0.4;
    stroke-dasharray: 3 2;
    fill: none;
  }

  text {
    fill: var(--quiet);
    font-family: var(--body);
  }
</style>

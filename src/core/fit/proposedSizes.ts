import type { PieceSize } from '../cut';
import type { MixedQuestion } from './mixed';

/** Two sizes of pieces that fill a slab, a large one twice as long as a small one. */
export interface ProposedSizes {
  readonly small: PieceSize;
  readonly large: PieceSize;
  /** Share of the area that is no wanted piece: kerf, and places that are left. */
  readonly wasteShare: number;
}

const MAX_ROWS = 40;
const MAX_PROPOSALS = 3;
/** Length of a small piece divided by its width that looks right, and what a strange shape counts for beside waste. */
const RATIO = 1;
const SHAPE_WEIGHT = 0.12;
const MIN_SIDE_MM = 12;

/**
 * Proposes sizes for given numbers of small and large pieces from one slab.
 * All rows are equally high and have as many places; a small piece
 * takes one place and a large one two, so that any mixture of them fills a row.
 *
 * @param area the slab between its trims
 * @returns the best, by waste and shape; none if the pieces would be too small to cut
 */
export function proposedSizes(
  { lengthMm, widthMm, kerfMm }: Omit<MixedQuestion, 'kinds'>,
  wanted: { readonly small: number; readonly large: number },
): ProposedSizes[] {
  const places = wanted.small + 2 * wanted.large;
  const found: (ProposedSizes & { readonly badness: number })[] = [];
  for (let rows = 1; rows <= MAX_ROWS; rows++) {
    const inRow = Math.ceil(places / rows);
    // A large piece needs two places of one row.
    if (wanted.large > 0 && (inRow < 2 || Math.floor(inRow / 2) * rows < wanted.large)) continue;
    const side = (whole: number, parts: number) => Math.floor(((whole - (parts - 1) * kerfMm) / parts) * 100) / 100;
    const [along, across] = [side(lengthMm, inRow), side(widthMm, rows)];
    if (along < MIN_SIDE_MM || across < MIN_SIDE_MM) continue;
    const large = { lengthMm: 2 * along + kerfMm, widthMm: across };
    const usedMm2 = wanted.small * along * across + wanted.large * large.lengthMm * across;
    const wasteShare = Math.max(0, 1 - usedMm2 / (lengthMm * widthMm));
    const badness = wasteShare + SHAPE_WEIGHT * Math.abs(Math.log(along / across / RATIO));
    found.push({ small: { lengthMm: along, widthMm: across }, large, wasteShare, badness });
  }
  return found
    .sort((a, b) => a.badness - b.badness)
    .slice(0, MAX_PROPOSALS)
    .map(({ badness: _badness, ...sizes }) => sizes);
}

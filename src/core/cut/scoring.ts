import type { Behaviour } from '../classify';

/**
 * Returns the share of a scored slab's pieces that are likely to break off the line: few for thin, wide pieces, more the closer a
 * piece is to a cube. A rule of thumb for lines scored to a third of the depth.
 *
 * @param thicknessMm of the slab
 * @param leastSideMm the shorter side of a piece
 */
export function snapBreakage(thicknessMm: number, leastSideMm: number): number {
  return leastSideMm <= 0 ? 1 : Math.min(1, OFF_LINE * Math.max(1, (THIN * thicknessMm) / leastSideMm) ** 2);
}

/** Share that breaks off the line for pieces at least three times as wide as thick. */
const OFF_LINE = 0.04;
const THIN = 3;

/** Temperature range in which a layer can be scored: soft enough not to crack, firm enough to hold the line; warmer limit first, °C. */
export type ScoreRange = readonly [fromC: number, toC: number];

/**
 * In which range a layer takes a score; null for what does not snap. Boiled sugar is worked as a plastic at about 85 to 65 C (Hartel,
 * von Elbe and Hofberger, Confectionery science and technology, 2018, ch. 8); tempered chocolate is scored as it goes dull and firm.
 */
export function scoreRangeOf(behaviour: Behaviour): ScoreRange | null {
  if (behaviour === 'hard boil') return [85, 65];
  return behaviour === 'chocolate' ? [25, 22] : null;
}

/** Returns the index of the layer to score: the thickest that snaps, since the others break with it; `undefined` if none snaps. */
export function scoredLayer<L extends { readonly behaviour: Behaviour; readonly thicknessMm: number }>(
  layers: readonly L[],
): L | undefined {
  return layers
    .filter(({ behaviour }) => scoreRangeOf(behaviour) !== null)
    .sort((a, b) => b.thicknessMm - a.thicknessMm)[0];
}

/**
 * Returns when a layer can be scored, from the temperature of its middle by minute.
 *
 * @param meanC by minute from the slab's start; NaN before the layer is there
 * @returns minutes from the slab's start; null where it never cools so far
 */
export function scoreWindow(
  meanC: readonly number[],
  [fromC, toC]: ScoreRange,
): { readonly fromMinutes: number; readonly toMinutes: number } | null {
  const fromMinutes = meanC.findIndex((celsius) => celsius <= fromC);
  const toMinutes = meanC.findIndex((celsius) => celsius <= toC);
  if (fromMinutes < 0) return null;
  return { fromMinutes, toMinutes: toMinutes < 0 ? meanC.length - 1 : Math.max(toMinutes, fromMinutes + 1) };
}

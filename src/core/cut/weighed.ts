import { variation } from './cutSlab';

/** Statistics of weighed pieces compared with their declared weight. */
export interface WeighedPieces {
  readonly meanG: number;
  /** Standard deviation, g. */
  readonly spreadG: number;
  /** Coefficient of variation. */
  readonly massVariation: number;
  /** Share of pieces below the declared weight. */
  readonly underShare: number;
  /** Tolerable negative error of the declared weight, g; `null` where the directive has none. */
  readonly tolerableG: number | null;
  /** Number of pieces short by more than that, and by more than twice that. */
  readonly shortBy: readonly [once: number, twice: number];
  readonly verdict: 'holds' | 'mean-low' | 'too-many-short' | 'one-too-short' | 'unknown';
}

/** Tolerable negative errors by declared weight, g: upper limit, then a share of it or a mass in g. */
const TOLERABLE: readonly (readonly [upToG: number, share: number | null, g: number | null])[] = [
  [50, 0.09, null],
  [100, null, 4.5],
  [200, 0.045, null],
  [300, null, 9],
  [500, 0.03, null],
  [1000, null, 15],
  [10000, 0.015, null],
];
const MIN_DECLARED_G = 5;
/** Maximum share of pieces short by more than the tolerable error. */
const MAX_SHORT = 0.025;

/**
 * Returns the tolerable negative error of a prepackage, g; `null` below 5 g and above 10 kg, where the directive has none.
 *
 * @see Directive 76/211/EEC, Annex I, 2.4
 */
export function tolerableErrorG(declaredG: number): number | null {
  if (declaredG < MIN_DECLARED_G) return null;
  const row = TOLERABLE.find(([upToG]) => declaredG <= upToG);
  if (!row) return null;
  const [, share, g] = row;
  return g ?? declaredG * share!;
}

/**
 * Compares weighed pieces with their declared weight by the average rule: the mean is not below it, few are short by more than
 * the tolerable error, and none by more than twice that. For guidance; local law and its sampling rules decide.
 *
 * @param massesG at least one piece, g
 * @param declaredG g; null where nothing is declared
 * @see Directive 76/211/EEC, Annex I
 */
export function weighedPieces(massesG: readonly number[], declaredG: number | null): WeighedPieces {
  const meanG = massesG.reduce((sum, g) => sum + g, 0) / massesG.length;
  const massVariation = variation(massesG);
  const tolerableG = declaredG === null ? null : tolerableErrorG(declaredG);
  const short = (times: number) =>
    declaredG === null || tolerableG === null ? 0 : massesG.filter((g) => g < declaredG - times * tolerableG).length;
  const shortBy = [short(1), short(2)] as const;
  const verdict =
    declaredG === null || tolerableG === null
      ? 'unknown'
      : shortBy[1] > 0
        ? 'one-too-short'
        : meanG < declaredG
          ? 'mean-low'
          : shortBy[0] > Math.max(1, massesG.length * MAX_SHORT)
            ? 'too-many-short'
            : 'holds';
  return {
    meanG,
    spreadG: massVariation * meanG,
    massVariation,
    underShare: declaredG === null ? 0 : massesG.filter((g) => g < declaredG).length / massesG.length,
    tolerableG,
    shortBy,
    verdict,
  };
}

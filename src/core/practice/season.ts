import type { Stage } from '../slab';
import { stageRange } from '../sugar';

/** One boil of a season: what it is to become, and what stands on the fire. */
export interface PracticeBoil {
  readonly stage: Stage;
  readonly sugarG: number;
  readonly waterG: number;
  readonly watts: number;
}

/** A season, from what forgives to what runs away: syrups that come slowly, and hard boils that pass their stage in seconds. */
export const SEASON: readonly PracticeBoil[] = [
  { stage: 'soft ball', sugarG: 800, waterG: 320, watts: 900 },
  { stage: 'soft ball', sugarG: 500, waterG: 180, watts: 950 },
  { stage: 'firm ball', sugarG: 600, waterG: 250, watts: 1000 },
  { stage: 'soft crack', sugarG: 700, waterG: 250, watts: 950 },
  { stage: 'firm ball', sugarG: 400, waterG: 160, watts: 1100 },
  { stage: 'hard ball', sugarG: 900, waterG: 300, watts: 1200 },
  { stage: 'hard crack', sugarG: 600, waterG: 220, watts: 1000 },
  { stage: 'soft ball', sugarG: 350, waterG: 150, watts: 1300 },
  { stage: 'soft crack', sugarG: 450, waterG: 160, watts: 1200 },
  { stage: 'hard crack', sugarG: 400, waterG: 140, watts: 1300 },
];

/** How a boil of the season ended. */
export interface PracticeResult {
  readonly stage: Stage;
  /** Where it was when it was taken off, deg C at sea level. */
  readonly endC: number;
  /** How often a drop was tried in cold water. */
  readonly drops: number;
}

/** So far beside its stage a boil is worth nothing, deg C. */
const LOST_C = 12;

/** How far a boil ended from its stage, deg C: 0 within it, above 0 too far, below 0 not far enough. */
export function offStage({ stage, endC }: Pick<PracticeResult, 'stage' | 'endC'>): number {
  const { fromC, toC } = stageRange(stage);
  return endC < fromC ? endC - fromC : endC > toC ? endC - toC : 0;
}

/** What a boil is worth: 100 within its stage, and less the further it ended from it, down to 0. */
export const scoreOf = (result: Pick<PracticeResult, 'stage' | 'endC'>): number =>
  Math.round(100 * Math.max(0, 1 - Math.abs(offStage(result)) / LOST_C));

/** The mean score of the first and of the last half of what was boiled; null before there are two halves. */
export function progressOf(
  results: readonly PracticeResult[],
): { readonly first: number; readonly last: number } | null {
  const half = Math.floor(results.length / 2);
  if (half < 2) return null;
  const mean = (some: readonly PracticeResult[]) =>
    some.reduce((sum, result) => sum + scoreOf(result), 0) / some.length;
  return { first: mean(results.slice(0, half)), last: mean(results.slice(-half)) };
}

import type { Stage } from '../slab';
import { stageRange } from '../sugar';

/** A boil of a round: its target stage and the contents of the pot. */
export interface PracticeBoil {
  readonly stage: Stage;
  readonly sugarG: number;
  readonly waterG: number;
  readonly watts: number;
}

/** A round, from forgiving to fast: slow syrups first, then hard boils that pass their stage in seconds. */
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

/** Result of a boil. */
export interface PracticeResult {
  readonly stage: Stage;
  /** Temperature when it was taken off, °C at sea level. */
  readonly endC: number;
  /** Number of cold-water tests. */
  readonly drops: number;
}

/** Distance from the stage at which the score reaches 0, °C. */
const LOST_C = 12;

/** Returns the distance of a boil from its stage, °C: 0 within it, positive above, negative below. */
export function offStage({ stage, endC }: Pick<PracticeResult, 'stage' | 'endC'>): number {
  const { fromC, toC } = stageRange(stage);
  return endC < fromC ? endC - fromC : endC > toC ? endC - toC : 0;
}

/** Returns the score of a boil: 100 within its stage, and less with distance, down to 0. */
export const scoreOf = (result: Pick<PracticeResult, 'stage' | 'endC'>): number =>
  Math.round(100 * Math.max(0, 1 - Math.abs(offStage(result)) / LOST_C));

/** Returns the mean score of the first and of the last half of the round; `null` before there are two halves. */
export function progressOf(
  results: readonly PracticeResult[],
): { readonly first: number; readonly last: number } | null {
  const half = Math.floor(results.length / 2);
  if (half < 2) return null;
  const mean = (some: readonly PracticeResult[]) =>
    some.reduce((sum, result) => sum + scoreOf(result), 0) / some.length;
  return { first: mean(results.slice(0, half)), last: mean(results.slice(-half)) };
}

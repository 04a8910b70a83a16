import { median } from 'simple-statistics';
import type { LoggedRun } from './trends';

/** What runs really took, to price by instead of the plan: the middle of each. */
export interface RunBasis {
  /** How many runs it rests on. */
  readonly runs: number;
  /** Minutes of hands at work, and watching. */
  readonly busy: number;
  readonly watch: number;
  /** Of the pieces, 0 to 1. */
  readonly rejectShare: number;
  /** What the ingredients cost, for each that was planned. */
  readonly costFactor: number;
}

/** So many of the last runs are priced by. */
export const PRICED_BY_RUNS = 10;
const MAX_REJECTED = 0.9;

/**
 * What the last runs of a slab really took; null where none was finished with its pieces counted.
 *
 * @param runs in the order of time
 */
export function runBasis(runs: readonly LoggedRun[]): RunBasis | null {
  const counted = runs
    .filter(({ record }) => record.status === 'finished' && record.outcome.pieces !== null)
    .slice(-PRICED_BY_RUNS);
  if (counted.length === 0) return null;
  const middle = (of: (run: LoggedRun) => number) => median(counted.map(of));
  const costed = counted.flatMap(({ costFactor }) => (costFactor === null ? [] : [costFactor]));
  return {
    runs: counted.length,
    busy: middle(({ record }) => record.hands.busy),
    watch: middle(({ record }) => record.hands.watch),
    rejectShare: Math.min(
      MAX_REJECTED,
      middle(({ record: { outcome } }) => {
        const all = outcome.pieces! + outcome.rejects;
        return all > 0 ? outcome.rejects / all : 0;
      }),
    ),
    costFactor: costed.length > 0 ? median(costed) : 1,
  };
}

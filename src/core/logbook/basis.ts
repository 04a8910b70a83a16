import { median } from 'simple-statistics';
import type { LoggedRun } from './trends';

/** Actual values of runs for pricing: medians. */
export interface RunBasis {
  /** Number of runs. */
  readonly runs: number;
  /** Labour minutes: hands-on, and watching. */
  readonly busy: number;
  readonly watch: number;
  /** Share of rejected pieces, 0 to 1. */
  readonly rejectShare: number;
  /** Actual ingredient cost divided by the planned cost. */
  readonly costFactor: number;
}

/** Maximum number of recent runs used. */
export const PRICED_BY_RUNS = 10;
const MAX_REJECTED = 0.9;

/**
 * Returns the actual values of a slab's last runs; `null` if no finished run has counted pieces.
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

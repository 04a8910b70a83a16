import { celsiusOf } from '../measure';
import type { Preparation } from './types';

/** The end point of a preparation in deg C, referred to sea level, or null where it is not cooked to one. */
export function endPointC({ cookTo }: Pick<Preparation, 'cookTo'>): number | null {
  if (cookTo?.celsius !== undefined) return cookTo.celsius;
  return cookTo?.fahrenheit === undefined ? null : celsiusOf(cookTo.fahrenheit);
}

/**
 * Which lines are in the pot when it boils: those added before the step that cooks, or at it. Without such a step all are.
 *
 * A line goes in at the step it names, else at the first; a name that no step has counts as the first.
 */
export function linesInPot({ lines, steps = [] }: Preparation): readonly boolean[] {
  const boil = steps.findIndex(({ cooks }) => cooks);
  if (boil === -1) return lines.map(() => true);
  return lines.map(({ addedAt }) => steps.findIndex(({ id }) => id === addedAt) <= boil);
}

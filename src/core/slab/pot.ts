import { celsiusOf } from '../measure';
import type { Preparation } from './types';

/** Returns the end point of a preparation, °C at sea level, or `null` without one. */
export function endPointC({ cookTo }: Pick<Preparation, 'cookTo'>): number | null {
  if (cookTo?.celsius !== undefined) return cookTo.celsius;
  return cookTo?.fahrenheit === undefined ? null : celsiusOf(cookTo.fahrenheit);
}

/**
 * Returns the lines in the pot during the boil: those added before the boiling step, or at it. Without such a step, all lines.
 *
 * A line goes in at the step it names, else at the first; a name that no step has counts as the first.
 */
export function linesInPot({ lines, steps = [] }: Preparation): readonly boolean[] {
  const boil = steps.findIndex(({ cooks }) => cooks);
  if (boil === -1) return lines.map(() => true);
  return lines.map(({ addedAt }) => steps.findIndex(({ id }) => id === addedAt) <= boil);
}

import type { Larder } from '$core/larder';
import { massOf, type Measures } from '$core/measure';
import { larderMatch, type LineRead } from '$core/recipe';

/** The weight of a line, and whether only the starter list knows its ingredient. */
export interface LineWeight {
  readonly massG: number | null;
  readonly isFromStarter: boolean;
}

/** Returns what a line weighs by the larder, otherwise by the starter list. */
export function lineWeight(line: LineRead, starter: Larder, measures: Measures): LineWeight {
  const { quantity, unit, ingredient, state, packG, larder, massG } = line;
  const offered = larder === null && ingredient ? larderMatch(ingredient, starter) : null;
  if (massG !== null || !offered || quantity === null || unit === null)
    return { massG, isFromStarter: offered !== null };
  const weighed = massOf({ quantity, unit, state: state ?? undefined, packG: packG ?? undefined }, offered, measures);
  return { massG: weighed.ok ? weighed.massG : null, isFromStarter: true };
}

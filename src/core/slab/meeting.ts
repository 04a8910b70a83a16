import type { Preparation, Slab } from './types';

/**
 * How long a preparation takes by its steps, one after the other where they say so, min.
 *
 * @param until a step at whose beginning to stop; all are counted where no step has this id
 */
export function preparationMinutes({ steps = [] }: Pick<Preparation, 'steps'>, until?: string): number {
  const ends = new Map<string, number>();
  let all = 0;
  for (const { id, minutes, after = [] } of steps) {
    const from = Math.max(0, ...after.map((stepId) => ends.get(stepId) ?? 0));
    if (id === until) return from;
    ends.set(id, from + minutes);
    all = Math.max(all, from + minutes);
  }
  return all;
}

/** Two pots that meet, and when the other has to be begun so that both are ready when they should be. */
export interface Meeting {
  readonly preparation: Preparation;
  readonly other: Preparation;
  readonly aheadMinutes: number;
  /** The preparation is begun so long after the other; before it where this is negative. */
  readonly startsAfterMinutes: number;
}

/** The pots of a slab that have to be ready together. A pot that meets one that is not there meets none. */
export function meetingsOf({ preparations }: Pick<Slab, 'preparations'>): Meeting[] {
  return preparations.flatMap((preparation) => {
    const other = preparations.find(({ id }) => id === preparation.meets?.preparation && id !== preparation.id);
    if (!other) return [];
    const aheadMinutes = preparation.meets?.aheadMinutes ?? 0;
    const startsAfterMinutes =
      preparationMinutes(other) - preparationMinutes(preparation, preparation.meets?.atStep) - aheadMinutes;
    return [{ preparation, other, aheadMinutes, startsAfterMinutes }];
  });
}

import type { Preparation, Slab } from './types';

/**
 * Returns the duration of a preparation's steps, one after the other where they depend on each other, min.
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

/** Two pots to finish together, and when to start the other. */
export interface Meeting {
  readonly preparation: Preparation;
  readonly other: Preparation;
  readonly aheadMinutes: number;
  /** Minutes by which the preparation starts after the other; negative for before. */
  readonly startsAfterMinutes: number;
}

/** Returns the pots of a slab to finish together. Links to a missing pot are ignored. */
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

/** A mixture of a batch that is cooked in one pot for several batches, seen from this batch. By preparation. */
export type SharedPot = CooksForOthers | TakesFromPot;

/** The batch that cooks. */
export interface CooksForOthers {
  readonly role: 'cooks';
  readonly preparation: string;
  /** Everything in the pot, relative to the batch's own amount: above 1. */
  readonly growth: number;
  /** Mass for the others when done, g. */
  readonly othersG: number;
  /** Names of the other slabs. */
  readonly alsoFor: readonly string[];
}

/** A batch whose ingredients go into that pot, and whose mixture is weighed off it. */
export interface TakesFromPot {
  readonly role: 'takes';
  readonly preparation: string;
  /** Its mass when done, g. */
  readonly massG: number;
  /** Name of the slab that is cooked for. */
  readonly from: string;
}

/** Returns how a preparation shares a pot; `undefined` if it does not. */
export const sharedPotOf = (shared: readonly SharedPot[], preparation: string): SharedPot | undefined =>
  shared.find((pot) => pot.preparation === preparation);

/** Returns how much is in the pot of a preparation relative to the batch's own amount. */
export function growthOf(shared: readonly SharedPot[], preparation: string): number {
  const pot = sharedPotOf(shared, preparation);
  return pot?.role === 'cooks' ? pot.growth : 1;
}

/** Id of the step that weighs a mixture off another batch's pot. */
export const takeStep = (preparation: string): string => `${preparation}/take`;

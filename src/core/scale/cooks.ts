import { endPointC, type Preparation } from '../slab';

const BOILED_FROM_C = 110;
const USUAL_LIMIT = 2;

/**
 * How many equal cooks a preparation must be split into: boiled sugars only go up to a multiple of the written amount
 * in one pot (the preparation's own limit, else 2 for end points of 110 C and over); other mixtures have no limit.
 *
 * @param multiple times as much as is written, >= 0
 */
export function cooksNeeded(preparation: Preparation, multiple: number): number {
  const boiled = (endPointC(preparation) ?? 0) >= BOILED_FROM_C;
  const limit = preparation.maxMultiple ?? (boiled ? USUAL_LIMIT : Infinity);
  return Math.max(1, Math.ceil(multiple / limit - 1e-9));
}

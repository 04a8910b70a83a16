import { standingRuleOf } from './shape';
import type { Tin } from './types';

/**
 * Returns the space that a film on the walls leaves: smaller by the film on every side, with its base at the same place.
 *
 * @param filmMm mm, >= 0; a film that fills the tin leaves 1 mm of it
 */
export function insetTin(tin: Tin, filmMm: number): Tin {
  return standingRuleOf(tin).inset(tin, filmMm);
}

import { isOverTaken, sharesTaken } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds layers that together use more than the whole of a preparation. */
export const sharesOverOne: Rule = ({ slab }) => {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name }, p) => {
    const share = taken.get(id) ?? 0;
    if (!isOverTaken(share)) return [];
    return [check('shares-over-one', `/preparations/${p}`, { preparation: name, share })];
  });
};

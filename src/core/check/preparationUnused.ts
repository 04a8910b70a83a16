import { sharesTaken } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds preparations that no layer uses. */
export const preparationUnused: Rule = ({ slab }) => {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name, lines }, p) =>
    (taken.get(id) ?? 0) > 0 || lines.length === 0
      ? []
      : [check('preparation-unused', `/preparations/${p}`, { preparation: name })],
  );
};

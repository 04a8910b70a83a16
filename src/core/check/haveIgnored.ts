import type { Rule } from './types';

/** Something in the cupboard that cannot limit the slab. */
export const haveIgnored: Rule = ({ stockLimit }) =>
  (stockLimit?.ignored ?? []).map((ingredient, at) => ({
    code: 'have-ignored',
    where: `/scale/have/${at}`,
    message: `${ingredient} limits 0 lines of this slab, or cannot be weighed as it is given. Write the name that a line uses, and grams`,
  }));

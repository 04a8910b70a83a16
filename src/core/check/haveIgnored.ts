import { check } from './codes';
import type { Rule } from './types';

/** Finds stock entries that cannot limit the slab. */
export const haveIgnored: Rule = ({ stockLimit }) =>
  (stockLimit?.ignored ?? []).map((ingredient, at) => check('have-ignored', `/scale/have/${at}`, { ingredient }));

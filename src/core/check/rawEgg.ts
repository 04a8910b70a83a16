import { EGG_SAFE_C, isEggCooked } from '../classify';
import { sharesOf } from './named';
import { check } from './codes';
import type { Rule } from './types';

/** Finds egg that no step heats enough. */
export const rawEgg: Rule = (facts) =>
  sharesOf(facts, 'raw egg').flatMap(({ p, l }) => {
    const preparation = facts.slab.preparations[p]!;
    if (isEggCooked(preparation)) return [];
    return [check('raw-egg', `/preparations/${p}/lines/${l}`, { preparation: preparation.name, safeC: EGG_SAFE_C })];
  });

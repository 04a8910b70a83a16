import { check } from './codes';
import { sharesOf } from './named';
import type { Rule } from './types';

/** Finds honey, which is unsafe for infants even when cooked. */
export const honeyInfants: Rule = (facts) =>
  sharesOf(facts, 'honey').map(({ p, l }) =>
    check('honey-infants', `/preparations/${p}/lines/${l}`, { preparation: facts.slab.preparations[p]!.name }),
  );

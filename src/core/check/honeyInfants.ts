import { sharesOf } from './named';
import type { Rule } from './types';

/** Honey is not for infants, cooked or not. */
export const honeyInfants: Rule = (facts) =>
  sharesOf(facts, 'honey').map(({ p, l }) => ({
    code: 'honey-infants',
    where: `/preparations/${p}/lines/${l}`,
    message: `${facts.slab.preparations[p]!.name} holds honey: not for children under 12 months. Say so on the label, or use another syrup`,
  }));

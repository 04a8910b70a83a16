import { EGG_SAFE_C, isEggCooked } from '../classify';
import { sharesOf } from './named';
import type { Rule } from './types';

/** Egg that nothing heats. */
export const rawEgg: Rule = (facts) =>
  sharesOf(facts, 'raw egg').flatMap(({ p, l }) => {
    const preparation = facts.slab.preparations[p]!;
    if (isEggCooked(preparation)) return [];
    return [
      {
        code: 'raw-egg',
        where: `/preparations/${p}/lines/${l}`,
        message: `Nothing brings the egg in ${preparation.name} to ${facts.figures.temperature.say(EGG_SAFE_C)}. Use pasteurised egg, or cook it out, and follow your local food rules`,
      },
    ];
  });

import { endPointC } from '../slab';
import { sharesNamed } from './named';
import type { Rule } from './types';

/** Egg that nothing heats. */
export const rawEgg: Rule = (facts) =>
  sharesNamed(facts, /\begg/).flatMap(({ p, l }) => {
    const preparation = facts.slab.preparations[p]!;
    const heated = (endPointC(preparation) ?? 0) >= 71 || preparation.steps?.some(({ ovenC }) => (ovenC ?? 0) >= 71);
    if (heated || /pasteuri[sz]ed|dried/i.test(preparation.lines[l]!.ingredient)) return [];
    return [
      {
        code: 'raw-egg',
        where: `/preparations/${p}/lines/${l}`,
        message: `Nothing brings the egg in ${preparation.name} to 71 C. Use pasteurised egg, or cook it out, and follow your local food rules`,
      },
    ];
  });

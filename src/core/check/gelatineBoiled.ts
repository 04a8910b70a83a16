import { isKind } from '../classify';
import { endPointC, linesInPot } from '../slab';
import type { Rule } from './types';

const WEAKENS_C = 80;

/** Gelatine loses its strength when it boils. */
export const gelatineBoiled: Rule = ({ slab, figures }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    if (endC === null || endC < 100) return [];
    const inPot = linesInPot(preparation);
    return preparation.lines.flatMap(({ ingredient }, l) =>
      inPot[l] && isKind('gelatine', { name: ingredient, ingredient: null })
        ? [
            {
              code: 'gelatine-boiled',
              where: `/preparations/${p}/lines/${l}`,
              message: `${ingredient} is in ${preparation.name} while it boils to ${figures.temperature.say(endC)} and loses its strength above ${figures.temperature.say(WEAKENS_C)}. Give it a later step, after the boil`,
            },
          ]
        : [],
    );
  });

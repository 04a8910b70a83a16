import { isKind } from '../classify';
import { endPointC, linesInPot } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

const WEAKENS_C = 80;

/** Finds gelatine in a boil. It loses its strength above about 100 °C. */
export const gelatineBoiled: Rule = ({ slab }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    if (endC === null || endC < 100) return [];
    const inPot = linesInPot(preparation);
    return preparation.lines.flatMap(({ ingredient }, l) =>
      inPot[l] && isKind('gelatine', { name: ingredient, ingredient: null })
        ? [
            check('gelatine-boiled', `/preparations/${p}/lines/${l}`, {
              ...{ ingredient, preparation: preparation.name, endC, weakensC: WEAKENS_C },
            }),
          ]
        : [],
    );
  });

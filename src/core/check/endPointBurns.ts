import { celsiusOf } from '../measure';
import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

const BURNS_C = 180;

/** An end point at which sugar burns, as when Fahrenheit was read as Celsius. */
export const endPointBurns: Rule = ({ slab }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    if (endC === null || endC <= BURNS_C) return [];
    return [
      check('end-point-burns', `/preparations/${p}/cookTo`, {
        ...{ preparation: preparation.name, endC, burnsC: BURNS_C, asFahrenheitC: celsiusOf(endC) },
      }),
    ];
  });

import { celsiusOf } from '../measure';
import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

const BURNS_C = 180;

/** Finds end points at which sugar burns, for example Fahrenheit entered as Celsius. */
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

import { celsiusOf } from '../measure';
import { endPointC } from '../slab';
import type { Rule } from './types';

const BURNS_C = 180;

/** An end point at which sugar burns, as when Fahrenheit was read as Celsius. */
export const endPointBurns: Rule = ({ slab, figures }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    if (endC === null || endC <= BURNS_C) return [];
    const asF = celsiusOf(endC);
    return [
      {
        code: 'end-point-burns',
        where: `/preparations/${p}/cookTo`,
        message: `Sugar burns above ${figures.temperature.say(BURNS_C)}, and ${preparation.name} is to reach ${figures.temperature.say(endC)}. If that was Fahrenheit, write ${figures.temperature.say(asF)}`,
      },
    ];
  });

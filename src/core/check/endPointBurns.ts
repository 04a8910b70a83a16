import { endPointC } from '../slab';
import type { Rule } from './types';

const BURNS_C = 180;

/** An end point at which sugar burns, as when Fahrenheit was read as Celsius. */
export const endPointBurns: Rule = ({ slab }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    if (endC === null || endC <= BURNS_C) return [];
    const asF = ((endC - 32) * 5) / 9;
    return [
      {
        code: 'end-point-burns',
        where: `/preparations/${p}/cookTo`,
        message: `Sugar burns above ${BURNS_C} °C, and ${preparation.name} is to reach ${endC.toFixed(0)} °C. If that was Fahrenheit, write ${asF.toFixed(0)} °C`,
      },
    ];
  });

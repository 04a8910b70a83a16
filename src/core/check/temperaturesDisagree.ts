import { scalesDisagreeC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds end points whose Celsius and Fahrenheit values differ. */
export const temperaturesDisagree: Rule = ({ slab }) =>
  slab.preparations.flatMap(({ name, cookTo }, p) => {
    const apart = cookTo && scalesDisagreeC(cookTo);
    if (!cookTo || apart === null || apart === undefined) return [];
    return [
      check('temperatures-disagree', `/preparations/${p}/cookTo`, {
        ...{ preparation: name, celsius: cookTo.celsius!, fahrenheit: cookTo.fahrenheit!, apartC: apart },
      }),
    ];
  });

import { scalesDisagreeC } from '../slab';
import type { Rule } from './types';

/** An end point given in Celsius and in Fahrenheit that are not the same temperature. */
export const temperaturesDisagree: Rule = ({ slab }) =>
  slab.preparations.flatMap(({ name, cookTo }, p) => {
    const apart = cookTo && scalesDisagreeC(cookTo);
    if (!cookTo || apart === null || apart === undefined) return [];
    return [
      {
        code: 'temperatures-disagree',
        where: `/preparations/${p}/cookTo`,
        message: `${name}: ${cookTo.celsius} °C and ${cookTo.fahrenheit} °F are ${apart.toFixed(0)} degrees apart. Keep the right one and drop the other`,
      },
    ];
  });

import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

const WATER_BOILS_C = 100;
const SYRUP = 0.05;

/** Finds end points below the boil: a syrup is above 100 °C from the start. */
export const endPointUnderBoil: Rule = ({ slab, mixtures }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    const { pot, massInG } = mixtures[p]!;
    const boils = preparation.steps?.some(({ cooks, text }) => cooks && /boil/i.test(text)) ?? false;
    if (endC === null || endC > WATER_BOILS_C || !boils || pot.sucroseG < massInG * SYRUP) return [];
    return [
      check('end-point-under-boil', `/preparations/${p}/cookTo`, {
        ...{ preparation: preparation.name, endC, boilsC: WATER_BOILS_C },
      }),
    ];
  });

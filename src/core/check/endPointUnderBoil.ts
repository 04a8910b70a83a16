import { endPointC } from '../slab';
import type { Rule } from './types';

const WATER_BOILS_C = 100;
const SYRUP = 0.05;

/** An end point that no boil stops at: a syrup boils above 100 C from the start. */
export const endPointUnderBoil: Rule = ({ slab, mixtures, figures }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    const { pot, massInG } = mixtures[p]!;
    const boils = preparation.steps?.some(({ cooks, text }) => cooks && /boil/i.test(text)) ?? false;
    if (endC === null || endC > WATER_BOILS_C || !boils || pot.sucroseG < massInG * SYRUP) return [];
    return [
      {
        code: 'end-point-under-boil',
        where: `/preparations/${p}/cookTo`,
        message: `${preparation.name} boils above ${figures.temperature.say(WATER_BOILS_C)} from the start, so ${figures.temperature.say(endC)} is reached before anything boils off. Check the end point, or write the step as warming`,
      },
    ];
  });

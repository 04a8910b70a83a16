import { endPointC } from '../slab';
import type { Rule } from './types';

/** A pot that holds less water than its end point allows: it is past the end point before it is warm. */
export const potTooDry: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ boil }, p) => {
    if (!boil?.tooDry) return [];
    const preparation = slab.preparations[p]!;
    return [
      {
        code: 'pot-too-dry',
        where: `/preparations/${p}/cookTo`,
        message: `${preparation.name} holds ${figures.mass.say(boil.waterInG)} of water, less than ${figures.temperature.say(endPointC(preparation)!)} leaves in it: nothing boils off. Add water so that the sugar dissolves, or check the end point`,
      },
    ];
  });

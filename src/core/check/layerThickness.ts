import type { Rule } from './types';

const THIN_MM = 2;
const THICK_MM = 60;

/** A level layer too thin to spread evenly, or too thick to set through. */
export const layerThickness: Rule = ({ scaling, figures }) =>
  scaling.slabs.flatMap(({ layers }) =>
    layers.flatMap(({ name, spread, thicknessMm }, at) => {
      if (spread !== 'level' || thicknessMm === 0 || (thicknessMm >= THIN_MM && thicknessMm <= THICK_MM)) return [];
      const thin = thicknessMm < THIN_MM;
      const advice = thin
        ? `under ${figures.size(THIN_MM)} is hard to spread evenly. Make more of it, or take a smaller tin`
        : `over ${figures.size(THICK_MM)} is slow to set through. Take a larger tin, or split it in two`;
      return [
        {
          code: thin ? 'layer-thin' : 'layer-thick',
          where: `/layers/${at}`,
          message: `${name} is ${figures.length.say(thicknessMm)}: ${advice}`,
        },
      ];
    }),
  );

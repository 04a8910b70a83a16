import { check } from './codes';
import type { Rule } from './types';

const THIN_MM = 2;
const THICK_MM = 60;

/** Finds level layers too thin to spread evenly or too thick to set. */
export const layerThickness: Rule = ({ scaling }) =>
  scaling.slabs.flatMap(({ layers }) =>
    layers.flatMap(({ name, spread, thicknessMm }, at) => {
      if (spread !== 'level' || thicknessMm === 0 || (thicknessMm >= THIN_MM && thicknessMm <= THICK_MM)) return [];
      const isThin = thicknessMm < THIN_MM;
      return [
        check(isThin ? 'layer-thin' : 'layer-thick', `/layers/${at}`, {
          ...{ layer: name, thicknessMm, limitMm: isThin ? THIN_MM : THICK_MM },
        }),
      ];
    }),
  );

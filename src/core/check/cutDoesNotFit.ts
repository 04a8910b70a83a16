import { check } from './codes';
import type { Rule } from './types';

/** Finds trims and cuts that leave nothing to sell. */
export const cutDoesNotFit: Rule = ({ cuts, scaling }) =>
  cuts.some(({ pieces }, at) => pieces.length === 0 && scaling.slabs[at]!.massG > 0)
    ? [check('cut-does-not-fit', '/cut', {})]
    : [];

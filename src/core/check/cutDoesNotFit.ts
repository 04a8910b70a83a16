import { isCutDecided } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds slabs whose cut is not decided. An order decides it. */
export const cutUndecided: Rule = ({ slab, order, scaling }) =>
  !isCutDecided(slab) && !order && scaling.slabs.some(({ massG }) => massG > 0)
    ? [check('cut-undecided', '/cut', {})]
    : [];

/** Finds trims and cuts that leave nothing to sell. */
export const cutDoesNotFit: Rule = ({ slab, order, cuts, scaling }) =>
  (isCutDecided(slab) || order) && cuts.some(({ pieces }, at) => pieces.length === 0 && scaling.slabs[at]!.massG > 0)
    ? [check('cut-does-not-fit', '/cut', {})]
    : [];

import { check } from './codes';
import type { Rule } from './types';

/** Finds pieces higher than every box. Skipped if the shop has no boxes. */
export const noBoxForHeight: Rule = ({ scaling, shop }) => {
  const { boxes = [] } = shop;
  const highest = boxes.reduce((most, { heightMm }) => Math.max(most, heightMm), 0);
  const heightMm = Math.max(...scaling.slabs.map((slab) => slab.heightMm));
  if (boxes.length === 0 || heightMm <= highest) return [];
  return [check('no-box-for-height', '/layers', { heightMm, boxMm: highest })];
};

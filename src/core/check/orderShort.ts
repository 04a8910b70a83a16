import { check } from './codes';
import type { Rule } from './types';

/** Finds orders with fewer pieces than ordered. */
export const orderShort: Rule = ({ order, cuts, scaling }) => {
  if (order === null) return [];
  const whole = cuts.reduce(
    (sum, { pieces }, at) =>
      sum + scaling.slabs[at]!.count * pieces.reduce((n, { kind, count }) => n + (kind === 'piece' ? count : 0), 0),
    0,
  );
  if (whole >= order.count) return [];
  return [
    check('order-short', '/tins', {
      ...{ pieces: whole, ordered: order.count, lengthMm: order.lengthMm, widthMm: order.widthMm },
    }),
  ];
};

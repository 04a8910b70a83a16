import type { Rule } from './types';

/** Fewer pieces than were ordered. */
export const orderShort: Rule = ({ order, cuts, scaling, figures }) => {
  if (order === null) return [];
  const whole = cuts.reduce(
    (sum, { pieces }, at) =>
      sum + scaling.slabs[at]!.count * pieces.reduce((n, { kind, count }) => n + (kind === 'piece' ? count : 0), 0),
    0,
  );
  if (whole >= order.count) return [];
  return [
    {
      code: 'order-short',
      where: '/tins',
      message: `These tins give ${whole} whole pieces of ${figures.size(order.lengthMm, order.widthMm)}, and ${order.count} are ordered. Take more tins, or make a second round`,
    },
  ];
};

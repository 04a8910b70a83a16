import { isOverTaken, sharesTaken } from '../slab';
import type { Rule } from './types';

/** Layers that take more of a preparation than there is. */
export const sharesOverOne: Rule = ({ slab }) => {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name }, p) => {
    const share = taken.get(id) ?? 0;
    if (!isOverTaken(share)) return [];
    return [
      {
        code: 'shares-over-one',
        where: `/preparations/${p}`,
        message: `The layers take ${Math.round(share * 100)} % of ${name}. Each now gets its part of what there is. Bring the shares down to 100 %`,
      },
    ];
  });
};

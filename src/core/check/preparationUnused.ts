import { sharesTaken } from '../slab';
import type { Rule } from './types';

/** A preparation that no layer takes anything of. */
export const preparationUnused: Rule = ({ slab }) => {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name, lines }, p) =>
    (taken.get(id) ?? 0) > 0 || lines.length === 0
      ? []
      : [
          {
            code: 'preparation-unused',
            where: `/preparations/${p}`,
            message: `0 % of ${name} goes into a layer, and all of it is paid for. Lay a layer from it, or remove it`,
          },
        ],
  );
};

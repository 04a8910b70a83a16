import { check } from './codes';
import type { Rule } from './types';

/** Finds lines added at a step that does not exist. */
export const lineNeverAdded: Rule = ({ slab, mixtures }) =>
  slab.preparations.flatMap(({ name, lines, steps = [] }, p) =>
    lines.flatMap(({ ingredient, addedAt }, l) => {
      if (addedAt === undefined || addedAt === '' || steps.some(({ id }) => id === addedAt)) return [];
      return [
        check('line-never-added', `/preparations/${p}/lines/${l}/addedAt`, {
          ...{ ingredient, preparation: name, massG: mixtures[p]!.lines[l]!.massG ?? 0, step: addedAt },
        }),
      ];
    }),
  );

import type { Rule } from './types';

/** A line that is to go in at a step that does not exist. */
export const lineNeverAdded: Rule = ({ slab, mixtures, figures }) =>
  slab.preparations.flatMap(({ name, lines, steps = [] }, p) =>
    lines.flatMap(({ ingredient, addedAt }, l) => {
      if (addedAt === undefined || addedAt === '' || steps.some(({ id }) => id === addedAt)) return [];
      return [
        {
          code: 'line-never-added',
          where: `/preparations/${p}/lines/${l}/addedAt`,
          message: `${figures.mass.say(mixtures[p]!.lines[l]!.massG ?? 0)} of ${ingredient} go into ${name} at a step "${addedAt}" that it does not have; it is counted as added at the start. Name one of its steps`,
        },
      ];
    }),
  );

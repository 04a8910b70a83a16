import { check } from './codes';
import type { Rule } from './types';

/** Factor by which an amount must leave its usual range to count as a slip. A tablespoon is three teaspoons. */
const SLIP = 3;

/** Finds amounts over three times, or under a third of, the usual share of their ingredient in a preparation. */
export const amountSlip: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines, massInG }, p) =>
    lines.flatMap(({ ingredient, massG }, l) => {
      if (!ingredient?.usualPercent || massG === null || massG === 0 || lines.length < 3) return [];
      const { from, to } = ingredient.usualPercent;
      const usual = { from: from / 100, to: to / 100 };
      const share = massG / massInG;
      const over = share >= usual.to * SLIP;
      if (!over && share > usual.from / SLIP) return [];
      const line = slab.preparations[p]!.lines[l]!;
      const units = line.unit === 'tbsp' ? 'tsp' : line.unit === 'tsp' ? 'tbsp' : null;
      return [
        check('amount-slip', `/preparations/${p}/lines/${l}`, {
          ...{ ingredient: line.ingredient, preparation: slab.preparations[p]!.name, share, usual },
          ...{ unit: line.unit, meant: units && (units === 'tsp') === over ? units : null },
        }),
      ];
    }),
  );

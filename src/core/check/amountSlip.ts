import type { Rule } from './types';

/** A tablespoon is three teaspoons, or nearly: so far off its usual range an amount is likely a slip. */
const SLIP = 3;

/** An amount three times over, or under a third of, the share of a preparation that its ingredient usually has. */
export const amountSlip: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines, massInG }, p) =>
    lines.flatMap(({ ingredient, massG }, l) => {
      const usual = ingredient?.usualPercent;
      if (!usual || massG === null || massG === 0 || lines.length < 3) return [];
      const percent = (100 * massG) / massInG;
      const over = percent >= usual.to * SLIP;
      if (!over && percent > usual.from / SLIP) return [];
      const line = slab.preparations[p]!.lines[l]!;
      const units = line.unit === 'tbsp' ? 'tsp' : line.unit === 'tsp' ? 'tbsp' : null;
      const meant =
        units && (units === 'tsp') === over ? `Was ${units} meant for ${line.unit}?` : 'Check the amount and its unit.';
      return [
        {
          code: 'amount-slip',
          where: `/preparations/${p}/lines/${l}`,
          message: `${line.ingredient} is ${percent.toFixed(percent < 1 ? 2 : 1)} % of ${slab.preparations[p]!.name}; ${usual.from}-${usual.to} % is usual. ${meant} If it is right, mark this as known or change its usual range in the larder`,
        },
      ];
    }),
  );

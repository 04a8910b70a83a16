import { massOf } from '../measure';
import type { Rule } from './types';

const MOST = 0.1;

/** A line written in two units that do not weigh the same. */
export const unitsDisagree: Rule = ({ slab, mixtures, measures, figures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient, massG }, l) => {
      const line = slab.preparations[p]!.lines[l]!;
      if (!line.also || massG === null) return [];
      const other = massOf({ ...line.also, state: line.state }, ingredient ?? {}, measures);
      const share = line.part?.share ?? 1;
      if (!other.ok || share === 0) return [];
      const [a, b] = [massG / share, other.massG];
      if (Math.abs(a - b) <= MOST * Math.max(a, b)) return [];
      return [
        {
          code: 'units-disagree',
          where: `/preparations/${p}/lines/${l}`,
          message: `${line.ingredient} is written as ${figures.mass.say(a)} and as ${figures.mass.say(b)} (${line.also.quantity} ${line.also.unit}). Weigh it once, keep the right one and drop the other, or correct its density in the larder`,
        },
      ];
    }),
  );

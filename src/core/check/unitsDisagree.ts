import { massOf } from '../measure';
import { check } from './codes';
import type { Rule } from './types';

const MOST = 0.1;

/** Finds lines with two amounts that do not weigh the same. */
export const unitsDisagree: Rule = ({ slab, mixtures, measures }) =>
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
        check('units-disagree', `/preparations/${p}/lines/${l}`, {
          ...{ ingredient: line.ingredient, massG: a },
          also: { massG: b, quantity: line.also.quantity, unit: line.also.unit },
        }),
      ];
    }),
  );

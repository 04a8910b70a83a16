import type { Rule } from './types';

const SAY = {
  'no-density': (name: string, unit: string) =>
    `${name} counts as 0: it is written in ${unit} and has no density. Add its g per mL in the larder, or write the line in grams`,
  'no-unit-mass': (name: string) =>
    `${name} counts as 0: the larder does not say what 1 of it weighs. Add its weight each in the larder, or write the line in grams`,
  'no-pack': (name: string) =>
    `${name} counts as 0: it is written in packs and the larder lists no pack of it. Add the pack, or write the line in grams`,
  'no-such-measure': (name: string, unit: string) =>
    `${name} counts as 0: it is written in ${unit}, which this slab's measure standard does not have. Write it in ml or grams, or change the standard`,
} as const;

/** A line of a known ingredient that cannot be turned into grams. */
export const unweighedLine: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why }, l) => {
      if (why === null || why === 'not-in-larder') return [];
      const { ingredient, unit } = slab.preparations[p]!.lines[l]!;
      return [{ code: why, where: `/preparations/${p}/lines/${l}`, message: SAY[why](ingredient, unit) }];
    }),
  );

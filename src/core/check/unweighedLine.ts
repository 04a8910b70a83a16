import type { Rule } from './types';

const SAY = {
  'no-density': (name: string, unit: string, counts: string) =>
    `${name} ${counts}: it is written in ${unit} and has no density. Add its g per mL in the larder, or write the line in grams`,
  'no-unit-mass': (name: string, _: string, counts: string) =>
    `${name} ${counts}: the larder does not say what 1 of it weighs. Add its weight each in the larder, or write the line in grams`,
  'no-pack': (name: string, _: string, counts: string) =>
    `${name} ${counts}: it is written in packs and the larder lists no pack of it. Add the pack, or write the line in grams`,
  'no-such-measure': (name: string, unit: string, counts: string) =>
    `${name} ${counts}: it is written in ${unit}, which this slab's measure standard does not have. Write it in ml or grams, or change the standard`,
} as const;

/** A line of a known ingredient that cannot be turned into grams, or only by a guess. */
export const unweighedLine: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why, massG, guess }, l) => {
      if (why === null || why === 'not-in-larder') return [];
      const counts = massG === null ? 'counts as 0' : `is taken to weigh ${figures.mass.say(massG)}, as ${guess!.as}`;
      const { ingredient, unit } = slab.preparations[p]!.lines[l]!;
      return [{ code: why, where: `/preparations/${p}/lines/${l}`, message: SAY[why](ingredient, unit, counts) }];
    }),
  );

import { sharesNamed } from './named';
import type { Rule } from './types';

const LEAST = 0.18;

/** A baked flour base with so little fat that it crumbles when it is cut. Counted only where all of it is known. */
export const fatLow: Rule = (facts) =>
  sharesNamed(facts, /flour/).flatMap(({ p, share }) => {
    const preparation = facts.slab.preparations[p]!;
    const { lines, massInG } = facts.made[p]!;
    const isBase = share > 0.35 && preparation.steps?.some(({ ovenC }) => ovenC !== undefined);
    if (!isBase || lines.some(({ ingredient }) => !ingredient?.composition)) return [];
    if (lines.some(({ ingredient }) => /egg|milk|baking|yeast/i.test(ingredient!.name))) return [];
    const fatG = lines.reduce(
      (sum, { ingredient, massG }) => sum + ((massG ?? 0) * ingredient!.composition!.fat) / 100,
      0,
    );
    if (fatG / massInG >= LEAST) return [];
    return [
      {
        code: 'fat-low',
        where: `/preparations/${p}`,
        message: `${preparation.name} is ${((fatG / massInG) * 100).toFixed(0)} % fat: under ${LEAST * 100} % a shortbread does not hold together. Add butter, or check the flour`,
      },
    ];
  });

import { isBaked, isKind, type IngredientKind } from '../classify';
import type { Ingredient } from '../larder';
import { sharesOf } from './named';
import { check } from './codes';
import type { Rule } from './types';

const MIN_FAT_SHARE = 0.18;
const BINDING: readonly IngredientKind[] = ['egg', 'milk', 'leavening'];

/** Finds baked flour bases with too little fat to cut without crumbling. Skipped if any composition is unknown. */
export const fatLow: Rule = (facts) =>
  sharesOf(facts, 'flour').flatMap(({ p, share }) => {
    const preparation = facts.slab.preparations[p]!;
    const { lines, massInG } = facts.mixtures[p]!;
    const isBase = share > 0.35 && isBaked(preparation);
    if (!isBase || lines.some(({ ingredient }) => !ingredient?.composition)) return [];
    // Ingredients that bind or raise the base, so that it is not shortbread.
    const binds = (name: string, ingredient: Ingredient | null) =>
      BINDING.some((kind) => isKind(kind, { name, ingredient })) || /yeast/i.test(name);
    if (lines.some(({ ingredient }, l) => binds(preparation.lines[l]!.ingredient, ingredient))) return [];
    const fatG = lines.reduce(
      (sum, { ingredient, massG }) => sum + ((massG ?? 0) * ingredient!.composition!.fat) / 100,
      0,
    );
    if (fatG / massInG >= MIN_FAT_SHARE) return [];
    return [
      check('fat-low', `/preparations/${p}`, {
        preparation: preparation.name,
        share: fatG / massInG,
        least: MIN_FAT_SHARE,
      }),
    ];
  });

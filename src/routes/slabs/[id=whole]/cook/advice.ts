import { isHardBoil, isKind, type IngredientKind } from '$core/classify';
import { ingredientNamed, type Larder } from '$core/larder';
import type { Preparation } from '$core/slab';
import type { StirringRule, WallRule } from '$wording/boiling';

/** Tells whether a preparation contains an ingredient of one of the kinds. */
const contains = ({ lines }: Preparation, larder: Larder, ...kinds: readonly IngredientKind[]) =>
  lines.some(({ ingredient: name }) =>
    kinds.some((kind) => isKind(kind, { name, ingredient: ingredientNamed(name, larder) })),
  );

/** Returns when to stir a boil and when to leave it alone, in order. Plain syrup is left alone, milk and butter are stirred, fudge is both. */
export function stirringRules(preparation: Preparation, larder: Larder): StirringRule[] {
  const isMilky = contains(preparation, larder, 'milk', 'milk fat');
  const isBeaten = preparation.steps?.some(({ text }) => /beat/i.test(text)) ?? false;
  if (isBeaten)
    return ['dissolve', isMilky ? 'boil, stir sometimes' : 'boil, leave alone', 'cool, leave alone', 'beat'];
  return ['dissolve', isMilky ? 'boil, stir always' : 'boil, leave alone'];
}

/** Returns the ways to keep crystals off the wall of the pot. */
export function wallRules(preparation: Preparation, larder: Larder): WallRule[] {
  const isProtected = contains(preparation, larder, 'keeps from graining');
  return ['lid', 'brush', isProtected ? 'protected' : isHardBoil(preparation) ? 'glucose' : 'acid'];
}

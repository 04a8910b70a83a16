import { isKind, type IngredientKind } from '../classify';
import type { Facts } from './types';

/**
 * Share of each preparation's mass that lines of some kind make up, 0 to 1.
 *
 * @returns the preparation's position, its share, and the first line that counts, for preparations that have any
 */
export function sharesOf({ slab, mixtures }: Facts, kind: IngredientKind): { p: number; l: number; share: number }[] {
  return slab.preparations.flatMap(({ lines }, p) => {
    const mixture = mixtures[p]!;
    const counts = lines.map(({ ingredient: name }, l) =>
      isKind(kind, { name, ingredient: mixture.lines[l]!.ingredient }),
    );
    const l = counts.indexOf(true);
    if (l === -1 || mixture.massInG === 0) return [];
    const massG = mixture.lines.reduce((sum, line, i) => sum + (counts[i] ? (line.massG ?? 0) : 0), 0);
    return [{ p, l, share: massG / mixture.massInG }];
  });
}

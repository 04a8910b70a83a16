import type { Facts } from './types';

/**
 * Share of each preparation's mass that lines of some name make up, 0 to 1.
 *
 * @param name what counts, matched against the name as written and the larder's
 * @returns the preparation's position, its share, and the first line that counts, for preparations that have any
 */
export function sharesNamed({ slab, made }: Facts, name: RegExp): { p: number; l: number; share: number }[] {
  return slab.preparations.flatMap(({ lines }, p) => {
    const one = made[p]!;
    const counts = lines.map(({ ingredient }) => name.test(ingredient.toLowerCase()));
    const l = counts.indexOf(true);
    if (l === -1 || one.massInG === 0) return [];
    const massG = one.lines.reduce((sum, line, i) => sum + (counts[i] ? (line.massG ?? 0) : 0), 0);
    return [{ p, l, share: massG / one.massInG }];
  });
}

import type { Slab } from '../slab';
import type { ScaledPreparation } from './scaled';

/** A line that counts whole things and now asks for a part of one. */
export interface WholeThing {
  /** Positions of the preparation and the line. */
  readonly p: number;
  readonly l: number;
  readonly ingredient: string;
  readonly unit: 'each' | 'pack';
  /** What the plan asks for, exactly. */
  readonly exact: number;
  /** The nearest whole counts, and the multiple of the written amounts at which the line is just that. */
  readonly options: readonly { readonly count: number; readonly by: number }[];
}

const NEAR = 1e-6;

/**
 * The whole things of a scaled slab that do not come out whole: half an egg, a third of a can.
 *
 * Each offers the counts next to what is asked for, at least one, and the plain multiple that makes it exact.
 *
 * @param made the scaled preparations, in the slab's order
 */
export function wholeThings(slab: Slab, made: readonly ScaledPreparation[]): WholeThing[] {
  return slab.preparations.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient, unit, quantity }, l) => {
      if (unit !== 'each' && unit !== 'pack') return [];
      const exact = quantity * made[p]!.multiple;
      if (Math.abs(exact - Math.round(exact)) < NEAR * Math.max(1, exact) && exact > NEAR) return [];
      const counts = [Math.floor(exact), Math.ceil(exact)].filter((count) => count > 0);
      return [{ p, l, ingredient, unit, exact, options: counts.map((count) => ({ count, by: count / quantity })) }];
    }),
  );
}

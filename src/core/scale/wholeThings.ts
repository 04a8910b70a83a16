import { plainName } from '../larder';
import type { ExpandedSlab } from '../slab';
import type { ScaledPreparation } from './scaled';

/** A counted ingredient with a fractional amount, such as half an egg, over all of its pots. */
export interface WholeThing {
  /** Positions of its preparations and lines. */
  readonly lines: readonly { readonly p: number; readonly l: number }[];
  readonly ingredient: string;
  readonly unit: 'each' | 'pack';
  /** Exact amount of the plan. */
  readonly exact: number;
  /** The nearest whole counts, and the scale factors that give them. */
  readonly options: readonly { readonly count: number; readonly scaleFactor: number }[];
}

const NEAR = 1e-6;

/**
 * Returns the counted ingredients of a scaled slab with fractional amounts. A can that is divided between two pots counts once.
 *
 * Each offers the nearest whole counts, at least one, and the scale factor that makes the count exact.
 *
 * @param slab with the parts of its lines laid out
 * @param scaling the scaled preparations, in the slab's order
 */
export function wholeThings(slab: ExpandedSlab, scaling: readonly ScaledPreparation[]): WholeThing[] {
  const things = new Map<string, { lines: { p: number; l: number }[]; written: number; exact: number }>();
  slab.preparations.forEach(({ lines }, p) =>
    lines.forEach(({ ingredient, unit, quantity, packG }, l) => {
      if (unit !== 'each' && unit !== 'pack') return;
      const key = JSON.stringify([plainName(ingredient), unit, packG ?? 0]);
      const thing = things.get(key) ?? { lines: [], written: 0, exact: 0 };
      thing.lines.push({ p, l });
      thing.written += quantity;
      thing.exact += quantity * scaling[p]!.scaleFactor;
      things.set(key, thing);
    }),
  );
  return [...things.values()].flatMap(({ lines, written, exact }) => {
    if (Math.abs(exact - Math.round(exact)) < NEAR * Math.max(1, exact) && exact > NEAR) return [];
    const { ingredient, unit } = slab.preparations[lines[0]!.p]!.lines[lines[0]!.l]!;
    const counts = [Math.floor(exact), Math.ceil(exact)].filter((count) => count > 0);
    const options = counts.map((count) => ({ count, scaleFactor: count / written }));
    return [{ lines, ingredient, unit: unit as WholeThing['unit'], exact, options }];
  });
}

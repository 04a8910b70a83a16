import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { expandDividedLines, tinsOf, type Scale, type Slab } from '../slab';
import { isSheet, sameTin, type AnyTin, type RackTin, type TinCount } from '../tin';
import { scalerOf } from './scaling';

/**
 * Returns a function that gives the height of a slab in tins at a scaling, mm, without the rest of the plan. The mixtures are
 * weighed once.
 */
export function heightsOf(slab: Slab, larder: Larder, shop: Shop): (tins: readonly TinCount[], scale: Scale) => number {
  const scale = scalerOf(expandDividedLines(slab), larder, shop);
  return (tins, mode) => scale({ tins, scale: mode }).scaling.slabs[0]!.heightMm;
}

/** A tin of the rack in which an amount comes close to the original height. */
export interface NearTin {
  readonly name: string;
  readonly tin: AnyTin;
  readonly heightMm: number;
}

/**
 * Returns the single tin, of the rack or the base recipe, in which a scale factor comes closest to the original height. Sheets
 * and the current tin are left out.
 *
 * @param scaleFactor times the written amounts
 * @param heightMm as `heightsOf` gives it
 */
export function nearestTin(
  slab: Slab,
  rack: readonly RackTin[],
  scaleFactor: number,
  heightMm: ReturnType<typeof heightsOf>,
): NearTin | null {
  const now = tinsOf(slab);
  const isNow = (tin: AnyTin) => now.length === 1 && now[0]!.count === 1 && sameTin(tin, now[0]!.tin);
  const writtenMm = heightMm([{ tin: slab.tin, count: 1 }], { mode: 'same-thickness' });
  const off = (tin: NearTin) => Math.abs(tin.heightMm - writtenMm);
  return [{ name: 'the written tin', tin: slab.tin }, ...rack]
    .filter(({ tin }) => !isSheet(tin) && !isNow(tin))
    .map(({ name, tin }): NearTin => ({
      name,
      tin,
      heightMm: heightMm([{ tin, count: 1 }], { mode: 'scaleFactor', by: scaleFactor }),
    }))
    .reduce<NearTin | null>((near, nearTin) => (near === null || off(nearTin) < off(near) ? nearTin : near), null);
}

/** Returns the height of a slab whose layers keep their thickness, mm. */
export function writtenHeightMm(slab: Slab, larder: Larder, shop: Shop): number {
  return heightsOf(slab, larder, shop)([{ tin: slab.tin, count: 1 }], { mode: 'same-thickness' });
}

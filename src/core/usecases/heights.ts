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

/** Tins that hold all of a batch. */
export interface Holding {
  readonly tins: readonly TinCount[];
  /** Name of the tin in the rack; `null` for the slab's own tin, several times. */
  readonly name: string | null;
  readonly heightMm: number;
  readonly scale: Scale;
}

const MAX_OWN = 4;
const MAX_HOLDING = 3;
/** Space that is left under the rim, mm. */
const UNDER_RIM_MM = 1;

/**
 * Returns tins that hold what overflows now, with the same amounts: more of the slab's own tin, or a tin of the rack. The ones whose
 * height is closest to the base recipe come first.
 *
 * @param scaleFactor times the written amounts, as they are made now
 * @param heightMm as `heightsOf` gives it
 */
export function tinsThatHold(
  slab: Slab,
  rack: readonly RackTin[],
  scaleFactor: number,
  heightMm: ReturnType<typeof heightsOf>,
): Holding[] {
  const scale: Scale = { mode: 'scaleFactor', by: scaleFactor };
  const writtenMm = heightMm([{ tin: slab.tin, count: 1 }], { mode: 'same-thickness' });
  const own = tinsOf(slab)[0]!;
  const candidates = [
    ...Array.from({ length: MAX_OWN }, (_, i) => ({ name: null, tins: [{ tin: own.tin, count: own.count + i + 1 }] })),
    ...rack.map(({ name, tin }) => ({ name, tins: [{ tin, count: 1 }] })),
  ];
  const holding = candidates.flatMap(({ name, tins }): Holding[] => {
    const { tin } = tins[0]!;
    if (isSheet(tin)) return [];
    const height = heightMm(tins, scale);
    return height <= tin.depthMm - UNDER_RIM_MM ? [{ name, tins, heightMm: height, scale }] : [];
  });
  const off = (tin: Holding) => Math.abs(tin.heightMm - writtenMm);
  // Of the own tin the fewest that hold it.
  const fewest = holding.find(({ name }) => name === null);
  return holding
    .filter((one) => one.name !== null || one === fewest)
    .sort((a, b) => Number(b === fewest) - Number(a === fewest) || off(a) - off(b))
    .slice(0, MAX_HOLDING);
}

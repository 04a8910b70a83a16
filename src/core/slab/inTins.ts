import { sameTin, type TinCount } from '../tin';
import type { Scale, Slab } from './types';

/** Returns the tins of a slab: the chosen ones, otherwise the tin of the base recipe. */
export function tinsOf(slab: Slab): readonly TinCount[] {
  return slab.tins ?? [{ tin: slab.tin, count: 1 }];
}

/** Returns the scaling of a slab; the default keeps the thickness of every layer. */
export function scaleOf(slab: Slab): Scale {
  return slab.scale ?? { mode: 'same-thickness' };
}

/** Tells whether it is decided how a slab is cut: by a cut of its own, or by an order of pieces. */
export const isCutDecided = (slab: Slab): boolean => slab.cut !== undefined || scaleOf(slab).mode === 'pieces';

/** Returns the slab in other tins with the same scaling. With only the base recipe's tin the choice is removed. */
export function inTins(slab: Slab, tins: readonly TinCount[], scale: Scale | undefined = slab.scale): Slab {
  const { tins: _tins, scale: _scale, ...rest } = slab;
  const [first] = tins;
  const asWritten = tins.length === 1 && first?.count === 1 && sameTin(first.tin, slab.tin);
  return { ...rest, ...(asWritten || !first ? {} : { tins }), ...(scale ? { scale } : {}) };
}

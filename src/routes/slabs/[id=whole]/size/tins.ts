import type { Scale, Slab } from '../../../../core/slab';
import { type TinCount, sameTin } from '../../../../core/tin';

/** The slab in some tins, scaled as before; in its written tin alone it carries no choice of tin at all. */
export function inTins(slab: Slab, tins: readonly TinCount[], scale: Scale | undefined = slab.scale): Slab {
  const { tins: _tins, scale: _scale, ...rest } = slab;
  const [first] = tins;
  const asWritten = tins.length === 1 && first?.count === 1 && sameTin(first.tin, slab.tin);
  return { ...rest, ...(asWritten || !first ? {} : { tins }), ...(scale ? { scale } : {}) };
}

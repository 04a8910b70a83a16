import { sameTin, type TinCount } from '../tin';
import type { Scale, Slab } from './types';

/** The tins that a slab is made in: those chosen for it, else the one it is written for. */
export function tinsOf(slab: Slab): readonly TinCount[] {
  return slab.tins ?? [{ tin: slab.tin, count: 1 }];
}

/** The scaling that a slab asks for: what it says, else the written thickness of every layer. */
export function scaleOf(slab: Slab): Scale {
  return slab.scale ?? { mode: 'same-thickness' };
}

/** The slab in some tins, scaled as before; in its written tin alone it carries no choice of tin at all. */
export function inTins(slab: Slab, tins: readonly TinCount[], scale: Scale | undefined = slab.scale): Slab {
  const { tins: _tins, scale: _scale, ...rest } = slab;
  const [first] = tins;
  const asWritten = tins.length === 1 && first?.count === 1 && sameTin(first.tin, slab.tin);
  return { ...rest, ...(asWritten || !first ? {} : { tins }), ...(scale ? { scale } : {}) };
}

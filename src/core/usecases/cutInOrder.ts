import { layOut, strokeOrder, type StrokeOrder } from '../cut';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import type { Slab } from '../slab';
import { withoutOrder } from './order';
import { plan } from './plan';
import { UNCUT } from './scaling';

/** Returns the cutting order of a slab's first tin; `null` if it is not cut on lines, or the cut does not fit. */
export function cutInOrder(slab: Slab, larder: Larder, shop: Shop): StrokeOrder | null {
  const { tin, slab: laid } = plan(slab, larder, shop).slabs[0]!;
  const layout = layOut(tin, laid.heightMm, withoutOrder(slab, larder, shop).cut ?? UNCUT);
  return layout && strokeOrder(layout);
}

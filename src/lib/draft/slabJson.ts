import type { Slab } from '$core/slab';

const written = new WeakMap<Slab, string>();

/** A slab as JSON. Slabs are never changed in place, so each is written out once, however often it is compared and stored. */
export function slabJson(slab: Slab): string {
  const before = written.get(slab);
  if (before !== undefined) return before;
  const text = JSON.stringify(slab);
  written.set(slab, text);
  return text;
}

/** Whether two slabs are the same file. */
export const isSameSlab = (a: Slab, b: Slab) => a === b || slabJson(a) === slabJson(b);

import type { Slab } from '$core/slab';

const written = new WeakMap<Slab, string>();

/** Returns a slab as JSON. Slabs are immutable, so the result is cached. */
export function slabJson(slab: Slab): string {
  const before = written.get(slab);
  if (before !== undefined) return before;
  const text = JSON.stringify(slab);
  written.set(slab, text);
  return text;
}

/** Tells whether two slabs are the same file. */
export const isSameSlab = (a: Slab, b: Slab) => a === b || slabJson(a) === slabJson(b);

import type { Scale, Slab } from './types';

/** What a scaling takes from the cupboard, by name. */
const inCupboard = (scale: Scale | undefined) =>
  scale?.mode === 'as-far-as' ? scale.have.map(({ ingredient }) => ingredient) : [];

/**
 * Every name of the larder that a slab needs: of its lines, of what stands in the cupboard, and of what its own ingredients are
 * made of.
 *
 * @param scale a scaling that is asked for beside the slab's own
 */
export function namesNeeded(slab: Slab, scale?: Scale): string[] {
  return [
    ...slab.preparations.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)),
    ...inCupboard(slab.scale),
    ...inCupboard(scale),
    ...(slab.larder ?? []).flatMap(({ madeOf = [] }) => madeOf.map(({ ingredient }) => ingredient)),
  ];
}

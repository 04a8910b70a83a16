import type { Scale, Slab } from './types';

/** Stock entries of a scaling, by name. */
const inCupboard = (scale: Scale | undefined) =>
  scale?.mode === 'as-far-as' ? scale.have.map(({ ingredient }) => ingredient) : [];

/**
 * Returns every larder name that a slab needs: of its lines, its stock entries, and its own ingredients' components.
 *
 * @param scale a requested scaling besides that of the slab
 */
export function namesNeeded(slab: Slab, scale?: Scale): string[] {
  return [
    ...slab.preparations.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)),
    ...inCupboard(slab.scale),
    ...inCupboard(scale),
    ...(slab.larder ?? []).flatMap(({ madeOf = [] }) => madeOf.map(({ ingredient }) => ingredient)),
  ];
}

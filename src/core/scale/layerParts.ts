import type { LayerPart } from '../classify';
import type { Layer, Slab } from '../slab';
import type { Mixture } from './mixture';

/**
 * Returns the parts of a layer for classification.
 *
 * @param slab with divided lines expanded
 * @param mixtures in the order of the slab's preparations
 */
export function layerParts(
  layer: Layer,
  { preparations }: Pick<Slab, 'preparations'>,
  mixtures: readonly Mixture[],
): LayerPart[] {
  return layer.from.flatMap(({ preparation: id, share }) => {
    const p = preparations.findIndex((given) => given.id === id);
    const preparation = preparations[p];
    if (!preparation || share === 0) return [];
    const things = preparation.lines.map(({ ingredient: name }, l) => {
      const { ingredient, massG } = mixtures[p]!.lines[l]!;
      return { name, ingredient, massG: massG ?? 0 };
    });
    return [{ preparation, things, share }];
  });
}

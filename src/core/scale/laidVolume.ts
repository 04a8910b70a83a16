import { foamOf, type FoamInLayer } from '../classify';
import type { Layer, Slab } from '../slab';
import { layerParts } from './layerParts';
import type { Mixture } from './mixture';

/**
 * Returns the volume of a layer, mL: by the density in its file, otherwise that of its mixtures, with the air of a beaten layer unless
 * a mixture has a density of its own.
 *
 * @param massG mass of the layer, g
 * @param volumeMl volume of its mixtures by their own densities, mL
 */
export function laidVolumeMl(
  layer: Layer,
  massG: number,
  volumeMl: number,
  slab: Slab,
  mixtures: ReadonlyMap<string, Mixture>,
): number {
  if (layer.densityGPerMl !== undefined) return massG / layer.densityGPerMl;
  const foam = foamOfLayer(layer, slab, mixtures);
  return foam ? (foam.share * massG) / foam.gPerMl + (1 - foam.share) * volumeMl : volumeMl;
}

/** Returns the beaten air that a layer is assumed to hold; `null` for none, and where the layer or a mixture in it has a density of its own. */
export function foamOfLayer(
  layer: Layer,
  slab: Pick<Slab, 'preparations'>,
  mixtures: ReadonlyMap<string, Mixture>,
): FoamInLayer | null {
  const inLayer = layer.from.flatMap(({ preparation }) => mixtures.get(preparation) ?? []);
  if (layer.densityGPerMl !== undefined || inLayer.some(({ densityFrom }) => densityFrom === 'given')) return null;
  const all = slab.preparations.flatMap(({ id }) => mixtures.get(id) ?? []);
  return all.length === slab.preparations.length ? foamOf(layerParts(layer, slab, all)) : null;
}

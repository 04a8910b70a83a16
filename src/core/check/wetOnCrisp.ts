import { behaviourOf, isBaked, isKind } from '../classify';
import { layerParts } from '../scale';
import { check } from './codes';
import type { Facts, Rule } from './types';

/** Maximum water share of a layer that binds its water, such as marshmallow. Curds, creams and fruit release theirs. */
const WET = 0.35;
const CRISP = 0.08;

/** Share of water in a layer, 0 to 1, or null where it is not known. */
function waterOf({ scaling, mixtures, slab }: Facts, at: number): number | null {
  const { shares } = scaling.written[at]!;
  let massG = 0;
  let waterG = 0;
  for (const [id, share] of shares) {
    const source = mixtures[slab.preparations.findIndex((preparation) => preparation.id === id)]!;
    if (source.waterShare === null) return null;
    massG += share * source.massOutG;
    waterG += share * source.massOutG * source.waterShare;
  }
  return massG > 0 ? waterG / massG : null;
}

const partsOf = ({ slab, mixtures }: Facts, at: number) => layerParts(slab.layers[at]!, slab, mixtures);

/** Tells whether a preparation of the layer is baked. */
const baked = (facts: Facts, at: number) => partsOf(facts, at).some(({ preparation }) => isBaked(preparation));

/** Tells whether a layer is crisp: a hard boil, or a baked or dry crumb. */
function isCrisp(facts: Facts, at: number): boolean {
  const parts = partsOf(facts, at);
  if (behaviourOf(parts) === 'hard boil') return true;
  if (!parts.some(({ things }) => things.some((thing) => isKind('crumb', thing)))) return false;
  return baked(facts, at) || (waterOf(facts, at) ?? 1) < CRISP;
}

/** Finds wet layers directly on crisp ones, which go soft. A film of chocolate or fat between them keeps them crisp. */
export const wetOnCrisp: Rule = (facts) => {
  const { slab, scaling } = facts;
  const stack = slab.layers.flatMap((layer, at) =>
    (scaling.slabs[0]?.layers[at]?.thicknessMm ?? 0) > 0 ? [{ layer, at }] : [],
  );
  return stack.slice(1).flatMap(({ layer, at }, i) => {
    const below = stack[i]!;
    const water = waterOf(facts, at);
    // Layers baked together are skipped.
    if (water === null || water < WET || !isCrisp(facts, below.at) || baked(facts, at)) return [];
    if (behaviourOf(partsOf(facts, at)) === 'chocolate') return [];
    return [check('wet-on-crisp', `/layers/${at}`, { layer: layer.name, waterShare: water, below: below.layer.name })];
  });
};

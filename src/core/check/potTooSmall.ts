import { batchesNeeded } from '../scale';
import type { VesselKind } from '../tin';
import type { Rule } from './types';

/** A boil or a mix that none of the shop's pots or bowls holds. */
export const potTooSmall: Rule = ({ slab, mixtures, scaling, shop, figures }) =>
  scaling.preparations.flatMap(({ scaleFactor }, p) => {
    const preparation = slab.preparations[p]!;
    const { vessel } = mixtures[p]!;
    const held = (shop.vessels ?? []).filter(({ kind }) => kind === vessel.kind).map(({ volumeMl }) => volumeMl);
    const neededMl = (vessel.volumeMl * scaleFactor) / batchesNeeded(preparation, scaleFactor);
    const largestMl = Math.max(...held);
    if (held.length === 0 || neededMl <= largestMl) return [];
    const why: Readonly<Record<VesselKind, string>> = {
      pot: `a boil rises to ${vessel.times} times its volume`,
      bowl: 'it is to be stirred',
    };
    return [
      {
        code: 'pot-too-small',
        where: `/preparations/${p}`,
        message: `${preparation.name} needs a ${vessel.kind} of ${figures.volume.say(neededMl)} (${why[vessel.kind]}), and the largest holds ${figures.volume.say(largestMl)}. Make it in ${Math.ceil(neededMl / largestMl)} lots: lower its limit, or add a larger ${vessel.kind} in the settings`,
      },
    ];
  });

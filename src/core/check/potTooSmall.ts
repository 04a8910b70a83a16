import { batchesNeeded, tinsIn } from '../scale';
import { check } from './codes';
import type { Rule } from './types';

/** Finds boils and mixes too large for every pot or bowl of the shop. */
export const potTooSmall: Rule = ({ slab, mixtures, scaling, shop }) =>
  scaling.preparations.flatMap(({ scaleFactor }, p) => {
    const preparation = slab.preparations[p]!;
    const { vessel } = mixtures[p]!;
    const held = (shop.vessels ?? []).filter(({ kind }) => kind === vessel.kind).map(({ volumeMl }) => volumeMl);
    const neededMl = (vessel.volumeMl * scaleFactor) / batchesNeeded(preparation, scaleFactor, tinsIn(scaling));
    const largestMl = Math.max(...held);
    if (held.length === 0 || neededMl <= largestMl) return [];
    return [
      check('pot-too-small', `/preparations/${p}`, {
        ...{ preparation: preparation.name, vessel: vessel.kind, neededMl, largestMl, times: vessel.times },
        batches: Math.ceil(neededMl / largestMl),
      }),
    ];
  });

import type { Slab } from '../slab';
import type { Scaled } from './scaled';
import { filmAsked } from './spreads';

/**
 * The slab written anew for the one tin that it is made in: amounts as they are now, shares as they fall, no scaling left.
 * Its plan is the same. Fields that are not known here are kept.
 *
 * @param result the slab scaled into exactly one tin
 */
export function rewrittenForTin(slab: Slab, result: Scaled): Slab {
  const [made] = result.slabs;
  if (!made || result.slabs.length > 1 || made.count !== 1) throw new Error('A slab is written for one tin');
  const by = new Map(result.preparations.map((one) => [one.id, one]));
  const { tins: _tins, scale: _scale, ...rest } = slab;
  return {
    ...rest,
    tin: made.tin,
    preparations: slab.preparations.map((preparation) => ({
      ...preparation,
      lines: preparation.lines.map((line) => ({ ...line, quantity: line.quantity * by.get(preparation.id)!.multiple })),
    })),
    layers: slab.layers.map((layer, at) => ({
      ...layer,
      ...(filmAsked(layer, 1) === null || layer.spread === 'per-piece' ? {} : { thicknessMm: made.layers[at]!.film }),
      from: layer.from.map((part) => {
        const { multiple } = by.get(part.preparation)!;
        const { factor } = made.layers.find(({ id }) => id === layer.id)!;
        return { ...part, share: (part.share * factor) / multiple };
      }),
    })),
  };
}

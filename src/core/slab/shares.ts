import { sharesTaken } from './judge';
import type { Slab } from './types';

/**
 * Returns the unused share of a preparation, 0 to 1.
 *
 * @param but a part of a layer that is not counted: the one about to be changed
 */
export function spareShare(
  slab: Pick<Slab, 'layers' | 'preparations'>,
  preparation: string,
  but?: { readonly layer: number; readonly part: number },
): number {
  const own = but && slab.layers[but.layer]?.from[but.part];
  const others = (sharesTaken(slab).get(preparation) ?? 0) - (own?.preparation === preparation ? own.share : 0);
  return Math.max(0, 1 - others);
}

/** Returns the slab with new shares of one preparation, in the order of its layers and their parts. */
export function withShares(slab: Slab, preparation: string, shares: readonly number[]): Slab {
  let next = 0;
  return {
    ...slab,
    layers: slab.layers.map((layer) => ({
      ...layer,
      from: layer.from.map((part) => {
        if (part.preparation !== preparation) return part;
        const share = shares[next++] ?? part.share;
        return { ...part, share: Math.min(1, Math.max(0, Number(share.toFixed(6)))) };
      }),
    })),
  };
}

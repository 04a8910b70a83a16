import type { Slab } from '../../../../core/slab';

/** The slab with the shares of one preparation set anew, in the order of its layers and their parts. */
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

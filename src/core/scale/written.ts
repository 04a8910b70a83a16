import { sharesTaken, type Layer, type Slab } from '../slab';
import { areaMm2At, thicknessMmOf } from '../tin';
import type { Prepared } from './prepared';

/** A layer as the written amounts make it in the written tin. */
export interface WrittenLayer {
  readonly layer: Layer;
  readonly massG: number;
  readonly volumeMl: number;
  readonly thicknessMm: number;
  readonly fromMm: number;
  /** Share of each preparation's output that goes here; never more than there is. */
  readonly shares: ReadonlyMap<string, number>;
}

/** Whether a layer adds to the height of the slab. The other spreads are carried by weight on the face they lie on. */
export function hasHeight(layer: Layer): boolean {
  return layer.spread === 'level';
}

/**
 * The layers as written: the written amounts govern and thickness follows.
 *
 * Where layers take more of a preparation than there is, each gets its part of what there is, so that mass is conserved;
 * the second reader says so.
 */
export function writtenLayers(slab: Slab, made: ReadonlyMap<string, Prepared>): WrittenLayer[] {
  const taken = sharesTaken(slab);
  let fromMm = 0;
  return slab.layers.map((layer) => {
    const shares = new Map<string, number>();
    let massG = 0;
    let volumeMl = 0;
    for (const { preparation, share } of layer.from) {
      const source = made.get(preparation);
      if (!source) continue;
      const had = share / Math.max(1, taken.get(preparation) ?? 1);
      shares.set(preparation, (shares.get(preparation) ?? 0) + had);
      massG += had * source.massOutG;
      volumeMl += (had * source.massOutG) / source.densityGPerMl;
    }
    if (layer.densityGPerMl !== undefined) volumeMl = massG / layer.densityGPerMl;
    const thicknessMm = hasHeight(layer) ? thicknessMmOf(slab.tin, fromMm, volumeMl) : 0;
    const written = { layer, massG, volumeMl, thicknessMm, fromMm, shares };
    fromMm += thicknessMm;
    return written;
  });
}

/** Area that a layer covers, mm2: the mean over its height, so that volume = area x thickness. */
export function coveredMm2(tin: Slab['tin'], fromMm: number, thicknessMm: number, volumeMl: number): number {
  return thicknessMm > 0 ? (volumeMl * 1000) / thicknessMm : areaMm2At(tin, fromMm);
}

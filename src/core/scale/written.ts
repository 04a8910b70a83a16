import { sharesTaken, type Layer, type Slab } from '../slab';
import type { Tin } from '../tin';
import { stackIn, type FacesOf } from './laid';
import { laidVolumeMl } from './laidVolume';
import type { Mixture } from './mixture';
import { doseAsked, namedDose, SPREAD, volumeOfDose, type Dose } from './spreads';

/** A layer of the base recipe in its tin. */
export interface WrittenLayer extends Dose {
  readonly layer: Layer;
  readonly massG: number;
  readonly volumeMl: number;
  /** Share of each preparation's output that goes into it; what a film does not need is leftover. */
  readonly shares: ReadonlyMap<string, number>;
  /** Share of the wanted dose that the amounts give: below 1 they are too small. */
  readonly reaches: number;
  /** Area that one layer of its grains covers, mm², for scattered layers with known grains; otherwise `null`. */
  readonly coversMm2: number | null;
}

/**
 * Returns the layers of the base recipe: the amounts decide and thickness follows. A film with a set thickness takes only what it
 * needs, and the rest is leftover.
 *
 * Where layers take more of a preparation than there is, each gets its part of what there is, so that mass is conserved;
 * a check reports it.
 *
 * @param tin the one in the slab file
 */
export function writtenLayers(
  slab: Slab,
  tin: Tin,
  mixtures: ReadonlyMap<string, Mixture>,
  facesOf: FacesOf,
): WrittenLayer[] {
  const taken = sharesTaken(slab);
  const given = slab.layers.map((layer) => {
    const shares = new Map<string, number>();
    let massG = 0;
    let volumeMl = 0;
    for (const { preparation, share } of layer.from) {
      const source = mixtures.get(preparation);
      if (!source) continue;
      const had = share / Math.max(1, taken.get(preparation) ?? 1);
      shares.set(preparation, (shares.get(preparation) ?? 0) + had);
      massG += had * source.massOutG;
      volumeMl += (had * source.massOutG) / source.densityGPerMl;
    }
    volumeMl = laidVolumeMl(layer, massG, volumeMl, slab, mixtures);
    return { layer, shares, massG, volumeMl };
  });
  const reaches: number[] = slab.layers.map(() => 1);
  const { doses } = stackIn(tin, slab.layers, facesOf, (at, ground) => {
    const { layer, massG, volumeMl } = given[at]!;
    const asked = volumeMl > 0 ? doseAsked(layer, massG / volumeMl) : null;
    if (asked === null) return { volumeMl };
    const neededMl = volumeOfDose(layer, ground, asked);
    if (neededMl > 0) reaches[at] = Math.min(1, volumeMl / neededMl);
    return { volumeMl: Math.min(volumeMl, neededMl) };
  });
  return given.map(({ layer, shares, massG, volumeMl }, at) => {
    const used = volumeMl > 0 ? doses[at]!.volumeMl / volumeMl : 1;
    return {
      layer,
      massG: massG * used,
      volumeMl: volumeMl * used,
      ...namedDose(layer, doses[at]!.dose),
      shares: new Map([...shares].map(([id, share]) => [id, share * used])),
      reaches: reaches[at]!,
      coversMm2: SPREAD[layer.spread].strewn ? coversMm2(layer, mixtures, used) : null,
    };
  });
}

/** Returns the area that the grains of a layer cover, from its shares. */
function coversMm2(layer: Layer, mixtures: ReadonlyMap<string, Mixture>, used: number): number | null {
  let areaMm2 = 0;
  for (const { preparation, share } of layer.from) {
    const covers = mixtures.get(preparation)?.coversMm2 ?? null;
    if (covers === null) return null;
    areaMm2 += covers * share * used;
  }
  return areaMm2 > 0 ? areaMm2 : null;
}

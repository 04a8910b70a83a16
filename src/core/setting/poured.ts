/** Layers of a slab as poured: temperature, setting mechanism, and how a warm pour affects them. */
import type { Composition } from '../larder';
import { behaviourOf, isBaked, settingBehaviourOf, type Behaviour, type LayerPart } from '../classify';
import { layerParts, type LaidSlab, type Mixture } from '../scale';
import { bakedTogether, endPointC, type CutTool, type ExpandedSlab, type Layer, type Place } from '../slab';
import type { Firmness } from './firmness';
import { coolingThrough, potAtRest } from './potCooling';
import { ASSUMED_THERMAL, thermalOf, type Thermal } from '../heat';
import { firmnessIn } from './stuff';

/** A layer as poured: its heat, and its temperatures of pouring, setting and softening. */
export interface PouredLayer extends Thermal {
  readonly id: string;
  readonly name: string;
  readonly thicknessMm: number;
  readonly pourC: number;
  /** Temperature at which it counts as set, if the maker gives one; otherwise firmness decides. */
  readonly setC: number | null;
  readonly firmness: Firmness;
  readonly minMinutes: number;
  readonly maxMinutes: number | null;
  /** Contact temperature that melts it; `null` if it does not melt. */
  readonly softensC: number | null;
  /** Whether it cracks under the cutting tool once it is too hard. */
  readonly brittle: boolean;
  /** Default place. */
  readonly place: Place;
  /** Whether it is laid raw on the layer below and bakes with it. */
  readonly together: boolean;
  /** Whether its composition is unknown and an average is assumed. */
  readonly assumed: boolean;
}

/** Returns the temperature at which a warm pour softens a layer, °C; `null` if none does. These layers crack under a cold blade. */
const SOFTENS: Readonly<Record<Behaviour, { readonly softensC: number | null; readonly brittle: boolean }>> = {
  chocolate: { softensC: 28, brittle: true },
  gel: { softensC: 27, brittle: false },
  'hard boil': { softensC: null, brittle: true },
  baked: { softensC: null, brittle: false },
  crumb: { softensC: null, brittle: false },
  'soft boil': { softensC: 60, brittle: false },
  'butter-bound': { softensC: 25, brittle: false },
  loose: { softensC: null, brittle: false },
};

/** A warm blade melts through what a cold one cracks; scored or broken slabs may crack. */
const COLD_BLADES: readonly CutTool[] = ['cold blade', 'serrated', 'wire', 'rollers'];

/**
 * Returns the typical pouring temperature of a mixture, °C: as it has cooled, otherwise the end point of a boil, but no hotter
 * than it can be spread.
 */
const POUR_C = { chocolate: 32, softest: 105, hardest: 150, baked: 90, cold: 20 } as const;

function usualPourC(behaviour: Behaviour, parts: readonly LayerPart[], cooledC: number | null): number {
  if (cooledC !== null) return cooledC;
  if (behaviour === 'chocolate') return POUR_C.chocolate;
  const endC = parts.reduce((most, { preparation }) => Math.max(most, endPointC(preparation) ?? -Infinity), -Infinity);
  if (Number.isFinite(endC)) return Math.min(endC, behaviour === 'hard boil' ? POUR_C.hardest : POUR_C.softest);
  return parts.some(({ preparation }) => isBaked(preparation)) ? POUR_C.baked : POUR_C.cold;
}

/** Returns the temperature of the warmest mixture of a layer, if all of them were left to cool; otherwise `null`. */
function cooledC(layer: Layer, slab: ExpandedSlab, mixtures: readonly Mixture[], roomC: number): number | null {
  const laidC = layer.from.map(({ preparation }) => {
    const at = slab.preparations.findIndex(({ id }) => id === preparation);
    const mixture = mixtures[at];
    return mixture
      ? coolingThrough(slab.preparations[at]!, potAtRest(mixture, mixture.massOutG, mixture.vessel.volumeMl), roomC)
          .laidC
      : null;
  });
  return laidC.length === 0 || laidC.includes(null) ? null : Math.max(...(laidC as number[]));
}

/** Returns the composition of a layer as poured, g. */
function gramsOf(layer: Layer, slab: ExpandedSlab, mixtures: readonly Mixture[]) {
  const grams = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  let massG = 0;
  let known = true;
  for (const { preparation, share } of layer.from) {
    const mixture = mixtures[slab.preparations.findIndex(({ id }) => id === preparation)];
    if (!mixture || share === 0) continue;
    massG += mixture.massOutG * share;
    known &&= mixture.grams !== null;
    for (const part of Object.keys(grams) as (keyof typeof grams)[])
      grams[part] += (mixture.grams?.[part] ?? 0) * share;
  }
  return { grams: grams as Composition, massG, known: known && massG > 0 };
}

/**
 * Returns the layers with a height, bottom first, for the heat simulation. Finishes are left out, and of a film on both faces
 * only the upper one counts.
 *
 * @param mixtures in the order of the slab's preparations
 * @param roomC in which a pot is left to cool, deg C
 */
export function pouredLayers(
  slab: ExpandedSlab,
  mixtures: readonly Mixture[],
  laid: LaidSlab,
  roomC: number,
): PouredLayer[] {
  const asOne = bakedTogether(slab)?.layers ?? [];
  return slab.layers.flatMap((layer, at) => {
    const { thicknessMm, massG, volumeMl } = laid.layers[at]!;
    if (thicknessMm <= 0) return [];
    const { grams, massG: madeG, known } = gramsOf(layer, slab, mixtures);
    const parts = layerParts(layer, slab, mixtures);
    const behaviour = settingBehaviourOf(parts);
    const density = volumeMl > 0 ? massG / volumeMl : null;
    const thermal = known ? thermalOf(grams, density) : null;
    const place = layer.set?.place ?? 'room';
    const pourC = layer.pourC ?? usualPourC(behaviour, parts, cooledC(layer, slab, mixtures, roomC));
    const { firmness, latents } = firmnessIn(layer, { slab, parts, behaviour, grams, madeG, density, place, pourC });
    const { softensC } = SOFTENS[behaviour];
    const { brittle } = SOFTENS[behaviourOf(parts)];
    const cracks = brittle && COLD_BLADES.includes(slab.cut?.tool ?? 'hot blade');
    return [
      {
        ...(thermal ?? ASSUMED_THERMAL),
        latents,
        firmness,
        id: layer.id,
        name: layer.name,
        thicknessMm,
        pourC,
        setC: layer.set?.toC ?? null,
        minMinutes: layer.set?.minMinutes ?? 0,
        maxMinutes: layer.set?.maxMinutes ?? null,
        softensC,
        place,
        together: asOne.indexOf(layer) > 0,
        brittle: cracks,
        assumed: thermal === null,
      },
    ];
  });
}

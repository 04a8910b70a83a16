import type { Composition } from '../larder';
import { behaviourOf, butterfatG, chocolateG, isBaked, type Behaviour, type LayerPart } from '../classify';
import { layerParts, type LaidSlab, type Mixture } from '../scale';
import { bakedTogether, endPointC, type ExpandedSlab, type Layer, type Place } from '../slab';
import { ASSUMED_THERMAL, thermalOf, type Latent, type Thermal } from './properties';

/** A layer as it is poured: its heat, and at what temperature it goes on, sets, and softens again. */
export interface PouredLayer extends Thermal {
  readonly id: string;
  readonly name: string;
  readonly thicknessMm: number;
  readonly pourC: number;
  readonly setC: number;
  readonly minMinutes: number;
  readonly maxMinutes: number | null;
  /** A warmer contact melts it; null where it does not melt. */
  readonly softensC: number | null;
  readonly brittle: boolean;
  /** Where it sets by itself, where nobody says. */
  readonly place: Place;
  /** It is laid raw on the layer below and bakes with it. */
  readonly together: boolean;
  /** The composition is not known, and something between a syrup and a cream is assumed. */
  readonly assumed: boolean;
}

/** Heat of chocolate that sets, and of butterfat, J/kg of either, given back as they cool through these ranges. */
const CHOCOLATE: Latent = { jPerKg: 45_000, fromC: 18, toC: 24 };
const BUTTERFAT: Latent = { jPerKg: 40_000, fromC: 8, toC: 22 };
/** Less than this is not worth following, J/kg. */
const LEAST_LATENT = 500;

/**
 * Where the file does not say: to what a layer cools before it counts as set, at what it softens again (null where no pour softens
 * it), and whether it cracks under the knife. Chocolate in temper sets in a room of 20 to 22 deg C.
 */
const SETS: Readonly<
  Record<Behaviour, { readonly setC: number; readonly softensC: number | null; readonly brittle: boolean }>
> = {
  chocolate: { setC: 22, softensC: 28, brittle: true },
  gel: { setC: 25, softensC: 27, brittle: false },
  'hard boil': { setC: 25, softensC: null, brittle: true },
  baked: { setC: 25, softensC: null, brittle: false },
  crumb: { setC: 25, softensC: null, brittle: false },
  'soft boil': { setC: 25, softensC: 60, brittle: false },
  'butter-bound': { setC: 25, softensC: 25, brittle: false },
  loose: { setC: 25, softensC: null, brittle: false },
};

/** At what a mixture is usually laid, deg C: boiled ones at their end point, but no hotter than they can be spread. */
const POUR_C = { chocolate: 32, hottest: 105, baked: 90, cold: 20 } as const;

function usualPourC(behaviour: Behaviour, parts: readonly LayerPart[]): number {
  if (behaviour === 'chocolate') return POUR_C.chocolate;
  const endC = parts.reduce((most, { preparation }) => Math.max(most, endPointC(preparation) ?? -Infinity), -Infinity);
  if (Number.isFinite(endC)) return Math.min(endC, POUR_C.hottest);
  return parts.some(({ preparation }) => isBaked(preparation)) ? POUR_C.baked : POUR_C.cold;
}

/** What a layer is made of as it is laid, g. */
function gramsOf(layer: Layer, slab: ExpandedSlab, made: readonly Mixture[]) {
  const grams = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  let massG = 0;
  let known = true;
  for (const { preparation, share } of layer.from) {
    const mixture = made[slab.preparations.findIndex(({ id }) => id === preparation)];
    if (!mixture || share === 0) continue;
    massG += mixture.massOutG * share;
    known &&= mixture.grams !== null;
    for (const part of Object.keys(grams) as (keyof typeof grams)[])
      grams[part] += (mixture.grams?.[part] ?? 0) * share;
  }
  return { grams: grams as Composition, massG, known: known && massG > 0 };
}

/**
 * The layers of a laid slab that have a height, bottom first, as heat sees them. What goes on after cutting is left out, and of a
 * film on both faces only the upper one counts.
 *
 * @param made in the order of the slab's preparations
 */
export function pouredLayers(slab: ExpandedSlab, made: readonly Mixture[], laid: LaidSlab): PouredLayer[] {
  const asOne = bakedTogether(slab)?.layers ?? [];
  return slab.layers.flatMap((layer, at) => {
    const { thicknessMm, massG, volumeMl } = laid.layers[at]!;
    if (thicknessMm <= 0) return [];
    const { grams, massG: madeG, known } = gramsOf(layer, slab, made);
    const parts = layerParts(layer, slab, made);
    const behaviour = behaviourOf(parts);
    const density = volumeMl > 0 ? massG / volumeMl : null;
    const thermal = known ? thermalOf(grams, density) : null;
    const perKg = (of: number) => (madeG > 0 ? of / madeG : 0);
    const latents = [
      { ...CHOCOLATE, jPerKg: CHOCOLATE.jPerKg * perKg(chocolateG(parts)) },
      { ...BUTTERFAT, jPerKg: BUTTERFAT.jPerKg * perKg(butterfatG(parts)) },
    ].sort((a, b) => b.jPerKg - a.jPerKg);
    const latent = latents[0]!.jPerKg > LEAST_LATENT ? latents[0]! : null;
    const { setC, softensC, brittle } = SETS[behaviour];
    return [
      {
        ...(thermal ?? ASSUMED_THERMAL),
        latent,
        id: layer.id,
        name: layer.name,
        thicknessMm,
        pourC: layer.pourC ?? usualPourC(behaviour, parts),
        setC: layer.set?.toC ?? setC,
        minMinutes: layer.set?.minMinutes ?? 0,
        maxMinutes: layer.set?.maxMinutes ?? null,
        softensC,
        place: layer.set?.place ?? 'room',
        together: asOne.indexOf(layer) > 0,
        brittle,
        assumed: thermal === null,
      },
    ];
  });
}

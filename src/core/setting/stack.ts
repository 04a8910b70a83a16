import type { Composition } from '../larder';
import type { LaidSlab, Prepared } from '../scale';
import { bakedTogether, endPointC, textureOf, type LaidOutSlab, type Layer, type Place } from '../slab';
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

const IS_CHOCOLATE = /chocolate|couverture|gianduja|cocoa butter/i;
const IS_GELLED = /gelatin|agar|pectin/i;

/** Where the file does not say: at what a mixture is usually laid, to what it cools before it counts as set, deg C. */
const USUAL = { chocolatePourC: 32, hottestPourC: 105, bakedC: 90, coldC: 20, chocolateSetC: 20, setC: 25 } as const;
const SOFTENS = { chocolateC: 28, gelC: 27, butterC: 25, softSugarC: 60 } as const;
/** From here on a boiled sugar is hard and does not melt under a pour. */
const HARD_C = 130;

function mixtureOf(layer: Layer, slab: LaidOutSlab, made: readonly Prepared[]) {
  const grams = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  let [massG, chocolateG, butterfatG, known] = [0, 0, 0, true];
  const from = layer.from.flatMap(({ preparation, share }) => {
    const p = slab.preparations.findIndex(({ id }) => id === preparation);
    return p === -1 || share === 0 ? [] : [{ preparation: slab.preparations[p]!, one: made[p]!, share }];
  });
  for (const { preparation, one, share } of from) {
    massG += one.massOutG * share;
    known &&= one.grams !== null;
    for (const part of Object.keys(grams) as (keyof typeof grams)[]) grams[part] += (one.grams?.[part] ?? 0) * share;
    one.lines.forEach(({ ingredient, massG: lineG }, l) => {
      const name = ingredient?.name ?? preparation.lines[l]!.ingredient;
      if (IS_CHOCOLATE.test(name)) chocolateG += (lineG ?? 0) * share;
      else if (ingredient?.allergens?.includes('milk'))
        butterfatG += ((lineG ?? 0) * share * (ingredient.composition?.fat ?? 0)) / 100;
    });
  }
  return { grams: grams as Composition, massG, chocolateG, butterfatG, known: known && massG > 0, from };
}

/**
 * The layers of a laid slab that have a height, bottom first, as heat sees them. What goes on after cutting is left out, and of a
 * film on both faces only the upper one counts.
 *
 * @param made in the order of the slab's preparations
 */
export function pouredLayers(slab: LaidOutSlab, made: readonly Prepared[], laid: LaidSlab): PouredLayer[] {
  const asOne = bakedTogether(slab)?.layers ?? [];
  return slab.layers.flatMap((layer, at) => {
    const { thicknessMm, massG, volumeMl } = laid.layers[at]!;
    if (thicknessMm <= 0) return [];
    const mixture = mixtureOf(layer, slab, made);
    const density = volumeMl > 0 ? massG / volumeMl : null;
    const thermal = mixture.known ? thermalOf(mixture.grams, density) : null;
    const chocolate = mixture.massG > 0 ? mixture.chocolateG / mixture.massG : 0;
    const butterfat = mixture.massG > 0 ? mixture.butterfatG / mixture.massG : 0;
    const latents = [
      { ...CHOCOLATE, jPerKg: CHOCOLATE.jPerKg * chocolate },
      { ...BUTTERFAT, jPerKg: BUTTERFAT.jPerKg * butterfat },
    ].sort((a, b) => b.jPerKg - a.jPerKg);
    const latent = latents[0]!.jPerKg > 500 ? latents[0]! : null;
    const texture = textureOf(layer, slab.preparations);
    const isChocolate = texture === 'chocolate' || chocolate > 0.5;
    const ends = mixture.from.map(({ preparation }) => endPointC(preparation)).filter((one) => one !== null);
    const endC = ends.length > 0 ? Math.max(...ends) : null;
    const isBaked = mixture.from.some(({ preparation }) => preparation.steps?.some(({ ovenC }) => ovenC !== undefined));
    const isGel = mixture.from.some(({ preparation }) =>
      preparation.lines.some(({ ingredient }) => IS_GELLED.test(ingredient)),
    );
    const usualPourC = isChocolate
      ? USUAL.chocolatePourC
      : endC !== null
        ? Math.min(endC, USUAL.hottestPourC)
        : isBaked
          ? USUAL.bakedC
          : USUAL.coldC;
    const softensC = isChocolate
      ? SOFTENS.chocolateC
      : isGel
        ? SOFTENS.gelC
        : isBaked || texture === 'crumb' || (endC !== null && endC >= HARD_C)
          ? null
          : endC !== null
            ? SOFTENS.softSugarC
            : butterfat > 0.15
              ? SOFTENS.butterC
              : null;
    return [
      {
        ...(thermal ?? ASSUMED_THERMAL),
        latent,
        id: layer.id,
        name: layer.name,
        thicknessMm,
        pourC: layer.pourC ?? usualPourC,
        setC: layer.set?.toC ?? (isChocolate ? USUAL.chocolateSetC : USUAL.setC),
        minMinutes: layer.set?.minMinutes ?? 0,
        maxMinutes: layer.set?.maxMinutes ?? null,
        softensC,
        place: layer.set?.place ?? 'room',
        together: asOne.indexOf(layer) > 0,
        brittle: isChocolate || (endC !== null && endC >= HARD_C),
        assumed: thermal === null,
      },
    ];
  });
}

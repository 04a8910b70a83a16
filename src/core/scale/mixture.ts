import { densityOfMixture, ingredientNamed, type Composition, type Larder } from '../larder';
import { isBaked, isBoiled, usualOf } from '../classify';
import { densityFor, massOf, type Measures } from '../measure';
import { endPointC, linesInPot, type Preparation } from '../slab';
import { boiledTo, sucroseEquivalent, type Boiled } from '../sugar';
import { airyDensity } from './airyDensity';
import type { WeighedLine } from './weighedLine';
import { vesselNeed, type VesselNeed } from './vessel';

/** Input and output of a preparation as written. massIn = massOut + evaporated + stuck. */
export interface Mixture {
  readonly id: string;
  readonly lines: readonly WeighedLine[];
  readonly massInG: number;
  readonly evaporatedG: number;
  readonly stuckG: number;
  readonly massOutG: number;
  /** Range of the output given the accuracy of the boiling table; both equal massOut without a boil. */
  readonly massOutRangeG: readonly [number, number];
  /** Share of water in the output, or `null` if the composition is unknown. */
  readonly waterShare: number | null;
  readonly boil: Boiled | null;
  /** Composition of the output, g, as far as the larder gives it; `null` if too little is known. */
  readonly grams: Composition | null;
  /** Water and sugars in the pot during the boil, g; 0 without an end point. */
  readonly pot: { readonly waterG: number; readonly sugarsG: number; readonly sucroseG: number };
  /** Whether the boil cannot be calculated: almost no sugar, or unknown composition. */
  readonly boilUnknown: boolean;
  readonly densityGPerMl: number;
  /** `airy` with the air that coarse grains or foam usually hold; `assumed` if neither the preparation nor its ingredients give one. */
  readonly densityFrom: 'given' | 'composition' | 'airy' | 'assumed';
  readonly vessel: VesselNeed;
  /** Area that one layer of its grains covers, mm²; `null` if the grain size is unknown. */
  readonly coversMm2: number | null;
}

const ASSUMED_DENSITY_G_PER_ML = 1;
/** Minimum share of the mass with a known composition for calculations. */
const KNOWN_ENOUGH = 0.9;
/** Minimum sugar share of a syrup. */
const SYRUP = 0.05;
/** Default loss in the pot, %. */
const POT_LOSS = { loose: 1, boiled: 3 } as const;

/**
 * Usual loss of a bake: two thirds of the water, at most a tenth of the mass. Tray bakes and cakes lose 8 to 12 % of their mass, and
 * biscuit doughs end at 3 to 5 % of water.
 *
 * @see Cauvain and Young, Baked products: science, technology and practice, on bake-out losses
 */
const BAKED_OFF = { waterShare: 0.65, maxPercent: 10 } as const;
const bakeLossPercent = (waterG: number, massG: number) =>
  massG > 0 ? Math.min(BAKED_OFF.maxPercent, (BAKED_OFF.waterShare * waterG * 100) / massG) : 0;

/**
 * Weighs a preparation as written, and its output.
 *
 * Boiled to an end point: the water that stays is fixed by the temperature (`sugar/`), then the pot loss sticks. Without an
 * end point massOut = massIn x (1 - lossPercent / 100); what is lost evaporates where a step bakes, and sticks where none does. Without a
 * stated loss a bake loses most of its water.
 * The density is the given one, otherwise that of the composition after the loss, with the air of coarse grains or foam; it counts as assumed
 * if too much of the composition is a guess. Without a composition it is 1 g/mL, and assumed.
 */
export function mixtureOf(
  preparation: Preparation,
  larder: Larder,
  slabLarder: Larder | undefined,
  measures: Measures,
): Mixture {
  const lines = preparation.lines.map((line): WeighedLine => {
    const ingredient = ingredientNamed(line.ingredient, larder, slabLarder);
    const first = massOf(line, ingredient ?? {}, measures);
    // "2 cups (340 g) chocolate chips": the second amount gives the mass if the first cannot.
    const weighed =
      first.ok || !line.also ? first : massOf({ ...line.also, state: line.state }, ingredient ?? {}, measures);
    const usual = weighed.ok && ingredient?.composition ? null : usualOf(line.ingredient);
    const guessed = weighed.ok || !usual ? weighed : massOf({ ...line, state: undefined }, usual, measures);
    const massG = guessed.ok ? guessed.massG : null;
    const composition = ingredient?.composition ?? usual?.composition ?? null;
    const isUsual = [
      ...(weighed.ok || massG === null ? [] : (['mass'] as const)),
      ...(ingredient?.composition || composition === null || massG === null ? [] : (['composition'] as const)),
    ];
    return {
      ingredient,
      massG,
      composition,
      guess: usual && isUsual.length > 0 ? { as: usual.as, of: isUsual } : null,
      why: !ingredient ? 'not-in-larder' : weighed.ok ? null : weighed.why,
    };
  });
  const things = lines.map(({ ingredient }, l) => ({ name: preparation.lines[l]!.ingredient, ingredient }));
  const massInG = lines.reduce((sum, { massG }) => sum + (massG ?? 0), 0);
  const all = componentsOf(lines);
  const known = all.knownG >= massInG * KNOWN_ENOUGH && massInG > 0;
  const { boil, boilUnknown, pot, inPot } = boiled(preparation, lines, all);

  const bakePercent = isBaked(preparation) ? bakeLossPercent(all.grams.water, massInG) : 0;
  const isBakedOff =
    boil === null &&
    (preparation.lossPercent === undefined
      ? bakePercent > POT_LOSS.loose
      : preparation.steps?.some((step) => step.ovenC !== undefined || step.cooks) === true);
  const usualPercent = boil ? POT_LOSS.boiled : Math.max(POT_LOSS.loose, bakePercent);
  const lossShare = (preparation.lossPercent ?? usualPercent) / 100;
  const out = (boiledOffG: number) => (massInG - boiledOffG) * (1 - lossShare);
  const massOutG = out(boil?.evaporatedG ?? 0);
  const lostG = massInG - massOutG;
  const evaporatedG = boil ? boil.evaporatedG : isBakedOff ? lostG : 0;

  const isTold = known && massInG - all.guessedG >= massInG * KNOWN_ENOUGH;
  const waterG = Math.max(0, all.grams.water - evaporatedG);
  const solid = known ? densityOfMixture({ ...all.grams, water: waterG }) : null;
  const airy = solid === null ? null : airyDensity(preparation, lines, solid, massInG - evaporatedG);
  return {
    id: preparation.id,
    lines,
    massInG,
    evaporatedG,
    stuckG: lostG - evaporatedG,
    massOutG,
    massOutRangeG: boil ? [out(boil.evaporatedHighG), out(boil.evaporatedLowG)] : [massOutG, massOutG],
    waterShare: known && massInG > evaporatedG ? waterG / (massInG - evaporatedG) : null,
    boil,
    boilUnknown,
    grams: known ? { ...all.grams, water: waterG } : null,
    pot: { waterG: pot.grams.water, sugarsG: pot.grams.sugars, sucroseG: pot.sucroseG },
    densityGPerMl: preparation.densityGPerMl ?? airy ?? solid ?? ASSUMED_DENSITY_G_PER_ML,
    densityFrom:
      preparation.densityGPerMl !== undefined ? 'given' : !isTold ? 'assumed' : airy === null ? 'composition' : 'airy',
    vessel: vesselNeed(
      things.filter((_, l) => inPot.includes(lines[l]!)),
      startMl(pot),
      boil !== null,
    ),
    coversMm2: coversMm2(preparation, lines),
  };
}

/** Returns the boil to the preparation's end point, with the lines in the pot by then. */
function boiled(preparation: Preparation, lines: readonly WeighedLine[], all: Components) {
  const endC = endPointC(preparation);
  const isIn = linesInPot(preparation);
  const inPot = endC === null ? lines : lines.filter((_, i) => isIn[i]);
  const pot = inPot.length === lines.length ? all : componentsOf(inPot);
  if (endC === null || !isBoiled(preparation)) return { boil: null, boilUnknown: false, pot, inPot };
  const boilUnknown = pot.knownG < pot.massG * KNOWN_ENOUGH || pot.sucroseG < pot.massG * SYRUP;
  return { boil: boilUnknown ? null : boiledTo(pot.grams.water, pot.sucroseG, endC), boilUnknown, pot, inPot };
}

/** Returns the volume of what goes into the vessel, mL: from its composition, otherwise as water. */
function startMl({ grams, massG, knownG }: Components): number {
  const density = densityOfMixture(grams);
  return density === null ? massG : knownG / density + (massG - knownG);
}

/** Sums the area per grain: bulk volume divided by grain height. */
function coversMm2({ lines: written }: Preparation, lines: readonly WeighedLine[]): number | null {
  let areaMm2 = 0;
  for (const [i, { ingredient, massG }] of lines.entries()) {
    const bulk = ingredient && densityFor(ingredient, written[i]!.state);
    if (!ingredient?.grainMm || !bulk || massG === null) return null;
    areaMm2 += ((massG / bulk) * 1000) / ingredient.grainMm;
  }
  return lines.length > 0 ? areaMm2 : null;
}

type Components = ReturnType<typeof componentsOf>;

/** Returns the total composition of lines, g, as far as the larder gives it. */
function componentsOf(lines: readonly WeighedLine[]) {
  const grams = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  let massG = 0;
  let knownG = 0;
  let guessedG = 0;
  let sucroseG = 0;
  for (const line of lines) {
    if (line.massG === null) continue;
    massG += line.massG;
    const { composition } = line;
    if (!composition) continue;
    if (line.guess?.of.includes('composition')) guessedG += line.massG;
    knownG += line.massG;
    sucroseG += (line.massG * sucroseEquivalent(composition, line.ingredient?.sugarKinds)) / 100;
    for (const part of Object.keys(grams) as (keyof typeof grams)[]) {
      grams[part] += (line.massG * composition[part]) / 100;
    }
  }
  return { grams, massG, knownG, guessedG, sucroseG };
}

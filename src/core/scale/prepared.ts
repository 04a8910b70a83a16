import { densityOfMixture, ingredientNamed, type Composition, type Ingredient, type Larder } from '../larder';
import { massOf, type Measures, type Unweighed } from '../measure';
import type { Preparation } from '../slab';

/** One line, weighed as written. A line that cannot be weighed has no mass and says why. */
export interface WeighedLine {
  readonly ingredient: Ingredient | null;
  readonly massG: number | null;
  readonly why: Unweighed | 'not-in-larder' | null;
}

/** What one written preparation takes in and gives out. massIn = massOut + evaporated + stuck. */
export interface Prepared {
  readonly id: string;
  readonly lines: readonly WeighedLine[];
  readonly massInG: number;
  readonly evaporatedG: number;
  readonly stuckG: number;
  readonly massOutG: number;
  readonly densityGPerMl: number;
  /** `assumed` where neither the preparation nor the compositions of its ingredients tell the density. */
  readonly densityFrom: 'given' | 'composition' | 'assumed';
}

const ASSUMED_DENSITY_G_PER_ML = 1;
/** Share of the mass whose composition must be known before a density is worked out from it. */
const KNOWN_ENOUGH = 0.9;

/**
 * Weighs a preparation as it is written, and what comes out of it: massOut = massIn x (1 - lossPercent / 100).
 *
 * What is lost evaporates where a step bakes or boils, and sticks to the bowl where none does.
 * Density is the given one; else that of the composition after the loss; else 1 g/mL, and said to be assumed.
 */
export function prepared(
  preparation: Preparation,
  larder: Larder,
  own: Larder | undefined,
  measures: Measures,
): Prepared {
  const lines = preparation.lines.map((line): WeighedLine => {
    const ingredient = ingredientNamed(line.ingredient, larder, own);
    const weighed = massOf(line, ingredient ?? {}, measures);
    if (weighed.ok) return { ingredient, massG: weighed.massG, why: ingredient ? null : 'not-in-larder' };
    return { ingredient, massG: null, why: ingredient ? weighed.why : 'not-in-larder' };
  });
  const massInG = lines.reduce((sum, { massG }) => sum + (massG ?? 0), 0);
  const lostG = (massInG * (preparation.lossPercent ?? 0)) / 100;
  const heated =
    preparation.cookTo !== undefined || preparation.steps?.some((step) => step.cooks || step.ovenC !== undefined);
  const evaporatedG = heated ? lostG : 0;
  const fromComposition =
    preparation.densityGPerMl === undefined ? densityFromLines(lines, massInG, evaporatedG) : null;
  return {
    id: preparation.id,
    lines,
    massInG,
    evaporatedG,
    stuckG: heated ? 0 : lostG,
    massOutG: massInG - lostG,
    densityGPerMl: preparation.densityGPerMl ?? fromComposition ?? ASSUMED_DENSITY_G_PER_ML,
    densityFrom:
      preparation.densityGPerMl !== undefined ? 'given' : fromComposition !== null ? 'composition' : 'assumed',
  };
}

function densityFromLines(lines: readonly WeighedLine[], massInG: number, evaporatedG: number): number | null {
  const sum = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  let knownG = 0;
  for (const { ingredient, massG } of lines) {
    const composition: Composition | undefined = ingredient?.composition;
    if (!composition || massG === null) continue;
    knownG += massG;
    for (const part of Object.keys(sum) as (keyof typeof sum)[]) sum[part] += (massG * composition[part]) / 100;
  }
  if (knownG < massInG * KNOWN_ENOUGH) return null;
  return densityOfMixture({ ...sum, water: Math.max(0, sum.water - evaporatedG) });
}

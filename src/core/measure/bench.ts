import type { Figures } from './figures';
import { spoonRun } from './spoons';
import { isVolume, mlIn, type Measures, type Unit } from './units';

/** An amount as it can be measured at the bench, and its error. */
export interface Measured {
  readonly text: string;
  /** (measured - exact) / exact; 0 without rounding. */
  readonly error: number;
}

/**
 * Rounds a mass to the nearest step of the scale, with at least one step for any mass above 0.
 *
 * @param massG g, >= 0
 * @param scaleStepG what the scale can tell apart, g, > 0
 * @example benchMass(237.6, 1, METRIC) // { text: '238 g', error: 0.0017 }
 */
export function benchMass(massG: number, scaleStepG: number, { mass }: Figures): Measured {
  if (massG <= 0) return { text: `0 ${mass.unit}`, error: 0 };
  const steps = Math.max(1, Math.round(massG / scaleStepG));
  const measuredG = steps * scaleStepG;
  const step = Number(mass.typed(scaleStepG));
  const decimals = String(step).split('.')[1]?.length ?? 0;
  const digits = Math.min(decimals, Math.max(2, -Math.floor(Math.log10(step))));
  return { text: mass.say(measuredG, digits), error: measuredG / massG - 1 };
}

/** Tells whether a measured amount is shown by the scale. */
export const isByScale = (text: string): boolean => / (g|oz|lb)$/.test(text);

/**
 * Returns a scaled amount in the kind of measure it was written in: cups and spoons for volumes, a jug for mL and L, a count for
 * whole items, the scale for the rest.
 *
 * @param quantity scaled quantity in `unit`, > 0
 * @param massG the same amount in g, or null where it cannot be weighed
 */
export function benchAmount(
  quantity: number,
  unit: Unit,
  massG: number | null,
  measures: Measures,
  scaleStepG: number,
  figures: Figures,
): Measured {
  if (quantity <= 0) return { text: '0', error: 0 };
  if (unit === 'ml' || unit === 'l') return jug(unit === 'l' ? quantity * 1000 : quantity, measures, figures);
  if (isVolume(unit)) {
    const ml = mlIn(unit, measures);
    if (ml !== null) return spoonRun(quantity * ml, measures);
  }
  if (unit === 'each' || unit === 'pack') {
    return { text: `${trimmed(quantity)} ${unit === 'pack' ? plural('pack', quantity) : ''}`.trim(), error: 0 };
  }
  return massG === null ? { text: `${trimmed(quantity)} ${unit}`, error: 0 } : benchMass(massG, scaleStepG, figures);
}

function jug(volumeMl: number, measures: Measures, { volume }: Figures): Measured {
  if (volume.unit !== 'ml') return spoonRun(volumeMl, measures);
  const step = volumeMl < 10 ? 0.5 : volumeMl < 100 ? 1 : 5;
  const measuredMl = Math.max(step, Math.round(volumeMl / step) * step);
  return { text: `${measuredMl} ml`, error: measuredMl / volumeMl - 1 };
}

function trimmed(value: number): string {
  return String(Number(value.toPrecision(3)));
}

function plural(word: string, count: number): string {
  return count > 1 ? `${word}s` : word;
}

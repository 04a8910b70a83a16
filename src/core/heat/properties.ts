/** Thermal properties of a layer from its composition. */
import { densityOfMixture, type Composition } from '../larder';

/**
 * Thermal properties of a layer: conductivity W/m K, density kg/m³, heat capacity J/kg K, and the latent heats of setting, which
 * add up.
 */
export interface Thermal {
  readonly k: number;
  readonly rho: number;
  readonly cp: number;
  readonly latents: readonly Latent[];
}

/** Latent heat released as a layer cools through a range, spread evenly over it. */
export interface Latent {
  readonly jPerKg: number;
  readonly fromC: number;
  readonly toC: number;
}

type Part = keyof Pick<Composition, 'water' | 'sugars' | 'fat' | 'protein' | 'other'>;
const PARTS: readonly Part[] = ['water', 'sugars', 'fat', 'protein', 'other'];

/** Polynomials in °C: constant, T, T². Sugars and other solids count as carbohydrate. */
const K: Readonly<Record<Part, readonly [number, number, number]>> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  sugars: [0.20141, 1.3874e-3, -4.3312e-6],
  other: [0.20141, 1.3874e-3, -4.3312e-6],
};
const CP: Readonly<Record<Part, readonly [number, number, number]>> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  sugars: [1548.8, 1.9625, -5.9399e-3],
  other: [1548.8, 1.9625, -5.9399e-3],
};
const RHO: Readonly<Record<Part, number>> = { water: 997, protein: 1330, fat: 925, sugars: 1599, other: 1599 };
const K_AIR = 0.026;

const at = ([a, b, c]: readonly [number, number, number], celsius: number) => a + b * celsius + c * celsius * celsius;

/**
 * Returns the thermal properties of a mixture from its composition, accurate to about 10 %.
 *
 * Conductivity by volume shares side by side, heat capacity by mass; where the given density is below that of the composition,
 * the difference is air, spread as bubbles (Maxwell and Eucken).
 *
 * @param composition g of each part, in any total
 * @param densityGPerMl as it is laid, g/mL, or null for that of the composition
 * @param celsius temperature at which they are taken
 * @returns null for an empty mixture
 * @see Choi Y., Okos M. R. (1986), Effects of temperature and composition on the thermal properties of foods
 */
export function thermalOf(
  composition: Composition,
  densityGPerMl: number | null,
  celsius = 30,
): Omit<Thermal, 'latents'> | null {
  const solid = densityOfMixture(composition);
  if (solid === null) return null;
  const massG = PARTS.reduce((sum, part) => sum + composition[part], 0);
  const volume = PARTS.reduce((sum, part) => sum + composition[part] / RHO[part], 0);
  let [k, cp] = [0, 0];
  for (const part of PARTS) {
    k += (composition[part] / RHO[part] / volume) * at(K[part], celsius);
    cp += (composition[part] / massG) * at(CP[part], celsius);
  }
  const dense = densityGPerMl ?? solid;
  const air = Math.min(0.9, Math.max(0, 1 - dense / solid));
  const porous = (k * (2 * k + K_AIR - 2 * air * (k - K_AIR))) / (2 * k + K_AIR + air * (k - K_AIR));
  return { k: porous, rho: dense * 1000, cp };
}

/** Properties assumed for an unknown composition: between a syrup and a cream. */
export const ASSUMED_THERMAL: Thermal = { k: 0.3, rho: 1200, cp: 2300, latents: [] };

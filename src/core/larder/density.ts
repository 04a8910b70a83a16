import type { Composition } from './types';

/** Densities of food components at room temperature, g/mL. Choi and Okos, 1986. `other` counts as starch. */
const DENSITY = { water: 0.997, sugars: 1.599, fat: 0.925, protein: 1.33, other: 1.599 } as const;

/**
 * Density of a mixture without air, g/mL, from what it is made of: 1 / sum(share / density).
 *
 * Good to a few percent for syrups, creams and chocolate; a crumb or a beaten mixture holds air and needs a measured density.
 *
 * @param grams g of each component, not all zero
 * @returns the density, or null for an empty mixture
 * @see Choi Y., Okos M. R. (1986), Effects of temperature and composition on the thermal properties of foods
 */
export function densityOfMixture(grams: Composition): number | null {
  const parts = Object.keys(DENSITY) as (keyof typeof DENSITY)[];
  let massG = 0;
  let volumeMl = 0;
  for (const part of parts) {
    massG += grams[part];
    volumeMl += grams[part] / DENSITY[part];
  }
  return volumeMl > 0 ? massG / volumeMl : null;
}

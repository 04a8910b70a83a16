import { celsiusOf } from '../measure';
import type { CookTo, Slab } from './types';

/** Tolerance for rounded shares, such as three times 33.3 %. */
const SHARE_SLACK = 1e-6;

/** Returns the total share that the layers take of each preparation by id: 1 is all of it, less leaves a leftover. */
export function sharesTaken(slab: Pick<Slab, 'layers' | 'preparations'>): ReadonlyMap<string, number> {
  const taken = new Map<string, number>(slab.preparations.map(({ id }) => [id, 0]));
  for (const layer of slab.layers) {
    for (const { preparation, share } of layer.from) {
      taken.set(preparation, (taken.get(preparation) ?? 0) + share);
    }
  }
  return taken;
}

/** Tells whether layers take more of a preparation than there is. */
export function isOverTaken(share: number): boolean {
  return share > 1 + SHARE_SLACK;
}

/**
 * Returns the difference between the Celsius and Fahrenheit values of an end point, °C, if it is more than 1; otherwise `null`.
 *
 * @example scalesDisagreeC({ celsius: 118, fahrenheit: 245 }) // null: 245 F is 118.3 C
 */
export function scalesDisagreeC({ celsius, fahrenheit }: CookTo): number | null {
  if (celsius === undefined || fahrenheit === undefined) return null;
  const apart = Math.abs(celsius - celsiusOf(fahrenheit));
  return apart > 1 ? apart : null;
}

import type { Place } from '../slab';
import type { PlaceSettings, TinSupport } from './places';
import type { PouredLayer } from './poured';
import { settingOf } from './waits';

/** Range of fitted coefficients, W/m² K: still air in a full fridge, and a strong fan. */
const FIT_H = [0.8, 150] as const;

/**
 * Returns the surface coefficient of a place from a setting time measured there, W/m² K: the one for which the calculated time
 * equals the measured time.
 *
 * @param at which layer was measured
 * @param minutes from its pour until it was set
 * @returns W/m2 K, or null where no coefficient gives that time
 */
export function fittedH(
  layers: readonly PouredLayer[],
  at: number,
  minutes: number,
  place: Place,
  places: PlaceSettings,
  support: TinSupport,
): number | null {
  const bare = layers.slice(0, at + 1).map((layer) => ({ ...layer, minMinutes: 0 }));
  const isLast = at === layers.length - 1;
  const takes = (h: number) => {
    const wait = settingOf(
      bare,
      [{ place, minutes: 60 }],
      { ...places, dewC: undefined, fitted: { ...places.fitted, [place]: h } },
      support,
    ).layers[at];
    return (isLast ? wait?.setAfterMinutes : wait?.states.takesNext) ?? Infinity;
  };
  let [low, high] = [Math.log(FIT_H[0]), Math.log(FIT_H[1])];
  if (takes(Math.exp(low)) < minutes || takes(Math.exp(high)) > minutes) return null;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (takes(Math.exp(middle)) > minutes) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

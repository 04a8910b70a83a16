/** One plain layer and its place, for figures worked by hand. */
import { ASSUMED_THERMAL } from '$core/heat';
import { firmnessOf, type PouredLayer } from '$core/setting';

/** Set when no part of it is warmer than 25 °C. */
export const still: PouredLayer = {
  ...ASSUMED_THERMAL,
  id: 'a',
  name: 'A',
  thicknessMm: 12,
  pourC: 60,
  setC: 25,
  firmness: firmnessOf('cold'),
  minMinutes: 0,
  maxMinutes: null,
  softensC: null,
  brittle: false,
  place: 'room',
  together: false,
  assumed: false,
};
export const support = { on: 'shelf', foil: false } as const;
export const room = { roomC: 18 };

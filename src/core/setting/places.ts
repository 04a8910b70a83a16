import type { Faces } from '../heat';
import type { Place } from '../slab';

/** What the shop's places are like. */
export interface PlaceSettings {
  readonly roomC: number;
  /** Surface coefficients that were fitted from the shop's own set times, W/m2 K. */
  readonly fitted?: Readonly<Partial<Record<Place, number>>> | undefined;
  /** Times the usual heat that air takes away, where it moves more or less. */
  readonly airFactor?: number | undefined;
  /** Dew point of the room, deg C, where sweating is to be told. */
  readonly dewC?: number | undefined;
}

/** How a tin stands: on a shelf the lower face gets half, on a wire rack all; foil over it halves the top. */
export interface TinSupport {
  readonly on: 'shelf' | 'rack';
  readonly foil: boolean;
}

/** Usual surface coefficients, W/m2 K, and air temperatures, deg C; the room has the shop's. Engineering handbook ranges. */
export const PLACE_AIR: Readonly<
  Record<Place, { readonly h: number; readonly airC: number | null; readonly below: number | null }>
> = {
  room: { h: 8, airC: null, below: null },
  fridge: { h: 7, airC: 4, below: null },
  freezer: { h: 9, airC: -18, below: null },
  marble: { h: 8, airC: null, below: 60 },
};

/** What both faces of a tin meet in a place. */
export function facesIn(place: Place, { roomC, fitted, airFactor = 1 }: PlaceSettings, support: TinSupport): Faces {
  const usual = PLACE_AIR[place];
  const h = (fitted?.[place] ?? usual.h) * airFactor;
  const airC = usual.airC ?? roomC;
  const below = usual.below ?? (support.on === 'shelf' ? h / 2 : h);
  return { top: { h: support.foil ? h / 2 : h, airC }, bottom: { h: below, airC } };
}

/**
 * Dew point of room air, deg C: a face colder than that sweats.
 *
 * @param humidity relative, 0 to 1
 * @see Magnus formula with the constants of Alduchov and Eskridge (1996): 17.625, 243.04
 * @example dewPointC(21, 0.6) // 12.9
 */
export function dewPointC(roomC: number, humidity: number): number {
  const g = Math.log(Math.min(1, Math.max(0.01, humidity))) + (17.625 * roomC) / (243.04 + roomC);
  return (243.04 * g) / (17.625 - g);
}

/** Heat that a body gives up or takes at a touch: sqrt(k rho cp). */
const effusivity = ({ k, rho, cp }: { k: number; rho: number; cp: number }) => Math.sqrt(k * rho * cp);

/**
 * Temperature at which two bodies meet when one is poured on the other, deg C.
 *
 * @see Carslaw H. S., Jaeger J. C. (1959), Conduction of heat in solids: two half-spaces
 */
export function contactC(
  poured: { k: number; rho: number; cp: number; celsius: number },
  below: { k: number; rho: number; cp: number; celsius: number },
): number {
  const [e1, e2] = [effusivity(poured), effusivity(below)];
  return (e1 * poured.celsius + e2 * below.celsius) / (e1 + e2);
}

/** The warmest pour at which the contact stays at or below the temperature at which the lower layer softens, deg C. */
export function pourAtMostC(
  poured: { k: number; rho: number; cp: number },
  below: { k: number; rho: number; cp: number; celsius: number },
  softensC: number,
): number {
  return softensC + (effusivity(below) / effusivity(poured)) * (softensC - below.celsius);
}

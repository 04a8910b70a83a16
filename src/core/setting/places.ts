import type { Faces } from '../heat';
import type { Place } from '../slab';

/** Conditions of the shop's places. */
export interface PlaceSettings {
  readonly roomC: number;
  /** Surface coefficients fitted from the shop's own setting times, W/m² K. */
  readonly fitted?: Readonly<Partial<Record<Place, number>>> | undefined;
  /** Factor on the usual heat transfer, for moving or still air. */
  readonly airFactor?: number | undefined;
  /** Dew point of the room, °C, if condensation is to be reported. */
  readonly dewC?: number | undefined;
}

/** Support and cover of a tin: on a shelf the lower face gets half the heat transfer, on a wire rack all; foil halves the top. */
export interface TinSupport {
  readonly on: 'shelf' | 'rack';
  readonly foil: boolean;
}

/** Typical surface coefficients, W/m² K, and air temperatures, °C; the room uses the shop's. Engineering handbook ranges. */
export const PLACE_AIR: Readonly<
  Record<Place, { readonly h: number; readonly airC: number | null; readonly below: number | null }>
> = {
  room: { h: 8, airC: null, below: null },
  fridge: { h: 7, airC: 4, below: null },
  freezer: { h: 9, airC: -18, below: null },
  marble: { h: 8, airC: null, below: 60 },
};

/** Temperature difference to the air at which the heat transfer coefficient of a face has doubled, K. */
const TWICE_AS_FAST_K = 110;

/**
 * Returns the factor on the heat transfer coefficient of a warm face: air rises faster, and it radiates more.
 *
 * @see Incropera F. P., DeWitt D. P., Fundamentals of heat and mass transfer, ch. 9 (horizontal plates) and 12: 3.5 + 5.5 W/m² K at 10 K
 *   above a room, 5.8 + 7.5 at 75 K
 */
export const warmFaceFactor = (faceC: number, airC: number): number => 1 + Math.max(0, faceC - airC) / TWICE_AS_FAST_K;

/**
 * Returns the boundaries at both faces of a tin in a place.
 *
 * @param faceC temperatures of the faces if known; otherwise both count as hardly warmer than the air
 */
export function facesIn(
  place: Place,
  { roomC, fitted, airFactor = 1 }: PlaceSettings,
  support: TinSupport,
  faceC?: { readonly top: number; readonly bottom: number },
): Faces {
  const usual = PLACE_AIR[place];
  const h = (fitted?.[place] ?? usual.h) * airFactor;
  const airC = usual.airC ?? roomC;
  const [top, bottom] = faceC ? [warmFaceFactor(faceC.top, airC), warmFaceFactor(faceC.bottom, airC)] : [1, 1];
  // A stone conducts heat away and is not air.
  const below = usual.below ?? bottom * (support.on === 'shelf' ? h / 2 : h);
  return { top: { h: top * (support.foil ? h / 2 : h), airC }, bottom: { h: below, airC } };
}

/**
 * Returns the dew point of room air, °C. Colder surfaces sweat.
 *
 * @param humidity relative, 0 to 1
 * @see Magnus formula with the constants of Alduchov and Eskridge (1996): 17.625, 243.04
 * @example dewPointC(21, 0.6) // 12.9
 */
export function dewPointC(roomC: number, humidity: number): number {
  const g = Math.log(Math.min(1, Math.max(0.01, humidity))) + (17.625 * roomC) / (243.04 + roomC);
  return (243.04 * g) / (17.625 - g);
}

/** Returns the thermal effusivity sqrt(k rho cp). */
const effusivity = ({ k, rho, cp }: { k: number; rho: number; cp: number }) => Math.sqrt(k * rho * cp);

/**
 * Returns the contact temperature of two bodies when one is poured on the other, °C.
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

/** Returns the highest pouring temperature for which the contact stays below the softening temperature of the lower layer, °C. */
export function pourAtMostC(
  poured: { k: number; rho: number; cp: number },
  below: { k: number; rho: number; cp: number; celsius: number },
  softensC: number,
): number {
  return softensC + (effusivity(below) / effusivity(poured)) * (softensC - below.celsius);
}

import { SEES_SKIN, USUAL_SHOP, type ThermometerKind } from '../shop';

/** Antoine constants of water, mmHg and °C, for 1 to 100 °C, usable a few degrees above. */
const ANTOINE = { a: 8.07131, b: 1730.63, c: 233.426 } as const;
const PA_PER_MMHG = 133.322;

/**
 * Returns the air pressure of the standard atmosphere, Pa.
 *
 * @param altitudeM height above the sea, m, -500..11000
 * @see ICAO standard atmosphere: p = 101325 (1 - 2.25577e-5 h)^5.25588
 */
export function pressurePa(altitudeM: number): number {
  return 101325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/**
 * Returns the boiling point of water at an altitude, °C. Weather shifts it by up to half a degree.
 *
 * @example waterBoilsC(1000) // 96.7
 */
export function waterBoilsC(altitudeM: number): number {
  return ANTOINE.b / (ANTOINE.a - Math.log10(pressurePa(altitudeM) / PA_PER_MMHG)) - ANTOINE.c;
}

/** A thermometer with its check readings. */
export interface ProbeCheck {
  /** An infrared one measures the surface, not the middle. */
  readonly kind?: ThermometerKind | undefined;
  /** Readings in boiling water and in melting ice, °C. */
  readonly boilC?: number | undefined;
  readonly iceC?: number | undefined;
  /** How much it is known to read high, °C; negative if it reads low. A check in boiling water or ice counts before it. */
  readonly readsHighC?: number | undefined;
  /** Altitude of the check in boiling water, m; the shop's own if unknown. */
  readonly checkedAtM?: number | undefined;
}

/** A larger error than this means a check at another altitude, °C. */
const MAX_OFF_C = 3;
/** Minimum difference in boiling points for a new check, °C: about 150 m. */
const SAME_BOIL_C = 0.5;

/** Tells whether a check in boiling water is valid at an altitude; otherwise it has to be repeated. */
export function checkHolds({ boilC, checkedAtM }: ProbeCheck, altitudeM: number): boolean {
  if (boilC === undefined) return true;
  const boils = waterBoilsC(altitudeM);
  if (checkedAtM === undefined) return Math.abs(boilC - boils) <= MAX_OFF_C;
  return Math.abs(waterBoilsC(checkedAtM) - boils) <= SAME_BOIL_C;
}

/**
 * Returns the error of a probe at a temperature, °C, positive if it reads high.
 *
 * Between ice and boiling water the error is interpolated linearly; beyond them it is constant. With one check only, its error applies
 * everywhere; without any, its stated error does, and without that the probe counts as exact. The error in boiling water is relative to the boiling point at the altitude of the
 * check. A reading that only another altitude can explain is ignored.
 *
 * @param trueC the true temperature
 */
export function probeErrorC(check: ProbeCheck, trueC: number, altitudeM: number): number {
  const { boilC, iceC, checkedAtM, readsHighC = 0 } = check;
  const boils = waterBoilsC(checkedAtM ?? altitudeM);
  const counts = boilC !== undefined && (checkedAtM !== undefined || checkHolds(check, altitudeM));
  const atBoil = counts ? boilC - boils : null;
  const atIce = iceC ?? null;
  if (atBoil === null || atIce === null) return atBoil ?? atIce ?? readsHighC;
  const along = Math.min(1, Math.max(0, trueC / boils));
  return atIce + (atBoil - atIce) * along;
}

/** State of a pot whose surface is measured. */
export type PotMotion = 'boiling' | 'still' | 'stirred';

/** Heat loss of the open surface of a hot pot by air, radiation and steam, W/m² K. */
const SKIN_H = 25;
/** Heat transfer from the inside to the surface: by bubbles, by conduction in a thick syrup, by stirring, W/m² K. */
const WITHIN_H: Readonly<Record<PotMotion, number>> = { boiling: 600, still: 120, stirred: 2500 };

/**
 * Returns how much cooler the surface of a pot is than its middle, °C: the same heat passes the film below the surface and leaves
 * it above.
 *
 * @param middleC what is under the skin
 * @see Incropera F. P., DeWitt D. P., Fundamentals of heat and mass transfer, ch. 1 and 3 (resistances in series)
 * @example skinDropC(118, 20, 'boiling') // 3.9
 */
export const skinDropC = (middleC: number, roomC: number, motion: PotMotion): number =>
  (Math.max(0, middleC - roomC) * SKIN_H) / (SKIN_H + WITHIN_H[motion]);

/** Returns the error of a thermometer relative to the middle of a pot, °C: its own error, and for infrared the cooler surface. */
export function shownTooMuchC(
  check: ProbeCheck,
  middleC: number,
  { altitudeM, roomC, motion }: { altitudeM: number; roomC: number; motion: PotMotion },
): number {
  if (!SEES_SKIN[check.kind ?? 'probe']) return probeErrorC(check, middleC, altitudeM);
  const skinC = skinDropC(middleC, roomC, motion);
  // Its reading in boiling water was that of the surface.
  const boilC =
    check.boilC === undefined ? undefined : check.boilC + skinDropC(waterBoilsC(altitudeM), roomC, 'boiling');
  return probeErrorC({ ...check, boilC }, middleC - skinC, altitudeM) - skinC;
}

/** An end point at a shop's altitude and as its thermometer reads. */
export interface TargetHere {
  /** At sea level, as in recipes. */
  readonly seaC: number;
  /** Temperature in the pot at this altitude. */
  readonly hereC: number;
  /** Reading of the thermometer at that temperature. */
  readonly probeC: number;
}

/**
 * Returns an end point at a shop's altitude and on its thermometer: lower by the drop of the boiling point, and corrected for the
 * error.
 *
 * @param seaC end point referred to sea level, deg C
 * @example targetHere(118, 1000, {}).hereC // 114.7
 */
export function targetHere(
  seaC: number,
  altitudeM: number,
  probe: ProbeCheck,
  roomC: number = USUAL_SHOP.roomC,
): TargetHere {
  const hereC = seaC - (100 - waterBoilsC(altitudeM));
  return { seaC, hereC, probeC: hereC + shownTooMuchC(probe, hereC, { altitudeM, roomC, motion: 'boiling' }) };
}

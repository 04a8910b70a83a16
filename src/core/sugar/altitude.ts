import { SEES_SKIN, USUAL_SHOP, type ThermometerKind } from '../shop';

/** Antoine's constants of water, mmHg and deg C, 1 to 100 C and good beyond it by some degrees. */
const ANTOINE = { a: 8.07131, b: 1730.63, c: 233.426 } as const;
const PA_PER_MMHG = 133.322;

/**
 * Air pressure of the standard atmosphere, Pa.
 *
 * @param altitudeM height above the sea, m, -500..11000
 * @see ICAO standard atmosphere: p = 101325 (1 - 2.25577e-5 h)^5.25588
 */
export function pressurePa(altitudeM: number): number {
  return 101325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/**
 * Temperature at which water boils at a height, deg C. Weather moves it by up to half a degree.
 *
 * @example waterBoilsC(1000) // 96.7
 */
export function waterBoilsC(altitudeM: number): number {
  return ANTOINE.b / (ANTOINE.a - Math.log10(pressurePa(altitudeM) / PA_PER_MMHG)) - ANTOINE.c;
}

/** How a probe was last found to read. */
export interface ProbeCheck {
  /** An infrared one reads the skin of what is in the pot, and not its middle. */
  readonly kind?: ThermometerKind | undefined;
  /** What it shows in boiling water, and in melting ice, deg C. */
  readonly boilC?: number | undefined;
  readonly iceC?: number | undefined;
  /** The height at which water was boiled for it, m; where it is not known, the shop's own. */
  readonly checkedAtM?: number | undefined;
}

/** A probe that is off by more than this was checked at another height, deg C. */
const MAX_OFF_C = 3;
/** Water that boils so much elsewhere is another check, deg C: about 150 m. */
const SAME_BOIL_C = 0.5;

/** Whether a check in boiling water was made at a height that it can speak for: at another one it is to be made again. */
export function checkHolds({ boilC, checkedAtM }: ProbeCheck, altitudeM: number): boolean {
  if (boilC === undefined) return true;
  const boils = waterBoilsC(altitudeM);
  if (checkedAtM === undefined) return Math.abs(boilC - boils) <= MAX_OFF_C;
  return Math.abs(waterBoilsC(checkedAtM) - boils) <= SAME_BOIL_C;
}

/**
 * What a probe shows too much at a temperature, deg C.
 *
 * Between ice and boiling water the two errors are joined by a straight line; beyond them each holds on. With one check only,
 * its error holds everywhere; with none a probe is taken at its word. The error in boiling water is told by the height at which it was
 * found; one that can only come from an unknown other height is not counted.
 *
 * @param trueC the temperature there is
 */
export function probeErrorC(check: ProbeCheck, trueC: number, altitudeM: number): number {
  const { boilC, iceC, checkedAtM } = check;
  const boils = waterBoilsC(checkedAtM ?? altitudeM);
  const counts = boilC !== undefined && (checkedAtM !== undefined || checkHolds(check, altitudeM));
  const atBoil = counts ? boilC - boils : null;
  const atIce = iceC ?? null;
  if (atBoil === null || atIce === null) return atBoil ?? atIce ?? 0;
  const along = Math.min(1, Math.max(0, trueC / boils));
  return atIce + (atBoil - atIce) * along;
}

/** What goes on in a pot whose skin is looked at. */
export type PotMotion = 'boiling' | 'still' | 'stirred';

/** Heat that the open face of a hot pot gives off by air, light and steam, W/m2 K. */
const SKIN_H = 25;
/** Heat that gets up to the skin from what is under it: by bubbles, by itself through a thick syrup, by the spoon, W/m2 K. */
const WITHIN_H: Readonly<Record<PotMotion, number>> = { boiling: 600, still: 120, stirred: 2500 };

/**
 * How much cooler the skin of a pot is than its middle, deg C: the same heat goes through the film below the skin and away above it.
 *
 * @param middleC what is under the skin
 * @see Incropera F. P., DeWitt D. P., Fundamentals of heat and mass transfer, ch. 1 and 3 (resistances in series)
 * @example skinDropC(118, 20, 'boiling') // 3.9
 */
export const skinDropC = (middleC: number, roomC: number, motion: PotMotion): number =>
  (Math.max(0, middleC - roomC) * SKIN_H) / (SKIN_H + WITHIN_H[motion]);

/**
 * What a thermometer shows too much of the middle of a pot, deg C: its own error, and for an infrared one that it sees the cooler skin.
 */
export function shownTooMuchC(
  check: ProbeCheck,
  middleC: number,
  { altitudeM, roomC, motion }: { altitudeM: number; roomC: number; motion: PotMotion },
): number {
  if (!SEES_SKIN[check.kind ?? 'probe']) return probeErrorC(check, middleC, altitudeM);
  const skinC = skinDropC(middleC, roomC, motion);
  // What it showed in boiling water was the skin of that.
  const boilC =
    check.boilC === undefined ? undefined : check.boilC + skinDropC(waterBoilsC(altitudeM), roomC, 'boiling');
  return probeErrorC({ ...check, boilC }, middleC - skinC, altitudeM) - skinC;
}

/** An end point at a shop's height, and as its probe shows it. */
export interface TargetHere {
  /** Referred to sea level, as recipes give it. */
  readonly seaC: number;
  /** What the pot has here. */
  readonly hereC: number;
  /** What the probe shows then. */
  readonly probeC: number;
}

/**
 * An end point of a recipe at a shop's height and on its probe: lower by as much as water boils lower, and off by what the probe
 * is off.
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

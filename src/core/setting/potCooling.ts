import { endPointC, type CoolingPlace, type Preparation, type Step } from '../slab';
import type { Mixture } from '../scale';
import { ASSUMED_THERMAL, thermalOf } from '../heat';

/** A pot of something that is left to stand: its mass, kg, and its heat. */
export interface PotAtRest {
  readonly massKg: number;
  /** What the pot holds to the brim, mL; where it is not known, four times what is in it. */
  readonly potMl?: number | undefined;
  readonly rho: number;
  readonly cp: number;
  readonly k: number;
}

/** Heat that leaves each face of a pot, W/m2 K: from the surface, down between its walls, by air, steam and radiation; by wall and bottom. */
const H = { open: 18, wall: 10, bottom: 6, water: 300 } as const;
/** A pot usually holds so many times what was boiled in it, and is so high for its breadth. */
const POT_TIMES = 4;
const HEIGHT_FOR_BREADTH = 0.6;
/** The pot itself takes up heat, of what is in it. */
const POT_SHARE = 0.2;
/** Water from the tap, warmed by the pot that stands in it, deg C. */
const BATH_C = 16;
/** It cools sooner in a wide pot and a draught, later in a heavy one on a warm ring: shares of the usual time. */
const RANGE = [0.75, 1, 1.4] as const;
/** How warm something is that nobody says the temperature of, once it comes off the heat, deg C. */
const OFF_THE_HEAT_C = 90;

/** Towards what a pot cools, deg C, and how fast, 1/min. */
interface Cooling {
  readonly aroundC: number;
  readonly perMinute: number;
}

/**
 * How a pot cools that is not stirred: as one body (Newton), each face with its own coefficient in line with the conduction from the
 * mean of what is in it to the face, L / 3k with L = volume / wetted face.
 *
 * @see Incropera F. P., DeWitt D. P., Fundamentals of heat and mass transfer, ch. 5 (lumped capacitance, with its internal resistance)
 */
function coolingOf({ massKg, potMl, rho, cp, k }: PotAtRest, place: CoolingPlace, roomC: number): Cooling {
  const volume = massKg / rho;
  const pot = Math.max(volume, potMl === undefined ? POT_TIMES * volume : potMl / 1e6);
  const breadth = Math.cbrt((4 * pot) / (Math.PI * HEIGHT_FOR_BREADTH));
  const bottom = (Math.PI / 4) * breadth * breadth;
  const wall = Math.PI * breadth * (volume / bottom);
  const within = volume / (bottom + wall) / (3 * k);
  const through = (h: number) => 1 / (1 / h + within);
  const open = H.open * bottom;
  const around: Readonly<Record<CoolingPlace, { readonly wet: number; readonly wetC: number }>> = {
    room: { wet: through(H.wall) * wall + through(H.bottom) * bottom, wetC: roomC },
    'cold water': { wet: through(H.water) * (bottom + wall), wetC: Math.min(BATH_C, roomC) },
  };
  const { wet, wetC } = around[place];
  return {
    aroundC: (open * roomC + wet * wetC) / (open + wet),
    perMinute: (60 * (open + wet)) / (massKg * cp * (1 + POT_SHARE)),
  };
}

/**
 * Minutes until a pot that is left to stand has cooled, good to about a third.
 *
 * @param fromC, toC deg C
 * @returns 0 where it is no warmer; Infinity where what is around it is no cooler than that
 */
export function minutesToCool(pot: PotAtRest, fromC: number, toC: number, place: CoolingPlace, roomC: number): number {
  if (fromC <= toC) return 0;
  const { aroundC, perMinute } = coolingOf(pot, place, roomC);
  return toC <= aroundC ? Infinity : Math.log((fromC - aroundC) / (toC - aroundC)) / perMinute;
}

/** How warm a pot is after so many minutes in the room, deg C. */
export function cooledTo(pot: PotAtRest, fromC: number, minutes: number, roomC: number): number {
  const { aroundC, perMinute } = coolingOf(pot, 'room', roomC);
  return aroundC + (fromC - aroundC) * Math.exp(-perMinute * minutes);
}

/**
 * One batch of a mixture as it stands in its pot.
 *
 * @param batchG g of what comes out of one boil
 * @param potMl what its pot holds to the brim, mL
 */
export function potAtRest(
  { grams, densityGPerMl }: Pick<Mixture, 'grams' | 'densityGPerMl'>,
  batchG: number,
  potMl?: number,
): PotAtRest {
  const { k, rho, cp } = (grams && thermalOf(grams, densityGPerMl)) ?? ASSUMED_THERMAL;
  return { massKg: Math.max(batchG, 1) / 1000, potMl, rho, cp, k };
}

/** A step in which a pot is left to cool: how long that takes, least, usual and most, min. */
export type CoolingMinutes = ReadonlyMap<string, readonly [number, number, number]>;

/** What a preparation's cooling comes to: the minutes of each step that waits for a temperature, and how warm it is in the end, deg C. */
export interface Cooled {
  readonly minutes: CoolingMinutes;
  /** null where no step waits for a temperature. */
  readonly laidC: number | null;
}

const NEVER_MINUTES = 24 * 60;

/**
 * Follows the temperature of a preparation through its steps, in the order in which they stand: the end point where it is boiled, the
 * temperature it is left to cool to, and what it loses in the steps behind that, such as beating.
 */
export function coolingThrough({ steps = [], ...preparation }: Preparation, pot: PotAtRest, roomC: number): Cooled {
  const minutes = new Map<string, readonly [number, number, number]>();
  let atC = endPointC(preparation) ?? OFF_THE_HEAT_C;
  let isCooled = false;
  for (const step of steps) {
    if (step.coolTo) {
      const { celsius, in: place = 'room' } = step.coolTo;
      const usual = Math.min(NEVER_MINUTES, minutesToCool(pot, atC, celsius, place, roomC));
      minutes.set(step.id, [RANGE[0] * usual, usual, RANGE[2] * usual]);
      atC = Math.min(atC, celsius);
      isCooled = true;
    } else if (isCooled) atC = cooledTo(pot, atC, step.minutes, roomC);
  }
  return { minutes, laidC: isCooled ? atC : null };
}

/** Whether a preparation is left to cool to a temperature before it is laid. */
export const isCooledFirst = ({ steps = [] }: { readonly steps?: readonly Step[] | undefined }) =>
  steps.some(({ coolTo }) => coolTo !== undefined);

import { endPointC, type CoolingPlace, type Preparation, type Step } from '../slab';
import type { Mixture } from '../scale';
import { ASSUMED_THERMAL, thermalOf } from '../heat';

/** A pot left to cool: its mass, kg, and its heat. */
export interface PotAtRest {
  readonly massKg: number;
  /** Capacity of the pot to the brim, mL; unknown capacities are four times the contents. */
  readonly potMl?: number | undefined;
  readonly rho: number;
  readonly cp: number;
  readonly k: number;
}

/** Heat transfer of each face of a pot, W/m² K: from the surface by air, steam and radiation; by wall and bottom. */
const H = { open: 18, wall: 10, bottom: 6, water: 300 } as const;
/** Typical ratio of pot capacity to contents, and of height to width. */
const POT_TIMES = 4;
const HEIGHT_FOR_BREADTH = 0.6;
/** Heat capacity of the pot as a share of its contents. */
const POT_SHARE = 0.2;
/** Temperature of a cold water bath, warmed by the pot, °C. */
const BATH_C = 16;
/** Range of the cooling time: faster in a wide pot and a draught, slower in a heavy one, as shares of the typical time. */
const RANGE = [0.75, 1, 1.4] as const;
/** Temperature of a mixture without an end point when it comes off the heat, °C. */
const OFF_THE_HEAT_C = 90;

/** Ambient temperature of a cooling pot, °C, and its cooling rate, 1/min. */
interface Cooling {
  readonly aroundC: number;
  readonly perMinute: number;
}

/**
 * Returns how an unstirred pot cools: as one body (Newton), each face with its coefficient in series with the conduction inside,
 * L / 3k with L = volume / wetted face.
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
 * Returns the minutes until a standing pot has cooled, accurate to about a third.
 *
 * @param fromC, toC deg C
 * @returns 0 where it is no warmer; Infinity where what is around it is no cooler than that
 */
export function minutesToCool(pot: PotAtRest, fromC: number, toC: number, place: CoolingPlace, roomC: number): number {
  if (fromC <= toC) return 0;
  const { aroundC, perMinute } = coolingOf(pot, place, roomC);
  return toC <= aroundC ? Infinity : Math.log((fromC - aroundC) / (toC - aroundC)) / perMinute;
}

/** Returns the temperature of a pot after some minutes in the room, °C. */
export function cooledTo(pot: PotAtRest, fromC: number, minutes: number, roomC: number): number {
  const { aroundC, perMinute } = coolingOf(pot, 'room', roomC);
  return aroundC + (fromC - aroundC) * Math.exp(-perMinute * minutes);
}

/**
 * Returns one batch of a mixture standing in its pot.
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

/** A step in which a pot cools, with its shortest, typical and longest time, min. */
export type CoolingMinutes = ReadonlyMap<string, readonly [number, number, number]>;

/** Result of a preparation's cooling: the minutes of each step that waits for a temperature, and the final temperature, °C. */
export interface Cooled {
  readonly minutes: CoolingMinutes;
  /** `null` if no step waits for a temperature. */
  readonly laidC: number | null;
}

const NEVER_MINUTES = 24 * 60;

/**
 * Follows the temperature of a preparation through its steps in order: the end point of a boil, the temperature it cools to, and
 * the loss in later steps such as beating.
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

/** Tells whether a preparation cools to a temperature before it is poured. */
export const isCooledFirst = ({ steps = [] }: { readonly steps?: readonly Step[] | undefined }) =>
  steps.some(({ coolTo }) => coolTo !== undefined);

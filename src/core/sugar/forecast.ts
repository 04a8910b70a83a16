import { waterBoilsC } from './altitude';
import { robustLine, type Line } from './fit';
import { heatShare, lastTurn, latelyOff, wanderOf } from './flame';
import { sugarShareAtBoil } from './sugarShare';

/** A reading of a probe: seconds since some moment, deg C. */
export type Reading = readonly [seconds: number, celsius: number];

/** What a forecast rests on, or why there is none yet. */
export type ForecastNote =
  | 'no-reading'
  | 'reached'
  | 'warming-up'
  | 'just-boiling'
  | 'not-rising'
  | 'heat-changed'
  | 'steady-boil'
  | 'room-too-warm'
  | 'just-cooling'
  | 'not-falling'
  | 'cooling';

/** How long something still takes. */
export interface Forecast {
  /** null where the readings do not tell. */
  readonly minutesLeft: number | null;
  /** It is between these with about nine chances in ten. */
  readonly low: number | null;
  readonly high: number | null;
  readonly reached: boolean;
  readonly note: ForecastNote;
}

/** 90 % of a normal spread lie within so many deviations. */
const NINETY = 1.645;
/** Below this the pot is still warming up: the water leaves too slowly for its share to be read off the temperature. */
const BOILS_FROM_C = 101.5;
const MIN_READINGS = 8;
const MIN_SECONDS = 40;
/** No probe in a kitchen reads beyond these. */
const READABLE_C = [-30, 400] as const;
/** The heat under a pot wanders: what was read so long ago counts half. */
const HALF_LIFE_SECONDS = 600;
/** What the boiling table and an unsteady flame add to the scatter of the readings, as a share of the time left. */
const MODEL_SHARE = { boil: 0.006, cool: 0.02 } as const;
/** Part of what the last minute differs by that may stay so. */
const LATELY = 0.7;
/** A probe follows some seconds behind. */
const LAG_SECONDS = 3;

/**
 * Readings that can be used: finite, believable, each later than the one before. A probe that repeats itself word for word for
 * long has stopped; what it repeated is kept once.
 */
export function soundReadings(readings: readonly Reading[]): Reading[] {
  const sound: Reading[] = [];
  for (const reading of readings) {
    const [seconds, celsius] = reading;
    if (!Number.isFinite(seconds) || !Number.isFinite(celsius)) continue;
    if (celsius < READABLE_C[0] || celsius > READABLE_C[1]) continue;
    const last = sound.at(-1);
    if (last && seconds <= last[0]) continue;
    sound.push(reading);
  }
  return sound;
}

/** A reading this far from the middle of its neighbours is a jump of the probe and not of the pot. */
const JUMP_C = 6;
const NEIGHBOURS = 4;

/** A line is found as well from so many readings as from more. */
const MAX_FITTED = 2000;

/** Readings without the jumps among them; of very many, evenly spread ones and the last. */
function settled(readings: readonly Reading[]): Reading[] {
  const step = Math.ceil(readings.length / MAX_FITTED);
  return readings.filter(([, celsius], i) => {
    if ((readings.length - 1 - i) % step !== 0) return false;
    const near = readings.slice(Math.max(0, i - NEIGHBOURS), i + NEIGHBOURS + 1).map(([, celsius]) => celsius);
    near.sort((a, b) => a - b);
    return Math.abs(celsius - near[near.length >> 1]!) <= JUMP_C;
  });
}

const unknown = (note: ForecastNote): Forecast => ({
  ...{ minutesLeft: null, low: null, high: null, reached: false },
  note,
});

/** J/g: heat of steam; heat capacities of water, of sugar, and of the pot for each g of sugar in it. */
const STEAM_J = 2250;
const WATER_J = 4.19;
const SUGAR_J = 1.55;
const POT_J = 0.7;
const GRID_C = 0.1;
const GRID_FROM_C = 100;
const GRID_COUNT = 700;

const ratioAt = (celsius: number) => {
  const share = sugarShareAtBoil(celsius);
  return share <= 0 ? Infinity : (1 - share) / share;
};

/**
 * Heat still to come at each temperature, as g of steam for each g of sugar: the water that is left, and behind it what it takes
 * to warm the pot along the boiling curve. By a tenth of a degree from 100 C up.
 */
function heatToCome(): readonly number[] {
  let warmed = 0;
  return Array.from({ length: GRID_COUNT }, (_, i) => {
    const celsius = GRID_FROM_C + i * GRID_C;
    const ratio = Math.min(20, ratioAt(celsius));
    if (i > 0) warmed += ((ratio * WATER_J + SUGAR_J + POT_J) / STEAM_J) * GRID_C;
    return ratio - warmed;
  });
}

/** It is worked out when the first boil is watched, and not by whoever loads this room. */
let grid: readonly number[] | undefined;

/** The heat to come at a boiling temperature, and how fast that changes with it. */
function toCome(seaC: number): { heat: number; perC: number } {
  const at = Math.min(GRID_COUNT - 2, Math.max(0, (seaC - GRID_FROM_C) / GRID_C));
  const i = Math.floor(at);
  grid ??= heatToCome();
  const [a, b] = [grid[i]!, grid[i + 1]!];
  return { heat: a + (b - a) * (at - i), perC: (b - a) / GRID_C };
}

/** The middle of the last few readings: one that jumped does not decide. */
function lastC(readings: readonly Reading[]): number {
  const last = readings
    .slice(-5)
    .map(([, celsius]) => celsius)
    .sort((a, b) => a - b);
  return last[last.length >> 1]!;
}

/** Where a falling line meets a height, in x, with its deviation. */
function crossingOf(line: Line, height: number): { x: number; deviation: number } {
  const x = (height - line.at0) / line.slope;
  const variance = (line.varAt0 + x * x * line.varSlope + 2 * x * line.cov) / line.slope ** 2;
  return { x, deviation: Math.sqrt(Math.max(0, variance)) };
}

function left(line: Line, height: number, now: number, share: number): Omit<Forecast, 'note'> {
  const { x, deviation } = crossingOf(line, height);
  const seconds = Math.max(0, x - now);
  const spread = NINETY * Math.hypot(deviation, share * seconds, LAG_SECONDS);
  const minutes = (value: number) => Math.max(0, value) / 60;
  return {
    minutesLeft: minutes(seconds),
    low: minutes(seconds - spread),
    high: minutes(seconds + spread),
    reached: false,
  };
}

export interface BoilForecastInput {
  readonly readings: readonly Reading[];
  /** End point referred to sea level, deg C. */
  readonly targetC: number;
  readonly altitudeM?: number | undefined;
  /** What the probe shows too much. */
  readonly probeOffsetC?: number | undefined;
}

/**
 * When a boil reaches its end point.
 *
 * At constant heat water leaves at a constant rate, less what warms the pot along the boiling curve. In heat still to come for
 * each g of sugar the boil is a straight line: it is fitted over the readings, the recent ones counting more, and the end is
 * where it meets the target's. The needle moves slowly for long and then runs. The range holds about nine times in ten.
 *
 * @param asked readings in time order; unusable ones are passed over
 */
export function forecastBoil({ readings, targetC, altitudeM = 0, probeOffsetC = 0 }: BoilForecastInput): Forecast {
  const toSea = 100 - waterBoilsC(altitudeM) - probeOffsetC;
  const sound = settled(soundReadings(readings)).map(([seconds, celsius]): Reading => [seconds, celsius + toSea]);
  if (sound.length === 0) return unknown('no-reading');
  if (lastC(sound) >= targetC) return { minutesLeft: 0, low: 0, high: 0, reached: true, note: 'reached' };
  const start = sound.findLastIndex(([, celsius]) => celsius < BOILS_FROM_C) + 1;
  const boiling = sound.slice(start);
  const now = sound.at(-1)![0];
  if (boiling.length === 0) return unknown('warming-up');
  if (boiling.length < MIN_READINGS || now - boiling[0]![0] < MIN_SECONDS) {
    return unknown('just-boiling');
  }
  const all = boiling.map(([seconds, celsius]) => ({ x: seconds - now, ...toCome(celsius) }));
  const pointsOf = (some: typeof all) => ({
    x: some.map(({ x }) => x),
    y: some.map(({ heat }) => heat),
    w: some.map(({ perC }) => 1 / perC ** 2),
  });
  const turned = lastTurn(pointsOf(all));
  const since = all.slice(turned);
  const points = pointsOf(since);
  const line = robustLine(
    points.x,
    points.y,
    points.w.map((w, i) => w * 0.5 ** (-points.x[i]! / HALF_LIFE_SECONDS)),
  );
  if (!line || line.slope >= 0) return unknown('not-rising');
  const target = toCome(targetC).heat;
  const seconds = Math.max(0, crossingOf(line, target).x);
  const share = heatShare(wanderOf(points, line.slope), seconds, Math.min(HALF_LIFE_SECONDS, -points.x[0]!));
  const found = left(line, target, 0, Math.hypot(MODEL_SHARE.boil, share, LATELY * latelyOff(points, line.slope)));
  return { ...found, note: turned > 0 ? 'heat-changed' : 'steady-boil' };
}

export interface CoolForecastInput {
  readonly readings: readonly Reading[];
  readonly targetC: number;
  readonly roomC: number;
  readonly probeOffsetC?: number | undefined;
}

/**
 * When something cooling in a room reaches a temperature: T - room falls as an exponential, whose rate is fitted on the readings.
 *
 * @param asked target above the room's temperature; readings in time order
 */
export function forecastCool({ readings, targetC, roomC, probeOffsetC = 0 }: CoolForecastInput): Forecast {
  const sound = settled(soundReadings(readings)).map(([seconds, celsius]): Reading => [
    seconds,
    celsius - probeOffsetC,
  ]);
  if (sound.length === 0) return unknown('no-reading');
  if (lastC(sound) <= targetC) return { minutesLeft: 0, low: 0, high: 0, reached: true, note: 'reached' };
  if (targetC <= roomC) return unknown('room-too-warm');
  const warm = sound.filter(([, celsius]) => celsius > roomC + 1);
  const now = sound.at(-1)![0];
  if (warm.length < MIN_READINGS || now - warm[0]![0] < MIN_SECONDS) {
    return unknown('just-cooling');
  }
  const line = robustLine(
    warm.map(([seconds]) => seconds - now),
    warm.map(([, celsius]) => Math.log(celsius - roomC)),
    warm.map(([seconds, celsius]) => 0.5 ** ((now - seconds) / (3 * HALF_LIFE_SECONDS)) * (celsius - roomC) ** 2),
  );
  if (!line || line.slope >= 0) return unknown('not-falling');
  return {
    ...left(line, Math.log(targetC - roomC), 0, MODEL_SHARE.cool),
    note: 'cooling',
  };
}

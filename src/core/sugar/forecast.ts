import { waterBoilsC } from './altitude';
import { robustLine, type Line } from './fit';
import { heatShare, lastTurn, latelyOff, wanderOf } from './flame';
import { sugarShareAtBoil } from './sugarShare';

/** A reading of a probe: seconds since a start, °C. */
export type Reading = readonly [seconds: number, celsius: number];

/** Basis of a forecast, or why there is none yet. */
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

/** Remaining time of a boil or of cooling. */
export interface Forecast {
  /** `null` if the readings do not allow a forecast. */
  readonly minutesLeft: number | null;
  /** Range that holds about nine times in ten. */
  readonly low: number | null;
  readonly high: number | null;
  readonly reached: boolean;
  readonly note: ForecastNote;
}

/** Standard deviations of a 90 % interval. */
const NINETY = 1.645;
/** Below this the pot is still warming up: water leaves too slowly to read its share from the temperature. */
const BOILS_FROM_C = 101.5;
const MIN_READINGS = 8;
const MIN_SECONDS = 40;
/** Plausible readings of a kitchen probe. */
const READABLE_C = [-30, 400] as const;
/** Half-life of the readings' weight: the heat under a pot wanders. */
const HALF_LIFE_SECONDS = 600;
/** Uncertainty from the boiling table and an unsteady flame, as a share of the time left. */
const MODEL_SHARE = { boil: 0.006, cool: 0.02 } as const;
/** Part of a change in the last minute that is expected to persist. */
const LATELY = 0.7;
/** Delay of a probe, s. */
const LAG_SECONDS = 3;

/**
 * Returns usable readings: finite, plausible, increasing in time. A probe that repeats itself exactly for long has stopped; the
 * repeated value is kept once.
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

/** Deviation from the median of its neighbours that marks a jump of the probe. */
const JUMP_C = 6;
const NEIGHBOURS = 4;

/** Number of readings that suffices for a line. */
const MAX_FITTED = 2000;

/** Returns the readings without jumps; of very many, evenly spaced ones and the last. */
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

/** J/g: heat of vaporisation; heat capacities of water, of sugar, and of the pot per gram of sugar. */
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
 * Returns the remaining heat at each temperature, as g of steam per g of sugar: the remaining water, and the heat to warm the pot
 * along the boiling curve. In steps of 0.1 °C from 100 °C.
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

/** Computed on first use, not on import. */
let grid: readonly number[] | undefined;

/** Returns the remaining heat at a boiling temperature, and its derivative. */
function toCome(seaC: number): { heat: number; perC: number } {
  const at = Math.min(GRID_COUNT - 2, Math.max(0, (seaC - GRID_FROM_C) / GRID_C));
  const i = Math.floor(at);
  grid ??= heatToCome();
  const [a, b] = [grid[i]!, grid[i + 1]!];
  return { heat: a + (b - a) * (at - i), perC: (b - a) / GRID_C };
}

/** Returns the median of the last few readings, so that a jump does not decide. */
function lastC(readings: readonly Reading[]): number {
  const last = readings
    .slice(-5)
    .map(([, celsius]) => celsius)
    .sort((a, b) => a - b);
  return last[last.length >> 1]!;
}

/** Returns where a falling line reaches a level, in x, with its standard deviation. */
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
  /** End point at sea level, °C. */
  readonly targetC: number;
  readonly altitudeM?: number | undefined;
  /** Error of the probe, °C, positive if it reads high. */
  readonly probeOffsetC?: number | undefined;
}

/**
 * Forecasts when a boil reaches its end point.
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
 * Forecasts when something cooling in a room reaches a temperature: T - room decays exponentially, at a rate fitted to the
 * readings.
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

/** Simulated boils and coolings of many kinds, and the error of forecasts of them. */
import { forecastBoil, forecastCool, type Forecast, type Reading } from '$core/sugar';
import { potOf } from '../../../devices/pot.mjs';
import { randomFrom } from '../../../devices/random.mjs';

export interface Score {
  /** Forecasts made, and those that gave a time. */
  readonly asked: number;
  readonly given: number;
  /** Median of |forecast - truth| / truth. */
  readonly medianError: number;
  /** Share of the truths that lie within the 90 % range. */
  readonly covered: number;
}

const AT = [0.5, 0.6, 0.7, 0.8, 0.9, 0.95] as const;
const TURNED_AT = [0, 0.1, 0.3, 0.5, 0.7, 0.9] as const;
const EVERY_SECONDS = 2;

function scoreOf(all: readonly { forecast: Forecast; truth: number }[]): Score {
  const given = all.filter(({ forecast }) => forecast.minutesLeft !== null);
  const errors = given
    .map(({ forecast, truth }) => Math.abs(forecast.minutesLeft! - truth) / truth)
    .sort((a, b) => a - b);
  const inside = given.filter(({ forecast: { low, high }, truth }) => low! <= truth && truth <= high!).length;
  return {
    asked: all.length,
    given: given.length,
    medianError: errors[errors.length >> 1]!,
    covered: inside / given.length,
  };
}

/** The flame: steady but for noise, varying by a tenth in waves of 2 to 20 minutes, or changed once. */
export type Flame = 'steady' | 'waves' | 'turned';

/** Boils of different sugar, water, power and noise, each forecast from half-way on; where the flame is changed, from a minute after. */
export function scoreBoils(count: number, seed: number, flame: Flame = 'steady'): Score {
  const random = randomFrom(seed);
  const between = (a: number, b: number) => a + (b - a) * random();
  const all: { forecast: Forecast; truth: number }[] = [];
  for (let i = 0; i < count; i++) {
    const sugarG = between(250, 1500);
    const targetC = between(112, 150);
    const pot = potOf(
      {
        sugarG,
        waterG: sugarG * between(0.3, 0.8),
        watts: between(500, 1600),
        noiseC: between(0.05, 0.4),
        offsetC: 0,
        wander: between(0, flame === 'steady' ? 0.1 : 0.03),
        ...(flame === 'waves' ? { waves: 0.1, waveSeconds: between(120, 1200) } : {}),
        ...(flame === 'turned' ? { turnTo: random() < 0.5 ? between(0.55, 0.8) : between(1.25, 1.6) } : {}),
      },
      random,
    );
    const turnAfter = between(120, 500);
    const readings: Reading[] = [];
    let boils = -1;
    while (pot.state().celsius < targetC && pot.state().seconds < 4 * 3600) {
      pot.run(EVERY_SECONDS);
      const { seconds, celsius } = pot.state();
      if (boils < 0 && celsius > 101.5) {
        boils = seconds;
        if (flame === 'turned') pot.turn(seconds + turnAfter);
      }
      const shown = pot.reading();
      if (shown !== null) readings.push([seconds, shown]);
    }
    const end = pot.state().seconds;
    const from = flame === 'turned' ? boils + turnAfter + 60 : boils;
    for (const part of flame === 'turned' ? TURNED_AT : AT) {
      const now = from + (end - from) * part;
      if (now >= end - 5) continue;
      const forecast = forecastBoil({ readings: readings.filter(([seconds]) => seconds <= now), targetC });
      all.push({ forecast, truth: (end - now) / 60 });
    }
  }
  return scoreOf(all);
}

/** The same for cooling to a beating temperature, off the heat. */
export function scoreCoolings(count: number, seed: number): Score {
  const random = randomFrom(seed);
  const between = (a: number, b: number) => a + (b - a) * random();
  const all: { forecast: Forecast; truth: number }[] = [];
  for (let i = 0; i < count; i++) {
    const sugarG = between(250, 1500);
    const roomC = between(16, 26);
    const targetC = between(40, 60);
    const pot = potOf(
      { sugarG, waterG: sugarG * 0.17, startC: between(108, 122), roomC, noiseC: between(0.05, 0.4) },
      random,
    );
    pot.heat(false);
    const readings: Reading[] = [];
    while (pot.state().celsius > targetC && pot.state().seconds < 8 * 3600) {
      pot.run(10);
      const shown = pot.reading();
      if (shown !== null) readings.push([pot.state().seconds, shown]);
    }
    const end = pot.state().seconds;
    for (const part of AT) {
      const now = end * part;
      const forecast = forecastCool({ readings: readings.filter(([seconds]) => seconds <= now), targetC, roomC });
      all.push({ forecast, truth: (end - now) / 60 });
    }
  }
  return scoreOf(all);
}

/** Heat flow through a stack of layers over time, and the work it takes to simulate. */
import { emptyCurve, noteLayers, type LayerCurve } from './curves';
import { CELL_MM, cellsOf, type HeatLayer } from './grid';
import type { Faces } from './solver';
import { HeatStack, STEP_SECONDS } from './stack';

/** Time in one place. */
export interface Stay extends Faces {
  readonly minutes: number;
}

export interface HeatRun {
  readonly minutes: readonly number[];
  readonly layers: readonly LayerCurve[];
  /** Final temperatures of all cells, bottom first, to continue from. */
  readonly endC: readonly number[];
  /** Heat lost through both faces, and heat lost by the stack since the start, J/m²: equal within rounding. */
  readonly outflowJ: number;
  readonly enthalpyDropJ: number;
}

/** Number of cells advanced by one step each in about a microsecond: about three seconds of work in total. */
const MAX_CELL_STEPS = 15_000_000;
/** A layer with latent heat needs several iterations per step. */
const LATENT_ROUNDS = 3;

/**
 * Estimates the work of a simulation as a share of the budget: over 1 is too much. Calculated before anything begins.
 *
 * @param everyMinutes how often the curves are noted
 */
export function heatWork(
  layers: readonly Pick<HeatLayer, 'thicknessMm' | 'latents'>[],
  minutes: number,
  everyMinutes: number,
  cellMm = CELL_MM,
): number {
  const cells = layers.reduce((sum, layer) => sum + cellsOf(layer, cellMm), 0);
  const rounds = layers.some(({ latents }) => latents.length > 0) ? LATENT_ROUNDS : 1;
  const short = STEP_SECONDS.reduce(
    (sum, [until, step], i) => sum + (until - (STEP_SECONDS[i - 1]?.[0] ?? 0)) / step,
    0,
  );
  return ((short + minutes + minutes / everyMinutes) * cells * rounds) / MAX_CELL_STEPS;
}

/**
 * Simulates heat flow through a stack of layers, upwards and downwards, over several stays, and records it.
 *
 * @param layers bottom first
 * @param stays what the faces meet, and for how long
 * @param everyMinutes how often the curves are noted, > 0
 * @param cellMm size of a cell; smaller is finer
 */
export function heatRun(
  layers: readonly HeatLayer[],
  stays: readonly Stay[],
  everyMinutes: number,
  fromC: readonly number[] = [],
  cellMm = CELL_MM,
  stepFactor = 1,
): HeatRun {
  const stack = new HeatStack(layers, fromC, cellMm, stepFactor);
  const startJ = stack.heldJ;
  const minutes: number[] = [];
  const curves = layers.map(emptyCurve);
  const every = everyMinutes * 60;
  let [seconds, nextNote] = [0, 0];
  const note = () => {
    minutes.push(nextNote / 60);
    noteLayers(stack, curves);
    nextNote += every;
  };
  for (const stay of stays) {
    const began = seconds;
    const until = began + stay.minutes * 60;
    while (seconds < until - 1e-9) {
      if (seconds >= nextNote - 1e-9) note();
      const stretch = Math.min(until, nextNote) - seconds;
      stack.advance(stay, seconds - began, stretch);
      seconds += stretch;
    }
  }
  if (seconds >= nextNote - 1e-9) note();
  return {
    minutes,
    layers: curves,
    endC: stack.celsius,
    outflowJ: stack.outflowJ,
    enthalpyDropJ: startJ - stack.heldJ,
  };
}

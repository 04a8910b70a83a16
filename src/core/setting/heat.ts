/** Heat through a stack of layers over time, and how much work it is to follow it. */
import { CELL_MM, cellsOf, gridOf, heatAt, type Grid, type HeatLayer } from './grid';
import type { Thermal } from './properties';
import { StackSolver, type Face } from './solver';

/** A stay in one place. */
export interface Stay {
  readonly minutes: number;
  readonly top: Face;
  readonly bottom: Face;
}

const CURVE_PARTS = ['warmestC', 'meanC', 'middleC', 'lowerC', 'upperC'] as const;
type CurvePart = (typeof CURVE_PARTS)[number];

/** Temperatures of one layer at one moment, deg C: `lowerC` and `upperC` just inside its faces. */
export type LayerNow = Readonly<Record<CurvePart, number>>;

/** Temperatures of one layer over time, deg C. */
export type LayerCurve = Readonly<Record<CurvePart, readonly number[]>>;
type NotedCurve = Readonly<Record<CurvePart, number[]>>;

export interface HeatRun {
  readonly minutes: readonly number[];
  readonly layers: readonly LayerCurve[];
  /** Temperatures of all cells at the end, bottom first, for going on from there. */
  readonly endC: readonly number[];
  /** Heat that left through both faces, and heat that the stack has less than at the start, J/m2: equal but for rounding. */
  readonly outflowJ: number;
  readonly enthalpyDropJ: number;
}

/** So many cells are moved by one step each in about a microsecond: about three seconds of work in all. */
const MOST_CELL_STEPS = 15_000_000;
/** A layer that gives its heat back needs some rounds to a step. */
const LATENT_ROUNDS = 3;

/**
 * How much work it is to follow a stack for some time, as a share of what is done at once: over 1 is too much. Reckoned before
 * anything is begun.
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
  return ((short + minutes + minutes / everyMinutes) * cells * rounds) / MOST_CELL_STEPS;
}

/** Step lengths within a stay, s: until so long after the faces have changed, so long; then a minute. */
const STEP_SECONDS = [
  [60, 1],
  [600, 4],
  [3600, 15],
] as const;
const LONG_STEP = 60;

function stepSeconds(sinceChange: number): number {
  return STEP_SECONDS.find(([until]) => sinceChange < until)?.[1] ?? LONG_STEP;
}
/**
 * So long after a change of faces, and so many steps after a cell has come into a latent range or out of it, steps are fully implicit,
 * which damps the ringing of the middle rule (Rannacher 1984).
 */
const DAMPED_SECONDS = 4;
const DAMPED_STEPS = 3;

/**
 * A stack of layers that heat goes through, as far as it has come: temperatures move on by `advance`.
 *
 * Finite volumes of about half a millimetre in enthalpy form, so that fat that sets gives its heat back and no heat is lost;
 * the middle (Crank-Nicolson) rule in time, with damped steps after every change, solved by Newton's method. Stable for any step.
 * Within 1 % of the exact series for a slab (Carslaw and Jaeger 1959); edges of the tin are not counted.
 */
export class HeatStack {
  readonly #layers: readonly HeatLayer[];
  readonly #grid: Grid;
  readonly #celsius: Float64Array;
  readonly #thermal: readonly Thermal[];
  readonly #solver: StackSolver;
  readonly #stepFactor: number;
  /** So many more steps are damped. */
  #bentFor = 0;
  /** Heat that has left through both faces, J/m2. */
  outflowJ = 0;

  /**
   * @param layers bottom first
   * @param fromC temperatures of the lowest cells, bottom first; the others begin at their layer's `startC`
   * @param cellMm size of a cell; smaller is finer
   * @param stepFactor times the usual steps in time; smaller is finer
   */
  constructor(layers: readonly HeatLayer[], fromC: readonly number[] = [], cellMm = CELL_MM, stepFactor = 1) {
    this.#layers = layers;
    this.#grid = gridOf(layers, cellMm);
    this.#celsius = Float64Array.from(this.#grid.layerOf, (l, i) => fromC[i] ?? layers[l]!.startC);
    this.#thermal = Array.from(this.#grid.layerOf, (l) => layers[l]!);
    this.#solver = new StackSolver(this.#grid, this.#thermal);
    this.#stepFactor = stepFactor;
  }

  /** Temperatures of all cells now, bottom first. */
  get celsius(): readonly number[] {
    return Array.from(this.#celsius);
  }

  /** Heat held now, J/m2. */
  get heldJ(): number {
    return this.#celsius.reduce((sum, celsius, i) => sum + heatAt(this.#thermal[i]!, celsius) * this.#grid.dx[i]!, 0);
  }

  /** The temperatures of a layer now. */
  layer(l: number): LayerNow {
    const [from, count] = [this.#grid.first[l]!, this.#grid.count[l]!];
    let [warmestC, sum] = [-Infinity, 0];
    for (let i = from; i < from + count; i++) {
      warmestC = Math.max(warmestC, this.#celsius[i]!);
      sum += this.#celsius[i]!;
    }
    const half = from + (count - 1) / 2;
    const middleC = (this.#celsius[Math.floor(half)]! + this.#celsius[Math.ceil(half)]!) / 2;
    return {
      warmestC,
      meanC: sum / count,
      middleC,
      lowerC: this.#celsius[from]!,
      upperC: this.#celsius[from + count - 1]!,
    };
  }

  get layerCount(): number {
    return this.#layers.length;
  }

  /**
   * Lets time pass in one place.
   *
   * @param sinceSeconds since the faces changed last: short steps then, longer ones later
   * @param seconds how long
   */
  advance(faces: Pick<Stay, 'top' | 'bottom'>, sinceSeconds: number, seconds: number): void {
    let at = sinceSeconds;
    const until = sinceSeconds + seconds;
    while (at < until - 1e-9) {
      const dt = Math.min(stepSeconds(at) * this.#stepFactor, until - at);
      const damped = at < DAMPED_SECONDS * this.#stepFactor || this.#bentFor > 0;
      this.outflowJ += this.#solver.step(this.#celsius, dt, damped ? 1 : 0.5, faces);
      this.#bentFor = this.#solver.bent ? DAMPED_STEPS : this.#bentFor - 1;
      at += dt;
    }
  }
}

/**
 * Heat through a stack of layers, upwards and downwards, over some stays one after the other, noted down as it goes.
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

/** A curve to which nothing is noted yet. */
export const emptyCurve = (): NotedCurve => ({ warmestC: [], meanC: [], middleC: [], lowerC: [], upperC: [] });

const NOT_LAID: LayerNow = { warmestC: NaN, meanC: NaN, middleC: NaN, lowerC: NaN, upperC: NaN };

/** Notes where each layer is now, at the end of its curve; one that is not laid yet is at NaN. */
export function noteLayers(stack: HeatStack, curves: readonly NotedCurve[]): void {
  curves.forEach((curve, l) => noteAt(curve, l < stack.layerCount ? stack.layer(l) : NOT_LAID));
}

/** Notes one moment of a layer; nothing where it is not laid yet. */
export function noteAt(curve: NotedCurve, now: LayerNow = NOT_LAID): void {
  for (const part of CURVE_PARTS) curve[part].push(now[part]);
}

/** One moment of a curve. */
export function momentOf(curve: LayerCurve, at: number): LayerNow {
  const { warmestC, meanC, middleC, lowerC, upperC } = curve;
  return {
    warmestC: warmestC[at]!,
    meanC: meanC[at]!,
    middleC: middleC[at]!,
    lowerC: lowerC[at]!,
    upperC: upperC[at]!,
  };
}

import type { Latent, Thermal } from './properties';

/** A layer of the stack as heat sees it. */
export interface HeatLayer extends Thermal {
  readonly thicknessMm: number;
  readonly startC: number;
}

/** What a face of the stack meets: air, or a slab of stone, at a temperature. A very large `h` holds the face there. */
export interface Face {
  /** W/m2 K. */
  readonly h: number;
  readonly airC: number;
}

/** A stay in one place. */
export interface Stay {
  readonly minutes: number;
  readonly top: Face;
  readonly bottom: Face;
}

/** Temperatures of one layer over time, deg C. */
export interface LayerCurve {
  readonly warmestC: readonly number[];
  readonly meanC: readonly number[];
  readonly middleC: readonly number[];
}

export interface HeatRun {
  readonly minutes: readonly number[];
  readonly layers: readonly LayerCurve[];
  /** Temperatures of all cells at the end, bottom first, for going on from there. */
  readonly endC: readonly number[];
  /** Heat that left through both faces, and heat that the stack has less than at the start, J/m2: equal but for rounding. */
  readonly outflowJ: number;
  readonly enthalpyDropJ: number;
}

interface Grid {
  readonly dx: Float64Array;
  /** Conductance between a cell and the next, W/m2 K. */
  readonly between: Float64Array;
  readonly layerOf: Int32Array;
  readonly first: readonly number[];
  readonly count: readonly number[];
}

export const CELL_MM = 0.5;
const LEAST_CELLS = 4;
const MOST_CELLS = 400;
const NEWTON_ROUNDS = 60;
const NEWTON_C = 1e-8;
const KINK_C = 1e-6;

const cellsOf = ({ thicknessMm }: Pick<HeatLayer, 'thicknessMm'>, cellMm: number) =>
  Math.min(MOST_CELLS, Math.max(LEAST_CELLS, Math.round(thicknessMm / cellMm)));

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
  layers: readonly Pick<HeatLayer, 'thicknessMm' | 'latent'>[],
  minutes: number,
  everyMinutes: number,
  cellMm = CELL_MM,
): number {
  const cells = layers.reduce((sum, layer) => sum + cellsOf(layer, cellMm), 0);
  const rounds = layers.some(({ latent }) => latent) ? LATENT_ROUNDS : 1;
  const short = STEP_SECONDS.reduce(
    (sum, [until, step], i) => sum + (until - (STEP_SECONDS[i - 1]?.[0] ?? 0)) / step,
    0,
  );
  return ((short + minutes + minutes / everyMinutes) * cells * rounds) / MOST_CELL_STEPS;
}

function gridOf(layers: readonly HeatLayer[], cellMm: number): Grid {
  const count = layers.map((layer) => cellsOf(layer, cellMm));
  const cells = count.reduce((sum, value) => sum + value, 0);
  const dx = new Float64Array(cells);
  const layerOf = new Int32Array(cells);
  const first: number[] = [];
  let at = 0;
  layers.forEach(({ thicknessMm }, l) => {
    first.push(at);
    for (let i = 0; i < count[l]!; i++, at++) {
      dx[at] = thicknessMm / 1000 / count[l]!;
      layerOf[at] = l;
    }
  });
  const between = new Float64Array(Math.max(0, cells - 1));
  for (let i = 0; i + 1 < cells; i++) {
    between[i] = 1 / (dx[i]! / 2 / layers[layerOf[i]!]!.k + dx[i + 1]! / 2 / layers[layerOf[i + 1]!]!.k);
  }
  return { dx, between, layerOf, first, count };
}

/** Heat held at a temperature, J/m3, and its slope. Latent heat lies evenly over its range. */
function heatAt({ rho, cp, latent }: Thermal, celsius: number): number {
  if (!latent) return rho * cp * celsius;
  const melted = Math.min(1, Math.max(0, (celsius - latent.fromC) / (latent.toC - latent.fromC)));
  return rho * (cp * celsius + latent.jPerKg * melted);
}

function capacityAt({ rho, cp, latent }: Thermal, celsius: number): number {
  const inside = latent && celsius > latent.fromC && celsius < latent.toC;
  return rho * (cp + (inside ? latent.jPerKg / (latent.toC - latent.fromC) : 0));
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
/** So long after a change of faces steps are fully implicit, which damps the ringing of the middle rule (Rannacher 1984). */
const DAMPED_SECONDS = 4;

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

  /** The warmest, mean and middle temperature of a layer now. */
  layer(l: number): { readonly warmestC: number; readonly meanC: number; readonly middleC: number } {
    const [from, count] = [this.#grid.first[l]!, this.#grid.count[l]!];
    let [warmestC, sum] = [-Infinity, 0];
    for (let i = from; i < from + count; i++) {
      warmestC = Math.max(warmestC, this.#celsius[i]!);
      sum += this.#celsius[i]!;
    }
    const half = from + (count - 1) / 2;
    const middleC = (this.#celsius[Math.floor(half)]! + this.#celsius[Math.ceil(half)]!) / 2;
    return { warmestC, meanC: sum / count, middleC };
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
      this.outflowJ += this.#solver.step(this.#celsius, dt, at < DAMPED_SECONDS * this.#stepFactor ? 1 : 0.5, faces);
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
  const curves = layers.map(() => ({ warmestC: [] as number[], meanC: [] as number[], middleC: [] as number[] }));
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

/** Notes where each layer is now, at the end of its curve. */
export function noteLayers(
  stack: HeatStack,
  curves: readonly { readonly warmestC: number[]; readonly meanC: number[]; readonly middleC: number[] }[],
): void {
  curves.forEach((curve, l) => {
    const now = l < stack.layerCount ? stack.layer(l) : { warmestC: NaN, meanC: NaN, middleC: NaN };
    curve.warmestC.push(now.warmestC);
    curve.meanC.push(now.meanC);
    curve.middleC.push(now.middleC);
  });
}

/** A step that would pass an end of the latent range stops just beyond it, so that Newton's method does not swing about it. */
function toKink(latent: Latent | null, from: number, to: number): number {
  if (!latent) return to;
  for (const kink of [latent.fromC, latent.toC]) {
    if (from < kink && to > kink + KINK_C) return kink + KINK_C;
    if (from > kink && to < kink - KINK_C) return kink - KINK_C;
  }
  return to;
}

/** Whether heat held is not one straight line between two temperatures. */
function isBent(latent: Latent | null, from: number, to: number): boolean {
  if (!latent) return false;
  const side = (celsius: number) => (celsius <= latent.fromC ? -1 : celsius >= latent.toC ? 1 : 0);
  return side(from) !== side(to);
}

/** One implicit step of the stack, with its working arrays kept between steps. */
class StackSolver {
  readonly #grid: Grid;
  readonly #thermal: readonly Thermal[];
  readonly #old: Float64Array;
  readonly #flow: Float64Array;
  readonly #lower: Float64Array;
  readonly #diagonal: Float64Array;
  readonly #rest: Float64Array;

  constructor(grid: Grid, thermal: readonly Thermal[]) {
    const n = grid.dx.length;
    this.#grid = grid;
    this.#thermal = thermal;
    this.#old = new Float64Array(n);
    this.#flow = new Float64Array(n);
    this.#lower = new Float64Array(n);
    this.#diagonal = new Float64Array(n);
    this.#rest = new Float64Array(n);
  }

  /** Moves T by dt and returns the heat that left through both faces, J/m2. `weight` 1 is fully implicit, 1/2 the middle rule. */
  step(T: Float64Array, dt: number, weight: number, { top, bottom }: Pick<Stay, 'top' | 'bottom'>): number {
    const { dx, between } = this.#grid;
    const [thermal, old, flow, lower, diagonal, rest] = [
      this.#thermal,
      this.#old,
      this.#flow,
      this.#lower,
      this.#diagonal,
      this.#rest,
    ];
    const n = dx.length;
    const gBottom = 1 / (1 / bottom.h + dx[0]! / 2 / thermal[0]!.k);
    const gTop = 1 / (1 / top.h + dx[n - 1]! / 2 / thermal[n - 1]!.k);
    const inflow = (i: number) => {
      const down = i === 0 ? gBottom * (bottom.airC - T[0]!) : between[i - 1]! * (T[i - 1]! - T[i]!);
      const up = i === n - 1 ? gTop * (top.airC - T[n - 1]!) : between[i]! * (T[i + 1]! - T[i]!);
      return down + up;
    };
    for (let i = 0; i < n; i++) {
      old[i] = heatAt(thermal[i]!, T[i]!) * dx[i]!;
      flow[i] = inflow(i);
    }
    const before = gBottom * (T[0]! - bottom.airC) + gTop * (T[n - 1]! - top.airC);
    for (let round = 0; round < NEWTON_ROUNDS; round++) {
      let most = 0;
      let bent = false;
      for (let i = 0; i < n; i++) {
        const g = (i === 0 ? gBottom : between[i - 1]!) + (i === n - 1 ? gTop : between[i]!);
        rest[i] = heatAt(thermal[i]!, T[i]!) * dx[i]! - old[i]! - dt * (weight * inflow(i) + (1 - weight) * flow[i]!);
        diagonal[i] = capacityAt(thermal[i]!, T[i]!) * dx[i]! + dt * weight * g;
      }
      // Thomas's method on the tridiagonal system; the off-diagonals are -dt * weight * between.
      for (let i = 1; i < n; i++) {
        const off = -dt * weight * between[i - 1]!;
        lower[i] = off / diagonal[i - 1]!;
        diagonal[i]! -= lower[i]! * off;
        rest[i]! -= lower[i]! * rest[i - 1]!;
      }
      let above = 0;
      for (let i = n - 1; i >= 0; i--) {
        const off = i === n - 1 ? 0 : -dt * weight * between[i]!;
        const change = (rest[i]! - off * above) / diagonal[i]!;
        const next = toKink(thermal[i]!.latent, T[i]!, T[i]! - change);
        most = Math.max(most, Math.abs(T[i]! - next));
        bent ||= isBent(thermal[i]!.latent, T[i]!, next);
        T[i] = next;
        above = change;
      }
      // Where no cell comes into its latent range or out of it, all is linear and the first answer is exact.
      if (!bent || most < NEWTON_C) break;
    }
    const after = gBottom * (T[0]! - bottom.airC) + gTop * (T[n - 1]! - top.airC);
    return dt * (weight * after + (1 - weight) * before);
  }
}

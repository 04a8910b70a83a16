/** A stack of layers whose temperatures are advanced step by step. */
import { CELL_MM, gridOf, heatAt, type Grid, type HeatLayer } from './grid';
import type { Thermal } from './properties';
import { StackSolver, type Faces } from './solver';

/** Temperatures of one layer at one moment, °C: `lowerC` and `upperC` just inside its faces. */
export interface LayerNow {
  readonly warmestC: number;
  readonly meanC: number;
  readonly middleC: number;
  readonly lowerC: number;
  readonly upperC: number;
}

/** Step lengths within a stay, s: time since the boundary changed, then the step length; later one minute. */
export const STEP_SECONDS = [
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
  /** Number of further damped steps. */
  #bentFor = 0;
  /** Heat lost through both faces, J/m². */
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

  /** Current temperatures of all cells, bottom first. */
  get celsius(): readonly number[] {
    return Array.from(this.#celsius);
  }

  /** Current heat content, J/m². */
  get heldJ(): number {
    return this.#celsius.reduce((sum, celsius, i) => sum + heatAt(this.#thermal[i]!, celsius) * this.#grid.dx[i]!, 0);
  }

  /** Current temperatures of a layer. */
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
  advance(faces: Faces, sinceSeconds: number, seconds: number): void {
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

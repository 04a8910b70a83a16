/** One time step of the heat in a stack: an implicit scheme, solved by Newton's method. */
import { capacityAt, heatAt, type Grid } from './grid';
import type { Latent, Thermal } from './properties';

/** Boundary at a face of the stack: air, or a stone slab, at a temperature. A very large `h` fixes the temperature of the face. */
export interface Face {
  /** W/m2 K. */
  readonly h: number;
  readonly airC: number;
}

/** Boundaries at both faces of a stack. */
export interface Faces {
  readonly top: Face;
  readonly bottom: Face;
}

const NEWTON_ROUNDS = 60;
const NEWTON_C = 1e-8;
const KINK_C = 1e-6;

/** A step that would pass an end of a latent range stops just beyond the first end, so that Newton's method does not oscillate. */
function toKink(latents: readonly Latent[], from: number, to: number): number {
  let next = to;
  for (const { fromC, toC } of latents) {
    if (from < fromC && next > fromC + KINK_C) next = fromC + KINK_C;
    if (from < toC && next > toC + KINK_C) next = toC + KINK_C;
    if (from > fromC && next < fromC - KINK_C) next = fromC - KINK_C;
    if (from > toC && next < toC - KINK_C) next = toC - KINK_C;
  }
  return next;
}

/** Tells whether the heat content is not linear between two temperatures. */
function isBent(latents: readonly Latent[], from: number, to: number): boolean {
  for (const { fromC, toC } of latents) if (from <= fromC !== to <= fromC || from >= toC !== to >= toC) return true;
  return false;
}

/** Implicit time stepping of the stack, with its working arrays kept between steps. */
export class StackSolver {
  readonly #grid: Grid;
  readonly #thermal: readonly Thermal[];
  readonly #old: Float64Array;
  readonly #flow: Float64Array;
  readonly #lower: Float64Array;
  readonly #diagonal: Float64Array;
  readonly #rest: Float64Array;
  /** Whether a cell entered or left a latent range in the last step. */
  bent = false;

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

  /** Advances T by dt and returns the heat lost through both faces, J/m². `weight` 1 is fully implicit, 1/2 is Crank-Nicolson. */
  step(T: Float64Array, dt: number, weight: number, { top, bottom }: Faces): number {
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
    this.bent = false;
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
        const next = toKink(thermal[i]!.latents, T[i]!, T[i]! - change);
        most = Math.max(most, Math.abs(T[i]! - next));
        bent ||= isBent(thermal[i]!.latents, T[i]!, next);
        T[i] = next;
        above = change;
      }
      this.bent ||= bent;
      // If no cell enters or leaves its latent range, the problem is linear and the first answer is exact.
      if (!bent || most < NEWTON_C) break;
    }
    const after = gBottom * (T[0]! - bottom.airC) + gTop * (T[n - 1]! - top.airC);
    return dt * (weight * after + (1 - weight) * before);
  }
}

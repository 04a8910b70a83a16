/** A stack of layers as cells: cell size, conductance between cells, and heat content. */
import type { Thermal } from './properties';

/** A layer of the stack with its thermal properties. */
export interface HeatLayer extends Thermal {
  readonly thicknessMm: number;
  readonly startC: number;
}

export interface Grid {
  readonly dx: Float64Array;
  /** Conductance between a cell and the next, W/m² K. */
  readonly between: Float64Array;
  readonly layerOf: Int32Array;
  readonly first: readonly number[];
  readonly count: readonly number[];
}

export const CELL_MM = 0.5;
const MIN_CELLS = 4;
const MAX_CELLS = 400;
/** Number of cells of a layer. */
export const cellsOf = ({ thicknessMm }: Pick<HeatLayer, 'thicknessMm'>, cellMm: number) =>
  Math.min(MAX_CELLS, Math.max(MIN_CELLS, Math.round(thicknessMm / cellMm)));

export function gridOf(layers: readonly HeatLayer[], cellMm: number): Grid {
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

/** Returns the heat content at a temperature, J/m³. Each latent heat is spread evenly over its range. */
export function heatAt({ rho, cp, latents }: Thermal, celsius: number): number {
  let heat = cp * celsius;
  for (const { jPerKg, fromC, toC } of latents)
    heat += jPerKg * Math.min(1, Math.max(0, (celsius - fromC) / (toC - fromC)));
  return rho * heat;
}

/** Returns the slope of `heatAt`, J/m³ K. */
export function capacityAt({ rho, cp, latents }: Thermal, celsius: number): number {
  let slope = cp;
  for (const { jPerKg, fromC, toC } of latents) if (celsius > fromC && celsius < toC) slope += jPerKg / (toC - fromC);
  return rho * slope;
}

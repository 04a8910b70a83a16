import { MODEL_TEXTS, type ModelText } from '$wording/models';
import bench from '../../../docs/bench.md?raw';

const benchLines = bench.split('\n');

/** A model with what was last measured of it; null where it is exact, or not measured. */
export interface Model extends ModelText {
  readonly measured: string | null;
}

/** The line of docs/bench.md that begins in some way, without its dash. */
function printedOf(begins: string): string {
  const line = benchLines.find((printed) => printed.startsWith(`- ${begins}`));
  if (line === undefined) throw new Error(`docs/bench.md has no figure that begins with "${begins}"`);
  return line.slice(2);
}

/** Lists all models by the part of the application that shows their figures, with what was last measured. */
export const models = (): readonly { readonly at: string; readonly models: readonly Model[] }[] =>
  Object.entries(MODEL_TEXTS).map(([at, list]) => ({
    at,
    models: list.map((model) => ({ ...model, measured: model.bench === undefined ? null : printedOf(model.bench) })),
  }));

import { MODEL_TEXTS, type ModelText } from '$wording/models';
import bench from '../../../docs/bench.md?raw';

const benchLines = bench.split('\n');

/** A model with its measured accuracy; `null` if it is exact or not measured. */
export interface Model extends ModelText {
  readonly measured: string | null;
}

/** Returns the line of docs/bench.md with a prefix, without its dash. */
function printedOf(begins: string): string {
  const line = benchLines.find((printed) => printed.startsWith(`- ${begins}`));
  if (line === undefined) throw new Error(`docs/bench.md has no figure that begins with "${begins}"`);
  return line.slice(2);
}

/** Returns all models by station, with their measured accuracy. */
export const models = (): readonly { readonly at: string; readonly models: readonly Model[] }[] =>
  Object.entries(MODEL_TEXTS).map(([at, list]) => ({
    at,
    models: list.map((model) => ({ ...model, measured: model.bench === undefined ? null : printedOf(model.bench) })),
  }));

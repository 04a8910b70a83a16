import type { Layer, Preparation, Slab, Step } from './types';

/** Ovens as far apart as this are one temperature, deg C. */
export const SAME_OVEN_C = 3;

/** The step that bakes a preparation, or null. */
export function bakeOf({ steps = [] }: Pick<Preparation, 'steps'>): Step | null {
  return steps.find(({ ovenC }) => ovenC !== undefined) ?? null;
}

/** Layers from the bottom that are laid raw one on the other and go into the oven once. */
export interface BakedTogether {
  readonly layers: readonly Layer[];
  /** The step of each preparation that is part of the one bake. */
  readonly steps: ReadonlyMap<string, Step>;
}

/**
 * The layers that bake as one: two or more level ones from the bottom, all of whose preparations bake, at one temperature. A base
 * that bakes alone is no such group: its preparation's own steps press and bake it.
 */
export function bakedTogether({ layers, preparations }: Pick<Slab, 'layers' | 'preparations'>): BakedTogether | null {
  const steps = new Map<string, Step>();
  const group: Layer[] = [];
  for (const layer of layers) {
    const bakes = layer.from.map(({ preparation }) => {
      const found = preparations.find(({ id }) => id === preparation);
      return found ? ([preparation, bakeOf(found)] as const) : ([preparation, null] as const);
    });
    const ovenC = [...steps.values()][0]?.ovenC ?? bakes[0]?.[1]?.ovenC;
    const asOne = bakes.every(
      ([, step]) => step && ovenC !== undefined && Math.abs(step.ovenC! - ovenC) <= SAME_OVEN_C,
    );
    if (layer.spread !== 'level' || bakes.length === 0 || !asOne) break;
    for (const [id, step] of bakes) steps.set(id, step!);
    group.push(layer);
  }
  return group.length > 1 ? { layers: group, steps } : null;
}

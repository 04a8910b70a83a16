import type { Layer, Preparation, Slab, Step } from './types';

/** Maximum difference between ovens at the same temperature, °C. */
export const SAME_OVEN_C = 3;

/** Returns the step that bakes a preparation, or `null`. */
export function bakeOf({ steps = [] }: Pick<Preparation, 'steps'>): Step | null {
  return steps.find(({ ovenC }) => ovenC !== undefined) ?? null;
}

/** Layers from the bottom that are laid raw and bake together. */
export interface BakedTogether {
  readonly layers: readonly Layer[];
  /** The baking step of each of their preparations. */
  readonly steps: ReadonlyMap<string, Step>;
}

/**
 * Returns the layers that bake together: two or more level ones from the bottom whose preparations all bake at one temperature. A
 * base that bakes alone is not such a group.
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

import type { MethodRead } from './read';

/** What a recipe does not say and the slab assumes, with a JSON pointer to it. */
export interface AssumedOfRecipe {
  readonly path: '/tin' | '/tin/depthMm' | '/cut' | '/cut/trimMm' | '/keep';
  readonly code: 'tin-not-stated' | 'depth-not-stated' | 'cut-not-stated' | 'no-trim' | 'keep-not-stated';
}

/** Lists what is assumed because the recipe does not say it. */
export function assumedOf({ tin, isDepthStated, cut, keep }: MethodRead): AssumedOfRecipe[] {
  return [
    ...(tin === null
      ? [{ path: '/tin', code: 'tin-not-stated' } as const]
      : isDepthStated
        ? []
        : [{ path: '/tin/depthMm', code: 'depth-not-stated' } as const]),
    ...(cut === null ? [{ path: '/cut', code: 'cut-not-stated' } as const] : []),
    { path: '/cut/trimMm', code: 'no-trim' },
    ...(keep === null ? [{ path: '/keep', code: 'keep-not-stated' } as const] : []),
  ];
}

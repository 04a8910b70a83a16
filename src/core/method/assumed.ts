import type { Slab } from '../slab';
import type { MethodRead } from './read';
import { isCutStated } from './toSlab';

/** What a recipe does not say and the slab assumes, or leaves open, with a JSON pointer to it. */
export interface AssumedOfRecipe {
  readonly path:
    | '/name'
    | '/tin'
    | '/tin/depthMm'
    | '/layers'
    | '/cut'
    | '/cut/break'
    | '/cut/trimMm'
    | '/keep'
    | `/preparations/${number}/lines/${number}/quantity`;
  readonly code:
    | 'name-not-stated'
    | 'amount-not-stated'
    | 'tin-not-stated'
    | 'depth-not-stated'
    | 'spread-freely'
    | 'thickness-not-stated'
    | 'cut-not-stated'
    | 'shards-not-stated'
    | 'no-trim'
    | 'keep-not-stated';
}

/** Lists what is assumed or left open because the recipe does not say it. */
export function assumedOf(
  { isNamed, tin, sheet, isDepthStated, cut, keep }: MethodRead,
  { preparations }: Slab,
): AssumedOfRecipe[] {
  const isCut = cut !== null && isCutStated(cut);
  return [
    ...(isNamed ? [] : [{ path: '/name', code: 'name-not-stated' } as const]),
    ...preparations.flatMap(({ lines }, p) =>
      lines.flatMap(({ amountAssumed }, l) =>
        amountAssumed ? [{ path: `/preparations/${p}/lines/${l}/quantity`, code: 'amount-not-stated' } as const] : [],
      ),
    ),
    ...(sheet ? [{ path: '/tin', code: 'spread-freely' } as const] : []),
    ...(sheet?.thicknessMm === null ? [{ path: '/layers', code: 'thickness-not-stated' } as const] : []),
    ...(tin === null
      ? sheet
        ? []
        : [{ path: '/tin', code: 'tin-not-stated' } as const]
      : isDepthStated
        ? []
        : [{ path: '/tin/depthMm', code: 'depth-not-stated' } as const]),
    ...(!isCut
      ? [{ path: '/cut', code: 'cut-not-stated' } as const]
      : cut.way === 'break'
        ? [{ path: '/cut/break', code: 'shards-not-stated' } as const]
        : [{ path: '/cut/trimMm', code: 'no-trim' } as const]),
    ...(keep === null ? [{ path: '/keep', code: 'keep-not-stated' } as const] : []),
  ];
}

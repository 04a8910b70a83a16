import { inCurrency } from '../cost';
import { cutBySize, pieceFaces } from '../cut';
import { larderOf, type Larder } from '../larder';
import type { Measures } from '../measure';
import { mixtureOf, rewrittenForTin, scaled, stockLimitOf, type Mixture, type Scaled, type StockLimit } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, scaleOf, tinsOf, type CutSpec, type ExpandedSlab, type Scale, type Slab } from '../slab';
import type { Tin, TinCount } from '../tin';
import type { PlanOptions } from './planned';

/** Cut of a slab without a cutting plan: one piece. */
export const UNCUT: CutSpec = { columns: 1, rows: 1 };

/** A slab in its tins: the basis of plans, heights and heat simulations. */
export interface ScaledSlab {
  /** As written, in the order of the slab's preparations. */
  readonly mixtures: readonly Mixture[];
  readonly slabLarder: Larder | undefined;
  readonly measures: Measures;
  readonly scale: Scale;
  readonly tins: readonly TinCount[];
  readonly stockLimit: StockLimit | null;
  readonly cutIn: (tin: Tin, heightMm: number) => CutSpec;
  readonly scaling: Scaled;
}

/** Returns the cut in a tin: as set, or into pieces of an order's size. */
function cutFor(cut: CutSpec, scale: Scale): (tin: Tin, heightMm: number) => CutSpec {
  if (scale.mode !== 'pieces') return () => cut;
  return (tin, heightMm) => cutBySize(tin, heightMm, scale, cut.kerfMm, cut.trimMm) ?? cut;
}

/**
 * Weighs the mixtures of a slab once, and returns a function that scales them.
 *
 * @param slab with the parts of its lines where they go
 */
export function scalerOf(slab: ExpandedSlab, larder: Larder, shop: Shop): (options: PlanOptions) => ScaledSlab {
  const measures = slab.measures ?? shop.measures;
  const slabLarder = slab.larder ? larderOf(inCurrency(slab.larder, shop.currency)) : undefined;
  const mixtures = slab.preparations.map((preparation) => mixtureOf(preparation, larder, slabLarder, measures));
  const byId = new Map(mixtures.map((mixture) => [mixture.id, mixture]));
  return ({ tins = tinsOf(slab), scale = scaleOf(slab), cut = slab.cut ?? UNCUT }) => {
    const cutIn = cutFor(cut, scale);
    const facesOf = (tin: Tin, heightMm: number) => pieceFaces(tin, heightMm, cutIn(tin, heightMm));
    const stockLimit =
      scale.mode === 'as-far-as' ? stockLimitOf(scale.have, slab, mixtures, larder, slabLarder, measures) : null;
    const resolvedScale =
      scale.mode === 'as-far-as' ? ({ mode: 'scaleFactor', by: stockLimit?.scaleFactor ?? 1 } as const) : scale;
    const scaling = scaled(slab, byId, tins, resolvedScale, facesOf);
    return { mixtures, slabLarder, measures, scale, tins, stockLimit, cutIn, scaling };
  };
}

/** Weighs the mixtures of a slab and scales it to its tins. */
export function scaleSlab(slab: ExpandedSlab, larder: Larder, shop: Shop, options: PlanOptions): ScaledSlab {
  return scalerOf(slab, larder, shop)(options);
}

/**
 * Returns the slab with its current amounts and its one tin as the base recipe.
 *
 * @param slab one that is made in a single tin
 */
export function writtenForItsTin(slab: Slab, larder: Larder, shop: Shop): Slab {
  return rewrittenForTin(slab, scaleSlab(expandDividedLines(slab), larder, shop, {}).scaling);
}

import { inCurrency } from '../cost';
import { cutBySize, pieceFaces } from '../cut';
import { larderOf, type Larder } from '../larder';
import type { Measures } from '../measure';
import { mixtureOf, rewrittenForTin, scaled, stockLimitOf, type Mixture, type Scaled, type StockLimit } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, scaleOf, tinsOf, type CutSpec, type ExpandedSlab, type Scale, type Slab } from '../slab';
import type { Tin, TinCount } from '../tin';
import type { PlanOptions } from './planned';

/** A slab that nobody has cut. */
export const UNCUT: CutSpec = { columns: 1, rows: 1 };

/** A slab put in its tins: what a plan, its heights and the heat through it are worked out from. */
export interface ScaledSlab {
  /** In the order of the slab's preparations, as written. */
  readonly mixtures: readonly Mixture[];
  readonly slabLarder: Larder | undefined;
  readonly measures: Measures;
  readonly scale: Scale;
  readonly tins: readonly TinCount[];
  readonly stockLimit: StockLimit | null;
  readonly cutIn: (tin: Tin, heightMm: number) => CutSpec;
  readonly scaling: Scaled;
}

/** How the slab is cut in a tin: as asked, or for an order into pieces of its size. */
function cutFor(cut: CutSpec, scale: Scale): (tin: Tin, heightMm: number) => CutSpec {
  if (scale.mode !== 'pieces') return () => cut;
  return (tin, heightMm) => cutBySize(tin, heightMm, scale, cut.kerfMm, cut.trimMm) ?? cut;
}

/**
 * Weighs the mixtures of a slab once; what comes back puts them in tins, in whatever way it is asked.
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

/** Weighs the mixtures of a slab and puts it in its tins. */
export function scaleSlab(slab: ExpandedSlab, larder: Larder, shop: Shop, options: PlanOptions): ScaledSlab {
  return scalerOf(slab, larder, shop)(options);
}

/**
 * The slab written anew for the one tin that it is made in: its amounts as they are now, nothing left to scale.
 *
 * @param slab one that is made in a single tin
 */
export function writtenForItsTin(slab: Slab, larder: Larder, shop: Shop): Slab {
  return rewrittenForTin(slab, scaleSlab(expandDividedLines(slab), larder, shop, {}).scaling);
}

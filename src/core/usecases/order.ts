import { orderAnswers, type SolveProgram } from '../cut';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { expandDividedLines, scaleOf, type Slab } from '../slab';
import type { RackTin } from '../tin';
import { writtenHeightMm } from './heights';
import type { PlanOptions } from './planned';
import { scaleSlab } from './scaling';

/** Heights that differ by less are the same, mm. */
const NEAR_MM = 1e-6;

/**
 * Whether a plan asks for tins that have yet to be chosen for an order of pieces. Choosing them takes an integer program, so it comes
 * before `plan`, which stays a plain function: in the screen's worker, or in a thread of the server.
 */
export function asksForTins(slab: Slab, options: PlanOptions): boolean {
  return (options.scale ?? scaleOf(slab)).mode === 'pieces' && (options.scale !== undefined || slab.tins === undefined);
}

/**
 * What is asked of a plan, with the tins chosen for an order: the answer with the least waste. The tins that the request names
 * are the rack to choose from, else the shop's. Anything that is no order is left as it is.
 */
export async function withTinsForOrder(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions,
  solve: () => Promise<SolveProgram>,
): Promise<PlanOptions> {
  const scale = options.scale ?? scaleOf(slab);
  if (scale.mode !== 'pieces' || !asksForTins(slab, options)) return options;
  const rack: readonly RackTin[] = options.tins ? options.tins.map((tin) => ({ name: '', ...tin })) : (shop.rack ?? []);
  const heightMm = writtenHeightMm(slab, larder, shop);
  const kerfMm = (options.cut ?? slab.cut)?.kerfMm ?? 0;
  const [best] = await orderAnswers(rack, scale, heightMm, kerfMm, await solve());
  if (!best) return options;
  return {
    ...options,
    tins: best.tins.map(({ tin, count }) => ({ tin, count })),
    scale: best.heightMm < heightMm - NEAR_MM ? { ...scale, heightMm: best.heightMm } : scale,
  };
}

/** The slab as its order has it now, but cut by a grid of its own again: in the same tins, as high, with the same columns and rows. */
export function withoutOrder(slab: Slab, larder: Larder, shop: Shop): Slab {
  const scale = scaleOf(slab);
  if (scale.mode !== 'pieces') return slab;
  const { cutIn, scaling } = scaleSlab(expandDividedLines(slab), larder, shop, {});
  const first = scaling.slabs[0];
  const { scale: _scale, ...rest } = slab;
  return {
    ...rest,
    ...(scale.heightMm === undefined ? {} : { scale: { mode: 'total-height', mm: scale.heightMm } }),
    ...(first ? { cut: cutIn(first.tin, first.heightMm) } : {}),
  };
}

import { orderAnswers, type SolveProgram } from '../cut';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { laidOut, type Slab } from '../slab';
import type { RackTin } from '../tin';
import { scaledFor, scaleOf, type Asked } from './plan';

/** Heights that differ by less are the same, mm. */
const NEAR_MM = 1e-6;

/** How high a slab stands where its layers keep their written thickness, mm. */
export function writtenHeightMm(slab: Slab, larder: Larder, shop: Shop): number {
  const { tins: _tins, scale: _scale, ...bare } = slab;
  const { into } = scaledFor(laidOut(bare), larder, shop, { scale: { mode: 'same-thickness' } });
  return into.slabs[0]!.heightMm;
}

/** Whether a plan asks for tins that have yet to be chosen for an order of pieces. */
export function asksForTins(slab: Slab, asked: Asked): boolean {
  return (asked.scale ?? scaleOf(slab)).mode === 'pieces' && (asked.scale !== undefined || slab.tins === undefined);
}

/**
 * What is asked of a plan, with the tins chosen for an order: the answer with the least waste. The tins that the request names
 * are the rack to choose from, else the shop's. Anything that is no order is left as it is.
 */
export async function withTinsForOrder(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  asked: Asked,
  solve: () => Promise<SolveProgram>,
): Promise<Asked> {
  const scale = asked.scale ?? scaleOf(slab);
  if (scale.mode !== 'pieces' || !asksForTins(slab, asked)) return asked;
  const rack: readonly RackTin[] = asked.tins ? asked.tins.map((one) => ({ name: '', ...one })) : (shop.rack ?? []);
  const heightMm = writtenHeightMm(slab, larder, shop);
  const kerfMm = (asked.cut ?? slab.cut)?.kerfMm ?? 0;
  const [best] = await orderAnswers(rack, scale, heightMm, kerfMm, await solve());
  if (!best) return asked;
  return {
    ...asked,
    tins: best.tins.map(({ tin, count }) => ({ tin, count })),
    scale: best.heightMm < heightMm - NEAR_MM ? { ...scale, heightMm: best.heightMm } : scale,
  };
}

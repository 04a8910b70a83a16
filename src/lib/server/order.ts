import loader from 'highs';
import { orderAnswers, type SolveProgram } from '../../core/cut';
import { larderOf } from '../../core/larder';
import { plan, scaleOf, type Asked } from '../../core/usecases/plan';
import type { Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';
import type { RackTin } from '../../core/tin';
import { solverOf } from '../solver';

let ready: Promise<SolveProgram> | null = null;

/**
 * What is asked of a plan, with the tins chosen for an order: the answer with the least waste. The tins that the request names
 * are the rack to choose from, else the shop's. Anything that is no order is left as it is.
 */
export async function withTinsForOrder(
  slab: Slab,
  larder: ReturnType<typeof larderOf>,
  shop: Shop,
  asked: Asked,
): Promise<Asked> {
  const scale = asked.scale ?? scaleOf(slab);
  if (scale.mode !== 'pieces' || (asked.scale === undefined && slab.tins !== undefined)) return asked;
  const rack: readonly RackTin[] = asked.tins ? asked.tins.map((one) => ({ name: '', ...one })) : (shop.rack ?? []);
  ready ??= loader().then(solverOf);
  const { tins: _tins, scale: _scale, ...bare } = slab;
  const heightMm = plan(bare, larder, shop, { scale: { mode: 'same-thickness' } }).slab.heightMm;
  const [best] = await orderAnswers(rack, scale, heightMm, (asked.cut ?? slab.cut)?.kerfMm ?? 0, await ready);
  if (!best) return asked;
  return {
    ...asked,
    tins: best.tins.map(({ tin, count }) => ({ tin, count })),
    scale: best.heightMm < heightMm - 1e-6 ? { ...scale, heightMm: best.heightMm } : scale,
  };
}

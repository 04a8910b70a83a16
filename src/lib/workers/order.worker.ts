/** Finds the tins for an order in a worker. The solver loads with the first order. */
import loader from 'highs';
import wasm from 'highs/runtime?url';
import { orderAnswers, type Order, type OrderAnswer } from '$core/fit';
import type { CutSpec } from '$core/slab';
import type { RackTin } from '$core/tin';
import { solverOf } from './solver';

export interface OrderQuestion {
  readonly rack: readonly RackTin[];
  readonly order: Order;
  readonly heightMm: number;
  readonly kerfMm: number;
  readonly trimMm: CutSpec['trimMm'];
}
export type OrderFindings = { readonly ok: true; readonly answers: readonly OrderAnswer[] } | { readonly ok: false };

const ready = loader({ locateFile: () => wasm }).then(solverOf);

addEventListener('message', (event: MessageEvent<OrderQuestion>) => {
  const { rack, order, heightMm, kerfMm, trimMm } = event.data;
  ready
    .then((solve) => orderAnswers(rack, order, heightMm, kerfMm, solve, trimMm))
    .then(
      (answers): OrderFindings => ({ ok: true, answers }),
      (): OrderFindings => ({ ok: false }),
    )
    .then((found) => postMessage(found));
});

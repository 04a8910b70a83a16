import type { StockLot, Wanted } from '$core/batches';
import type { NoBatch } from '$core/usecases';
import {
  fields,
  list,
  momentSchema,
  note,
  problem,
  readBy,
  REQUIRED,
  whole,
  type Held,
  type Problem,
  type Read,
} from '$core/validation';
import type { Db } from '../db/open';
import { slabById } from '../slabs';
import { namedTins } from './week';

const id = () => whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED);
const pieces = whole(1, 1_000_000).required(REQUIRED);
const moment = momentSchema.required(REQUIRED);

export const batchesRequestSchema = fields({
  orders: list(id(), 1000),
  demand: list(fields({ slab: id(), kind: note(200), pieces, due: moment }).required(REQUIRED), 500),
  stock: list(fields({ slab: id(), kind: note(200), pieces, keepsUntil: moment }).required(REQUIRED), 2000),
  tins: namedTins,
}).required(REQUIRED);

/** Body of `POST /api/batches`. */
export type BatchesRequest = Held<typeof batchesRequestSchema>;

/** Reads the body of `POST /api/batches`: orders, or pieces that are wanted. */
export function readBatchesRequest(found: unknown): Read<BatchesRequest> {
  const read = readBy(batchesRequestSchema, found);
  if (!read.ok) return read;
  const { orders, demand } = read.value;
  if ((orders === undefined) !== (demand === undefined)) return read;
  return { ok: false, problems: [problem('/demand', 'orders-or-demand')] };
}

type Demand = NonNullable<BatchesRequest['demand']>;

export const demandOf = (demand: Demand): Wanted[] =>
  demand.map(({ slab, kind, pieces, due }) => ({ slab, kind: kind ?? null, pieces, dueMs: Date.parse(due) }));

export const stockOf = (stock: NonNullable<BatchesRequest['stock']>): StockLot[] =>
  stock.map(({ slab, kind, pieces, keepsUntil }) => ({
    ...{ slab, kind: kind ?? null, pieces, keepsUntilMs: Date.parse(keepsUntil) },
  }));

/** Returns slabs of a demand that do not exist. */
export const unknownSlabs = (db: Db, demand: Demand): Problem[] =>
  demand.flatMap(({ slab }, i) => (slabById(db, slab) ? [] : [problem(`/demand/${i}/slab`, 'no-such-slab')]));

/** Returns why nothing can be made for some of what is wanted, beside it. */
export function missingProblems(missing: readonly NoBatch[], wanted: readonly Wanted[], isDemand: boolean): Problem[] {
  return missing.map((one) => {
    const i = wanted.findIndex(({ slab }) => slab === one.slab);
    const at = isDemand ? `/demand/${i}` : '/orders';
    switch (one.code) {
      case 'slab-deleted':
        return problem(`${at}${isDemand ? '/slab' : ''}`, 'no-such-slab');
      case 'cut-undecided':
        return problem(`${at}${isDemand ? '/slab' : ''}`, 'cut-undecided');
      case 'no-such-piece-type':
        return problem(`${at}${isDemand ? '/kind' : ''}`, 'no-such-piece-type', { kinds: one.kinds });
      case 'no-pieces':
        return problem('/tins', 'no-pieces-in-tins');
    }
  });
}

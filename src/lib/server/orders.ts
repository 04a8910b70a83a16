import {
  dueOrders,
  type DueOrder,
  type DueRange,
  type OccurrenceChange,
  type Order,
  type OrderStatus,
  type StoredOrder,
} from '$core/orders';
import { storedJson } from '$core/validation';
import type { Changed } from './changed';
import type { Db } from './db/open';
import { wholeShop } from './shop';
import type { SaleBooks } from './profit/saleBooks';
import { bookOrder, orderKey } from './stock/ofOrders';

interface Row {
  readonly id: number;
  readonly revision: number;
  readonly document: string;
}
const COLUMNS = 'SELECT id, revision, document FROM customer_order';
const orderIn = ({ id, revision, document }: Row): StoredOrder => ({
  status: 'open',
  ...storedJson<Order>(document),
  ...{ id, revision },
});

/** Moments are stored in UTC, so that they sort as texts. */
const inUtc = (moment: string) => new Date(moment).toISOString();
const stored = (order: Order): Order => ({ ...order, due: inUtc(order.due) });

/** Books what a single order hands over. Of a standing order each occurrence is booked. */
function bookSingle(db: Db, id: number, { status = 'open', lines, repeat }: Order, books: SaleBooks | null): void {
  if (repeat === undefined) bookOrder(db, orderKey(id), { status, lines }, new Date().toISOString(), books);
}

/** Adds an order. @param books its prices, if it is handed over already */
export function addOrder(
  db: Db,
  given: Order,
  books: SaleBooks | null = null,
): { readonly id: number; readonly revision: number } {
  const order = stored(given);
  const add = () => {
    const { lastInsertRowid } = db
      .prepare('INSERT INTO customer_order (name, due, status, repeats, document) VALUES (?, ?, ?, ?, ?)')
      .run(order.name, order.due, order.status ?? 'open', order.repeat ? 1 : 0, JSON.stringify(order));
    bookSingle(db, Number(lastInsertRowid), order, books);
    return { id: Number(lastInsertRowid), revision: 1 };
  };
  return db.inTransaction ? add() : db.transaction(add).immediate();
}

/** Returns an order by its number, or `null`. */
export function orderById(db: Db, id: number): StoredOrder | null {
  const row = db.prepare<[number], Row>(`${COLUMNS} WHERE id = ? AND deleted_at IS NULL`).get(id);
  return row ? orderIn(row) : null;
}

/** Replaces an order. @param books its prices, if they count from now on: when it is handed over, or its lines change after that */
export function changeOrder(
  db: Db,
  id: number,
  revision: number,
  given: Order,
  books: SaleBooks | null = null,
): Changed {
  const order = stored(given);
  return db
    .transaction((): Changed => {
      const done = db
        .prepare(
          `UPDATE customer_order SET revision = revision + 1, name = ?, due = ?, status = ?, repeats = ?, document = ?
           WHERE id = ? AND revision = ? AND deleted_at IS NULL`,
        )
        .run(order.name, order.due, order.status ?? 'open', order.repeat ? 1 : 0, JSON.stringify(order), id, revision);
      if (done.changes === 0) return orderById(db, id) ? 'changed' : 'gone';
      bookSingle(db, id, order, books);
      return { revision: revision + 1 };
    })
    .immediate();
}

/** Marks an order as deleted. */
export function removeOrder(db: Db, id: number, revision: number, now: string): Changed {
  const done = db
    .prepare('UPDATE customer_order SET deleted_at = ? WHERE id = ? AND revision = ? AND deleted_at IS NULL')
    .run(now, id, revision);
  return done.changes === 1 ? { revision } : orderById(db, id) ? 'changed' : 'gone';
}

/** Adds to what differs at one occurrence of a standing order. The order itself gets a new revision. @param books as for an order */
export function changeOccurrence(
  db: Db,
  id: number,
  revision: number,
  occurrence: string,
  change: OccurrenceChange,
  books: SaleBooks | null = null,
): Changed {
  return db
    .transaction((): Changed => {
      const done = db
        .prepare(
          'UPDATE customer_order SET revision = revision + 1 WHERE id = ? AND revision = ? AND deleted_at IS NULL',
        )
        .run(id, revision);
      if (done.changes === 0) return orderById(db, id) ? 'changed' : 'gone';
      const at = inUtc(occurrence);
      const before = changesOf(db, id).get(at) ?? {};
      const next = { ...before, ...change, ...(change.due ? { due: inUtc(change.due) } : {}) };
      db.prepare(
        `INSERT INTO order_occurrence (order_id, occurrence, document) VALUES (?, ?, ?)
         ON CONFLICT (order_id, occurrence) DO UPDATE SET document = excluded.document`,
      ).run(id, at, JSON.stringify(next));
      const order = orderById(db, id)!;
      const { status = order.status, lines = order.lines } = next;
      bookOrder(db, orderKey(id, at), { status, lines }, new Date().toISOString(), books);
      return { revision: revision + 1 };
    })
    .immediate();
}

/** Returns an order as it is at one occurrence, or as it is; `null` if it is gone. */
export function orderAt(db: Db, id: number, occurrence: string | null): StoredOrder | null {
  const order = orderById(db, id);
  return order && occurrence !== null ? { ...order, ...changesOf(db, id).get(inUtc(occurrence)) } : order;
}

/** Returns what differs at single occurrences of an order. */
function changesOf(db: Db, id: number): ReadonlyMap<string, OccurrenceChange> {
  const rows = db
    .prepare<[number], { occurrence: string; document: string }>(
      'SELECT occurrence, document FROM order_occurrence WHERE order_id = ?',
    )
    .all(id);
  return new Map(rows.map(({ occurrence, document }) => [occurrence, storedJson<OccurrenceChange>(document)]));
}

/** Maximum number of orders that are listed at once. */
export const MAX_ORDERS = 2000;

/** Returns the orders due in a range, the earliest first: standing orders once for each occurrence. */
export function ordersDue(db: Db, range: DueRange, now: Date): DueOrder[] {
  const zone = wholeShop(db).zone ?? 'UTC';
  const single = db
    .prepare<[string, string, number], Row>(
      `${COLUMNS} WHERE deleted_at IS NULL AND repeats = 0 AND due >= ? AND due < ? ORDER BY due, id LIMIT ?`,
    )
    .all(range.from?.toISOString() ?? '', range.to?.toISOString() ?? '~', MAX_ORDERS)
    .map(orderIn);
  const standing = db
    .prepare<[number], Row>(`${COLUMNS} WHERE deleted_at IS NULL AND repeats = 1 ORDER BY id LIMIT ?`)
    .all(MAX_ORDERS)
    .flatMap((row) => dueOrders(orderIn(row), changesOf(db, row.id), range, zone, now));
  return [...single, ...standing]
    .sort((a, b) => (a.due < b.due ? -1 : a.due > b.due ? 1 : a.id - b.id))
    .slice(0, MAX_ORDERS);
}

/** Sets the status of an order, or of one of its occurrences. */
export function setStatus(db: Db, id: number, occurrence: string | undefined, status: OrderStatus): void {
  const order = orderById(db, id);
  if (!order) return;
  if (occurrence !== undefined) changeOccurrence(db, id, order.revision, occurrence, { status });
  else {
    const { id: _id, revision, ...rest } = order;
    changeOrder(db, id, revision, { ...rest, status });
  }
}

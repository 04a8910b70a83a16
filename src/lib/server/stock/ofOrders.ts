import { neededFor, type OrderLine, type OrderStatus } from '$core/orders';
import { bookingChanges, type HeldLot } from '$core/stock';
import { allAssortments } from '../assortments';
import type { Db } from '../db/open';
import { slabById } from '../slabs';
import { heldPieces, lastPieceG } from './held';
import type { SaleBooks } from '../profit/saleBooks';
import { forgetSalePrices, storeSalePrices, type Taken } from '../profit/salePrices';
import { addEntry, asEntries, bookedBy, type StockOf } from './ledger';

/** Key of an order, or of one occurrence of a standing order. */
export const orderKey = (id: number, occurrence?: string): string =>
  occurrence === undefined ? `${id}` : `${id} ${occurrence}`;

/** Lots of several piece types in one list: an order that names no type takes any. */
const joinKey = (kind: string, lot: string) => JSON.stringify([kind, lot]);
const splitKey = (key: string) => JSON.parse(key) as [kind: string, lot: string];

/**
 * Books what an order has handed over: its pieces, from the oldest lots that still keep. A status or lines that change later are booked as the
 * difference. Call it in the transaction that changes the order.
 *
 * @param books prices of this moment, stored with the sale; `null` if what it brings has not changed
 */
export function bookOrder(
  db: Db,
  key: string,
  { status, lines }: { readonly status: OrderStatus; readonly lines: readonly OrderLine[] },
  at: string,
  books: SaleBooks | null,
): void {
  const booked = bookedBy(db, { order: key }).filter(({ why }) => why === 'sale');
  if (status !== 'handed-over' && booked.length === 0) return;
  const assortments = new Map(allAssortments(db).map((own) => [own.id, own]));
  const wanted = status === 'handed-over' ? neededFor(lines, assortments) : [];
  const targets = new Map<string, { slab: number; unit: 'piece' | 'g'; kind: string | null; amount: number }>();
  const add = (slab: number, unit: 'piece' | 'g', kind: string | null, amount: number) => {
    if (amount > 0) targets.set(`${slab} ${unit} ${kind ?? ''}`, { slab, unit, kind, amount });
  };
  const takes: Taken[] = [];
  for (const { slab, kind, pieces, grams } of wanted) {
    // What is sold by weight goes as the pieces that reach it; where nobody knows what one weighs, in grams.
    const pieceG = grams > 0 ? lastPieceG(db, slab) : null;
    const byWeight = pieceG === null ? 0 : Math.ceil(grams / pieceG);
    add(slab, 'piece', kind || null, pieces + byWeight);
    add(slab, 'g', kind || null, pieceG === null ? grams : 0);
    takes.push({ slab, kind, pieces: pieces + byWeight, grams: pieceG === null ? grams : 0 });
  }
  if (status !== 'handed-over') forgetSalePrices(db, key);
  else if (books) storeSalePrices(db, key, lines, takes, books);
  const left = booked.flatMap(({ of, thousandths }) => ('slab' in of ? [{ of, thousandths }] : []));
  // Types that are named choose first.
  for (const { slab, unit, kind, amount } of [...targets.values()].sort(
    (a, b) => Number(a.kind === null) - Number(b.kind === null),
  )) {
    const isIts = (one: { slab: number; unit: string; kind: string }) =>
      one.slab === slab && one.unit === unit && (kind === null || one.kind === kind || one.kind === '');
    const own = left.filter(({ of }) => isIts(of));
    for (const one of own) left.splice(left.indexOf(one), 1);
    const held = heldPieces(db, undefined, slab).filter(isIts);
    const lots = held.map((one): HeldLot => ({ ...one, lot: joinKey(one.kind, one.lot) }));
    const changes = bookingChanges(
      amount,
      own.map(({ of, thousandths }) => ({ lot: joinKey(of.kind, of.lot), thousandths })),
      lots,
      [],
      at,
    ).map((change) => (change.lot === '' ? { ...change, lot: joinKey(kind ?? '', '') } : change));
    const name = slabById(db, slab)?.slab.name ?? String(slab);
    const of = (lot: string): StockOf => ({ slab, kind: splitKey(lot)[0], lot: splitKey(lot)[1], unit });
    // Each is booked before the next one looks at what is held.
    for (const entry of asEntries(changes, of, { name, why: 'sale', at, order: key })) addEntry(db, entry);
  }
  for (const { of, thousandths } of left)
    if (thousandths !== 0)
      addEntry(db, {
        of,
        change: thousandths,
        name: slabById(db, of.slab)?.slab.name ?? '',
        why: 'sale',
        at,
        order: key,
      });
}

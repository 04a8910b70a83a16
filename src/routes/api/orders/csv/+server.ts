import { json } from '@sveltejs/kit';
import { allAssortments } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { bodyText, refused } from '$lib/server/http';
import { addOrder, ordersDue } from '$lib/server/orders';
import { booksIfSold, type SaleBooks } from '$lib/server/profit/saleBooks';
import { ordersCsv, ordersFromCsv } from '$lib/server/ordersCsv';
import { orderProblems, readOrderBody } from '$lib/server/requests/orders';
import { slabNames } from '$lib/server/slabs';
import type { Db } from '$lib/server/db/open';

const namesOf = (db: Db) => ({ slabs: slabNames(db), assortments: allAssortments(db) });
const DAY_MS = 86_400_000;
/** Standing orders are written out for the next four weeks. */
const AHEAD_DAYS = 28;

/** Returns all orders as CSV, one row a line. */
export function GET() {
  const db = database();
  const to = new Date(Date.now() + AHEAD_DAYS * DAY_MS);
  const orders = ordersDue(db, { from: new Date(0), to }, new Date());
  return new Response(ordersCsv(orders, namesOf(db)), {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="orders.csv"' },
  });
}

/** Adds orders from CSV, all of them or none; what is wrong is named by row and column. */
export async function POST({ request }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  const db = database();
  const { orders, problems } = ordersFromCsv(body.value, namesOf(db));
  const wrong = [
    ...problems,
    ...orders.flatMap(({ row, order }) => {
      const read = readOrderBody(order);
      const found = read.ok ? orderProblems(db, read.value, new Date()) : read.problems;
      return found.map((own) => ({ ...own, path: `/${row}${own.path}` }));
    }),
  ];
  if (wrong.length > 0) return refused(wrong);
  const priced: { readonly order: (typeof orders)[number]['order']; readonly books: SaleBooks | null }[] = [];
  for (const { order } of orders) priced.push({ order, books: await booksIfSold(db, null, order) });
  db.transaction(() => priced.forEach(({ order, books }) => addOrder(db, order, books)))();
  return json({ added: orders.length }, { status: 201 });
}

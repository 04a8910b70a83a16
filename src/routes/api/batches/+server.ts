import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { chosenBatches } from '$lib/server/fromOrders';
import { readBody, refused } from '$lib/server/http';
import { ordersDue } from '$lib/server/orders';
import { demandOf, missingProblems, readBatchesRequest, stockOf, unknownSlabs } from '$lib/server/requests/batches';
import { tinsNamed } from '$lib/server/requests/week';
import { wholeShop } from '$lib/server/shop';
import { shelfFor, wantedBy } from '$lib/server/stock/forOrders';
import { AHEAD_DAYS } from '$lib/server/weekPlan';

const DAY_MS = 86_400_000;

/** Chooses batches for orders, or for pieces that are wanted: stock first, then whole tins at the least cost. */
export async function POST({ request }) {
  const body = await readBody(request, readBatchesRequest);
  if (!body.ok) return body.response;
  const { orders, demand, stock, tins } = body.value;
  const db = database();
  const now = new Date();
  const rack = wholeShop(db).rack ?? [];
  const named = tins && tinsNamed(tins, rack, '/tins');
  if (named && !named.ok) return refused(named.problems);
  const unknown = unknownSlabs(db, demand ?? []);
  if (unknown.length > 0) return refused(unknown);
  const due = orders
    ? ordersDue(db, { from: now, to: new Date(now.getTime() + AHEAD_DAYS * DAY_MS) }, now).filter(({ id }) =>
        orders.includes(id),
      )
    : [];
  const wanted = demand ? demandOf(demand) : wantedBy(db, due);
  const own = named?.value.map(({ tin, count }, i) => {
    const { tin: asked } = tins![i]!;
    return { name: typeof asked === 'string' ? asked : '', tin, count };
  });
  // For orders the shop's own stock counts, unless another is given.
  const held = stock ? stockOf(stock) : orders ? shelfFor(db, now) : [];
  const done = await chosenBatches(db, wanted, held, now, own ?? rack);
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const { batches, fromStock, leftOver, cost, bound, proven, missing } = done.value.value;
  const problems = missingProblems(missing, wanted, demand !== undefined);
  if (problems.length > 0) return refused(problems);
  const iso = (ms: number) => new Date(ms).toISOString();
  return json({
    batches: batches.map(({ notBeforeMs, dueMs, ...batch }) => ({
      ...batch,
      ...{ notBefore: iso(notBeforeMs), due: iso(dueMs) },
    })),
    fromStock: fromStock.map(({ dueMs, ...taken }) => ({ ...taken, due: iso(dueMs) })),
    ...{ leftOver, cost, bound, proven },
  });
}

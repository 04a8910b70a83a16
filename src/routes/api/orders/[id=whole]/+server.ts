import { json } from '@sveltejs/kit';
import { isMoment, type Problem } from '$core/validation';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused, refusedWith } from '$lib/server/http';
import type { Changed } from '$lib/server/changed';
import { changeOccurrence, changeOrder, orderAt, orderById, removeOrder } from '$lib/server/orders';
import { booksIfSold } from '$lib/server/profit/saleBooks';
import { readRevision, revisionIn } from '$lib/server/requests/kept';
import { tagged } from '$lib/server/tagged';
import { orderProblems, readOccurrence, readOrderBody } from '$lib/server/requests/orders';

/** Returns one order with its revision. */
export function GET({ params, request }) {
  const order = orderById(database(), Number(params.id));
  return order ? tagged(request, order) : refusal('no-order');
}

/** Answers a change. Who comes second gets the order as it is now, to compare it with their own. */
function answer(id: number, done: Changed): Response {
  if (done === 'gone') return refusal('no-order');
  return done === 'changed' ? refusedWith('order-changed', { order: orderById(database(), id) }) : json(done);
}

/**
 * Changes an order, or with `?occurrence=` what differs at one occurrence of a standing order: `{ "revision", ... }`. 409 with the order
 * as it is now if someone else changed it since.
 */
export async function PUT({ params, request, url }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const revision = readRevision((Object(body.value) as { revision?: unknown }).revision);
  if (!revision.ok) return refused(revision.problems);
  const [db, id] = [database(), Number(params.id)];
  const before = orderById(db, id);
  if (!before) return refusal('no-order');
  const occurrence = url.searchParams.get('occurrence');
  if (occurrence !== null) {
    if (!isMoment(occurrence) || before.repeat === undefined) return refusal('no-occurrence');
    const read = readOccurrence(body.value);
    if (!read.ok) return refused(read.problems);
    const { status, due, note, lines } = read.value;
    const problems = orderProblems(
      db,
      { lines: lines ?? before.lines, due: due ?? new Date().toISOString(), status: due ? status : 'cancelled' },
      new Date(),
    );
    if (problems.length > 0) return refused(problems);
    const change = Object.fromEntries(
      Object.entries({ status, due, note, lines }).filter(([, value]) => value !== undefined),
    );
    const books = await booksIfSold(db, orderAt(db, id, occurrence)!, change);
    return answer(id, changeOccurrence(db, id, revision.value, occurrence, change, books));
  }
  const read = readOrderBody(body.value);
  if (!read.ok) return refused(read.problems);
  // A due time that has passed may stay as it is: what is late is still handed over.
  const isMoved = Date.parse(read.value.due) !== Date.parse(before.due);
  const problems = orderProblems(db, read.value, new Date()).filter(
    ({ path }: Problem) => path !== '/due' || (isMoved && read.value.repeat === undefined),
  );
  if (problems.length > 0) return refused(problems);
  const { name, channel, due, note, status, repeat, lines } = read.value;
  const order = { name, channel, due, note, status, repeat, lines };
  const books = await booksIfSold(db, before, order);
  return answer(id, changeOrder(db, id, revision.value, order, books));
}

/** Deletes an order: `?revision=` as read. */
export function DELETE({ params, url }) {
  const revision = revisionIn(url);
  if (!revision.ok) return refused(revision.problems);
  return answer(
    Number(params.id),
    removeOrder(database(), Number(params.id), revision.value, new Date().toISOString()),
  );
}

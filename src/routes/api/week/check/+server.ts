import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { inTime } from '$lib/server/inTime';
import { readBody, refused } from '$lib/server/http';
import { orderProblems, readOrderBody } from '$lib/server/requests/orders';

/** Tells whether an order can be made in time, and what it displaces: `?order=` for one that is being changed. Nothing is saved. */
export async function POST({ request, url }) {
  const body = await readBody(request, readOrderBody);
  if (!body.ok) return body.response;
  const db = database();
  const now = new Date();
  const problems = orderProblems(db, body.value, now);
  if (problems.length > 0) return refused(problems);
  const changed = Number(url.searchParams.get('order'));
  const done = await inTime(db, { ...body.value, id: changed > 0 ? changed : undefined }, now);
  if (!done.ok) return done.response;
  return done.value.ok ? json(done.value.value) : refused(done.value.problems);
}

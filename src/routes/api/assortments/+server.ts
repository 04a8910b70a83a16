import { json } from '@sveltejs/kit';
import { addAssortment, allAssortments } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { assortmentProblems, readAssortment } from '$lib/server/requests/orders';

/** Lists the assortments. */
export const GET = () => json({ assortments: allAssortments(database()) });

/** Adds an assortment: a pack with a fixed mix of pieces. */
export async function POST({ request }) {
  const body = await readBody(request, readAssortment);
  if (!body.ok) return body.response;
  const problems = assortmentProblems(database(), body.value);
  return problems.length > 0 ? refused(problems) : json(addAssortment(database(), body.value), { status: 201 });
}

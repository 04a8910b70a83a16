import { json } from '@sveltejs/kit';
import { diagnoseSlab } from '../../../core/usecases';
import { larderOf } from '../../../core/larder';
import { database } from '$lib/server/db';
import { problem, readBody } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readDiagnose } from '$lib/server/requests/runs';
import { reckonedWith } from '$lib/server/runLog';
import { runById } from '$lib/server/runs';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';

/** What went wrong: causes of what is seen, weighed by what was recorded of a run. */
export async function POST({ request }) {
  const body = await readBody(request, (found) => readDiagnose(found, Date.now()));
  if (!body.ok) return body.response;
  const { slab: slabId, run: runId, events, seen } = body.value;
  const db = database();
  if (runId === undefined) {
    const kept = slabById(db, slabId);
    if (!kept) return problem('There is no such slab in the shop', '/slab', 404);
    const larder = larderOf(ingredientsFor(db, [kept.slab]));
    return json({ causes: diagnoseSlab(kept.slab, larder, wholeShop(db), null, seen) });
  }
  const run = runById(db, runId);
  if (!run || run.slabId !== slabId) return problem('There is no such run of this slab', '/run', 404);
  const reckoned = reckonedWith(db, run);
  const told = { plan: run.plan, events: events ?? reckoned.events };
  return json({ causes: diagnoseSlab(reckoned.slab, reckoned.larder, reckoned.shop, told, seen) });
}

import { json } from '@sveltejs/kit';
import { larderOf } from '../../../core/larder';
import { USUAL_SHOP } from '../../../core/shop';
import { plan, runPlanOf } from '../../../core/usecases';
import { database } from '$lib/server/db';
import { problem, readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readBegin } from '$lib/server/requests/runs';
import { beginRun } from '$lib/server/runs';
import { wholeShop } from '$lib/server/shop';
import { slabVersion } from '$lib/server/slabs';
import { runTask } from '$lib/server/tasks/pool';

/** Begins a run of a kept slab: its steps, amounts and lot are frozen with it. */
export async function POST({ request }) {
  const body = await readBody(request, readBegin);
  if (!body.ok) return body.response;
  const { slab: slabId, version, tins, scale, begin: asked } = body.value;
  const db = database();
  const kept = slabVersion(db, slabId, version ?? null);
  if (!kept) return problem('There is no such slab in the shop, or no such version of it', '/slab', 404);
  const begin = new Date(asked ?? Date.now()).toISOString();
  const slab = { ...kept.slab, ...(tins ? { tins } : {}), ...(scale ? { scale } : {}) };
  const ingredients = ingredientsFor(db, [slab]);
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const { hands, ovens, rings } = shop;
  const means = { hands, ovens, rings };
  const start = new Date(begin);
  const done = await runTask('timeline', {
    ...{ slab, ingredients, shop, asked: {}, pace: undefined, now: start },
    // It is made now: as soon as it can be, whatever the hours.
    day: { start, deadline: undefined, ...means, hours: [], zone: 'UTC' },
  });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const day = done.value.value;
  if (!day.feasible) return problem(`It cannot be made: ${day.because}`, '/slab');
  const planned = plan(slab, larderOf(ingredients), shop);
  const made = beginRun(db, { slabId, version: kept.version, slab, begin, ingredients, shop }, (lot) =>
    runPlanOf(slab, shop, planned, day, { version: kept.version, lot, begin, means }),
  );
  return json(made, { status: 201 });
}

import { jsonLdOf } from '$wording/recipeDocument';
import { USUAL_SHOP } from '$core/shop';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { planned } from '$lib/server/planned';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';
import { runTask } from '$lib/server/tasks/pool';

const MINUTE_MS = 60_000;
/** Duration of the work, regardless of working hours. */
const ROUND_THE_CLOCK = [] as const;

/** Returns a slab as a schema.org recipe, with its total time if known. */
export async function GET({ params }) {
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return refusal('no-slab');
  const ingredients = ingredientsFor(db, [kept.slab]);
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const made = await planned(kept.slab, ingredients, shop);
  if (!made.ok) return made.response;
  const pieces = made.value.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const start = new Date('2030-01-01T00:00Z');
  const { hands, ovens, rings } = shop;
  const done = await runTask('timeline', {
    slab: kept.slab,
    ingredients,
    shop,
    asked: {},
    pace: undefined,
    day: { start, deadline: undefined, hands, ovens, rings, hours: ROUND_THE_CLOCK, zone: 'UTC' },
    now: start,
  });
  const end = done.ok && done.value.ok && done.value.value.feasible ? done.value.value.earliestEnd : null;
  const totalMinutes = end === null ? null : (end.getTime() - start.getTime()) / MINUTE_MS;
  return new Response(JSON.stringify(jsonLdOf(kept.slab, pieces, totalMinutes), null, 2), {
    headers: { 'Content-Type': 'application/ld+json' },
  });
}

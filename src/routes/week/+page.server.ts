import { isFinish } from '$core/scale';
import { lookOf } from '$core/classify';
import { IS_CLOSED } from '$core/orders';
import { gridHours, peopleOf } from '$core/week';
import { database } from '$lib/server/db';
import { missingFor } from '$lib/server/fromOrders';
import { slabsNamed } from '$lib/server/stock/forOrders';
import { ordersDue } from '$lib/server/orders';
import { openRuns } from '$lib/server/runs';
import { blockedTimes, extraHours } from '$lib/server/week';
import { weekContext } from '$lib/server/weekPlan';

const DAY_MS = 86_400_000;

/** Loads what the plan of the next two weeks is made from, and where its steps are now. */
export async function load() {
  const db = database();
  const now = new Date();
  const { asked, ingredients, shop, batches, revision } = weekContext(db, now);
  const today = new Date(now.getTime() - DAY_MS);
  const orders = ordersDue(db, { from: today, to: asked.to }, now).filter(({ status }) => !IS_CLOSED[status]);
  const runs = openRuns(db).map(({ id, slabId, plan: { name } }) => ({ id, slab: slabId, name }));
  const missing = missingFor(db, orders, now);
  const slabs = slabsNamed(
    db,
    [...batches, ...runs, ...missing].map(({ slab }) => slab),
  );
  return {
    ...{ asked, ingredients, shopOfWeek: shop, batches, revision, orders },
    runs,
    /** Look of each layer from the top, by slab. */
    looks: new Map(
      [...slabs].map(([id, slab]) => [
        id,
        slab.layers
          .filter((layer) => !isFinish(layer))
          .map((layer) => lookOf(layer, slab.preparations))
          .toReversed(),
      ]),
    ),
    names: new Map([...slabs].map(([id, { name }]) => [id, name])),
    hours: gridHours(shop, asked.from, asked.to),
    people: peopleOf(shop).map(({ name }) => name),
    blocked: blockedTimes(db, today.toISOString()),
    extra: extraHours(db, today.toISOString()),
    missing,
  };
}

import { json } from '@sveltejs/kit';
import { figuresIn } from '$core/measure';
import { USUAL_SHOP } from '$core/shop';
import { datesIn } from '$lib/format/dates';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { batchesForOrders } from '$lib/server/fromOrders';
import { batchesOf, readWeekRequest, weekAskOf } from '$lib/server/requests/week';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';
import { runTask } from '$lib/server/tasks/pool';
import { stepText } from '$wording/steps';
import { lateText, wayOutText } from '$wording/week';

const USUAL_SECONDS = 3;

/** Plans the batches of a week in one workroom. */
export async function POST({ request }) {
  const body = await readBody(request, readWeekRequest);
  if (!body.ok) return body.response;
  const db = database();
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const { orders, from, to } = body.value;
  const batches = orders
    ? await batchesForOrders(db, orders, { from: new Date(from), to: new Date(to) })
    : batchesOf(body.value.batches ?? [], shop.rack ?? [], (id) => slabById(db, id)?.slab ?? null);
  if (batches instanceof Response) return batches;
  if (!batches.ok) return refused(batches.problems);
  const asked = weekAskOf(body.value, batches.value);
  const begun = performance.now();
  const done = await runTask(
    'week',
    {
      ...{ asked, shop, seconds: body.value.seconds ?? USUAL_SECONDS, isStrict: true },
      ingredients: ingredientsFor(
        db,
        asked.batches.map(({ slab }) => slab),
      ),
    },
    'week',
  );
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const { steps, late, waysOut, ...plan } = done.value.value;
  const say = figuresIn(shop.shownIn, shop.measures);
  const sayMoment = datesIn(shop.locale, shop.zone ?? 'UTC').moment;
  const nameOf = (id: string) => asked.batches.find((batch) => batch.id === id)?.slab.name ?? id;
  return json({
    ...plan,
    late: late.map((one) => ({ ...one, because: lateText(one.because, sayMoment), reason: one.because })),
    steps: steps.map(({ title, caution, ...step }) => ({ ...step, title, text: stepText(title, say), caution })),
    waysOut: waysOut.map(({ change, lateMinutes }) => ({
      ...{ text: wayOutText(change, nameOf, sayMoment), change, lateMinutes },
    })),
    seconds: Math.round((performance.now() - begun) / 10) / 100,
  });
}

import { figuresIn } from '$core/measure';
import { dayText } from '$wording/schedule';
import { cautionText, stepText } from '$wording/steps';
import { json } from '@sveltejs/kit';
import { USUAL_SHOP } from '$core/shop';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readTimelineRequest } from '$lib/server/requests/services';
import { wholeShop } from '$lib/server/shop';
import { cachedTask, withoutPrices } from '$lib/server/tasks/cached';

/** Returns the current minute: a schedule asked for again within it is the same. */
const startOfMinute = () => new Date(Math.floor(Date.now() / 60_000) * 60_000);

const momentOf = (text: string | undefined) => (text === undefined ? undefined : new Date(text));

/** Schedules the steps of a slab: forward from a start, or backward from a deadline. */
export async function POST({ request }) {
  const body = await readBody(request, readTimelineRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, tins, start, deadline, hours, zone, pace } = body.value;
  const db = database();
  const shop = { ...USUAL_SHOP, ...wholeShop(db), ...overrides };
  const { hands = shop.hands, ovens = shop.ovens, rings = shop.rings, blocked = [] } = body.value;
  const { fridgeMm2 = shop.fridgeMm2, freezerMm2 = shop.freezerMm2 } = body.value;
  const done = await cachedTask(db, 'timeline', {
    slab,
    ingredients: withoutPrices(ingredientsFor(db, [slab])),
    shop,
    asked: { tins },
    pace,
    day: {
      start: momentOf(start),
      deadline: momentOf(deadline),
      hands,
      ovens,
      rings,
      fridgeMm2,
      freezerMm2,
      blocked: blocked.map(({ what, from, to }) => ({ what, from: new Date(from), to: new Date(to) })),
      hours: hours ?? shop.hours ?? [],
      zone: zone ?? shop.zone ?? 'UTC',
    },
    now: startOfMinute(),
  });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const day = done.value.value;
  const say = figuresIn(shop.shownIn, slab.measures ?? shop.measures);
  return json({
    feasible: day.feasible,
    earliestEnd: day.earliestEnd,
    because: dayText(day, say),
    reason: day.because,
    steps: day.steps.map(({ activity, start: from, end, slackMinutes, deciding }) => ({
      id: activity.id,
      of: activity.of,
      title: activity.title,
      text: stepText(activity.title, say),
      start: from,
      end,
      hands: activity.hands,
      occupies: activity.occupies,
      slackMinutes,
      deciding,
      cautionCode: activity.caution,
      caution: activity.caution && cautionText(activity.caution),
    })),
  });
}

import { json } from '@sveltejs/kit';
import { larderOf } from '../../../core/larder';
import { readTimelineRequest } from '../../../lib/server/requests/services';
import { USUAL_SHOP } from '../../../core/shop';
import { workFor, dayOf } from '../../../core/usecases/timeline';
import { database } from '$lib/server/db';
import { bodyJson, refused } from '$lib/server/http';
import { allIngredients } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';

/** The steps of a slab laid out in time: forward from a start, or backward from a deadline. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readTimelineRequest(body.value);
  if (!read.ok) return refused(read.problems);
  const { slab, shop: said, tins, start, deadline, hours, zone, pace } = read.value;
  const db = database();
  const shop = { ...USUAL_SHOP, ...wholeShop(db), ...said };
  const { hands = shop.hands, ovens = shop.ovens, rings = shop.rings } = read.value;
  const work = workFor(slab, larderOf(allIngredients(db)), shop, { tins }, pace);
  const day = dayOf(
    work,
    {
      start: start === undefined ? undefined : new Date(start),
      deadline: deadline === undefined ? undefined : new Date(deadline),
      hands,
      ovens,
      rings,
      hours: hours ?? shop.hours ?? [],
      zone: zone ?? shop.zone ?? 'UTC',
    },
    new Date(),
  );
  return json({
    feasible: day.feasible,
    earliestEnd: day.earliestEnd,
    because: day.because,
    steps: day.steps.map(({ activity, start: from, end, slackMinutes, deciding }) => ({
      id: activity.id,
      of: activity.of,
      text: activity.text,
      start: from,
      end,
      hands: activity.hands,
      occupies: activity.occupies,
      slackMinutes,
      deciding,
      caution: activity.caution,
    })),
  });
}

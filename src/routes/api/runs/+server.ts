import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { pageOf } from '$lib/forms/pages';
import { runsInList } from '$lib/server/logbook';
import { plannedRun } from '$lib/server/planRun';
import { readBeginRequest } from '$lib/server/requests/runs';
import { beginRun } from '$lib/server/runs';
import { slabVersion } from '$lib/server/slabs';
import { PAGE_SIZE, tagged } from '$lib/server/tagged';

/** Lists runs, the newest first: `?find=` and `?page=`. */
export function GET({ request, url }) {
  const { sought, from } = pageOf(url, PAGE_SIZE);
  return tagged(request, runsInList(database(), { words: sought }, from, PAGE_SIZE));
}

/** Starts a run of a saved slab with a snapshot of its steps, amounts and lot. */
export async function POST({ request }) {
  const body = await readBody(request, readBeginRequest);
  if (!body.ok) return body.response;
  const { slab: slabId, version, tins, scale, begin: asked, hands, blocked = [] } = body.value;
  const db = database();
  const kept = slabVersion(db, slabId, version ?? null);
  if (!kept) return refusal('no-version-to-make');
  const begin = new Date(asked ?? Date.now()).toISOString();
  const slab = { ...kept.slab, ...(tins ? { tins } : {}), ...(scale ? { scale } : {}) };
  const minuteOf = (moment: string) => (Date.parse(moment) - Date.parse(begin)) / 60_000;
  const planned = await plannedRun(db, slab, kept.version, begin, {
    ...(hands === undefined ? {} : { hands }),
    ...(blocked.length === 0
      ? {}
      : { blocked: blocked.map(({ what, from, to }) => ({ what, from: minuteOf(from), to: minuteOf(to) })) }),
  });
  if (!planned.ok) return planned.response;
  const { planFor, ingredients, shop } = planned.value;
  return json(
    beginRun(db, { slabId, version: kept.version, slab, begin, ingredients, shop, booksStock: true }, planFor),
    {
      status: 201,
    },
  );
}

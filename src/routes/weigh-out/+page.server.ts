import { database } from '$lib/server/db';
import { ingredientsFor, withHeld } from '$lib/server/larder';
import { openRuns } from '$lib/server/runs';
import { endOfShopDay } from '$lib/server/shopDay';
import { wholeShop } from '$lib/server/shop';
import { slabById, slabNames } from '$lib/server/slabs';
import { starterForSlabs } from '$lib/server/starter';
import { batchesDue } from '$lib/server/week';

const MOST = 12;

const WEEK_MS = 7 * 86_400_000;

/** Loads the names of all slabs, the chosen ones completely, and those that are planned for today and for this week. */
export function load({ url }) {
  const db = database();
  const ids = (url.searchParams.get('slabs') ?? '')
    .split(',')
    .map(Number)
    .filter((id, at, all) => Number.isInteger(id) && id > 0 && all.indexOf(id) === at)
    .slice(0, MOST);
  const chosen = ids.map((id) => slabById(db, id)).filter((slab) => slab !== null);
  const slabs = chosen.map(({ slab }) => slab);
  const ingredients = withHeld(db, ingredientsFor(db, slabs));
  const endOfDay = endOfShopDay(db, new Date()).getTime();
  const batches = batchesDue(db, new Date().toISOString()).flatMap(({ slab, placed, run }) =>
    run === null && placed?.[0] ? [{ slab, begin: placed[0].start }] : [],
  );
  const begins = [...openRuns(db).map(({ slabId, plan }) => ({ slab: slabId, begin: plan.begin })), ...batches];
  const planned = (before: number) => [
    ...new Set(begins.flatMap(({ slab, begin }) => (Date.parse(begin) < before ? [slab] : []))),
  ];
  return {
    planned: { today: planned(endOfDay), week: planned(endOfDay - 86_400_000 + WEEK_MS) },
    ...{ names: slabNames(db), chosen, ingredients, whole: wholeShop(db) },
    starter: starterForSlabs(slabs, ingredients),
  };
}

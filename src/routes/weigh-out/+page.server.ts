import { database } from '$lib/server/db';
import { ingredientsFor, withHeld } from '$lib/server/larder';
import { openRuns } from '$lib/server/runs';
import { endOfShopDay } from '$lib/server/shopDay';
import { wholeShop } from '$lib/server/shop';
import { slabById, slabNames } from '$lib/server/slabs';
import { slabsNamed } from '$lib/server/stock/forOrders';
import { starterForSlabs } from '$lib/server/starter';
import { batchesDue } from '$lib/server/week';

/** Slabs or batches on one sheet. */
const MOST = 40;
const DAY_MS = 86_400_000;
/** Days ahead, and back for batches that are late or begun, whose batches are listed. */
const AHEAD_DAYS = 7;
const BACK_DAYS = 14;

/** Returns the whole numbers of a list in an address, each once. */
const idsIn = (url: URL, name: string) =>
  (url.searchParams.get(name) ?? '')
    .split(',')
    .map(Number)
    .filter((id, at, all) => Number.isInteger(id) && id > 0 && all.indexOf(id) === at)
    .slice(0, MOST);

/** Loads the names of all slabs and the batches of the next days, the chosen ones completely. */
export function load({ url }) {
  const db = database();
  const now = Date.now();
  const endOfDay = endOfShopDay(db, new Date()).getTime();
  const open = new Map(openRuns(db).map(({ id, plan }) => [id, plan.begin]));
  const near = batchesDue(db, new Date(now - BACK_DAYS * DAY_MS).toISOString()).flatMap((batch) => {
    const begin = batch.run === null ? batch.placed?.[0]?.start : open.get(batch.run);
    const isNear = begin !== undefined && Date.parse(begin) < endOfDay + (AHEAD_DAYS - 1) * DAY_MS;
    return isNear ? [{ batch, beginMs: Date.parse(begin) }] : [];
  });
  const slabOf = slabsNamed(
    db,
    near.map(({ batch }) => batch.slab),
  );
  const batches = near
    .flatMap(({ batch: { id, slab: of, tins, scale, takes = [] }, beginMs }) => {
      const slab = slabOf.get(of);
      return slab ? [{ ...{ id, slab, tins, scale, takes, beginMs }, isToday: beginMs < endOfDay }] : [];
    })
    .sort((a, b) => a.beginMs - b.beginMs);
  const ofBatches = idsIn(url, 'batches');
  const chosenBatches = batches.filter(({ id }) => ofBatches.includes(id));
  const chosen = idsIn(url, 'slabs').flatMap((id) => slabById(db, id) ?? []);
  const slabs = [...chosen, ...chosenBatches].map(({ slab }) => slab);
  const ingredients = withHeld(db, ingredientsFor(db, slabs));
  return {
    planned: batches.map(({ id, slab, tins, beginMs, isToday }) => ({ id, name: slab.name, tins, beginMs, isToday })),
    ...{ names: slabNames(db), chosen, chosenBatches, ingredients, whole: wholeShop(db) },
    starter: starterForSlabs(slabs, ingredients),
  };
}

import { fromThousandths } from '$core/stock';
import { database } from '$lib/server/db';
import { slabNames } from '$lib/server/slabs';
import { heldPieces } from '$lib/server/stock/held';
import { allocatedPieces, slabsNamed } from '$lib/server/stock/forOrders';
import { ordersDue } from '$lib/server/orders';

const DAY_MS = 86_400_000;
const AHEAD_DAYS = 28;
const BACK_DAYS = 14;

/** Loads the pieces that are made and not handed over, by slab and lot, with their place and how many of each lot open orders get. */
export function load() {
  const db = database();
  const now = new Date();
  const range = {
    from: new Date(now.getTime() - BACK_DAYS * DAY_MS),
    to: new Date(now.getTime() + AHEAD_DAYS * DAY_MS),
  };
  const promised = new Map<string, number>();
  for (const { lots } of allocatedPieces(db, ordersDue(db, range, now), now))
    for (const { slab, lot = '', pieces } of lots) {
      const key = `${slab} ${lot}`;
      promised.set(key, (promised.get(key) ?? 0) + pieces);
    }
  const names = new Map(slabNames(db).map(({ id, name }) => [id, name]));
  const held = heldPieces(db);
  const slabs = slabsNamed(
    db,
    held.map(({ slab }) => slab),
  );
  const lots = held.map(({ slab, kind, lot, unit, thousandths, keepsUntil }) => ({
    ...{ slab, kind, lot, unit, keepsUntil },
    name: names.get(slab) ?? 'a deleted slab',
    held: fromThousandths(thousandths),
    place: slabs.get(slab)?.keep?.place ?? null,
    promised: promised.get(`${slab} ${lot}`) ?? 0,
  }));
  return { lots, now: now.toISOString(), names: [...names].map(([id, name]) => ({ id, name })) };
}

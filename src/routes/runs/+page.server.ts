import { pageOf } from '$lib/pages';
import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';

const MOST = 50;

/** A page of the shop's runs, the last begun first; those that are sought, by words of their name, lot and notes. */
export function load({ url }) {
  const { sought, from } = pageOf(url, MOST);
  const db = database();
  const slab = Number(url.searchParams.get('slab') ?? 0);
  const found = runsInList(db, { words: sought, ...(slab > 0 ? { slab } : {}) }, from, MOST);
  const all = sought === '' && slab <= 0 ? found.count : runsInList(db, {}, 0, 0).count;
  return { ...found, sought, from, most: MOST, all };
}

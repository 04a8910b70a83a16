import { pageOf } from '$lib/pages';
import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';

const MOST = 50;

/** A page of the shop's runs, the last begun first. */
export function load({ url }) {
  const { from } = pageOf(url, MOST);
  return { ...runsInList(database(), {}, from, MOST), from, most: MOST };
}

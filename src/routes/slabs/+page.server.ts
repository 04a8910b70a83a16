import { database } from '$lib/server/db';
import { slabCards } from '$lib/server/slabCards';
import { pageOf } from '$lib/forms/pages';

const MOST = 24;

/** Loads a page of the shop's slabs with their cards; the plans stay on the server. */
export async function load({ url }) {
  const { sought, from } = pageOf(url, MOST);
  const db = database();
  const { cards, count, all } = await slabCards(db, sought, from, MOST);
  return { slabs: cards, count, all, sought, from, most: MOST };
}

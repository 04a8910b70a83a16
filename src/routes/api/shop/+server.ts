import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, refused } from '$lib/server/http';
import { readShop } from '$lib/server/requests/kept';
import { saveShop, shopSettings } from '$lib/server/shop';

/** Keeps the shop's settings; what is not sent stays. */
export async function PUT({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readShop(body.value);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const { rack: _rack, ...said } = read.value;
  saveShop(db, { ...shopSettings(db), ...said });
  return json({ ok: true });
}

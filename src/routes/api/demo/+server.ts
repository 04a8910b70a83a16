import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bringInDemo } from '$lib/server/demo';

/** Imports the demo slabs with their larder. */
export async function POST() {
  await bringInDemo(database(), new Date().toISOString());
  return json({ ok: true }, { status: 201 });
}

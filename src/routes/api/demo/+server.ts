import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bringInDemo } from '$lib/server/demo';

/** Imports the demo slabs with their larder, with `?today=yes` also work of today and of tomorrow. */
export async function POST({ url }) {
  await bringInDemo(database(), new Date().toISOString(), url.searchParams.get('today') === 'yes');
  return json({ ok: true }, { status: 201 });
}

import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';

/** Says that the server answers and that its database opens. */
export function GET() {
  database().prepare('SELECT 1').get();
  return json({ ok: true });
}

import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { storageSentence } from '$lib/server/storage';

/** Says that the server answers, and that what was kept last can be read. */
export function GET() {
  try {
    database().prepare('SELECT document FROM slab_version ORDER BY rowid DESC LIMIT 1').get();
    return json({ ok: true });
  } catch (error) {
    return problem(storageSentence(error) ?? 'The data cannot be read: look at the log', '', 503);
  }
}

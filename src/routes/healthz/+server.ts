import { json } from '@sveltejs/kit';
import { database, lookAtStorage } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { storageSentence } from '$lib/server/storage';

/** Reports whether the server answers, and whether the data can be read and written. */
export function GET() {
  try {
    const fault = lookAtStorage();
    if (fault) return refusal('storage', fault);
    database().prepare('SELECT document FROM slab_version ORDER BY rowid DESC LIMIT 1').get();
    return json({ ok: true });
  } catch (error) {
    return refusal('storage', storageSentence(error) ?? 'The data cannot be read. The log says why');
  }
}

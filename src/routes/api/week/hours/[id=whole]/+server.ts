import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { removeExtraHours } from '$lib/server/week';

/** Removes extra hours. */
export function DELETE({ params }) {
  return removeExtraHours(database(), Number(params.id)) ? json({ ok: true }) : refusal('no-blocked-time');
}

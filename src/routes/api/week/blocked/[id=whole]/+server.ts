import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { removeBlockedTime } from '$lib/server/week';

/** Removes a blocked time. */
export function DELETE({ params }) {
  return removeBlockedTime(database(), Number(params.id)) ? json({ ok: true }) : refusal('no-blocked-time');
}

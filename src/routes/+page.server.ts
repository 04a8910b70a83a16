import { redirect } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { openRuns } from '$lib/server/runs';

/** The day is the first screen while something is planned or on the bench; else the slabs are. */
export function load() {
  redirect(307, openRuns(database()).length > 0 ? '/today' : '/slabs');
}

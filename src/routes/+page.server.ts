import { redirect } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { openRuns } from '$lib/server/runs';

/** Opens Today while something is planned or in progress; otherwise Slabs. */
export function load() {
  redirect(307, openRuns(database()).length > 0 ? '/today' : '/slabs');
}

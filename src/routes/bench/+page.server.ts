import { redirect } from '@sveltejs/kit';
import { benchData } from '$lib/server/benchData';
import { database } from '$lib/server/db';
import { openRuns } from '$lib/server/runs';

/** Loads all runs in progress. */
export function load() {
  const db = database();
  const runs = openRuns(db);
  if (runs.length === 0) redirect(307, '/today');
  return benchData(db, runs);
}

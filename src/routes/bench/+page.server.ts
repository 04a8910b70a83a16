import { redirect } from '@sveltejs/kit';
import { benchData } from '$lib/server/benchData';
import { database } from '$lib/server/db';
import { runsOnBench } from '$lib/server/runs';
import { endOfShopDay } from '$lib/server/shopDay';

/** Loads the runs of today's bench: those in progress, and those planned to begin today. */
export function load() {
  const db = database();
  const runs = runsOnBench(db, endOfShopDay(db, new Date()));
  if (runs.length === 0) redirect(307, '/today');
  return benchData(db, runs);
}

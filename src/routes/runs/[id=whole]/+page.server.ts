import { error } from '@sveltejs/kit';
import { benchData } from '$lib/server/benchData';
import { database } from '$lib/server/db';
import { runById } from '$lib/server/runs';

/** Loads one run at the bench. */
export function load({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) error(404, 'This run does not exist');
  return benchData(db, [run]);
}

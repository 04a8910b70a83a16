import { error, redirect } from '@sveltejs/kit';
import { benchData } from '$lib/server/benchData';
import { database } from '$lib/server/db';
import { isOver, runById } from '$lib/server/runs';

/** Loads one run at the bench. A finished or stopped one opens as its result. */
export function load({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) error(404, 'This run does not exist');
  if (isOver(db, run.id)) redirect(307, `/runs/${run.id}/result`);
  return benchData(db, [run]);
}

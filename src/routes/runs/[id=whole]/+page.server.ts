import { error } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { eventsAfter, runById } from '$lib/server/runs';

/** A run with all that its bench needs, so that it goes on without the server. */
export function load({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) error(404, 'There is no such run in the shop');
  const stored = eventsAfter(db, run.id, 0);
  return { run, events: stored.map(({ event }) => event), last: stored.at(-1)?.sequence ?? 0 };
}

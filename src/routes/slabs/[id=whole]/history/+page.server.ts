import { error } from '@sveltejs/kit';
import type { ProblemMessage } from '$wording/problems';
import { runRecord } from '$core/run';
import { database } from '$lib/server/db';
import { slabLogOf } from '$lib/server/runLog';
import { eventsOf, runById, runsOfSlab } from '$lib/server/runs';

/** Number of recent runs searched for changes. */
const MAX_LESSONS_FROM = 20;

/** Loads the history of a slab and the changes noted in its runs; those of one run first, if the address names it. */
export async function load({ params, url }) {
  const db = database();
  const id = Number(params.id);
  const done = await slabLogOf(db, id);
  if (!done) error(404, 'This slab does not exist');
  const from = Number(url.searchParams.get('run') ?? 0);
  const asked = Number.isInteger(from) && from > 0 ? runById(db, from) : null;
  const runs = runsOfSlab(db, id, MAX_LESSONS_FROM).reverse();
  const first = asked && asked.slabId === id ? [asked, ...runs.filter((run) => run.id !== from)] : runs;
  const lessons = first.flatMap((run) =>
    runRecord(run.plan, eventsOf(db, run.id)).nextTime.map(({ id: event, change, why }) => ({
      ...{ event, change, why },
      ...{ run: run.id, lot: run.plan.lot },
    })),
  );
  // A busy server still returns the notes, and the page loads the rest later.
  const isBusy = !done.ok && done.response.status === 503;
  const problems = done.ok || isBusy ? [] : ((await done.response.json()) as { problems: ProblemMessage[] }).problems;
  return { log: done.ok ? done.value : null, isBusy, problems, lessons, from: asked?.id ?? null };
}

import { error } from '@sveltejs/kit';
import type { ProblemMessage } from '$wording/problems';
import { runRecord } from '$core/run';
import { database } from '$lib/server/db';
import { slabLogOf } from '$lib/server/runLog';
import { eventsOf, runById, runsOfSlab } from '$lib/server/runs';

/** So many of the last runs are looked through for what to change. */
const MAX_LESSONS_FROM = 20;

/** What the runs of a slab say, and what was noted in them for the next time; one run's notes first, where one comes from it. */
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
  // A server that is busy does not take the notes away: the page asks for the rest again.
  const isBusy = !done.ok && done.response.status === 503;
  const problems = done.ok || isBusy ? [] : ((await done.response.json()) as { problems: ProblemMessage[] }).problems;
  return { log: done.ok ? done.value : null, isBusy, problems, lessons, from: asked?.id ?? null };
}

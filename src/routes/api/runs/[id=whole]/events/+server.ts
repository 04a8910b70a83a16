import { json } from '@sveltejs/kit';
import { DEVICE_CLOCK } from '$lib/devices/deviceClock';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { runCosts } from '$lib/server/profit/runCosts';
import { clockOffsetMs, correctedEvents, readEvents } from '$lib/server/requests/runs';
import { replanSoon } from '$lib/server/replanSoon';
import { addEvents, runById } from '$lib/server/runs';

/** Adds events to a run, each once by its id; invalid events are refused separately with their places. */
export async function POST({ params, request }) {
  const body = await readBody(request, readEvents);
  if (!body.ok) return body.response;
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return refusal('no-run');
  const { events: sent, problems } = body.value;
  const offsetMs = clockOffsetMs(request.headers.get(DEVICE_CLOCK), Date.now());
  const events = correctedEvents(sent, offsetMs);
  const done = addEvents(db, run.id, events);
  if (!done) return refusal('run-full');
  if (done.added > 0) replanSoon();
  // The cost of a finished run is there before anybody asks what pays.
  if (events.some(({ kind }) => kind === 'finished')) void runCosts(db, [run.id], 0);
  const corrected = events.flatMap((event, i) => (event.at === sent[i]!.at ? [] : [{ id: event.id, at: event.at }]));
  return json({ ...done, problems, corrected, clockOffsetMs: offsetMs });
}

import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { runById } from '$lib/server/runs';
import { refusalToStream } from '$lib/server/streams';
import { runStream, streamFrom } from '$lib/server/runStream';

/** Streams the events of a run: `?after=` the last known sequence. */
export function GET({ params, url, request, locals }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return refusal('no-run');
  const refused = refusalToStream(locals.client, request.signal);
  if (refused) return refused;
  return runStream(db, [run.id], streamFrom(request, url), request.signal, (_, event) => event);
}

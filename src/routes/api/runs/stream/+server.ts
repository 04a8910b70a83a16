import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { refusalToStream } from '$lib/server/streams';
import { runStream, streamFrom } from '$lib/server/runStream';

const MAX_RUNS = 20;

/** Streams the events of several runs: `?runs=1,2&after=` the last known sequence. */
export function GET({ url, request, locals }) {
  const runs = [...new Set((url.searchParams.get('runs') ?? '').split(',').map(Number))];
  if (runs.length > MAX_RUNS || runs.some((id) => !Number.isInteger(id) || id <= 0))
    return refusal('too-many-runs', MAX_RUNS);
  const refused = refusalToStream(locals.client, request.signal);
  if (refused) return refused;
  return runStream(
    database(),
    runs,
    streamFrom(request, url),
    request.signal,
    (run, event) => `{"run":${run},"event":${event}}`,
  );
}

import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { eventsAfter, onAdded, runById } from '$lib/server/runs';

/** So that whatever stands between does not take a quiet stream for a broken one. */
const HEARTBEAT_MS = 15_000;

/** The events of a run as they come in: `?after=` the last sequence that is known. */
export function GET({ params, url, request }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return problem('There is no such run', '', 404);
  let last = Math.max(0, Number.parseInt(url.searchParams.get('after') ?? '0', 10) || 0);
  let stop = () => {};
  const stream = new ReadableStream<Uint8Array>({
    start(to) {
      const bytes = new TextEncoder();
      const send = () => {
        for (const { sequence, event } of eventsAfter(db, run.id, last)) {
          to.enqueue(bytes.encode(`id: ${sequence}\ndata: ${JSON.stringify(event)}\n\n`));
          last = sequence;
        }
      };
      const off = onAdded(run.id, send);
      const beat = setInterval(() => to.enqueue(bytes.encode(': still here\n\n')), HEARTBEAT_MS);
      stop = () => {
        off();
        clearInterval(beat);
      };
      request.signal.addEventListener('abort', () => stop());
      send();
    },
    cancel: () => stop(),
  });
  return new Response(stream, { headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' } });
}

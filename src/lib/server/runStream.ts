import type { Db } from './db/open';
import { eventsAfter, onAdded, type StoredEvent } from './runs';

/** So often the time is told, which also keeps whatever stands between from taking a quiet stream for a broken one. */
const HEARTBEAT_MS = 15_000;

/**
 * The events of some runs as they come in, as server-sent events, each with its sequence as its id; and now and then the
 * time.
 *
 * @param after the last sequence that is known
 * @param say an event as it is sent
 */
export function runStream(
  db: Db,
  runs: readonly number[],
  after: number,
  signal: AbortSignal,
  say: (run: number, event: StoredEvent['event']) => unknown,
): Response {
  let last = after;
  let stop = () => {};
  const stream = new ReadableStream<Uint8Array>({
    start(to) {
      const bytes = new TextEncoder();
      const send = () => {
        const news = runs
          .flatMap((run) => eventsAfter(db, run, last).map((stored) => ({ run, ...stored })))
          .sort((a, b) => a.sequence - b.sequence);
        for (const { run, sequence, event } of news) {
          to.enqueue(bytes.encode(`id: ${sequence}\ndata: ${JSON.stringify(say(run, event))}\n\n`));
          last = sequence;
        }
      };
      const offs = runs.map((run) => onAdded(run, send));
      const tellTime = () => to.enqueue(bytes.encode(`event: now\ndata: ${Date.now()}\n\n`));
      const beat = setInterval(tellTime, HEARTBEAT_MS);
      stop = () => {
        for (const off of offs) off();
        clearInterval(beat);
      };
      signal.addEventListener('abort', () => stop());
      tellTime();
      send();
    },
    cancel: () => stop(),
  });
  return new Response(stream, { headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' } });
}

/** Where a stream is taken up: where the browser says that it was, else as the address has it. */
export function streamFrom(request: Request, url: URL): number {
  const asked = request.headers.get('last-event-id') ?? url.searchParams.get('after') ?? '0';
  return Math.max(0, Number.parseInt(asked, 10) || 0);
}

import { setImmediate } from 'node:timers/promises';
import type { Db } from './db/open';
import { onAdded, storedEventsInOrder } from './runs';

/** Interval at which the time is sent, which also shows proxies that a quiet stream is alive, ms. */
const HEARTBEAT_MS = 15_000;
/** Size of the portions in which a long log is sent, characters: other requests are answered between them. */
const PORTION = 65_536;

const timeFrame = () => `event: now\ndata: ${Date.now()}\n\n`;

/** A signal that can be awaited, and that may come before anyone waits. */
class Bell {
  #rung = false;
  #ring = () => {};

  ring = (): void => {
    this.#rung = true;
    this.#ring();
  };

  async heard(): Promise<void> {
    if (!this.#rung) await new Promise<void>((resolve) => (this.#ring = resolve));
    this.#rung = false;
  }
}

/**
 * Streams new events of runs as server-sent events, with their sequence as id. `caught-up` follows once all existing events are
 * sent, and `now` gives the server's time in ms.
 *
 * @param after the last sequence that the client has
 * @param frame the data of an event, from its run and its JSON
 */
export function runStream(
  db: Db,
  runs: readonly number[],
  after: number,
  signal: AbortSignal,
  frame: (run: number, event: string) => string,
): Response {
  const bell = new Bell();
  const offs = runs.map((run) => onAdded(run, bell.ring));
  let isTimeDue = false;
  const beat = setInterval(() => {
    isTimeDue = true;
    bell.ring();
  }, HEARTBEAT_MS);
  const stop = () => {
    for (const off of offs) off();
    clearInterval(beat);
    bell.ring();
  };
  signal.addEventListener('abort', stop, { once: true });

  async function* portions(): AsyncGenerator<string> {
    yield timeFrame();
    let last = after;
    for (let isFirst = true; !signal.aborted; isFirst = false) {
      let portion = '';
      for (const { run, sequence, body } of storedEventsInOrder(db, runs, last)) {
        portion += `id: ${sequence}\ndata: ${frame(run, body)}\n\n`;
        last = sequence;
        if (portion.length < PORTION) continue;
        yield portion;
        portion = '';
        await setImmediate();
      }
      if (isFirst) portion += 'event: caught-up\ndata: \n\n';
      if (isTimeDue) portion += timeFrame();
      isTimeDue = false;
      if (portion !== '') yield portion;
      await bell.heard();
    }
  }

  const bytes = new TextEncoder();
  const source = portions();
  const stream = new ReadableStream<Uint8Array>({
    async pull(to) {
      const { value, done } = await source.next();
      if (done) to.close();
      else to.enqueue(bytes.encode(value));
    },
    cancel: stop,
  });
  return new Response(stream, { headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' } });
}

/** Returns where a stream continues: after the browser's last event, otherwise the one in the address. */
export function streamFrom(request: Request, url: URL): number {
  const asked = request.headers.get('last-event-id') ?? url.searchParams.get('after') ?? '0';
  return Math.max(0, Number.parseInt(asked, 10) || 0);
}

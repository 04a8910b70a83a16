import { refusal } from './http';

/** Time after which a silent device counts as disconnected. */
const ANSWER_MS = 5000;
const SILENCE_MS = 30_000;

/**
 * Relays the stream of a device on this computer: pages may only connect to their own server.
 *
 * @param address where the device streams its readings
 * @param gone how a device that does not answer is refused
 */
export async function deviceStream(
  address: string,
  request: Request,
  gone: 'no-thermometer' | 'no-scale',
): Promise<Response> {
  const silent = new AbortController();
  let timer = setTimeout(() => silent.abort(), ANSWER_MS);
  const waitAnew = () => {
    clearTimeout(timer);
    timer = setTimeout(() => silent.abort(), SILENCE_MS);
  };
  try {
    const signal = AbortSignal.any([request.signal, silent.signal]);
    const answer = await fetch(address, { signal });
    if (!answer.ok || !answer.body) throw new Error(String(answer.status));
    const reader = answer.body.getReader();
    // A disconnected device ends the stream, and the page shows it.
    const heard = new ReadableStream<Uint8Array>({
      async pull(to) {
        const { value, done } = await reader.read().catch(() => ({ value: undefined, done: true }));
        waitAnew();
        if (value) to.enqueue(value);
        if (!done) return;
        clearTimeout(timer);
        to.close();
      },
      cancel: (why) => {
        clearTimeout(timer);
        return reader.cancel(why);
      },
    });
    waitAnew();
    return new Response(heard, {
      headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' },
    });
  } catch {
    clearTimeout(timer);
    return refusal(gone);
  }
}

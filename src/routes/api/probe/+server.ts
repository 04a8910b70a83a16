import { env } from 'node:process';
import { problem } from '$lib/server/http';

const USUAL = 'http://127.0.0.1:4191';
/** A probe that has not answered by then, or has said nothing for so long, is taken for gone. */
const ANSWER_MS = 5000;
const SILENCE_MS = 30_000;

/** The stream of a probe on this machine, passed on as it comes: pages may ask nobody but their own server. */
export async function GET({ url, request }) {
  const silent = new AbortController();
  let timer = setTimeout(() => silent.abort(), ANSWER_MS);
  try {
    const signal = AbortSignal.any([request.signal, silent.signal]);
    const answer = await fetch(`${env.KNIFE_TRAY_PROBE ?? USUAL}/readings${url.search}`, { signal });
    if (!answer.ok || !answer.body) throw new Error(String(answer.status));
    const heard = new TransformStream<Uint8Array, Uint8Array>({
      transform(part, to) {
        clearTimeout(timer);
        timer = setTimeout(() => silent.abort(), SILENCE_MS);
        to.enqueue(part);
      },
      flush: () => clearTimeout(timer),
    });
    clearTimeout(timer);
    timer = setTimeout(() => silent.abort(), SILENCE_MS);
    return new Response(answer.body.pipeThrough(heard), {
      headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' },
    });
  } catch {
    clearTimeout(timer);
    return problem('No probe answers on this machine: start the simulated one with npm run probe', '', 503);
  }
}

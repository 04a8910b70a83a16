import { env } from 'node:process';
import { problem } from '$lib/server/http';

const USUAL = 'http://127.0.0.1:4191';

/** The stream of a probe on this machine, passed on as it comes: pages may ask nobody but their own server. */
export async function GET({ url, request }) {
  try {
    const answer = await fetch(`${env.KNIFE_TRAY_PROBE ?? USUAL}/readings${url.search}`, { signal: request.signal });
    if (!answer.ok || !answer.body) throw new Error(String(answer.status));
    return new Response(answer.body, { headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' } });
  } catch {
    return problem('No probe answers on this machine: start the simulated one with npm run probe', '', 503);
  }
}

import { json } from '@sveltejs/kit';
import type { Problem } from '../../core/validation';

/** The largest body that is read, in bytes. */
export const BODY_LIMIT = 1_048_576;

export type Body = { readonly ok: true; readonly text: string } | { readonly ok: false; readonly response: Response };

/** What was wrong with a request, as every service answers it. */
export function refused(problems: readonly Problem[], status = 422): Response {
  return json({ problems }, { status });
}

export function problem(message: string, path = '', status = 422): Response {
  return refused([{ path, message }], status);
}

/** A request's body as it came, or a 413 for one over the limit. */
export async function bodyBytes(
  request: Request,
): Promise<{ ok: true; bytes: Uint8Array } | { ok: false; response: Response }> {
  const tooLarge = problem('This is over 1 MB: send it in parts', '', 413);
  if (Number(request.headers.get('content-length') ?? 0) > BODY_LIMIT) return { ok: false, response: tooLarge };
  try {
    return { ok: true, bytes: new Uint8Array(await request.arrayBuffer()) };
  } catch (error) {
    return { ok: false, response: stopped(error, tooLarge) };
  }
}

/** What to answer when a body did not arrive whole. */
function stopped(error: unknown, tooLarge: Response): Response {
  const large = typeof error === 'object' && error !== null && 'status' in error && error.status === 413;
  return large ? tooLarge : problem('The request stopped in the middle: send it again', '', 400);
}

/** The text of a request's body, or a 413 for one over the limit. */
export async function bodyText(request: Request): Promise<Body> {
  const tooLarge = problem('This is over 1 MB: send a smaller file', '', 413);
  if (Number(request.headers.get('content-length') ?? 0) > BODY_LIMIT) return { ok: false, response: tooLarge };
  try {
    return { ok: true, text: await request.text() };
  } catch (error) {
    return { ok: false, response: stopped(error, tooLarge) };
  }
}

/** A request's body as JSON, or the answer that says why there is none. */
export async function bodyJson(
  request: Request,
): Promise<{ ok: true; value: unknown } | { ok: false; response: Response }> {
  const body = await bodyText(request);
  if (!body.ok) return body;
  try {
    return { ok: true, value: JSON.parse(body.text) as unknown };
  } catch {
    return { ok: false, response: problem('The body is not JSON: check that it is whole') };
  }
}

import { json } from '@sveltejs/kit';
import { parsedJson, type Problem, type Read } from '../../core/validation';

/** The largest body that is read, in bytes. */
export const BODY_LIMIT = 1_048_576;

type Got<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** What was wrong with a request, as every service answers it. */
export function refused(problems: readonly Problem[], status = 422): Response {
  return json({ problems }, { status });
}

export function problem(message: string, path = '', status = 422): Response {
  return refused([{ path, message }], status);
}

/** What to answer when a body did not arrive whole. */
function stopped(error: unknown, tooLarge: Response): Response {
  const large = typeof error === 'object' && error !== null && 'status' in error && error.status === 413;
  return large ? tooLarge : problem('The request stopped in the middle: send it again', '', 400);
}

async function body<T>(request: Request, take: (request: Request) => Promise<T>): Promise<Got<T>> {
  const tooLarge = problem('This is over 1 MB: send it in parts', '', 413);
  if (Number(request.headers.get('content-length') ?? 0) > BODY_LIMIT) return { ok: false, response: tooLarge };
  try {
    return { ok: true, value: await take(request) };
  } catch (error) {
    return { ok: false, response: stopped(error, tooLarge) };
  }
}

/** A request's body as it came, or a 413 for one over the limit. */
export const bodyBytes = (request: Request): Promise<Got<Uint8Array>> =>
  body(request, async (one) => new Uint8Array(await one.arrayBuffer()));

/** The text of a request's body, or a 413 for one over the limit. */
export const bodyText = (request: Request): Promise<Got<string>> => body(request, (one) => one.text());

/** A request's body as JSON, or the answer that says why there is none. */
export async function bodyJson(request: Request): Promise<Got<unknown>> {
  const text = await bodyText(request);
  if (!text.ok) return text;
  const read = parsedJson(text.value, 'The body is not JSON: check that it is whole');
  return read.ok ? read : { ok: false, response: refused(read.problems) };
}

/** A request's body as some reader takes it, or the answer that says what is wrong with it. */
export async function readBody<T>(request: Request, read: (found: unknown) => Read<T>): Promise<Got<T>> {
  const body = await bodyJson(request);
  if (!body.ok) return body;
  const found = read(body.value);
  return found.ok ? found : { ok: false, response: refused(found.problems) };
}

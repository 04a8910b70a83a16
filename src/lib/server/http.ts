import { json } from '@sveltejs/kit';
import { STATUS_CODES } from 'node:http';
import { BODY_LIMIT } from '$lib/limits/bodyLimits';
import { parsedJson, type Problem, type Read } from '$core/validation';
import { problemMessage, type ProblemMessage } from '$wording/problems';
import { REFUSALS, refusalText, type RefusalCode, type RefusalFigures } from '$wording/refusals';

type Got<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** Answers with JSON as text. For large answers: SvelteKit's helper encodes the text a second time to measure it. */
export const jsonText = (text: string): Response =>
  new Response(text, { headers: { 'Content-Type': 'application/json' } });

/** Answers with problem details (RFC 9457): the status with its name, the first problem as `detail`, and all with their places. */
function problemDetails(status: number, problems: readonly ProblemMessage[], more: object = {}): Response {
  const [first] = problems;
  return json(
    { type: 'about:blank', title: STATUS_CODES[status], status, detail: first?.message, problems, ...more },
    { status, headers: { 'Content-Type': 'application/problem+json' } },
  );
}

/** Answers with the problems of a request, with messages for codes. */
export function refused(problems: readonly (Problem | ProblemMessage)[], status = 422): Response {
  return problemDetails(
    status,
    problems.map((wrong) => ('message' in wrong ? wrong : problemMessage(wrong))),
  );
}

/** Refuses a request as a whole. */
export const refusal = <C extends RefusalCode>(code: C, ...figures: RefusalFigures<C>): Response =>
  refusedWith(code, {}, ...figures);

/** Refuses a request as a whole, and sends what the sender needs to go on. */
export function refusedWith<C extends RefusalCode>(code: C, more: object, ...figures: RefusalFigures<C>): Response {
  const { status, path = '' }: { status: number; path?: string } = REFUSALS[code];
  return problemDetails(status, [{ path, code, message: refusalText(code, ...figures) }], more);
}

const sizeText = (bytes: number) =>
  bytes < BODY_LIMIT ? `${bytes} bytes` : `${bytes / BODY_LIMIT} MB. Send it in parts`;

/**
 * Returns a request's body, or a 413 if it exceeds the limit; the actual size counts, not the declared one. Clients read the
 * answer only after sending everything, so the rest is read and discarded.
 */
export async function bodyBytes(request: Request, most = BODY_LIMIT): Promise<Got<Uint8Array>> {
  const tooLarge = (): Got<never> => {
    return { ok: false, response: refusal('too-large', sizeText(most)) };
  };
  if (Number(request.headers.get('content-length') ?? 0) > most) return tooLarge();
  const parts: Uint8Array[] = [];
  let size = 0;
  try {
    for await (const part of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
      size += part.length;
      if (size <= most) parts.push(part);
    }
  } catch (error) {
    const isLarge = typeof error === 'object' && error !== null && 'status' in error && error.status === 413;
    if (isLarge) return tooLarge();
    return { ok: false, response: refusal('incomplete') };
  }
  if (size > most) return tooLarge();
  const whole = new Uint8Array(size);
  parts.reduce((at, part) => (whole.set(part, at), at + part.length), 0);
  return { ok: true, value: whole };
}

/** Returns the text of a request's body, or a 413. */
export async function bodyText(request: Request, most = BODY_LIMIT): Promise<Got<string>> {
  const bytes = await bodyBytes(request, most);
  return bytes.ok ? { ok: true, value: new TextDecoder().decode(bytes.value) } : bytes;
}

/** Returns a request's body as JSON, or a refusal. */
export async function bodyJson(request: Request, most = BODY_LIMIT): Promise<Got<unknown>> {
  const text = await bodyText(request, most);
  if (!text.ok) return text;
  const read = parsedJson(text.value);
  return read.ok ? read : { ok: false, response: refused(read.problems) };
}

/** Returns a request's body as read by a reader, or a refusal. */
export async function readBody<T>(
  request: Request,
  read: (found: unknown) => Read<T>,
  most = BODY_LIMIT,
): Promise<Got<T>> {
  const text = await bodyText(request, most);
  return text.ok ? readText(text.value, read) : text;
}

/** Returns the text of a body as read by a reader, or a refusal. */
export function readText<T>(text: string, read: (found: unknown) => Read<T>): Got<T> {
  const json = parsedJson(text);
  const found = json.ok ? read(json.value) : json;
  return found.ok ? found : { ok: false, response: refused(found.problems) };
}

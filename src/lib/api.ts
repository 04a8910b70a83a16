import type { ProblemMessage } from '$wording/problems';

export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      readonly status: number;
      readonly problems: readonly ProblemMessage[];
      readonly value?: unknown;
    };

const SILENT =
  'The server does not answer. Nothing you typed is lost. Check that the server is running, then try again';
const CSV = 'text/csv';
const JSON_TYPE = 'application/json';

/** Returns the problems of a failed answer: its own, otherwise its message with the error id, otherwise its status. */
function saidBy(status: number, value: unknown): readonly ProblemMessage[] {
  const { problems, message, id } = Object(value) as {
    problems?: readonly ProblemMessage[];
    message?: string;
    id?: string;
  };
  if (problems && problems.length > 0) return problems;
  const sentence = message ?? `The server answered ${status}. Nothing you typed is lost. Try again`;
  return [{ path: '', message: id ? `${sentence} (fault ${id})` : sentence }];
}

/**
 * Sends a request to this application's own server. Never throws: errors are returned as at least one problem to show.
 *
 * @param body sent as it is when it is a file, else as JSON; text is taken for JSON that is written already
 * @param headers besides those that every request has
 */
export async function ask<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<Answer<T>> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: {
        ...headers,
        Accept: JSON_TYPE,
        'Content-Type': body instanceof Blob ? body.type || 'application/zip' : JSON_TYPE,
      },
      body: typeof body === 'string' || body instanceof Blob ? body : body === undefined ? null : JSON.stringify(body),
    });
  } catch {
    return { ok: false, status: 0, problems: [{ path: '', message: SILENT }] };
  }
  const value: unknown = await response.json().catch(() => null);
  if (response.ok && value !== null) return { ok: true, value: value as T };
  return { ok: false, status: response.status, problems: saidBy(response.status, value), value };
}

/** Text to send as a table. */
export const csv = (text: string) => new Blob([text], { type: CSV });

/** Returns the problem of one field, or nothing. */
export function problemAt(problems: readonly ProblemMessage[], path: string): string {
  return problems.find((problem) => problem.path === path)?.message ?? '';
}

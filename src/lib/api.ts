import type { Problem } from '../core/validation';

export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly problems: readonly Problem[]; readonly value?: unknown };

const SILENT: Problem = {
  path: '',
  message: 'The server does not answer. What you typed is still here: check that it runs, then try again',
};

/**
 * Asks this application's own server for something. Never throws: what went wrong comes back as problems to show.
 *
 * @param body sent as it is when it is text or a file, else as JSON
 */
export async function ask<T>(method: 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<Answer<T>> {
  try {
    const response = await fetch(path, {
      method,
      headers: { 'Content-Type': body instanceof Blob ? body.type || 'application/zip' : 'application/json' },
      body: typeof body === 'string' || body instanceof Blob ? body : body === undefined ? null : JSON.stringify(body),
    });
    const value: unknown = await response.json();
    if (response.ok) return { ok: true, value: value as T };
    const { problems = [] } = value as { problems?: readonly Problem[] };
    return { ok: false, status: response.status, problems, value };
  } catch {
    return { ok: false, status: 0, problems: [SILENT] };
  }
}

/** What is wrong with one field, or nothing. */
export function problemAt(problems: readonly Problem[], path: string): string {
  return problems.find((one) => one.path === path)?.message ?? '';
}

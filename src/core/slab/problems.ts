import { ValidationError, type Schema } from 'yup';

/** What is wrong with something read, and where: a JSON pointer and a sentence that says what to do. */
export interface Problem {
  readonly path: string;
  readonly message: string;
}

export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

const MOST_PROBLEMS = 100;

/**
 * A field's path as a JSON pointer (RFC 6901).
 *
 * @example pointer('preparations[0].lines[1].unit') // '/preparations/0/lines/1/unit'
 */
export function pointer(path: string | undefined): string {
  if (!path) return '';
  const parts = [...path.matchAll(/\["((?:[^"\\]|\\.)*)"\]|\[(\d+)\]|([^.[\]]+)/g)];
  return parts
    .map(([, quoted, index, name]) => quoted ?? index ?? name ?? '')
    .map((part) => `/${part.replaceAll('~', '~0').replaceAll('/', '~1')}`)
    .join('');
}

/**
 * Holds something against a schema.
 *
 * @returns at most 100 problems, each once, in the order of the fields; none when it fits
 */
export function problemsOf(schema: Schema | { validateSync: Schema['validateSync'] }, found: unknown): Problem[] {
  try {
    schema.validateSync(found, { strict: true, abortEarly: false, stackTraceLimit: 0 } as object);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const each = error.inner.length > 0 ? error.inner : [error];
    const said = new Map(each.map(({ path, message }) => [`${path} ${message}`, { path: pointer(path), message }]));
    return [...said.values()].slice(0, MOST_PROBLEMS);
  }
}

import { problem, reason, type Problem, type Reason } from './codes';
import type { Read } from './types';

/** Deeper than this nothing is nested that a person or a program of ours has written. */
const DEEPEST = 40;
/** A field of this name would become the prototype of what it is copied into. */
const PROTOTYPE = '__proto__';

/** A key as a part of a JSON pointer (RFC 6901). */
export const pointerPart = (key: string | number): string =>
  `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`;

/**
 * What makes some read data unfit to be kept, whatever its fields are: a field named `__proto__`, or nesting without end.
 *
 * @param found anything that `JSON.parse` can give
 * @returns the first such thing, or null
 */
export function unfitProblem(found: unknown): Problem | null {
  const open: { readonly value: unknown; readonly path: string; readonly depth: number }[] = [
    { value: found, path: '', depth: 0 },
  ];
  for (let node = open.pop(); node; node = open.pop()) {
    const { value, path, depth } = node;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) return problem('', 'nested-too-deep', { max: DEEPEST });
    if (Object.hasOwn(value, PROTOTYPE)) {
      return problem(`${path}${pointerPart(PROTOTYPE)}`, 'forbidden-name', { name: PROTOTYPE });
    }
    if (Array.isArray(value) && value.every((item) => typeof item !== 'object')) continue;
    for (const [key, inner] of Object.entries(value)) {
      if (typeof inner === 'object') open.push({ value: inner, path: path + pointerPart(key), depth: depth + 1 });
    }
  }
  return null;
}

/**
 * Reads JSON that came from outside.
 *
 * @param text JSON, with or without a byte order mark
 * @param damaged the reason to give where it is no JSON
 */
export function parsedJson(text: string, damaged: Reason = reason('not-json')): Read<unknown> {
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return { ok: false, problems: [{ ...damaged, path: '' }] };
  }
  const unfit = unfitProblem(value);
  return unfit ? { ok: false, problems: [unfit] } : { ok: true, value };
}

/**
 * Reads JSON that this program has stored. It was held against its schema before it was written; a field named `__proto__` that
 * an earlier release let through is left out.
 */
export function storedJson<T>(text: string): T {
  if (!text.includes(PROTOTYPE)) return JSON.parse(text) as T;
  return JSON.parse(text, function (this: Record<string, unknown>, _key, value: unknown) {
    if (typeof value === 'object' && value !== null && Object.hasOwn(value, PROTOTYPE)) {
      return Object.fromEntries(Object.entries(value).filter(([key]) => key !== PROTOTYPE));
    }
    return value;
  }) as T;
}

import { problem, reason, type Problem, type Reason } from './codes';
import type { Read } from './types';

/** Maximum nesting depth of legitimate data. */
const DEEPEST = 40;
/** A field of this name would become the prototype of an object it is copied into. */
const PROTOTYPE = '__proto__';

/** Escapes a key for a JSON pointer (RFC 6901). */
export const pointerPart = (key: string | number): string =>
  `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`;

/** Where a value stands: in which other, under which key. Its pointer is written out only where there is a problem. */
export interface Place {
  readonly within: Place | null;
  readonly key: string | number;
}

/** Returns the JSON pointer of a place; empty for the whole. */
export function pointerOf(place: Place | null): string {
  return place === null ? '' : pointerOf(place.within) + pointerPart(place.key);
}

/**
 * Finds what makes data unsafe to store: a field named `__proto__`, or too much nesting.
 *
 * @param found anything that `JSON.parse` can give
 * @returns the first such thing, or null
 */
export function unfitProblem(found: unknown): Problem | null {
  const open: { readonly value: unknown; readonly place: Place | null; readonly depth: number }[] = [
    { value: found, place: null, depth: 0 },
  ];
  for (let node = open.pop(); node; node = open.pop()) {
    const { value, place, depth } = node;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) return problem('', 'nested-too-deep', { max: DEEPEST });
    if (Object.hasOwn(value, PROTOTYPE)) {
      return problem(pointerOf({ within: place, key: PROTOTYPE }), 'forbidden-name', { name: PROTOTYPE });
    }
    if (Array.isArray(value) && value.every((item) => typeof item !== 'object')) continue;
    for (const [key, inner] of Object.entries(value)) {
      if (typeof inner === 'object') open.push({ value: inner, place: { within: place, key }, depth: depth + 1 });
    }
  }
  return null;
}

/**
 * Parses JSON from outside.
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

/** Parses JSON stored by this program. A field named `__proto__` that an earlier version let through is dropped. */
export function storedJson<T>(text: string): T {
  if (!text.includes(PROTOTYPE)) return JSON.parse(text) as T;
  return JSON.parse(text, function (this: Record<string, unknown>, _key, value: unknown) {
    if (typeof value === 'object' && value !== null && Object.hasOwn(value, PROTOTYPE)) {
      return Object.fromEntries(Object.entries(value).filter(([key]) => key !== PROTOTYPE));
    }
    return value;
  }) as T;
}

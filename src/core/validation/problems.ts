import { isSchema, ValidationError, type ISchema, type Schema } from 'yup';
import { problem, reason, type Problem, type Reason } from './codes';
import { pointerOf, pointerPart, unfitProblem, type Place } from './json';
import type { Read } from './types';

const MAX_PROBLEMS = 100;
/** Maximum number of fields checked. A slab written by a person has a few hundred. */
const MAX_FIELDS = 30_000;

/**
 * Converts a field path of Yup to a JSON pointer (RFC 6901).
 *
 * @example pointer('preparations[0].lines[1].unit') // '/preparations/0/lines/1/unit'
 */
export function pointer(path: string | undefined): string {
  if (!path) return '';
  const parts = [...path.matchAll(/\["((?:[^"\\]|\\.)*)"\]|\[(\d+)\]|([^.[\]]+)/g)];
  return parts.map(([, quoted, index, name]) => pointerPart(quoted ?? index ?? name ?? '')).join('');
}

/** A schema for walking: lists know their items, objects their fields. */
type Node = Schema & { readonly innerType?: Schema; readonly fields?: Readonly<Record<string, Schema>> };

/** The fields of each schema of an object, listed once. */
const fieldsOf = new WeakMap<Schema, readonly (readonly [string, Schema])[]>();

function listedFields(schema: Node): readonly (readonly [string, Schema])[] {
  const listed = fieldsOf.get(schema) ?? Object.entries(schema.fields ?? {});
  fieldsOf.set(schema, listed);
  return listed;
}

/** A schema as it is before it is resolved: lazy ones have neither of these. */
type Unresolved = { readonly spec?: { readonly optional?: boolean }; readonly conditions?: readonly unknown[] };

/** Tells, without resolving its schema, that a field is left out and may be. */
function isLeftOut(schema: unknown, value: unknown): boolean {
  const { spec, conditions } = schema as Unresolved;
  return value === undefined && spec?.optional === true && conditions?.length === 0;
}

/** Maximum number of remembered values per field. */
const MAX_KNOWN = 500;
/** Values already found valid, by schema. */
const known = new WeakMap<Schema, Set<unknown>>();

/** Returns the remembered values of a field; none if validity depends on other fields. */
function knownValues(schema: Node): Set<unknown> | null {
  const values = known.get(schema);
  if (values) return values;
  // A test with a second argument uses its context.
  if (schema.tests.some(({ OPTIONS }) => (OPTIONS?.test.length ?? 2) > 1)) return null;
  const fresh = new Set<unknown>();
  known.set(schema, fresh);
  return fresh;
}

/** Tells whether a list or an object has no rules as a whole, only for its contents. */
const isPlainContainer = (schema: Node, value: unknown): boolean =>
  schema.tests.length === 0 && typeof value === 'object' && value !== null && schema.isType(value);

/** Checks one value against its own schema, without its fields. */
function ownProblems(schema: Node, value: unknown, parent: unknown, place: Place | null): Problem[] {
  if (isPlainContainer(schema, value)) return [];
  const values = typeof value === 'object' ? null : knownValues(schema);
  if (values?.has(value)) return [];
  const problems = checkedProblems(schema, value, parent, place);
  if (values && problems.length === 0) {
    if (values.size >= MAX_KNOWN) values.clear();
    values.add(value);
  }
  return problems;
}

/** Returns the reason from a message of our schemas. Yup's own messages become "unusable". */
function reasonOf(error: ValidationError): Reason {
  const [given] = error.errors as unknown[];
  return typeof given === 'object' && given !== null && 'code' in given ? (given as Reason) : reason('unusable');
}

function checkedProblems(schema: Node, value: unknown, parent: unknown, place: Place | null): Problem[] {
  try {
    // Resolves lazy schemas, as Yup does when it descends.
    const within = { strict: true, abortEarly: false, recursive: false, parent, disableStackTrace: true };
    schema.validateSync(value, within as object);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const each = error.inner.length > 0 ? error.inner : [error];
    return each.map((validationError) => ({
      ...reasonOf(validationError),
      path: pointerOf(place) + pointer(validationError.path),
    }));
  }
}

/**
 * Checks a value against a schema.
 *
 * Works from the outside in: a list that is too long is refused before its items are checked, and checking stops after 100 problems or
 * 30,000 fields, so that bad input costs no more than good.
 *
 * @returns at most 100 problems, each once, in the order of the fields; none when it fits
 */
export function problemsOf(schema: ISchema<unknown>, found: unknown): Problem[] {
  const unfit = unfitProblem(found);
  if (unfit) return [unfit];
  const problems = new Map<string, Problem>();
  let fieldCount = 0;
  const visit = (of: Schema, value: unknown, parent: unknown, place: Place | null): void => {
    if (isLeftOut(of, value) || problems.size >= MAX_PROBLEMS || fieldCount > MAX_FIELDS) return;
    const node = of.resolve({ value, parent }) as Node;
    if (value === undefined && node.spec.optional) return;
    fieldCount += 1;
    const own = ownProblems(node, value, parent, place);
    for (const problem of own)
      problems.set(`${problem.path} ${problem.code} ${JSON.stringify(problem.figures)}`, problem);
    if (own.length > 0 || typeof value !== 'object' || value === null) return;
    if (Array.isArray(value)) {
      const { innerType } = node;
      if (innerType) value.forEach((item, at) => visit(innerType, item, value, { within: place, key: at }));
    } else if (node.fields) {
      for (const [name, field] of listedFields(node)) {
        visit(field, (value as Record<string, unknown>)[name], value, { within: place, key: name });
      }
    }
  };
  if (!isSchema(schema)) throw new TypeError('schema');
  visit(schema as unknown as Schema, found, undefined, null);
  if (fieldCount > MAX_FIELDS && problems.size === 0) {
    return [problem('', 'too-many-fields', { max: MAX_FIELDS })];
  }
  return [...problems.values()].slice(0, MAX_PROBLEMS);
}

/** Reads a value by a schema and returns it unchanged if it fits. */
export function readBy<T>(schema: ISchema<T>, found: unknown): Read<NonNullable<T>> {
  const problems = problemsOf(schema, found);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as NonNullable<T> };
}

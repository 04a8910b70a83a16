import * as yup from 'yup';
import { reason, type Reason } from './codes';

/** Building blocks of the schemas: strict (no casting), with reasons instead of messages. Unknown fields are kept. */

/** Type of a schema's value, as immutable plain data. */
export type Plain<T> = T extends readonly unknown[]
  ? { readonly [K in keyof T]: Plain<T[K]> }
  : T extends object
    ? { readonly [K in keyof T]: Plain<T[K]> }
    : T;
export type Held<S extends yup.ISchema<unknown>> = Plain<NonNullable<yup.InferType<S>>>;

/** Returns a reason in the form of a Yup message. */
export const asMessage = (given: Reason): Record<string, unknown> => ({ ...given });

export const REQUIRED = asMessage(reason('missing'));
yup.setLocale({ mixed: { notNull: asMessage(reason('null')), defined: REQUIRED, required: REQUIRED } });
const [BLANK, NOT_TEXT, NOT_A_NUMBER] = [
  asMessage(reason('blank')),
  asMessage(reason('not-text')),
  asMessage(reason('not-a-number')),
];
const tooLong = (max: number) => asMessage(reason('too-long', { max }));
const tooMany = (max: number) => asMessage(reason('too-many', { max }));
const aboveMax = (max: number) => asMessage(reason('above-max', { max }));

/** Text of 1 to `max` characters. */
export const text = (max = 200) =>
  yup
    .string()
    .strict()
    .typeError(NOT_TEXT)
    .required(BLANK)
    .test('not-blank', BLANK, (value) => value.trim() !== '')
    .max(max, tooLong(max));

/** Text that may be missing or empty. */
export const note = (max: number) => yup.string().strict().typeError(NOT_TEXT).max(max, tooLong(max));

/** Text that matches a pattern. @param reason for any other text */
export const formed = (pattern: RegExp, given: Reason) =>
  yup
    .string()
    .strict()
    .typeError(asMessage(given))
    .matches(pattern, { message: asMessage(given) as unknown as string });

const within = (min: number, max: number, outOfRange: Reason, belowMin: Reason) =>
  yup
    .number()
    .strict()
    .typeError(asMessage(outOfRange))
    // Callers decide whether it may be null.
    .test(
      'finite',
      asMessage(outOfRange),
      (value?: number | null) => value === undefined || value === null || Number.isFinite(value),
    )
    .min(min, asMessage(belowMin))
    .max(max, aboveMax(max));

/** A number from `min` to `max`. */
export const number = (min: number, max: number) =>
  within(min, max, reason('out-of-range', { min, max }), reason('below-min', { min }));

/** Smaller positive numbers are typing errors and would overflow as divisors. */
export const MIN_POSITIVE = 1e-6;

/** A positive number up to `max`. */
export const positive = (max: number) =>
  within(MIN_POSITIVE, max, reason('out-of-range', { min: 0, max }), reason('not-positive'));

/** A whole number from `min` to `max`. */
export const whole = (min: number, max: number) => number(min, max).integer(asMessage(reason('not-whole')));

/** A UUID made by the sender. */
export const uuid = () =>
  formed(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, reason('not-a-uuid'));

export const flag = () =>
  yup
    .boolean()
    .strict()
    .typeError(asMessage(reason('not-a-flag')));

/** One of several words. */
export function oneOf<const T extends string>(words: readonly T[]) {
  const notOneOf = asMessage(reason('not-one-of', { allowed: words }));
  return yup.string().strict().typeError(notOneOf).oneOf(words, notOneOf);
}

/** A list of `min` to `max` items. */
export const list = <T>(of: yup.ISchema<T, yup.AnyObject>, max: number, min = 0) => {
  const schema = yup
    .array(of)
    .strict()
    .typeError(asMessage(reason('not-a-list')))
    .max(max, tooMany(max));
  return min > 0 ? schema.min(min, asMessage(reason('too-few', { min }))) : schema;
};

/** An object with known fields; it may be missing. */
export const fields = <T extends yup.ObjectShape>(shape: T) =>
  yup
    .object(shape)
    .strict()
    .typeError(asMessage(reason('not-an-object')))
    .default(undefined)
    .optional();

/** Value type of a table, for descriptions of the schema. */
export interface TableMeta {
  readonly value: yup.NumberSchema;
  readonly most: number;
}

/** A table of numbers with free names, such as densities by state. */
export const table = (value: yup.NumberSchema, most: number) => {
  const given = value.required(NOT_A_NUMBER);
  return yup
    .mixed<Record<string, number>>()
    .meta({ table: { value, most } satisfies TableMeta } as object)
    .test('table', asMessage(reason('not-a-table')), (found, { path, createError }) => {
      if (found === undefined) return true;
      if (typeof found !== 'object' || found === null || Array.isArray(found)) return false;
      const names = Object.keys(found);
      if (names.length > most) return createError({ message: tooMany(most) });
      const wrong = names.flatMap((name) => {
        try {
          given.validateSync(found[name], { disableStackTrace: true });
          return [];
        } catch (error) {
          return [
            createError({
              path: `${path}["${name}"]`,
              message: asMessage((error as yup.ValidationError).errors[0] as unknown as Reason),
            }),
          ];
        }
      });
      return wrong.length === 0 || new yup.ValidationError(wrong);
    });
};

const MAX_PAIRS_TOLD = 10;

/** Up to `most` pairs of numbers, each from -1e9 to 1e9. One test for all, since there may be tens of thousands. */
export const pairs = (most: number, what: string) =>
  yup
    .mixed<(readonly [number, number])[]>()
    .test('pairs', asMessage(reason('not-pairs')), (found: unknown, { createError }) => {
      if (found === undefined) return true;
      if (!Array.isArray(found)) return false;
      if (found.length > most) return createError({ message: asMessage(reason('too-many-pairs', { max: most })) });
      const isNumber = (value: unknown) => typeof value === 'number' && Math.abs(value) <= 1e9;
      const wrong: yup.ValidationError[] = [];
      for (let i = 0; i < found.length && wrong.length < MAX_PAIRS_TOLD; i++) {
        const pair: unknown = found[i];
        if (!Array.isArray(pair) || pair.length !== 2 || !pair.every(isNumber)) {
          wrong.push(createError({ path: `[${i}]`, message: asMessage(reason('not-a-pair', { what })) }));
        }
      }
      return wrong.length === 0 || new yup.ValidationError(wrong);
    });

/** Alternatives of a choice, by the field that distinguishes them. */
export interface Alternatives {
  readonly by: string;
  readonly kinds: Readonly<Record<string, yup.AnyObjectSchema>>;
}

const ALTERNATIVES = new WeakMap<object, Alternatives>();

/** Returns the alternatives of a schema made by `choice`; otherwise `undefined`. */
export const alternativesOf = (schema: object): Alternatives | undefined => ALTERNATIVES.get(schema);

type Shaped<S extends yup.ObjectShape> = NonNullable<yup.InferType<ReturnType<typeof fields<S>>>>;
type Chosen<B extends string, K extends Readonly<Record<string, yup.ObjectShape>>> = {
  [N in keyof K]: { [P in B]: N } & Shaped<K[N]>;
}[keyof K];

/**
 * One of several kinds of object, distinguished by a field.
 *
 * @param need whether it may be left out
 */
export function choice<
  B extends string,
  const K extends Readonly<Record<string, yup.ObjectShape>>,
  N extends 'required' | 'optional',
>(by: B, kinds: K, need: N) {
  const names = Object.keys(kinds);
  const needed = <S extends yup.ObjectShape>(shape: S) => {
    const schema = fields(shape) as unknown as yup.AnyObjectSchema;
    return need === 'required' ? schema.required(REQUIRED) : schema;
  };
  const schemas = Object.fromEntries(
    Object.entries(kinds).map(([name, shape]) => [name, needed({ [by]: oneOf([name]).required(REQUIRED), ...shape })]),
  );
  const none = needed({ [by]: oneOf(names).required(REQUIRED) });
  const made = yup.lazy((found: unknown) => {
    const said = typeof found === 'object' && found !== null ? (found as Record<string, unknown>)[by] : undefined;
    return typeof said === 'string' && Object.hasOwn(schemas, said) ? schemas[said]! : none;
  });
  ALTERNATIVES.set(made, { by, kinds: schemas });
  return made as unknown as yup.Lazy<Chosen<B, K> | (N extends 'optional' ? undefined : never), yup.AnyObject, ''>;
}

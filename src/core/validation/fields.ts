import * as yup from 'yup';

/**
 * Building blocks of the schemas: strict (nothing is cast), with messages that say what to write.
 * Unknown fields pass, since they belong to whoever wrote them.
 */

/** What a schema holds, as plain data that nobody changes. */
export type Plain<T> = T extends readonly unknown[]
  ? { readonly [K in keyof T]: Plain<T[K]> }
  : T extends object
    ? { readonly [K in keyof T]: Plain<T[K]> }
    : T;
export type Held<S extends yup.ISchema<unknown>> = Plain<NonNullable<yup.InferType<S>>>;

export const REQUIRED = 'This is missing';

/** Text of 1 to `max` characters. */
export const text = (max = 200) =>
  yup
    .string()
    .strict()
    .typeError('Write text here')
    .required('Write something here')
    .test('not-blank', 'Write something here', (value) => value.trim() !== '')
    .max(max, `Use ${max} characters or fewer`);

/** Text that may be left out or empty. */
export const note = (max: number) =>
  yup.string().strict().typeError('Write text here').max(max, `Use ${max} characters or fewer`);

/** Text of one form, which the message shows. */
export const formed = (pattern: RegExp, message: string) =>
  yup.string().strict().typeError(message).matches(pattern, message);

const within = (min: number, max: number, said: string, least: string) =>
  yup
    .number()
    .strict()
    .typeError(said)
    // Whether it may be null is said by whoever uses it.
    .test('finite', said, (value?: number | null) => value === undefined || value === null || Number.isFinite(value))
    .min(min, least)
    .max(max, `Write ${max} or less`);

/** A number from `min` to `max`. */
export const number = (min: number, max: number) =>
  within(min, max, `Write a number from ${min} to ${max}`, `Write ${min} or more`);

/** Below this a number over 0 is a slip, and would only overflow what is divided by it. */
export const LEAST = 1e-6;

/** A number over 0, up to `max`. */
export const positive = (max: number) =>
  within(LEAST, max, `Write a number over 0, up to ${max}`, 'Write a number over 0');

/** A whole number from `min` to `max`. */
export const whole = (min: number, max: number) => number(min, max).integer('Write a whole number');

export const flag = () => yup.boolean().strict().typeError('Write true or false');

/** One of some words. */
export const oneOf = <const T extends string>(words: readonly T[]) =>
  yup
    .string()
    .strict()
    .typeError(`Write one of: ${words.join(', ')}`)
    .oneOf(words, `Write one of: ${words.join(', ')}`);

/** A list of up to `most` things. */
export const list = <T>(of: yup.ISchema<T, yup.AnyObject>, most: number) =>
  yup.array(of).strict().typeError('Write a list here').max(most, `At most ${most} are possible`);

/** An object with some fields of a known kind; it may be left out. */
export const fields = <T extends yup.ObjectShape>(shape: T) =>
  yup.object(shape).strict().typeError('Write an object with named fields here').default(undefined).optional();

/** What a table holds, for whoever describes the schema. */
export interface TableMeta {
  readonly value: yup.NumberSchema;
  readonly most: number;
}

/** A table of numbers by name, such as densities by state; names are free. */
export const table = (value: yup.NumberSchema, most: number) => {
  const given = value.required('Write a number');
  return yup
    .mixed<Record<string, number>>()
    .meta({ table: { value, most } satisfies TableMeta } as object)
    .test('table', 'Write an object with named numbers here', (found, { path, createError }) => {
      if (found === undefined) return true;
      if (typeof found !== 'object' || found === null || Array.isArray(found)) return false;
      const names = Object.keys(found);
      if (names.length > most) return createError({ message: `At most ${most} are possible` });
      const wrong = names.flatMap((name) => {
        try {
          given.validateSync(found[name], { disableStackTrace: true });
          return [];
        } catch (error) {
          return [createError({ path: `${path}["${name}"]`, message: (error as Error).message })];
        }
      });
      return wrong.length === 0 || new yup.ValidationError(wrong);
    });
};

const MOST_PAIRS_TOLD = 10;

/** Up to `most` pairs of numbers, each from -1e9 to 1e9. One test for all: they come by the ten thousand. */
export const pairs = (most: number, what: string) =>
  yup
    .mixed<(readonly [number, number])[]>()
    .test('pairs', 'Write a list of pairs here', (found: unknown, { createError }) => {
      if (found === undefined) return true;
      if (!Array.isArray(found)) return false;
      if (found.length > most) return createError({ message: `At most ${most} are possible: send the last of them` });
      const isNumber = (value: unknown) => typeof value === 'number' && Math.abs(value) <= 1e9;
      const wrong: yup.ValidationError[] = [];
      for (let i = 0; i < found.length && wrong.length < MOST_PAIRS_TOLD; i++) {
        const pair: unknown = found[i];
        if (!Array.isArray(pair) || pair.length !== 2 || !pair.every(isNumber)) {
          wrong.push(createError({ path: `[${i}]`, message: `Write a pair of numbers: ${what}` }));
        }
      }
      return wrong.length === 0 || new yup.ValidationError(wrong);
    });

/** What kinds of thing a choice is between, by the field that tells them apart. */
export interface Alternatives {
  readonly by: string;
  readonly kinds: Readonly<Record<string, yup.AnyObjectSchema>>;
}

const ALTERNATIVES = new WeakMap<object, Alternatives>();

/** The alternatives of a schema that `choice` has made; undefined for any other. */
export const alternativesOf = (schema: object): Alternatives | undefined => ALTERNATIVES.get(schema);

type Shaped<S extends yup.ObjectShape> = NonNullable<yup.InferType<ReturnType<typeof fields<S>>>>;
type Chosen<B extends string, K extends Readonly<Record<string, yup.ObjectShape>>> = {
  [N in keyof K]: { [P in B]: N } & Shaped<K[N]>;
}[keyof K];

/**
 * One of several kinds of object, told apart by a field of each that holds the kind's name.
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

import * as yup from 'yup';

/**
 * Building blocks of the schemas: strict (nothing is cast), with messages that say what to write.
 * Unknown fields pass, since they belong to whoever wrote them.
 */

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

/** A number from `min` to `max`. */
export const number = (min: number, max: number) =>
  yup
    .number()
    .strict()
    .typeError(`Write a number from ${min} to ${max}`)
    .test('finite', `Write a number from ${min} to ${max}`, (value) => value === undefined || Number.isFinite(value))
    .min(min, `Write ${min} or more`)
    .max(max, `Write ${max} or less`);

/** Below this a number over 0 is a slip, and would only overflow what is divided by it. */
export const LEAST = 1e-6;

/** A number over 0, up to `max`. */
export const positive = (max: number) =>
  yup
    .number()
    .strict()
    .typeError(`Write a number over 0, up to ${max}`)
    .test('finite', `Write a number over 0, up to ${max}`, (value) => value === undefined || Number.isFinite(value))
    .min(LEAST, 'Write a number over 0')
    .max(max, `Write ${max} or less`);

/** A whole number from `min` to `max`. */
export const whole = (min: number, max: number) => number(min, max).integer('Write a whole number');

/** One of some words. */
export const oneOf = <T extends string>(words: readonly T[]) =>
  yup
    .string()
    .strict()
    .typeError(`Write one of: ${words.join(', ')}`)
    .oneOf(words, `Write one of: ${words.join(', ')}`);

/** A list of up to `most` things. */
export const list = <T extends yup.ISchema<unknown>>(of: T, most: number) =>
  yup.array(of).strict().typeError('Write a list here').max(most, `At most ${most} are possible`);

/** An object with some fields of a known kind; it may be left out. */
export const fields = <T extends yup.ObjectShape>(shape: T) =>
  yup.object(shape).strict().typeError('Write an object with named fields here').default(undefined);

/** A table of numbers by name, such as densities by state; names are free. */
export const table = (value: yup.NumberSchema, most: number, needed = false) =>
  yup
    .mixed<Record<string, number>>()
    .test('table', 'Write an object with named numbers here', (found, { path, createError }) => {
      if (found === undefined) return !needed;
      if (typeof found !== 'object' || found === null || Array.isArray(found)) return false;
      const names = Object.keys(found);
      if (names.length > most) return createError({ message: `At most ${most} are possible` });
      const wrong = names.flatMap((name) => {
        try {
          value.required('Write a number').validateSync(found[name]);
          return [];
        } catch (error) {
          return [createError({ path: `${path}["${name}"]`, message: (error as Error).message })];
        }
      });
      return wrong.length === 0 || new yup.ValidationError(wrong);
    });

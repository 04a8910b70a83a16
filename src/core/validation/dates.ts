import * as yup from 'yup';
import { formed } from './fields';

/** Tells whether a day is in the calendar. @param day YYYY-MM-DD */
export function isDay(day: string): boolean {
  const at = new Date(`${day}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === day;
}

const MOMENT =
  /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,9})?)?(?:Z|[+-](?:0\d|1[0-4]):?[0-5]\d)$/;

/** Tells whether a text is a moment in ISO 8601 with its zone, on a day that is in the calendar. */
export const isMoment = (text: string): boolean => isDay(MOMENT.exec(text)?.[1] ?? '');

/** A day of the calendar: 2026-05-31. */
export const daySchema = formed(/^\d{4}-\d{2}-\d{2}$/, 'Write a day such as 2026-05-31').test(
  'exists',
  'There is no such day in the calendar',
  (day) => day === undefined || !/^\d{4}-\d{2}-\d{2}$/.test(day) || isDay(day),
);

/** A moment with its zone: 2026-12-04T12:00:00+01:00. */
export const momentSchema = yup
  .string()
  .strict()
  .typeError('Write a moment with its zone, such as 2026-12-04T12:00:00+01:00')
  .test(
    'moment',
    'Write a moment with its zone, such as 2026-12-04T12:00:00+01:00, on a day that is in the calendar',
    (text) => text === undefined || isMoment(text),
  );

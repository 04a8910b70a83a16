import * as yup from 'yup';
import { reason } from './codes';
import { asMessage, formed } from './fields';

/** Tells whether a day exists. @param day YYYY-MM-DD */
export function isDay(day: string): boolean {
  const at = new Date(`${day}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === day;
}

const MOMENT =
  /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,9})?)?(?:Z|[+-](?:0\d|1[0-4]):?[0-5]\d)$/;

/** Tells whether a text is a moment in ISO 8601 with its zone on an existing day. */
export const isMoment = (text: string): boolean => isDay(MOMENT.exec(text)?.[1] ?? '');

/** A calendar day: 2026-05-31. */
export const daySchema = formed(/^\d{4}-\d{2}-\d{2}$/, reason('not-a-day')).test(
  'exists',
  asMessage(reason('no-such-day')),
  (day) => day === undefined || !/^\d{4}-\d{2}-\d{2}$/.test(day) || isDay(day),
);

/** A moment with its zone: 2026-12-04T12:00:00+01:00. */
export const momentSchema = yup
  .string()
  .strict()
  .typeError(asMessage(reason('not-a-moment')))
  .test('moment', asMessage(reason('not-a-moment')), (text) => text === undefined || isMoment(text));

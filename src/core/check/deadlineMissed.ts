import { check, type Check } from './codes';

/** A schedule that ends after its deadline, in minutes; `null` if it is in time, or has no deadline. */
export const deadlineMissed = (lateMinutes: number | null): Check[] =>
  lateMinutes === null ? [] : [check('deadline-missed', '/deadline', { minutes: lateMinutes })];

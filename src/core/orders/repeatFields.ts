// Converts the rule of a standing order to form fields and back.
import { ruleParts } from './repeat';

/** Frequencies of a standing order, as the start of its rule. `''`: the order does not repeat. */
export const REPEATS = [
  '',
  'FREQ=DAILY',
  'FREQ=WEEKLY',
  'FREQ=WEEKLY;INTERVAL=2',
  'FREQ=WEEKLY;INTERVAL=3',
  'FREQ=WEEKLY;INTERVAL=4',
  'FREQ=MONTHLY',
] as const;

/** A weekday of RFC 5545. */
export const WEEKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const;
export type Weekday = (typeof WEEKDAYS)[number];

/** How an order repeats. */
export interface RepeatFields {
  readonly every: (typeof REPEATS)[number];
  /** Weekdays of a weekly order, in the order of the week; none for that of its first date. */
  readonly days: readonly Weekday[];
  /** Last day in the shop's zone, `yyyy-MM-dd`; empty without an end. */
  readonly until: string;
}

const isWeekday = (text: string): text is Weekday => WEEKDAYS.some((day) => day === text);
export const isWeekly = (every: RepeatFields['every']): boolean => every.startsWith('FREQ=WEEKLY');

/** Returns the rule of fields; `undefined` for an order that does not repeat. */
export function ruleOf({ every, days, until }: RepeatFields): string | undefined {
  if (every === '') return undefined;
  const chosen = isWeekly(every) ? WEEKDAYS.filter((day) => days.includes(day)) : [];
  return [
    every,
    ...(chosen.length > 0 ? [`BYDAY=${chosen.join(',')}`] : []),
    ...(until ? [`UNTIL=${until.replaceAll('-', '')}T235959Z`] : []),
  ].join(';');
}

/** Returns the form fields of a rule; `null` if the rule says more than the fields can. */
export function repeatFields(rule: string | undefined): RepeatFields | null {
  if (!rule) return { every: '', days: [], until: '' };
  const parts = ruleParts(rule);
  if (!parts) return null;
  const { frequency, interval, weekdays, until, others } = parts;
  const start = `FREQ=${frequency}${interval === 1 ? '' : `;INTERVAL=${interval}`}`;
  const every = REPEATS.find((own) => own === start);
  const days = weekdays.filter(isWeekday);
  const [, lastDay] = /^(.{10})T23:59:59/.exec(until ?? '') ?? [];
  const isWhole = days.length === weekdays.length && !others && (until === null || lastDay !== undefined);
  if (!every || !isWhole || (days.length > 0 && !isWeekly(every))) return null;
  return { every, days, until: lastDay ?? '' };
}

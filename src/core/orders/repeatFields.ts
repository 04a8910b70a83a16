// The rule of a standing order as fields to fill in, and back.

/** How often an order repeats, as the beginning of its rule. `''`: not at all. */
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

/** Returns the fields of a rule, or `null` if they cannot state all of it: such a rule stays as it is. */
export function repeatFields(rule: string | undefined): RepeatFields | null {
  if (!rule) return { every: '', days: [], until: '' };
  const parts = new Map(
    rule
      .replace(/^RRULE:/, '')
      .split(';')
      .map((part) => part.split('=', 2) as [string, string]),
  );
  const interval = Number(parts.get('INTERVAL') ?? 1);
  const frequency = `FREQ=${parts.get('FREQ')}${interval === 1 ? '' : `;INTERVAL=${interval}`}`;
  const every = REPEATS.find((own) => own === frequency);
  const named = parts.get('BYDAY')?.split(',') ?? [];
  const days = named.filter(isWeekday);
  const until = /^(\d{4})(\d{2})(\d{2})(?:T235959Z)?$/.exec(parts.get('UNTIL') ?? '')?.slice(1);
  for (const known of ['FREQ', 'INTERVAL', 'BYDAY', 'UNTIL']) if (known !== 'UNTIL' || until) parts.delete(known);
  if (!every || parts.size > 0 || days.length < named.length || (days.length > 0 && !isWeekly(every))) return null;
  return { every, days, until: until?.join('-') ?? '' };
}

// Standing orders: rules of RFC 5545 in the shop's own time of day.
import { TZDate } from '@date-fns/tz';
import * as module from 'rrule';

/** The package is a CommonJS module in Node and an ES module in the browser. */
const { RRule } = (module as { default?: typeof module }).default ?? module;

/** Rules that a shop uses; one that repeats by the minute is a typing error and would never end. */
const FREQUENCIES: readonly number[] = [RRule.DAILY, RRule.WEEKLY, RRule.MONTHLY];
/** Maximum number of occurrences that are listed at once. */
export const MAX_OCCURRENCES = 1000;
const DAY_MS = 86_400_000;
/** Longest stretch of time that is searched, days. */
const MAX_DAYS = 800;

function parsed(rule: string): Partial<module.Options> | null {
  try {
    const options = RRule.parseString(rule.replace(/^RRULE:/, ''));
    return options.freq !== undefined && FREQUENCIES.includes(options.freq) && (options.interval ?? 1) >= 1
      ? options
      : null;
  } catch {
    return null;
  }
}

/** Tells whether a text is a rule that repeats by days, weeks or months. */
export const isRepeat = (rule: string): boolean => parsed(rule) !== null;

/** A rule taken apart: its frequency and weekdays as in RFC 5545, its last moment in ISO 8601, and whether it says anything else. */
export interface RuleParts {
  readonly frequency: string;
  readonly interval: number;
  readonly weekdays: readonly string[];
  readonly until: string | null;
  readonly others: boolean;
}

/** Returns the parts of a rule, or `null` for a text that is not one. */
export function ruleParts(rule: string): RuleParts | null {
  const options = parsed(rule);
  if (!options) return null;
  const { freq, interval = 1, byweekday, until, ...others } = options;
  return {
    frequency: RRule.FREQUENCIES[freq!]!,
    interval,
    weekdays: [byweekday ?? []].flat().map(String),
    until: until?.toISOString() ?? null,
    others: Object.keys(others).length > 0,
  };
}

/** Returns a rule in words, such as "every 3 months on the 1st". */
export const repeatText = (rule: string): string => new RRule(parsed(rule) ?? {}).toText();

/** The wall clock of a moment in a zone, as if it were UTC: rules count days of the shop, also across a change of the clock. */
function wallOf(moment: Date, zone: string): Date {
  const at = new TZDate(moment.getTime(), zone);
  return new Date(
    Date.UTC(at.getFullYear(), at.getMonth(), at.getDate(), at.getHours(), at.getMinutes(), at.getSeconds()),
  );
}
const momentOf = (wall: Date, zone: string): Date =>
  new Date(
    new TZDate(
      wall.getUTCFullYear(),
      wall.getUTCMonth(),
      wall.getUTCDate(),
      wall.getUTCHours(),
      wall.getUTCMinutes(),
      wall.getUTCSeconds(),
      zone,
    ).getTime(),
  );

/**
 * Returns the moments of a rule from a moment until before another, at most 1000. The time of day stays that of the first one.
 *
 * @param first the first occurrence, ISO 8601
 * @param zone of the shop, IANA
 * @see RFC 5545, section 3.3.10
 * @example occurrencesOf('FREQ=WEEKLY;BYDAY=TU,FR', '2026-12-04T09:00:00Z', 'UTC', from, to)
 */
export function occurrencesOf(rule: string, first: string, zone: string, from: Date, to: Date): string[] {
  const options = parsed(rule);
  if (!options) return [];
  const begins = wallOf(new Date(first), zone);
  const start = wallOf(from, zone);
  const end = new Date(Math.min(wallOf(to, zone).getTime(), start.getTime() + MAX_DAYS * DAY_MS));
  const repeats = new RRule({ ...options, dtstart: begins });
  const found: string[] = [];
  for (let after = new Date(Math.max(start.getTime(), begins.getTime()) - 1); found.length < MAX_OCCURRENCES;) {
    const next = repeats.after(after);
    if (!next || next >= end) break;
    found.push(momentOf(next, zone).toISOString());
    after = next;
  }
  return found;
}

import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { Figures } from '$core/measure';
import type { DayStep, WeekPlanStep } from '$core/usecases';
import { cautionText, stepText } from '$wording/steps';

const utc = (moment: Date): DateArray => [
  moment.getUTCFullYear(),
  moment.getUTCMonth() + 1,
  moment.getUTCDate(),
  moment.getUTCHours(),
  moment.getUTCMinutes(),
];

/**
 * Writes steps as a calendar file (iCalendar, RFC 5545), each as an event in UTC.
 *
 * @param name what is made; it stands before each step
 * @param say how the shop writes its figures
 * @returns the text of the file, or null where it could not be written
 */
export function calendarOf(name: string, steps: readonly DayStep[], say: Figures): string | null {
  const events = steps.map(({ activity, start, end }, i): EventAttributes => ({
    uid: `${start.getTime()}-${i}@knife-tray`,
    productId: 'knife-tray',
    calName: name,
    title: `${name}: ${stepText(activity.title, say)}`,
    description: activity.caution === null ? '' : cautionText(activity.caution),
    start: utc(start),
    startInputType: 'utc',
    startOutputType: 'utc',
    end: utc(end.getTime() > start.getTime() ? end : new Date(start.getTime() + 60_000)),
    endInputType: 'utc',
    endOutputType: 'utc',
  }));
  const { value, error } = createEvents(events);
  return error || !value ? null : value;
}

/** An order in a calendar. */
interface DueEvent {
  readonly title: string;
  readonly due: Date;
  readonly note: string;
}

/** Writes orders as a calendar file, each at its due time. @returns null where it could not be written */
export function calendarOfOrders(orders: readonly DueEvent[]): string | null {
  const { value, error } = createEvents(
    orders.map(({ title, due, note }, i): EventAttributes => ({
      uid: `order-${due.getTime()}-${i}@knife-tray`,
      productId: 'knife-tray',
      calName: 'Orders',
      title,
      description: note,
      start: utc(due),
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { minutes: 15 },
    })),
  );
  return error || !value ? null : value;
}

/** Writes the steps of a week as a calendar file, with the person of each in its title. @returns null where it could not be written */
export function calendarOfWeek(
  steps: readonly WeekPlanStep[],
  nameOf: (batch: string) => string,
  say: Figures,
): string | null {
  const { value, error } = createEvents(
    steps.map(({ batch, step, title, hands, caution, start, end }): EventAttributes => ({
      uid: `${batch}-${step.replace(/[^a-z0-9]/gi, '-')}@knife-tray`,
      productId: 'knife-tray',
      calName: 'Week',
      title: `${hands === null ? '' : `${hands}: `}${nameOf(batch)}: ${stepText(title, say)}`,
      description: caution === null ? '' : cautionText(caution),
      start: utc(start),
      startInputType: 'utc',
      startOutputType: 'utc',
      end: utc(end.getTime() > start.getTime() ? end : new Date(start.getTime() + 60_000)),
      endInputType: 'utc',
      endOutputType: 'utc',
    })),
  );
  return error || !value ? null : value;
}

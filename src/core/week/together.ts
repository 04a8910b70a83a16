import type { Activity, Link } from '../time';
import type { WeekBatch } from './types';

/** A wait between steps of two batches: the second starts this long after the first has ended. Minutes. */
export interface CrossLink extends Omit<Link, 'on'> {
  readonly before: { readonly batch: string; readonly step: string };
  readonly after: { readonly batch: string; readonly step: string };
}

/** Separates the batch from the step in the id of a step of several batches. */
const OF = '\u0000';
const idIn = (batch: string, step: string) => `${batch}${OF}${step}`;

/**
 * Returns several batches as one, with the waits between them. Their steps keep their own due times; none starts before the latest moment
 * from which on one of them may begin.
 */
export function plannedTogether(batches: readonly WeekBatch[], links: readonly CrossLink[]): WeekBatch {
  let tinsBefore = 0;
  const activities = batches.flatMap(({ id, activities, tins }) => {
    const shift = tinsBefore;
    tinsBefore += tins.length;
    const shifted = <T extends { readonly from: number; readonly to: number }>({ from, to }: T) => ({
      from: from + shift,
      to: to + shift,
    });
    return activities.map((activity): Activity => ({
      ...activity,
      id: idIn(id, activity.id),
      ...(activity.inTins ? { inTins: shifted(activity.inTins) } : {}),
      ...(activity.lifts ? { lifts: shifted(activity.lifts) } : {}),
      after: [
        ...activity.after.map((link) => ({ ...link, on: idIn(id, link.on) })),
        ...links
          .filter(({ after }) => after.batch === id && after.step === activity.id)
          .map(({ before, least, most }) => ({ on: idIn(before.batch, before.step), least, most })),
      ],
    }));
  });
  return {
    ...{ id: batches.map(({ id }) => id).join(OF), activities, tins: batches.flatMap(({ tins }) => tins) },
    notBefore: Math.max(...batches.map(({ notBefore }) => notBefore)),
    due: Math.min(...batches.map(({ due }) => due)),
    members: batches.map(({ id, due }) => ({ id, due })),
  };
}

/** Returns the batch that a step belongs to, its id there, and when that batch is due. */
export function memberOf(
  { id: batch, due, members }: WeekBatch,
  activity: string,
): { readonly batch: string; readonly id: string; readonly due: number } {
  if (!members) return { batch, id: activity, due };
  const [of, id] = activity.split(OF) as [string, string];
  return { batch: of, id, due: members.find((member) => member.id === of)!.due };
}

/** Returns the batches that are planned as one, with when each is due: a single batch is its only member. */
export const membersOf = ({ id, due, members }: WeekBatch): NonNullable<WeekBatch['members']> =>
  members ?? [{ id, due }];

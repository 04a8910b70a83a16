import { isAttended, sortedByLinks, type Activity } from '../time';
import { memberOf } from './together';
import type { StepLink, WeekBatch, WeekStep } from './types';

const HALVES = { busy: 2, watch: 1, free: 0 } as const;
const EPS = 1e-6;

/** A batch with its steps in an order in which each comes after those it waits for. */
export interface BatchSteps {
  readonly batch: WeekBatch;
  readonly steps: readonly WeekStep[];
  /** Tins that are taken together, from their first step until the slab is lifted out of them. */
  readonly holds: readonly Hold[];
}

/** Tins that one slab or group of slabs takes. */
export interface Hold {
  /** Number of each tin, by name. */
  readonly tins: ReadonlyMap<string, number>;
  /** Positions of the steps in these tins. */
  readonly steps: readonly number[];
  /** Position of the step that lifts the slab out; -1 without one: the tins are free when their last step ends. */
  readonly lifted: number;
}

const counted = (names: readonly string[]): ReadonlyMap<string, number> => {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return counts;
};

/**
 * Returns the steps of a batch in whole minutes: durations and least waits rounded up, most waits down but not below the least.
 *
 * @returns `null` if steps wait for one another in a circle
 */
export function stepsOfBatch(batch: WeekBatch): BatchSteps | null {
  const order = sortedByLinks(batch.activities);
  if (!order) return null;
  const sorted = order.map((position): Activity => {
    const activity = batch.activities[position]!;
    return activity.lifts ? { ...activity, occupies: [...activity.occupies, 'board'] } : activity;
  });
  const at = new Map(sorted.map(({ id }, i) => [id, i]));
  const minutes = sorted.map((activity) => Math.max(0, Math.ceil(activity.minutes - EPS)));
  const before = sorted.map(({ after }) =>
    after.flatMap(({ on, least, most }): StepLink[] => {
      const position = at.get(on);
      if (position === undefined) return [];
      const wait = Math.ceil(least - EPS);
      return [{ at: position, least: wait, most: most === null ? Infinity : Math.max(wait, Math.floor(most + EPS)) }];
    }),
  );
  const after = sorted.map((): StepLink[] => []);
  before.forEach((links, i) => links.forEach((link) => after[link.at]!.push({ ...link, at: i })));
  const head = [...minutes];
  sorted.forEach((_, i) => {
    for (const link of before[i]!) head[i] = Math.max(head[i]!, head[link.at]! + link.least + minutes[i]!);
  });
  const tail = [...minutes];
  for (let i = sorted.length - 1; i >= 0; i--)
    for (const link of after[i]!) tail[i] = Math.max(tail[i]!, minutes[i]! + link.least + tail[link.at]!);
  const steps = sorted.map((activity, i): WeekStep => ({
    ...{ activity, minutes: minutes[i]!, halves: HALVES[activity.hands], isAttended: isAttended(activity) },
    ...{ before: before[i]!, after: after[i]!, tail: tail[i]!, head: head[i]!, inTins: activity.inTins ?? null },
    ...memberOf(batch, activity.id),
  }));
  return { batch, steps, holds: holdsOf(batch, steps) };
}

function holdsOf({ tins }: WeekBatch, steps: readonly WeekStep[]): Hold[] {
  const lifts = steps.flatMap(({ activity: { lifts } }, i) => (lifts ? [{ at: i, ...lifts }] : []));
  const groups = lifts.length > 0 ? lifts : [{ at: -1, from: 1, to: Math.max(1, tins.length) }];
  return groups.flatMap(({ at, from, to }): Hold[] => {
    const used = steps.flatMap(({ inTins }, i) => (inTins && inTins.from <= to && inTins.to >= from ? [i] : []));
    return used.length === 0 ? [] : [{ tins: counted(tins.slice(from - 1, to)), steps: used, lifted: at }];
  });
}

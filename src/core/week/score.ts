import type { Grid } from './grid';
import type { BatchSteps } from './steps';
import { membersOf } from './together';
import type { Placement } from './types';

/** Figures of a plan, in the order in which they count: smaller is better in each. Minutes. */
export interface WeekScore {
  /** Batches that fit nowhere. */
  readonly unplaced: number;
  /** Sum over batches of how long after their due times they end. */
  readonly lateMinutes: number;
  /** Presence of people: for each day and person from the first step to the last, and somebody for all that must be attended. */
  readonly paidMinutes: number;
  /** Sum over days of the last attended minute, counted from the start of the day. */
  readonly endOfDays: number;
  /** Sum over batches of the time between their end and their due time. */
  readonly restMinutes: number;
  /** Steps that are not where they were. */
  readonly moved: number;
}

/** Three paid minutes are as good as pieces that are a day fresher: nothing is made days ahead to save a short pause. */
const REST_PER_PAID = 1440 / 3;

/** Paid minutes, with what freshness is worth in them. */
export const costOf = ({ paidMinutes, restMinutes }: WeekScore): number => paidMinutes + restMinutes / REST_PER_PAID;

const ORDER: readonly ((score: WeekScore) => number)[] = [
  ({ unplaced }) => unplaced,
  ({ lateMinutes }) => lateMinutes,
  ({ moved }) => moved,
  costOf,
  ({ endOfDays }) => endOfDays,
];

/** Compares two plans: negative if the first is better. Moved steps count before what is paid; without earlier starts there are none. */
export function compareScores(a: WeekScore, b: WeekScore): number {
  for (const figure of ORDER) {
    const difference = figure(a) - figure(b);
    if (Math.abs(difference) > 1e-9) return difference;
  }
  return 0;
}

/** First minute of each day of the grid, and its end. */
export type Days = readonly number[];

/** Presence of people on one day. */
export interface DayPresence {
  readonly paidMinutes: number;
  /** Last attended minute; `null` on a day without work. */
  readonly end: number | null;
}

export const endOfBatch = ({ steps }: BatchSteps, { starts }: Placement): number =>
  Math.max(0, ...steps.map(({ minutes }, i) => starts[i]! + minutes));

/** Returns how long after its due time each batch ends that is planned here, min: less than 0 if it is in time. */
export function lateness({ batch, steps }: BatchSteps, { starts }: Placement): { id: string; minutes: number }[] {
  return membersOf(batch).map(({ id, due }) => ({
    id,
    minutes: steps.reduce(
      (most, step, i) => (step.batch === id ? Math.max(most, starts[i]! + step.minutes - due) : most),
      -due,
    ),
  }));
}

/** Returns the sum of how late its batches are, min. */
export const lateIn = (of: BatchSteps, placement: Placement): number =>
  lateness(of, placement).reduce((sum, { minutes }) => sum + Math.max(0, minutes), 0);

/** Returns who is present on each day. */
export function presenceOf(
  batches: readonly BatchSteps[],
  placements: readonly (Placement | null)[],
  people: number,
  days: Days,
): DayPresence[] {
  const count = days.length - 1;
  const first = Array.from({ length: count }, () => new Array<number>(people + 1).fill(Infinity));
  const last = Array.from({ length: count }, () => new Array<number>(people + 1).fill(-Infinity));
  let day = 0;
  placements.forEach((placement, b) => {
    if (!placement) return;
    batches[b]!.steps.forEach((step, i) => {
      if (!step.isAttended || step.minutes === 0) return;
      const start = placement.starts[i]!;
      while (day > 0 && start < days[day]!) day--;
      while (day < count - 1 && start >= days[day + 1]!) day++;
      for (const who of [people, placement.people[i]!]) {
        if (who < 0) continue;
        first[day]![who] = Math.min(first[day]![who]!, start);
        last[day]![who] = Math.max(last[day]![who]!, start + step.minutes);
      }
    });
  });
  return first.map((from, d) => {
    const to = last[d]!;
    if (from[people] === Infinity) return { paidMinutes: 0, end: null };
    let paid = 0;
    let [low, high] = [Infinity, -Infinity];
    for (let p = 0; p < people; p++) {
      if (from[p] === Infinity) continue;
      paid += to[p]! - from[p]!;
      [low, high] = [Math.min(low, from[p]!), Math.max(high, to[p]!)];
    }
    const whole = to[people]! - from[people]!;
    const covered = low === Infinity ? 0 : high - low;
    return { paidMinutes: paid + whole - covered, end: to[people]! };
  });
}

/** Returns the figures of a plan. */
export function scoreOf(
  grid: Grid,
  batches: readonly BatchSteps[],
  placements: readonly (Placement | null)[],
  days: Days,
  before: readonly (Placement | null)[] | null,
): WeekScore {
  let [unplaced, lateMinutes, restMinutes, moved] = [0, 0, 0, 0];
  placements.forEach((placement, b) => {
    if (!placement) return void (unplaced += membersOf(batches[b]!.batch).length);
    for (const { minutes } of lateness(batches[b]!, placement)) {
      if (minutes > 0) lateMinutes += minutes;
      else restMinutes -= minutes;
    }
    const was = before?.[b];
    if (was) for (const [i, start] of placement.starts.entries()) if (was.starts[i] !== start) moved++;
  });
  const presence = presenceOf(batches, placements, grid.people.length, days);
  return {
    ...{ unplaced, lateMinutes, restMinutes, moved },
    paidMinutes: presence.reduce((sum, { paidMinutes }) => sum + paidMinutes, 0),
    endOfDays: presence.reduce((sum, { end }, d) => sum + (end === null ? 0 : end - days[d]!), 0),
  };
}

import type { Activity, Means, Starts, Windows } from './activity';
import type { ScheduleReason } from './reason';
import { generateSchedule, sortedByLinks, type Generated } from './generate';
import { steadyRandom } from './steadyRandom';

/** One scheduled step. Minutes from the moment that the windows count from. */
export interface Timed {
  readonly activity: Activity;
  readonly start: number;
  readonly end: number;
  /** How much later it could be without delaying the end; in a backward schedule, earlier without an earlier start. */
  readonly slackMinutes: number;
  /** Whether it is on the critical path. */
  readonly deciding: boolean;
}

export interface Timeline {
  readonly ok: true;
  readonly steps: readonly Timed[];
  readonly start: number;
  readonly end: number;
}
export type TimelineAnswer = Timeline | { readonly ok: false; readonly because: ScheduleReason };

const MAX_TRIES = 400;
const MIN_TRIES = 3;
/** Search budget. Placing n steps costs about n³ comparisons; this many take a few seconds. */
const MAX_COMPARISONS = 5e7;
/** Number of attempts without a schedule after which there is none. */
const HOPELESS = 40;
/** Steps with a maximum wait up to this are placed first, min. */
const TIGHT = [null, 10, 60] as const;
const SLACK_NEAR = 0.5;

/** Returns the longest path from the start of an activity to the end of everything, min. */
function tails(activities: readonly Activity[]): number[] {
  const order = sortedByLinks(activities) ?? [];
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  const tail = activities.map(({ minutes }) => minutes);
  for (const i of [...order].reverse()) {
    for (const { on, least } of activities[i]!.after) {
      const before = at.get(on);
      if (before !== undefined) tail[before] = Math.max(tail[before]!, activities[before]!.minutes + least + tail[i]!);
    }
  }
  return tail;
}

const endOf = (activities: readonly Activity[], starts: Starts) =>
  Math.max(...activities.map(({ minutes }, i) => starts[i]! + minutes));

/**
 * Searches for the shortest schedule: by longest tail first, then by local search over placing orders. A step is moved or all are
 * perturbed; now and then everything is shifted as late as possible and the order taken from there (justification, Valls and
 * others 2005). Orders of equal length are accepted, so that the search keeps moving.
 */
function best(
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  from: number,
  pinned: ReadonlyMap<string, number>,
): Generated {
  const tail = tails(activities);
  const random = steadyRandom(20261);
  const length = (starts: Starts) => endOf(activities, starts);
  const placed = (priority: readonly number[], tight: number | null, end = Infinity) =>
    generateSchedule(
      activities,
      { priority, tight, latest: tail.map((minutes) => end - minutes) },
      means,
      windows,
      from,
      pinned,
    );
  const longestFirst = tail.map((minutes) => -minutes);
  let found = placed(longestFirst, null);
  const tries = triesFor(activities.length);
  for (let i = 0; i < tries; i++) {
    // Lower bound: no schedule is shorter than the longest chain.
    if (found.ok ? length(found.starts) <= from + Math.max(...tail) + 1e-6 : i >= HOPELESS) break;
    const tight = TIGHT[i % TIGHT.length]!;
    const order: readonly number[] = !found.ok
      ? tail.map((minutes) => -minutes * (i < TIGHT.length ? 1 : 0.5 + random()))
      : i % 8 === 0
        ? latest(activities, found.starts, means, windows)
        : i % 8 === 1
          ? tail.map((minutes) => -minutes * (0.6 + 0.8 * random()))
          : i % 2 === 0
            ? found.starts.map((start) => start + 60 * random() ** 2)
            : moved(found.starts, random);
    const other = placed(order, tight, found.ok ? length(found.starts) : Infinity);
    if (other.ok) found = other;
  }
  return found;
}

/** Returns how many placing orders to try: fewer for more steps, so that all schedules take about the same time. */
function triesFor(steps: number): number {
  return Math.max(MIN_TRIES, Math.min(MAX_TRIES, Math.round(MAX_COMPARISONS / steps ** 3)));
}

/** Swaps a random step with a neighbour. */
function moved(starts: Starts, random: () => number): number[] {
  const picked = Math.floor(random() * starts.length);
  const to = starts[Math.floor(random() * starts.length)]! + (random() < 0.5 ? -0.5 : 0.5);
  return starts.map((start, i) => (i === picked ? to : start));
}

/** Returns the same work in reverse time: successors become predecessors. */
function mirrored(activities: readonly Activity[]): Activity[] {
  return activities.map((activity) => ({
    ...activity,
    after: activities.flatMap(({ id, after }) =>
      after.filter(({ on }) => on === activity.id).map(({ least, most }) => ({ on: id, least, most })),
    ),
  }));
}

const mirroredMeans = ({ blocked = [], ...means }: Means): Means => ({
  ...means,
  blocked: blocked.map(({ what, from, to }) => ({ what, from: -to, to: -from })),
});
const mirroredWindows = (windows: Windows): Windows => windows.map(([from, to]) => [-to, -from] as const).reverse();

function lineOf(activities: readonly Activity[], starts: Starts, late: Starts): Timeline {
  const steps = activities
    .map((activity, i): Timed => {
      const slackMinutes = Math.max(0, late[i]! - starts[i]!);
      return {
        activity,
        start: starts[i]!,
        end: starts[i]! + activity.minutes,
        slackMinutes,
        deciding: slackMinutes < SLACK_NEAR,
      };
    })
    .sort((a, b) => a.start - b.start || a.end - b.end);
  return { ok: true, steps, start: steps[0]?.start ?? 0, end: Math.max(0, ...steps.map(({ end }) => end)) };
}

/** Shifts each step as late as possible with the end fixed, from the last one on. */
function latest(activities: readonly Activity[], starts: Starts, means: Means, windows: Windows): Starts {
  const end = endOf(activities, starts);
  const back = generateSchedule(
    mirrored(activities),
    { priority: activities.map(({ minutes }, i) => -(starts[i]! + minutes)), tight: null },
    mirroredMeans(means),
    mirroredWindows(windows),
    -end,
  );
  return back.ok ? activities.map(({ minutes }, i) => Math.max(starts[i]!, -back.starts[i]! - minutes)) : starts;
}

/**
 * Schedules forward from a start: everything as early as possible.
 *
 * @param windows working hours, min from the moment that `from` counts from
 */
export function forwardFrom(
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  from: number,
  pinned: ReadonlyMap<string, number> = new Map(),
): TimelineAnswer {
  const found = best(activities, means, windows, from, pinned);
  if (!found.ok) return found;
  return lineOf(activities, found.starts, latest(activities, found.starts, means, windows));
}

/** Schedules backward from a deadline: everything as late as possible. */
export function backwardFrom(
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  deadline: number,
): TimelineAnswer {
  const found = best(mirrored(activities), mirroredMeans(means), mirroredWindows(windows), -deadline, new Map());
  if (!found.ok) return found;
  const starts = activities.map(({ minutes }, i) => -found.starts[i]! - minutes);
  const soon = generateSchedule(activities, { priority: starts, tight: null }, means, windows, Math.min(...starts));
  const slack = soon.ok ? starts.map((start, i) => Math.max(start, 2 * start - soon.starts[i]!)) : starts;
  return lineOf(activities, starts, slack);
}

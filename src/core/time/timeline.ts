import type { Activity, Means, Starts, Windows } from './activity';
import { generated, sortedByLinks, type Generated } from './generate';

/** One step on the line. Minutes from the moment that the windows count from. */
export interface Timed {
  readonly activity: Activity;
  readonly start: number;
  readonly end: number;
  /** By how much it could be later without the end being later. */
  readonly slackMinutes: number;
  /** One of the chain that decides how long it all takes. */
  readonly deciding: boolean;
}

export interface Timeline {
  readonly ok: true;
  readonly steps: readonly Timed[];
  readonly start: number;
  readonly end: number;
}
export type TimelineFound = Timeline | { readonly ok: false; readonly because: string };

const TRIES = 40;
const SLACK_NEAR = 0.5;

/** Random numbers that are the same at every run (Park and Miller). */
function steadyRandom(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

/** Longest way from the start of an activity to the end of everything, min. */
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
 * The shortest schedule that is found: by the longest tail first, then by orders shaken a little, and now and then by the order in
 * which everything begins when it is pushed as late as it goes (justification, Valls and others 2005).
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
  let found = generated(
    activities,
    tail.map((one) => -one),
    means,
    windows,
    from,
    pinned,
  );
  if (!found.ok) return found;
  const take = (priority: readonly number[]) => {
    const other = generated(activities, priority, means, windows, from, pinned);
    if (!found.ok || !other.ok) return;
    if (endOf(activities, other.starts) < endOf(activities, found.starts) - 1e-6) found = other;
  };
  for (let i = 0; i < TRIES && found.ok; i++) {
    take(
      i % 2 === 0
        ? found.starts.map((start) => start + 30 * random())
        : tail.map((one) => -one * (0.7 + 0.6 * random())),
    );
    if (i % 8 === 0) take(latest(activities, found.starts, means, windows));
  }
  return found;
}

/** The same work seen from its end: time runs backwards, what followed now leads. */
function mirrored(activities: readonly Activity[]): Activity[] {
  return activities.map((activity) => ({
    ...activity,
    after: activities.flatMap(({ id, after }) =>
      after.filter(({ on }) => on === activity.id).map(({ least, most }) => ({ on: id, least, most })),
    ),
  }));
}

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

/** As late as each can be with the end held, one by one from the last. */
function latest(activities: readonly Activity[], starts: Starts, means: Means, windows: Windows): Starts {
  const end = endOf(activities, starts);
  const back = generated(
    mirrored(activities),
    activities.map(({ minutes }, i) => -(starts[i]! + minutes)),
    means,
    mirroredWindows(windows),
    -end,
  );
  return back.ok ? activities.map(({ minutes }, i) => Math.max(starts[i]!, -back.starts[i]! - minutes)) : starts;
}

/**
 * A timeline forward from a start: everything as soon as it can be.
 *
 * @param windows working hours, min from the moment that `from` counts from
 */
export function forwardFrom(
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  from: number,
  pinned: ReadonlyMap<string, number> = new Map(),
): TimelineFound {
  const found = best(activities, means, windows, from, pinned);
  if (!found.ok) return found;
  return lineOf(activities, found.starts, latest(activities, found.starts, means, windows));
}

/** A timeline backward from a deadline: everything as late as it can be. */
export function backwardFrom(
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  deadline: number,
): TimelineFound {
  const found = best(mirrored(activities), means, mirroredWindows(windows), -deadline, new Map());
  if (!found.ok) return found;
  const starts = activities.map(({ minutes }, i) => -found.starts[i]! - minutes);
  const soon = generated(activities, starts, means, windows, Math.min(...starts));
  const slack = soon.ok ? starts.map((start, i) => Math.max(start, 2 * start - soon.starts[i]!)) : starts;
  return lineOf(activities, starts, slack);
}

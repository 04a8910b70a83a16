import type { Activity, Means, Starts, Windows } from './activity';

/** What stands in the way of a schedule. */
export interface Impossible {
  readonly ok: false;
  readonly because: string;
}
export type Generated = { readonly ok: true; readonly starts: Starts } | Impossible;

/** Hands are counted in halves: who watches one pot can watch another, and can do nothing else. */
const HALVES = { busy: 2, watch: 1, free: 0 } as const;
const SHELVES = { fridge: 5, freezer: 3, mixer: 1, marble: 1 } as const;
/** Two things share an oven when it is as hot as both want it, and on as many shelves as it has. */
const OVEN_SHELVES = 2;
const SAME_OVEN_C = 3;
const MOST_ROUNDS = 400;
const EPS = 1e-6;

interface Placed {
  readonly activity: Activity;
  readonly from: number;
  readonly to: number;
}

function isBusy(windows: Windows, from: number, to: number): boolean {
  return !windows.some(([open, close]) => from >= open - EPS && to <= close + EPS);
}

/** The most of something in use at once between two moments. */
function mostAtOnce(placed: readonly Placed[], from: number, to: number, of: (one: Activity) => number): number {
  const over = placed.filter((one) => one.from < to - EPS && one.to > from + EPS && of(one.activity) > 0);
  return over.reduce((most, { from: at }) => {
    const moment = Math.max(at, from);
    const sum = over.reduce(
      (all, one) => (one.from <= moment + EPS && one.to > moment + EPS ? all + of(one.activity) : all),
      0,
    );
    return Math.max(most, sum);
  }, 0);
}

function fits(activity: Activity, from: number, placed: readonly Placed[], means: Means, windows: Windows): boolean {
  const to = from + activity.minutes;
  const halves = HALVES[activity.hands];
  if (halves > 0) {
    if (isBusy(windows, from, to)) return false;
    if (mostAtOnce(placed, from, to, ({ hands }) => HALVES[hands]) + halves > 2 * means.hands) return false;
  }
  return activity.occupies.every((what) => {
    const uses = (one: Activity) => one.occupies.filter((other) => other === what).length;
    if (what === 'oven') {
      const hot = ({ ovenC }: Activity) => Math.abs((ovenC ?? 0) - (activity.ovenC ?? 0)) > SAME_OVEN_C;
      const others = mostAtOnce(placed, from, to, (one) => (uses(one) > 0 && hot(one) ? 1 : 0));
      const alike = mostAtOnce(placed, from, to, (one) => (uses(one) > 0 && !hot(one) ? 1 : 0));
      return others + Math.ceil((alike + 1) / OVEN_SHELVES) <= means.ovens;
    }
    const there = what === 'ring' ? means.rings : (SHELVES[what as keyof typeof SHELVES] ?? Infinity);
    return mostAtOnce(placed, from, to, uses) + uses(activity) <= there;
  });
}

/** The first moment at or after `from` at which an activity can be done. */
function firstFit(
  activity: Activity,
  from: number,
  placed: readonly Placed[],
  means: Means,
  windows: Windows,
): number | null {
  const moments = [from, ...placed.map(({ to }) => to), ...windows.map(([open]) => open)]
    .filter((one) => one >= from - EPS)
    .sort((a, b) => a - b);
  return moments.find((one) => fits(activity, one, placed, means, windows)) ?? null;
}

/** Positions in an order in which every activity stands behind those it follows; null where links run in a circle. */
export function sortedByLinks(activities: readonly Activity[]): number[] | null {
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  const order: number[] = [];
  const state = new Array<0 | 1 | 2>(activities.length).fill(0);
  const visit = (i: number): boolean => {
    if (state[i] === 2) return true;
    if (state[i] === 1) return false;
    state[i] = 1;
    for (const { on } of activities[i]!.after) {
      const before = at.get(on);
      if (before !== undefined && !visit(before)) return false;
    }
    state[i] = 2;
    order.push(i);
    return true;
  };
  return activities.every((_, i) => visit(i)) ? order : null;
}

/**
 * Serial schedule generation: activities are placed one by one, by priority among those whose forerunners are placed, each at the
 * first moment that hands, oven, rings and hours allow. Where a wait would become longer than permitted, the step before it is
 * put off by what is missing, and everything is placed anew.
 *
 * @param priority smaller first, in the order of the activities
 * @param from no activity begins before
 * @param pinned moments that the maker has fixed, by id
 * @see Kolisch R., Hartmann S. (1999), Heuristic algorithms for the resource-constrained project scheduling problem
 */
export function generated(
  activities: readonly Activity[],
  priority: readonly number[],
  means: Means,
  windows: Windows,
  from: number,
  pinned: ReadonlyMap<string, number> = new Map(),
): Generated {
  const order = sortedByLinks(activities);
  if (!order) return { ok: false, because: 'Steps wait for one another in a circle: take one of their links away' };
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  const least = activities.map(({ id }) => pinned.get(id) ?? from);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const starts = new Array<number>(activities.length).fill(NaN);
    const placed: Placed[] = [];
    const waiting = new Set(order);
    while (waiting.size > 0) {
      const next = [...waiting]
        .filter((i) => activities[i]!.after.every(({ on }) => !at.has(on) || !Number.isNaN(starts[at.get(on)!])))
        .reduce((best, i) => (priority[i]! < priority[best]! ? i : best));
      const activity = activities[next]!;
      const ready = activity.after.reduce((latest, { on, least: wait }) => {
        const before = at.get(on);
        return before === undefined ? latest : Math.max(latest, starts[before]! + activities[before]!.minutes + wait);
      }, least[next]!);
      const start = firstFit(activity, ready, placed, means, windows);
      if (start === null)
        return {
          ok: false,
          because: `${activity.text} takes ${Math.round(activity.minutes)} min, and no stretch of working hours is that long`,
        };
      starts[next] = start;
      placed.push({ activity, from: start, to: start + activity.minutes });
      waiting.delete(next);
    }
    const late = activities.flatMap((activity, i) =>
      activity.after.flatMap(({ on, most }) => {
        const before = at.get(on);
        if (before === undefined || most === null) return [];
        const wait = starts[i]! - starts[before]! - activities[before]!.minutes;
        return wait > most + EPS ? [{ before, i, by: wait - most }] : [];
      }),
    );
    if (late.length === 0) return { ok: true, starts };
    const worst = late.reduce((a, b) => (b.by > a.by ? b : a));
    const held = activities[worst.before]!;
    if (pinned.has(held.id))
      return {
        ok: false,
        because: `${held.text} is held where it is, and ${activities[worst.i]!.text} then comes too long after it`,
      };
    least[worst.before] = Math.max(least[worst.before]!, starts[worst.before]! + worst.by);
  }
  return {
    ok: false,
    because: 'The permitted waits do not fit into the working hours: allow longer waits, or longer hours',
  };
}

import { SAME_OVEN_C } from '../slab';
import type { ScheduleReason } from './reason';
import { isAttended, type Activity, type Blocked, type Means, type Starts, type Windows } from './activity';

/** Reasons why there is no schedule. */
export interface Impossible {
  readonly ok: false;
  readonly because: ScheduleReason;
}
export type Generated = { readonly ok: true; readonly starts: Starts } | Impossible;

/** Labour is counted in halves: a person who watches one pot can watch another, and can do nothing else. */
const HALVES = { busy: 2, watch: 1, free: 0 } as const;
const SHELVES = { fridge: 5, freezer: 3, mixer: 1, marble: 1 } as const;
/** Two steps can share an oven at the same temperature, within its shelves. */
export const OVEN_SHELVES = 2;
const MAX_ROUNDS = 25;
const EPS = 1e-6;

interface Placed {
  readonly activity: Activity;
  readonly from: number;
  readonly to: number;
}

/** An activity that stands for a blocked resource. */
const away = (part: Partial<Activity>): Activity => ({
  ...{ id: '', of: '', title: { code: 'weigh' }, minutes: 0, hands: 'free', ovenC: null, caution: null },
  ...{ occupies: [], after: [], ...part },
});
/** At this temperature no bake shares the oven, °C. */
const OUT_OF_ORDER_C = -1000;

/** Returns what takes all of a blocked resource for its time. */
function takenBy({ what, from, to }: Blocked, means: Means): Placed[] {
  const all = (count: number, part: Partial<Activity>) =>
    Array.from({ length: count }, (): Placed => ({ activity: away(part), from, to }));
  switch (what) {
    case 'people':
      return all(means.hands, { hands: 'busy' });
    case 'oven':
      return all(means.ovens, { occupies: ['oven'], ovenC: OUT_OF_ORDER_C });
    case 'ring':
      return all(means.rings, { occupies: ['ring'] });
    case 'mixer':
      return all(SHELVES.mixer, { occupies: ['mixer'] });
    case 'fridge':
    case 'freezer':
      return all(SHELVES[what], { occupies: [what], areaMm2: coldMm2(what, means) ?? 0 });
  }
}

/** Shelf area of the fridge or freezer, mm2; `undefined` if the shop does not say, or for anything else. */
const coldMm2 = (what: string, { fridgeMm2, freezerMm2 }: Means): number | undefined =>
  what === 'fridge' ? fridgeMm2 : what === 'freezer' ? freezerMm2 : undefined;

const isOpen = (windows: Windows, from: number, to: number) =>
  windows.some(([open, close]) => from >= open - EPS && to <= close + EPS);

/** Returns the maximum simultaneous use from a moment, by steps in progress some time after it. */
function mostAtOnce(over: readonly Placed[], from: number, of: (activity: Activity) => number): number {
  let most = 0;
  for (const { from: at } of over) {
    const moment = Math.max(at, from) + EPS;
    let sum = 0;
    for (const placed of over) if (placed.from <= moment && placed.to > moment) sum += of(placed.activity);
    most = Math.max(most, sum);
  }
  return most;
}

function fits(activity: Activity, from: number, placed: readonly Placed[], means: Means, windows: Windows): boolean {
  const to = from + activity.minutes;
  const halves = HALVES[activity.hands];
  if (isAttended(activity) && !isOpen(windows, from, to)) return false;
  const over = placed.filter((activity) => activity.from < to - EPS && activity.to > from + EPS);
  if (halves > 0 && mostAtOnce(over, from, ({ hands }) => HALVES[hands]) + halves > 2 * means.hands) return false;
  return activity.occupies.every((what) => {
    const uses = (activity: Activity) => activity.occupies.filter((other) => other === what).length;
    if (what === 'oven') {
      const hot = ({ ovenC }: Activity) => Math.abs((ovenC ?? 0) - (activity.ovenC ?? 0)) > SAME_OVEN_C;
      const shelves = ({ shelves = 1 }: Activity) => shelves;
      const others = mostAtOnce(over, from, (other) => (uses(other) > 0 && hot(other) ? 1 : 0));
      const alike = mostAtOnce(over, from, (other) => (uses(other) > 0 && !hot(other) ? shelves(other) : 0));
      return others + Math.ceil((alike + shelves(activity)) / (means.ovenShelves ?? OVEN_SHELVES)) <= means.ovens;
    }
    const areaMm2 = coldMm2(what, means);
    if (areaMm2 !== undefined && activity.areaMm2 !== undefined) {
      const area = (other: Activity) => (uses(other) > 0 ? (other.areaMm2 ?? 0) : 0);
      return mostAtOnce(over, from, area) + activity.areaMm2 <= areaMm2 + EPS;
    }
    const there = what === 'ring' ? means.rings : (SHELVES[what as keyof typeof SHELVES] ?? Infinity);
    return mostAtOnce(over, from, uses) + uses(activity) <= there;
  });
}

/** Returns the first moment at or after `from` at which an activity can be done. */
function firstFit(
  activity: Activity,
  from: number,
  placed: readonly Placed[],
  means: Means,
  windows: Windows,
): number | null {
  if (fits(activity, from, placed, means, windows)) return from;
  const opens = !isAttended(activity) ? [] : windows.map(([open]) => open);
  const moments = [...placed.map(({ to }) => to), ...opens].filter((open) => open > from).sort((a, b) => a - b);
  return moments.find((moment) => fits(activity, moment, placed, means, windows)) ?? null;
}

/** Returns positions in an order in which every activity comes after those it follows; `null` if links form a circle. */
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

/** A link by positions: a step of the list waits for another. */
interface Wait {
  readonly before: number;
  readonly least: number;
  readonly most: number | null;
}

/** Links of each activity by position; links to steps outside the list are ignored. */
function waitsOf(activities: readonly Activity[]): Wait[][] {
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  return activities.map(({ after }) =>
    after.flatMap(({ on, least, most }) => {
      const before = at.get(on);
      return before === undefined ? [] : [{ before, least, most }];
    }),
  );
}

/** How a schedule is generated: by priority, smaller first; activities with a maximum wait of at most `tight` go first. */
export interface Placing {
  readonly priority: readonly number[];
  readonly tight: number | null;
  /** A schedule in which a step starts later than this is discarded. */
  readonly latest?: readonly number[] | undefined;
}

/**
 * Serial schedule generation: activities are placed one by one, by priority among those whose predecessors are placed, each at
 * the first moment that labour, ovens, rings and hours allow. If a wait would exceed its maximum, the earlier step is delayed by
 * the difference, and everything is placed again.
 *
 * @param from no activity begins before
 * @param pinned moments that the maker has fixed, by id
 * @see Kolisch R., Hartmann S. (1999), Heuristic algorithms for the resource-constrained project scheduling problem
 * @see Franck B., Neumann K., Schwindt C. (2001), on schedules with least and longest waits
 */
export function generateSchedule(
  activities: readonly Activity[],
  { priority, tight, latest }: Placing,
  means: Means,
  windows: Windows,
  from: number,
  pinned: ReadonlyMap<string, number> = new Map(),
): Generated {
  if (!sortedByLinks(activities)) return { ok: false, because: { code: 'circular' } };
  const waits = waitsOf(activities);
  const soonest = activities.map(({ id }) => pinned.get(id) ?? from);
  let first: ReturnType<typeof worstWait> = null;
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const starts = new Array<number>(activities.length).fill(NaN);
    const placed: Placed[] = (means.blocked ?? []).flatMap((blocked) => takenBy(blocked, means));
    for (let count = 0; count < activities.length; count++) {
      const { next, ready } = nextOf(activities, waits, starts, priority, tight);
      const activity = activities[next]!;
      const start = firstFit(activity, Math.max(ready, soonest[next]!), placed, means, windows);
      if (start === null)
        return { ok: false, because: first ? whyTooLong(activities, first) : whyNever(activity, means) };
      if (latest && start > latest[next]! + EPS) return { ok: false, because: { code: 'not-better' } };
      starts[next] = start;
      placed.push({ activity, from: start, to: start + activity.minutes });
    }
    const late = worstWait(activities, waits, starts);
    if (!late) return { ok: true, starts };
    const held = activities[late.before]!;
    if (pinned.has(held.id))
      return {
        ok: false,
        because: { code: 'pinned-too-early', step: held.title, next: activities[late.after]!.title },
      };
    soonest[late.before] = Math.max(soonest[late.before]!, starts[late.before]! + late.by);
    first ??= late;
  }
  return { ok: false, because: whyTooLong(activities, first!) };
}

/** Returns why a wait cannot be met. */
const whyTooLong = (
  activities: readonly Activity[],
  { before, after }: { before: number; after: number },
): ScheduleReason => ({
  code: 'wait-too-long',
  step: activities[before]!.title,
  next: activities[after]!.title,
});

/** Returns why an activity fits nowhere at all. */
function whyNever({ title: step, minutes, occupies, areaMm2 = 0 }: Activity, means: Means): ScheduleReason {
  const { ovens, rings } = means;
  if (occupies.includes('oven') && ovens === 0) return { code: 'no-oven', step };
  if (occupies.includes('ring') && rings === 0) return { code: 'no-ring', step };
  const small = occupies.find((what) => areaMm2 > (coldMm2(what, means) ?? Infinity));
  if (small === 'fridge' || small === 'freezer')
    return { code: 'no-cold-space', step, place: small, needsMm2: areaMm2, hasMm2: coldMm2(small, means)! };
  return { code: 'longer-than-hours', step, minutes };
}

/** Returns the next activity to place, and when its predecessors allow it to start. There is always one, since links form no circle. */
function nextOf(
  activities: readonly Activity[],
  waits: readonly (readonly Wait[])[],
  starts: Starts,
  priority: readonly number[],
  tight: number | null,
): { readonly next: number; readonly ready: number } {
  let next = -1;
  let least: readonly [number, number] = [Infinity, Infinity];
  let from = -Infinity;
  for (let i = 0; i < activities.length; i++) {
    if (!Number.isNaN(starts[i])) continue;
    let ready = -Infinity;
    let dueBy = Infinity;
    for (const { before, least: wait, most } of waits[i]!) {
      const end = starts[before]! + activities[before]!.minutes;
      ready = Number.isNaN(end) ? NaN : Math.max(ready, end + wait);
      if (most !== null && tight !== null && most <= tight) dueBy = Math.min(dueBy, end + most);
    }
    if (Number.isNaN(ready)) continue;
    if (dueBy < least[0] || (dueBy === least[0] && priority[i]! < least[1])) {
      next = i;
      least = [dueBy, priority[i]!];
      from = ready;
    }
  }
  return { next, ready: from };
}

/** Returns the wait that exceeds its maximum the most, or `null`. */
function worstWait(activities: readonly Activity[], waits: readonly (readonly Wait[])[], starts: Starts) {
  let worst: { readonly before: number; readonly after: number; readonly by: number } | null = null;
  waits.forEach((list, after) => {
    for (const { before, most } of list) {
      if (most === null) continue;
      const by = starts[after]! - starts[before]! - activities[before]!.minutes - most;
      if (by > (worst?.by ?? EPS)) worst = { before, after, by };
    }
  });
  return worst as { readonly before: number; readonly after: number; readonly by: number } | null;
}

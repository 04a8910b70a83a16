import type { Direction, Grid, Place } from './grid';
import type { BatchSteps, Hold } from './steps';
import type { Placement } from './types';

/** A batch is placed again at most so often when a wait comes out too long. */
const MAX_ROUNDS = 60;
/** Steps whose most wait is at most this follow at once, min. */
const TIGHT = 60;

/** Where a batch may go. */
export interface Room {
  readonly direction: Direction;
  /** Forward, no step starts before; backward, no step ends after. */
  readonly limit: number;
  /** Forward, one step starts no earlier than a moment; backward, it ends no later: by its position. */
  readonly bound?: { readonly step: number; readonly at: number } | undefined;
  /** Starts that are fixed, by step. */
  readonly kept?: ReadonlyMap<string, number> | undefined;
}

/** Returns a batch taken into the grid or out of it. */
export function takeBatch(
  grid: Grid,
  { steps, holds }: BatchSteps,
  { starts, people, ovens }: Placement,
  by: 1 | -1,
): void {
  steps.forEach((step, i) => grid.take(step, { start: starts[i]!, person: people[i]!, oven: ovens[i]! }, by));
  for (const hold of holds) {
    const [from, to] = heldFrom(hold, steps, starts);
    for (const [tin, count] of hold.tins) grid.takeTins(tin, count, from, to, by);
  }
}

/** Returns from when to when tins are in use. */
export function heldFrom(
  { steps: used, lifted }: Hold,
  steps: BatchSteps['steps'],
  starts: readonly number[],
): readonly [from: number, to: number] {
  const from = Math.min(...used.map((i) => starts[i]!));
  return [from, lifted >= 0 ? starts[lifted]! : Math.max(...used.map((i) => starts[i]! + steps[i]!.minutes))];
}

/**
 * Places a batch into what is free, as early as possible from a moment or as late as possible before one, and takes it. Steps are placed
 * one by one, those that must follow at once first, then by the longest chain behind them. If a wait exceeds its maximum, the step at
 * the other end of it is moved by the difference, and the batch is placed again.
 *
 * @returns `null` if it does not fit; the grid is then as before
 * @see Franck B., Neumann K., Schwindt C. (2001), Truncated branch-and-bound, schedule-construction, and schedule-improvement
 * procedures for resource-constrained project scheduling
 */
export function placeBatch(grid: Grid, of: BatchSteps, { direction, limit, bound, kept }: Room): Placement | null {
  const { steps, holds, batch } = of;
  const forward = direction > 0;
  const low = forward ? Math.max(0, limit) : Math.max(0, batch.notBefore);
  const high = forward ? grid.minutes : Math.min(grid.minutes, limit);
  /** Forward the earliest start of each step, backward its latest end. */
  const bounds = steps.map(() => (forward ? low : high));
  if (bound && bound.step < steps.length)
    bounds[bound.step] = forward ? Math.max(low, bound.at) : Math.min(high, bound.at);
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const places = placeOnce(grid, of, direction, bounds, low, high, kept);
    if (places === null) return null;
    const starts = places.map(({ start }) => start);
    const moved =
      longWait(of, starts, direction, bounds, kept) || shortTins(grid, holds, of, starts, direction, bounds, kept);
    if (moved === 'no') {
      const placement = { starts, people: places.map(({ person }) => person), ovens: places.map(({ oven }) => oven) };
      // The steps are taken already.
      for (const hold of holds) {
        const [from, to] = heldFrom(hold, steps, starts);
        for (const [tin, count] of hold.tins) grid.takeTins(tin, count, from, to, 1);
      }
      return placement;
    }
    steps.forEach((step, i) => grid.take(step, places[i]!, -1));
    if (moved === 'stuck') return null;
  }
  return null;
}

/** Places all steps one by one and takes them; `null`, with nothing taken, if one fits nowhere. */
function placeOnce(
  grid: Grid,
  { steps }: BatchSteps,
  direction: Direction,
  bounds: readonly number[],
  low: number,
  high: number,
  kept: Room['kept'],
): Place[] | null {
  const forward = direction > 0;
  const places = new Array<Place | undefined>(steps.length).fill(undefined);
  const give = () => places.forEach((place, i) => place && grid.take(steps[i]!, place, -1));
  for (let count = 0; count < steps.length; count++) {
    let next = -1;
    let ready = 0;
    let best: readonly [number, number] = [Infinity, Infinity];
    steps.forEach((step, i) => {
      if (places[i]) return;
      let moment = bounds[i]!;
      let urgent = Infinity;
      for (const { at, least, most } of forward ? step.before : step.after) {
        const other = places[at];
        if (!other) return;
        const edge = forward ? other.start + steps[at]!.minutes + least : other.start - least;
        moment = forward ? Math.max(moment, edge) : Math.min(moment, edge);
        if (most <= TIGHT) urgent = Math.min(urgent, forward ? edge + most - least : -(edge - most + least));
      }
      const key = [urgent, forward ? -step.tail : -step.head] as const;
      if (key[0] > best[0] || (key[0] === best[0] && key[1] >= best[1])) return;
      [next, ready, best] = [i, moment, key];
    });
    const step = steps[next]!;
    const fixed = kept?.get(step.activity.id);
    const from = fixed ?? (forward ? ready : ready - step.minutes);
    const place =
      fixed === undefined
        ? grid.find(step, from, direction, low, high)
        : grid.find(step, fixed, 1, fixed, fixed + step.minutes);
    if (place === null) {
      give();
      return null;
    }
    grid.take(step, place, 1);
    places[next] = place;
  }
  return places as Place[];
}

/** Whether a bound had to be moved, and could be. */
type Moved = 'no' | 'moved' | 'stuck';

/** Moves the bound of the step whose wait exceeds its maximum the most. Falsy if all are kept. */
function longWait(
  { steps }: BatchSteps,
  starts: readonly number[],
  direction: Direction,
  bounds: number[],
  kept: Room['kept'],
): Moved | false {
  let worst: { readonly before: number; readonly after: number; readonly by: number } | null = null;
  let isEarly = false;
  steps.forEach(({ before }, after) => {
    for (const { at, least, most } of before) {
      const wait = starts[after]! - starts[at]! - steps[at]!.minutes;
      // Only a step that is fixed can come too early.
      if (wait < least) isEarly = true;
      if (wait - most > (worst?.by ?? 0)) worst = { before: at, after, by: wait - most };
    }
  });
  if (isEarly) return 'stuck';
  if (worst === null) return false;
  const { before, after, by } = worst as { before: number; after: number; by: number };
  const moves = direction > 0 ? before : after;
  if (kept?.has(steps[moves]!.activity.id)) return 'stuck';
  bounds[moves] = direction > 0 ? starts[moves]! + by : starts[moves]! + steps[moves]!.minutes - by;
  return 'moved';
}

/** Moves the bound of the step that begins or ends the use of tins that are not free. */
function shortTins(
  grid: Grid,
  holds: readonly Hold[],
  { steps }: BatchSteps,
  starts: readonly number[],
  direction: Direction,
  bounds: number[],
  kept: Room['kept'],
): Moved {
  const taken: (() => void)[] = [];
  let moved: Moved = 'no';
  for (const hold of holds) {
    const [from, to] = heldFrom(hold, steps, starts);
    for (const [tin, count] of hold.tins) {
      const short = grid.tinShortage(tin, count, from, to, direction);
      if (short >= 0 && moved === 'no') {
        const first = hold.steps.reduce((least, i) => (starts[i]! < starts[least]! ? i : least), hold.steps[0]!);
        const moves = direction > 0 ? first : hold.lifted >= 0 ? hold.lifted : hold.steps.at(-1)!;
        moved = kept?.has(steps[moves]!.activity.id) ? 'stuck' : 'moved';
        bounds[moves] = direction > 0 ? short + 1 : hold.lifted >= 0 ? short + steps[moves]!.minutes : short;
      }
      grid.takeTins(tin, count, from, to, 1);
      taken.push(() => grid.takeTins(tin, count, from, to, -1));
    }
  }
  for (const free of taken) free();
  return moved;
}

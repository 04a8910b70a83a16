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
  /** Where steps were, by id: forward, none starts before that, and backward, none ends after it. So what fits stays. */
  readonly near?: ReadonlyMap<string, number> | undefined;
  /** Whether watched steps overlap other watched ones where they can. */
  readonly isBeside?: boolean | undefined;
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
export function placeBatch(
  grid: Grid,
  of: BatchSteps,
  { direction, limit, bound, near, kept, isBeside = false }: Room,
): Placement | null {
  const { steps, holds, batch } = of;
  const forward = direction > 0;
  const low = forward ? Math.max(0, limit) : Math.max(0, batch.notBefore);
  /** Backward, batches that are planned as one have as much more time as they are due later. */
  const latest = steps.map(({ due }) => Math.min(grid.minutes, limit + due - batch.due));
  const high = forward ? grid.minutes : Math.max(...latest);
  /** Forward the earliest start of each step, backward its latest end. */
  const bounds = forward ? steps.map(() => low) : latest;
  if (bound && bound.step < steps.length)
    bounds[bound.step] = forward ? Math.max(low, bound.at) : Math.min(latest[bound.step]!, bound.at);
  steps.forEach(({ activity: { id }, minutes }, i) => {
    const was = near?.get(id);
    if (was === undefined || kept?.has(id)) return;
    bounds[i] = forward ? Math.max(bounds[i]!, was) : Math.min(bounds[i]!, was + minutes);
  });
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const places = placeOnce(grid, of, direction, bounds, low, high, kept, isBeside);
    if (places === null) return null;
    const starts = places.map(({ start }) => start);
    const moved =
      longWaits(of, starts, direction, bounds, kept) || shortTins(grid, holds, of, starts, direction, bounds, kept);
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
  isBeside: boolean,
): Place[] | null {
  const forward = direction > 0;
  const places = new Array<Place | undefined>(steps.length).fill(undefined);
  const give = () => places.forEach((place, i) => place && grid.take(steps[i]!, place, -1));
  /** Links of each step to steps that are not placed yet; from when on it may begin, or until when end; and how urgent it is. */
  const open = steps.map(({ before, after }) => (forward ? before : after).length);
  const ready = [...bounds];
  const urgent = new Array<number>(steps.length).fill(Infinity);
  for (let count = 0; count < steps.length; count++) {
    let next = -1;
    for (let i = 0; i < steps.length; i++) {
      if (places[i] || open[i]! > 0) continue;
      const chain = (of: number) => (forward ? steps[of]!.tail : steps[of]!.head);
      if (next < 0 || urgent[i]! < urgent[next]! || (urgent[i] === urgent[next] && chain(i) > chain(next))) next = i;
    }
    const step = steps[next]!;
    const fixed = kept?.get(step.activity.id);
    const from = forward ? ready[next]! : ready[next]! - step.minutes;
    const place =
      fixed === undefined
        ? (isBeside && step.halves === 1 && grid.findBeside(step, from, direction, low, high)) ||
          grid.find(step, from, direction, low, high)
        : grid.find(step, fixed, 1, fixed, fixed + step.minutes);
    if (place === null) {
      give();
      return null;
    }
    grid.take(step, place, 1);
    places[next] = place;
    const end = place.start + step.minutes;
    for (const { at, least, most } of forward ? step.after : step.before) {
      open[at]!--;
      ready[at] = forward ? Math.max(ready[at]!, end + least) : Math.min(ready[at]!, place.start - least);
      if (most <= TIGHT) urgent[at] = Math.min(urgent[at]!, forward ? end + most : most - place.start);
    }
  }
  return places as Place[];
}

/** Whether a bound had to be moved, and could be. */
type Moved = 'no' | 'moved' | 'stuck';

/** Moves the bound of each step at the end of a wait that exceeds its maximum, by as much. Falsy if all are kept. */
function longWaits(
  { steps }: BatchSteps,
  starts: readonly number[],
  direction: Direction,
  bounds: number[],
  kept: Room['kept'],
): Moved | false {
  let moved: Moved | false = false;
  for (const [after, { before }] of steps.entries())
    for (const { at, least, most } of before) {
      const wait = starts[after]! - starts[at]! - steps[at]!.minutes;
      // Only a step that is fixed can come too early.
      if (wait < least) return 'stuck';
      if (wait <= most) continue;
      const moves = direction > 0 ? at : after;
      if (kept?.has(steps[moves]!.activity.id)) return 'stuck';
      const to = direction > 0 ? starts[moves]! + wait - most : starts[moves]! + steps[moves]!.minutes - wait + most;
      bounds[moves] = direction > 0 ? Math.max(bounds[moves]!, to) : Math.min(bounds[moves]!, to);
      moved = 'moved';
    }
  return moved;
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

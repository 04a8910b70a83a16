import type { Direction, Grid, Place } from './grid';
import { heldFrom } from './place';
import { lateness, type Days } from './score';
import type { BatchSteps } from './steps';
import type { Kept, Placement } from './types';

/** Batches in the grid, and where they are. */
export interface Planned {
  readonly grid: Grid;
  readonly batches: readonly BatchSteps[];
  readonly placements: readonly (Placement | null)[];
  readonly kept: Kept;
  readonly days: Days;
}

/** Returns the day of a minute, by its position. */
function dayOf(days: Days, minute: number): number {
  let d = days.length - 2;
  while (d > 0 && days[d]! > minute) d--;
  return Math.max(0, d);
}

/** A batch whose steps are moved. */
interface Moving {
  readonly of: BatchSteps;
  readonly starts: number[];
  readonly people: number[];
  readonly ovens: number[];
  /** No step ends later than that: when each is due, or was ready. */
  readonly ends: readonly number[];
  isMoved: boolean;
}

/**
 * Moves each step on its own, as early as possible within its day or as late as possible, and updates the grid. This closes pauses.
 * Watched steps overlap other watched ones where they can. Waits, hours and resources are kept, nothing becomes later than it is due
 * or was, and work stays between the first and the last attended minute of its day.
 *
 * @param direction -1: as late as possible
 * @returns the new placements; the same object where nothing was moved
 * @see Valls V., Ballestin F., Quintanilla S. (2005), Justification and RCPSP: a technique that pays
 */
export function justified(planned: Planned, direction: Direction): (Placement | null)[] {
  const { grid, batches, placements, kept, days } = planned;
  const all = batches.map((of, b): Moving | null => {
    const placement = placements[b];
    if (!placement) return null;
    const { starts, people, ovens } = placement;
    const late = new Map(lateness(of, placement).map(({ id, minutes }) => [id, Math.max(0, minutes)]));
    const ends = of.steps.map(({ batch, due }) => due + late.get(batch)!);
    return { of, starts: [...starts], people: [...people], ovens: [...ovens], ends, isMoved: false };
  });
  const order: { moving: Moving; i: number; start: number; day: number }[] = [];
  for (const moving of all)
    moving?.starts.forEach((start, i) => order.push({ moving, i, start, day: dayOf(days, start) }));
  const endOf = ({ moving, i, start }: (typeof order)[number]) => start + moving.of.steps[i]!.minutes;
  order.sort((a, b) => (direction > 0 ? a.start - b.start || a.i - b.i : endOf(b) - endOf(a) || b.i - a.i));
  const edges = days.map(() => direction * Infinity);
  for (const at of order) {
    if (!at.moving.of.steps[at.i]!.isAttended) continue;
    const edge = edges[at.day]!;
    edges[at.day] = direction > 0 ? Math.min(edge, at.start) : Math.max(edge, endOf(at));
  }
  for (const { moving, i, start, day } of order) {
    const { batch, steps } = moving.of;
    if (kept.get(batch.id)?.has(steps[i]!.activity.id)) continue;
    const edge = steps[i]!.isAttended ? edges[day]! : -direction * Infinity;
    const limit = limitOf(moving, i, direction, edge);
    if (direction > 0 ? limit < start : limit > start) move(grid, moving, i, limit, direction);
  }
  return all.map((moving, b) => {
    if (!moving?.isMoved) return placements[b] ?? null;
    const { starts, people, ovens } = moving;
    return { starts, people, ovens };
  });
}

/** Returns the first or last start of a step that its waits, its batch and an edge of its day allow. */
function limitOf({ of, starts, ends }: Moving, i: number, direction: Direction, edge: number): number {
  const { before, after, minutes } = of.steps[i]!;
  if (direction > 0)
    return Math.max(
      edge,
      of.batch.notBefore,
      ...before.map(({ at, least }) => starts[at]! + of.steps[at]!.minutes + least),
      ...after.map(({ at, most }) => starts[at]! - most - minutes),
    );
  return Math.min(
    edge - minutes,
    ends[i]! - minutes,
    ...after.map(({ at, least }) => starts[at]! - least - minutes),
    ...before.map(({ at, most }) => starts[at]! + of.steps[at]!.minutes + most),
  );
}

/** Moves a step to the free place that is nearest to a limit, if there is one before its own. */
function move(grid: Grid, moving: Moving, i: number, limit: number, direction: Direction): void {
  const { of, starts, people, ovens } = moving;
  const step = of.steps[i]!;
  const was: Place = { start: starts[i]!, person: people[i]!, oven: ovens[i]! };
  const holds = of.holds.filter(({ steps, lifted }) => steps.includes(i) || lifted === i);
  const tins = () =>
    holds.flatMap((hold) => {
      const [from, to] = heldFrom(hold, of.steps, starts);
      return [...hold.tins].map(([tin, count]) => [tin, count, from, to] as const);
    });
  for (const held of tins()) grid.takeTins(...held, -1);
  grid.take(step, was, -1);
  const [low, high] = [Math.min(limit, was.start), Math.max(limit, was.start) + step.minutes];
  const found =
    (step.halves === 1 && grid.findBeside(step, limit, direction, low, high)) ||
    grid.find(step, limit, direction, low, high);
  starts[i] = found?.start ?? was.start;
  const isShort = tins().some((held) => grid.tinShortage(...held, 1) >= 0);
  const place = found && !isShort ? found : was;
  [starts[i], people[i], ovens[i]] = [place.start, place.person, place.oven];
  moving.isMoved ||= place.start !== was.start || place.person !== was.person || place.oven !== was.oven;
  grid.take(step, place, 1);
  for (const held of tins()) grid.takeTins(...held, 1);
}

import { Grid } from './grid';
import type { WeekQuestion } from './board';
import type { Days } from './score';
import type { BatchSteps } from './steps';
import { membersOf } from './together';

/** What no plan of the week can do better. Minutes. */
export interface WeekBounds {
  /** Least sum of what is late. */
  readonly lateMinutes: number;
  /** Least presence of people. */
  readonly handsMinutes: number;
  /** Earliest end of work on each day on which some has to be done, if nothing is late; `null` on others. */
  readonly endOfDays: readonly (number | null)[];
}

/** Returns the labour of each batch with when it is due, in halves of a person times minutes. */
const labourOf = ({ batch, steps }: BatchSteps) =>
  membersOf(batch).map(({ id, due }) => ({
    due,
    labour: steps.reduce((sum, step) => sum + (step.batch === id ? step.halves * step.minutes : 0), 0),
  }));

/**
 * Returns the earliest end of each batch in an empty workroom: every step begins after those it waits for, at a moment at which it fits
 * if nothing else is there. `null` if a step fits nowhere.
 */
export function earliestEnds(grid: Grid, { steps, batch }: BatchSteps): ReadonlyMap<string, number> | null {
  const ends: number[] = [];
  const byBatch = new Map(membersOf(batch).map(({ id }) => [id, 0]));
  for (const step of steps) {
    const ready = step.before.reduce((from, { at, least }) => Math.max(from, ends[at]! + least), batch.notBefore);
    const place = grid.find(step, Math.max(0, ready), 1, 0, grid.minutes);
    if (place === null) return null;
    const end = place.start + step.minutes;
    ends.push(end);
    byBatch.set(step.batch, Math.max(byBatch.get(step.batch)!, end));
  }
  return byBatch;
}

/** Returns lower bounds: the longest chain of each batch, and the labour due by each moment against the hours before it. */
export function boundsOf(question: WeekQuestion): WeekBounds {
  const { batches, days, workroom, minutes } = question;
  const grid = new Grid(workroom, minutes);
  const chains = batches.map((of) => {
    const ends = earliestEnds(grid, of);
    return membersOf(of.batch).reduce((sum, { id, due }) => sum + Math.max(0, (ends?.get(id) ?? minutes) - due), 0);
  });
  const capacity = cumulated(grid);
  const labours = batches.flatMap(labourOf).sort((a, b) => a.due - b.due);
  let done = 0;
  let overall = 0;
  for (const { due, labour } of labours) {
    done += labour;
    overall = Math.max(overall, (firstReaching(capacity, done) ?? minutes) - due);
  }
  return {
    lateMinutes: Math.max(
      overall,
      chains.reduce((sum, late) => sum + late, 0),
    ),
    handsMinutes: done / 2,
    endOfDays: endsOf(labours, days, capacity),
  };
}

/** Labour that the hours allow before each minute, in halves. */
function cumulated(grid: Grid): Float64Array {
  const sums = new Float64Array(grid.minutes + 1);
  for (let m = 0; m < grid.minutes; m++) sums[m + 1] = sums[m]! + grid.people.reduce((sum, left) => sum + left[m]!, 0);
  return sums;
}

function firstReaching(sums: Float64Array, amount: number): number | null {
  const at = sums.findIndex((sum) => sum >= amount);
  return at === -1 ? null : at;
}

/** Returns the earliest end of each day: what is due by then and does not fit into the days before has to be done on it. */
function endsOf(labours: ReturnType<typeof labourOf>, days: Days, capacity: Float64Array): (number | null)[] {
  return days.slice(0, -1).map((from, d) => {
    const to = days[d + 1]!;
    const labour = labours.filter(({ due }) => due <= to).reduce((sum, own) => sum + own.labour, 0);
    const before = capacity[Math.min(from, capacity.length - 1)]!;
    if (labour <= before) return null;
    const end = firstReaching(capacity, labour);
    return end !== null && end <= to ? end : null;
  });
}

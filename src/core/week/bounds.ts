import { Grid } from './grid';
import type { WeekQuestion } from './search';
import type { Days } from './score';
import type { BatchSteps } from './steps';

/** What no plan of the week can do better. Minutes. */
export interface WeekBounds {
  /** Least sum of what is late. */
  readonly lateMinutes: number;
  /** Least presence of people. */
  readonly handsMinutes: number;
  /** Earliest end of work on each day on which some has to be done, if nothing is late; `null` on others. */
  readonly endOfDays: readonly (number | null)[];
}

/** Returns the labour of a batch, in halves of a person times minutes. */
const labourOf = ({ steps }: BatchSteps) => steps.reduce((sum, { halves, minutes }) => sum + halves * minutes, 0);

/**
 * Returns the earliest end of a batch in an empty workroom: every step begins after those it waits for, at a moment at which it fits
 * if nothing else is there. `null` if a step fits nowhere.
 */
export function earliestEnd(grid: Grid, { steps, batch }: BatchSteps): number | null {
  const ends: number[] = [];
  for (const step of steps) {
    const ready = step.before.reduce((from, { at, least }) => Math.max(from, ends[at]! + least), batch.notBefore);
    const place = grid.find(step, Math.max(0, ready), 1, 0, grid.minutes);
    if (place === null) return null;
    ends.push(place.start + step.minutes);
  }
  return Math.max(0, ...ends);
}

/** Returns lower bounds: the longest chain of each batch, and the labour due by each moment against the hours before it. */
export function boundsOf(question: WeekQuestion): WeekBounds {
  const { batches, days, workroom, minutes } = question;
  const grid = new Grid(workroom, minutes);
  const chains = batches.map((of) => Math.max(0, (earliestEnd(grid, of) ?? minutes) - of.batch.due));
  const capacity = cumulated(grid);
  const byDue = [...batches].sort((a, b) => a.batch.due - b.batch.due);
  let labour = 0;
  let overall = 0;
  for (const of of byDue) {
    labour += labourOf(of);
    const end = firstReaching(capacity, labour);
    overall = Math.max(overall, (end ?? minutes) - of.batch.due);
  }
  return {
    lateMinutes: Math.max(
      overall,
      chains.reduce((sum, late) => sum + late, 0),
    ),
    handsMinutes: labour / 2,
    endOfDays: endsOf(batches, days, capacity),
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
function endsOf(batches: readonly BatchSteps[], days: Days, capacity: Float64Array): (number | null)[] {
  return days.slice(0, -1).map((from, d) => {
    const to = days[d + 1]!;
    const labour = batches.filter(({ batch }) => batch.due <= to).reduce((sum, of) => sum + labourOf(of), 0);
    const before = capacity[Math.min(from, capacity.length - 1)]!;
    if (labour <= before) return null;
    const end = firstReaching(capacity, labour);
    return end !== null && end <= to ? end : null;
  });
}

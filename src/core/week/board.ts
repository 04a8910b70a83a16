// The state of a search: a grid, where each batch is, and the moves that change it.
import { Grid } from './grid';
import { justified } from './justify';
import { placeBatch, takeBatch, type Room } from './place';
import { compareScores, endOfBatch, lateIn, scoreOf, type Days, type WeekScore } from './score';
import type { BatchSteps } from './steps';
import type { Kept, Placement, Workroom } from './types';

/** What a search works on. Minutes from the beginning of the week. */
export interface WeekQuestion {
  readonly workroom: Workroom;
  readonly batches: readonly BatchSteps[];
  /** Length of the time in which everything has to happen. */
  readonly minutes: number;
  readonly days: Days;
  readonly kept: Kept;
  /** Batches in progress: what they use is not free, wherever it is. */
  readonly running: readonly { readonly of: BatchSteps; readonly placement: Placement }[];
  /** The plan before, which moves as little as possible. */
  readonly before: readonly (Placement | null)[] | null;
}

/** Returns the workroom with what batches in progress use. */
export function gridOf({ workroom, minutes, running }: WeekQuestion): Grid {
  const grid = new Grid(workroom, minutes);
  for (const { of, placement } of running) takeBatch(grid, of, placement, 1);
  return grid;
}

/** The state of a search: a grid, and where each batch is. */
export class Board {
  readonly grid: Grid;
  readonly placements: (Placement | null)[];
  readonly #question: WeekQuestion;
  /** Starts that are fixed, and those of the plan before. */
  readonly #staying: Kept;

  constructor(question: WeekQuestion) {
    this.#question = question;
    this.#staying = stayingIn(question);
    this.grid = gridOf(question);
    this.placements = question.batches.map(() => null);
  }

  takeOut(b: number): Placement | null {
    const was = this.placements[b]!;
    if (was) takeBatch(this.grid, this.#question.batches[b]!, was, -1);
    this.placements[b] = null;
    return was;
  }

  putBack(b: number, placement: Placement | null): void {
    if (placement) takeBatch(this.grid, this.#question.batches[b]!, placement, 1);
    this.placements[b] = placement;
  }

  /**
   * Closes the pauses of all days, first towards their ends, then towards their beginnings; not if that makes the plan worse. What was
   * planned before stays.
   *
   * @param score of the plan as it is
   * @returns the score of the plan afterwards
   */
  closePauses(score = this.score): WeekScore {
    const { batches, days } = this.#question;
    const open = [...this.placements];
    for (const direction of [-1, 1] as const) {
      const planned = { grid: this.grid, batches, placements: this.placements, kept: this.#staying, days };
      justified(planned, direction).forEach((placement, b) => (this.placements[b] = placement));
    }
    const closed = this.score;
    if (compareScores(closed, score) <= 0) return closed;
    this.restore(open);
    return score;
  }

  /** Puts every batch where it was. */
  restore(was: readonly (Placement | null)[]): void {
    const others = was.flatMap((placement, b) => (placement === this.placements[b] ? [] : [b]));
    for (const b of others) this.takeOut(b);
    for (const b of others) this.putBack(b, was[b]!);
  }

  /** Leaves a batch where it was; not if it no longer fits there. */
  stay(b: number, was: Placement | null): boolean {
    if (!was) return false;
    const of = this.#question.batches[b]!;
    const found = placeBatch(this.grid, of, { ...forward(0), kept: this.#staying.get(of.batch.id) });
    this.placements[b] = found;
    return found !== null;
  }

  /** Places a batch near where it was: each step stays, or moves only in one direction, whichever moves fewer. Not if that makes it late. */
  shift(b: number, was: Placement | null): boolean {
    if (!was) return false;
    const of = this.#question.batches[b]!;
    const kept = this.#question.kept.get(of.batch.id);
    const near = new Map(of.steps.map(({ activity }, i) => [activity.id, was.starts[i]!]));
    const allowed = Math.max(0, lateIn(of, was));
    const rooms = [forward(of.batch.notBefore), backward(Math.max(of.batch.due, endOfBatch(of, was)))];
    const moves = ({ starts }: Placement) => starts.filter((start, i) => start !== was.starts[i]).length;
    const found = rooms.flatMap((room) => {
      const placement = placeBatch(this.grid, of, { ...room, near, kept });
      if (!placement) return [];
      takeBatch(this.grid, of, placement, -1);
      return lateIn(of, placement) <= allowed ? [placement] : [];
    });
    const [best] = found.sort((a, b) => moves(a) - moves(b));
    if (best) this.putBack(b, best);
    return best !== undefined;
  }

  /** Places a batch near where it was, otherwise as late as it may be. */
  placeNear(b: number, was: Placement | null): boolean {
    return this.shift(b, was) || this.place(b, asLateAsPossible(this.#question.batches[b]!));
  }

  /** Places a batch in the first room that has a place for it. */
  place(b: number, rooms: readonly Room[]): boolean {
    const { batches, kept } = this.#question;
    const own = kept.get(batches[b]!.batch.id);
    for (const room of rooms) {
      const found = placeBatch(this.grid, batches[b]!, { ...room, kept: own });
      if (!found) continue;
      this.placements[b] = found;
      return true;
    }
    return false;
  }

  get score(): WeekScore {
    const { batches, days, before } = this.#question;
    return scoreOf(this.grid, batches, this.placements, days, before);
  }
}

export const backward = (limit: number): Room => ({ direction: -1, limit });
export const forward = (limit: number): Room => ({ direction: 1, limit });

/** Places a batch as late as it may be, otherwise as early as it can be. */
export const asLateAsPossible = ({ batch }: BatchSteps): readonly Room[] => [
  backward(batch.due),
  forward(batch.notBefore),
];

/** Returns the starts of the plan before, and those that are fixed. */
function stayingIn({ batches, before, kept }: WeekQuestion): Kept {
  if (!before) return kept;
  const staying = new Map(kept);
  batches.forEach(({ batch: { id }, steps }, b) => {
    const starts = before[b]?.starts;
    if (starts)
      staying.set(
        id,
        new Map([...steps.map(({ activity }, i) => [activity.id, starts[i]!] as const), ...(kept.get(id) ?? [])]),
      );
  });
  return staying;
}

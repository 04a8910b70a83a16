import { steadyRandom } from '../time';
import { Grid } from './grid';
import { placeBatch, takeBatch, type Room } from './place';
import { justified } from './justify';
import { compareScores, costOf, endOfBatch, lateIn, scoreOf, type Days, type WeekScore } from './score';
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

/** A plan of the week, with its figures. */
export interface WeekFound {
  readonly placements: readonly (Placement | null)[];
  readonly score: WeekScore;
}

/** Whether the search goes on: called after each attempt with their number and the best plan so far. */
export type GoOn = (attempts: number, best: WeekFound) => boolean;

/** Maximum number of batches that one attempt takes out and places again. */
const MAX_TAKEN_OUT = 4;
/** Attempts without a better plan after which the search returns to its best plan. */
const PATIENCE = 1000;
/** Attempts to mend a plan that was there before a search goes on from another one. */
const MENDING = 60;
/** Worse plans are kept by simulated annealing: hottest at the beginning of each round of attempts, cold at its end. Paid minutes. */
const HOTTEST = 8;
const ROUND = 600;
/** Plans that are worse by no more have their pauses closed. Paid minutes. */
const WORTH_CLOSING = 60;

/** Returns the workroom with what batches in progress use. */
export function gridOf({ workroom, minutes, running }: WeekQuestion): Grid {
  const grid = new Grid(workroom, minutes);
  for (const { of, placement } of running) takeBatch(grid, of, placement, 1);
  return grid;
}

/** The state of a search: a grid, and where each batch is. */
class Board {
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

const backward = (limit: number): Room => ({ direction: -1, limit });
const forward = (limit: number): Room => ({ direction: 1, limit });

/** Places a batch as late as it may be, otherwise as early as it can be. */
const asLateAsPossible = ({ batch }: BatchSteps): readonly Room[] => [backward(batch.due), forward(batch.notBefore)];

/** Returns the order of batches: those with fixed steps first, then by due time, then the longest. */
function orderOf({ batches, kept }: WeekQuestion): number[] {
  const length = ({ steps }: BatchSteps) => Math.max(0, ...steps.map(({ tail }) => tail));
  return batches
    .map((_, b) => b)
    .sort((a, b) => {
      const [one, two] = [batches[a]!, batches[b]!];
      const fixed = Number(kept.has(two.batch.id)) - Number(kept.has(one.batch.id));
      return fixed || one.batch.due - two.batch.due || length(two) - length(one);
    });
}

/** Plans the batches one after the other, each begun when the last one has ended: what a maker does without a plan. */
function oneAfterAnother(question: WeekQuestion): Board {
  const board = new Board(question);
  let from = 0;
  for (const b of orderOf(question)) {
    const steps = question.batches[b]!;
    if (board.place(b, [forward(Math.max(from, steps.batch.notBefore))]))
      from = endOfBatch(steps, board.placements[b]!);
  }
  return board;
}

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

/** The plan before, with what no longer fits placed again. */
function mended(question: WeekQuestion, before: readonly (Placement | null)[]): Board {
  const { batches, kept } = question;
  const order = orderOf(question);
  const pinned = order.filter((b) => isPinnedAnew(batches[b]!, before[b] ?? null, kept));
  const board = new Board(question);
  const left = order.filter((b) => !pinned.includes(b) && !board.stay(b, before[b] ?? null));
  // What was moved by hand goes where the others leave room for it; else they make room.
  if (pinned.every((b) => board.shift(b, before[b] ?? null))) {
    for (const b of left) board.placeNear(b, before[b] ?? null);
    return board;
  }
  const cleared = new Board(question);
  for (const b of pinned) cleared.placeNear(b, before[b] ?? null);
  const others = order.filter((b) => !pinned.includes(b) && !cleared.stay(b, before[b] ?? null));
  for (const b of others) cleared.placeNear(b, before[b] ?? null);
  return cleared;
}

/** Tells whether a step is fixed where it was not before. */
const isPinnedAnew = ({ batch, steps }: BatchSteps, was: Placement | null, kept: Kept): boolean =>
  steps.some(({ activity: { id } }, i) => {
    const start = kept.get(batch.id)?.get(id);
    return start !== undefined && start !== was?.starts[i];
  });

/**
 * Plans all batches of a week in one workroom. Where there is a plan before of at least half of them, and what is new or does not fit any
 * more finds a place in it without delay, that is the answer. Otherwise it is mended by large neighbourhood search, or a plan that is built
 * from nothing is: in each attempt some batches are taken out and placed again, before a moment or after one, and the pauses that this
 * leaves are closed; better and equal plans are kept, and worse ones as in simulated annealing.
 *
 * @param goOn asked after every attempt; the search ends when it answers no
 * @see Pisinger D., Ropke S. (2010), Large neighborhood search
 */
export function searchWeek(question: WeekQuestion, goOn: GoOn): WeekFound {
  const { batches, days, before } = question;
  const kept = before && mended(question, before);
  kept?.closePauses();
  const isMended = before !== null && before.filter((was) => was === null).length * 2 <= before.length;
  if (kept && isMended && isAsPunctual(kept.score, question, before))
    return { placements: [...kept.placements], score: kept.score };
  const random = steadyRandom(20261);
  const pick = (n: number) => Math.min(n - 1, Math.floor(random() * n));
  // A plan before is mended further first, so that as little as possible moves.
  const board = kept && isMended ? kept : constructed(question);
  let current = board.score;
  let best: WeekFound = { placements: [...board.placements], score: current };
  let stale = 0;
  for (let attempts = 1; batches.length > 0 && goOn(attempts, best); attempts++) {
    if (attempts === MENDING && isMended) {
      const { placements, score } = constructed(question);
      if (compareScores(score, best.score) < 0) best = { placements: [...placements], score };
    }
    const out = chosen(question, board, random);
    const was = [...board.placements];
    for (const b of out) board.takeOut(b);
    const isBeside = random() < 0.5;
    for (const b of out) board.place(b, roomsFor(b, isBeside));
    let score = board.score;
    if (isNear(score, current, WORTH_CLOSING)) score = board.closePauses(score);
    const heat = HOTTEST * (1 - (attempts % ROUND) / ROUND) ** 2;
    const isKept = compareScores(score, current) <= 0 || isNear(score, current, -heat * Math.log(random()));
    if (isKept) current = score;
    else board.restore(was);
    if (compareScores(current, best.score) < 0) {
      best = { placements: [...board.placements], score: current };
      stale = 0;
    } else if (++stale === PATIENCE || (attempts === MENDING && compareScores(current, best.score) > 0)) {
      board.restore(best.placements);
      current = best.score;
      stale = 0;
    }
  }
  return best;

  /** Returns where a batch is tried: before its due time or the end of a day, or after a step of another batch or the start of a day. */
  function roomsFor(b: number, isBeside: boolean): Room[] {
    return moments(b).map((room) => ({ ...room, isBeside }));
  }

  function moments(b: number): Room[] {
    const { batch } = batches[b]!;
    const usual = asLateAsPossible(batches[b]!);
    const way = random();
    const dayAt = pick(days.length - 1);
    if (way < 0.25) return [...usual];
    if (way < 0.45) return [backward(Math.min(batch.due, days[dayAt + 1]!)), ...usual];
    if (way < 0.6) return [forward(Math.max(batch.notBefore, days[dayAt]!)), ...usual];
    const other = board.placements[pick(batches.length)];
    if (!other) return [...usual];
    const moment = other.starts[pick(other.starts.length)]!;
    if (way < 0.75) {
      // One step waits for a moment of another batch, and the rest follows.
      const step = pick(batches[b]!.steps.length);
      const late = other.starts[pick(other.starts.length)]! + pick(60);
      const isForward = random() < 0.5;
      const room = isForward ? forward(Math.max(batch.notBefore, Math.min(moment, late) - 120)) : backward(batch.due);
      return [{ ...room, bound: { step, at: late } }, ...usual];
    }
    return way < 0.88
      ? [forward(Math.max(batch.notBefore, moment)), ...usual]
      : [backward(Math.min(batch.due, moment + pick(120))), ...usual];
  }
}

/** Tells whether a mended plan is no later than the one before: then nothing else is moved. */
function isAsPunctual(
  { unplaced, lateMinutes }: WeekScore,
  { batches }: WeekQuestion,
  before: readonly (Placement | null)[],
): boolean {
  const late = before.reduce((sum, placement, b) => sum + (placement ? lateIn(batches[b]!, placement) : 0), 0);
  return unplaced === 0 && lateMinutes <= late;
}

/** Returns the best of the plans that are built from nothing. */
function constructed(question: WeekQuestion): Board {
  const boards = [
    builtWith(question, asLateAsPossible),
    builtWith(question, ({ batch }) => [forward(batch.notBefore)]),
    oneAfterAnother(question),
  ];
  for (const board of boards) board.closePauses();
  return boards.reduce((best, other) => (compareScores(other.score, best.score) < 0 ? other : best));
}

function builtWith(question: WeekQuestion, rooms: (of: BatchSteps) => readonly Room[]): Board {
  const board = new Board(question);
  for (const b of orderOf(question)) board.place(b, rooms(question.batches[b]!));
  return board;
}

/** Chooses the batches to take out: late ones often, else a random one; with it some that are worked on near it. */
function chosen({ batches, kept }: WeekQuestion, board: Board, random: () => number): number[] {
  const pick = (n: number) => Math.min(n - 1, Math.floor(random() * n));
  const bad = batches.flatMap((of, b) => {
    const placement = board.placements[b];
    return !placement || lateIn(of, placement) > 0 ? [b] : [];
  });
  const first = bad.length > 0 && random() < 0.6 ? bad[pick(bad.length)]! : pick(batches.length);
  const startOf = (b: number) => Math.min(...(board.placements[b]?.starts ?? [0]));
  const near = batches
    .map((_, b) => b)
    .filter((b) => b !== first)
    .sort((a, b) => Math.abs(startOf(a) - startOf(first)) - Math.abs(startOf(b) - startOf(first)));
  const taken = [first];
  const count = 1 + pick(Math.min(MAX_TAKEN_OUT, batches.length));
  while (taken.length < count && near.length > 0) {
    const at = Math.floor(random() ** 2 * near.length);
    taken.push(...near.splice(at, 1));
  }
  // Fixed steps have only one place.
  const isFixed = (b: number) => Number(!kept.has(batches[b]!.batch.id));
  return taken
    .map((b) => [isFixed(b), random(), b] as const)
    .sort((a, b) => a[0] - b[0] || a[1] - b[1])
    .map(([, , b]) => b);
}

/** Tells whether a plan is as punctual as another, moves no more, and costs less than it and some paid minutes. */
function isNear(score: WeekScore, current: WeekScore, paidMinutes: number): boolean {
  if (score.unplaced > current.unplaced || score.lateMinutes > current.lateMinutes || score.moved > current.moved)
    return false;
  return costOf(score) < costOf(current) + paidMinutes;
}

import { steadyRandom } from '../time';
import { asLateAsPossible, backward, Board, forward, type WeekQuestion } from './board';
import type { Room } from './place';
import { compareScores, costOf, endOfBatch, lateIn, type WeekScore } from './score';
import type { BatchSteps } from './steps';
import type { Kept, Placement } from './types';

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
 * more finds a place in it without delay, that is the answer. Otherwise large neighbourhood search improves that plan, or the best of some
 * new ones: each attempt takes some batches out, places them again before or after a moment, and closes the pauses that this leaves. Better
 * and equal plans are kept, and worse ones as in simulated annealing.
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

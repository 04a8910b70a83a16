import type { CutSpec } from '../slab';
import type { Layout } from './region';
import { strokeOrder } from './template';
import { TOOL } from './tools';

/** Minutes when it goes quickly, as usual, and slowly. */
export type MinutesRange = readonly [quick: number, usual: number, slow: number];

/** Seconds that each part of the work usually takes: a rule of the bench, counted by hand and not of physics. */
const SECONDS = { liftSlab: 180, mark: 6, turn: 15, partPiece: 2.5, breakShard: 4, snapLine: 5 } as const;
/** Practised hands, and hands that do it for the first time. */
const PACE = [0.7, 1, 1.7] as const;

const atPace = (seconds: number): MinutesRange =>
  PACE.map((factor) => (seconds * factor) / 60) as [number, number, number];

/** How long a slab's cut keeps the hands busy. */
export interface CuttingMinutes {
  /** Scoring it while it is warm, where it is snapped later; null where it is not. */
  readonly scoring: MinutesRange | null;
  /** Lifting, marking, cutting or snapping, and parting the pieces. */
  readonly cutting: MinutesRange;
}

/**
 * How long it takes to lift a slab, mark it, cut it and part the pieces: by the strokes and turns of its cut, with its tool. Wires and
 * rollers make all strokes of one direction in one go, and need no marks.
 *
 * @param layout null for a slab that is broken by hand
 * @param pieces how many come of it
 */
export function cuttingMinutes(layout: Layout | null, { tool = 'hot blade' }: CutSpec, pieces: number): CuttingMinutes {
  if (!layout) return { scoring: null, cutting: atPace(SECONDS.liftSlab / 2 + pieces * SECONDS.breakShard) };
  const { strokes, turns } = strokeOrder(layout);
  const { throughOnly, strokeSeconds } = TOOL[tool];
  const directions = new Set(strokes.map(({ set }) => set)).size;
  const linesSeconds =
    (throughOnly ? directions * strokeSeconds : strokes.length * (strokeSeconds + SECONDS.mark)) + turns * SECONDS.turn;
  const handling = SECONDS.liftSlab + pieces * SECONDS.partPiece;
  return tool === 'score and snap'
    ? { scoring: atPace(linesSeconds), cutting: atPace(handling + strokes.length * SECONDS.snapLine) }
    : { scoring: null, cutting: atPace(handling + linesSeconds) };
}

/** Seconds for a piece, and to begin with, of what goes on after cutting. */
const FINISH_SECONDS = { coat: { begin: 300, piece: 12 }, 'per-piece': { begin: 120, piece: 5 } } as const;

/** How long it takes to coat pieces, or to lay something on each of them. */
export function finishMinutes(spread: keyof typeof FINISH_SECONDS, pieces: number): MinutesRange {
  const { begin, piece } = FINISH_SECONDS[spread];
  return atPace(begin + pieces * piece);
}

import type { CutSpec } from '../slab';
import type { Layout } from './region';
import { strokeOrder } from './template';
import { TOOL } from './tools';

/** Minutes at a fast, a typical and a slow pace. */
export type MinutesRange = readonly [quick: number, usual: number, slow: number];

/** Typical seconds of each part of the work: bench experience, not physics. */
const SECONDS = { liftSlab: 180, mark: 6, turn: 15, partPiece: 2.5, breakShard: 4, snapLine: 5 } as const;
/** Factors for practised hands and for a first attempt. */
const PACE = [0.7, 1, 1.7] as const;

const atPace = (seconds: number): MinutesRange =>
  PACE.map((factor) => (seconds * factor) / 60) as [number, number, number];

/** Labour of cutting a slab. */
export interface CuttingMinutes {
  /** Scoring while warm, for slabs that are snapped later; `null` otherwise. */
  readonly scoring: MinutesRange | null;
  /** Lifting, marking, cutting or snapping, and separating the pieces. */
  readonly cutting: MinutesRange;
}

/**
 * Returns the time to lift a slab, mark it, cut it and separate the pieces, from the strokes and turns of its cut and its tool.
 * Wires and rollers make all strokes of one direction at once and need no marks.
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

/** Seconds per piece, and to begin with, for finishes applied after cutting. */
const FINISH_SECONDS = { coat: { begin: 300, piece: 12 }, 'per-piece': { begin: 120, piece: 5 } } as const;

/** Returns the time to coat pieces or to place something on each of them. */
export function finishMinutes(spread: keyof typeof FINISH_SECONDS, pieces: number): MinutesRange {
  const { begin, piece } = FINISH_SECONDS[spread];
  return atPace(begin + pieces * piece);
}

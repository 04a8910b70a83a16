import { cutSlab, laidOneWay, layOut, type SlabCut } from '../cut';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { MAX_GRID, type CutSpec, type Slab } from '../slab';
import { isFinish } from '../scale';
import { outlineAt, type Tin } from '../tin';
import { withoutOrder } from './order';
import { plan } from './plan';
import type { Plan, PlannedSlab, PlanOptions } from './planned';
import { UNCUT } from './scaling';

/** Target of a cut: a number of pieces, a size, a mass, or a cost per piece. */
export type CutAsk =
  | { readonly by: 'count'; readonly count: number }
  | { readonly by: 'size'; readonly lengthMm: number; readonly widthMm: number; readonly fit?: 'exact' | 'stretch' }
  | { readonly by: 'mass'; readonly massG: number }
  | { readonly by: 'cost'; readonly cost: number };

/** Closeness of a cut to its target; `overShare` is 0 within half a percent. */
export type CutFit =
  | { readonly code: 'count'; readonly pieces: number; readonly more: number }
  | { readonly code: 'mass'; readonly massG: number; readonly overShare: number }
  | { readonly code: 'cost'; readonly overShare: number }
  | { readonly code: 'stretched'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly code: 'trimmed'; readonly trimShare: number };

/** A possible cut with its result, for one slab of the first tin. */
export interface CutAnswer {
  readonly cut: CutSpec;
  readonly pieces: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly massG: number;
  readonly lightestG: number;
  readonly heaviestG: number;
  readonly cost: number;
  /** Trims as a share of the slab. */
  readonly trimShare: number;
  /** Number of strokes. */
  readonly strokes: number;
  /** Coefficient of variation of piece mass: 0 when all weigh the same. */
  readonly massVariation: number;
  /** Closeness to the target. */
  readonly fit: CutFit;
}

const MAX_ANSWERS = 6;
/** Range of counts tried around the target. */
const COUNTS_ROUND = 0.15;
/** Maximum ratio of length to width unless asked for. */
const LONGEST_FACE = 3.5;

/** Parts of a slab's plan that answers are weighed and priced by. */
interface Basis {
  readonly plan: Plan;
  readonly cut: CutSpec;
  /** Cost of one slab of the first tin. */
  readonly usedHere: number;
}

/** Returns the cut without fields of only one way to cut: lines, strips and piece types. */
function bare({ columns, rows, trimMm, kerfMm, tool, shape, way, thicknessAt }: CutSpec): CutSpec {
  const kept = { trimMm, kerfMm, tool, shape, way: way === 'wedges' ? way : undefined, thicknessAt };
  return { columns, rows, ...Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined)) };
}

/** An answer without its closeness. */
type Outcome = Omit<CutAnswer, 'fit'>;

/** Returns the result of a cut before finishes; `null` if it leaves no pieces. */
function outcomeOf({ plan: { slabs }, usedHere }: Basis, cut: CutSpec): Outcome | null {
  const { tin, slab, layers } = slabs[0]!;
  const finishG = layers.reduce((sum, layer) => sum + (isFinish(layer) ? layer.massG : 0), 0);
  const strata = layers.filter((layer) => !isFinish(layer));
  return outcomeIn(cut, tin, slab, cutSlab(tin, slab.heightMm, strata, cut, finishG), usedHere);
}

/** Returns the result of a cut with finishes, at the same cost per gram. */
function plannedOutcome(planned: Plan, cut: CutSpec): Outcome | null {
  const { tin, slab, cut: own } = planned.slabs[0]!;
  const usedHere = planned.slab.massG > 0 ? (planned.cost.used * slab.massG) / planned.slab.massG : 0;
  return outcomeIn(cut, tin, slab, { ...own, massVariation: own.massVariation }, usedHere);
}

function outcomeIn(
  cut: CutSpec,
  tin: Tin,
  slab: PlannedSlab['slab'],
  { pieces, trimG, massVariation }: Pick<SlabCut, 'pieces' | 'trimG' | 'massVariation'>,
  usedHere: number,
): Outcome | null {
  const layout = layOut(tin, slab.heightMm, cut);
  const [kind] = pieces;
  if (!kind || !layout) return null;
  const count = pieces.reduce((sum, piece) => sum + piece.count, 0);
  const piecesG = pieces.reduce((sum, piece) => sum + piece.count * piece.massG, 0);
  return {
    cut,
    pieces: count,
    lengthMm: kind.lengthMm,
    widthMm: kind.widthMm,
    massG: piecesG / count,
    lightestG: pieces.reduce((least, piece) => Math.min(least, piece.lightestG), Infinity),
    heaviestG: pieces.reduce((most, piece) => Math.max(most, piece.heaviestG), 0),
    // Trims are paid for by the pieces.
    cost: usedHere / count,
    trimShare: slab.massG > 0 ? trimG / slab.massG : 0,
    strokes: layout.strokes.length,
    massVariation,
  };
}

/** Returns grids of about a number of cells, for each number the one with the squarest pieces. */
function gridsOf(count: number, alongMm: number, acrossMm: number): { columns: number; rows: number }[] {
  const [least, most] = [Math.floor(count * (1 - COUNTS_ROUND)), Math.ceil(count * (1 + COUNTS_ROUND))];
  const found: { columns: number; rows: number }[] = [];
  for (let cells = Math.max(1, Math.min(least, count - 2)); cells <= Math.max(most, count + 2); cells++) {
    let best: { columns: number; rows: number; faces: number } | null = null;
    for (let rows = 1; rows <= Math.min(cells, MAX_GRID); rows++) {
      const columns = cells / rows;
      if (!Number.isInteger(columns) || columns > MAX_GRID) continue;
      const [length, width] = [alongMm / columns, acrossMm / rows];
      const faces = Math.max(length, width) / Math.min(length, width);
      if (!best || faces < best.faces) best = { columns, rows, faces };
    }
    if (best && (best.faces <= LONGEST_FACE || cells === count)) found.push(best);
  }
  return found.map(({ columns, rows }) => ({ columns, rows }));
}

const CELLS_PER_PIECE = { rectangle: 1, triangle: 0.5, diamond: 1 } as const;

/** Returns candidate cuts for a number of pieces. */
function cutsOfCount(cut: CutSpec, count: number, alongMm: number, acrossMm: number): CutSpec[] {
  if (cut.way === 'wedges') {
    return [-2, -1, 0, 1, 2]
      .map((more) => ({ ...cut, columns: count + more, rows: 1 }))
      .filter(({ columns }) => columns > 1);
  }
  const cells = Math.max(1, Math.round(count * CELLS_PER_PIECE[cut.shape ?? 'rectangle']));
  return gridsOf(cells, alongMm, acrossMm).map((grid) => ({ ...cut, ...grid }));
}

/** Returns cuts into pieces of a size: exact with the rest trimmed, or stretched to leave nothing. */
function cutsOfSize(
  { plan: { slabs }, cut }: Basis,
  { lengthMm, widthMm, fit = 'exact' }: Extract<CutAsk, { by: 'size' }>,
  alongMm: number,
  acrossMm: number,
): CutSpec[] {
  const { tin, slab } = slabs[0]!;
  const kerfMm = cut.kerfMm ?? 0;
  const turned = [
    [lengthMm, widthMm],
    [widthMm, lengthMm],
  ] as const;
  if (fit === 'exact') {
    return turned.flatMap(([along, across]) => {
      const found = laidOneWay(tin, slab.heightMm, { lengthMm: along, widthMm: across }, kerfMm, cut.trimMm);
      return found ? [{ ...cut, ...found }] : [];
    });
  }
  const counts = (whole: number, piece: number) => {
    const n = (whole + kerfMm) / (piece + kerfMm);
    return [...new Set([Math.max(1, Math.floor(n)), Math.max(1, Math.ceil(n))])].filter((count) => count <= MAX_GRID);
  };
  return turned.flatMap(([along, across]) =>
    counts(alongMm, along).flatMap((columns) => counts(acrossMm, across).map((rows) => ({ ...cut, columns, rows }))),
  );
}

/**
 * Returns ways to cut a slab as asked, the closest first: several to choose from, also if the target cannot be met.
 *
 * @param options tins, scaling and the cut to begin from: its trims, kerf, tool and shape are kept
 */
export function cutAnswers(written: Slab, larder: Larder, shop: Shop, options: PlanOptions, ask: CutAsk): CutAnswer[] {
  // A cut set by an order is released.
  const slab = withoutOrder(written, larder, shop);
  const cut = bare(options.cut ?? slab.cut ?? UNCUT);
  const planned = plan(slab, larder, shop, { ...options, cut });
  const { tin, slab: laid } = planned.slabs[0]!;
  const usedHere = planned.slab.massG > 0 ? (planned.cost.used * laid.massG) / planned.slab.massG : 0;
  const basis: Basis = { plan: planned, cut, usedHere };
  const inside = outlineAt(tin, laid.heightMm / 2);
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  const [alongMm, acrossMm] = [inside.lengthMm - left - right, inside.widthMm - front - back];
  if (alongMm <= 0 || acrossMm <= 0 || laid.massG <= 0) return [];
  const wanted =
    ask.by === 'count'
      ? ask.count
      : ask.by === 'mass'
        ? laid.massG / ask.massG
        : ask.by === 'cost'
          ? usedHere / ask.cost
          : 0;
  if (ask.by !== 'size' && !(wanted >= 0.5 && wanted <= MAX_GRID * MAX_GRID)) return [];
  const tried =
    ask.by === 'size'
      ? cutsOfSize(basis, ask, alongMm, acrossMm)
      : cutsOfCount(cut, Math.max(1, Math.round(wanted)), alongMm, acrossMm);
  const off = (outcome: Outcome) => missed(ask, outcome);
  // Of two equally close answers, the one with fewer strokes comes first.
  const nearest = (one: Outcome, other: Outcome) => off(one) - off(other) || one.strokes - other.strokes;
  const same = ({ cut: one }: Outcome, { cut: other }: Outcome) =>
    one.columns === other.columns &&
    one.rows === other.rows &&
    JSON.stringify(one.trimMm) === JSON.stringify(other.trimMm);
  return tried
    .flatMap((cut) => outcomeOf(basis, cut) ?? [])
    .sort(nearest)
    .filter((outcome, i, all) => all.findIndex((first) => same(first, outcome)) === i)
    .slice(0, MAX_ANSWERS)
    .flatMap(({ cut }) => plannedOutcome(plan(slab, larder, shop, { ...options, cut }), cut) ?? [])
    .sort(nearest)
    .map((outcome) => ({ ...outcome, fit: fitOf(ask, outcome) }));
}

/** Returns the distance of an answer from the target, as a share of it. */
function missed(ask: CutAsk, answer: Outcome): number {
  if (ask.by === 'count') return Math.abs(answer.pieces - ask.count) / ask.count;
  if (ask.by === 'mass') return Math.abs(answer.massG - ask.massG) / ask.massG;
  if (ask.by === 'cost') return Math.abs(answer.cost - ask.cost) / ask.cost;
  if (ask.fit === 'stretch') {
    const sides = (length: number, width: number) =>
      Math.abs(Math.log(answer.lengthMm / length)) + Math.abs(Math.log(answer.widthMm / width));
    return Math.min(sides(ask.lengthMm, ask.widthMm), sides(ask.widthMm, ask.lengthMm));
  }
  return answer.trimShare;
}

function fitOf(ask: CutAsk, { pieces, massG, cost, trimShare, lengthMm, widthMm }: Outcome): CutFit {
  switch (ask.by) {
    case 'count':
      return { code: 'count', pieces, more: pieces - ask.count };
    case 'mass':
      return { code: 'mass', massG, overShare: overShare(massG, ask.massG) };
    case 'cost':
      return { code: 'cost', overShare: overShare(cost, ask.cost) };
    case 'size':
      return ask.fit === 'stretch' ? { code: 'stretched', lengthMm, widthMm } : { code: 'trimmed', trimShare };
  }
}

/** Returns the relative excess over the target; 0 within half a percent. */
function overShare(found: number, asked: number): number {
  const share = found / asked - 1;
  return Math.abs(share) < 0.005 ? 0 : share;
}

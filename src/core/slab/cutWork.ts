import { asTin, lean, outlineAt, type TinCount } from '../tin';
import { problem, type Problem } from '../validation';
import { MAX_GRID } from './schema';
import type { CutSpec, Layer, Scale } from './types';

/** Maximum number of areas computed for one slab: about a fifth of a second. */
const MAX_AREAS = 1_000_000;
/** Fixed work per piece, in areas; and the number of heights at which a layer is cut between sloping walls, or a shell. */
const AREAS = { piece: 3, leaning: 3, shell: 6 } as const;
/** Factor for pieces that are not rectangles, or of an uneven surface. */
const SLANTED = 12;

/** The cut part of a slab or of a request. */
interface Cutting {
  readonly layers: readonly Layer[];
  readonly tins: readonly TinCount[];
  readonly cut?: CutSpec | undefined;
  readonly scale?: Scale | undefined;
}

/** Returns the number of pieces on lines, weighted by their work. */
function cellsOnLines({ columns, rows, shape = 'rectangle', thicknessAt = [], strips, linesMm }: CutSpec): number {
  const sides = [linesMm?.length ?? [], linesMm?.width ?? []].map((lines) => lines.length);
  const cells = strips
    ? strips.reduce((sum, strip) => sum + 2 * (strip.linesMm.length + 1), 0)
    : (sides[0]! > 0 ? sides[0]! + 1 : columns) * (sides[1]! > 0 ? sides[1]! + 1 : rows);
  return cells * (shape !== 'rectangle' || thicknessAt.length > 0 ? SLANTED : 1);
}

/** Returns the number of pieces of a cut, weighted by their work. */
function cellsOf(cut: CutSpec = { columns: 1, rows: 1 }): number {
  switch (cut.way ?? 'grid') {
    case 'break':
      return 1;
    case 'wedges':
      return cut.columns * SLANTED;
    case 'grid':
    case 'mixed':
      return cellsOnLines(cut);
  }
}

/**
 * Estimates the work to cut a slab as a share of the budget: pieces times the heights at which each layer is cut, over all kinds
 * of tin. Over 1 is too much. Calculated before any of it is done.
 */
export function cutWork({ layers, tins, cut, scale }: Cutting): number {
  const shelled = layers.some(({ spread }) => spread === 'shell');
  const areas = tins.reduce((sum, { tin: any }) => {
    const tin = asTin(any);
    const each = AREAS.piece + (shelled ? AREAS.shell : lean(tin) > 0 ? AREAS.leaning : 0) * layers.length;
    const { lengthMm, widthMm } = outlineAt(tin, tin.depthMm);
    const along = (whole: number, piece: number) => Math.min(MAX_GRID, whole / piece);
    const pieces =
      scale?.mode === 'pieces' ? along(lengthMm, scale.lengthMm) * along(widthMm, scale.widthMm) : cellsOf(cut);
    return sum + pieces * each;
  }, 0);
  return areas / MAX_AREAS;
}

/** Returns a problem for a cut that is too much work, with what to make smaller. */
export function cutProblems(cutting: Cutting): Problem[] {
  const work = cutWork(cutting);
  if (work <= 1) return [];
  const { scale } = cutting;
  return [problem(scale?.mode === 'pieces' ? '/scale' : '/cut', 'too-much-cutting', { times: Math.ceil(work) })];
}

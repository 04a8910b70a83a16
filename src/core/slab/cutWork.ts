import { asTin, lean, outlineAt, type TinCount } from '../tin';
import { problem, type Problem } from '../validation';
import { MAX_GRID } from './schema';
import type { CutSpec, Layer, Scale } from './types';

/** So many areas are worked out for one slab: about a fifth of a second's work. */
const MAX_AREAS = 1_000_000;
/** What each piece costs by itself, as many areas; and at how many heights a layer is cut between leaning walls, or a shell. */
const AREAS = { piece: 3, leaning: 3, shell: 6 } as const;
/** A piece that is no rectangle, or of a surface that is not level, is so much more work. */
const SLANTED = 12;

/** What is cut, of a slab or of a request. */
interface Cutting {
  readonly layers: readonly Layer[];
  readonly tins: readonly TinCount[];
  readonly cut?: CutSpec | undefined;
  readonly scale?: Scale | undefined;
}

/** Pieces that lie on lines, those that are more work counting for more. */
function cellsOnLines({ columns, rows, shape = 'rectangle', thicknessAt = [], strips, linesMm }: CutSpec): number {
  const sides = [linesMm?.length ?? [], linesMm?.width ?? []].map((lines) => lines.length);
  const cells = strips
    ? strips.reduce((sum, strip) => sum + 2 * (strip.linesMm.length + 1), 0)
    : (sides[0]! > 0 ? sides[0]! + 1 : columns) * (sides[1]! > 0 ? sides[1]! + 1 : rows);
  return cells * (shape !== 'rectangle' || thicknessAt.length > 0 ? SLANTED : 1);
}

/** Pieces of a cut, those that are more work counting for more. */
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
 * How much work it is to cut a slab, as a share of what is done at once: pieces, times the heights at which each layer is cut, over
 * all kinds of tin. Over 1 is too much. Reckoned before any of it is done.
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

/** What is too much to cut at once, with what to make smaller: one problem, or none. */
export function cutProblems(cutting: Cutting): Problem[] {
  const work = cutWork(cutting);
  if (work <= 1) return [];
  const { scale } = cutting;
  return [problem(scale?.mode === 'pieces' ? '/scale' : '/cut', 'too-much-cutting', { times: Math.ceil(work) })];
}

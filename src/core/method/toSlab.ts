import type { CutSpec, Slab } from '../slab';
import type { AnyTin } from '../tin';
import type { CutRead } from './cutIn';
import type { RecipeRead } from './read';
import { FREE_SHEET, USUAL_THICKNESS_MM } from './sheetIn';

/** Default shard mass, g. */
const BROKEN = { aimG: 30 } as const;
/** Length of a bar divided by its width. */
const BAR_RATIO = 2.5;

/**
 * Returns the slab of a recipe with its method: steps with times, end points and oven temperatures, when each ingredient is
 * added, what each layer waits for and where, the tin, the cut and the shelf life. The text of the method stays in the notes.
 */
export function slabFromMethod({ slab, method }: RecipeRead): Slab {
  const { sheet } = method;
  const tin = method.tin ?? (sheet ? FREE_SHEET : slab.tin);
  const cut = method.cut && isCutStated(method.cut) ? cutFor(method.cut, tin) : null;
  const { cut: _unsaid, ...uncut } = slab;
  return {
    ...uncut,
    tin,
    ...(cut ? { cut } : {}),
    ...(sheet ? { layers: spreadTo(sheet.thicknessMm ?? USUAL_THICKNESS_MM, slab.layers) } : {}),
    ...(method.keep ? { keep: method.keep } : {}),
    ...(method.text === '' ? {} : { notes: [slab.notes, method.text].filter(Boolean).join('\n').slice(0, 20000) }),
  };
}

/** The first level layer of a slab on a sheet decides by its thickness how far the slab spreads. */
function spreadTo(thicknessMm: number, layers: Slab['layers']): Slab['layers'] {
  const first = layers.findIndex(({ spread }) => spread === 'level');
  return layers.map((layer, at) => (at === first ? { ...layer, thicknessMm } : layer));
}

/** Tells whether a recipe says how many or how large its pieces are: "cut into bars" does not. */
export const isCutStated = ({ way, pieces, columns, widthMm }: CutRead): boolean =>
  way === 'break' || pieces !== null || columns !== null || widthMm !== null;

/** A recipe says nothing of trims: nothing is cut off until the maker asks for it. */
const WHOLE: CutSpec = { columns: 1, rows: 1, trimMm: { left: 0, right: 0, front: 0, back: 0 }, kerfMm: 0 };

/** Returns the cut for a tin: columns along its length, rows along its width. `null` for pieces of a size on a sheet that has none yet. */
function cutFor(read: CutRead, tin: AnyTin): CutSpec | null {
  const cut = WHOLE;
  if (read.way === 'break') return { ...cut, way: 'break', break: BROKEN, tool: 'hand' };
  const shaped: CutSpec = read.shape === 'rectangle' ? cut : { ...cut, shape: read.shape };
  if (read.columns !== null && read.rows !== null) return { ...shaped, columns: read.columns, rows: read.rows };
  if (tin.shape === 'sheet' && read.pieces === null) return null;
  if (tin.shape !== 'rectangle') return read.pieces === null ? shaped : { ...shaped, ...gridOf(read.pieces, 1, 1) };
  const { lengthMm, widthMm } = tin;
  if (read.widthMm !== null) {
    const most = (mm: number, by: number) => Math.min(200, Math.max(1, Math.floor(mm / by + 0.05)));
    const [short, long] = [read.lengthMm ?? read.widthMm, read.widthMm].sort((a, b) => a - b) as [number, number];
    if (read.lengthMm !== null) {
      // Uses the orientation with more pieces.
      const along = most(lengthMm, short) * most(widthMm, long);
      const across = most(lengthMm, long) * most(widthMm, short);
      return along >= across
        ? { ...shaped, columns: most(lengthMm, short), rows: most(widthMm, long) }
        : { ...shaped, columns: most(lengthMm, long), rows: most(widthMm, short) };
    }
    return { ...shaped, columns: most(lengthMm, read.widthMm), rows: 1 };
  }
  return read.pieces === null
    ? shaped
    : { ...shaped, ...gridOf(read.pieces, lengthMm / widthMm, read.isLong ? BAR_RATIO : 1) };
}

/** Returns columns and rows with that number of pieces, or nearly, and faces closest to the wanted proportions. */
function gridOf(pieces: number, aspect: number, ratio: number): Pick<CutSpec, 'columns' | 'rows'> {
  let best = { columns: 1, rows: Math.min(200, pieces), badness: Infinity };
  for (let columns = 1; columns <= Math.min(200, pieces); columns++) {
    const rows = Math.min(200, Math.max(1, Math.round(pieces / columns)));
    const shape = Math.abs(Math.log((aspect * rows) / columns));
    const badness = Math.abs(columns * rows - pieces) * 2 + Math.abs(shape - Math.log(ratio));
    if (badness < best.badness) best = { columns, rows, badness };
  }
  return { columns: best.columns, rows: best.rows };
}

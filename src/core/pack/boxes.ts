import type { Box } from '../tin';

/** A piece to pack: its face, height and mass. */
export interface PackedPiece {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly massG: number;
}

/** Position of a piece in a level, by its corner; a turned piece lies across the box. */
export interface PlacedPiece {
  readonly xMm: number;
  readonly yMm: number;
  readonly turned: boolean;
}

/** Result of one kind of box. */
export interface BoxAnswer {
  readonly box: string;
  readonly perBox: number;
  readonly levels: number;
  readonly boxes: number;
  /** Share of the boxes' volume that the pieces fill, 0 to 1. */
  readonly fill: number;
  /** Cost of all boxes. */
  readonly cost: number;
  /** One full level. */
  readonly layout: readonly PlacedPiece[];
}

const EPS_MM = 1e-6;
const fitting = (room: number, piece: number) => Math.max(0, Math.floor((room + EPS_MM) / piece));

/**
 * The most pieces that lie in a rectangle in rows from end to end: all in one turn, or some rows in each, with the rows along either
 * side. All numbers of rows are tried, so that none of these holds more.
 *
 * @param acrossMm the side that rows follow upon one another along
 */
function rows(alongMm: number, acrossMm: number, { lengthMm, widthMm }: PackedPiece): PlacedPiece[] {
  const [straight, turned] = [fitting(alongMm, lengthMm), fitting(alongMm, widthMm)];
  let best = { count: 0, straightRows: 0, turnedRows: 0 };
  for (let straightRows = 0; straightRows <= fitting(acrossMm, widthMm); straightRows++) {
    const turnedRows = fitting(acrossMm - straightRows * widthMm, lengthMm);
    const count = straightRows * straight + turnedRows * turned;
    if (count > best.count) best = { count, straightRows, turnedRows };
  }
  const lay = (
    many: number,
    perRow: number,
    [along, across]: readonly [number, number],
    fromMm: number,
    turn: boolean,
  ) =>
    Array.from({ length: many * perRow }, (_, i) => ({
      xMm: (i % perRow) * along,
      yMm: fromMm + Math.floor(i / perRow) * across,
      turned: turn,
    }));
  return [
    ...lay(best.straightRows, straight, [lengthMm, widthMm], 0, false),
    ...lay(best.turnedRows, turned, [widthMm, lengthMm], best.straightRows * widthMm, true),
  ];
}

/**
 * Returns one level of a box with as many pieces as fit in rows, in either orientation, along either side.
 *
 * @returns the places of the pieces, x along the length of the box; none where not even one lies in it
 */
export function levelOf(box: Pick<Box, 'lengthMm' | 'widthMm'>, piece: PackedPiece): PlacedPiece[] {
  const along = rows(box.lengthMm, box.widthMm, piece);
  // Rows across the box are rows along a turned box; a piece that lies along them is turned in this box.
  const across = rows(box.widthMm, box.lengthMm, piece).map(({ xMm, yMm, turned }) => ({
    xMm: yMm,
    yMm: xMm,
    turned: !turned,
  }));
  return across.length > along.length ? across : along;
}

/** Returns the number of levels in a box, with paper between them. */
export const levelsIn = ({ heightMm }: Pick<Box, 'heightMm'>, piece: PackedPiece, interleafMm: number): number =>
  fitting(heightMm + interleafMm, piece.heightMm + interleafMm);

/**
 * What each kind of box does for some pieces that all lie flat: how many it holds in levels with paper between, how many boxes it
 * takes, and how full they are. Boxes that hold none are left out.
 *
 * @param pieces how many are packed, 1 or more
 * @param interleafMm thickness of the paper between levels, mm
 * @param most pieces that go into one box, where not as many as fit
 * @returns the one that wastes least room first; of equal ones the cheaper
 */
export function boxAnswers(
  piece: PackedPiece,
  pieces: number,
  boxes: readonly Box[],
  interleafMm = 0,
  most = Infinity,
): BoxAnswer[] {
  return boxes
    .flatMap((box): BoxAnswer[] => {
      const layout = levelOf(box, piece);
      const fits = levelsIn(box, piece, interleafMm);
      const perBox = Math.min(most, layout.length * fits);
      if (perBox === 0) return [];
      const needed = Math.ceil(pieces / perBox);
      const volume = ({ lengthMm, widthMm, heightMm }: Omit<PackedPiece, 'massG'>) => lengthMm * widthMm * heightMm;
      return [
        {
          box: box.name,
          perBox,
          levels: Math.ceil(perBox / layout.length),
          boxes: needed,
          fill: (pieces * volume(piece)) / (needed * volume(box)),
          cost: needed * (box.currency === undefined ? (box.price ?? 0) : 0),
          layout: layout.slice(0, perBox),
        },
      ];
    })
    .sort((a, b) => b.fill - a.fill || a.cost - b.cost || a.boxes - b.boxes);
}

import type { CutSpec, PieceShape } from '../slab';
import { outlineAt, volumeMlTo, type Tin } from '../tin';
import { layOut } from './layout';
import type { Point } from './moments';
import { divide, type Stratum } from './pieces';
import type { Layout, Region } from './region';
import { shards, SHARDS_SPREAD } from './shards';
import { fitSurface, thinnest, type Surface } from './surface';

/** Pieces of one kind. `rim` pieces have lost over a tenth of their face to a wall or a corner; shards are broken by hand. */
export interface PieceKind {
  readonly kind: 'piece' | 'rim' | 'shard';
  /** Id of the piece type in the cut, if it has several. */
  readonly id?: string;
  readonly name?: string;
  readonly count: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Mean mass, and the lightest and heaviest, g. */
  readonly massG: number;
  readonly lightestG: number;
  readonly heaviestG: number;
}

/** A cut slab. */
export interface SlabCut {
  readonly columns: number;
  readonly rows: number;
  readonly pieces: readonly PieceKind[];
  readonly trimG: number;
  readonly kerfG: number;
  /** Coefficient of variation of piece mass: 0 when all weigh the same. */
  readonly massVariation: number;
  readonly marksMm: { readonly length: readonly number[]; readonly width: readonly number[] };
}

/** A slab whose cut is not decided: no pieces, nothing trimmed off. */
export const UNDIVIDED: SlabCut = {
  ...{ columns: 1, rows: 1, pieces: [], trimG: 0, kerfG: 0, massVariation: 0 },
  marksMm: { length: [], width: [] },
};

const WHOLE_FACE = 0.9;
/** Minimum share of a whole face for a piece; smaller slivers count as trim. */
const NOTHING = 0.02;

/** Typical mass per volume of bark and brittle with nuts, g per mm³. */
const BROKEN_G_PER_ML = 1.2;
/** Minimum share of a whole face for a diamond. */
const HALF_DIAMOND = 0.5;

/**
 * Cuts a slab and weighs the pieces, trims and kerf.
 *
 * @param heightMm height of the slab, mm
 * @param strata its layers, from the bottom
 * @param finishG mass applied after cutting, equally on all pieces, g
 * @returns pieces + trims + kerf = slab, in mass; no pieces where trims and kerf leave nothing to cut
 */
export function cutSlab(tin: Tin, heightMm: number, strata: readonly Stratum[], cut: CutSpec, finishG = 0): SlabCut {
  const slabG = strata.reduce((sum, { massG }) => sum + massG, finishG);
  const { columns, rows } = cut;
  if (cut.way === 'break') return brokenUp(tin, heightMm, slabG, cut);
  const layout = layOut(tin, heightMm, cut);
  if (!layout) return { ...UNDIVIDED, columns, rows, trimG: slabG };
  const { piecesG, piecesMm2, trimG, kerfG } = divide(tin, heightMm, strata, layout, surfaceOf(tin, heightMm, cut));
  const isPiece = picksUp(layout, piecesMm2, cut);
  const finishEachG = finishG / Math.max(1, isPiece.filter(Boolean).length);
  const groups = new Map<string, { of: Region[]; massesG: number[]; kind: 'piece' | 'rim'; id: string | undefined }>();
  let wasteG = 0;
  layout.regions.forEach((region, i) => {
    if (!isPiece[i]) {
      wasteG += piecesG[i]!;
      return;
    }
    const kind = piecesMm2[i]! / region.faceMm2 < WHOLE_FACE ? 'rim' : 'piece';
    const key = `${region.kind ?? ''} ${kind}`;
    const group = groups.get(key) ?? { of: [], massesG: [], kind, id: region.kind };
    group.of.push(region);
    group.massesG.push(piecesG[i]! + finishEachG);
    groups.set(key, group);
  });
  const order = (kind: 'piece' | 'rim') => [...groups.values()].filter((group) => group.kind === kind);
  return {
    columns,
    rows,
    pieces: [...order('piece'), ...order('rim')].map(({ of, massesG, kind, id }) => {
      const own = cut.kinds?.find((kind) => kind.id === id);
      const sides = {
        lengthMm: mean(of.map((piece) => piece.lengthMm)),
        widthMm: mean(of.map((piece) => piece.widthMm)),
      };
      const size = own ? { lengthMm: own.lengthMm, widthMm: own.widthMm } : sides;
      return { ...kindOf(kind, massesG, { ...size, heightMm }), ...(own ? { id: own.id, name: own.name } : {}) };
    }),
    trimG: trimG + wasteG,
    kerfG,
    massVariation: variation([...groups.values()].flatMap(({ massesG }) => massesG)),
    marksMm: layout.marksMm,
  };
}

/** Minimum share of its face that a piece of each shape must have to be sold. */
const MIN_FACE: Readonly<Record<PieceShape, number>> = {
  rectangle: NOTHING,
  triangle: NOTHING,
  diamond: HALF_DIAMOND,
};

/** Returns the regions of a layout that count as pieces; the others are trim. */
function picksUp({ regions }: Layout, piecesMm2: readonly number[], { shape = 'rectangle' }: CutSpec): boolean[] {
  const least = MIN_FACE[shape];
  return regions.map(({ faceMm2, kind }, i) => kind !== '' && piecesMm2[i]! / faceMm2 >= least);
}

/** Returns the surface fitted to a cut's thickness readings; `null` without readings or where it would fall to zero. */
export function surfaceOf(tin: Tin, heightMm: number, { thicknessAt = [] }: CutSpec): Surface | null {
  if (thicknessAt.length === 0) return null;
  const inside = outlineAt(tin, heightMm / 2);
  const { surface } = fitSurface(thicknessAt, inside);
  return thinnest(surface, inside) > 0 ? surface : null;
}

/** Breaks a slab by hand: as many shards as the aimed mass allows, without loss. */
function brokenUp(tin: Tin, heightMm: number, slabG: number, { columns, rows, ...cut }: CutSpec): SlabCut {
  const { aimG, spread = SHARDS_SPREAD } = cut.break ?? { aimG: slabG };
  const { count, massG, lightestG, heaviestG } = shards(slabG, aimG, spread);
  const outline = outlineAt(tin, heightMm / 2);
  const sideMm = Math.sqrt((outline.lengthMm * outline.widthMm) / Math.max(1, count));
  const pieces: PieceKind[] =
    count > 0
      ? [{ kind: 'shard', count, lengthMm: sideMm, widthMm: sideMm, heightMm, massG, lightestG, heaviestG }]
      : [];
  const marksMm = { length: [], width: [] };
  return { columns, rows, pieces, trimG: 0, kerfG: 0, massVariation: count > 1 ? spread : 0, marksMm };
}

/**
 * Returns the number of pieces of a cut and their total surface: bottom, top and sides.
 *
 * A slab that is broken into shards of so many grams is taken at a usual density, since what it weighs is not known yet here.
 *
 * @param heightMm height of the slab, mm
 */
export function pieceFaces(tin: Tin, heightMm: number, cut: CutSpec): { count: number; surfaceMm2: number } {
  if (cut.way === 'break') {
    const [broken] = brokenUp(tin, heightMm, volumeMlTo(tin, heightMm) * BROKEN_G_PER_ML, cut).pieces;
    if (!broken) return { count: 0, surfaceMm2: 0 };
    const { count, lengthMm } = broken;
    return { count, surfaceMm2: count * (2 * lengthMm ** 2 + 4 * lengthMm * heightMm) };
  }
  const layout = layOut(tin, heightMm, cut);
  if (!layout) return { count: 0, surfaceMm2: 0 };
  const { piecesMm2 } = divide(tin, heightMm, [], layout);
  const isPiece = picksUp(layout, piecesMm2, cut);
  const pieces = layout.regions.filter((_, i) => isPiece[i]);
  return {
    count: pieces.length,
    surfaceMm2: pieces.reduce((sum, { face, faceMm2 }) => sum + 2 * faceMm2 + around(face) * heightMm, 0),
  };
}

const around = (face: readonly Point[]) =>
  face.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = face[(i + 1) % face.length]!;
    return sum + Math.hypot(nextX - x, nextY - y);
  }, 0);

function kindOf(
  kind: PieceKind['kind'],
  massesG: readonly number[],
  size: Pick<PieceKind, 'lengthMm' | 'widthMm' | 'heightMm'>,
): PieceKind {
  return {
    kind,
    count: massesG.length,
    ...size,
    massG: mean(massesG),
    lightestG: massesG.reduce((least, massG) => Math.min(least, massG), Infinity),
    heaviestG: massesG.reduce((most, massG) => Math.max(most, massG), 0),
  };
}

function mean(values: readonly number[]): number {
  return values.reduce((a, b) => a + b, 0) / values.length;
}

/** Coefficient of variation: the standard deviation as a share of the mean. */
export function variation(values: readonly number[]): number {
  if (values.length === 0) return 0;
  const middle = mean(values);
  if (middle === 0) return 0;
  return Math.sqrt(mean(values.map((value) => (value - middle) ** 2))) / middle;
}

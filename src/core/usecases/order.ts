import type { PieceSize } from '../cut';
import { orderAnswers, type SolveProgram } from '../fit';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { expandDividedLines, scaleOf, type Slab } from '../slab';
import type { RackTin } from '../tin';
import { writtenHeightMm } from './heights';
import type { Plan, PlanOptions } from './planned';
import { scaleSlab } from './scaling';

/** Heights closer than this are the same, mm. */
const NEAR_MM = 1e-6;

/**
 * Tells whether a plan needs tins to be chosen for an order first. That takes an integer program, so it happens before `plan`,
 * which stays a plain function: in a worker of the browser, or in a thread of the server.
 */
export function asksForTins(slab: Slab, options: PlanOptions): boolean {
  return (options.scale ?? scaleOf(slab)).mode === 'pieces' && (options.scale !== undefined || slab.tins === undefined);
}

/**
 * Returns plan options with the tins chosen for an order: the answer with the least waste. The request's tins are the rack to
 * choose from, otherwise the shop's. Other requests are returned unchanged.
 */
export async function withTinsForOrder(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions,
  solve: () => Promise<SolveProgram>,
): Promise<PlanOptions> {
  const scale = options.scale ?? scaleOf(slab);
  if (scale.mode !== 'pieces' || !asksForTins(slab, options)) return options;
  const rack: readonly RackTin[] = options.tins ? options.tins.map((tin) => ({ name: '', ...tin })) : (shop.rack ?? []);
  const heightMm = writtenHeightMm(slab, larder, shop);
  const { kerfMm = 0, trimMm } = options.cut ?? slab.cut ?? {};
  const [best] = await orderAnswers(rack, scale, heightMm, kerfMm, await solve(), trimMm);
  if (!best) return options;
  return {
    ...options,
    tins: best.tins.map(({ tin, count }) => ({ tin, count })),
    scale: best.heightMm < heightMm - NEAR_MM ? { ...scale, heightMm: best.heightMm } : scale,
  };
}

/** A side that still fits as often as before: rounding up by a hair would lose a row, mm. */
const downTo = (mm: number) => Math.floor(mm * 1000) / 1000;

/**
 * Returns the size of a piece of about a mass or a cost, in the proportions of the current pieces.
 *
 * @param want g, or in the shop's currency; neither for the pieces as they are
 * @returns sides in mm, to half a millimetre, and those of the pieces as they are exactly; null where nothing is cut yet, or nothing has
 *   that price
 */
export function pieceSizeFor(
  { cut }: Plan,
  want: { readonly massG?: number; readonly cost?: number },
): PieceSize | null {
  const piece = cut.pieces.find(({ kind }) => kind === 'piece');
  if (!piece) return null;
  const share =
    want.massG !== undefined ? want.massG / piece.massG : want.cost !== undefined ? want.cost / piece.cost : 1;
  if (!Number.isFinite(share) || share <= 0) return null;
  if (share === 1) return { lengthMm: downTo(piece.lengthMm), widthMm: downTo(piece.widthMm) };
  const side = (mm: number) => Math.max(1, Math.round(mm * Math.sqrt(share) * 2) / 2);
  return { lengthMm: side(piece.lengthMm), widthMm: side(piece.widthMm) };
}

/** Returns the slab of an order with a grid of its own again: same tins, height, columns and rows. */
export function withoutOrder(slab: Slab, larder: Larder, shop: Shop): Slab {
  const scale = scaleOf(slab);
  if (scale.mode !== 'pieces') return slab;
  const { cutIn, scaling } = scaleSlab(expandDividedLines(slab), larder, shop, {});
  const first = scaling.slabs[0];
  const { scale: _scale, ...rest } = slab;
  return {
    ...rest,
    ...(scale.heightMm === undefined ? {} : { scale: { mode: 'total-height', mm: scale.heightMm } }),
    ...(first ? { cut: cutIn(first.tin, first.heightMm) } : {}),
  };
}

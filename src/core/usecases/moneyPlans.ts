import { upTheLadder, type RunMinutes } from '../cost';
import { cuttingMinutes, finishMinutes, layOut } from '../cut';
import type { Larder } from '../larder';
import { isFinish } from '../scale';
import type { Shop } from '../shop';
import { MAX_GRID, scaleOf, tinsOf, type CutSpec, type Slab } from '../slab';
import { plan } from './plan';
import type { Plan } from './planned';
import { priceSlab, runMinutesOf, type SlabPrice } from './price';
import { workOf } from './timeline';

/** A way to cut a slab, and its earnings at today's price per gram. */
export interface MoneyCut {
  readonly columns: number;
  readonly rows: number;
  readonly pieces: number;
  readonly massG: number;
  /** Of one piece, coins. */
  readonly price: number;
  /** Of the whole run, and relative to the current cut, coins. */
  readonly margin: number;
  readonly more: number;
  readonly perHour: number | null;
}

/** Range of grids to compare around the current one. */
const AROUND = 2;
const USUAL_PACE = 1;

/** Returns the labour of a cut and its finishes, min. */
function knifeMinutes({ slabs }: Plan, cut: CutSpec): number {
  return slabs.reduce((sum, { tin, slab, layers, count, cut: made }) => {
    const pieces = made.pieces.reduce((all, kind) => all + kind.count, 0);
    const { cutting, scoring } = cuttingMinutes(layOut(tin, slab.heightMm, cut), cut, pieces);
    const finishing = layers
      .filter(isFinish)
      .reduce(
        (all, { spread }) => all + finishMinutes(spread === 'coat' ? 'coat' : 'per-piece', pieces)[USUAL_PACE],
        0,
      );
    return sum + count * (cutting[USUAL_PACE] + (scoring?.[USUAL_PACE] ?? 0) + finishing);
  }, 0);
}

/**
 * Compares grids around the current one by earnings: the price per gram stays, the price of a piece is rounded up to the next
 * ending, and each cut has its own cutting time, trims and packaging.
 *
 * @param now the current price of the slab
 * @param minutes of its current schedule; null while that is not known
 * @returns the one that earns most first; none for a slab that is not cut on a grid
 */
export function cutsByMoney(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  planned: Plan,
  now: SlabPrice,
  minutes: RunMinutes | null,
): MoneyCut[] {
  const { cut } = slab;
  const [sold] = now.earned.kinds;
  const isGrid = cut && (cut.way ?? 'grid') === 'grid' && !cut.linesMm && !cut.strips && !cut.kinds;
  if (!isGrid || !sold || scaleOf(slab).mode === 'pieces' || now.earned.kinds.length !== 1) return [];
  const { pricing, digits } = now;
  const shownCoins = pricing.taxIncluded ? sold.price : sold.net;
  const coinsPerGram = shownCoins / sold.massG;
  const standing = knifeMinutes(planned, cut);
  const steps = Array.from({ length: 2 * AROUND + 1 }, (_, i) => i - AROUND);
  const tried = steps.flatMap((more) =>
    steps.map((extra) => ({ columns: cut.columns + more, rows: cut.rows + extra })),
  );
  return tried
    .filter(({ columns, rows }) => columns >= 1 && rows >= 1 && columns <= MAX_GRID && rows <= MAX_GRID)
    .flatMap(({ columns, rows }): (MoneyCut & { longest: number })[] => {
      const next = { ...cut, columns, rows };
      const made = plan(slab, larder, shop, { cut: next });
      const [piece] = made.cut.pieces;
      if (!piece) return [];
      const count = made.cut.pieces.reduce((sum, kind) => sum + kind.count, 0);
      const massG = made.cut.pieces.reduce((sum, kind) => sum + kind.count * kind.massG, 0) / count;
      const isNow = columns === cut.columns && rows === cut.rows;
      const least = BigInt(Math.ceil(coinsPerGram * massG - 1e-6));
      const coins = isNow ? BigInt(shownCoins) : upTheLadder(least, pricing.ladder, digits);
      const asked = { ...slab.pricing, margin: undefined, markup: undefined, price: Number(coins) / 10 ** digits };
      const spent = minutes && { ...minutes, busy: Math.max(0, minutes.busy + knifeMinutes(made, next) - standing) };
      const { earned } = priceSlab({ ...slab, pricing: { ...asked, currency: undefined } }, shop, made, spent);
      const { price } = earned.kinds[0]!;
      return [
        {
          ...{ columns, rows, massG, price },
          pieces: count,
          longest: Math.max(piece.lengthMm / piece.widthMm, piece.widthMm / piece.lengthMm),
          margin: earned.margin,
          more: earned.margin - now.earned.margin,
          perHour: earned.marginPerHour,
        },
      ];
    })
    .sort((a, b) => b.margin - a.margin || a.pieces - b.pieces || a.longest - b.longest)
    .filter((found, i, all) => found.more === 0 || all.findIndex((first) => isAlike(first, found)) === i)
    .map(({ longest: _longest, ...found }) => found);
}

/** Of two orientations of the same count, the squarer pieces win. */
const isAlike = (a: MoneyCut, b: MoneyCut) => a.pieces === b.pieces && a.margin === b.margin && a.price === b.price;

/** A batch of several slabs: the cost of a piece when some work is shared. */
export interface MoneyRun {
  readonly slabs: number;
  readonly pieces: number;
  /** In coins; of one piece, with fractions of a coin. */
  readonly total: number;
  readonly costEach: number;
  readonly handsMinutes: number | null;
  readonly marginPerHour: number | null;
}

/**
 * Prices the same slab in batches of several slabs in its first tin: weighing out is shared, pouring is not, and pots as far as
 * they hold it.
 *
 * @param counts how many slabs, each 1 or more
 * @returns none where an order or the cupboard rules how much is made
 */
export function runsByMoney(slab: Slab, larder: Larder, shop: Shop, counts: readonly number[]): MoneyRun[] {
  const [first] = tinsOf(slab);
  const scale = scaleOf(slab);
  if (!first || scale.mode === 'pieces' || scale.mode === 'as-far-as' || scale.mode === 'scaleFactor') return [];
  return counts.map((count) => {
    const options = { tins: [{ tin: first.tin, count }] };
    const { activities } = workOf(slab, larder, shop, options);
    const price = priceSlab(slab, shop, plan(slab, larder, shop, options), runMinutesOf(activities));
    return {
      slabs: count,
      pieces: price.pieces,
      total: price.bill.total,
      costEach: price.pieces > 0 ? price.bill.total / price.pieces : 0,
      handsMinutes: price.bill.handsMinutes,
      marginPerHour: price.earned.marginPerHour,
    };
  });
}

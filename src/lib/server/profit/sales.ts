import { coinDigits, settledPricing, taxOf } from '$core/cost';
import type { LostPieces, MadeCost, SoldPieces } from '$core/profit';
import type { RunCost } from '$core/usecases';
import { median } from 'simple-statistics';
import type { Db } from '../db/open';
import { shopSettings } from '../shop';
import { runCosts } from './runCosts';
import { salePrices, type SalePrice } from './salePrices';
import { lastOrderOf, lastRunsOf, lotKey, MAX_ROWS, runsOfLots, soldRows, type SoldRow } from './sold';

/** Runs of a slab that estimate the cost of pieces whose own run is not known. */
const RUNS_TO_ESTIMATE = 5;

/** Sales and losses of a range of time, each with what it brought and cost. */
export interface Sales {
  readonly sold: readonly SoldPieces[];
  readonly lost: readonly LostPieces[];
  /** Ingredients without a price in the runs that were sold. */
  readonly unpriced: readonly string[];
  /** Runs whose cost is still being calculated: until it is 0, figures are not complete. */
  readonly toCome: number;
  /** More sales than can be read at once. */
  readonly isTooMuch: boolean;
}

/**
 * Returns the sales of a range of time. Revenue is what was stored at handing over, cost that of the run that made the lot. Of pieces without such a
 * run the median of the slab's last runs is an estimate.
 *
 * @param from ISO 8601 in UTC
 * @param patienceMs how long to wait for the cost of runs
 */
export async function salesBetween(db: Db, from: string, to: string, patienceMs: number): Promise<Sales> {
  const rows = soldRows(db, from, to);
  if (rows.length > MAX_ROWS) return { sold: [], lost: [], unpriced: [], toCome: 0, isTooMuch: true };
  const ofLots = runsOfLots(db, rows);
  const ofSlabs = lastRunsOf(db, [...new Set(rows.map(({ slab }) => slab))], RUNS_TO_ESTIMATE);
  const runs = [...new Set([...ofLots.values(), ...ofSlabs.map(({ run }) => run)])];
  const { costs, toCome } = await runCosts(db, runs, patienceMs);
  const { currency } = shopSettings(db);
  const costOf = (run: number | undefined): RunCost | null => {
    const cost = run === undefined ? null : (costs.get(run) ?? null);
    return cost?.currency === currency ? cost : null;
  };
  const usual = new Map<string, MadeCost | null>();
  const madeOf = ({ slab, kind, lot, unit }: SoldRow): MadeCost | null => {
    if (unit === 'g') return null;
    const own = ofKind(costOf(ofLots.get(lotKey(slab, lot))), kind);
    if (own) return own;
    const key = `${slab} ${kind}`;
    if (!usual.has(key))
      usual.set(
        key,
        estimated(ofSlabs.flatMap((one) => (one.slab === slab ? (ofKind(costOf(one.run), kind) ?? []) : []))),
      );
    return usual.get(key)!;
  };
  const pricesOf = priceFinder(db, rows, currency);
  const sold = rows.flatMap((row): SoldPieces[] =>
    row.why === 'sale' || row.why === 'returned' ? [{ ...pieceOf(row), ...pricesOf(row), made: madeOf(row) }] : [],
  );
  // What a stocktake finds in a lot takes back what an earlier one missed; what it finds without a lot was never in the ledger.
  const lost = rows.flatMap((row): LostPieces[] =>
    row.why === 'waste' || (row.why === 'count' && row.lot !== '') ? [{ ...pieceOf(row), made: madeOf(row) }] : [],
  );
  const unpriced = [...new Set([...ofLots.values()].flatMap((run) => costOf(run)?.unpriced ?? []))].sort();
  return { sold, lost, unpriced, toCome, isTooMuch: false };
}

const pieceOf = ({ slab, kind, lot, unit, at, amount }: SoldRow) => ({ slab, kind, lot, unit, at, amount });

/** Returns the cost of one piece of a type; where the run has other types, the mean of its pieces. */
function ofKind(cost: RunCost | null, kind: string): MadeCost | null {
  if (!cost || cost.costCoins === null) return null;
  const own = cost.kinds.find((one) => one.kind === kind);
  if (own && own.costEach !== null)
    return { costEach: own.costEach, labourMinutesEach: own.labourMinutesEach, isEstimate: cost.isEstimate };
  const pieces = cost.kinds.reduce((sum, one) => sum + one.pieces, 0);
  return { costEach: cost.costCoins / pieces, labourMinutesEach: cost.labourMinutes / pieces, isEstimate: true };
}

function estimated(all: readonly MadeCost[]): MadeCost | null {
  if (all.length === 0) return null;
  const middle = (of: (one: MadeCost) => number) => median(all.map(of));
  return {
    costEach: middle(({ costEach }) => costEach),
    labourMinutesEach: middle(({ labourMinutesEach }) => labourMinutesEach),
    isEstimate: true,
  };
}

type Priced = Pick<SoldPieces, 'channel' | 'netEach' | 'sellingEach'>;

/** Returns how the price of a row is found: as stored with its order, or as it was entered by hand. */
function priceFinder(db: Db, rows: readonly SoldRow[], currency: string): (row: SoldRow) => Priced {
  const orderOf = (row: SoldRow) => row.order ?? (row.why === 'returned' ? lastOrderOf(db, row) : null);
  const orders = new Map(rows.map((row) => [row, orderOf(row)]));
  const byOrder = new Map<string, SalePrice[]>();
  for (const price of salePrices(db, [...new Set([...orders.values()].flatMap((order) => order ?? []))]))
    byOrder.set(price.order, [...(byOrder.get(price.order) ?? []), price]);
  const shop = shopSettings(db);
  const { taxPercent, taxIncluded } = settledPricing(undefined, shop);
  const coin = 10 ** coinDigits(currency);
  return (row) => {
    const order = orders.get(row) ?? null;
    if (order === null) {
      const coins = row.price === null ? null : Math.round(row.price * coin);
      const net = coins === null ? null : coins - (taxIncluded ? Number(taxOf(BigInt(coins), taxPercent, true)) : 0);
      return {
        channel: null,
        netEach: net === null ? null : net / Math.abs(row.amount),
        sellingEach: net === null ? null : 0,
      };
    }
    const own = (byOrder.get(order) ?? []).filter(({ slab, unit }) => slab === row.slab && unit === row.unit);
    const price = own.find(({ kind }) => kind === row.kind) ?? own.find(({ kind }) => kind === '');
    const isOurs = price?.currency === currency;
    return {
      channel: price?.channel ?? null,
      netEach: isOurs ? price.netEach : null,
      sellingEach: isOurs ? price.sellingEach : null,
    };
  };
}

import { TZDate } from '@date-fns/tz';
import { format, startOfMonth, startOfWeek } from 'date-fns';
import { coinDigits } from '$core/cost';
import { profitBy, profitOf, type Profit, type ProfitGroup, type SoldPieces } from '$core/profit';
import { fromThousandths } from '$core/stock';
import type { Db } from '../db/open';
import { shopSettings, wholeShop } from '../shop';
import { slabNames } from '../slabs';
import { heldPieces } from '../stock/held';
import { salesBetween, type Sales } from './sales';

/** Profit of a slab, or of one of its piece types. */
export interface SlabProfit extends Profit {
  readonly slab: number;
  readonly name: string;
  readonly kind: string;
  readonly inStock: number;
}
/** Profit over a sales channel: empty for the counter, `null` for what was entered without an order. */
export interface ChannelProfit extends Profit {
  readonly channel: string | null;
}
/** Profit of a week or a month, by its first day. */
export interface PeriodProfit extends Profit {
  readonly from: string;
}

/** What pays in a range of time. Money in coins with fractions. */
export interface ProfitReport {
  readonly from: string;
  readonly to: string;
  readonly currency: string;
  readonly digits: number;
  readonly total: Profit;
  readonly slabs: readonly SlabProfit[];
  readonly kinds: readonly SlabProfit[];
  readonly channels: readonly ChannelProfit[];
  readonly periods: readonly PeriodProfit[];
  /** Whether periods are weeks or months. */
  readonly every: 'week' | 'month';
  readonly unpriced: readonly string[];
}

/** A report, how many runs it waits for, or that the range holds too much. */
export type Reported =
  | { readonly is: 'there'; readonly report: ProfitReport; readonly sales: Sales }
  | { readonly is: 'calculating'; readonly toCome: number }
  | { readonly is: 'too-much' };

const DAY_MS = 86_400_000;
/** Longer ranges are shown by the month. */
const MAX_WEEKS_MS = 27 * 7 * DAY_MS;

/** Separates the parts of a key; it occurs in no name. */
const SEPARATOR = '\u0000';

/**
 * Returns what pays in a range of time. It is not given before the cost of every run in it is known.
 *
 * @param from ISO 8601 in UTC
 */
export async function profitReport(db: Db, from: string, to: string, patienceMs: number): Promise<Reported> {
  const sales = await salesBetween(db, from, to, patienceMs);
  if (sales.isTooMuch) return { is: 'too-much' };
  if (sales.toCome > 0) return { is: 'calculating', toCome: sales.toCome };
  const { sold, lost, unpriced } = sales;
  const { currency } = shopSettings(db);
  const zone = wholeShop(db).zone ?? 'UTC';
  const every = Date.parse(to) - Date.parse(from) > MAX_WEEKS_MS ? 'month' : 'week';
  const firstDay = ({ at }: Pick<SoldPieces, 'at'>) => {
    const here = new TZDate(at, zone);
    return format(every === 'month' ? startOfMonth(here) : startOfWeek(here, { weekStartsOn: 1 }), 'yyyy-MM-dd');
  };
  const names = new Map(slabNames(db).map(({ id, name }) => [id, name]));
  const held = heldPieces(db);
  const withSlab = ({ key, ...profit }: ProfitGroup<string>): SlabProfit => {
    const [slab, kind] = key.split(SEPARATOR) as [string, string | undefined];
    const own = held.filter((one) => one.slab === Number(slab) && (kind === undefined || one.kind === kind));
    return {
      ...profit,
      ...{ slab: Number(slab), name: names.get(Number(slab)) ?? '', kind: kind ?? '' },
      inStock: own.reduce(
        (sum, { unit, thousandths }) => sum + (unit === 'piece' ? fromThousandths(thousandths) : 0),
        0,
      ),
    };
  };
  const slabOf = ({ slab }: Pick<SoldPieces, 'slab'>) => String(slab);
  const kindOf = ({ slab, kind }: Pick<SoldPieces, 'slab' | 'kind'>) => `${slab}${SEPARATOR}${kind}`;
  const channelOf = ({ channel }: SoldPieces) => (channel === null ? SEPARATOR : channel);
  const report: ProfitReport = {
    ...{ from, to, currency, digits: coinDigits(currency), every, unpriced },
    total: profitOf(sold, lost),
    slabs: profitBy(sold, lost, slabOf, slabOf).map(withSlab),
    kinds: profitBy(sold, lost, kindOf, kindOf).map(withSlab),
    channels: profitBy(sold, lost, channelOf, () => null).map(({ key, ...profit }) => ({
      channel: key === SEPARATOR ? null : key,
      ...profit,
    })),
    periods: profitBy(sold, lost, firstDay, firstDay)
      .map(({ key, ...profit }) => ({ from: key, ...profit }))
      .sort((a, b) => (a.from < b.from ? -1 : 1)),
  };
  return { is: 'there', report, sales };
}

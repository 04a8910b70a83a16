import Papa from 'papaparse';
import { guardedCell } from '$core/larder';
import { profitOf, type Profit } from '$core/profit';
import type { ChannelProfit, PeriodProfit, ProfitReport, SlabProfit } from './report';

/** What a table of profits has a row for. */
export const PROFIT_ROWS = ['slab', 'kind', 'channel', 'period'] as const;
export type ProfitRows = (typeof PROFIT_ROWS)[number];

/** Returns a report as CSV, money in the currency. */
export function profitCsv(report: ProfitReport, rows: ProfitRows): string {
  const { digits, currency } = report;
  const amount = (coins: number | null) => (coins === null ? '' : (coins / 10 ** digits).toFixed(digits));
  const figures = (profit: Profit) => ({
    sold_pieces: profit.pieces,
    sold_g: profit.grams,
    currency,
    revenue_before_tax: amount(profit.revenue),
    selling_cost: amount(profit.selling),
    production_cost: amount(profit.production),
    lost_pieces: profit.lostPieces,
    lost_cost: amount(profit.lost),
    profit: amount(profit.profit),
    labour_hours: (profit.labourMinutes / 60).toFixed(2),
    profit_per_labour_hour: amount(profit.perHour),
    pieces_not_counted: profit.unknownPieces,
    g_not_counted: profit.unknownGrams,
    pieces_with_estimated_cost: profit.estimated,
  });
  const named = {
    slab: (one: SlabProfit) => ({ slab: guardedCell(one.name), ...figures(one), in_stock: one.inStock }),
    kind: (one: SlabProfit) => ({
      ...{ slab: guardedCell(one.name), piece_type: guardedCell(one.kind) },
      ...figures(one),
      in_stock: one.inStock,
    }),
    channel: (one: ChannelProfit) => ({ channel: guardedCell(one.channel ?? 'not ordered'), ...figures(one) }),
    period: (one: PeriodProfit) => ({ [`${report.every}_from`]: one.from, ...figures(one) }),
  } satisfies Record<ProfitRows, (one: never) => object>;
  const nothing = { ...profitOf([], []), slab: 0, name: '', kind: '', inStock: 0, channel: '', from: '' };
  const table = {
    slab: () => report.slabs.map(named.slab),
    kind: () => report.kinds.map(named.kind),
    channel: () => report.channels.map(named.channel),
    period: () => report.periods.map(named.period),
  } satisfies Record<ProfitRows, () => object[]>;
  // The heading is there without rows as well.
  const fields = Object.keys(named[rows](nothing));
  return `${Papa.unparse({ fields, data: table[rows]() }, { newline: '\r\n' })}\r\n`;
}

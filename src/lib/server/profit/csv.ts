import Papa from 'papaparse';
import { guardedCell } from '$core/larder';
import type { Profit } from '$core/profit';
import type { ProfitReport } from './report';

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
    making_cost: amount(profit.making),
    lost_pieces: profit.lostPieces,
    lost_cost: amount(profit.lost),
    profit: amount(profit.profit),
    labour_hours: (profit.labourMinutes / 60).toFixed(2),
    profit_per_labour_hour: amount(profit.perHour),
    pieces_not_counted: profit.unknownPieces,
    g_not_counted: profit.unknownGrams,
    pieces_with_estimated_cost: profit.estimated,
  });
  const table = {
    slab: () => report.slabs.map((one) => ({ slab: guardedCell(one.name), ...figures(one), in_stock: one.inStock })),
    kind: () =>
      report.kinds.map((one) => ({
        ...{ slab: guardedCell(one.name), piece_type: guardedCell(one.kind) },
        ...figures(one),
        in_stock: one.inStock,
      })),
    channel: () =>
      report.channels.map((one) => ({ channel: guardedCell(one.channel ?? 'not ordered'), ...figures(one) })),
    period: () => report.periods.map((one) => ({ [`${report.every}_from`]: one.from, ...figures(one) })),
  } satisfies Record<ProfitRows, () => object[]>;
  return `${Papa.unparse(table[rows](), { newline: '\r\n' })}\r\n`;
}

import Papa from 'papaparse';
import { guardedCell } from '$core/larder';
import type { DueOrder, Order, OrderLine, StoredAssortment } from '$core/orders';
import { problem, type Problem } from '$core/validation';

/** Names that the table gives instead of numbers. */
export interface OrderNames {
  readonly slabs: readonly { readonly id: number; readonly name: string }[];
  readonly assortments: readonly StoredAssortment[];
}

const FIELDS = [
  'name',
  'channel',
  'due',
  'status',
  'count',
  'unit',
  'pieces',
  'slab',
  'kind',
  'assortment',
  'note',
] as const;
type Row = Readonly<Partial<Record<(typeof FIELDS)[number], string>>>;

/** Returns orders as CSV, one row a line. A standing order has its rows at each of its due times. */
export function ordersCsv(orders: readonly DueOrder[], { slabs, assortments }: OrderNames): string {
  const nameOf = (list: readonly { readonly id: number; readonly name: string }[], id: number | undefined) =>
    guardedCell(list.find((own) => own.id === id)?.name ?? '');
  const rows = orders.flatMap(({ name, channel = '', due, status, note = '', lines }) =>
    lines.map(({ count, unit = '', pieces, slab, kind = '', assortment }): Record<(typeof FIELDS)[number], string> => ({
      name: guardedCell(name),
      channel: guardedCell(channel),
      due,
      status,
      count: String(count),
      unit,
      pieces: pieces === undefined ? '' : String(pieces),
      slab: nameOf(slabs, slab),
      kind: guardedCell(kind),
      assortment: nameOf(assortments, assortment),
      note: guardedCell(note),
    })),
  );
  return Papa.unparse({ fields: [...FIELDS], data: rows });
}

const MAX_ROWS = 5000;

/**
 * Reads orders from CSV: rows with the same name and due time are lines of one order.
 *
 * @returns the orders as they would be sent, with the number of the row that begins each, and what cannot be read
 */
export function ordersFromCsv(
  text: string,
  { slabs, assortments }: OrderNames,
): {
  readonly orders: readonly { readonly row: number; readonly order: Order }[];
  readonly problems: readonly Problem[];
} {
  const { data } = Papa.parse<Row>(text, { header: true, skipEmptyLines: true, preview: MAX_ROWS });
  const found = new Map<string, { row: number; order: Omit<Order, 'lines'> & { lines: OrderLine[] } }>();
  const problems: Problem[] = [];
  const idOf = (list: readonly { readonly id: number; readonly name: string }[], name: string) =>
    list.find((own) => own.name.trim().toLowerCase() === name.trim().toLowerCase())?.id;
  data.forEach((row, at) => {
    const place = `/${at + 1}`;
    const { name = '', due = '', channel, status, note, kind, unit, pieces } = row;
    const slab = row.slab ? idOf(slabs, row.slab) : undefined;
    const assortment = row.assortment ? idOf(assortments, row.assortment) : undefined;
    if (row.slab && slab === undefined) problems.push(problem(`${place}/slab`, 'no-such-slab'));
    if (row.assortment && assortment === undefined) problems.push(problem(`${place}/assortment`, 'no-such-assortment'));
    const line = {
      count: Number(row.count),
      ...(slab === undefined ? {} : { slab }),
      ...(assortment === undefined ? {} : { assortment }),
      ...(unit ? { unit: unit as OrderLine['unit'] } : {}),
      ...(pieces ? { pieces: Number(pieces) } : {}),
      ...(kind ? { kind } : {}),
    };
    const key = `${name}\n${due}`;
    const before = found.get(key);
    if (before) before.order.lines.push(line);
    else
      found.set(key, {
        row: at + 1,
        order: {
          ...{ name, due, lines: [line] },
          ...(channel ? { channel } : {}),
          ...(status ? { status: status as Order['status'] } : {}),
          ...(note ? { note } : {}),
        },
      });
  });
  return { orders: [...found.values()], problems };
}

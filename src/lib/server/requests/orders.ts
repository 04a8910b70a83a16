import {
  assortmentSchema,
  IS_CLOSED,
  occurrenceSchema,
  orderSchema,
  type Assortment,
  type OccurrenceChange,
  type Order,
  type OrderLine,
} from '$core/orders';
import { problem, readBy, type Problem, type Read } from '$core/validation';
import type { Db } from '../db/open';
import { allAssortments } from '../assortments';
import { slabById } from '../slabs';

const schema = orderSchema.required();
const change = occurrenceSchema.required();
const pack = assortmentSchema.required();

export const readOrderBody = (found: unknown): Read<Order> => readBy(schema, found) as Read<Order>;
export const readOccurrence = (found: unknown): Read<OccurrenceChange> =>
  readBy(change, found) as Read<OccurrenceChange>;
export const readAssortment = (found: unknown): Read<Assortment> => readBy(pack, found) as Read<Assortment>;

type Named = Pick<OrderLine, 'slab' | 'kind'>;

/** Returns what is wrong with the slabs and piece types that lines name. */
function unknownNames(db: Db, lines: readonly Named[], at: string): Problem[] {
  return lines.flatMap(({ slab: id, kind }, i): Problem[] => {
    if (id === undefined) return [];
    const kept = slabById(db, id);
    if (!kept) return [problem(`${at}/${i}/slab`, 'no-such-slab')];
    const kinds = (kept.slab.cut?.kinds ?? []).map(({ name }) => name);
    return kind === undefined || kind === '' || kinds.includes(kind)
      ? []
      : [problem(`${at}/${i}/kind`, 'no-such-piece-type', { kinds })];
  });
}

/** Returns what is wrong with an order beyond its fields: things that do not exist any more, and a due time that has passed. */
export function orderProblems(
  db: Db,
  { lines, due, status = 'open' }: Pick<Order, 'lines' | 'due' | 'status'>,
  now: Date,
): Problem[] {
  const assortments = new Set(allAssortments(db).map(({ id }) => id));
  return [
    ...(!IS_CLOSED[status] && Date.parse(due) < now.getTime() ? [problem('/due', 'due-in-past')] : []),
    ...unknownNames(db, lines, '/lines'),
    ...lines.flatMap(({ assortment }, i) =>
      assortment !== undefined && !assortments.has(assortment)
        ? [problem(`/lines/${i}/assortment`, 'no-such-assortment')]
        : [],
    ),
  ];
}

/** Returns what is wrong with the parts of an assortment. */
export const assortmentProblems = (db: Db, { parts }: Assortment): Problem[] => unknownNames(db, parts, '/parts');

/** Texts of orders: their status, their lines, and what was not understood in a typed order. */
import type { OrderLine, OrderStatus, OrderUnit, TypedNote } from '$core/orders';
import { inList, plural } from './grammar';

export const ORDER_STATUS_NAMES: Readonly<Record<OrderStatus, string>> = {
  open: 'Open',
  planned: 'Planned',
  made: 'Made',
  packed: 'Packed',
  'handed-over': 'Handed over',
  cancelled: 'Cancelled',
};

export const ORDER_UNIT_NAMES: Readonly<Record<OrderUnit, string>> = {
  piece: 'pieces',
  box: 'boxes',
  bag: 'bags',
  g: 'g',
};

const counted = (count: number, unit: OrderUnit): string => {
  switch (unit) {
    case 'piece':
      return String(count);
    case 'box':
      return plural(count, 'box', 'boxes');
    case 'bag':
      return plural(count, 'bag', 'bags');
    case 'g':
      return `${count} g`;
  }
};

/** Returns a line in words: "34 x Mixed six", "60 Rye and treacle slice, Finger", "4 boxes of 6 Rye and treacle slice". */
export function orderLineText(
  { count, unit = 'piece', pieces, kind, assortment }: OrderLine,
  name: string | null,
): string {
  const of = name ?? 'something that was deleted';
  if (assortment !== undefined) return `${count} x ${of}`;
  const packed = unit === 'box' || unit === 'bag';
  const each = packed && pieces !== undefined ? ` of ${pieces}` : packed ? ' of' : unit === 'g' ? ' of' : '';
  return `${counted(count, unit)}${each} ${of}${kind ? `, ${kind}` : ''}`;
}

/** Returns why a part of a typed order has no line, or what to check in it, without a full stop. */
export function typedNoteText(note: TypedNote): string {
  switch (note.code) {
    case 'nothing-named':
      return 'No slab or assortment has this name';
    case 'no-count':
      return 'How many? Begin with a number';
    case 'several-named':
      return `Which one: ${inList(note.names)}?`;
    case 'tin-unknown':
      return `How many pieces a tin of ${note.name} gives is not known. Order pieces or g`;
    case 'pack-differs':
      return `${note.name} holds ${note.pieces} pieces, not ${note.wanted}`;
  }
}

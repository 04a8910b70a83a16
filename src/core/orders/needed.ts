import type { Assortment, OrderLine } from './types';

/** Pieces or grams of one piece type that an order needs. */
export interface Need {
  readonly slab: number;
  readonly kind: string | null;
  readonly pieces: number;
  /** Ordered by weight, g; 0 if it is ordered by the piece. */
  readonly grams: number;
}

/** Returns the pieces of one pack of a line: those of its box or bag, otherwise one. */
const piecesIn = ({ unit, pieces }: Pick<OrderLine, 'unit' | 'pieces'>): number =>
  unit === 'box' || unit === 'bag' ? (pieces ?? 1) : 1;

/**
 * Returns what lines need, summed over slabs and piece types, in the order in which they are named.
 *
 * @param assortments by their number; a line of one that is gone needs nothing
 */
export function neededFor(
  lines: readonly OrderLine[],
  assortments: ReadonlyMap<number, Pick<Assortment, 'parts'>>,
): Need[] {
  const needs = new Map<string, Need>();
  const add = (slab: number, kind: string | undefined, pieces: number, grams = 0) => {
    const key = `${slab} ${kind ?? ''}`;
    const before = needs.get(key);
    needs.set(key, {
      ...{ slab, kind: kind ?? null },
      pieces: (before?.pieces ?? 0) + pieces,
      grams: (before?.grams ?? 0) + grams,
    });
  };
  for (const line of lines) {
    if (line.assortment !== undefined)
      for (const { slab, kind, count } of assortments.get(line.assortment)?.parts ?? [])
        add(slab, kind, count * line.count);
    else if (line.slab !== undefined && line.unit === 'g') add(line.slab, line.kind, 0, line.count);
    else if (line.slab !== undefined) add(line.slab, line.kind, line.count * piecesIn(line));
  }
  return [...needs.values()];
}

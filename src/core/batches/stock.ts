/** Finished pieces that were not handed over yet. */
export interface StockLot {
  readonly slab: number;
  readonly kind: string | null;
  readonly pieces: number;
  readonly keepsUntilMs: number;
  /** When they are ready, for pieces of a batch that is only planned. */
  readonly fromMs?: number | undefined;
  readonly lot?: string | undefined;
}

/** Pieces of one type wanted by a moment. */
export interface Wanted {
  readonly slab: number;
  readonly kind: string | null;
  readonly pieces: number;
  /** Wanted by weight besides, g. */
  readonly grams?: number | undefined;
  readonly dueMs: number;
}

export interface FromStock extends Wanted {
  readonly lot?: string | undefined;
}

/**
 * Takes pieces from stock first, the oldest first, as far as they keep beyond the due time by a margin. Earlier demands choose first.
 *
 * @returns what is taken, what has to be made, in the order of due times, and what is left in stock
 */
export function takenFromStock(
  wanted: readonly Wanted[],
  stock: readonly StockLot[],
  marginMs: number,
): { readonly taken: readonly FromStock[]; readonly toMake: readonly Wanted[]; readonly left: readonly StockLot[] } {
  const left = [...stock].sort((a, b) => a.keepsUntilMs - b.keepsUntilMs).map((lot) => ({ ...lot }));
  const taken: FromStock[] = [];
  const toMake = [...wanted]
    .sort((a, b) => a.dueMs - b.dueMs)
    .flatMap((want): Wanted[] => {
      let need = want.pieces;
      for (const lot of left) {
        // What names no piece type is met by any.
        const isKind = want.kind === null || lot.kind === want.kind;
        const isSame = lot.slab === want.slab && isKind && (lot.fromMs ?? 0) <= want.dueMs;
        const pieces = isSame && lot.keepsUntilMs >= want.dueMs + marginMs ? Math.min(need, lot.pieces) : 0;
        if (pieces === 0) continue;
        lot.pieces -= pieces;
        need -= pieces;
        taken.push({ ...want, pieces, ...(lot.lot === undefined ? {} : { lot: lot.lot }) });
      }
      // How many pieces a weight takes is not known here.
      return need > 0 || (want.grams ?? 0) > 0 ? [{ ...want, pieces: need }] : [];
    });
  return { taken, toMake, left: left.filter(({ pieces }) => pieces > 0) };
}

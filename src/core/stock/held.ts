/** What is held of one lot. Amounts are whole thousandths of a gram or a piece, so that sums are exact. */
export interface HeldLot {
  /** Empty for stock without a lot. */
  readonly lot: string;
  readonly thousandths: number;
  /** ISO 8601; `null` if unknown. */
  readonly keepsUntil: string | null;
}

const THOUSAND = 1000;

/** Returns an amount in whole thousandths, and back. */
export const inThousandths = (amount: number): number => Math.round(amount * THOUSAND);
export const fromThousandths = (thousandths: number): number => thousandths / THOUSAND;

/** Part of an amount that comes from one lot. */
export interface FromLot {
  readonly lot: string;
  readonly thousandths: number;
}

/** Orders lots for use: the earliest date first, then what has no date, then by lot. */
export const oldestFirst = (a: HeldLot, b: HeldLot): number => {
  const [x, y] = [a.keepsUntil ?? '~', b.keepsUntil ?? '~'];
  return x < y ? -1 : x > y ? 1 : a.lot < b.lot ? -1 : a.lot > b.lot ? 1 : 0;
};

/**
 * Takes an amount from lots, the oldest first. Lots past their date are left where a moment is given.
 *
 * @param thousandths positive
 * @param now ISO 8601 in UTC
 * @returns what comes from each lot, and what no lot has
 */
export function takeOldest(
  lots: readonly HeldLot[],
  thousandths: number,
  now?: string,
): { readonly taken: readonly FromLot[]; readonly lacking: number } {
  let left = thousandths;
  const taken: FromLot[] = [];
  for (const { lot, thousandths: held, keepsUntil } of [...lots].sort(oldestFirst)) {
    const isPast = now !== undefined && keepsUntil !== null && keepsUntil < now;
    const part = isPast ? 0 : Math.min(left, Math.max(0, held));
    if (part === 0) continue;
    taken.push({ lot, thousandths: part });
    left -= part;
  }
  return { taken, lacking: left };
}

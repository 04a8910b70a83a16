import type { Line, Preparation, Slab } from './types';

/** A line as it goes into one pot: a whole one, or the part of one that was divided. */
export interface PotLine extends Line {
  /** Where the whole line stands, and the part of it that this is. */
  readonly part?: { readonly p: number; readonly l: number; readonly share: number } | undefined;
}

/** A slab in which every part of a divided line stands where it goes. */
export type ExpandedSlab = Omit<Slab, 'preparations'> & {
  readonly preparations: readonly (Omit<Preparation, 'lines'> & { readonly lines: readonly PotLine[] })[];
};

/** What stays of a divided line where it is written, 0 to 1. */
export function shareKept({ divided = [] }: Pick<Line, 'divided'>): number {
  return Math.max(0, 1 - divided.reduce((sum, { share }) => sum + share, 0));
}

/**
 * Puts the parts of divided lines where they go. Every line keeps its position; parts that come from elsewhere stand behind.
 *
 * Amounts are conserved: the parts of a line add up to it. A part for a preparation that is not there stays where it is written.
 */
export function expandDividedLines(slab: Slab): ExpandedSlab {
  if (!slab.preparations.some(({ lines }) => lines.some(({ divided }) => divided?.length))) return slab;
  const at = new Map(slab.preparations.map(({ id }, p) => [id, p]));
  const coming: PotLine[][] = slab.preparations.map(() => []);
  const own = slab.preparations.map(({ lines }, p) =>
    lines.map((line, l): PotLine => {
      if (!line.divided?.length) return line;
      const { divided, ...whole } = line;
      const lost = divided.filter(({ preparation }) => preparation !== undefined && !at.has(preparation));
      for (const { share, preparation, addedAt } of divided) {
        const to = preparation === undefined ? p : at.get(preparation);
        if (to !== undefined && share > 0) {
          coming[to]!.push({ ...whole, quantity: line.quantity * share, addedAt, part: { p, l, share } });
        }
      }
      const share = shareKept(line) + lost.reduce((sum, parted) => sum + parted.share, 0);
      return { ...whole, quantity: line.quantity * share, part: { p, l, share } };
    }),
  );
  return {
    ...slab,
    preparations: slab.preparations.map((preparation, p) => ({ ...preparation, lines: [...own[p]!, ...coming[p]!] })),
  };
}

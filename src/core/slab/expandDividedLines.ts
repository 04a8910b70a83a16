import type { Line, Preparation, Slab } from './types';

/** A line in one pot: a whole line, or a part of a divided one. */
export interface PotLine extends Line {
  /** Position of the whole line, and this part of it. */
  readonly part?: { readonly p: number; readonly l: number; readonly share: number } | undefined;
}

/** A slab with every part of a divided line in its own preparation. */
export type ExpandedSlab = Omit<Slab, 'preparations'> & {
  readonly preparations: readonly (Omit<Preparation, 'lines'> & { readonly lines: readonly PotLine[] })[];
};

/** Returns the share of a divided line that stays where it is written, 0 to 1. */
export function shareKept({ divided = [] }: Pick<Line, 'divided'>): number {
  return Math.max(0, 1 - divided.reduce((sum, { share }) => sum + share, 0));
}

/**
 * Moves the parts of divided lines to their preparations. Lines keep their positions; parts from elsewhere are appended.
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

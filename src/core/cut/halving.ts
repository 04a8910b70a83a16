import type { Side } from './grid';

/** One round of divisions: every part is divided into two or three equal parts. */
export interface HalvingRound {
  readonly into: 2 | 3;
  /** Cut positions, mm from the left or the front. */
  readonly linesMm: readonly number[];
}

export interface Halving {
  readonly rounds: readonly HalvingRound[];
  /** Standard deviation of the width of the worst piece when each division is judged by eye, mm. */
  readonly byEyeMm: number;
  /** The same with marks measured from one edge, mm. */
  readonly byMarksMm: number;
}

/** Standard deviation of one cut by eye, and of one ruler mark, mm. */
const EYE_MM = 1.5;
const MARK_MM = 0.5;

/**
 * Divides a side by halves and thirds, halves first so that larger parts are judged first. A cut by eye inherits the errors of
 * its neighbours and adds its own (propagation of independent errors).
 *
 * @param side an even side
 * @returns null where the number of pieces has other factors than 2 and 3, or there is nothing to divide
 */
export function halving({ spans }: Pick<Side, 'spans'>): Halving | null {
  const factors = factorsOf(spans.length);
  if (!factors || factors.length === 0) return null;
  const count = spans.length;
  /** Cuts are numbered from 0 at the near edge to `count` at the far edge. */
  const errors: (Map<number, number> | null)[] = Array.from({ length: count + 1 }, (_, i) =>
    i === 0 || i === count ? new Map<number, number>() : null,
  );
  const rounds: HalvingRound[] = [];
  let part = count;
  for (const into of factors) {
    const step = part / into;
    const lines: number[] = [];
    for (let from = 0; from < count; from += part) {
      for (let i = 1; i < into; i++) {
        const at = from + i * step;
        lines.push(spans[at - 1]![1]);
        // Each cut is judged between the two ends of its part and adds an independent error.
        errors[at] = mixed(errors[from]!, errors[from + part]!, i / into).set(at, EYE_MM);
      }
    }
    rounds.push({ into, linesMm: lines });
    part = step;
  }
  const byEyeMm = Math.max(...spans.map((_, i) => spread(errors[i]!, errors[i + 1]!)));
  return { rounds, byEyeMm, byMarksMm: count > 2 ? MARK_MM * Math.SQRT2 : MARK_MM };
}

function factorsOf(count: number): (2 | 3)[] | null {
  const found: (2 | 3)[] = [];
  let rest = count;
  for (const factor of [2, 3] as const) {
    while (rest % factor === 0) {
      found.push(factor);
      rest /= factor;
    }
  }
  return rest === 1 ? found : null;
}

/** Combines the errors of two cuts for a cut between them. */
function mixed(
  near: ReadonlyMap<number, number>,
  far: ReadonlyMap<number, number>,
  share: number,
): Map<number, number> {
  const sum = new Map([...near].map(([cut, mm]) => [cut, mm * (1 - share)] as const));
  for (const [cut, mm] of far) sum.set(cut, (sum.get(cut) ?? 0) + mm * share);
  return sum;
}

/** Returns the standard deviation of the distance between two cuts. */
function spread(near: ReadonlyMap<number, number>, far: ReadonlyMap<number, number>): number {
  const cuts = new Set([...near.keys(), ...far.keys()]);
  return Math.sqrt([...cuts].reduce((sum, cut) => sum + ((far.get(cut) ?? 0) - (near.get(cut) ?? 0)) ** 2, 0));
}

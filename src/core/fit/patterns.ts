/** A piece type, where several are cut from one slab. */
export interface Kind {
  readonly id: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Value relative to the other types. */
  readonly value: number;
  readonly least: number;
  /** Maximum count; `null` without a limit. */
  readonly most: number | null;
  /** Whether it may be rotated. */
  readonly turn: boolean;
}

/** A slab that is cut into strips along its length. */
export interface Stage {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly kerfMm: number;
}

/** Pieces of one type in a strip, in one orientation. */
interface Item {
  readonly kind: number;
  readonly alongMm: number;
  readonly acrossMm: number;
}

/** Contents of one strip. */
export interface Pattern {
  readonly key: string;
  readonly stripMm: number;
  readonly items: readonly (Item & { readonly count: number })[];
  /** Number of pieces of each type. */
  readonly counts: readonly number[];
}

/** Lengths are in tenths of a millimetre: pieces rounded up, the slab down. */
const PER_MM = 10;
const NEAR = 1e-9;

/** Returns the piece types that fit a strip of a width, each with its length and its cut. */
function itemsOf(kinds: readonly Kind[]): Item[] {
  return kinds.flatMap(({ lengthMm, widthMm, turn }, kind) => [
    { kind, alongMm: lengthMm, acrossMm: widthMm },
    ...(turn && lengthMm !== widthMm ? [{ kind, alongMm: widthMm, acrossMm: lengthMm }] : []),
  ]);
}

/** Returns the useful strip widths: the widths of pieces, since wider strips only waste. */
const stripsOf = (items: readonly Item[], { widthMm }: Stage) =>
  [...new Set(items.map(({ acrossMm }) => acrossMm))].filter((mm) => mm <= widthMm + NEAR);

const units = (mm: number) => Math.ceil(mm * PER_MM - 1e-6);
const capacityOf = ({ lengthMm, kerfMm }: Stage) => Math.floor((lengthMm + kerfMm) * PER_MM + 1e-6);

function patternOf(stripMm: number, items: readonly Item[], counts: readonly number[], kinds: number): Pattern {
  const held = items.flatMap((item, i) => (counts[i]! > 0 ? [{ ...item, count: counts[i]! }] : []));
  const ofKind = new Array<number>(kinds).fill(0);
  for (const { kind, count } of held) ofKind[kind]! += count;
  return { key: `${stripMm}:${counts.join(',')}`, stripMm, items: held, counts: ofKind };
}

/** Returns the greatest value within each length (unbounded knapsack), and the piece added last. */
function knapsack(items: readonly Item[], worths: readonly number[], capacity: number, kerfMm: number) {
  const best = new Float64Array(capacity + 1);
  const last = new Int16Array(capacity + 1).fill(-1);
  const sizes = items.map(({ alongMm }) => units(alongMm + kerfMm));
  for (let length = 1; length <= capacity; length++) {
    best[length] = best[length - 1]!;
    for (let i = 0; i < items.length; i++) {
      const size = sizes[i]!;
      if (size > length || worths[i]! <= 0) continue;
      const worth = best[length - size]! + worths[i]!;
      if (worth > best[length]! + NEAR) {
        best[length] = worth;
        last[length] = i;
      }
    }
  }
  return { best, last, sizes };
}

/**
 * Returns the most valuable pattern for each strip width, if it is worth more than its strip costs.
 *
 * @param worth what a piece of each kind is worth
 * @param mmCosts what a millimetre of the slab's width costs
 */
export function pricedPatterns(
  stage: Stage,
  kinds: readonly Kind[],
  worth: readonly number[],
  mmCosts: number,
): Pattern[] {
  const all = itemsOf(kinds);
  const capacity = capacityOf(stage);
  return stripsOf(all, stage).flatMap((stripMm) => {
    const items = all.filter(({ acrossMm }) => acrossMm <= stripMm + NEAR);
    const worths = items.map(({ kind }) => worth[kind]!);
    const { best, last, sizes } = knapsack(items, worths, capacity, stage.kerfMm);
    if (best[capacity]! <= (stripMm + stage.kerfMm) * mmCosts + 1e-7) return [];
    const counts = new Array<number>(items.length).fill(0);
    for (let length = capacity; length > 0;) {
      const item = last[length]!;
      if (item === -1) length -= 1;
      else {
        counts[item]! += 1;
        length -= sizes[item]!;
      }
    }
    return [patternOf(stripMm, items, counts, kinds.length)];
  });
}

/**
 * Every pattern whose worth comes within a gap of what its strip costs: the only ones that a better cut could use. Of two that differ in a
 * piece less, the fuller one represents both.
 *
 * @returns null where there are more than `most`
 */
export function patternsNear(
  stage: Stage,
  kinds: readonly Kind[],
  worth: readonly number[],
  mmCosts: number,
  gap: number,
  most: number,
): Pattern[] | null {
  const all = itemsOf(kinds);
  const capacity = capacityOf(stage);
  const found: Pattern[] = [];
  for (const stripMm of stripsOf(all, stage)) {
    const items = all.filter(({ acrossMm }) => acrossMm <= stripMm + NEAR).sort((a, b) => b.alongMm - a.alongMm);
    const worths = items.map(({ kind }) => worth[kind]!);
    const wanted = (stripMm + stage.kerfMm) * mmCosts - gap - 1e-6;
    const { best, sizes } = knapsack(items, worths, capacity, stage.kerfMm);
    const smallest = Math.min(...sizes);
    const counts = new Array<number>(items.length).fill(0);
    // From the longest piece on: tries every count while the target can still be reached.
    const go = (item: number, room: number, sofar: number): boolean => {
      if (sofar + best[room]! < wanted) return true;
      if (item === items.length) {
        if (room >= smallest) return true;
        if (found.length >= most) return false;
        found.push(patternOf(stripMm, items, counts, kinds.length));
        return true;
      }
      for (let count = Math.floor(room / sizes[item]!); count >= 0; count--) {
        counts[item] = count;
        if (!go(item + 1, room - count * sizes[item]!, sofar + count * worths[item]!)) return false;
      }
      counts[item] = 0;
      return true;
    };
    if (!go(0, capacity, 0)) return null;
  }
  return found;
}

import type { CutSpec } from '../slab';
import { type TinCount, areaMm2At, asTin, type RackTin } from '../tin';
import { cutBySize, wholePieces, type PieceSize } from '../cut';

/** An order of pieces of one size. */
export interface Order extends PieceSize {
  readonly count: number;
}

/** Pieces that one tin of a kind contributes to an order. */
export interface TinYield {
  readonly rack: RackTin;
  readonly pieces: number;
  readonly areaMm2: number;
}

/** One way to fill an order from the rack. */
export interface OrderAnswer {
  readonly tins: readonly (TinCount & { readonly name: string; readonly pieces: number })[];
  readonly slabs: number;
  readonly pieces: number;
  /** Share of the slab area that is not ordered: trims, kerf, and extra pieces. */
  readonly waste: number;
  /** Slab height, mm: as in the base recipe, or lower if a tin is too shallow. */
  readonly heightMm: number;
  /** Number of rounds with the rack's tins: 1 if there are enough tins. */
  readonly rounds: number;
}

/** Solves an integer program in CPLEX LP format; `null` if it is infeasible. */
export type SolveProgram = (program: string) => Promise<ReadonlyMap<string, number> | null>;

/** Maximum share by which a slab may be lower than the base recipe to use a shallow tin. */
const LOWEST_SHARE = 0.75;
const MAX_HEIGHTS = 3;
const MAX_SLABS_MORE = 2;
/** Minimum difference in area between two answers. */
const NEXT_MM2 = 100;
const MAX_ROUNDS = 12;
const MAX_ANSWERS = 5;

/** Returns the yield of each kind of tin at a height. Kinds that are too shallow or yield nothing are left out. */
export function tinYields(
  rack: readonly RackTin[],
  order: Order,
  heightMm: number,
  kerfMm: number,
  trimMm: CutSpec['trimMm'] = {},
): TinYield[] {
  return rack.flatMap((kind) => {
    const tin = asTin(kind.tin);
    const holds = tin.depthMm === 0 || tin.depthMm >= heightMm - 1e-6;
    const cut = holds ? cutBySize(tin, heightMm, order, kerfMm, trimMm) : null;
    const pieces = cut ? wholePieces(tin, heightMm, cut) : 0;
    return pieces > 0 ? [{ rack: kind, pieces, areaMm2: areaMm2At(tin, heightMm / 2) }] : [];
  });
}

const mm2 = (value: number) => value.toFixed(3);

/** Constraints of an order's program besides enough pieces. */
interface Wanted {
  /** Exact number of tins; without it, as few as possible. */
  readonly slabs?: number;
  /** Minimum area, to find the next best answer after a known one. */
  readonly fromMm2?: number;
}

/**
 * The integer program of an order: x_i tins of kind i, enough pieces, no more tins than there are, and the least area; or,
 * where the number of tins is not given, the least number of tins.
 */
export function orderProgram(yields: readonly TinYield[], count: number, rounds: number, wanted: Wanted = {}): string {
  const { slabs, fromMm2 } = wanted;
  const sum = (of: (tinYield: TinYield) => string) => yields.map((tinYield, i) => `${of(tinYield)} x${i}`).join(' + ');
  const area = sum(({ areaMm2 }) => mm2(areaMm2));
  return [
    'Minimize',
    ` obj: ${slabs === undefined ? sum(() => '1') : area}`,
    'Subject To',
    ` pieces: ${sum(({ pieces }) => String(pieces))} >= ${count}`,
    ...(slabs === undefined ? [] : [` slabs: ${sum(() => '1')} = ${slabs}`]),
    ...(fromMm2 === undefined ? [] : [` area: ${area} >= ${mm2(fromMm2)}`]),
    'Bounds',
    ...yields.map(({ rack }, i) => ` 0 <= x${i} <= ${rack.count * rounds}`),
    'General',
    ` ${yields.map((_, i) => `x${i}`).join(' ')}`,
    'End',
  ].join('\n');
}

function answerOf(
  counts: readonly number[],
  yields: readonly TinYield[],
  order: Order,
  heightMm: number,
  rounds: number,
): OrderAnswer {
  const used = yields.flatMap((tinYield, i) => (counts[i]! > 0 ? [{ ...tinYield, count: counts[i]! }] : []));
  const total = (of: (tinYield: TinYield) => number) =>
    used.reduce((sum, counted) => sum + counted.count * of(counted), 0);
  const orderedMm2 = order.count * order.lengthMm * order.widthMm;
  return {
    tins: used.map(({ rack, count, pieces }) => ({ tin: rack.tin, count, name: rack.name, pieces })),
    slabs: total(() => 1),
    pieces: total(({ pieces }) => pieces),
    waste: Math.max(0, 1 - orderedMm2 / total(({ areaMm2 }) => areaMm2)),
    heightMm,
    rounds,
  };
}

/** Heights to try: as in the base recipe, and those of tins that are slightly too shallow for it. */
function heightsFor(rack: readonly RackTin[], writtenMm: number): number[] {
  const shallow = rack
    .map(({ tin }) => asTin(tin).depthMm)
    .filter((depthMm) => depthMm > 0 && depthMm < writtenMm && depthMm >= writtenMm * LOWEST_SHARE);
  return [writtenMm, ...[...new Set(shallow)].sort((a, b) => b - a)].slice(0, MAX_HEIGHTS);
}

/**
 * Returns the best ways to fill an order from the rack, at the original height first, then by waste. For each number of slabs,
 * from the fewest possible, these are the tins with the least waste and the next best; each is a proven optimum of its integer
 * program.
 *
 * Where the rack does not reach, it is gone through again, and the answer says how often. Tins that are a little too shallow
 * come in with a lower slab.
 *
 * @param rack kinds of tin; of one kind at most `count` at once
 * @param writtenMm height of the slab as written, mm
 * @param solve an exact solver
 * @param trimMm the least that is trimmed of each side, mm
 * @returns the answers; none where no tin gives a single piece
 */
export async function orderAnswers(
  rack: readonly RackTin[],
  order: Order,
  writtenMm: number,
  kerfMm: number,
  solve: SolveProgram,
  trimMm: CutSpec['trimMm'] = {},
): Promise<OrderAnswer[]> {
  const answers: OrderAnswer[] = [];
  for (const heightMm of heightsFor(rack, writtenMm)) {
    const yields = tinYields(rack, order, heightMm, kerfMm, trimMm);
    const atOnce = yields.reduce((sum, { rack: { count }, pieces }) => sum + count * pieces, 0);
    const rounds = Math.ceil(order.count / atOnce);
    if (atOnce === 0 || rounds > MAX_ROUNDS) continue;
    const countsOf = async (wanted?: Wanted) => {
      const found = await solve(orderProgram(yields, order.count, rounds, wanted));
      return found && yields.map((_, i) => Math.round(found.get(`x${i}`) ?? 0));
    };
    const areaOf = (counts: readonly number[]) => yields.reduce((sum, { areaMm2 }, i) => sum + counts[i]! * areaMm2, 0);
    const fewest = (await countsOf())?.reduce((sum, value) => sum + value, 0) ?? Infinity;
    for (let slabs = fewest; slabs <= fewest + MAX_SLABS_MORE && Number.isFinite(fewest); slabs++) {
      const best = await countsOf({ slabs });
      const next = best && (await countsOf({ slabs, fromMm2: areaOf(best) + NEXT_MM2 }));
      for (const counts of [best, next]) if (counts) answers.push(answerOf(counts, yields, order, heightMm, rounds));
    }
  }
  const asWritten = (answer: OrderAnswer) => Math.abs(answer.heightMm - writtenMm) < 1e-6;
  return answers
    .filter((answer, at) => answers.findIndex((other) => sameTins(answer, other)) === at)
    .sort((a, b) => Number(asWritten(b)) - Number(asWritten(a)) || a.waste - b.waste || a.slabs - b.slabs)
    .slice(0, MAX_ANSWERS);
}

/** The same tins at another height are not a different answer: the first, at the original height, counts. */
function sameTins(a: OrderAnswer, b: OrderAnswer): boolean {
  const tins = ({ tins: list }: OrderAnswer) => JSON.stringify(list.map(({ name, tin, count }) => [name, tin, count]));
  return tins(a) === tins(b);
}

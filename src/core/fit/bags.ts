/** Bags filled with shards to at least the declared weight. */
export interface Bagged {
  readonly bags: readonly { readonly shards: readonly number[]; readonly massG: number }[];
  /** Indices of the shards left over. */
  readonly over: readonly number[];
  /** Total mass above the declared weight, g. */
  readonly givenAwayG: number;
  /** Upper bound on the number of full bags. */
  readonly most: number;
  /** Whether the result is optimal: no more bags, and not less given away. */
  readonly proven: boolean;
}

/** Maximum number of shards for the exact search. */
const MAX_EXACT = 24;
/** Masses are in hundredths of a gram: shards rounded down, bags up. */
const PER_G = 100;
/** State of a set of shards: full bags in the upper bits, contents of the open bag in the lower bits. */
const FULL_BITS = 25;
const OPEN = (1 << FULL_BITS) - 1;

/**
 * Fills as many bags as possible, then with as little given away as possible.
 *
 * Exact up to 24 shards, by dynamic programming over all sets of them; beyond that each bag is filled as nearly as its shards allow
 * (subset sums), and the last shards exactly.
 *
 * @param shardsG what each shard weighs, g
 * @param bagG what a bag declares, g
 * @param bags no more bags than that; null for as many as there can be
 */
export function bagged(shardsG: readonly number[], bagG: number, bags: number | null = null): Bagged {
  const shards = shardsG.map((g) => Math.floor(g * PER_G + 1e-6));
  const bag = Math.ceil(bagG * PER_G - 1e-6);
  const most = Math.min(mostBags(shards, bag), bags ?? Infinity);
  const exact = shards.length <= MAX_EXACT;
  const filled = exact ? allWays(shards, bag, most) : nearly(shards, bag, most);
  const used = new Set(filled.flat());
  const made = filled.map((own) => ({ shards: own, massG: own.reduce((sum, at) => sum + shardsG[at]!, 0) }));
  const givenAwayG = made.reduce((sum, { massG }) => sum + massG - bagG, 0);
  return {
    bags: made,
    over: shardsG.flatMap((_, at) => (used.has(at) ? [] : [at])),
    givenAwayG: Math.max(0, givenAwayG),
    most: exact ? filled.length : most,
    proven: exact || (filled.length === most && givenAwayG < 1 / PER_G),
  };
}

/** A shard that fills a bag alone is one bag; the others cannot fill more than their total mass allows. */
function mostBags(shards: readonly number[], bag: number): number {
  const whole = shards.filter((g) => g >= bag).length;
  const rest = shards.reduce((sum, g) => sum + (g < bag ? g : 0), 0);
  return whole + Math.floor(rest / bag);
}

/**
 * Every set of shards, with the most bags it fills and then the most that is in an open one: from a set without one of its shards, with
 * that shard put in the open bag. The lightest set that fills as many bags as any gives away the least.
 */
function allWays(shards: readonly number[], bag: number, most: number): number[][] {
  const n = shards.length;
  if (n === 0 || most === 0) return [];
  const state = new Int32Array(1 << n);
  const put = (from: number, g: number) => {
    const open = (from & OPEN) + g;
    return open >= bag ? ((from >> FULL_BITS) + 1) << FULL_BITS : (from - (from & OPEN)) | open;
  };
  const all = (1 << n) - 1;
  // The innermost loop runs several hundred million times, so it is written out on 32-bit integers.
  const masses = Int32Array.from(shards);
  for (let set = 1; set <= all; set++) {
    let best = 0;
    for (let rest = set; rest !== 0; rest &= rest - 1) {
      const bit = rest & -rest;
      const from = state[set ^ bit]!;
      const reached = from + masses[31 - Math.clz32(bit)]!;
      const next = (reached & OPEN) >= bag ? ((from >> FULL_BITS) + 1) << FULL_BITS : reached;
      if (next > best) best = next;
    }
    state[set] = best;
  }
  const wanted = Math.min(most, state[all]! >> FULL_BITS);
  if (wanted === 0) return [];
  const half = n >> 1;
  const sums = (from: number, to: number) => {
    const sum = new Float64Array(1 << (to - from));
    for (let set = 1; set < sum.length; set++) {
      const bit = set & -set;
      sum[set] = sum[set ^ bit]! + shards[from + 31 - Math.clz32(bit)]!;
    }
    return sum;
  };
  const [low, high] = [sums(0, half), sums(half, n)];
  let [chosen, lightest] = [all, Infinity];
  for (let set = 1; set <= all; set++) {
    if (state[set]! >> FULL_BITS < wanted) continue;
    const sum = low[set & ((1 << half) - 1)]! + high[set >> half]!;
    if (sum < lightest) [chosen, lightest] = [set, sum];
  }
  const filled: number[][] = [];
  let own: number[] = [];
  for (let set = chosen; set !== 0;) {
    for (let rest = set; rest !== 0; rest &= rest - 1) {
      const bit = rest & -rest;
      const at = 31 - Math.clz32(bit);
      if (put(state[set ^ bit]!, shards[at]!) !== state[set]) continue;
      // Going back, a bag ends at the shard that filled it.
      if ((state[set]! & OPEN) === 0) {
        own = [];
        filled.push(own);
      }
      own.push(at);
      set ^= bit;
      break;
    }
  }
  return filled.slice(0, wanted);
}

/** Fills one bag after the other as exactly as possible, the heaviest shards first, and the last ones exactly. */
function nearly(shards: readonly number[], bag: number, most: number): number[][] {
  let left = shards.map((_, at) => at).sort((a, b) => shards[b]! - shards[a]!);
  const filled: number[][] = [];
  while (left.length > LAST && filled.length < most) {
    const own = nearest(left, shards, bag);
    if (!own) break;
    filled.push(own);
    const taken = new Set(own);
    left = left.filter((at) => !taken.has(at));
  }
  const last = left.slice(0, LAST);
  const rest = allWays(
    last.map((at) => shards[at]!),
    bag,
    most - filled.length,
  );
  return [...filled, ...rest.map((own) => own.map((at) => last[at]!))];
}

/** Number of shards left for the exact search. */
const LAST = 16;

/** Returns the set of shards that exceeds a bag by the least, in steps of 0.02 g; `null` if all together are too light. */
function nearest(left: readonly number[], shards: readonly number[], bag: number): number[] | null {
  const STEP = PER_G / 50;
  const wanted = Math.ceil(bag / STEP);
  const units = left.map((at) => Math.floor(shards[at]! / STEP));
  // A sum exceeds a bag by less than its lightest shard, or that shard would be removed.
  const reach = wanted + units.reduce((most, unit) => Math.max(most, unit), 0);
  const through = new Int16Array(reach + 1).fill(-1);
  through[0] = left.length;
  let best = -1;
  for (let i = 0; i < left.length; i++) {
    const size = units[i]!;
    for (let sum = reach; sum >= size; sum--) {
      if (through[sum] === -1 && through[sum - size] !== -1 && sum - size < wanted) through[sum] = i;
    }
  }
  for (let sum = wanted; sum <= reach; sum++) {
    if (through[sum] === -1) continue;
    best = sum;
    break;
  }
  if (best === -1) return null;
  const own: number[] = [];
  for (let sum = best; sum > 0;) {
    const i = through[sum]!;
    own.push(left[i]!);
    sum -= units[i]!;
  }
  return own;
}

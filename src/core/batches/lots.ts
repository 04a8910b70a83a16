import type { SolveLinear } from '../fit';

/** Pieces wanted by a moment, one number for each piece type of the slab. */
export interface Demand {
  readonly dueMs: number;
  /** Latest moment at which a batch for it can begin; pieces for later demands must still keep if it begins then. */
  readonly beginMs: number;
  readonly pieces: readonly number[];
}

/** A tin that a slab can be made in. */
export interface TinChoice {
  /** Number of these tins in the shop. */
  readonly count: number;
  /** Cost of one more such tin in a batch, in coins. */
  readonly cost: number;
  /** Pieces of each type that it gives. */
  readonly pieces: readonly number[];
}

export interface LotQuestion {
  readonly tins: readonly TinChoice[];
  /** Cost of a batch besides its tins, in coins. */
  readonly batchCost: number;
  /** Earliest first. */
  readonly demands: readonly Demand[];
  /** How long pieces may lie before they are handed over, ms. */
  readonly keepMs: number;
}

/** One batch: its tins, counted in the order of the choices. */
export interface Lot {
  readonly tins: readonly number[];
  readonly pieces: readonly number[];
  /** First and last demand that it serves, ms. */
  readonly dueMs: number;
  readonly lastMs: number;
}

export interface LotAnswer {
  readonly lots: readonly Lot[];
  /** Pieces of each type that nobody ordered. */
  readonly leftOver: readonly number[];
  readonly cost: number;
  /** No answer costs less. */
  readonly bound: number;
  readonly proven: boolean;
}

/** Fresh pieces break ties between answers of the same cost. Coins for one piece that lies until the next demand. */
const STALE = 1e-4;
const MAX_BATCHES_AT_ONCE = 50;
const EPS = 1e-6;

const served = ({ demands, keepMs }: LotQuestion, g: number, d: number) =>
  d === g || (d > g && demands[d]!.dueMs - demands[g]!.beginMs <= keepMs);

/**
 * The integer program of a slab: x tins of each kind made for each due time, y batches that they are made in, and f pieces that each
 * batch gives to each demand it keeps for. Demands are met exactly, no batch has more tins than there are, and the cost of tins and
 * batches is the least.
 *
 * @see Pochet Y., Wolsey L. A. (2006), Production Planning by Mixed Integer Programming (lot sizing)
 */
export function lotProgram(question: LotQuestion, isRelaxed = false): string {
  const { tins, batchCost, demands } = question;
  const times = demands.map((_, i) => i);
  const kinds = demands[0]?.pieces.map((_, k) => k) ?? [];
  const flows = times.flatMap((g) => times.filter((d) => served(question, g, d)).map((d) => ({ g, d })));
  const number = (value: number) => value.toFixed(6);
  const terms = [
    ...times.flatMap((g) => tins.map(({ cost }, t) => `${number(cost)} x${t}_${g}`)),
    ...times.map((g) => `${number(batchCost)} y${g}`),
    ...flows
      .filter(({ g, d }) => d > g)
      .flatMap(({ g, d }) => kinds.map((k) => `${number(STALE * (d - g))} f${g}_${d}_${k}`)),
  ];
  const needs = times.flatMap((d) =>
    kinds.map((k) => {
      const from = flows.filter((flow) => flow.d === d).map(({ g }) => `f${g}_${d}_${k}`);
      return ` need${d}_${k}: ${from.join(' + ')} = ${demands[d]!.pieces[k]!}`;
    }),
  );
  const supply = times.flatMap((g) =>
    kinds.map((k) => {
      const out = flows.filter((flow) => flow.g === g).map(({ d }) => `f${g}_${d}_${k}`);
      const made = tins.map(({ pieces }, t) => ` - ${pieces[k]!} x${t}_${g}`).join('');
      return ` made${g}_${k}: ${out.join(' + ')}${made} <= 0`;
    }),
  );
  const rack = times.flatMap((g) => tins.map(({ count }, t) => ` rack${g}_${t}: x${t}_${g} - ${count} y${g} <= 0`));
  const whole = times.flatMap((g) => [...tins.map((_, t) => `x${t}_${g}`), `y${g}`]);
  return [
    ...['Minimize', ` obj: ${terms.join(' + ')}`],
    ...['Subject To', ...needs, ...supply, ...rack],
    ...['Bounds', ...times.map((g) => ` 0 <= y${g} <= ${MAX_BATCHES_AT_ONCE}`)],
    ...(isRelaxed ? [] : ['General', ` ${whole.join(' ')}`]),
    'End',
  ].join('\n');
}

/** Divides tins of one due time into batches, none with more than there are on the rack. */
function divided(counts: readonly number[], rack: readonly number[], batches: number): number[][] {
  const least = Math.max(batches, ...counts.map((count, t) => Math.ceil(count / rack[t]!)));
  return Array.from({ length: least }, (_, b) =>
    counts.map((count) => Math.floor(((b + 1) * count) / least) - Math.floor((b * count) / least)),
  ).filter((tins) => tins.some((count) => count > 0));
}

/**
 * Returns which tins of a slab to make for which due time at the least cost, proven or with its bound.
 *
 * @param seconds time limit of the solver
 * @returns `null` if no tin gives a piece type that is wanted
 */
export async function lotsFor(question: LotQuestion, solve: SolveLinear, seconds: number): Promise<LotAnswer | null> {
  const { demands, tins, batchCost } = question;
  const [first] = demands;
  if (!first) return { lots: [], leftOver: [], cost: 0, bound: 0, proven: true };
  const kinds = first.pieces.map((_, k) => k);
  const found = await solve(lotProgram(question), seconds);
  if (found.columns.size === 0) return null;
  const value = (name: string) => found.columns.get(name) ?? 0;
  const lots = demands.flatMap(({ dueMs }, g): Lot[] => {
    const counts = tins.map((_, t) => Math.round(value(`x${t}_${g}`)));
    const gives = demands.filter((_, d) => served(question, g, d) && kinds.some((k) => value(`f${g}_${d}_${k}`) > EPS));
    if (counts.every((count) => count === 0)) return [];
    return divided(
      counts,
      tins.map(({ count }) => count),
      Math.max(1, Math.round(value(`y${g}`))),
    ).map((own) => ({
      tins: own,
      pieces: kinds.map((k) => tins.reduce((sum, { pieces }, t) => sum + own[t]! * pieces[k]!, 0)),
      ...{ dueMs, lastMs: gives.at(-1)?.dueMs ?? dueMs },
    }));
  });
  const cost = lots.reduce(
    (sum, lot) => sum + batchCost + tins.reduce((own, { cost }, t) => own + lot.tins[t]! * cost, 0),
    0,
  );
  const proven = found.status === 'optimal';
  const relaxed = proven ? null : await solve(lotProgram(question, true), seconds);
  return {
    ...{ lots, cost, proven },
    leftOver: kinds.map(
      (k) =>
        lots.reduce((sum, { pieces }) => sum + pieces[k]!, 0) -
        demands.reduce((sum, { pieces }) => sum + pieces[k]!, 0),
    ),
    bound: proven ? cost : relaxed?.status === 'optimal' ? Math.min(cost, relaxed.value) : 0,
  };
}

import type { SolveLinear } from './linear';
import { pricedPatterns, patternsNear, type Kind, type Pattern, type Stage } from './patterns';

export type { Kind } from './patterns';

export interface MixedQuestion {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly kerfMm: number;
  readonly kinds: readonly Kind[];
}

/** A full-length strip with its pieces. */
export interface MixedStrip {
  readonly along: 'length' | 'width';
  readonly atMm: number;
  readonly sizeMm: number;
  readonly pieces: readonly {
    readonly id: string;
    readonly atMm: number;
    readonly lengthMm: number;
    readonly widthMm: number;
  }[];
}

/** Reasons why several piece types have no cut. */
export type MixedRefusal =
  | { readonly code: 'not-found-in-time'; readonly seconds: number }
  | { readonly code: 'counts-do-not-fit'; readonly lengthMm: number; readonly widthMm: number };

export interface MixedAnswer {
  /** Total value of the pieces; `null` if the minimum counts cannot be met. */
  readonly value: number | null;
  /** Upper bound on the value of any such cut. */
  readonly bound: number | null;
  readonly proven: boolean;
  readonly counts: Readonly<Record<string, number>>;
  /** Waste and kerf as a share of the area. */
  readonly wasteShare: number;
  readonly strips: readonly MixedStrip[];
  /** Reason why there is no cut. */
  readonly refusal?: MixedRefusal;
}

const MAX_ROUNDS = 200;
/** Maximum number of patterns in one integer program. */
const MAX_PATTERNS = 12_000;
const NEAR = 1e-7;

const sum = (terms: readonly string[]) => (terms.length > 0 ? terms.join(' + ') : '0 c0');
const figure = (value: number) => value.toPrecision(12);

/**
 * The program over some patterns: p_j strips of pattern j and c_i pieces of kind i; as many of a kind as its strips hold, strips no
 * wider together than the slab, and the greatest value.
 */
function programOf(
  { widthMm, kerfMm }: Stage,
  kinds: readonly Kind[],
  patterns: readonly Pattern[],
  whole: boolean,
): string {
  const inPatterns = (of: (pattern: Pattern) => number) =>
    patterns.flatMap((pattern, j) => (of(pattern) > 0 ? [`${figure(of(pattern))} p${j}`] : []));
  return [
    'Maximize',
    ` obj: ${sum(kinds.map(({ value }, i) => `${figure(value)} c${i}`))}`,
    'Subject To',
    ...kinds.map((_, i) => {
      const held = inPatterns(({ counts }) => counts[i]!);
      return ` k${i}: c${i}${held.map((term) => ` - ${term}`).join('')} <= 0`;
    }),
    ` width: ${sum(inPatterns(({ stripMm }) => stripMm + kerfMm))} <= ${figure(widthMm + kerfMm)}`,
    'Bounds',
    ...kinds.map(({ least, most }, i) => ` ${least} <= c${i} <= ${most ?? 'inf'}`),
    ...(whole
      ? ['General', ` ${kinds.map((_, i) => `c${i}`).join(' ')} ${patterns.map((_, j) => `p${j}`).join(' ')}`]
      : []),
    'End',
  ].join('\n');
}

interface Solved {
  readonly value: number | null;
  /** Infinite while unknown; negative if the minimum counts are proven impossible. */
  readonly bound: number;
  readonly strips: readonly Pattern[];
}

/**
 * The best cut with strips one way, by column generation (Gilmore and Gomory 1965): the linear program over few patterns says what a piece
 * and a millimetre are worth; patterns that would do better are found by a knapsack and added until there is none, and its value then is a
 * bound. The integer program over those patterns gives a good cut at once. What could still be better has to use a pattern whose reduced
 * cost is within the gap: all of those are listed, and the integer program over them proves the optimum.
 */
async function solveStage(
  stage: Stage,
  kinds: readonly Kind[],
  solve: SolveLinear,
  until: number,
  onbetter: (solved: Solved) => void,
): Promise<Solved> {
  const unknown: Solved = { value: null, bound: Infinity, strips: [] };
  const impossible: Solved = { ...unknown, bound: -Infinity };
  const secondsLeft = () => Math.max(0.05, (until - performance.now()) / 1000);
  const patterns: Pattern[] = pricedPatterns(
    stage,
    kinds,
    kinds.map(({ value }) => value),
    0,
  );
  // Initial patterns with some pieces of every type, so that minimum counts can be met if that is possible.
  kinds.forEach((_, i) =>
    patterns.push(
      ...pricedPatterns(
        stage,
        kinds,
        kinds.map((_, k) => (k === i ? 1 : 0)),
        0,
      ),
    ),
  );
  if (patterns.length === 0) {
    return kinds.some(({ least }) => least > 0) ? impossible : { value: 0, bound: 0, strips: [] };
  }
  const seen = new Set(patterns.map(({ key }) => key));
  let bound = Infinity;
  let worth = { pieces: kinds.map(() => 0), mm: 0 };
  for (let round = 0; round < MAX_ROUNDS && performance.now() < until; round++) {
    const found = await solve(programOf(stage, kinds, patterns, false), secondsLeft());
    // Too few patterns for the minimum counts prove nothing yet: all of them are listed below.
    if (found.status !== 'optimal') break;
    worth = {
      pieces: kinds.map((_, i) => Math.abs(found.duals.get(`k${i}`) ?? 0)),
      mm: Math.abs(found.duals.get('width') ?? 0),
    };
    const better = pricedPatterns(stage, kinds, worth.pieces, worth.mm).filter(({ key }) => !seen.has(key));
    if (better.length === 0) {
      bound = found.value;
      break;
    }
    for (const pattern of better) {
      seen.add(pattern.key);
      patterns.push(pattern);
    }
  }
  const whole = async (over: readonly Pattern[]): Promise<{ solved: Solved | null; optimal: boolean }> => {
    const found = await solve(programOf(stage, kinds, over, true), secondsLeft());
    if (found.columns.size === 0) return { solved: null, optimal: found.status === 'infeasible' };
    const strips = over.flatMap((pattern, j) =>
      new Array<Pattern>(Math.round(found.columns.get(`p${j}`) ?? 0)).fill(pattern),
    );
    return { solved: { value: found.value, bound, strips }, optimal: found.status === 'optimal' };
  };
  const first = (await whole(patterns)).solved;
  if (first) onbetter(first);
  const value = first?.value ?? null;
  if (value !== null && bound - value <= NEAR * Math.max(1, bound))
    return { value, bound: value, strips: first!.strips };
  if (value !== null && !Number.isFinite(bound)) return first!;
  const near = patternsNear(
    stage,
    kinds,
    worth.pieces,
    worth.mm,
    value === null ? Infinity : bound - value,
    MAX_PATTERNS,
  );
  if (near === null) return first ?? unknown;
  const added = [...patterns, ...near.filter(({ key }) => !seen.has(key))];
  const { solved, optimal } = await whole(added);
  if (!solved) return first ?? (optimal ? impossible : unknown);
  const best = value !== null && value >= solved.value! ? first! : solved;
  return { ...best, bound: optimal ? best.value! : bound };
}

/** Places strips from the front, the widest first, with the wanted number of pieces of each type. */
function stripsFrom(strips: readonly Pattern[], kinds: readonly Kind[], along: MixedStrip['along'], kerfMm: number) {
  const left = kinds.map(({ most }) => most ?? Infinity);
  let atMm = 0;
  const counts: Record<string, number> = Object.fromEntries(kinds.map(({ id }) => [id, 0]));
  const made = [...strips]
    .sort((a, b) => b.stripMm - a.stripMm)
    .map(({ stripMm, items }): MixedStrip => {
      let from = 0;
      const pieces = items.flatMap(({ kind, alongMm, acrossMm, count }) =>
        Array.from({ length: Math.min(count, left[kind]!) }, () => {
          left[kind]! -= 1;
          const { id } = kinds[kind]!;
          counts[id] = (counts[id] ?? 0) + 1;
          const sides = along === 'length' ? [alongMm, acrossMm] : [acrossMm, alongMm];
          const piece = { id, atMm: from, lengthMm: sides[0]!, widthMm: sides[1]! };
          from += alongMm + kerfMm;
          return piece;
        }),
      );
      const strip = { along, atMm, sizeMm: stripMm, pieces };
      atMm += stripMm + kerfMm;
      return strip;
    });
  return { strips: made.filter(({ pieces }) => pieces.length > 0), counts };
}

/**
 * Cuts several piece types from one slab, as knives cut: full-length strips first, then across each strip, and a final trim of
 * pieces narrower than their strip (two-stage guillotine with trimming). Strips run along the length or the width, whichever is
 * worth more.
 *
 * @param seconds how long it may take; what is best by then is given, with the gap
 * @param onbetter called with each better cut that is found
 * @returns the best cut; a value of null where the least counts cannot be met, with the reason
 */
export async function mixedCut(
  { lengthMm, widthMm, kerfMm, kinds }: MixedQuestion,
  solve: SolveLinear,
  seconds: number,
  onbetter: (answer: MixedAnswer) => void = () => {},
): Promise<MixedAnswer> {
  const started = performance.now();
  const ways = [
    ['length', { lengthMm, widthMm, kerfMm }],
    ['width', { lengthMm: widthMm, widthMm: lengthMm, kerfMm }],
  ] as const;
  const answerOf = (way: MixedStrip['along'], { value, strips }: Solved, bound: number | null): MixedAnswer => {
    const turned = kinds.map((kind) =>
      way === 'length' ? kind : { ...kind, lengthMm: kind.widthMm, widthMm: kind.lengthMm },
    );
    const made = stripsFrom(strips, turned, way, kerfMm);
    const piecesMm2 = kinds.reduce((mm2, kind) => mm2 + made.counts[kind.id]! * kind.lengthMm * kind.widthMm, 0);
    const proven = value !== null && bound !== null && bound - value <= NEAR * Math.max(1, bound);
    return { value, bound, proven, ...made, wasteShare: 1 - piecesMm2 / (lengthMm * widthMm) };
  };
  let best: { way: MixedStrip['along']; solved: Solved } | null = null;
  let bound = -Infinity;
  for (const [i, [way, stage]] of ways.entries()) {
    const own = kinds.map((kind) =>
      way === 'length' ? kind : { ...kind, lengthMm: kind.widthMm, widthMm: kind.lengthMm },
    );
    const until = started + (seconds * 1000 * (i + 1)) / ways.length;
    const solved = await solveStage(stage, own, solve, until, (found) => {
      if (best === null || (found.value ?? -1) > (best.solved.value ?? -1)) onbetter(answerOf(way, found, null));
    });
    bound = Math.max(bound, solved.bound);
    if (solved.value !== null && (best === null || solved.value > best.solved.value! + NEAR)) best = { way, solved };
  }
  if (best === null && bound === Infinity) {
    const refusal = { code: 'not-found-in-time', seconds } as const;
    return { value: null, bound: null, proven: false, counts: {}, wasteShare: 1, strips: [], refusal };
  }
  if (best === null) {
    const refusal = { code: 'counts-do-not-fit', lengthMm, widthMm } as const;
    return { value: null, bound: null, proven: true, counts: {}, wasteShare: 1, strips: [], refusal };
  }
  return answerOf(best.way, best.solved, Number.isFinite(bound) ? bound : null);
}

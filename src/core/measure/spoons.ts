import { ML_IN, type Measures } from './units';

/** A volume as cups and spoons, and its error. */
export interface SpoonRun {
  /** Text for the bench: "1 cup + 2 tbsp". */
  readonly text: string;
  /** (measured - wanted) / wanted. */
  readonly error: number;
}

const TOLERANCE = 0.03;
/** Maximum number of fills, so that only the smallest spoon, 1/8 tsp, limits the accuracy. */
const MAX_PARTS = 6;

const SIZES = [
  ['cup', '3/4', 0.75],
  ['cup', '2/3', 2 / 3],
  ['cup', '1/2', 0.5],
  ['cup', '1/3', 1 / 3],
  ['cup', '1/4', 0.25],
  ['tbsp', '1', 1],
  ['tsp', '1', 1],
  ['tsp', '1/2', 0.5],
  ['tsp', '1/4', 0.25],
  ['tsp', '1/8', 0.125],
] as const;

interface Run {
  readonly ml: number;
  readonly parts: readonly number[];
}

/** Parts of a cup come first. Two thirds and three quarters are filled twice with what a usual set has. */
const FIRST_SPOON = SIZES.findIndex(([unit]) => unit !== 'cup');
const FILLED_TWICE = 2;
const fillsOf = (parts: readonly number[]) => parts.reduce((sum, i) => sum + (i < FILLED_TWICE ? 2 : 1), 0);

/**
 * Returns all combinations of at most one part of a cup and spoons, six in all, by volume. For equal volumes the one with fewer
 * fills wins, then the one with fewer spoons.
 */
const runsOf = new Map<Measures, readonly Run[]>();

function runs(measures: Measures): readonly Run[] {
  const known = runsOf.get(measures);
  if (known) return known;
  const size = SIZES.map(([unit, , share]) => ML_IN[measures][unit] * share);
  const all: Run[] = [{ ml: 0, parts: [] }];
  const grow = (run: Run, from: number) => {
    if (run.parts.length === MAX_PARTS) return;
    for (let i = from; i < size.length; i++) {
      const next = { ml: run.ml + size[i]!, parts: [...run.parts, i] };
      all.push(next);
      grow(next, Math.max(i, FIRST_SPOON));
    }
  };
  grow(all[0]!, 0);
  const spoons = ({ parts }: Run) => new Set(parts).size;
  all.sort((a, b) =>
    Math.abs(a.ml - b.ml) > 1e-6 ? a.ml - b.ml : fillsOf(a.parts) - fillsOf(b.parts) || spoons(a) - spoons(b),
  );
  const shortest = all.filter(({ ml }, i) => i === 0 || ml - all[i - 1]!.ml > 1e-6);
  runsOf.set(measures, shortest);
  return shortest;
}

/** Returns the index of the first combination of at least `ml`. */
function firstFrom(list: readonly Run[], ml: number): number {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (list[middle]!.ml < ml) low = middle + 1;
    else high = middle;
  }
  return low;
}

function say(cups: number, parts: readonly number[]): string {
  const said: string[] = [];
  const [first, ...rest] = parts;
  const partCup = first !== undefined && SIZES[first]![0] === 'cup' ? first : undefined;
  if (cups > 0 || partCup !== undefined) {
    const part = partCup === undefined ? '' : SIZES[partCup]![1];
    const amount = [cups > 0 ? String(cups) : '', part].filter(Boolean).join(' ');
    said.push(`${amount} ${cups > 1 || (cups === 1 && part) ? 'cups' : 'cup'}`);
  }
  const spoons = partCup === undefined ? parts : rest;
  for (const i of new Set(spoons)) {
    const [unit, share] = SIZES[i]!;
    const times = spoons.filter((spoon) => spoon === i).length;
    said.push(times === 1 ? `${share} ${unit}` : share === '1' ? `${times} ${unit}` : `${times} x ${share} ${unit}`);
  }
  return said.join(' + ');
}

/**
 * Returns the shortest combination of real cups and spoons within 3 % of a volume, or the closest one.
 *
 * Measures of a usual set: 1, 1/2, 1/3, 1/4 cup; 1 tbsp; 1, 1/2, 1/4, 1/8 tsp. Length is the number of times something is
 * filled; of runs equally short the most exact wins.
 *
 * @param volumeMl > 0, mL
 * @example spoonRun(30, 'metric') // { text: '2 tbsp', error: 0 }
 */
export function spoonRun(volumeMl: number, measures: Measures): SpoonRun {
  const cupMl = ML_IN[measures].cup;
  const list = runs(measures);
  let best: { cups: number; parts: readonly number[]; error: number; length: number } | null = null;
  const most = Math.floor((volumeMl * (1 + TOLERANCE)) / cupMl);
  for (let cups = most; cups >= Math.max(0, most - 1); cups--) {
    const wanted = volumeMl - cups * cupMl;
    const margin = volumeMl * TOLERANCE;
    const from = firstFrom(list, wanted - margin);
    let to = firstFrom(list, wanted + margin);
    if (to < list.length && list[to]!.ml <= wanted + margin) to += 1;
    for (let i = Math.max(0, from - 1); i <= Math.min(to, list.length - 1); i++) {
      const run = list[i]!;
      if (cups + run.parts.length === 0) continue;
      const error = (cups * cupMl + run.ml - volumeMl) / volumeMl;
      const length = cups + fillsOf(run.parts);
      if (!best || better({ error, length }, best)) best = { cups, parts: run.parts, error, length };
    }
  }
  const found = best ?? { cups: 0, parts: [SIZES.length - 1], error: list[1]!.ml / volumeMl - 1 };
  return { text: say(found.cups, found.parts), error: found.error };
}

function better(a: { error: number; length: number }, b: { error: number; length: number }): boolean {
  const aIn = Math.abs(a.error) <= TOLERANCE;
  const bIn = Math.abs(b.error) <= TOLERANCE;
  if (aIn !== bIn) return aIn;
  if (!aIn) return Math.abs(a.error) < Math.abs(b.error);
  return a.length < b.length || (a.length === b.length && Math.abs(a.error) < Math.abs(b.error) - 1e-12);
}

import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import type { WeekPlan, WeekPlanStep } from '$core/usecases';

/** What a lane shows. */
export type LaneKind = 'person' | 'hob' | 'oven' | 'mixer' | 'cold' | 'tins';

/** Steps of one batch that follow one another in a lane. Moments in ms. */
export interface Bar {
  readonly key: string;
  readonly batch: string;
  readonly from: number;
  readonly to: number;
  readonly steps: readonly WeekPlanStep[];
  /** Place in its lane from the top, and height, as shares of the lane. */
  readonly top: number;
  readonly height: number;
}

export interface Lane {
  readonly key: string;
  readonly name: string;
  readonly kind: LaneKind;
  readonly bars: readonly Bar[];
}

/** One day of the stage. */
export interface Band {
  readonly day: string;
  readonly from: number;
  readonly to: number;
  readonly lanes: readonly Lane[];
}

/** Space of the lanes that show areas and counts. */
export interface Space {
  readonly people: readonly string[];
  readonly rings: number;
  readonly ovens: readonly { readonly name: string; readonly shelves: number }[];
  readonly fridgeMm2: number | null;
  readonly freezerMm2: number | null;
  readonly tins: ReadonlyMap<string, number>;
}

/** Share of a kind of tin that is in use from which it gets a lane. */
const SCARCE = 0.99;

interface Used {
  readonly step: WeekPlanStep;
  readonly from: number;
  readonly to: number;
  readonly amount: number;
}

const usedBy = (step: WeekPlanStep, amount = 1): Used => ({
  ...{ step, from: step.start.getTime(), to: step.end.getTime(), amount },
});

/** Joins the steps of a batch that follow at once. */
function joined(
  used: readonly Used[],
): { readonly from: number; readonly to: number; readonly amount: number; readonly steps: WeekPlanStep[] }[] {
  const bars: { from: number; to: number; amount: number; steps: WeekPlanStep[] }[] = [];
  for (const { step, from, to, amount } of [...used].sort((a, b) => a.from - b.from)) {
    const last = bars.findLast((bar) => bar.steps[0]!.batch === step.batch && bar.amount === amount);
    if (last?.to === from) {
      last.to = Math.max(last.to, to);
      last.steps.push(step);
    } else bars.push({ from, to, amount, steps: [step] });
  }
  return bars;
}

/**
 * Stacks what is used at once to scale: each bar takes the lowest free room of its amount.
 *
 * @param space of the whole lane; where more is used, what stands together is drawn smaller
 */
function stacked(key: string, used: readonly Used[], space: number): Bar[] {
  const placed: { from: number; to: number; amount: number; steps: WeekPlanStep[]; base: number }[] = [];
  for (const bar of joined(used)) {
    const over = placed.filter((other) => other.from < bar.to && bar.from < other.to).sort((a, b) => a.base - b.base);
    let base = 0;
    for (const other of over) if (other.base < base + bar.amount) base = Math.max(base, other.base + other.amount);
    placed.push({ ...bar, base });
  }
  /** What is used at most by bars that overlap one another, directly or through others. */
  const whole = new Map<(typeof placed)[number], number>();
  let group: typeof placed = [];
  let until = -Infinity;
  const close = () => {
    const most = Math.max(space, ...group.map(({ base, amount }) => base + amount));
    for (const bar of group) whole.set(bar, most);
    group = [];
  };
  for (const bar of placed) {
    if (bar.from >= until) close();
    group.push(bar);
    until = Math.max(until, bar.to);
  }
  close();
  return placed.map((bar) => ({
    key: `${key} ${bar.steps[0]!.batch} ${bar.steps[0]!.step}`,
    batch: bar.steps[0]!.batch,
    ...{ from: bar.from, to: bar.to, steps: bar.steps },
    ...{ top: 1 - (bar.base + bar.amount) / whole.get(bar)!, height: bar.amount / whole.get(bar)! },
  }));
}

const withUse = (steps: readonly WeekPlanStep[], resource: string): Used[] =>
  steps.flatMap((step) =>
    step.uses
      .filter((use) => use.resource === resource)
      .map(({ areaMm2 = 0, shelves = 1, until }) => ({
        ...usedBy(step, resource === 'fridge' || resource === 'freezer' ? areaMm2 : shelves),
        to: (until ?? step.end).getTime(),
      })),
  );

/** Returns when each batch holds tins of a name: from its first step in them to the last. */
function tinsUsed(steps: readonly WeekPlanStep[], name: string): Used[] {
  const byBatch = new Map<string, Used>();
  for (const step of steps) {
    const count = step.tins.filter(({ tin }) => tin === name).reduce((sum, own) => sum + own.count, 0);
    if (count === 0) continue;
    const before = byBatch.get(step.batch);
    const own = usedBy(step, count);
    byBatch.set(step.batch, {
      step: before?.step ?? step,
      from: Math.min(before?.from ?? Infinity, own.from),
      to: Math.max(before?.to ?? 0, own.to),
      amount: Math.max(before?.amount ?? 0, count),
    });
  }
  return [...byBatch.values()];
}

function mostAtOnce(used: readonly Used[]): number {
  return Math.max(
    0,
    ...used.map(({ from }) => used.filter((o) => o.from <= from && o.to > from).reduce((sum, o) => sum + o.amount, 0)),
  );
}

/** Returns the lanes of some steps: every person and what the workroom has; the mixer, the freezer and tins only where it matters. */
function lanesOf(steps: readonly WeekPlanStep[], space: Space): Lane[] {
  const person = (name: string): Lane => {
    const used = steps.filter(({ hands }) => hands === name).map((step) => usedBy(step, step.attention || 1));
    return { key: `person ${name}`, name, kind: 'person', bars: stacked(name, used, 1) };
  };
  const cold = (name: 'fridge' | 'freezer', area: number | null): Lane => {
    const used = withUse(steps, name);
    return { key: name, name, kind: 'cold', bars: stacked(name, used, area ?? mostAtOnce(used)) };
  };
  const freezer = cold('freezer', space.freezerMm2);
  const mixer: Lane = {
    key: 'mixer',
    name: 'mixer',
    kind: 'mixer',
    bars: stacked('mixer', withUse(steps, 'mixer'), 1),
  };
  const tins = [...space.tins].flatMap(([name, count]): Lane[] => {
    const used = tinsUsed(steps, name);
    if (mostAtOnce(used) < count * SCARCE) return [];
    return [{ key: `tin ${name}`, name, kind: 'tins', bars: stacked(`tin ${name}`, used, count) }];
  });
  return [
    ...space.people.map(person),
    { key: 'hob', name: 'hob', kind: 'hob', bars: stacked('hob', withUse(steps, 'ring'), Math.min(2, space.rings)) },
    ...space.ovens.map(({ name, shelves }): Lane => ({
      ...{ key: name, name: space.ovens.length === 1 ? 'oven' : name, kind: 'oven' },
      bars: stacked(name, withUse(steps, name), shelves),
    })),
    ...(mixer.bars.length > 0 ? [mixer] : []),
    cold('fridge', space.fridgeMm2),
    ...(freezer.bars.length > 0 ? [freezer] : []),
    ...tins,
  ];
}

/** Returns the midnight of each day in a zone, with the one after the last. */
export function midnights(from: number, days: number, zone: string): number[] {
  const first = new TZDate(from, zone);
  const midnight = new TZDate(first.getFullYear(), first.getMonth(), first.getDate(), 0, 0, zone);
  return Array.from({ length: days + 1 }, (_, d) => addDays(midnight, d).getTime());
}

/** Returns the days of the stage, each with its lanes: what goes on through midnight is in both days. A day without work has only people. */
export function bandsOf(steps: readonly WeekPlanStep[], days: readonly number[], space: Space): Band[] {
  const lastMs = ({ end, uses }: WeekPlanStep) =>
    Math.max(end.getTime(), ...uses.map(({ until }) => until?.getTime() ?? 0));
  return days.slice(0, -1).map((from, d) => {
    const to = days[d + 1]!;
    const tinned = new Set(
      steps.filter(({ start, end }) => start.getTime() < to && end.getTime() > from).map(({ batch }) => batch),
    );
    // Tins are held between steps too, so that all steps of a batch count.
    const own = steps.filter((step) => tinned.has(step.batch) || (step.start.getTime() < to && lastMs(step) > from));
    const lanes = lanesOf(own, space).map((lane) => ({
      ...lane,
      bars: lane.bars.filter((bar) => bar.from < to && bar.to > from),
    }));
    const isWorked = lanes.some(({ bars }) => bars.length > 0);
    const always = (kind: LaneKind) => kind === 'person' || (isWorked && kind !== 'tins' && kind !== 'mixer');
    return {
      day: String(from),
      ...{ from, to },
      lanes: lanes.filter(({ kind, bars }) => bars.length > 0 || always(kind)),
    };
  });
}

/** Returns the hours of the day that the stage shows: working hours, and everything that needs somebody, by whole hours. */
export function shownHours(
  steps: readonly WeekPlanStep[],
  hours: readonly { readonly from: number; readonly to: number }[],
  days: readonly number[],
): readonly [from: number, to: number] {
  const HOUR = 3_600_000;
  let [low, high] = [Infinity, -Infinity];
  const see = (from: number, to: number) => {
    const day = days.findLast((midnight) => midnight <= from) ?? days[0]!;
    low = Math.min(low, Math.floor((from - day) / HOUR));
    high = Math.max(high, Math.ceil((Math.min(to, day + 24 * HOUR) - day) / HOUR));
  };
  for (const { from, to } of hours) if (to > days[0]! && from < days.at(-1)!) see(Math.max(from, days[0]!), to);
  for (const { attended, start, end } of steps)
    if (attended && end.getTime() > days[0]! && start.getTime() < days.at(-1)!) see(start.getTime(), end.getTime());
  return low < high ? [Math.max(0, low - 1), Math.min(24, high + 1)] : [7, 17];
}

/** Returns the batches that are late in one plan, and not as late in another. */
export const laterThan = (plan: WeekPlan | null, other: WeekPlan | null): WeekPlan['late'] =>
  (plan?.late ?? []).filter(({ batch, minutes }) => {
    const was = other?.late.find((own) => own.batch === batch);
    return was === undefined || (minutes ?? Infinity) > (was.minutes ?? Infinity);
  });

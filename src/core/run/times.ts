import { isAttended, type Blockable } from '../time';
import type { RunPlan, RunStep } from './types';

/** Recorded times of a step. Moments in ms since 1970. */
export interface Moments {
  begunAt: number | null;
  endedAt: number | null;
  isSkipped: boolean;
  isPutOff: boolean;
  /** Moment until which it is postponed, or the step it waits for; `null` if it is not, or has no limit. */
  notBefore: number | null;
  behind: string | null;
}

export type Times = ReadonlyMap<string, { readonly from: number; readonly to: number }>;

const MINUTE_MS = 60_000;
/** Number of impossible waits that are dropped one by one; then all waits in a cycle at once. */
const MAX_LET_GO = 20;
/** Labour is counted in halves: a person who watches one pot can watch another, and can do nothing else. */
const HALVES = { busy: 2, watch: 1, free: 0 } as const;

/** A step starts at least this long after another has started, ms; negative for a maximum wait. */
interface Arc {
  readonly from: string;
  readonly to: string;
  readonly leastMs: number;
  readonly isMost: boolean;
}

/**
 * Returns which step follows which on the same person and the same ring, in the given order: each takes the units that are free
 * soonest and follows their previous step.
 *
 * @see Policella N., Smith S. F., Cesta A., Oddi A. (2004), Generating robust schedules through temporal flexibility (chaining)
 */
function chained(
  order: readonly RunStep[],
  count: number,
  needs: (step: RunStep) => number,
  until: (step: RunStep) => number,
): [RunStep, RunStep][] {
  const units: { last: RunStep | null; until: number }[] = Array.from({ length: count }, () => ({
    last: null,
    until: -Infinity,
  }));
  const pairs: [RunStep, RunStep][] = [];
  for (const step of order) {
    units.sort((a, b) => a.until - b.until);
    for (const unit of units.slice(0, Math.min(count, needs(step)))) {
      if (unit.last) pairs.push([unit.last, step]);
      unit.last = step;
      unit.until = Math.max(unit.until, until(step));
    }
  }
  return pairs;
}

/** Tells whether a step uses a resource that can be blocked. */
const isUsing = (step: RunStep, what: Blockable): boolean =>
  what === 'people' ? isAttended(step) : step.occupies.includes(what);

/** An oven has one temperature: what was planned to bake later follows. */
function bakedInTurn(order: readonly RunStep[]): [RunStep, RunStep][] {
  const baked = order.filter(({ occupies }) => occupies.includes('oven'));
  return baked.flatMap((step, i) =>
    baked
      .slice(i + 1)
      .flatMap((next): [RunStep, RunStep][] => (next.planned.from >= step.planned.to ? [[step, next]] : [])),
  );
}

function arcsOf(
  plan: RunPlan,
  order: readonly RunStep[],
  moments: ReadonlyMap<string, Moments>,
  lasting: (step: RunStep) => number,
  until: (step: RunStep) => number,
): Arc[] {
  const known = new Map(order.map((step) => [step.id, step]));
  const links = order.flatMap(({ id, after }) =>
    after.flatMap(({ on, least, most }): Arc[] => {
      const before = known.get(on);
      if (!before) return [];
      const lastsMs = lasting(before);
      return [
        { from: on, to: id, leastMs: lastsMs + least * MINUTE_MS, isMost: false },
        ...(most === null ? [] : [{ from: id, to: on, leastMs: -(lastsMs + most * MINUTE_MS), isMost: true }]),
      ];
    }),
  );
  const uses = (what: string) => (step: RunStep) => step.occupies.filter((used) => used === what).length;
  const { hands, rings } = plan.means;
  const inTurn = [
    ...chained(order, 2 * hands, (step) => HALVES[step.hands], until),
    ...chained(order, Math.max(1, rings), uses('ring'), until),
    ...chained(order, 1, uses('mixer'), until),
    ...bakedInTurn(order),
  ];
  const postponed = order.flatMap(({ id }): Arc[] => {
    const { isPutOff, behind } = moments.get(id)!;
    const before = isPutOff && behind !== null ? known.get(behind) : undefined;
    return before ? [{ from: before.id, to: id, leastMs: lasting(before), isMost: false }] : [];
  });
  return [
    ...links,
    ...postponed,
    ...inTurn.map(([a, b]) => ({ from: a.id, to: b.id, leastMs: lasting(a), isMost: false })),
  ];
}

/**
 * Returns the projected start and end of every step. Past steps stay where they happened; steps in progress end after their
 * minutes, or now; the rest start as early as possible in the planned order, postponed ones when they may, but not so early that a
 * follower exceeds its maximum wait. A wait that can no longer be met is dropped.
 *
 * The plan's order on each pair of hands and each ring is kept, so that what is left is a network of least and most waits, and its earliest
 * solution the longest paths through it.
 *
 * @param order of the steps, in which hands take them up
 * @param heldMs moment before which no step that needs hands is begun
 * @see Dechter R., Meiri I., Pearl J. (1991), Temporal constraint networks (simple temporal problem)
 */
export function timesOf(
  plan: RunPlan,
  order: readonly RunStep[],
  moments: ReadonlyMap<string, Moments>,
  nowMs: number,
  heldMs = nowMs,
): Times {
  const isFixed = (id: string) => moments.get(id)!.begunAt !== null;
  const lasting = (step: RunStep) => {
    const { begunAt, endedAt } = moments.get(step.id)!;
    if (begunAt === null) return step.minutes * MINUTE_MS;
    return (endedAt ?? Math.max(nowMs, begunAt + step.minutes * MINUTE_MS)) - begunAt;
  };
  const beginMs = Date.parse(plan.begin);
  /** Minutes at which labour and rings become free after a step. */
  const until = (step: RunStep) => {
    const { begunAt } = moments.get(step.id)!;
    return begunAt === null ? step.planned.to : (begunAt + lasting(step) - beginMs) / MINUTE_MS;
  };
  // A started step has its labour already and cannot be moved.
  const begun = order.filter(({ id }) => isFixed(id)).sort((a, b) => until(a) - until(b));
  const inTurn = [...begun, ...order.filter(({ id }) => !isFixed(id))];
  const arcs = arcsOf(plan, inTurn, moments, lasting, until).filter(({ to }) => !isFixed(to));
  const kept = new Set(arcs);
  const blocked = (plan.means.blocked ?? []).map(({ what, from, to }) => ({
    what,
    from: beginMs + from * MINUTE_MS,
    to: beginMs + to * MINUTE_MS,
  }));
  /** Returns the first moment from which a step meets no blocked time of what it uses. */
  const unblocked = (step: RunStep, at: number): number => {
    const over = blocked.find(
      ({ what, from, to }) => isUsing(step, what) && at < to - 1 && at + lasting(step) > from + 1,
    );
    return over ? unblocked(step, over.to) : at;
  };
  const earliest = ({ id, hands, waitsForPot, planned }: RunStep) => {
    const { begunAt, isPutOff, notBefore } = moments.get(id)!;
    const freeMs = hands === 'free' ? nowMs : heldMs;
    const potMs = waitsForPot ? beginMs + planned.from * MINUTE_MS : nowMs;
    return begunAt ?? Math.max(nowMs, freeMs, potMs, isPutOff ? (notBefore ?? nowMs) : nowMs);
  };
  for (let letGo = 0; ; letGo++) {
    const from = new Map(order.map((step) => [step.id, earliest(step)]));
    let moved = new Set<Arc>();
    for (let round = 0; round <= order.length + 1; round++) {
      moved = new Set();
      for (const arc of kept) {
        const least = from.get(arc.from)! + arc.leastMs;
        if (least <= from.get(arc.to)! + 1) continue;
        from.set(arc.to, least);
        moved.add(arc);
      }
      let isHeld = false;
      for (const step of order) {
        const at = isFixed(step.id) ? from.get(step.id)! : unblocked(step, from.get(step.id)!);
        if (at <= from.get(step.id)!) continue;
        from.set(step.id, at);
        isHeld = true;
      }
      if (moved.size === 0 && !isHeld) break;
    }
    const broken = [...moved].filter(({ isMost }) => isMost);
    if (broken.length === 0)
      return new Map(
        order.map((step) => [step.id, { from: from.get(step.id)!, to: from.get(step.id)! + lasting(step) }]),
      );
    // Waits that push each other without end: one of them cannot be met.
    for (const arc of letGo < MAX_LET_GO ? broken.slice(0, 1) : broken) kept.delete(arc);
  }
}

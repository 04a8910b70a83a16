import type { RunEvent } from './events';
import { timesOf, type Moments } from './times';
import type { RunLine, RunPlan, RunStep } from './types';

export type StepStatus = 'waiting' | 'ready' | 'under way' | 'done' | 'skipped';

/** Current state of a step. Moments in ms since 1970. */
export interface StepNow {
  readonly step: RunStep;
  readonly status: StepStatus;
  readonly isPutOff: boolean;
  /** Actual start and end; `null` if it has not happened. */
  readonly begunAt: number | null;
  readonly endedAt: number | null;
  /** Projected start and end. */
  readonly from: number;
  readonly to: number;
  /** Delay of the end, min; negative if earlier than planned. */
  readonly lateMinutes: number;
}

/** A projected violation of a maximum wait. */
export interface Danger {
  readonly step: string;
  /** Projected and maximum wait, min. */
  readonly waitsMinutes: number;
  readonly mostMinutes: number;
  /** The step it waits for. */
  readonly behind: string;
}

/** A line with its weighed mass. */
export interface LineNow extends RunLine {
  /** `null` until it is weighed. */
  readonly weighedG: number | null;
  /** What is in, g: as weighed, and as changed after that; the planned mass until then. `null` if that is unknown. */
  readonly massInG: number | null;
}

/** State of a run, from its plan and events. */
export interface RunState {
  readonly steps: readonly StepNow[];
  readonly lines: readonly LineNow[];
  /** The step being worked on, otherwise the first one that can start. */
  readonly now: StepNow | null;
  /** Unattended steps in progress. */
  readonly byItself: readonly StepNow[];
  readonly next: readonly StepNow[];
  readonly dangers: readonly Danger[];
  readonly status: 'open' | 'finished' | 'stopped';
  /** Moment before which nothing is begun, ms since 1970; `null` if nobody is late, or the moment has passed. */
  readonly heldUntil: number | null;
  /** Projected end of the run, and its delay, min. */
  readonly endsAt: number;
  readonly lateMinutes: number;
}

const MINUTE_MS = 60_000;

/**
 * Returns the valid events: each once, in order of their moments, without cancelled ones. The result does not depend on arrival
 * order or device.
 */
export function countedEvents(events: readonly RunEvent[]): RunEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const all = [...once.values()].sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));
  const back = new Set<string>();
  // A cancellation can itself be cancelled: the last one counts.
  for (const event of [...all].reverse()) if (event.kind === 'taken-back' && !back.has(event.id)) back.add(event.event);
  return all.filter(({ id, kind }) => kind !== 'taken-back' && !back.has(id));
}

/**
 * Returns the last action of a person, for undo; `null` if there is none. Automatic thermometer readings do not count.
 *
 * @param events in the order in which they came: moments are no judge of it, since a clock may have been put right in between
 */
export function lastDone(events: readonly RunEvent[]): RunEvent | null {
  const counted = new Set(countedEvents(events).map(({ id }) => id));
  return events.findLast(({ id, kind }) => counted.has(id) && kind !== 'temperature') ?? null;
}

/** Returns a step and those that need it, directly or through others. */
export function stepsNeeding(steps: readonly RunStep[], id: string): ReadonlySet<string> {
  const needing = new Set([id]);
  for (let count = 0; count < needing.size;) {
    count = needing.size;
    for (const step of steps) if (step.after.some(({ on }) => needing.has(on))) needing.add(step.id);
  }
  return needing;
}

/** Tells whether a step can wait for another: one of the run that neither needs it nor is postponed behind it. */
function canWaitFor({ steps }: RunPlan, id: string, other: string, moments: ReadonlyMap<string, Moments>): boolean {
  if (!moments.has(other) || stepsNeeding(steps, id).has(other)) return false;
  for (let next: string | null = other, left = steps.length; next !== null && left > 0; left--) {
    if (next === id) return false;
    next = moments.get(next)?.behind ?? null;
  }
  return true;
}

const UNTOUCHED: Moments = {
  ...{ begunAt: null, endedAt: null, isSkipped: false, isPutOff: false },
  ...{ notBefore: null, behind: null },
};

/** Returns when each step was started, ended, skipped and postponed. */
function happened(plan: RunPlan, events: readonly RunEvent[], nowMs: number): ReadonlyMap<string, Moments> {
  const moments = new Map<string, Moments>(plan.steps.map(({ id }) => [id, { ...UNTOUCHED }]));
  for (const event of events) {
    if (!('step' in event) || event.step === undefined) continue;
    const of = moments.get(event.step);
    if (!of) continue;
    const at = Date.parse(event.at);
    switch (event.kind) {
      case 'step-begun':
        of.begunAt ??= at;
        of.isPutOff = false;
        break;
      case 'step-done':
      case 'step-skipped':
        of.endedAt ??= at;
        of.begunAt ??= at;
        of.isSkipped = event.kind === 'step-skipped';
        break;
      case 'step-put-off':
        of.isPutOff = true;
        of.notBefore = event.until === undefined ? null : Date.parse(event.until);
        of.behind =
          event.behind !== undefined && canWaitFor(plan, event.step, event.behind, moments) ? event.behind : null;
        break;
      case 'temperature':
      case 'set-reading':
        break;
      default:
        event satisfies never;
    }
  }
  // A postponed step is back in its turn when its moment has come, or the step it waits for is done.
  for (const of of moments.values()) {
    const isOver =
      (of.notBefore !== null && of.notBefore <= nowMs) ||
      (of.behind !== null && (moments.get(of.behind)?.endedAt ?? null) !== null);
    if (isOver) of.isPutOff = false;
  }
  return moments;
}

/**
 * Returns the state of a run: a pure function of its plan, its events and the moment, the same on server, tablet and phone.
 *
 * Past steps stay where they happened. A step in progress ends after its minutes, or now. The others follow as soon as their predecessors
 * allow (`timesOf`), in the planned order; postponed ones when their moment has come. Waits that will exceed their maximum are listed as dangers.
 *
 * @param nowMs ms since 1970
 */
export function runState(plan: RunPlan, events: readonly RunEvent[], nowMs: number): RunState {
  const counted = countedEvents(events);
  const moments = happened(plan, counted, nowMs);
  const beginMs = Date.parse(plan.begin);
  const turns = turnsOf(plan, moments, beginMs);
  const order = [...plan.steps].sort((a, b) => turns.get(a.id)! - turns.get(b.id)! || a.planned.from - b.planned.from);
  // Before anything has happened, nothing starts earlier than planned.
  const startMs = counted.length === 0 ? Math.max(nowMs, beginMs) : nowMs;
  const heldMs = heldUntil(counted);
  const times = timesOf(plan, order, moments, startMs, heldMs ?? startMs);
  const steps = plan.steps.map((step): StepNow => {
    const { begunAt, endedAt, isSkipped, isPutOff } = moments.get(step.id)!;
    const { from, to } = times.get(step.id)!;
    const isReady = step.after.every(({ on, least }) => {
      const before = moments.get(on);
      return !before || (before.endedAt !== null && before.endedAt + least * MINUTE_MS <= nowMs);
    });
    const open = begunAt !== null ? 'under way' : isReady ? 'ready' : 'waiting';
    return {
      step,
      status: endedAt === null ? open : isSkipped ? 'skipped' : 'done',
      ...{ isPutOff, begunAt, endedAt, from, to },
      lateMinutes: (to - beginMs) / MINUTE_MS - step.planned.to,
    };
  });
  const byId = new Map(steps.map((stepNow) => [stepNow.step.id, stepNow]));
  const inOrder = order.map(({ id }) => byId.get(id)!).sort((a, b) => a.from - b.from);
  const underWay = steps.filter(({ status }) => status === 'under way');
  const atHand = underWay.find(({ step }) => step.hands !== 'free');
  const ready = inOrder.filter(({ status }) => status === 'ready');
  const now = atHand ?? ready.find(({ isPutOff }) => !isPutOff) ?? ready.find(hasNoLimit(moments)) ?? null;
  const ended = counted.find(({ kind }) => kind === 'finished' || kind === 'stopped');
  const last = steps.reduce((latest, { to }) => Math.max(latest, to), beginMs);
  const plannedEnd = plan.steps.reduce((latest, { planned }) => Math.max(latest, planned.to), 0);
  return {
    steps,
    lines: linesNow(plan, counted),
    now,
    byItself: underWay.filter((stepNow) => stepNow !== now),
    next: inOrder
      .filter(({ status }) => status === 'ready' || status === 'waiting')
      .filter((stepNow) => stepNow !== now),
    dangers: dangersIn(steps, byId),
    status: ended?.kind === 'stopped' ? 'stopped' : ended ? 'finished' : 'open',
    heldUntil: heldMs !== null && heldMs > nowMs ? heldMs : null,
    endsAt: last,
    lateMinutes: (last - beginMs) / MINUTE_MS - plannedEnd,
  };
}

/** Returns the moment before which nothing is begun, as last entered; `null` if nobody is late. */
function heldUntil(events: readonly RunEvent[]): number | null {
  const held = events.findLast(({ kind }) => kind === 'held-up');
  return held?.kind === 'held-up' ? Date.parse(held.until) : null;
}

/** Whether a step is postponed without a moment: it comes when nothing else is left. */
const hasNoLimit =
  (moments: ReadonlyMap<string, Moments>) =>
  ({ step }: StepNow): boolean => {
    const { notBefore, behind } = moments.get(step.id)!;
    return notBefore === null && behind === null;
  };

/**
 * Returns the turn of every step, min from the beginning: as planned or as postponed. What needs a postponed step is delayed with it, and
 * so is what must come right before that: a boil is not begun while its base is postponed.
 */
function turnsOf(
  { steps }: RunPlan,
  moments: ReadonlyMap<string, Moments>,
  beginMs: number,
): ReadonlyMap<string, number> {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const ownDelay = ({ id, planned }: RunStep): number => {
    const { isPutOff, notBefore, behind, begunAt } = moments.get(id)!;
    if (!isPutOff || begunAt !== null) return 0;
    if (notBefore !== null) return Math.max(0, (notBefore - beginMs) / MINUTE_MS - planned.from);
    const before = behind === null ? undefined : byId.get(behind);
    return before ? Math.max(0, before.planned.to - planned.from) : LAST;
  };
  const delays = new Map(steps.map((step) => [step.id, ownDelay(step)]));
  const raise = (id: string, delay: number): boolean => {
    if (moments.get(id)?.begunAt !== null || delay <= delays.get(id)!) return false;
    delays.set(id, delay);
    return true;
  };
  for (let isMoving = true; isMoving;) {
    isMoving = false;
    for (const { id, after } of steps)
      for (const { on, most } of after) {
        const [before, behind] = [delays.get(on) ?? 0, delays.get(id)!];
        const isRaised = raise(id, before) || (most !== null && byId.has(on) && raise(on, behind));
        isMoving ||= isRaised;
      }
  }
  return new Map(steps.map(({ id, planned }) => [id, planned.from + delays.get(id)!]));
}
/** After everything else, min. */
const LAST = 1e9;

function linesNow({ lines }: RunPlan, events: readonly RunEvent[]): LineNow[] {
  const weighed = new Map<string, number>();
  const changed = new Map<string, number>();
  for (const event of events) {
    if (event.kind !== 'weighed' && event.kind !== 'amount-changed') continue;
    const id = `${event.preparation} ${event.line}`;
    if (event.kind === 'weighed') weighed.set(id, event.massG);
    else changed.set(id, (changed.get(id) ?? 0) + event.byG);
  }
  return lines.map((line) => {
    const id = `${line.preparation} ${line.line}`;
    const weighedG = weighed.get(id) ?? null;
    const before = weighedG ?? line.massG;
    return { ...line, weighedG, massInG: before === null ? null : Math.max(0, before + (changed.get(id) ?? 0)) };
  });
}

const EPS_MINUTES = 0.5;

/** Returns pending steps that will have waited longer than allowed. */
function dangersIn(steps: readonly StepNow[], byId: ReadonlyMap<string, StepNow>): Danger[] {
  return steps.flatMap(({ step, status, from }) =>
    status !== 'ready' && status !== 'waiting'
      ? []
      : step.after.flatMap(({ on, most }): Danger[] => {
          const behind = byId.get(on);
          const waitsMinutes = behind ? (from - behind.to) / MINUTE_MS : 0;
          return behind && most !== null && waitsMinutes > most + EPS_MINUTES
            ? [{ step: step.id, waitsMinutes, mostMinutes: most, behind: on }]
            : [];
        }),
  );
}

/**
 * Returns the steps that start automatically when another ends: unattended, without equipment to prepare, and without a possible
 * wait.
 *
 * @param id of the step that has ended
 */
export function beginsWith({ steps }: RunState, id: string): RunStep[] {
  const over = new Set(steps.filter(({ endedAt }) => endedAt !== null).map(({ step }) => step.id));
  return steps
    .filter(
      ({ step, status }) =>
        (status === 'waiting' || status === 'ready') &&
        step.hands === 'free' &&
        !step.occupies.some((what) => what === 'oven' || what === 'ring') &&
        step.after.some(({ on, most }) => on === id && most === 0) &&
        step.after.every(({ on }) => on === id || over.has(on)),
    )
    .map(({ step }) => step);
}

import type { RunEvent } from './events';
import { timesOf, type Moments } from './times';
import type { RunLine, RunPlan, RunStep } from './types';

export type StepStatus = 'waiting' | 'ready' | 'under way' | 'done' | 'skipped';

/** A step as it stands. Moments in ms since 1970. */
export interface StepNow {
  readonly step: RunStep;
  readonly status: StepStatus;
  readonly isPutOff: boolean;
  /** When it was begun and ended; null while it was not. */
  readonly begunAt: number | null;
  readonly endedAt: number | null;
  /** When it begins and ends as things go now. */
  readonly from: number;
  readonly to: number;
  /** How much later than planned it ends, min; below 0 sooner. */
  readonly lateMinutes: number;
}

/** Something that will go wrong as things go now. */
export interface Danger {
  readonly step: string;
  /** How long it will have waited, and how long it may, min. */
  readonly waitsMinutes: number;
  readonly mostMinutes: number;
  /** What it waits behind. */
  readonly behind: string;
}

/** A line, and what was weighed of it. */
export interface LineNow extends RunLine {
  readonly weighedG: number | null;
}

/** What the events of a run have made of its plan. */
export interface RunState {
  readonly steps: readonly StepNow[];
  readonly lines: readonly LineNow[];
  /** What hands are at, else what they should be at: the first step that can be begun. */
  readonly now: StepNow | null;
  /** What goes on by itself. */
  readonly byItself: readonly StepNow[];
  readonly next: readonly StepNow[];
  readonly dangers: readonly Danger[];
  readonly status: 'open' | 'finished' | 'stopped';
  /** When all is done as things go now, and how much later than planned that is, min. */
  readonly endsAt: number;
  readonly lateMinutes: number;
}

const MINUTE_MS = 60_000;

/**
 * The events that count: each once, in the order of their moments, without those that were taken back. Whatever order they came in, on
 * whatever device, they are the same.
 */
export function countedEvents(events: readonly RunEvent[]): RunEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const all = [...once.values()].sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));
  const back = new Set<string>();
  // What takes back may itself be taken back: the last word counts.
  for (const event of [...all].reverse()) if (event.kind === 'taken-back' && !back.has(event.id)) back.add(event.event);
  return all.filter(({ id, kind }) => kind !== 'taken-back' && !back.has(id));
}

/**
 * The last thing that somebody did, to be taken back; null where nothing was. What a thermometer notes by itself is not it.
 *
 * @param events in the order in which they came: moments are no judge of it, since a clock may have been put right in between
 */
export function lastDone(events: readonly RunEvent[]): RunEvent | null {
  const counted = new Set(countedEvents(events).map(({ id }) => id));
  return events.findLast(({ id, kind }) => counted.has(id) && kind !== 'temperature') ?? null;
}

/** When each step was begun, ended, skipped and put off. */
function happened(plan: RunPlan, events: readonly RunEvent[]): ReadonlyMap<string, Moments> {
  const moments = new Map<string, Moments>(
    plan.steps.map(({ id }) => [id, { begunAt: null, endedAt: null, isSkipped: false, isPutOff: false }]),
  );
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
        break;
      case 'temperature':
      case 'set-reading':
        break;
      default:
        event satisfies never;
    }
  }
  return moments;
}

/**
 * What a run has come to: a pure function of its plan, its events and the moment, the same on server, tablet and phone.
 *
 * Steps that are over stand where they happened; one under way ends when its minutes are over, or now; the others follow as soon as what
 * they wait for is over (`timesOf`), in the order that was planned, but what was put off behind the rest. What will wait too long all the same
 * is told.
 *
 * @param nowMs ms since 1970
 */
export function runState(plan: RunPlan, events: readonly RunEvent[], nowMs: number): RunState {
  const counted = countedEvents(events);
  const moments = happened(plan, counted);
  const order = [...plan.steps].sort(
    (a, b) =>
      Number(moments.get(a.id)!.isPutOff) - Number(moments.get(b.id)!.isPutOff) || a.planned.from - b.planned.from,
  );
  const beginMs = Date.parse(plan.begin);
  // Before anything has happened nothing is to be done sooner than it was planned.
  const times = timesOf(plan, order, moments, counted.length === 0 ? Math.max(nowMs, beginMs) : nowMs);
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
  const inOrder = order
    .map(({ id }) => byId.get(id)!)
    .sort((a, b) => Number(a.isPutOff) - Number(b.isPutOff) || a.from - b.from);
  const underWay = steps.filter(({ status }) => status === 'under way');
  const atHand = underWay.find(({ step }) => step.hands !== 'free');
  const ready = inOrder.filter(({ status }) => status === 'ready');
  const now = atHand ?? ready[0] ?? null;
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
    endsAt: last,
    lateMinutes: (last - beginMs) / MINUTE_MS - plannedEnd,
  };
}

function linesNow({ lines }: RunPlan, events: readonly RunEvent[]): LineNow[] {
  const weighed = new Map<string, number>();
  for (const event of events)
    if (event.kind === 'weighed') weighed.set(`${event.preparation} ${event.line}`, event.massG);
  return lines.map((line) => ({ ...line, weighedG: weighed.get(`${line.preparation} ${line.line}`) ?? null }));
}

const EPS_MINUTES = 0.5;

/** Steps still to come that will have waited behind another for longer than they may. */
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
 * Steps that begin by themselves when another ends: nobody's hands are in them, nothing has to be put on a fire, and they may not wait.
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

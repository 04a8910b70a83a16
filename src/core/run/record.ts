import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { RunEvent, RunEventOf } from './events';
import { countedEvents } from './state';
import type { RunBoil, RunLine, RunPlan, RunStep } from './types';

/** A step as it went. Minutes are null where it was not both begun and ended. */
export interface StepRecord {
  readonly step: RunStep;
  /** Minutes from the beginning of the run. */
  readonly from: number | null;
  readonly to: number | null;
  readonly minutes: number | null;
  readonly skippedWhy: string | null;
}

/** A line as it went in. */
export interface LineRecord extends RunLine {
  /** g on the scale; null where nobody noted it. */
  readonly weighedG: number | null;
  /** What was added afterwards, or below 0 held back, g. */
  readonly changedG: number;
  /** What is in the slab as far as is known: weighed, else planned, with what was changed. */
  readonly massInG: number | null;
  readonly why: string | null;
}

/** Temperatures that were noted while something cooked, as the thermometer showed them. */
export interface Curve extends RunBoil {
  /** Seconds since the step began, deg C. */
  readonly readings: readonly (readonly [seconds: number, celsius: number])[];
  /** The hottest of those that are no jumps of the probe; null without readings. */
  readonly peakC: number | null;
}

/** What came of the slab. Counts and masses are null where they were not noted. */
export interface Outcome {
  readonly pieces: number | null;
  /** Of one piece, g. */
  readonly pieceG: number | null;
  /** Standard deviation between the pieces that were weighed one by one, as a share of their mean. */
  readonly pieceVariation: number | null;
  readonly rejects: number;
  readonly trimG: number | null;
  readonly leftoverG: number;
  /** Good pieces for each that was planned. */
  readonly yieldShare: number | null;
}

/** A run as it went, beside its plan. */
export interface RunRecord {
  readonly status: 'open' | 'finished' | 'stopped';
  /** ms since 1970. */
  readonly begunAt: number;
  readonly endedAt: number | null;
  /** From the first thing that happened to the last. */
  readonly minutes: number;
  readonly steps: readonly StepRecord[];
  /** Minutes in which hands were at it, and watched it. */
  readonly hands: { readonly busy: number; readonly watch: number };
  readonly lines: readonly LineRecord[];
  readonly curves: readonly Curve[];
  readonly temperatures: readonly RunEventOf<'temperature'>[];
  readonly outcome: Outcome;
  /** What was in each pot that was weighed, g. */
  readonly cameOut: ReadonlyMap<string, number>;
  /** How thick layers lay, mm. */
  readonly thickness: ReadonlyMap<string, number>;
  readonly tins: RunEventOf<'tin-changed'>['tins'] | null;
  readonly lots: readonly RunEventOf<'lot'>[];
  readonly setReadings: readonly RunEventOf<'set-reading'>[];
  /** Words and pictures, in their order. */
  readonly said: readonly RunEventOf<'note' | 'tasted' | 'photo' | 'rejects' | 'stopped'>[];
  readonly nextTime: readonly RunEventOf<'next-time'>[];
}

const MINUTE_MS = 60_000;

const ofKind = <K extends RunEvent['kind']>(events: readonly RunEvent[], ...kinds: readonly K[]): RunEventOf<K>[] =>
  events.filter((event): event is RunEventOf<K> => (kinds as readonly string[]).includes(event.kind));

/**
 * What a run has come to, for the logbook: what was planned beside what happened. Events count once, without those taken back; where
 * something was said twice the last word counts, but pieces, rejects, trims and leftovers add up.
 */
export function runRecord(plan: RunPlan, events: readonly RunEvent[]): RunRecord {
  const counted = countedEvents(events);
  const beginMs = Date.parse(plan.begin);
  const end = ofKind(counted, 'finished', 'stopped')[0];
  const first = counted[0];
  const last = end ?? counted.at(-1);
  const steps = plan.steps.map((step) => stepRecord(step, counted, beginMs));
  const atHand = (kind: 'busy' | 'watch') =>
    steps.reduce((sum, { step, minutes }) => sum + (step.hands === kind ? (minutes ?? 0) : 0), 0);
  return {
    status: end === undefined ? 'open' : end.kind,
    begunAt: first ? Date.parse(first.at) : beginMs,
    endedAt: end ? Date.parse(end.at) : null,
    minutes: first && last ? (Date.parse(last.at) - Date.parse(first.at)) / MINUTE_MS : 0,
    steps,
    hands: { busy: atHand('busy'), watch: atHand('watch') },
    lines: plan.lines.map((line) => lineRecord(line, counted)),
    curves: plan.boils.map((boil) => curveOf(boil, counted)),
    temperatures: ofKind(counted, 'temperature'),
    outcome: outcomeOf(plan, counted),
    cameOut: new Map(ofKind(counted, 'came-out').map(({ preparation, massG }) => [preparation, massG])),
    thickness: new Map(ofKind(counted, 'thickness').map(({ layer, mm }) => [layer, mm])),
    tins: ofKind(counted, 'tin-changed').at(-1)?.tins ?? null,
    lots: ofKind(counted, 'lot'),
    setReadings: ofKind(counted, 'set-reading'),
    said: ofKind(counted, 'note', 'tasted', 'photo', 'rejects', 'stopped'),
    nextTime: ofKind(counted, 'next-time'),
  };
}

function stepRecord(step: RunStep, events: readonly RunEvent[], beginMs: number): StepRecord {
  const minute = ({ at }: RunEvent) => (Date.parse(at) - beginMs) / MINUTE_MS;
  const own = events.filter((event) => 'step' in event && event.step === step.id);
  const begun = ofKind(own, 'step-begun')[0];
  const done = ofKind(own, 'step-done')[0];
  const skipped = ofKind(own, 'step-skipped')[0];
  const from = begun ? minute(begun) : null;
  const to = done ? minute(done) : null;
  return {
    ...{ step, from, to },
    minutes: from !== null && to !== null ? Math.max(0, to - from) : null,
    skippedWhy: skipped && !done ? (skipped.why ?? '') : null,
  };
}

function lineRecord(line: RunLine, events: readonly RunEvent[]): LineRecord {
  const isIts = (event: { readonly preparation: string; readonly line: number }) =>
    event.preparation === line.preparation && event.line === line.line;
  const weighedG = ofKind(events, 'weighed').filter(isIts).at(-1)?.massG ?? null;
  const changes = ofKind(events, 'amount-changed').filter(isIts);
  const changedG = changes.reduce((sum, { byG }) => sum + byG, 0);
  const before = weighedG ?? line.massG;
  return {
    ...line,
    ...{ weighedG, changedG },
    massInG: before === null ? null : Math.max(0, before + changedG),
    why: changes.at(-1)?.why ?? null,
  };
}

/** A reading that stands out by more than this is a jump of the probe and not of the pot, deg C. */
const JUMP_C = 4;

/** Whether a reading stands above both beside it, or, being the last, above where the ones before it were going. */
function isJump(readings: readonly (readonly [number, number])[], i: number): boolean {
  const [before, here, behind] = [readings[i - 1]?.[1], readings[i]![1], readings[i + 1]?.[1]];
  if (before === undefined) return behind !== undefined && here - behind > JUMP_C;
  if (behind !== undefined) return here - before > JUMP_C && here - behind > JUMP_C;
  const rose = Math.max(0, before - (readings[i - 2]?.[1] ?? before));
  return here - before > JUMP_C + 2 * rose;
}

function curveOf(boil: RunBoil, events: readonly RunEvent[]): Curve {
  const begun = ofKind(events, 'step-begun').find(({ step }) => step === boil.step);
  const noted = ofKind(events, 'temperature').filter(({ step }) => step === boil.step);
  const zero = Date.parse(begun?.at ?? noted[0]?.at ?? '');
  const readings = noted.map(({ at, celsius }) => [(Date.parse(at) - zero) / 1000, celsius] as const);
  const believed = readings.filter((_, i) => !isJump(readings, i));
  return { ...boil, readings, peakC: believed.reduce<number | null>((most, [, c]) => Math.max(most ?? c, c), null) };
}

function outcomeOf(plan: RunPlan, events: readonly RunEvent[]): Outcome {
  const weighed = ofKind(events, 'pieces');
  const pieces = weighed.reduce((sum, { count }) => sum + count, 0);
  const each = weighed.flatMap((event) => event.each ?? []);
  const inOne = weighed.filter(({ massG, count }) => massG !== undefined && count > 0);
  const together = inOne.reduce((sum, { massG }) => sum + massG!, 0) / inOne.reduce((sum, { count }) => sum + count, 0);
  const meanG = each.length > 0 ? mean(each) : null;
  const trims = ofKind(events, 'trim');
  return {
    pieces: weighed.length > 0 ? pieces : null,
    pieceG: inOne.length > 0 ? together : meanG,
    pieceVariation: meanG !== null && each.length > 1 ? sampleStandardDeviation(each) / meanG : null,
    rejects: ofKind(events, 'rejects').reduce((sum, { count }) => sum + count, 0),
    trimG: trims.length > 0 ? trims.reduce((sum, { massG }) => sum + massG, 0) : null,
    leftoverG: ofKind(events, 'leftover').reduce((sum, { massG }) => sum + massG, 0),
    yieldShare: weighed.length > 0 && plan.pieces > 0 ? pieces / plan.pieces : null,
  };
}

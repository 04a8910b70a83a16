import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { RunEvent, RunEventOf } from './events';
import { countedEvents } from './state';
import type { RunBoil, RunLine, RunPlan, RunStep } from './types';

/** A step as recorded. Minutes are `null` unless it was both started and ended. */
export interface StepRecord {
  readonly step: RunStep;
  /** Minutes since the start of the run. */
  readonly from: number | null;
  readonly to: number | null;
  readonly minutes: number | null;
  readonly skippedWhy: string | null;
}

/** A line as weighed. */
export interface LineRecord extends RunLine {
  /** Mass on the scale, g; `null` if not recorded. */
  readonly weighedG: number | null;
  /** Mass added later, g; negative if held back. */
  readonly changedG: number;
  /** Mass in the slab as far as known: weighed, otherwise planned, with changes. */
  readonly massInG: number | null;
  readonly why: string | null;
}

/** Temperatures noted during a boil, as read. */
export interface Curve extends RunBoil {
  /** Seconds since the start of the step, °C. */
  readonly readings: readonly (readonly [seconds: number, celsius: number])[];
  /** Maximum without jumps of the probe; `null` without readings. */
  readonly peakC: number | null;
}

/** Outcome of a run. Counts and masses are `null` if not recorded. */
export interface Outcome {
  readonly pieces: number | null;
  /** Mass of one piece, g. */
  readonly pieceG: number | null;
  /** Standard deviation of individually weighed pieces as a share of their mean. */
  readonly pieceVariation: number | null;
  readonly rejects: number;
  readonly trimG: number | null;
  readonly leftoverG: number | null;
  /** Good pieces divided by planned pieces. */
  readonly yieldShare: number | null;
}

/** Record of a run beside its plan. */
export interface RunRecord {
  readonly status: 'open' | 'finished' | 'stopped';
  /** Milliseconds since 1970. */
  readonly begunAt: number;
  readonly endedAt: number | null;
  /** Duration from the first to the last event. */
  readonly minutes: number;
  readonly steps: readonly StepRecord[];
  /** Minutes of hands-on work and of watching. */
  readonly hands: { readonly busy: number; readonly watch: number };
  readonly lines: readonly LineRecord[];
  readonly curves: readonly Curve[];
  readonly temperatures: readonly RunEventOf<'temperature'>[];
  readonly outcome: Outcome;
  /** Mass for this run in each weighed pot, g. */
  readonly cameOut: ReadonlyMap<string, number>;
  /** Measured layer thicknesses, mm. */
  readonly thickness: ReadonlyMap<string, number>;
  readonly tins: RunEventOf<'tin-changed'>['tins'] | null;
  readonly lots: readonly RunEventOf<'lot'>[];
  readonly setReadings: readonly RunEventOf<'set-reading'>[];
  readonly potSigns: readonly RunEventOf<'pot-sign'>[];
  /** Notes and photos in order. */
  readonly said: readonly RunEventOf<'note' | 'tasted' | 'photo' | 'rejects' | 'stopped' | 'pot-sign'>[];
  readonly nextTime: readonly RunEventOf<'next-time'>[];
}

const MINUTE_MS = 60_000;

const ofKind = <K extends RunEvent['kind']>(events: readonly RunEvent[], ...kinds: readonly K[]): RunEventOf<K>[] =>
  events.filter((event): event is RunEventOf<K> => (kinds as readonly string[]).includes(event.kind));

/**
 * Returns the record of a run: the plan beside what happened. Events count once, without cancelled ones. If a value was entered
 * twice the last one counts, but pieces, rejects, trims and leftovers add up.
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
    cameOut: new Map(
      ofKind(counted, 'came-out').map(({ preparation, massG }) => [
        preparation,
        massG * ownShare(plan.pots.find((pot) => pot.preparation === preparation)),
      ]),
    ),
    thickness: new Map(ofKind(counted, 'thickness').map(({ layer, mm }) => [layer, mm])),
    tins: ofKind(counted, 'tin-changed').at(-1)?.tins ?? null,
    lots: ofKind(counted, 'lot'),
    setReadings: ofKind(counted, 'set-reading'),
    potSigns: ofKind(counted, 'pot-sign'),
    said: ofKind(counted, 'note', 'tasted', 'photo', 'rejects', 'stopped', 'pot-sign'),
    nextTime: ofKind(counted, 'next-time'),
  };
}

/** Returns the share of a pot that is for this run: less than 1 where it is cooked for other batches too. */
function ownShare(pot: RunPlan['pots'][number] | undefined): number {
  return pot?.othersG && pot.massOutG > 0 ? pot.massOutG / (pot.massOutG + pot.othersG) : 1;
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

/** A reading that differs from its neighbours by more than this is a jump of the probe, °C. */
const JUMP_C = 4;

/** Tells whether a reading is above both neighbours or, as the last, above the trend of the previous ones. */
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

/** Returns the outcome of a run from its counted events. */
export function outcomeOf(plan: Pick<RunPlan, 'pieces'>, events: readonly RunEvent[]): Outcome {
  const weighed = ofKind(events, 'pieces');
  const pieces = weighed.reduce((sum, { count }) => sum + count, 0);
  const each = weighed.flatMap((event) => event.each ?? []);
  const inOne = weighed.filter(({ massG, count }) => massG !== undefined && count > 0);
  const together = inOne.reduce((sum, { massG }) => sum + massG!, 0) / inOne.reduce((sum, { count }) => sum + count, 0);
  const meanG = each.length > 0 ? mean(each) : null;
  const trims = ofKind(events, 'trim');
  const leftovers = ofKind(events, 'leftover');
  return {
    pieces: weighed.length > 0 ? pieces : null,
    pieceG: inOne.length > 0 ? together : meanG,
    pieceVariation: meanG !== null && each.length > 1 ? sampleStandardDeviation(each) / meanG : null,
    rejects: ofKind(events, 'rejects').reduce((sum, { count }) => sum + count, 0),
    trimG: trims.length > 0 ? trims.reduce((sum, { massG }) => sum + massG, 0) : null,
    leftoverG: leftovers.length > 0 ? leftovers.reduce((sum, { massG }) => sum + massG, 0) : null,
    yieldShare: weighed.length > 0 && plan.pieces > 0 ? pieces / plan.pieces : null,
  };
}

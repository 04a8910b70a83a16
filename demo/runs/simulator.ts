/**
 * Simulated runs of a slab: people slower than the plan, pots with a flame of their own, noisy readings, entries that are missing, and
 * sometimes a fault. The truth is defined here and not in the plan, so that readers of the events have something to find.
 */
import { potOf } from '../../devices/pot.mjs';
import { normalFrom } from '../../devices/random.mjs';
import { beginsWith, runState, type Happening, type RunEvent, type RunPlan, type RunStep } from '../../src/core/run';
import type { TinCount } from '../../src/core/tin';
import type { Fault } from './faults';

/** The truth about a workroom, which no plan contains. */
export interface Truth {
  /** Duration of a step, relative to the plan. */
  readonly timesAsLong: (step: RunStep) => number;
  /** Loss of a pot beyond the planned one, as a share of what comes out. */
  readonly loss: (preparation: string) => number;
  /** Thickness of a layer, relative to the plan. */
  readonly thickness: (layer: string) => number;
  /** Standard deviation between pieces, as a share. */
  readonly pieceSpread: number;
  /** Probability that something is noted. */
  readonly noted: number;
}

export const PLAIN: Truth = {
  timesAsLong: () => 1,
  loss: () => 0,
  thickness: () => 1,
  pieceSpread: 0.05,
  noted: 0.95,
};

/** What is noted and done besides the steps. */
export interface Beside {
  readonly lots?: ReadonlyMap<string, string> | undefined;
  readonly tins?: readonly TinCount[] | undefined;
  readonly notes?: readonly string[] | undefined;
  readonly nextTime?: readonly Pick<Extract<RunEvent, { kind: 'next-time' }>, 'change' | 'why'>[] | undefined;
  readonly rejects?: { readonly count: number; readonly why: string } | undefined;
}

const MINUTE_MS = 60_000;
const MAX_MOVES = 2000;
/** Day-to-day variation of the same work; an oven keeps to its timer. */
const DAILY = { hands: 0.1, oven: 0.03, alone: 0.06 } as const;
const SCALE_NOISE = 0.004;
const PROBE_NOISE_C = 0.25;
/** Spread of the temperature at which a pot is taken off, read by eye. */
const EYE_C = 0.4;
const READ_EVERY_SECONDS = 30;
const WEIGHED_ONE_BY_ONE = 10;
const WORK_C = 31.5;
const WATTS_A_GRAM = 1.2;
const MAX_BOIL_SECONDS = 8 * 3600;

const between = (random: () => number, [from, to]: readonly [number, number]) => from + (to - from) * random();

function uuidFrom(random: () => number): string {
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16));
  hex[12] = '4';
  hex[16] = 'a';
  const part = (from: number, to: number) => hex.slice(from, to).join('');
  return [part(0, 8), part(8, 12), part(12, 16), part(16, 20), part(20, 32)].join('-');
}

/**
 * Returns the events of one run.
 *
 * @param plan with the moment at which it begins
 * @param random from 0 to 1, always the same for the same seed
 */
export function simulateRun(
  plan: RunPlan,
  truth: Truth,
  fault: Fault | null,
  beside: Beside,
  random: () => number,
): RunEvent[] {
  const normal = () => normalFrom(random);
  const isNoted = () => random() < truth.noted;
  const events: RunEvent[] = [];
  let nowMs = Date.parse(plan.begin);
  const happens = (happening: Happening, atMs = nowMs) =>
    events.push({
      ...happening,
      id: uuidFrom(random),
      at: new Date(Math.round(atMs / 1000) * 1000).toISOString(),
    } as RunEvent);
  const ends = new Map<string, number>();
  const boils = new Map(plan.boils.map((boil) => [boil.step, boil]));
  const factorFor = new Map((fault?.amounts ?? []).map(({ isMeant, times }) => [isMeant, between(random, times)]));

  /** Duration of a step now, min. */
  function minutesOf(step: RunStep): number {
    const daily = step.ovenC !== null ? DAILY.oven : step.hands === 'free' ? DAILY.alone : DAILY.hands;
    const usual = step.minutes * truth.timesAsLong(step) * Math.exp(daily * normal());
    const times = fault?.minutes?.isMeant(step, plan) ? between(random, fault.minutes.times) : 1;
    return Math.max(0.2, usual * times);
  }

  /** A pot on its way to the end point, read now and then, and taken off at the temperature read by eye. */
  function boil(step: RunStep, minutes: number): void {
    const { showsC, preparation } = boils.get(step.id)!;
    const inPot = plan.lines.filter((line) => line.preparation === preparation);
    const massG = inPot.reduce((sum, line) => sum + (line.massG ?? 0), 0);
    const offC = showsC + EYE_C * normal() + (fault?.endPointC ? between(random, fault.endPointC) : 0);
    const pot = potOf({ sugarG: massG * 0.6, waterG: massG * 0.35, watts: massG * WATTS_A_GRAM, jumps: 0 }, random);
    const read: [number, number][] = [];
    while (pot.state().celsius < offC && pot.state().seconds < MAX_BOIL_SECONDS) {
      pot.run(5);
      read.push([pot.state().seconds, Math.min(offC, pot.state().celsius) + PROBE_NOISE_C * normal()]);
    }
    if (!isNoted()) return;
    // A shorter step has a stronger flame.
    const stretch = (minutes * 60) / pot.state().seconds;
    let next = 0;
    read.forEach(([seconds, celsius], i) => {
      if (seconds * stretch < next && i < read.length - 1) return;
      next = seconds * stretch + READ_EVERY_SECONDS;
      happens(
        { kind: 'temperature', step: step.id, celsius: Math.round(celsius * 10) / 10 },
        nowMs + Math.min(minutes * 60, seconds * stretch) * 1000,
      );
    });
  }

  function weigh(): void {
    for (const line of plan.lines) {
      if (line.massG === null || !isNoted()) continue;
      const fault = [...factorFor].find(([isMeant]) => isMeant(line));
      const massG = line.massG * (fault ? fault[1] : 1 + SCALE_NOISE * normal());
      happens({ kind: 'weighed', preparation: line.preparation, line: line.line, massG: Math.round(massG * 10) / 10 });
      const lot = beside.lots?.get(line.ingredient);
      if (lot) happens({ kind: 'lot', ingredient: line.ingredient, lot });
    }
  }

  function begin(step: RunStep): void {
    happens({ kind: 'step-begun', step: step.id });
    const minutes = minutesOf(step);
    ends.set(step.id, nowMs + minutes * MINUTE_MS);
    if (boils.has(step.id)) boil(step, minutes);
    if (step.of === 'all' && step.after.length === 0) {
      weigh();
      if (beside.tins) happens({ kind: 'tin-changed', tins: beside.tins });
    }
  }

  function end(step: RunStep): void {
    ends.delete(step.id);
    const chocolate = plan.lines.some(
      ({ preparation, ingredient }) => preparation === step.of && /chocolate/.test(ingredient),
    );
    if (chocolate && step.hands !== 'free' && !boils.has(step.id) && /melt/i.test(step.text) && isNoted()) {
      const celsius = fault?.chocolateC ? between(random, fault.chocolateC) : WORK_C + 0.5 * normal();
      happens({ kind: 'temperature', step: step.id, celsius: Math.round(celsius * 10) / 10 });
    }
    const layer = plan.layers.find(({ id }) => step.id === `set/${id}`);
    if (layer) {
      happens({ kind: 'set-reading', step: step.id, reading: 'firm' });
      if (layer.thicknessMm > 0 && isNoted())
        happens({
          kind: 'thickness',
          layer: layer.id,
          mm: Math.round(layer.thicknessMm * truth.thickness(layer.id) * (1 + 0.02 * normal()) * 10) / 10,
        });
    }
    happens({ kind: 'step-done', step: step.id });
    const isLastOfPot =
      plan.steps.filter(({ of, id }) => of === step.of && !/^(set|lay)\//.test(id)).at(-1)?.id === step.id;
    const pot = plan.pots.find(({ preparation }) => preparation === step.of);
    if (pot && isLastOfPot && isNoted()) {
      const massG = pot.massOutG * (1 - truth.loss(pot.preparation)) * (1 + 0.008 * normal());
      happens({ kind: 'came-out', preparation: pot.preparation, massG: Math.round(massG) });
    }
    for (const next of beginsWith(runState(plan, events, nowMs), step.id)) begin(next);
  }

  const stepOf = new Map(plan.steps.map((step) => [step.id, step]));
  /** Earliest start of a step that a fault delays. */
  const notBefore = new Map<string, number>();
  const earliest = (step: RunStep, fromMs: number) => {
    if (fault?.delay?.isMeant(step) && !notBefore.has(step.id)) {
      const most = step.after.reduce((least, link) => Math.min(least, link.most ?? Infinity), Infinity);
      const late = (Number.isFinite(most) ? most : 10) + between(random, fault.delay.minutes);
      notBefore.set(step.id, nowMs + late * MINUTE_MS);
    }
    return Math.max(fromMs, notBefore.get(step.id) ?? 0);
  };
  for (let move = 0; move < MAX_MOVES; move++) {
    const over = [...ends].filter(([, at]) => at <= nowMs).sort((a, b) => a[1] - b[1])[0];
    if (over) {
      end(stepOf.get(over[0])!);
      continue;
    }
    const state = runState(plan, events, nowMs);
    const hands = state.steps.filter(({ status, step }) => status === 'under way' && step.hands !== 'free');
    const isFree = ({ hands: needs }: RunStep) =>
      hands.length === 0 || (needs === 'watch' && hands.every(({ step }) => step.hands === 'watch'));
    const ready = state.steps
      .filter(({ status, step }) => status === 'ready' && isFree(step))
      .map(({ step, from }) => ({ step, from: earliest(step, from) }))
      .sort((a, b) => a.from - b.from);
    const next = ready[0];
    if (next && next.from <= nowMs) {
      begin(next.step);
      continue;
    }
    const waiting = state.steps.filter(({ status }) => status === 'waiting').map(({ from }) => from);
    const later = [...ends.values(), ...ready.map(({ from }) => from), ...waiting].filter((at) => at > nowMs);
    if (later.length === 0) break;
    nowMs = Math.min(...later);
  }

  nowMs += MINUTE_MS;
  const rejects = beside.rejects?.count ?? (random() < 0.3 ? 1 : 0);
  const each = Array.from({ length: WEIGHED_ONE_BY_ONE }, () =>
    Math.max(1, Math.round(plan.pieceG * (1 + truth.pieceSpread * normal()) * 10) / 10),
  );
  const count = Math.max(0, plan.pieces - rejects);
  const meanG = each.reduce((sum, g) => sum + g, 0) / each.length;
  happens({ kind: 'pieces', count, massG: Math.max(1, Math.round(count * meanG)), each });
  if (rejects > 0) happens({ kind: 'rejects', count: rejects, why: beside.rejects?.why ?? 'a corner broke' });
  if (plan.trimG > 0 && isNoted()) happens({ kind: 'trim', massG: Math.round(plan.trimG * (1 + 0.1 * normal())) });
  for (const text of beside.notes ?? []) happens({ kind: 'note', text });
  for (const { change, why } of beside.nextTime ?? []) happens({ kind: 'next-time', change, why });
  nowMs += MINUTE_MS;
  happens({ kind: 'finished' });
  return events;
}

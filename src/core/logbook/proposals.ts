import type { LineRecord, SlabChange } from '../run';
import type { Place, Slab } from '../slab';
import { stepsOf } from '../time';
import { robustOf, type Robust } from './robust';
import type { LoggedRun } from './trends';

/** What the runs of a slab say that its plan does not. */
export interface Proposal {
  readonly what: 'step minutes' | 'pot speed' | 'set minutes' | 'loss' | 'density';
  /** Minutes, percent, or g per mL: as it is planned now, and as the runs have it. */
  readonly planned: number;
  readonly found: Robust;
  /** The runs that it rests on. */
  readonly runs: readonly number[];
  /** What it would change in the slab. */
  readonly change: SlabChange;
}

/** Nothing is proposed from fewer runs than this. */
export const LEAST_RUNS = 3;
/** Nor what differs by less than this share, or by less than a minute. */
const LEAST_SHARE = 0.05;
const LEAST_MINUTES = 1;
/** Losses that are nearer than this are the same, percent; and a pot is weighed to a gram. */
const LEAST_PERCENT = 1;
const SCALE_G = 1;
/** A few runs that happen to be alike do not tell that all will be: what minutes, losses and densities scatter by at least. */
const LEAST_SPREAD = { minutes: 0.03, percent: 0.3, density: 0.01 } as const;

interface Found {
  readonly run: number;
  readonly value: number;
}

const middleOf = (found: readonly Found[], leastSpread: number) =>
  robustOf(
    found.map(({ value }) => value),
    leastSpread,
  );
const runsOf = (found: readonly Found[]) => found.map(({ run }) => run);

/** Whether what is planned lies outside of what the runs leave open. */
const isOutside = (planned: number, { low, high }: Robust) => planned < low || planned > high;

const scaled = ({ count, median, spread, low, high }: Robust, by: number): Robust => ({
  count,
  ...{ median: median * by, spread: spread * by, low: low * by, high: high * by },
});

/**
 * What the plan of a slab would say if it were told by its runs: usual minutes of steps, the speed of its boils, set times, losses and
 * densities. Each rests on at least three runs, on the middle of them and not their mean, and is proposed only where what is planned lies
 * outside of the range in which that middle can be. Nothing is applied by itself.
 *
 * Minutes of a run are held against what was planned for it, so that runs of another size speak too.
 *
 * @param slab as it is now
 * @param runs of this slab
 */
export function proposalsOf(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return [
    ...stepProposals(slab, runs),
    ...setProposals(slab, runs),
    ...potProposals(slab, runs),
    ...densityProposals(slab, runs),
  ];
}

/** Whether a step of a run is the one that is meant: of several tins each has its own, marked '#2'. */
const isStep = (id: string, step: string) => id === step || id.startsWith(`${step}#`);

/** How many times as long as planned a step took. */
function minutesBeside(runs: readonly LoggedRun[], step: string): Found[] {
  return runs.flatMap(({ id, record }) => {
    const own = record.steps.filter(({ step: its, minutes }) => isStep(its.id, step) && minutes !== null);
    const planned = own.reduce((sum, { step: its }) => sum + its.minutes, 0);
    return planned <= 0 ? [] : [{ run: id, value: own.reduce((sum, { minutes }) => sum + minutes!, 0) / planned }];
  });
}

function stepProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.preparations.flatMap((preparation) =>
    stepsOf(preparation).flatMap((step): Proposal[] => {
      // What cools by itself is reckoned from the pot, and has no minutes of its own.
      if (step.coolTo || step.minutes <= 0) return [];
      const found = minutesBeside(runs, `${preparation.id}/${step.id}`);
      if (found.length < LEAST_RUNS) return [];
      const times = middleOf(found, LEAST_SPREAD.minutes);
      const byMinutes = step.minutes * (times.median - 1);
      if (!isOutside(1, times) || Math.abs(times.median - 1) < LEAST_SHARE || Math.abs(byMinutes) < LEAST_MINUTES)
        return [];
      return [
        {
          what: step.cooks ? 'pot speed' : 'step minutes',
          planned: step.minutes,
          found: scaled(times, step.minutes),
          runs: runsOf(found),
          change: { what: 'minutes', preparation: preparation.id, step: step.id, byMinutes: Math.round(byMinutes) },
        },
      ];
    }),
  );
}

/** How long a layer took to set in a place, of those runs in which it was waited for. */
export interface SetMinutes {
  readonly layer: string;
  readonly place: Place;
  readonly times: Robust;
  readonly plannedMinutes: number;
  readonly runs: readonly number[];
}

/** How many times as long as planned each layer took to set. */
export function setMinutesOf(slab: Slab, runs: readonly LoggedRun[]): SetMinutes[] {
  return slab.layers.flatMap((layer): SetMinutes[] => {
    const found = minutesBeside(runs, `set/${layer.id}`);
    const last = runs.at(-1)?.plan.steps.find(({ id }) => isStep(id, `set/${layer.id}`));
    if (found.length < LEAST_RUNS || !last) return [];
    const times = middleOf(found, LEAST_SPREAD.minutes);
    if (!isOutside(1, times) || Math.abs(times.median - 1) < LEAST_SHARE) return [];
    const place = layer.set?.place ?? 'room';
    return [{ layer: layer.id, place, times, plannedMinutes: last.minutes, runs: runsOf(found) }];
  });
}

function setProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return setMinutesOf(slab, runs).flatMap(({ layer, times, plannedMinutes, runs: from }): Proposal[] => {
    const byMinutes = Math.round(plannedMinutes * (times.median - 1));
    // A wait can be made longer; a shorter one is for the place to tell.
    if (byMinutes < LEAST_MINUTES) return [];
    const found = scaled(times, plannedMinutes);
    const least = slab.layers.find(({ id }) => id === layer)?.set?.minMinutes ?? 0;
    const change = { what: 'set', layer, byMinutes: Math.max(0, Math.round(found.median - least)) } as const;
    return change.byMinutes < LEAST_MINUTES
      ? []
      : [{ what: 'set minutes', planned: plannedMinutes, found, runs: from, change }];
  });
}

/** What went into a pot, g; null where a line of it is not known. */
const wentIn = (lines: readonly LineRecord[]) =>
  lines.reduce<number | null>((sum, { massInG }) => (sum === null || massInG === null ? null : sum + massInG), 0);

function potProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.preparations.flatMap(({ id, cookTo }): Proposal[] => {
    const plannedLoss = new Map<number, number>();
    let lightestG = Infinity;
    const found = runs.flatMap(({ id: run, plan, record }): Found[] => {
      const pot = plan.pots.find(({ preparation }) => preparation === id);
      const lines = record.lines.filter(({ preparation }) => preparation === id);
      const inG = wentIn(lines);
      const plannedInG = lines.reduce((sum, { massG }) => sum + (massG ?? 0), 0);
      const outG = record.cameOut.get(id);
      if (!pot || inG === null || inG <= 0 || plannedInG <= 0 || outG === undefined) return [];
      // A boil loses its water by its end point, and besides what sticks to the pot; anything else only what it loses.
      const off = cookTo ? pot.evaporatedG / plannedInG : 0;
      const before = inG * (1 - off);
      lightestG = Math.min(lightestG, before);
      plannedLoss.set(run, 100 * (1 - pot.massOutG / (plannedInG * (1 - off))));
      return [{ run, value: 100 * (1 - outG / before) }];
    });
    if (found.length < LEAST_RUNS) return [];
    const loss = middleOf(found, Math.max(LEAST_SPREAD.percent, (100 * SCALE_G) / lightestG));
    const planned = plannedLoss.get(found.at(-1)!.run)!;
    if (!isOutside(planned, loss) || Math.abs(loss.median - planned) < LEAST_PERCENT) return [];
    const lossPercent = Math.min(90, Math.max(0, Math.round(loss.median * 10) / 10));
    return [
      {
        what: 'loss',
        planned,
        found: loss,
        runs: runsOf(found),
        change: { what: 'loss', preparation: id, lossPercent },
      },
    ];
  });
}

function densityProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.layers.flatMap((layer): Proposal[] => {
    // Of a layer that is laid from two pots nobody can tell which of them is the lighter.
    const [from, ...others] = layer.from;
    if (!from || others.length > 0) return [];
    let planned = 0;
    const found = runs.flatMap(({ id: run, plan, record }): Found[] => {
      const laid = plan.layers.find(({ id }) => id === layer.id);
      const mm = record.thickness.get(layer.id);
      const pot = plan.pots.find(({ preparation }) => preparation === from.preparation);
      if (!laid || mm === undefined || laid.thicknessMm <= 0 || laid.areaMm2 <= 0) return [];
      const outG = record.cameOut.get(from.preparation);
      const massG = laid.massG * (outG !== undefined && pot ? outG / pot.massOutG : 1);
      planned = (1000 * laid.massG) / (laid.areaMm2 * laid.thicknessMm);
      return [{ run, value: (1000 * massG) / (laid.areaMm2 * mm) }];
    });
    if (found.length < LEAST_RUNS) return [];
    const density = middleOf(found, LEAST_SPREAD.density);
    if (!isOutside(planned, density) || Math.abs(density.median / planned - 1) < LEAST_SHARE) return [];
    const change = {
      what: 'density',
      preparation: from.preparation,
      densityGPerMl: Math.round(density.median * 100) / 100,
    } as const;
    return [{ what: 'density', planned, found: density, runs: runsOf(found), change }];
  });
}

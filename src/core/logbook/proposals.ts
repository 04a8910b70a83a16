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
export const MIN_RUNS = 3;
/** Nor what differs by less than this share, or by less than a minute. */
const MIN_SHARE = 0.05;
const MIN_MINUTES = 1;
/** Losses that are nearer than this are the same, percent; and a pot is weighed to a gram. */
const MIN_PERCENT = 1;
const SCALE_G = 1;
/** A few runs that happen to be alike do not tell that all will be: what minutes, losses and densities scatter by at least. */
const MIN_SPREAD = { minutes: 0.03, percent: 0.3, density: 0.01 } as const;

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

/**
 * What the plan of a slab would say if it were told by its runs: usual minutes of steps, the speed of its boils, set times, losses and
 * densities. Each rests on at least three runs, on the middle of them and not their mean, and is proposed only where what is planned lies
 * outside of the range in which that middle can be. Nothing is applied by itself.
 *
 * Minutes of a run are told for the size that the slab is written for, so that runs of another size speak too; and what is found is held
 * against the slab as it is now, so that a proposal that was taken is not made again.
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

/** How long a step took in each run, and was planned to take there, min. */
function minutesBeside(runs: readonly LoggedRun[], step: string) {
  return runs.flatMap((run) => {
    const own = run.record.steps.filter(({ step: its, minutes }) => isStep(its.id, step) && minutes !== null);
    const planned = own.reduce((sum, { step: its }) => sum + its.minutes, 0);
    const took = own.reduce((sum, { minutes }) => sum + minutes!, 0);
    return planned <= 0 ? [] : [{ run, took, planned, count: own.length }];
  });
}

function stepProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.preparations.flatMap((preparation) =>
    stepsOf(preparation).flatMap((step): Proposal[] => {
      // What cools by itself is reckoned from the pot, and has no minutes of its own.
      if (step.coolTo || step.minutes <= 0) return [];
      const found = minutesBeside(runs, `${preparation.id}/${step.id}`).flatMap(({ run, took, planned }): Found[] => {
        const then = run.slab.preparations.find(({ id }) => id === preparation.id);
        const written = then && stepsOf(then).find(({ id }) => id === step.id)?.minutes;
        // A larger making takes longer by plan, too: what it took is told for what was written then.
        return written === undefined ? [] : [{ run: run.id, value: (took / planned) * written }];
      });
      if (found.length < MIN_RUNS) return [];
      const minutes = middleOf(found, MIN_SPREAD.minutes * step.minutes);
      const byMinutes = minutes.median - step.minutes;
      if (!isOutside(step.minutes, minutes) || Math.abs(byMinutes) < Math.max(MIN_MINUTES, MIN_SHARE * step.minutes))
        return [];
      return [
        {
          what: step.cooks ? 'pot speed' : 'step minutes',
          ...{ planned: step.minutes, found: minutes, runs: runsOf(found) },
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
  readonly found: Robust;
  /** As the last of the runs was planned. */
  readonly plannedMinutes: number;
  readonly runs: readonly number[];
}

/** Layers that took longer or shorter to set than planned, as thick as in the last run: minutes grow with the square of the thickness. */
export function setMinutesOf(slab: Slab, runs: readonly LoggedRun[]): SetMinutes[] {
  return slab.layers.flatMap((layer): SetMinutes[] => {
    const thickMm = ({ plan }: LoggedRun) => plan.layers.find(({ id }) => id === layer.id)?.thicknessMm ?? 0;
    const all = minutesBeside(runs, `set/${layer.id}`);
    const last = all.at(-1);
    if (all.length < MIN_RUNS || !last) return [];
    const found = all.map(({ run, took, count }): Found => {
      const [own, wanted] = [thickMm(run), thickMm(last.run)];
      return { run: run.id, value: (took / count) * (own > 0 && wanted > 0 ? (wanted / own) ** 2 : 1) };
    });
    const plannedMinutes = last.planned / last.count;
    const minutes = middleOf(found, MIN_SPREAD.minutes * plannedMinutes);
    if (!isOutside(plannedMinutes, minutes) || Math.abs(minutes.median / plannedMinutes - 1) < MIN_SHARE) return [];
    const place = layer.set?.place ?? 'room';
    return [{ layer: layer.id, place, found: minutes, plannedMinutes, runs: runsOf(found) }];
  });
}

function setProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return setMinutesOf(slab, runs).flatMap(({ layer, found, plannedMinutes, runs: from }): Proposal[] => {
    const least = slab.layers.find(({ id }) => id === layer)?.set?.minMinutes ?? 0;
    const byMinutes = Math.round(found.median - least);
    // A wait can be made longer; a shorter one is for the place to tell. One that is written already is not proposed again.
    if (found.median < plannedMinutes || least >= found.low || byMinutes < MIN_MINUTES) return [];
    const change = { what: 'set', layer, byMinutes } as const;
    return [{ what: 'set minutes', planned: plannedMinutes, found, runs: from, change }];
  });
}

/** What went into a pot, g; null where a line of it is not known. */
const wentIn = (lines: readonly LineRecord[]) =>
  lines.reduce<number | null>((sum, { massInG }) => (sum === null || massInG === null ? null : sum + massInG), 0);

function potProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.preparations.flatMap(({ id, cookTo, lossPercent }): Proposal[] => {
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
    if (found.length < MIN_RUNS) return [];
    const loss = middleOf(found, Math.max(MIN_SPREAD.percent, (100 * SCALE_G) / lightestG));
    const planned = lossPercent ?? plannedLoss.get(found.at(-1)!.run)!;
    if (!isOutside(planned, loss) || Math.abs(loss.median - planned) < MIN_PERCENT) return [];
    const toPercent = Math.min(90, Math.max(0, Math.round(loss.median * 10) / 10));
    return [
      {
        what: 'loss',
        planned,
        found: loss,
        runs: runsOf(found),
        change: { what: 'loss', preparation: id, lossPercent: toPercent },
      },
    ];
  });
}

function densityProposals(slab: Slab, runs: readonly LoggedRun[]): Proposal[] {
  return slab.layers.flatMap((layer): Proposal[] => {
    // Of a layer that is laid from two pots nobody can tell which of them is the lighter.
    const [from, ...others] = layer.from;
    if (!from || others.length > 0) return [];
    const written = slab.preparations.find(({ id }) => id === from.preparation)?.densityGPerMl;
    let reckoned = 0;
    const found = runs.flatMap(({ id: run, plan, record }): Found[] => {
      const laid = plan.layers.find(({ id }) => id === layer.id);
      const mm = record.thickness.get(layer.id);
      const pot = plan.pots.find(({ preparation }) => preparation === from.preparation);
      if (!laid || mm === undefined || laid.thicknessMm <= 0 || laid.areaMm2 <= 0) return [];
      const outG = record.cameOut.get(from.preparation);
      const massG = laid.massG * (outG !== undefined && pot ? outG / pot.massOutG : 1);
      reckoned = (1000 * laid.massG) / (laid.areaMm2 * laid.thicknessMm);
      return [{ run, value: (1000 * massG) / (laid.areaMm2 * mm) }];
    });
    if (found.length < MIN_RUNS) return [];
    const planned = written ?? reckoned;
    const density = middleOf(found, MIN_SPREAD.density);
    if (!isOutside(planned, density) || Math.abs(density.median / planned - 1) < MIN_SHARE) return [];
    const change = {
      what: 'density',
      preparation: from.preparation,
      densityGPerMl: Math.round(density.median * 100) / 100,
    } as const;
    return [{ what: 'density', planned, found: density, runs: runsOf(found), change }];
  });
}

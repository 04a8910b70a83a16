import type { LineRecord, SlabChange } from '../run';
import type { Place, Slab } from '../slab';
import { stepsOf } from '../time';
import { robustOf, type Robust } from './robust';
import type { LoggedRun } from './trends';

/** A difference between a slab's plan and its runs. */
export interface Proposal {
  readonly what: 'step minutes' | 'pot speed' | 'set minutes' | 'loss' | 'density';
  /** Planned and measured value: minutes, percent, or g per mL. */
  readonly planned: number;
  readonly found: Robust;
  /** The runs it is based on. */
  readonly runs: readonly number[];
  /** The change to the slab. */
  readonly change: SlabChange;
}

/** Minimum number of runs for a proposal. */
export const MIN_RUNS = 3;
/** Minimum difference for a proposal, as a share and in minutes. */
const MIN_SHARE = 0.05;
const MIN_MINUTES = 1;
/** Losses closer than this count as equal, %; a pot is weighed to a gram. */
const MIN_PERCENT = 1;
const SCALE_G = 1;
/** Minimum spread of minutes, losses and densities: a few similar runs do not prove a small spread. */
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

/** Tells whether the planned value lies outside the confidence range of the runs. */
const isOutside = (planned: number, { low, high }: Robust) => planned < low || planned > high;

/**
 * Returns what a slab's plan would be according to its runs: step times, boil speed, setting times, losses and densities. Each is
 * based on the median of at least three runs, and is proposed only if the planned value lies outside the confidence range of that
 * median. Nothing is applied automatically.
 *
 * Minutes of a run are converted to the size in the recipe, so that runs of any size count. Values are compared with the slab as it is now,
 * so that an applied proposal is not made again.
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

/** Tells whether a step of a run is the given one: steps of several tins are marked '#2' and so on. */
const isStep = (id: string, step: string) => id === step || id.startsWith(`${step}#`);

/** Returns the actual and planned minutes of a step in each run. */
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
      // Cooling steps are calculated from the pot and have no minutes of their own.
      if (step.coolTo || step.minutes <= 0) return [];
      const found = minutesBeside(runs, `${preparation.id}/${step.id}`).flatMap(({ run, took, planned }): Found[] => {
        const then = run.slab.preparations.find(({ id }) => id === preparation.id);
        const written = then && stepsOf(then).find(({ id }) => id === step.id)?.minutes;
        // Larger batches take longer by plan, so times are converted to the base recipe.
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

/** Returns the setting times of a layer in a place, from runs in which it was waited for. */
export interface SetMinutes {
  readonly layer: string;
  readonly place: Place;
  readonly found: Robust;
  /** As planned in the last run. */
  readonly plannedMinutes: number;
  readonly runs: readonly number[];
}

/**
 * Layers that took longer or shorter to set than planned, converted to the thickness of the last run: time grows with the square
 * of the thickness.
 */
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
    // A wait can be made longer; a shorter one comes from the place. A wait that is already written is not proposed again.
    if (found.median < plannedMinutes || least >= found.low || byMinutes < MIN_MINUTES) return [];
    const change = { what: 'set', layer, byMinutes } as const;
    return [{ what: 'set minutes', planned: plannedMinutes, found, runs: from, change }];
  });
}

/** Mass weighed into a pot, g; `null` if a line of it is unknown. */
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
      // A boil loses water by its end point, and what sticks to the pot; other mixtures only have their loss.
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
    // A layer made from two mixtures does not show which of them is lighter.
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

import { behaviourOf } from '../classify';
import {
  cuttingMinutes,
  cutSlab,
  finishMinutes,
  layOut,
  scoredLayer,
  scoreRangeOf,
  scoreWindow,
  type MinutesRange,
} from '../cut';
import type { Larder } from '../larder';
import { isFinish, layerParts, type LaidSlab } from '../scale';
import { coolingIn } from './cooling';
import type { PlanOptions } from './planned';
import { scaleSlab, type ScaledSlab } from './scaling';
import type { SetReason, Setting } from '../setting';
import { settingFor, USUAL_SUPPORT } from './setting';
import { USUAL_SHOP, type Hours, type Shop } from '../shop';
import { outsideMm2 } from '../tin';
import { expandDividedLines, type ExpandedSlab, type Slab, type StepTitle } from '../slab';
import {
  backwardFrom,
  chainOf,
  forwardFrom,
  growthOf,
  workingWindows,
  type Activity,
  type Blockable,
  type ChainOf,
  type Pace,
  type ScheduleReason,
  type SharedPot,
  type Timed,
} from '../time';

/** A resource that is not there for a time, all of it: an oven that is out of order, a maker who is away. */
export interface BlockedTime {
  readonly what: Blockable;
  readonly from: Date;
  readonly to: Date;
}

/** Input of a schedule. */
export interface DayOptions {
  /** As early as possible from a start, or as late as possible before a deadline. */
  readonly start?: Date | undefined;
  readonly deadline?: Date | undefined;
  readonly hands: number;
  readonly ovens: number;
  readonly rings: number;
  readonly fridgeMm2?: number | undefined;
  readonly freezerMm2?: number | undefined;
  /** Times at which a resource is not there. */
  readonly blocked?: readonly BlockedTime[] | undefined;
  readonly hours: readonly Hours[];
  readonly zone: string;
  /** Moments pinned by the maker, by step. */
  readonly pinned?: ReadonlyMap<string, Date> | undefined;
}

export interface DayStep extends Omit<Timed, 'start' | 'end'> {
  readonly start: Date;
  readonly end: Date;
}

/** What limits a schedule, or why there is none. */
export type DayReason =
  | ScheduleReason
  | { readonly code: 'longest-step'; readonly step: StepTitle }
  | { readonly code: 'waits-for-hours'; readonly minutes: number }
  /** A backward schedule would start in the past; `then` limits the earliest end from now. */
  | { readonly code: 'begins-in-past'; readonly minutes: number; readonly then: DayReason | null }
  | { readonly code: 'layer-never-sets'; readonly layer: SetReason };

export interface Day {
  readonly feasible: boolean;
  /** Earliest possible end, from the start or from now. */
  readonly earliestEnd: Date | null;
  /** `null` without steps. */
  readonly because: DayReason | null;
  /** The deadline is outside working hours, so everything ends with the hours before it. */
  readonly endsBeforeDeadline: boolean;
  readonly steps: readonly DayStep[];
  /** Whether a step's slack is towards later or earlier. */
  readonly slack: 'later' | 'sooner';
}

const DAYS = 21;
const MINUTE_MS = 60_000;

/** Steps of a schedule, and layers that never set in their place. */
export interface Work {
  readonly activities: readonly Activity[];
  readonly hindrance: SetReason | null;
  /** Shelves of each oven. */
  readonly ovenShelves: number;
}

/** What the steps of a slab depend on besides the slab: how it is made, and the pots that cook for several batches. */
export interface WorkOptions extends PlanOptions {
  readonly shared?: readonly SharedPot[] | undefined;
}

/** Returns all steps of a slab with the waits of its layers. With several kinds of tin each layer waits for the slowest. */
export function workOf(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  { shared = [], ...options }: WorkOptions = {},
  pace: Pace = 'usual',
): Work {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling, cutIn } = scaleSlab(laid, larder, shop, options);
  const inPots = {
    ...scaling,
    preparations: scaling.preparations.map((one) => ({
      ...one,
      scaleFactor: one.scaleFactor * growthOf(shared, one.id),
    })),
  };
  const settings = scaling.slabs.flatMap(
    (_, tin) => settingFor(slab, larder, shop, options, [], USUAL_SUPPORT, tin) ?? [],
  );
  const thicknessFactorOf = (preparation: string) => {
    const at = laid.layers.findIndex(({ from }) => from.some((part) => part.preparation === preparation));
    const [now, before] = [scaling.slabs[0]?.layers[at]?.filmMm ?? 0, scaling.written[at]?.filmMm ?? 0];
    return now > 0 && before > 0 ? now / before : 1;
  };
  const behaviours = new Map(laid.layers.map((layer) => [layer.id, behaviourOf(layerParts(layer, laid, mixtures))]));
  const { ovenShelves = USUAL_SHOP.ovenShelves } = shop;
  return {
    ovenShelves,
    activities: chainOf({
      slab: laid,
      ovenShelves,
      batchSizes: coolingIn(laid.preparations, { mixtures, scaling: inPots }, shop).map(({ minutes: cooling }, p) => ({
        scaleFactor: inPots.preparations[p]?.scaleFactor ?? 1,
        thicknessFactor: thicknessFactorOf(laid.preparations[p]!.id),
        cooling,
      })),
      behaviours,
      slabs: scaling.slabs.reduce((sum, { count }) => sum + count, 0),
      tinMm2: Math.max(0, ...scaling.slabs.map(({ tin }) => outsideMm2(tin))),
      ...slowest(settings),
      ...knifework(scaling.slabs, laid, cutIn),
      scoring: slab.cut?.tool === 'score and snap' ? scoringOf(settings[0], scaling.slabs[0], behaviours) : null,
      pace,
      shared,
    }),
    hindrance:
      settings.flatMap(({ layers }) => layers).find(({ nextFromMinutes }) => nextFromMinutes === null)?.reason ?? null,
  };
}

/** Returns the labour of cutting and finishing a slab: the mean over all slabs. */
function knifework(
  slabs: readonly LaidSlab[],
  { layers }: ExpandedSlab,
  cutIn: ScaledSlab['cutIn'],
): Pick<ChainOf, 'cutting' | 'finishing'> {
  const all = Math.max(
    1,
    slabs.reduce((sum, { count }) => sum + count, 0),
  );
  const mean = (of: readonly (MinutesRange | null)[]): MinutesRange =>
    ([0, 1, 2] as const).map((pace) =>
      of.reduce((sum, range, i) => sum + ((range?.[pace] ?? 0) * slabs[i]!.count) / all, 0),
    ) as [number, number, number];
  const each = slabs.map(({ tin, heightMm, layers: strata }) => {
    const cut = cutIn(tin, heightMm);
    const level = strata.filter((layer) => !isFinish(layer));
    const pieces = cutSlab(tin, heightMm, level, cut).pieces.reduce((sum, { count }) => sum + count, 0);
    return { pieces, minutes: cuttingMinutes(layOut(tin, heightMm, cut), cut, pieces) };
  });
  const isScored = each.some(({ minutes }) => minutes.scoring !== null);
  return {
    cutting: {
      cutting: mean(each.map(({ minutes }) => minutes.cutting)),
      scoring: isScored ? mean(each.map(({ minutes }) => minutes.scoring)) : null,
    },
    finishing: new Map(
      layers.filter(isFinish).map(({ id, spread }) => {
        const kind = spread === 'coat' ? 'coat' : 'per-piece';
        return [id, mean(each.map(({ pieces }) => finishMinutes(kind, pieces)))];
      }),
    ),
  };
}

/** Returns the scoring window of the layer that snaps; `null` without one. */
function scoringOf(
  setting: Setting | undefined,
  laid: LaidSlab | undefined,
  behaviours: ChainOf['behaviours'],
): ChainOf['scoring'] {
  const layers = (laid?.layers ?? []).map(({ id, thicknessMm }) => ({
    id,
    thicknessMm,
    behaviour: behaviours.get(id) ?? 'loose',
  }));
  const layer = scoredLayer(layers.filter(({ thicknessMm }) => thicknessMm > 0));
  const wait = setting?.layers.find(({ id }) => id === layer?.id);
  const window = layer && wait ? scoreWindow(wait.curve.meanC, scoreRangeOf(layer.behaviour)!) : null;
  if (!layer || !wait || !window) return null;
  return {
    layer: layer.id,
    fromMinutes: window.fromMinutes - wait.pouredAt,
    toMinutes: window.toMinutes - wait.pouredAt,
  };
}

/** Combines all kinds of tin: for each layer the longest wait, and the shortest cutting window. What has to warm up first has none. */
function slowest(settings: readonly Setting[]): Pick<ChainOf, 'waits' | 'cutWithin'> {
  const [first, ...others] = settings.map(({ layers }) => layers);
  const windows = settings.flatMap(({ cutWindow: { fromMinutes, toMinutes } }) =>
    fromMinutes !== null && toMinutes !== null && toMinutes > fromMinutes ? [toMinutes - fromMinutes] : [],
  );
  return {
    waits: (first ?? []).map((wait, at) =>
      others.reduce((longest, layers) => {
        const other = layers[at];
        return other && (other.nextFromMinutes ?? 0) > (longest.nextFromMinutes ?? 0) ? other : longest;
      }, wait),
    ),
    cutWithin: windows.length > 0 ? Math.min(...windows) : null,
  };
}

/**
 * Schedules steps forward from a start or backward from a deadline.
 *
 * A deadline that cannot be met comes back with the reason and the earliest possible end.
 *
 * @param now nothing can begin before it
 */
export function layOutDay({ activities, hindrance, ovenShelves }: Work, asked: DayOptions, now: Date): Day {
  const none = { feasible: false, earliestEnd: null, steps: [], slack: 'later', endsBeforeDeadline: false } as const;
  if (hindrance !== null) return { ...none, because: { code: 'layer-never-sets', layer: hindrance } };
  const origin = asked.start ?? asked.deadline ?? now;
  const windows = workingWindows(asked.hours, asked.zone, origin, DAYS, DAYS);
  const minuteOf = (moment: Date) => (moment.getTime() - origin.getTime()) / MINUTE_MS;
  const { hands, ovens, rings, fridgeMm2, freezerMm2 } = asked;
  const blocked = (asked.blocked ?? []).map(({ what, from, to }) => ({ what, from: minuteOf(from), to: minuteOf(to) }));
  const means = { hands, ovens, ovenShelves, rings, fridgeMm2, freezerMm2, blocked };
  const at = (minute: number) => new Date(Math.round(origin.getTime() / MINUTE_MS + minute) * MINUTE_MS);
  const pinned = new Map([...(asked.pinned ?? [])].map(([id, moment]) => [id, minuteOf(moment)]));
  const dated = (steps: readonly Timed[]) =>
    steps.map((step) => ({ ...step, start: at(step.start), end: at(step.end) }));
  const forward = (from: number) => forwardFrom(activities, means, windows, from, pinned);
  if (asked.deadline === undefined) {
    const line = forward(0);
    if (!line.ok) return { ...none, because: line.because };
    return {
      feasible: true,
      earliestEnd: at(line.end),
      because: whatDecides(line.steps),
      endsBeforeDeadline: false,
      steps: dated(line.steps),
      slack: 'later',
    };
  }
  const line = backwardFrom(activities, means, windows, 0);
  const isClosed = !windows.some(([from, to]) => from < 0 && to >= 0);
  if (line.ok && line.start >= minuteOf(now)) {
    return {
      feasible: true,
      earliestEnd: at(line.end),
      because: whatDecides(line.steps),
      endsBeforeDeadline: isClosed,
      steps: dated(line.steps),
      slack: 'sooner',
    };
  }
  // The earliest end counts from now, however far away the deadline was.
  const soonest = layOutDay({ activities, hindrance, ovenShelves }, { ...asked, deadline: undefined, start: now }, now);
  const because: DayReason = line.ok
    ? { code: 'begins-in-past', minutes: minuteOf(now) - line.start, then: soonest.because }
    : line.because;
  return { ...soonest, feasible: false, because };
}

/** Returns the longest step on the critical path, or the longest gap in it. */
function whatDecides(steps: readonly Timed[]): DayReason | null {
  const minutes = ({ start, end }: Timed) => end - start;
  const longest = steps.filter(({ deciding }) => deciding).sort((a, b) => minutes(b) - minutes(a))[0];
  let until = steps[0]?.start ?? 0;
  let rest = 0;
  for (const { start, end } of steps) {
    rest = Math.max(rest, start - until);
    until = Math.max(until, end);
  }
  if (rest > (longest ? minutes(longest) : 0)) return { code: 'waits-for-hours', minutes: rest };
  return longest ? { code: 'longest-step', step: longest.activity.title } : null;
}

import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import { oneTinFewer } from '../batches';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import type { RunState } from '../run';
import { tinsOf, type Scale, type Slab } from '../slab';
import { sameOnRack, type TinCount } from '../tin';
import type { Activity, SharedPot } from '../time';
import {
  membersOf,
  plannedTogether,
  stepsOfBatch,
  workroomOf,
  type BatchSteps,
  type Otherwise,
  type Placement,
  type WeekBatch,
  type WeekQuestion,
  type Workroom,
} from '../week';
import { settingProblems } from './setting';
import { linksOfPots, potGroups, potsForSeveral, sharedPotsOf, type PotForSeveral, type Take } from './sharedPots';
import { workOf } from './timeline';

/** A batch to plan: a slab in its tins, ready by a moment. */
export interface PlannedBatch {
  readonly id: string;
  readonly slab: Slab;
  /** Without them, the slab's own. */
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly notBefore?: Date | undefined;
  readonly due: Date;
  /** Mixtures that it takes from the pots of other batches. */
  readonly takes?: readonly Take[] | undefined;
}

/** A step at a moment. */
export interface FixedStep {
  readonly batch: string;
  readonly step: string;
  readonly start: Date;
}

/** A run in progress: the steps that are not done, from now on. */
export interface RunningBatch {
  readonly id: string;
  readonly steps: readonly (Pick<Activity, 'id' | 'of' | 'hands' | 'occupies' | 'ovenC'> & {
    /** As the run has it. */
    readonly text: string;
    readonly areaMm2?: number | undefined;
    readonly shelves?: number | undefined;
    readonly from: Date;
    readonly to: Date;
  })[];
}

export interface WeekAsk {
  readonly from: Date;
  readonly to: Date;
  readonly batches: readonly PlannedBatch[];
  /** Replaces the workroom of the shop in part. */
  readonly workroom?: Partial<Omit<Workroom, 'people' | 'blocked' | 'tins'>> | undefined;
  /** People with their hours, in place of the shop's. */
  readonly people?: readonly { readonly name: string; readonly hours: readonly DateSpan[] }[] | undefined;
  /** Hours besides those. */
  readonly extraHours?: readonly (DateSpan & { readonly person: string })[] | undefined;
  readonly blocked?: readonly (DateSpan & { readonly resource: string })[] | undefined;
  /** Steps that stay where they are. */
  readonly keep?: readonly FixedStep[] | undefined;
  /** Runs in progress, with the rest of their steps where they are expected. */
  readonly running?: readonly RunningBatch[] | undefined;
  /** The plan so far: as few of its steps as possible are moved. */
  readonly before?: readonly FixedStep[] | undefined;
}

export interface DateSpan {
  readonly from: Date;
  readonly to: Date;
}

/** Longest time that is planned at once, days. */
export const MAX_WEEK_DAYS = 31;

/** Tells whether a time ends after its beginning, and is not too long to plan. */
export const isPeriod = (from: string, to: string): boolean => {
  const days = (Date.parse(to) - Date.parse(from)) / 86_400_000;
  return days > 0 && days <= MAX_WEEK_DAYS;
};

const MINUTE_MS = 60_000;
/** Days after the end of the week in which late work may go on. */
const DAYS_LATE = 7;
const MAX_DAYS = 62;

/** A question with what is needed to write its answer. */
export interface PreparedWeek {
  readonly question: WeekQuestion;
  readonly origin: Date;
  readonly dayNames: readonly string[];
  /** Batches whose slab cannot be planned at all. */
  readonly unplanned: readonly string[];
  readonly otherwise: Otherwise;
}

/** Returns the name of each tin on the rack, one for each tin of a batch. */
export function tinNames(tins: readonly TinCount[], rack: Shop['rack'] = []): string[] {
  return tins.flatMap(({ tin, count }) =>
    new Array<string>(count).fill(rack.find((other) => sameOnRack(other.tin, tin))?.name ?? ''),
  );
}

/** Steps of slabs in their tins that were worked out before, with the same larder and shop. */
export type KnownWorks = Map<string, readonly Activity[] | null>;

/**
 * Returns the question of a week: the steps of all batches, the workroom in minutes from its beginning, and its days.
 *
 * @param known is filled with the steps of each slab, so that the next question about the same ones is there at once
 */
export function prepareWeek(asked: WeekAsk, larder: Larder, shop: Shop, known: KnownWorks = new Map()): PreparedWeek {
  const origin = new Date(Math.floor(asked.from.getTime() / MINUTE_MS) * MINUTE_MS);
  const minuteOf = (moment: Date) => Math.round((moment.getTime() - origin.getTime()) / MINUTE_MS);
  const zone = shop.zone ?? 'UTC';
  const midnights = daysFrom(origin, asked.to, zone);
  const days = midnights.map((day, d) => (d === 0 ? 0 : minuteOf(day)));
  const usual = workroomOf(shop, origin, midnights.length);
  const people = asked.people?.map(({ name, hours }) => ({
    name,
    hours: hours.map(({ from, to }) => ({ from: minuteOf(from), to: minuteOf(to) })),
  }));
  const blocked = (asked.blocked ?? []).map(({ resource, from, to }) => ({
    ...{ resource, from: minuteOf(from), to: minuteOf(to) },
  }));
  const extra = (asked.extraHours ?? []).map(({ person, from, to }) => ({
    person,
    from: minuteOf(from),
    to: minuteOf(to),
  }));
  const workroom: Workroom = {
    ...{ ...usual, ...asked.workroom, blocked },
    people: (people ?? usual.people).map(({ name, hours }) => ({
      name,
      hours: [...hours, ...extra.filter(({ person }) => person === name)],
    })),
  };
  const stepsFor = worksOf(larder, { ...shop, ovenShelves: workroom.ovens[0]?.shelves }, known);
  const pots = potsForSeveral(asked.batches, larder, shop);
  const batchIn = (batch: PlannedBatch, tins = batch.tins ?? tinsOf(batch.slab), alone = false): WeekBatch | null => {
    const { id, slab, scale, notBefore, due } = batch;
    const activities = stepsFor(slab, tins, scale, alone ? [] : sharedPotsOf(pots, id));
    if (!activities) return null;
    return {
      ...{ id, activities, tins: tinNames(tins, shop.rack) },
      ...{ notBefore: notBefore ? Math.max(0, minuteOf(notBefore)) : 0, due: minuteOf(due) },
    };
  };
  const single = asked.batches.flatMap((batch) => batchIn(batch) ?? []);
  const batches = inGroups(single, pots).flatMap((batch) => stepsOfBatch(batch) ?? []);
  const isPlanned = new Set(batches.flatMap(({ batch }) => membersOf(batch).map(({ id }) => id)));
  return {
    origin,
    unplanned: asked.batches.map(({ id }) => id).filter((id) => !isPlanned.has(id)),
    dayNames: midnights.map((day) => dayName(day, zone)),
    question: {
      ...{ workroom, batches, days, kept: keptIn(batches, asked.keep ?? [], minuteOf), minutes: days.at(-1)! },
      running: (asked.running ?? []).map((run) => runningIn(run, days.at(-1)!, minuteOf)),
      before: asked.before ? placementsOf(batches, workroom, asked.before, minuteOf) : null,
    },
    otherwise: {
      inFewerTins: (id) => {
        const batch = asked.batches.find((own) => own.id === id);
        const tins = batch && oneTinFewer(batch.tins ?? tinsOf(batch.slab));
        const fewer = batch && tins && tins.length > 0 ? batchIn(batch, tins) : null;
        return fewer && stepsOfBatch(fewer);
      },
      apart: (ids) =>
        asked.batches.flatMap((batch) => {
          const own = ids.includes(batch.id) ? batchIn(batch, undefined, true) : null;
          return (own && stepsOfBatch(own)) ?? [];
        }),
    },
  };
}

/** Returns batches with those that share a pot planned as one. */
function inGroups(batches: readonly WeekBatch[], pots: readonly PotForSeveral[]): WeekBatch[] {
  const groups = potGroups(pots)
    .map((ids) => batches.filter(({ id }) => ids.includes(id)))
    .filter((group) => group.length > 1);
  const links = linksOfPots(pots, (id) => batches.find((batch) => batch.id === id)?.activities);
  return [
    ...batches.filter((batch) => !groups.some((group) => group.includes(batch))),
    ...groups.map((group) => plannedTogether(group, links)),
  ];
}

/** Returns the starts that stay, by batch and step as they are planned. */
function keptIn(
  batches: readonly BatchSteps[],
  keep: readonly FixedStep[],
  minuteOf: (moment: Date) => number,
): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const starts = new Map(keep.map(({ batch, step, start }) => [`${batch} ${step}`, minuteOf(start)]));
  return new Map(
    batches.flatMap(({ batch: { id }, steps }) => {
      const own = steps.flatMap(({ batch, id: step, activity }) => {
        const start = starts.get(`${batch} ${step}`);
        return start === undefined ? [] : [[activity.id, start] as const];
      });
      return own.length > 0 ? [[id, new Map(own)] as const] : [];
    }),
  );
}

/** Returns the midnights from the day of a moment to some days after the end of a week, in the shop's zone. */
function daysFrom(from: Date, to: Date, zone: string): Date[] {
  const first = new TZDate(from.getTime(), zone);
  const midnight = new TZDate(first.getFullYear(), first.getMonth(), first.getDate(), 0, 0, zone);
  const days: Date[] = [];
  for (let d = 0; d <= MAX_DAYS; d++) {
    const day = new Date(addDays(midnight, d).getTime());
    days.push(day);
    if (day.getTime() > to.getTime() + DAYS_LATE * 1440 * MINUTE_MS) break;
  }
  return days;
}

const dayName = (day: Date, zone: string) => {
  const here = new TZDate(day.getTime(), zone);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${here.getFullYear()}-${two(here.getMonth() + 1)}-${two(here.getDate())}`;
};

/** Returns a function that gives the steps of a slab in tins, computed once for the same ones; `null` for a slab that cannot be planned. */
function worksOf(larder: Larder, shop: Shop, known: KnownWorks) {
  return (
    slab: Slab,
    tins: readonly TinCount[],
    scale: Scale | undefined,
    shared: readonly SharedPot[],
  ): readonly Activity[] | null => {
    const key = JSON.stringify([slab, tins, scale, shop.ovenShelves, shared]);
    const options = { tins, ...(scale ? { scale } : {}) };
    // One slab that cannot be planned does not hold up the others.
    if (!known.has(key))
      known.set(
        key,
        settingProblems(slab, larder, shop, options).length > 0
          ? null
          : workOf(slab, larder, shop, { ...options, shared }).activities,
      );
    return known.get(key)!;
  };
}

/** Returns what is left of a run: the steps that are not done, where they are expected. */
export const stateOfRunning = (id: string, { steps }: Pick<RunState, 'steps'>): RunningBatch => ({
  id,
  steps: steps
    .filter(({ status }) => status !== 'done' && status !== 'skipped')
    .map(({ step: { id, of, text, hands, occupies, ovenC, areaMm2, shelves }, from, to }) => ({
      ...{ id, of, text, hands, occupies, ovenC, areaMm2, shelves, from: new Date(from), to: new Date(to) },
    })),
});

/** Returns what is left of a run, as steps that wait for nothing. The first person is taken to do the work. */
function runningIn(
  { id, steps }: RunningBatch,
  minutes: number,
  minuteOf: (moment: Date) => number,
): WeekQuestion['running'][number] {
  const left = steps.flatMap(({ from, to, areaMm2, shelves, ...step }) => {
    const [start, end] = [Math.max(0, minuteOf(from)), Math.min(minutes, minuteOf(to))];
    if (end <= start) return [];
    const activity: Activity = {
      ...step,
      ...{ title: { code: 'written', text: '' }, minutes: end - start, after: [], caution: null },
      ...(areaMm2 === undefined ? {} : { areaMm2 }),
      ...(shelves === undefined ? {} : { shelves }),
    };
    return [{ activity, start }];
  });
  const of = stepsOfBatch({
    ...{ id, activities: left.map(({ activity }) => activity), tins: [], notBefore: 0, due: minutes },
  })!;
  const startOf = new Map(left.map(({ activity, start }) => [activity.id, start]));
  return {
    of,
    placement: {
      starts: of.steps.map(({ activity }) => startOf.get(activity.id)!),
      people: of.steps.map(({ halves }) => (halves > 0 ? 0 : -1)),
      ovens: of.steps.map(({ activity }) => (activity.ovenC === null ? -1 : 0)),
    },
  };
}

/** Returns where batches were planned; `null` for one that was not, or has other steps now. */
function placementsOf(
  batches: readonly BatchSteps[],
  workroom: Workroom,
  before: readonly FixedStep[],
  minuteOf: (moment: Date) => number,
): (Placement | null)[] {
  const starts = new Map(before.map(({ batch, step, start }) => [`${batch} ${step}`, minuteOf(start)]));
  return batches.map(({ steps }) => {
    const own = steps.map(({ batch, id }) => starts.get(`${batch} ${id}`));
    if (workroom.people.length === 0 || own.some((start) => start === undefined)) return null;
    return { starts: own as number[], people: steps.map(() => -1), ovens: steps.map(() => -1) };
  });
}

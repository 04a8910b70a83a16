import { batchesNeeded } from '../scale';
import type { CoolingMinutes } from '../setting';
import { isBoiled } from '../classify';
import { USUAL_MINUTES, type BakedTogether, type ExpandedSlab, type Preparation, type TitledStep } from '../slab';
import type { Activity, Link } from './activity';
import { sharedPotOf, takeStep, type SharedPot } from './sharedPot';
import { cautionFor, minutesAtPace, stepMinutes, stepsOf, type Pace } from './steps';

/** Scale factor of a preparation, and its relative layer thickness. */
export interface BatchSize {
  readonly scaleFactor: number;
  readonly thicknessFactor: number;
  /** Minutes of the steps that wait until the pot has cooled. */
  readonly cooling?: CoolingMinutes;
}

/** The work at pots and bowls, and the steps after which each preparation is ready. */
export interface Pots {
  readonly activities: readonly Activity[];
  readonly ready: ReadonlyMap<string, readonly string[]>;
  /** Steps of preparations that are boiled in several batches, each laid for itself. */
  readonly boils: ReadonlyMap<string, readonly Boil[]>;
}

/** One boil of several: the steps that begin it, and those after which it is ready. */
export interface Boil {
  readonly first: readonly string[];
  readonly last: readonly string[];
}

/** Weighing out comes first. */
export const GATHER = 'gather';
/** The joint bake of layers that bake together. */
export const BAKE = 'bake';

/** Default maximum waits, min: a boil is poured at once, before it stiffens or scorches; cooled mixtures and other work can wait. */
const WAIT = { boil: 2, cooled: 5, other: 30 } as const;

/** Returns the wait of a step for another: its own, or the default that keeps the mixture from spoiling. */
function waitOf({ wait = {} }: TitledStep, behind: TitledStep): Pick<Link, 'least' | 'most'> {
  const least = wait.minMinutes ?? 0;
  return {
    least,
    most: wait.maxMinutes ?? least + (behind.cooks ? WAIT.boil : behind.coolTo ? WAIT.cooled : WAIT.other),
  };
}

const links = (ids: readonly string[], least: number, most: number | null): Link[] =>
  ids.map((on) => ({ on, least, most }));

/**
 * Returns the steps of each preparation, with linked pots finishing at the same moment.
 *
 * @param batchSizes with everything that is in a pot, also for other batches
 */
export function potsOf(
  slab: ExpandedSlab,
  batchSizes: readonly BatchSize[],
  ovenfuls: number,
  together: BakedTogether | null,
  pace: Pace,
  tins = 1,
  shared: readonly SharedPot[] = [],
): Pots {
  const activities: Activity[] = [];
  const ready = new Map<string, readonly string[]>();
  const boils = new Map<string, Boil[]>();
  const met = new Set(slab.preparations.flatMap(({ id, meets }) => (meets ? [id, meets.preparation] : [])));
  slab.preparations.forEach((preparation, p) => {
    const pot = sharedPotOf(shared, preparation.id);
    if (pot?.role === 'takes') {
      activities.push({
        id: takeStep(preparation.id),
        of: preparation.id,
        title: { code: 'take', name: preparation.name, massG: pot.massG, from: pot.from },
        minutes: minutesAtPace(USUAL_MINUTES.take, pace),
        hands: 'busy',
        occupies: [],
        ovenC: null,
        waitsForPot: true,
        after: links([GATHER], 0, null),
        caution: isBoiled(preparation) ? 'burn' : null,
      });
      ready.set(preparation.id, [takeStep(preparation.id)]);
      return;
    }
    const { scaleFactor, thicknessFactor, cooling } = batchSizes[p] ?? { scaleFactor: 1, thicknessFactor: 1 };
    const batches = batchesNeeded(preparation, scaleFactor, tins);
    const steps = stepsOf(preparation);
    const baked = together?.steps.get(preparation.id)?.id;
    // Each boil is laid while it is hot, before the next one is begun.
    const isApart = batches > 1 && tins % batches === 0 && baked === undefined && !met.has(preparation.id);
    const followed = new Set(steps.flatMap(({ after = [] }) => after));
    const ends = steps.filter(({ id }) => !followed.has(id)).map(({ id }) => id);
    for (let boil = 1; boil <= (isApart ? batches : 1); boil++) {
      const mark = isApart ? `#${boil}` : '';
      const idOf = (step: string) => (step === baked ? BAKE : `${preparation.id}/${step}${mark}`);
      const size = isApart
        ? { scaleFactor: scaleFactor / batches, batches: 1, thicknessFactor, ovenfuls }
        : { scaleFactor, batches, thicknessFactor, ovenfuls };
      const first: string[] = [];
      for (const step of steps.filter(({ id }) => id !== baked)) {
        const before = (step.after ?? []).flatMap((stepId) => steps.find(({ id }) => id === stepId) ?? []);
        const inOven = step.ovenC !== undefined && !step.occupies?.includes('oven');
        if (before.length === 0) first.push(idOf(step.id));
        activities.push({
          id: idOf(step.id),
          of: preparation.id,
          title: {
            ...step.title,
            ...(isApart ? { boil: { at: boil, of: batches } } : step.cooks && batches > 1 ? { times: batches } : {}),
            ...(pot && first.at(-1) === idOf(step.id) ? { alsoFor: pot.alsoFor } : {}),
          },
          minutes: step.coolTo
            ? minutesAtPace(cooling?.get(step.id) ?? [step.minutes, step.minutes, step.minutes], pace)
            : stepMinutes(step, size, pace),
          hands: step.hands ?? (step.coolTo ? 'free' : 'busy'),
          ...(step.coolTo ? { isHot: true } : {}),
          ...(isApart ? { share: 1 / batches } : {}),
          occupies: [...(step.occupies ?? []), ...(inOven ? ['oven'] : [])],
          ovenC: step.ovenC ?? null,
          after:
            before.length > 0
              ? before.map((earlier) => ({ on: idOf(earlier.id), ...waitOf(step, earlier) }))
              : links([GATHER], 0, null),
          caution: cautionFor(step, preparation),
        });
      }
      const last = ends.map(idOf);
      if (isApart) boils.set(preparation.id, [...(boils.get(preparation.id) ?? []), { first, last }]);
      const beforeBake = (together?.steps.get(preparation.id)?.after ?? []).map(idOf);
      ready.set(preparation.id, baked === undefined ? last : beforeBake.length > 0 ? beforeBake : [GATHER]);
    }
  });
  for (const preparation of slab.preparations) holdTogether(preparation, activities, ready);
  return { activities, ready, boils };
}

/** Links a pot to the one it has to meet: everything before their meeting ends at one moment, or a given time ahead of it. */
function holdTogether({ id, meets }: Preparation, activities: Activity[], ready: Map<string, readonly string[]>): void {
  const other = meets && meets.preparation !== id ? ready.get(meets.preparation) : undefined;
  if (!meets || !other) return;
  const ahead = meets.aheadMinutes ?? 0;
  const at = activities.findIndex((activity) => activity.id === `${id}/${meets.atStep}`);
  if (at === -1) {
    activities.push({
      id: `meet/${id}`,
      of: id,
      title: { code: 'combine' },
      minutes: 1,
      hands: 'busy',
      occupies: [],
      ovenC: null,
      after: [...links(ready.get(id) ?? [], ahead, ahead), ...links(other, 0, 0)],
      caution: null,
    });
    ready.set(id, [`meet/${id}`]);
  } else {
    const step = activities[at]!;
    const before = step.after.filter(({ on }) => on !== GATHER).map(({ on }) => on);
    activities[at] = { ...step, after: [...links(before, ahead, ahead), ...links(other, 0, 0)] };
  }
  ready.set(meets.preparation, ready.get(id)!);
}

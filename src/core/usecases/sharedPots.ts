import type { Larder } from '../larder';
import { isFinish, SPREAD, usualMaxScaleFactor } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, type ExpandedSlab, type Scale, type Slab } from '../slab';
import type { TinCount, Vessel } from '../tin';
import { takeStep, type Activity, type SharedPot } from '../time';
import { GATHER } from '../time';
import type { CrossLink } from '../week';
import { mixtureKey } from '../weighOut';
import { scaleSlab, type ScaledSlab } from './scaling';

/** A mixture that a batch takes from the pot of another one. */
export interface Take {
  /** Its preparation here. */
  readonly preparation: string;
  /** The batch that cooks it. */
  readonly from: string;
}

/** A planned batch, as far as its pots go. */
export interface BatchWithPots {
  readonly id: string;
  readonly slab: Slab;
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly takes?: readonly Take[] | undefined;
}

/** One batch's part of what is in a pot. */
export interface PotPart {
  readonly batch: string;
  readonly slab: string;
  readonly preparation: string;
  /** Mass when done, g. */
  readonly massG: number;
}

/** A mixture that is cooked in one pot for several batches: the first part is that of the batch that cooks. */
export interface PotForSeveral {
  readonly name: string;
  readonly parts: readonly PotPart[];
  readonly massG: number;
  /** Pot or bowl needed, mL to the brim. */
  readonly volumeMl: number;
}

const EPS = 1e-9;

/** A batch with its preparations, scaled to its tins. */
interface Scaled {
  readonly batch: BatchWithPots;
  readonly slab: ExpandedSlab;
  readonly scaled: () => Pick<ScaledSlab, 'mixtures' | 'scaling'>;
}

/** Returns a batch whose slab is scaled to its tins once that is needed. */
function scaledOnDemand(batch: BatchWithPots, larder: Larder, shop: Shop): Scaled {
  const slab = expandDividedLines(batch.slab);
  const { tins, scale } = batch;
  let found: ScaledSlab | null = null;
  return {
    batch,
    slab,
    scaled: () => (found ??= scaleSlab(slab, larder, shop, { tins, ...(scale ? { scale } : {}) })),
  };
}

/**
 * Tells whether a preparation can be cooked for several batches: it goes into one layer and nowhere else, is not joined with another pot, and
 * is not baked or laid by its own steps.
 */
function isSharable({ preparations, layers }: ExpandedSlab, id: string): boolean {
  const preparation = preparations.find((one) => one.id === id);
  if (!preparation || preparation.lines.length === 0) return false;
  const into = layers.filter(({ from }) => from.some((part) => part.preparation === id));
  const [layer] = into;
  return (
    into.length === 1 &&
    !isFinish(layer!) &&
    !SPREAD[layer!.spread].strewn &&
    !preparations.some(({ id: other, meets }) => meets && (other === id || meets.preparation === id)) &&
    !(preparation.steps ?? []).some(({ ovenC, lays }) => ovenC !== undefined || lays)
  );
}

const keyIn = ({ slab }: Scaled, id: string) => mixtureKey(slab.preparations.find((one) => one.id === id)!);

function partOf({ batch, slab, scaled }: Scaled, preparation: string): PotPart {
  const p = slab.preparations.findIndex(({ id }) => id === preparation);
  const { mixtures, scaling } = scaled();
  const massG = mixtures[p]!.massOutG * scaling.preparations[p]!.scaleFactor;
  return { batch: batch.id, slab: batch.slab.name, preparation, massG };
}

/** Returns the pot in which the first of some batches cooks for all of them; `null` if one pot does not hold it. */
function potOf(first: Scaled, parts: readonly PotPart[], vessels: readonly Vessel[]): PotForSeveral | null {
  const p = first.slab.preparations.findIndex(({ id }) => id === parts[0]!.preparation);
  const preparation = first.slab.preparations[p]!;
  const { mixtures, scaling } = first.scaled();
  const massG = parts.reduce((sum, part) => sum + part.massG, 0);
  const ownG = parts[0]!.massG;
  if (!(ownG > 0)) return null;
  const scaleFactor = (scaling.preparations[p]!.scaleFactor * massG) / ownG;
  const { kind, volumeMl: writtenMl } = mixtures[p]!.vessel;
  const volumeMl = writtenMl * scaleFactor;
  const held = vessels.filter((vessel) => vessel.kind === kind).map((vessel) => vessel.volumeMl);
  const isHeld = held.length === 0 || volumeMl <= Math.max(...held) + EPS;
  const isOneBoil = scaleFactor <= (preparation.maxScaleFactor ?? usualMaxScaleFactor(preparation)) + EPS;
  return isHeld && isOneBoil ? { name: preparation.name, parts, massG, volumeMl } : null;
}

/**
 * Returns the pots in which a batch cooks for others. A batch cooks for itself again where the other one is gone or takes its own mixture from
 * somewhere, where the mixtures differ, or where one pot no longer holds all of it.
 *
 * Masses are conserved: what a pot holds is the sum of its parts.
 */
export const potsForSeveral = (batches: readonly BatchWithPots[], larder: Larder, shop: Shop): PotForSeveral[] =>
  potsIn(allScaled(batches, larder, shop), shop);

const allScaled = (batches: readonly BatchWithPots[], larder: Larder, shop: Shop): ReadonlyMap<string, Scaled> =>
  new Map(batches.map((batch) => [batch.id, scaledOnDemand(batch, larder, shop)]));

function potsIn(all: ReadonlyMap<string, Scaled>, shop: Shop): PotForSeveral[] {
  const takesAny = (batch: string, preparation: string) =>
    all.get(batch)?.batch.takes?.some((take) => take.preparation === preparation) === true;
  const pots = new Map<string, PotForSeveral>();
  for (const taker of all.values())
    for (const { preparation, from } of taker.batch.takes ?? []) {
      const first = all.get(from);
      if (!first || first === taker || !isSharable(taker.slab, preparation)) continue;
      const key = keyIn(taker, preparation);
      const own = first.slab.preparations.find((one) => mixtureKey(one) === key);
      if (!own || !isSharable(first.slab, own.id) || takesAny(from, own.id)) continue;
      const at = `${from} ${own.id}`;
      const parts = pots.get(at)?.parts ?? [partOf(first, own.id)];
      if (parts.some(({ batch }) => batch === taker.batch.id)) continue;
      const pot = potOf(first, [...parts, partOf(taker, preparation)], shop.vessels ?? []);
      if (pot) pots.set(at, pot);
    }
  return [...pots.values()];
}

/** Returns the pots of a batch, seen from it. */
export function sharedPotsOf(pots: readonly PotForSeveral[], batch: string): SharedPot[] {
  return pots.flatMap(({ parts, massG }): SharedPot[] => {
    const own = parts.find((part) => part.batch === batch);
    const [first] = parts;
    if (!own) return [];
    if (own !== first) return [{ role: 'takes', preparation: own.preparation, massG: own.massG, from: first!.slab }];
    return [
      {
        ...{ role: 'cooks', preparation: own.preparation, growth: massG / own.massG, othersG: massG - own.massG },
        alsoFor: parts.slice(1).map(({ slab }) => slab),
      },
    ];
  });
}

/** A mixture that a batch could take from the pot of another one. */
export interface PotChoice extends Take {
  readonly batch: string;
  readonly name: string;
  /** All that would then be in the pot, g. */
  readonly massG: number;
  readonly volumeMl: number;
}

/**
 * Returns the mixtures that a batch and others could cook in one pot, as what one of the two would take from the other. Batches of the same
 * slab are not proposed: they can be merged.
 */
export function potChoices(
  batch: BatchWithPots,
  batches: readonly BatchWithPots[],
  larder: Larder,
  shop: Shop,
): PotChoice[] {
  const pots = potsForSeveral(batches, larder, shop);
  const potFor = (id: string, preparation: string) =>
    pots.find(({ parts }) => parts.some((part) => part.batch === id && part.preparation === preparation));
  const own = scaledOnDemand(batch, larder, shop);
  const others = batches.filter(({ id, slab }) => id !== batch.id && slab.name !== batch.slab.name);
  return own.slab.preparations.flatMap(({ id: preparation }) => {
    if (!isSharable(own.slab, preparation)) return [];
    const key = keyIn(own, preparation);
    const mine = potFor(batch.id, preparation);
    if (mine && mine.parts[0]!.batch !== batch.id) return [];
    return others.flatMap((other): PotChoice[] => {
      const found = scaledOnDemand(other, larder, shop);
      const same = found.slab.preparations.find((one) => mixtureKey(one) === key && isSharable(found.slab, one.id));
      if (!same) return [];
      const theirs = potFor(other.id, same.id);
      // Whoever cooks already goes on; a batch that takes does not cook for others.
      if (theirs && (mine !== undefined || theirs.parts[0]!.batch !== other.id)) return [];
      const [first, taker] = mine ? [own, found] : [found, own];
      const [cooked, taken] = mine ? [preparation, same.id] : [same.id, preparation];
      const parts = [...((mine ?? theirs)?.parts ?? [partOf(first, cooked)]), partOf(taker, taken)];
      const pot = potOf(first, parts, shop.vessels ?? []);
      if (!pot) return [];
      const { name, massG, volumeMl } = pot;
      return [{ batch: taker.batch.id, preparation: taken, from: first.batch.id, name, massG, volumeMl }];
    });
  });
}

/**
 * Returns what batches should take from one another, so that each cooked mixture is cooked once where the pot holds it. What batches take
 * already stays.
 *
 * @param batches whoever cooks comes first
 * @param isWith tells whether two batches are made on the same day
 */
export function takesToPropose(
  batches: readonly BatchWithPots[],
  larder: Larder,
  shop: Shop,
  isWith: (a: string, b: string) => boolean,
): (Take & { readonly batch: string })[] {
  const all = allScaled(batches, larder, shop);
  const takes: (Take & { batch: string })[] = [];
  const cookOf = ([cook]: readonly PotPart[]) => all.get(cook!.batch)!;
  /** Parts of pots by what is in them: of one batch where it is not shared yet. */
  const pots = new Map<string, (readonly PotPart[])[]>();
  const add = (key: string, parts: readonly PotPart[]) => pots.set(key, [...(pots.get(key) ?? []), parts]);
  const there = potsIn(all, shop);
  for (const { parts } of there) add(keyIn(cookOf(parts), parts[0]!.preparation), parts);
  for (const of of all.values())
    for (const preparation of of.slab.preparations) {
      const { id: batch, slab } = of.batch;
      const isThere = there.some(({ parts }) =>
        parts.some((part) => part.batch === batch && part.preparation === preparation.id),
      );
      if (isThere || !isCooked(preparation) || !isSharable(of.slab, preparation.id)) continue;
      const key = mixtureKey(preparation);
      const own = partOf(of, preparation.id);
      const same = pots.get(key) ?? [];
      const at = same.findIndex((parts) => {
        const cook = cookOf(parts).batch;
        const isNear = isWith(batch, cook.id) && cook.slab.name !== slab.name;
        return isNear && potOf(cookOf(parts), [...parts, own], shop.vessels ?? []) !== null;
      });
      if (at === -1) add(key, [own]);
      else {
        takes.push({ batch, preparation: preparation.id, from: same[at]![0]!.batch });
        same[at] = [...same[at]!, own];
      }
    }
  return takes;
}

/** Tells whether a mixture is cooked, so that making it once saves a boil. */
const isCooked = ({ cookTo, steps = [] }: ExpandedSlab['preparations'][number]) =>
  cookTo !== undefined || steps.some(({ cooks }) => cooks);

/** Returns groups of batches that share pots, each with the order in which its pots fill their tins. */
export function potGroups(pots: readonly PotForSeveral[]): string[][] {
  const groups: Set<string>[] = [];
  for (const { parts } of pots) {
    const own = new Set(parts.map(({ batch }) => batch));
    for (const other of groups.filter((group) => [...group].some((batch) => own.has(batch)))) {
      for (const batch of other) own.add(batch);
      groups.splice(groups.indexOf(other), 1);
    }
    groups.push(own);
  }
  return groups.map((group) => [...group]);
}

/**
 * Returns the waits between batches that share pots: a pot is begun when everything for it is weighed, and batch after batch is laid from it,
 * within the time that the mixture allows between two tins.
 *
 * @param activitiesOf the steps of a batch; `undefined` if there are none
 */
export function linksOfPots(
  pots: readonly PotForSeveral[],
  activitiesOf: (batch: string) => readonly Activity[] | undefined,
): CrossLink[] {
  return pots.flatMap(({ parts }): CrossLink[] => {
    const [first, ...takers] = parts;
    const cooking = activitiesOf(first!.batch) ?? [];
    const own = cooking.filter(({ of }) => of === first!.preparation);
    const begins = own.filter(({ after }) => !after.some(({ on }) => own.some(({ id }) => id === on)));
    let last = lastLaid(cooking, first!.preparation);
    return takers.flatMap(({ batch, preparation }): CrossLink[] => {
      const step = { batch, step: takeStep(preparation) };
      const weighed = begins.map(({ id }): CrossLink => ({
        before: { batch, step: GATHER },
        after: { batch: first!.batch, step: id },
        ...{ least: 0, most: null },
      }));
      const before = last;
      const laid = lastLaid(activitiesOf(batch) ?? [], preparation);
      const from = before && { batch: before.batch ?? first!.batch, step: before.id };
      last = laid && { ...laid, batch, most: before?.most ?? laid.most };
      return [...weighed, ...(from ? [{ before: from, after: step, least: 0, most: before.most }] : [])];
    });
  });
}

/** The step that fills the last tin from a pot, and how long the next tin may wait, min. */
interface LastLaid {
  readonly batch?: string;
  readonly id: string;
  readonly most: number | null;
}

function lastLaid(activities: readonly Activity[], preparation: string): LastLaid | null {
  const own = activities.filter(({ of }) => of === preparation);
  const isOwn = (id: string) => own.some((activity) => activity.id === id);
  const filled = activities.find(({ of, after }) => of !== preparation && after.some(({ on }) => isOwn(on)));
  if (!filled) return null;
  const link = filled.after.find(({ on }) => isOwn(on));
  const same = activities.filter(({ of, id }) => of === filled.of && id.startsWith(`lay/${filled.of}`));
  return { id: same.at(-1)?.id ?? filled.id, most: link?.most ?? null };
}

import { cooksNeeded, isFinish } from '../scale';
import type { LayerWait } from '../setting';
import { endPointC, textureOf, type LaidOutSlab, type Preparation, type Step } from '../slab';
import type { Activity, Hands, Link } from './activity';

/** What a slab's work depends on besides its steps. */
export interface ChainOf {
  readonly slab: LaidOutSlab;
  /** Times as much as is written, in the order of the preparations. */
  readonly multiples: readonly number[];
  /** How many slabs are laid. */
  readonly slabs: number;
  readonly waits: readonly LayerWait[];
  /** How long after it is set the slab can be cut; null where it does not matter. */
  readonly cutWithin: number | null;
}

/** Minutes of the usual actions where nobody has written steps; each slab more takes its own time to lay and to cut. */
const USUAL = { gather: 12, mix: 8, boil: 20, melt: 9, lay: 4, cut: 12, finish: 15, pack: 10 } as const;
/** A boiled mixture stiffens, melted chocolate cools: they are laid within these, min. */
const LAY_WITHIN = { boiled: 6, chocolate: 15, other: 240 } as const;
/** A boil goes on at once, or it stiffens and scorches; other work in a bowl can wait a while, min. */
const waitBehind = ({ cooks }: Step) => (cooks ? 2 : 30);
/** Two pots that meet are ready within this of one another, min. */
const MEET_WITHIN = 3;

const BURN = 'Boiling sugar sticks and burns deep: gloves, a clear bench, cold water near';
const STEAM = 'Mind the steam';
const KNIFE = 'A hot blade burns too; cut away from the hand';

/** Steps that a preparation has by its kind, where none are written. */
function usualSteps(preparation: Preparation): readonly Step[] {
  const { lines, name, cookTo } = preparation;
  if (cookTo) {
    return [
      {
        id: 'boil',
        text: `Boil ${name} to ${endPointC(preparation)?.toFixed(0)} C`,
        minutes: USUAL.boil,
        hands: 'watch',
        occupies: ['ring'],
        cooks: true,
      },
    ];
  }
  if (lines.some(({ ingredient }) => /chocolate|couverture|gianduja/i.test(ingredient))) {
    return [{ id: 'melt', text: `Melt ${name} gently`, minutes: USUAL.melt, hands: 'watch', occupies: ['ring'] }];
  }
  return [{ id: 'mix', text: `Mix ${name}`, minutes: USUAL.mix, hands: 'busy' }];
}

const stepsOf = (preparation: Preparation) =>
  preparation.steps && preparation.steps.length > 0 ? preparation.steps : usualSteps(preparation);
const isBaked = (preparation: Preparation) => stepsOf(preparation).some(({ ovenC }) => ovenC !== undefined);

function cautionFor(step: Step, preparation: Preparation): string | null {
  if (step.cooks || (endPointC(preparation) ?? 0) > 100) return BURN;
  if (/steam|simmer/i.test(step.text)) return STEAM;
  return null;
}

/** A step grows with what is made: hands by the square root, as one stirs more at once; a boil by its cooks. */
function minutesOf(step: Step, hands: Hands, multiple: number, cooks: number): number {
  if (step.cooks) return step.minutes * cooks * Math.max(1, multiple / cooks) ** 0.8;
  return hands === 'busy' ? step.minutes * Math.max(1, multiple) ** 0.5 : step.minutes;
}

/**
 * All steps of a day at the bench for one slab: weighing out, each preparation's own steps (or the usual ones), laying each layer
 * when it may be laid, cutting inside the window, finishing and packing.
 *
 * A layer that is baked is pressed before it bakes, in its preparation's steps; it has no step of its own to be laid.
 */
export function chainOf({ slab, multiples, slabs, waits, cutWithin }: ChainOf): Activity[] {
  const activities: Activity[] = [];
  const add = (one: Omit<Activity, 'occupies' | 'ovenC' | 'caution'> & Partial<Activity>) =>
    activities.push({ occupies: [], ovenC: null, caution: null, ...one });
  const free = (on: string): Link => ({ on, least: 0, most: null });
  add({
    id: 'gather',
    of: 'all',
    text: 'Weigh everything, cut the paper',
    minutes: USUAL.gather,
    hands: 'busy',
    after: [],
  });

  const sinks = new Map<string, string[]>();
  slab.preparations.forEach((preparation, p) => {
    const multiple = multiples[p] ?? 1;
    const cooks = cooksNeeded(preparation, multiple);
    const steps = stepsOf(preparation);
    const known = new Set(steps.map(({ id }) => id));
    const idOf = (step: string) => `${preparation.id}/${step}`;
    for (const step of steps) {
      const hands = step.hands ?? 'busy';
      const before = (step.after ?? []).filter((one) => known.has(one));
      add({
        id: idOf(step.id),
        of: preparation.id,
        text: step.cooks && cooks > 1 ? `${step.text}, ${cooks} times` : step.text,
        minutes: minutesOf(step, hands, multiple, cooks),
        hands,
        occupies: [
          ...(step.occupies ?? []),
          ...(step.ovenC !== undefined && !step.occupies?.includes('oven') ? ['oven'] : []),
        ],
        ovenC: step.ovenC ?? null,
        after:
          before.length > 0
            ? before.map((one) => ({ on: idOf(one), least: 0, most: waitBehind(steps.find(({ id }) => id === one)!) }))
            : [free('gather')],
        caution: cautionFor(step, preparation),
      });
    }
    const followed = new Set(steps.flatMap(({ after = [] }) => after));
    sinks.set(
      preparation.id,
      steps.filter(({ id }) => !followed.has(id)).map(({ id }) => idOf(id)),
    );
  });

  for (const { id, meets } of slab.preparations) {
    const other = meets && sinks.get(meets.preparation);
    if (!other || meets.preparation === id) continue;
    const ahead = meets.aheadMinutes ?? 0;
    const ends = (ids: readonly string[], most: number): Link[] => ids.map((on) => ({ on, least: 0, most }));
    add({
      id: `meet/${id}`,
      of: id,
      text: 'Bring them together at once',
      minutes: 1,
      hands: 'busy',
      after: [...ends(sinks.get(id)!, ahead + MEET_WITHIN), ...ends(other, MEET_WITHIN)],
    });
    sinks.set(id, [`meet/${id}`]);
    sinks.set(meets.preparation, [`meet/${id}`]);
  }

  let below: { ids: readonly string[]; wait: LayerWait | null; most: number | null } | null = null;
  for (const layer of slab.layers.filter((one) => !isFinish(one))) {
    const from = layer.from
      .map(({ preparation }) => slab.preparations.find(({ id }) => id === preparation)!)
      .filter(Boolean);
    const within =
      textureOf(layer, slab.preparations) === 'chocolate'
        ? LAY_WITHIN.chocolate
        : from.some((one) => (endPointC(one) ?? 0) > 100)
          ? LAY_WITHIN.boiled
          : LAY_WITHIN.other;
    const ready = from.flatMap((one) => sinks.get(one.id) ?? []);
    const on: Link[] = below
      ? below.ids.map((id) => ({ on: id, least: below!.wait?.nextFromMinutes ?? 0, most: below!.most }))
      : [];
    const wait = waits.find(({ id }) => id === layer.id) ?? null;
    const mostWait = layer.set?.maxMinutes ?? null;
    if (below === null && from.length > 0 && from.every(isBaked)) {
      below = { ids: ready, wait, most: mostWait };
      continue;
    }
    const id = `lay/${layer.id}`;
    add({
      id,
      of: layer.id,
      text: `${layer.spread === 'scatter' ? 'Strew' : 'Lay'} ${layer.name}`,
      minutes: USUAL.lay * slabs,
      hands: 'busy',
      after: [...ready.map((one) => ({ on: one, least: 0, most: within })), ...on],
      caution: within === LAY_WITHIN.boiled ? BURN : null,
    });
    // What is strewn on a layer goes on while it is wet: the wait is that of the layer below it.
    below =
      layer.spread === 'scatter' && below ? { ids: [id], wait: null, most: null } : { ids: [id], wait, most: mostWait };
  }
  if (below) {
    const least = below.wait?.nextFromMinutes ?? 0;
    add({
      id: 'cut',
      of: 'all',
      text: 'Lift, trim and cut',
      minutes: USUAL.cut * slabs,
      hands: 'busy',
      after: below.ids.map((on) => ({ on, least, most: cutWithin === null ? below!.most : least + cutWithin })),
      caution: KNIFE,
    });
    let last = 'cut';
    for (const layer of slab.layers.filter(isFinish)) {
      const ready = layer.from.flatMap(({ preparation }) => sinks.get(preparation) ?? []);
      const id = `lay/${layer.id}`;
      add({
        id,
        of: layer.id,
        text: `${layer.name} on each piece`,
        minutes: USUAL.finish * slabs,
        hands: 'busy',
        after: [free(last), ...ready.map((one) => ({ on: one, least: 0, most: LAY_WITHIN.other }))],
      });
      last = id;
    }
    add({
      id: 'pack',
      of: 'all',
      text: 'Pack and label',
      minutes: USUAL.pack * slabs,
      hands: 'busy',
      after: [free(last)],
    });
  }
  return activities;
}

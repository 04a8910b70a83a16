import { isFinish, SPREAD } from '../scale';
import type { CuttingMinutes } from '../cut';
import { isCooledFirst, type LayerWait } from '../setting';
import { isBoiled, type Behaviour } from '../classify';
import {
  bakedTogether,
  PLACE_FACTS,
  USUAL_MINUTES,
  type DurationEstimate,
  type ExpandedSlab,
  type Layer,
  type Place,
} from '../slab';
import type { Activity, Link } from './activity';
import { OVEN_SHELVES } from './generate';
import { BAKE, GATHER, potsOf, type BatchSize } from './pots';
import type { SharedPot } from './sharedPot';
import { minutesAtPace, stepMinutes, type Pace } from './steps';
import { runsOf, type TinRun } from './tinRuns';

/** What a slab's activities depend on besides its steps. */
export interface ChainOf {
  readonly slab: ExpandedSlab;
  /** Same order as the preparations. */
  readonly batchSizes: readonly BatchSize[];
  /** Behaviour of each layer, by its id. */
  readonly behaviours: ReadonlyMap<string, Behaviour>;
  /** Number of slabs. */
  readonly slabs: number;
  /** Shelf area of one tin, the largest of several, mm2. */
  readonly tinMm2: number;
  readonly waits: readonly LayerWait[];
  /** Cutting window after the last layer is set; `null` without one. */
  readonly cutWithin: number | null;
  /** Labour of cutting each slab, and of its finishes by layer id. */
  readonly cutting: CuttingMinutes;
  readonly finishing: ReadonlyMap<string, DurationEstimate>;
  /** The layer that is scored, and its scoring window after pouring; `null` without one. */
  readonly scoring: { readonly layer: string; readonly fromMinutes: number; readonly toMinutes: number } | null;
  readonly pace: Pace;
  /** Mixtures that are cooked in one pot for several batches. */
  readonly shared?: readonly SharedPot[];
  /** Slabs that one oven bakes at once. */
  readonly ovenShelves?: number;
}

/** Maximum wait before pouring, min: a boiled mixture stiffens, melted chocolate cools. */
const LAY_WITHIN = { boiled: 6, chocolate: 15, other: 240 } as const;
/** Scattered layers go on while the layer below is wet, within this, min. */
const STREW_WITHIN = 5;
const NO_TIME: DurationEstimate = [0, 0, 0];

/** Equipment that a tin uses in each place. */
const OCCUPIED: Readonly<Record<Place, readonly string[]>> = {
  room: [],
  fridge: ['fridge'],
  freezer: ['freezer'],
  marble: ['marble'],
};

const statedMinutes = (layer: Layer | null | undefined) => layer?.set?.minMinutes ?? 0;

/**
 * Returns all steps of a batch at the bench for one slab in one or more tins: weighing out, each preparation's own or typical
 * steps, pouring each layer when it can go on, setting, cutting within its window, finishing and packing.
 *
 * A base that is baked alone is pressed before it bakes, in its preparation's steps; it has no step of its own to be laid. Layers
 * that bake together are laid raw, and bake once. What a preparation's own step lays has no other step to be laid either.
 */
export function chainOf({
  slab,
  batchSizes,
  behaviours,
  slabs,
  tinMm2,
  waits,
  cutWithin,
  cutting,
  finishing,
  scoring,
  pace,
  shared = [],
  ovenShelves = OVEN_SHELVES,
}: ChainOf): Activity[] {
  const together = bakedTogether(slab);
  const ovenfuls = Math.ceil(slabs / ovenShelves);
  const { activities: pots, ready, boils } = potsOf(slab, batchSizes, ovenfuls, together, pace, slabs, shared);
  const activities: Activity[] = [];
  const add = (activity: Pick<Activity, 'id' | 'of' | 'title' | 'minutes' | 'after'> & Partial<Activity>) => {
    activities.push({ hands: 'busy', occupies: [], ovenC: null, caution: null, ...activity });
    return activity.id;
  };
  add({
    id: GATHER,
    of: 'all',
    title: { code: 'weigh' },
    minutes: minutesAtPace(USUAL_MINUTES.gather, pace),
    after: [],
  });
  activities.push(...pots);

  const runs = runsOf(slabs);
  /** Lets the top layer set, and returns what the next step in this tin has to wait for. */
  const settled = (run: TinRun, window: number | null = null): Link[] => {
    if (!run.open) return [];
    const { layer, laid, strewn } = run.open;
    const wait = waits.find(({ id }) => id === layer?.id);
    // What is scattered has no height and no calculated wait, only a stated one.
    const own = wait ? (wait.nextFromMinutes ?? 0) : statedMinutes(layer);
    const minutes = Math.max(own, statedMinutes(strewn));
    const longest = layer?.set?.maxMinutes;
    const most = window ?? (longest === undefined ? null : Math.max(0, longest - minutes));
    if (!layer || minutes === 0) return laid.map((on) => ({ on, least: 0, most }));
    const place = (minutes > own ? strewn?.set?.place : undefined) ?? layer.set?.place ?? 'room';
    const id = add({
      id: `set/${layer.id}${run.mark}`,
      of: layer.id,
      title: { code: 'set', name: layer.name, place, ...run.group },
      inTins: run.range,
      minutes,
      hands: 'free',
      occupies: OCCUPIED[place],
      ...(OCCUPIED[place].length > 0 ? { areaMm2: tinMm2 * run.tins } : {}),
      after: laid.map((on, i) => ({ on, least: 0, most: i === laid.length - 1 ? 0 : null })),
    });
    return [{ on: id, least: 0, most }];
  };

  const level = slab.layers.filter((layer) => !isFinish(layer));
  for (const layer of level) {
    const from = layer.from.flatMap(({ preparation }) => slab.preparations.find(({ id }) => id === preparation) ?? []);
    const boiled = from.some(isBoiled);
    const chocolate = behaviours.get(layer.id) === 'chocolate';
    const within = LAY_WITHIN[boiled ? 'boiled' : chocolate ? 'chocolate' : 'other'];
    // Additions to a boil, such as toasted nuts, may be ready long before.
    const readyIn = (preparation: (typeof from)[number]) => ready.get(preparation.id) ?? [];
    const hurried = new Set(from.filter((preparation) => !boiled || isBoiled(preparation)).flatMap(readyIn));
    const pot = [...new Set(from.flatMap(readyIn))];
    /** Which of several boils fills the tins of a run, counted from 0; each fills as many. */
    const boilOf = (i: number, count: number) => Math.floor((i * count) / runs.length);
    const apart = from
      .flatMap(({ id }) => (boils.get(id) ?? []).length)
      .reduce((most, count) => Math.max(most, count), 0);
    const isApart = apart > 1 && runs.length % apart === 0;
    const potOf = (i: number) =>
      !isApart
        ? pot
        : [
            ...new Set(
              from.flatMap((preparation) => {
                const own = boils.get(preparation.id);
                return own ? own[boilOf(i, own.length)]!.last : readyIn(preparation);
              }),
            ),
          ];
    const raw = together?.layers.includes(layer) ?? false;
    if (layer === level[0] && !raw && from.length > 0 && from.every(({ steps }) => steps?.some(({ ovenC }) => ovenC))) {
      // The base is baked in its tins by its preparation's own steps.
      for (const { id } of from)
        activities.forEach((activity, at) => {
          if (activity.of !== id || activity.ovenC === null) return;
          activities[at] = { ...activity, inTins: { from: 1, to: slabs }, shelves: Math.min(slabs, ovenShelves) };
        });
      for (const run of runs) run.open = { layer, laid: pot, wet: null };
      continue;
    }
    const { strewn } = SPREAD[layer.spread];
    const laying = from.map(({ id, steps }) => {
      const step = steps?.find(({ lays }) => lays);
      return step ? activities.findIndex((activity) => activity.id === `${id}/${step.id}`) : -1;
    });
    if (laying.length > 0 && !laying.includes(-1)) {
      const below = runs.flatMap((run) => settled(run));
      for (const at of laying)
        activities[at] = {
          ...activities[at]!,
          inTins: { from: 1, to: slabs },
          after: [...activities[at]!.after, ...below],
        };
      for (const run of runs) run.open = { layer, laid: pot, wet: 'shared' };
      continue;
    }
    runs.forEach((run, i) => {
      const wet = strewn && run.open?.wet ? run.open : null;
      /** If one step has poured all tins, they are scattered one after the other. */
      const inTurn = wet?.wet === 'shared' && i > 0;
      const below: Link[] = wet
        ? wet.laid.map((on) => ({ on, least: 0, most: inTurn ? null : STREW_WITHIN }))
        : settled(run);
      const isFirst = i === 0 || (isApart && boilOf(i, apart) !== boilOf(i - 1, apart));
      const hot = isApart && isFirst ? potOf(i) : [];
      const withinOf = (on: string) => (i > 0 || hurried.has(on) || hot.includes(on) ? within : LAY_WITHIN.other);
      // Tins are filled one after the other from one pot.
      const out = isFirst ? potOf(i) : [`lay/${layer.id}${runs[i - 1]!.mark}`];
      const id = add({
        id: `lay/${layer.id}${run.mark}`,
        of: layer.id,
        title: { code: 'lay', name: layer.name, isScattered: strewn, ...run.group },
        inTins: run.range,
        minutes: minutesAtPace(USUAL_MINUTES.lay, pace) * run.tins,
        after: [
          ...out.map((on) => ({ on, least: 0, most: on === GATHER ? null : inTurn ? STREW_WITHIN : withinOf(on) })),
          ...below,
        ],
        caution: boiled && !from.every(isCooledFirst) ? 'burn' : null,
      });
      // The pot is free for the next boil once this one is laid.
      const next = isApart && i + 1 < runs.length && boilOf(i + 1, apart) !== boilOf(i, apart);
      if (next)
        for (const { id: preparation } of from)
          for (const begun of boils.get(preparation)?.[boilOf(i + 1, apart)]?.first ?? []) {
            const at = activities.findIndex((activity) => activity.id === begun);
            activities[at] = {
              ...activities[at]!,
              after: [...activities[at]!.after, { on: id, least: 0, most: null }],
            };
          }
      const isTop = !strewn && !raw;
      const waitsMost = statedMinutes(layer) > statedMinutes(wet?.strewn) ? layer : wet?.strewn;
      run.open = wet
        ? { ...wet, laid: [...wet.laid, id], strewn: waitsMost ?? null }
        : {
            layer: isTop || (strewn && statedMinutes(layer) > 0) ? layer : null,
            laid: [id],
            wet: isTop ? 'own' : null,
          };
    });
    if (together && layer === together.layers.at(-1)) {
      const bakes = [...together.steps].map(([id, step]) => {
        const of = batchSizes[slab.preparations.findIndex((preparation) => preparation.id === id)] ?? {
          scaleFactor: 1,
          thicknessFactor: 1,
        };
        return { step, minutes: stepMinutes(step, { ...of, batches: 1, ovenfuls }, pace) };
      });
      const [first] = bakes;
      add({
        id: BAKE,
        of: layer.id,
        title: { code: 'written', text: first!.step.text },
        inTins: { from: 1, to: slabs },
        shelves: Math.min(slabs, ovenShelves),
        minutes: Math.max(...bakes.map(({ minutes }) => minutes)),
        hands: first!.step.hands ?? 'free',
        occupies: ['oven'],
        ovenC: first!.step.ovenC ?? null,
        after: runs.flatMap(({ open }) => open!.laid.map((on) => ({ on, least: 0, most: null }))),
      });
      for (const run of runs) run.open = { layer, laid: [BAKE], wet: null };
    }
  }
  if (!runs[0]?.open) return activities;

  let last: string[] = runs.map((run) => {
    const lay = `lay/${scoring?.layer}${run.mark}`;
    const laid = activities.some(({ id }) => id === lay) ? lay : run.open!.laid.at(-1)!;
    const scored =
      scoring && cutting.scoring
        ? add({
            id: `score${run.mark}`,
            of: 'all',
            title: { code: 'score', ...run.group },
            inTins: run.range,
            minutes: minutesAtPace(cutting.scoring, pace) * run.tins,
            after: [{ on: laid, least: scoring.fromMinutes, most: scoring.toMinutes }],
            caution: 'blade',
          })
        : null;
    return add({
      id: `cut${run.mark}`,
      of: 'all',
      title: { code: 'cut', how: slab.cut?.way === 'break' ? 'break' : scored ? 'snap' : 'cut', ...run.group },
      lifts: run.range,
      minutes: minutesAtPace(cutting.cutting, pace) * run.tins,
      // Slabs that are broken or snapped may be as brittle as they get.
      after: [
        ...settled(run, scored || slab.cut?.way === 'break' ? null : cutWithin),
        ...(scored ? [{ on: scored, least: 0, most: null }] : []),
      ],
      caution: 'blade',
    });
  });
  for (const layer of slab.layers.filter(isFinish)) {
    const pot = layer.from.flatMap(({ preparation }) => ready.get(preparation) ?? []);
    last = [
      add({
        id: `lay/${layer.id}`,
        of: layer.id,
        title: { code: 'finish', name: layer.name },
        minutes: minutesAtPace(finishing.get(layer.id) ?? NO_TIME, pace) * slabs,
        after: [
          ...last.map((on) => ({ on, least: 0, most: null })),
          ...pot.map((on) => ({ on, least: 0, most: on === GATHER ? null : LAY_WITHIN.other })),
        ],
      }),
    ];
    if (statedMinutes(layer) === 0) continue;
    const place = layer.set?.place ?? 'room';
    last = [
      add({
        id: `set/${layer.id}`,
        of: layer.id,
        title: { code: 'set', name: layer.name, place },
        minutes: statedMinutes(layer),
        hands: 'free',
        occupies: OCCUPIED[place],
        ...(OCCUPIED[place].length > 0 ? { areaMm2: tinMm2 * slabs } : {}),
        after: last.map((on) => ({ on, least: 0, most: 0 })),
      }),
    ];
  }
  add({
    id: 'pack',
    of: 'all',
    title: { code: 'pack' },
    minutes: minutesAtPace(USUAL_MINUTES.pack, pace) * slabs,
    after: last.map((on) => ({ on, least: 0, most: null })),
    caution: slab.keep?.place && PLACE_FACTS[slab.keep.place].isCold ? 'label-and-cold' : 'label',
  });
  return activities;
}

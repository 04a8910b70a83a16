import { isKind, type IngredientKind, type Thing } from '../classify';
import { PLACE_FACTS, PLACES } from '../slab';
import {
  IS_SET,
  type PotSign,
  type LineRecord,
  type RunPlan,
  type RunRecord,
  type SetReading,
  type StepRecord,
} from '../run';
import { TEMPER_CURVES } from '../sugar';

/** A run and its conditions, as needed for a diagnosis. */
export interface Recorded {
  readonly plan: RunPlan;
  readonly record: RunRecord;
  /** Area of the tins used divided by the area of the planned tins. */
  readonly areaFactor: number;
  readonly thingNamed: (ingredient: string) => Thing;
  /** Relative humidity of the room, 0 to 100; `null` if unknown. */
  readonly humidityPercent: number | null;
  /** Days since the thermometer was checked in boiling water or ice; `null` if never. */
  readonly probeCheckedDaysAgo: number | null;
}

/** A chocolate layer in question, as known without a record. */
export interface ChocolateAsked {
  readonly thicknessMm: number;
  /** Share of its fat that is not the chocolate's own, 0 to 1. */
  readonly softFatShare: number;
  readonly isScored: boolean;
}

/** A finding about a run. Steps by their texts, temperatures in °C. */
export type Finding =
  | { readonly code: 'boil-ended'; readonly shownC: number; readonly wantedC: number }
  | { readonly code: 'step-took'; readonly step: string; readonly minutes: number; readonly plannedMinutes: number }
  /** Mass weighed in divided by the planned mass. */
  | { readonly code: 'amount'; readonly ingredients: readonly string[]; readonly times: number }
  | {
      readonly code: 'waited';
      readonly step: string;
      readonly minutes: number;
      readonly after: string;
      readonly maxMinutes: number;
    }
  | { readonly code: 'found-soft'; readonly step: string; readonly reading: SetReading }
  /** Area of the tins divided by the planned area. */
  | { readonly code: 'tins'; readonly areaFactor: number }
  | { readonly code: 'chocolate-at'; readonly celsius: number }
  /** The step in a cold place; `null` if nothing stood in one. */
  | { readonly code: 'cold-place'; readonly step: string | null }
  | { readonly code: 'pot-sign'; readonly sign: PotSign }
  | { readonly code: 'layer-thickness'; readonly mm: number }
  | { readonly code: 'soft-fat'; readonly share: number }
  | { readonly code: 'scored'; readonly isScored: boolean }
  | { readonly code: 'humidity'; readonly percent: number }
  /** `null` if it was never checked. */
  | { readonly code: 'thermometer-checked'; readonly daysAgo: number | null };

/** Whether a fact applies to a run, with its finding. */
export interface Told {
  readonly holds: boolean;
  readonly finding: Finding;
}

/** Tolerance of an end point, °C. */
const NEAR_C = 1.5;
/** Share of the planned minutes from which a step counts as slow, quick, long or short. */
const SLOW = 1.4;
const QUICK = 0.7;
const BAKED_LONG = 1.15;
const BAKED_SHORT = 0.87;
const WAITED_SHORT = 0.8;
/** Share of the planned mass from which an amount counts as changed. */
const MORE = 1.06;
const LESS = 0.94;
/** Share of the planned area from which the tins count as changed. */
const LARGER = 1.08;
const SMALLER = 0.93;
const DAMP_PERCENT = 60;
const OLD_CHECK_DAYS = 60;
/** A step is late if it exceeds its maximum wait by more than this, min, and by more than this share. */
const LATE_MINUTES = 1;
const LATE_SHARE = 0.25;

const isLate = (over: number, most: number) => over > Math.max(LATE_MINUTES, LATE_SHARE * most);

/** Returns the deviation of the boils from their end points: the largest one. */
function furthestOff({ record }: Recorded): { byC: number; shown: number; wanted: number } | null {
  const off = record.curves.flatMap(({ peakC, showsC }) =>
    peakC === null ? [] : [{ byC: peakC - showsC, shown: peakC, wanted: showsC }],
  );
  return off.sort((a, b) => Math.abs(b.byC) - Math.abs(a.byC))[0] ?? null;
}

function endPoint(of: Recorded, holds: (byC: number) => boolean): Told | null {
  const off = furthestOff(of);
  if (!off) return null;
  return { holds: holds(off.byC), finding: { code: 'boil-ended', shownC: off.shown, wantedC: off.wanted } };
}

/** Returns the matching step that deviates most from its planned minutes. */
function pace(
  { record }: Recorded,
  isMeant: (step: StepRecord['step']) => boolean,
  holds: (times: number) => boolean,
): Told | null {
  const all = record.steps.flatMap(({ step, minutes }) =>
    minutes !== null && step.minutes > 0 && isMeant(step) ? [{ step, minutes, times: minutes / step.minutes }] : [],
  );
  const worst = all.sort((a, b) => Math.abs(Math.log(b.times + 0.01)) - Math.abs(Math.log(a.times + 0.01)))[0];
  if (!worst) return null;
  const { step, minutes, times } = worst;
  const finding = { code: 'step-took', step: step.text, minutes, plannedMinutes: step.minutes } as const;
  return { holds: holds(times), finding };
}

const boilSteps = ({ plan }: Recorded) => new Set(plan.boils.map(({ step }) => step));

/** Returns the mass of a kind of ingredient relative to the plan, from lines that were weighed or changed. */
function amountOf(of: Recorded, kinds: readonly IngredientKind[], holds: (times: number) => boolean): Told | null {
  const lines = of.record.lines.filter(
    ({ ingredient, massG, weighedG, changedG }) =>
      massG !== null &&
      massG > 0 &&
      (weighedG !== null || changedG !== 0) &&
      kinds.some((kind) => isKind(kind, of.thingNamed(ingredient))),
  );
  const sum = (part: (line: LineRecord) => number) => lines.reduce((total, line) => total + part(line), 0);
  const planned = sum(({ massG }) => massG!);
  if (planned <= 0) return null;
  const times = sum(({ massInG }) => massInG!) / planned;
  const ingredients = [...new Set(lines.map(({ ingredient }) => ingredient))];
  return { holds: holds(times), finding: { code: 'amount', ingredients, times } };
}

/** Returns the longest wait of matching steps relative to its maximum. */
function waited(
  { record }: Recorded,
  isMeant: (step: StepRecord['step'], on: string) => boolean,
  holds: (over: number, most: number) => boolean,
): Told | null {
  const ended = new Map(record.steps.map((stepMade) => [stepMade.step.id, stepMade]));
  const all = record.steps.flatMap(({ step, from }) =>
    step.after.flatMap(({ on, most }) => {
      const before = ended.get(on);
      if (from === null || !before || before.to === null || most === null || !isMeant(step, on)) return [];
      return [{ minutes: from - before.to, over: from - before.to - most, most, step, before: before.step }];
    }),
  );
  const worst = all.sort((a, b) => b.over - a.over)[0];
  if (!worst) return null;
  const { step, before, most } = worst;
  const waits = { step: step.text, minutes: Math.max(0, worst.minutes), after: before.text, maxMinutes: most };
  return { holds: holds(worst.over, most), finding: { code: 'waited', ...waits } };
}

const isSet = ({ id }: StepRecord['step']) => id.startsWith('set/');
const isLay = ({ id }: StepRecord['step']) => id.startsWith('lay/');
/** Steps of several tins are marked '#2' and so on. */
const unmarked = (id: string | undefined) => id?.replace(/#\d+$/, '');
const isLastSet = ({ plan }: Recorded, id: string) => unmarked(id) === unmarked(plan.steps.filter(isSet).at(-1)?.id);

/** Returns how long layers were left to set, and whether they were found soft. */
function setShort(of: Recorded, isMeant: (id: string) => boolean): Told | null {
  const soft = of.record.setReadings.filter(({ step, reading }) => isMeant(step) && !IS_SET[reading]);
  const told = pace(
    of,
    (step) => isSet(step) && isMeant(step.id),
    (times) => times < WAITED_SHORT,
  );
  if (soft.length === 0 || told?.holds) return told;
  const last = soft.at(-1)!;
  const step = of.plan.steps.find(({ id }) => id === last.step)?.text ?? last.step;
  return { holds: true, finding: { code: 'found-soft', step, reading: last.reading } };
}

function tinBeside({ areaFactor }: Recorded, holds: boolean): Told {
  return { holds: holds && areaFactor !== 1, finding: { code: 'tins', areaFactor } };
}

/** Returns what was noted of a pot. Nobody notes what did not happen, so that without a note it counts neither way. */
const noted = ({ record }: Recorded, sign: PotSign): Told | null =>
  record.potSigns.some((event) => event.sign === sign) ? { holds: true, finding: { code: 'pot-sign', sign } } : null;

/** Returns the highest temperature noted while chocolate melted. */
function chocolateC({ plan, record, thingNamed }: Recorded): Told | null {
  const pots = new Set(
    plan.lines
      .filter(({ ingredient }) => isKind('chocolate', thingNamed(ingredient)))
      .map(({ preparation }) => preparation),
  );
  const own = record.temperatures.filter(
    ({ step }) =>
      plan.steps.some(({ id, of }) => id === step && pots.has(of)) && !plan.boils.some((boil) => boil.step === step),
  );
  if (own.length === 0) return null;
  const last = own.at(-1)!.celsius;
  const [, work] = TEMPER_CURVES.dark.work;
  return { holds: last > work + NEAR_C, finding: { code: 'chocolate-at', celsius: last } };
}

/** Facts of a run, each from what was recorded; `null` without a record. */
export const FACTS = {
  boilOver: (of) => endPoint(of, (byC) => byC > NEAR_C),
  boilUnder: (of) => endPoint(of, (byC) => byC < -NEAR_C),
  boilSlow: (of) =>
    pace(
      of,
      ({ id }) => boilSteps(of).has(id),
      (times) => times > SLOW,
    ),
  boilQuick: (of) =>
    pace(
      of,
      ({ id }) => boilSteps(of).has(id),
      (times) => times < QUICK,
    ),
  bakedLong: (of) =>
    pace(
      of,
      ({ ovenC }) => ovenC !== null,
      (times) => times > BAKED_LONG,
    ),
  bakedShort: (of) =>
    pace(
      of,
      ({ ovenC }) => ovenC !== null,
      (times) => times < BAKED_SHORT,
    ),
  /** Finds a pot that did not cool enough before it was beaten or poured. */
  cooledLittle: (of) =>
    pace(
      of,
      ({ isHot }) => isHot === true,
      (times) => times < WAITED_SHORT,
    ),
  softInColdWater: (of) => noted(of, 'soft-in-cold-water'),
  hardInColdWater: (of) => noted(of, 'hard-in-cold-water'),
  setInPot: (of) => noted(of, 'set-in-pot'),
  stirredLong: (of) => noted(of, 'stirred-long'),
  lessDoctor: (of) => amountOf(of, ['keeps from graining', 'acid'], (times) => times < LESS),
  lessFat: (of) => amountOf(of, ['fat', 'milk fat'], (times) => times < LESS),
  moreFat: (of) => amountOf(of, ['fat', 'milk fat'], (times) => times > MORE),
  moreLiquid: (of) => amountOf(of, ['milk', 'syrup'], (times) => times > MORE),
  lessGel: (of) => amountOf(of, ['gelling agent'], (times) => times < LESS),
  laidLate: (of) => waited(of, (step) => isLay(step), isLate),
  belowSoft: (of) => setShort(of, (id) => !isLastSet(of, id)),
  cutSoon: (of) => setShort(of, (id) => isLastSet(of, id)),
  cutLate: (of) => waited(of, ({ id }) => id.startsWith('cut') || id.startsWith('score'), isLate),
  tinSmaller: (of) => tinBeside(of, of.areaFactor < SMALLER),
  tinLarger: (of) => tinBeside(of, of.areaFactor > LARGER),
  chocolateHot: (of) => chocolateC(of),
  coldPlace: ({ plan }) => {
    const cold = plan.steps.find(
      (step) =>
        isSet(step) &&
        step.occupies.some((what) => PLACES.some((place) => place === what && PLACE_FACTS[place].isCold)),
    );
    return { holds: cold !== undefined, finding: { code: 'cold-place', step: cold?.text ?? null } };
  },
  damp: ({ humidityPercent }) =>
    humidityPercent === null
      ? null
      : { holds: humidityPercent >= DAMP_PERCENT, finding: { code: 'humidity', percent: humidityPercent } },
  probeUnchecked: ({ plan, probeCheckedDaysAgo: days }) =>
    plan.boils.length === 0
      ? null
      : {
          holds: days === null || days > OLD_CHECK_DAYS,
          finding: { code: 'thermometer-checked', daysAgo: days },
        },
} as const satisfies Readonly<Record<string, (of: Recorded) => Told | null>>;
export type FactId = keyof typeof FACTS | keyof typeof CHOCOLATE_FACTS;

/** From this thickness a set chocolate layer is more likely to crack than to cut, mm. */
const THICK_MM = 3.5;
/** Share of soft fats below which a chocolate layer snaps. */
const LITTLE_SOFT_FAT = 0.08;

/** Facts of a chocolate layer. */
const CHOCOLATE_FACTS = {
  thickChocolate: ({ thicknessMm }) => ({
    holds: thicknessMm >= THICK_MM,
    finding: { code: 'layer-thickness', mm: thicknessMm },
  }),
  littleSoftFat: ({ softFatShare }) => ({
    holds: softFatShare < LITTLE_SOFT_FAT,
    finding: { code: 'soft-fat', share: softFatShare },
  }),
  notScored: ({ isScored }) => ({ holds: !isScored, finding: { code: 'scored', isScored } }),
} as const satisfies Readonly<Record<string, (of: ChocolateAsked) => Told>>;

/** All facts that can speak for or against a cause. */
export const FACT_IDS = [...Object.keys(FACTS), ...Object.keys(CHOCOLATE_FACTS)] as readonly FactId[];

/** Returns the facts of a chocolate layer. */
export const chocolateFactsOf = (asked: ChocolateAsked): ReadonlyMap<FactId, Told> =>
  new Map(
    (Object.keys(CHOCOLATE_FACTS) as (keyof typeof CHOCOLATE_FACTS)[]).map((id) => [id, CHOCOLATE_FACTS[id](asked)]),
  );

/** Returns all facts of a run. */
export function factsOf(recorded: Recorded): ReadonlyMap<FactId, Told> {
  return new Map(
    (Object.keys(FACTS) as (keyof typeof FACTS)[]).flatMap((id) => {
      const told = FACTS[id](recorded);
      return told ? [[id, told] as const] : [];
    }),
  );
}

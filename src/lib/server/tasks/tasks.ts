import { dayText } from '$wording/schedule';
import { stepTexts } from '$wording/steps';
/** Heavy work done in threads (`pool.ts`): plain data in and out, each calling one function of the core. */
import { larderOf, type Ingredient } from '$core/larder';
import { heatRun } from '$core/heat';
import type { PlaceStay } from '$core/setting';
import { USUAL_LABELS, USUAL_SHOP, type Shop } from '$core/shop';
import { forecastBoil, forecastCool, type Forecast } from '$core/sugar';
import type { Slab } from '$core/slab';
import type { Means, Pace, SharedPot } from '$core/time';
import type { RunPlan } from '$core/run';
import { figuresIn, type Measures } from '$core/measure';
import { readMethod, slabFromMethod } from '$core/method';
import type { LineRead } from '$core/recipe';
import {
  cutAnswers,
  cutInOrder,
  evenSlab,
  kindsOf,
  mixedSlab,
  labelFor,
  labelProblems,
  layOutDay,
  loggedRun,
  plan as planOf,
  priceSlab,
  proposedCuts,
  proposedKeeping,
  rangedSettingFor,
  runCostOf,
  runOutcomeOf,
  runMinutesOf,
  runPlanOf,
  settingProblems,
  slabLog as slabLogOf,
  withoutAllergen,
  withTinsForOrder,
  workOf,
  type CutAnswer,
  type CutAsk,
  type PlanOptions,
  type RunCost,
  type RunOutcome,
  type RunToLog,
  type SlabLog,
  type Day,
  type DayOptions,
  type LabelDraft,
  type LabelOptions,
  type Plan,
  type SlabPrice,
  type WithoutAllergen,
} from '$core/usecases';
import { problem, type Read } from '$core/validation';
import type { EvenWays, Reading, SurfaceTerms } from '$core/cut';
import { bagged, mixedCut, type Bagged, type MixedAnswer } from '$core/fit';
import { linearSolver, programSolver as solve } from './solvers';
import { listPrice, type Listed, type PricedSlab } from '../priceList';
import type { BagsRequest, MixedRequest } from '../requests/cutting';
import type { ForecastRequest, RawSetting } from '../requests/services';
import { labelPdf } from '../labelPdf';
import { templateDxf } from '../template/dxf';
import { templatePdf, type Paper } from '../template/pdf';
import { templateSvg } from '../template/svg';
import type { TemplateFormat } from '../template/formats';

/** A slab with its larder entries and the shop. */
export interface SlabTask {
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly asked: PlanOptions;
}

/** Computes a plan, with tins chosen for an order. */
export async function plan({ slab, ingredients, shop, asked }: SlabTask): Promise<Plan> {
  const larder = larderOf(ingredients);
  return planOf(slab, larder, shop, await withTinsForOrder(slab, larder, shop, asked, solve));
}

/** Plans a saved slab in its own tins. */
export const planInItsTins = ({ slab, ingredients, shop }: Omit<SlabTask, 'asked'>): Plan =>
  planOf(slab, larderOf(ingredients), shop);

/** Returns ways to cut a slab. */
export function cuts({ slab, ingredients, shop, asked, ask }: SlabTask & { ask: CutAsk }): CutAnswer[] {
  return cutAnswers(slab, larderOf(ingredients), shop, asked, ask);
}

/** Cuts an uneven slab into equal weights. */
export function even({
  slab,
  ingredients,
  shop,
  asked,
  readings,
}: SlabTask & { readings: readonly Reading[] }): Read<
  Omit<EvenWays, 'surface'> & { surface: { terms: SurfaceTerms; errorMm: number | null } }
> {
  const found = evenSlab(slab, larderOf(ingredients), shop, asked, readings);
  if (!found.ok) return found;
  const { terms, errorMm } = found.value.surface;
  return { ok: true, value: { ...found.value, surface: { terms, errorMm } } };
}

const USUAL_SECONDS = 8;

/** Cuts several piece types from a slab, or from a sheet of some size. */
export async function mixed({
  question,
  of,
}: {
  question: MixedRequest;
  of: SlabTask | undefined;
}): Promise<MixedAnswer> {
  const { lengthMm = 0, widthMm = 0, kerfMm = 0, seconds = USUAL_SECONDS } = question;
  const kinds = kindsOf(question);
  const solve = await linearSolver();
  return of
    ? mixedSlab(of.slab, larderOf(of.ingredients), of.shop, of.asked, kinds, solve, seconds)
    : mixedCut({ lengthMm, widthMm, kerfMm, kinds }, solve, seconds);
}

/** Returns cost and earnings of a run, with labour and energy from its schedule. */
export async function price({ slab, ingredients, shop, asked }: SlabTask): Promise<Read<SlabPrice>> {
  const larder = larderOf(ingredients);
  const made = await withTinsForOrder(slab, larder, shop, asked, solve);
  const problems = settingProblems(slab, larder, shop, made);
  if (problems.length > 0) return { ok: false, problems };
  const { activities } = workOf(slab, larder, shop, made);
  return { ok: true, value: priceSlab(slab, shop, planOf(slab, larder, shop, made), runMinutesOf(activities)) };
}

/** Returns the history of a slab. */
export function slabLog({
  slab,
  ingredients,
  shop,
  runs,
}: Pick<SlabTask, 'slab' | 'ingredients' | 'shop'> & { runs: readonly RunToLog[] }): SlabLog {
  return slabLogOf(slab, larderOf(ingredients), shop, runs.map(loggedRun));
}

/** Returns cost and result of a run beside its plan. */
export const runOutcome = (run: RunToLog): RunOutcome => runOutcomeOf(run);

/** Returns what runs cost, in their order; `null` for one that cannot be calculated. */
export function runCosts({ runs }: { readonly runs: readonly RunToLog[] }): (RunCost | null)[] {
  return runs.map((run) => {
    try {
      return runCostOf(run);
    } catch {
      return null;
    }
  });
}

/** Drafts a label. */
export async function label({
  slab,
  ingredients,
  shop,
  asked,
  label: options,
}: SlabTask & { label: Omit<LabelOptions, keyof PlanOptions> }): Promise<Read<LabelDraft>> {
  const larder = larderOf(ingredients);
  const problems = labelProblems(slab, larder);
  if (problems.length > 0) return { ok: false, problems };
  const made = await withTinsForOrder(slab, larder, shop, asked, solve);
  return { ok: true, value: labelFor(slab, larder, shop, planOf(slab, larder, shop, made), { ...made, ...options }) };
}

/** Returns sheets of a slab's label as a PDF. */
export async function labelsPdf({
  print: { count, from },
  ...task
}: Parameters<typeof label>[0] & { print: { count?: number | undefined; from?: number | undefined } }): Promise<
  Read<Uint8Array>
> {
  const drafted = await label(task);
  if (!drafted.ok) return drafted;
  const { shop } = task;
  const sheet = { ...USUAL_LABELS, ...shop.labels };
  return labelPdf(drafted.value, sheet, {
    count: count ?? sheet.columns * sheet.rows,
    from: from ?? 1,
  });
}

/** Returns a cutting template. */
export async function template({
  slab,
  ingredients,
  shop,
  format,
  paper,
}: Omit<SlabTask, 'asked'> & { format: TemplateFormat; paper: Paper }): Promise<Read<Uint8Array | string>> {
  const order = cutInOrder(slab, larderOf(ingredients), shop);
  if (!order) {
    return { ok: false, problems: [problem('/cut', 'not-cut-along-lines')] };
  }
  if (format === 'pdf') return templatePdf(order, slab.name, paper);
  return { ok: true, value: format === 'svg' ? templateSvg(order, slab.name) : templateDxf(order) };
}

/** Reads the method of a recipe, from its lines as read, and makes its slab. */
export function method({ lines, measures }: { lines: readonly LineRead[]; measures: Measures }) {
  const read = readMethod(lines, '', measures);
  return { method: read.method, slab: slabFromMethod(read) };
}

/** Proposes what a recipe leaves open: cuts, and how long the slab keeps. A slab that cannot be planned has no proposals. */
export function proposals({ slab, ingredients, shop }: { slab: Slab; ingredients: readonly Ingredient[]; shop: Shop }) {
  const larder = larderOf(ingredients);
  try {
    return {
      cuts: slab.cut ? [] : proposedCuts(slab, larder, shop),
      keeping: slab.keep ? null : proposedKeeping(slab, larder, shop),
    };
  } catch {
    return { cuts: [], keeping: null };
  }
}

/** Returns a slab without an allergen. */
export function freeFrom({
  slab,
  ingredients,
  shop,
  allergen,
  answers,
}: SlabTask & {
  allergen: Parameters<typeof withoutAllergen>[3];
  answers: Readonly<Record<string, string>> | undefined;
}): Read<WithoutAllergen> {
  const larder = larderOf(ingredients);
  const problems = settingProblems(slab, larder, shop);
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, value: withoutAllergen(slab, larder, shop, allergen, answers) };
}

/** Returns a slab's entry in the price list. */
export const listed = ({
  slab,
  ingredients,
  shop,
}: {
  slab: Listed;
  ingredients: readonly Ingredient[];
  shop: Shop;
}): PricedSlab => listPrice(slab, ingredients, shop);

/** Fills bags with shards. */
export const bags = ({ shardsG, bagG, bags: most = null }: BagsRequest): Bagged => bagged(shardsG, bagG, most);

/** Returns how the layers of a slab set. */
export function setting({ slab, ingredients, shop, asked, stays }: SlabTask & { stays: readonly PlaceStay[] }) {
  const larder = larderOf(ingredients);
  const problems = settingProblems(slab, larder, shop, asked);
  if (problems.length > 0) return { ok: false, problems } as const;
  const found = rangedSettingFor(slab, larder, shop, asked, stays);
  if (!found) {
    return { ok: false, problems: [problem('/slab/layers', 'no-layer-with-height')] } as const;
  }
  const layers = found.layers.map(({ curve: _curve, states: _states, ...wait }) => wait);
  return { ok: true, value: { layers, cutWindow: found.cutWindow, cutLimit: found.cutLimit } } as const;
}

/** Simulates heat through given layers. */
export function heat({ layers, minutes, everyMinutes, top, bottom }: RawSetting) {
  const stack = layers.map(({ latent, ...layer }) => ({ ...layer, latents: latent ? [latent] : [] }));
  const run = heatRun(stack, [{ minutes, top, bottom }], everyMinutes);
  return { minutes: run.minutes, layers: run.layers };
}

/** Returns the schedule of a slab. */
export function timeline(task: SlabTask & { pace: Pace | undefined; day: DayOptions; now: Date }): Read<Day> {
  const { slab, ingredients, shop, asked, pace, day, now } = task;
  const larder = larderOf(ingredients);
  const problems = settingProblems(slab, larder, shop, asked);
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, value: layOutDay(workOf(slab, larder, shop, asked, pace), day, now) };
}

/**
 * Returns the schedule of a run that starts at a moment, round the clock; `because` says why there is none.
 *
 * @param means of the shop, with blocked times in minutes from the start
 * @param starts where steps are planned, in minutes from the start; where they do not fit, the run is scheduled without them
 */
export function runPlan({
  slab,
  ingredients,
  shop,
  version,
  begin,
  means,
  starts = [],
  shared = [],
}: Omit<SlabTask, 'asked'> & {
  version: number;
  begin: string;
  means: Means;
  starts?: readonly (readonly [step: string, minutes: number])[] | undefined;
  shared?: readonly SharedPot[] | undefined;
}): Read<RunPlan> {
  const larder = larderOf(ingredients);
  const problems = settingProblems(slab, larder, shop);
  if (problems.length > 0) return { ok: false, problems };
  const start = new Date(begin);
  const after = (minutes: number) => new Date(start.getTime() + minutes * 60_000);
  const blocked = (means.blocked ?? []).map(({ what, from, to }) => ({ what, from: after(from), to: after(to) }));
  const asked = { start, deadline: undefined, ...means, blocked, hours: [], zone: 'UTC' };
  const work = workOf(slab, larder, shop, { shared });
  const pinned = new Map(starts.map(([step, minutes]) => [step, after(minutes)]));
  const asPlanned = pinned.size > 0 ? layOutDay(work, { ...asked, pinned }, start) : null;
  const day = asPlanned?.feasible ? asPlanned : layOutDay(work, asked, start);
  const say = figuresIn(shop.shownIn, slab.measures ?? shop.measures);
  if (!day.feasible) return { ok: false, problems: [problem('/slab', 'no-schedule', { because: dayText(day, say) })] };
  return {
    ok: true,
    value: runPlanOf(
      slab,
      shop,
      planOf(slab, larder, shop),
      day,
      { version, lot: '', begin, means },
      stepTexts(say),
      shared,
    ),
  };
}

export { batches, pots, week } from './week';
export { buying, uses } from './stock';

/** Forecasts when a boil or a cooling reaches its target. */
export function forecast({ kind, roomC = USUAL_SHOP.roomC, ...asked }: ForecastRequest): Forecast {
  return kind === 'boil' ? forecastBoil(asked) : forecastCool({ ...asked, roomC });
}

export { table, unzip, zip } from './files';

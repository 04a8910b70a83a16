import type { RunBoil, RunPlan, RunStep } from '../run';
import { USUAL_SHOP, type Shop } from '../shop';
import { endPointC, type Slab } from '../slab';
import { targetHere } from '../sugar';
import { GATHER, sharedPotOf, stepsOf, type Activity, type SharedPot } from '../time';
import type { Plan } from './planned';
import { soldKinds } from './price';
import type { Day } from './timeline';

const MINUTE_MS = 60_000;

/** Returns the text of a step and its caution. */
export type StepTextOf = (step: Pick<Activity, 'title' | 'caution'>) => Pick<RunStep, 'text' | 'caution'>;

/**
 * Returns the snapshot that a run starts from: the steps of a schedule relative to its start, the lines to weigh, and the
 * expected result.
 *
 * @param shop that it is made in
 * @param planned of the slab as it is made
 * @param day that begins when the run does
 * @param textOf the text of a step and of its caution, kept as the run was begun with it
 * @param shared mixtures that are cooked in one pot with those of other batches
 */
export function runPlanOf(
  slab: Slab,
  shop: Shop,
  planned: Plan,
  day: Day,
  { version, lot, begin, means }: Pick<RunPlan, 'version' | 'lot' | 'begin' | 'means'>,
  textOf: StepTextOf,
  shared: readonly SharedPot[] = [],
): RunPlan {
  const beginMs = Date.parse(begin);
  const minutesOf = (moment: Date) => (moment.getTime() - beginMs) / MINUTE_MS;
  const pieces = planned.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const piecesG = planned.cut.pieces.reduce((sum, { count, massG }) => sum + count * massG, 0);
  /** A line is added at its own step, otherwise at the first step of its preparation; into another batch's pot once it is weighed. */
  const goesIn = (preparation: string, addedAt: string | undefined) => {
    if (sharedPotOf(shared, preparation)?.role === 'takes') return GATHER;
    const own = day.steps.filter(({ activity }) => activity.of === preparation).map(({ activity }) => activity.id);
    const isAt = (id: string) => id === `${preparation}/${addedAt}` || id.startsWith(`${preparation}/${addedAt}#`);
    return own.find(isAt) ?? own[0] ?? '';
  };
  return {
    name: slab.name,
    ...{ version, lot, begin, means, pieces },
    pieceTypes: soldKinds(planned.cut, shop).map(({ name, count }) => ({ kind: name, count })),
    pieceG: pieces > 0 ? piecesG / pieces : 0,
    slabG: planned.layers.reduce((sum, { massG }) => sum + massG, 0),
    trimG: planned.cut.trimG,
    boils: boilsOf(slab, shop, day),
    layers: planned.layers.map(({ id, massG, thicknessMm, areaMm2 }, l) => ({
      ...{ id, massG, thicknessMm, areaMm2 },
      name: slab.layers[l]?.name ?? id,
      preparations: slab.layers[l]?.from.map(({ preparation }) => preparation) ?? [],
    })),
    pots: planned.preparations.map(({ id, evaporatedG, massOutG }, p) => {
      const pot = sharedPotOf(shared, id);
      return {
        preparation: id,
        name: slab.preparations[p]?.name ?? id,
        ...{ evaporatedG, massOutG },
        ...(pot?.role === 'cooks' ? { othersG: pot.othersG } : {}),
      };
    }),
    steps: day.steps.map(({ activity: { title, caution, ...activity }, start, end }) => ({
      ...activity,
      ...textOf({ title, caution }),
      planned: { from: minutesOf(start), to: minutesOf(end) },
    })),
    lines: planned.preparations.flatMap(({ id, lines }, p) => {
      const pot = sharedPotOf(shared, id);
      return lines.map(({ ingredient, massG, measured }, line) => ({
        preparation: id,
        preparationName: slab.preparations[p]?.name ?? id,
        goesIn: goesIn(id, slab.preparations[p]?.lines[line]?.addedAt),
        ...{ line, ingredient, massG, measured },
        ...(pot?.role === 'takes' ? { inPotOf: pot.from } : {}),
      }));
    }),
  };
}

/** Returns the steps that boil to an end point, and the reading of the shop's first thermometer there. */
function boilsOf(
  { preparations }: Slab,
  { altitudeM = USUAL_SHOP.altitudeM, probes, roomC }: Shop,
  { steps }: Day,
): RunBoil[] {
  return preparations.flatMap((preparation): RunBoil[] => {
    const targetC = endPointC(preparation);
    const cooks = stepsOf(preparation).find((step) => step.cooks);
    if (targetC === null || !cooks) return [];
    const id = `${preparation.id}/${cooks.id}`;
    const showsC = targetHere(targetC, altitudeM, probes?.[0] ?? {}, roomC).probeC;
    return steps
      .filter(({ activity }) => activity.id === id || activity.id.startsWith(`${id}#`))
      .map(({ activity }) => ({ step: activity.id, preparation: preparation.id, targetC, showsC }));
  });
}

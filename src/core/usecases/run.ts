import type { RunPlan } from '../run';
import type { Slab } from '../slab';
import type { Plan } from './planned';
import type { Day } from './timeline';

const MINUTE_MS = 60_000;

/**
 * What a run is begun with: the steps of a day with their moments from the beginning on, what is weighed, and what should come of it.
 *
 * @param planned of the slab as it is made
 * @param day that begins when the run does
 */
export function runPlanOf(
  slab: Slab,
  planned: Plan,
  day: Day,
  { version, lot, begin }: Pick<RunPlan, 'version' | 'lot' | 'begin'>,
): RunPlan {
  const beginMs = Date.parse(begin);
  const minutesOf = (moment: Date) => (moment.getTime() - beginMs) / MINUTE_MS;
  const pieces = planned.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const piecesG = planned.cut.pieces.reduce((sum, { count, massG }) => sum + count * massG, 0);
  /** A line goes in at the step that it names, else at the first of its preparation. */
  const goesIn = (preparation: string, addedAt: string | undefined) => {
    const own = day.steps.filter(({ activity }) => activity.of === preparation).map(({ activity }) => activity.id);
    return own.find((id) => id === `${preparation}/${addedAt}`) ?? own[0] ?? '';
  };
  return {
    name: slab.name,
    ...{ version, lot, begin, pieces },
    pieceG: pieces > 0 ? piecesG / pieces : 0,
    steps: day.steps.map(({ activity, start, end }) => ({
      ...activity,
      planned: { from: minutesOf(start), to: minutesOf(end) },
    })),
    lines: planned.preparations.flatMap(({ id, lines }, p) =>
      lines.map(({ ingredient, massG, measured }, line) => ({
        preparation: id,
        preparationName: slab.preparations[p]?.name ?? id,
        goesIn: goesIn(id, slab.preparations[p]?.lines[line]?.addedAt),
        ...{ line, ingredient, massG, measured },
      })),
    ),
  };
}

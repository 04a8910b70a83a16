import { inWholeParts } from '../cost';
import { countedEvents, outcomeOf, type RunEvent, type RunPlan } from '../run';

/** What a run has used of one ingredient so far. */
export interface UsedByRun {
  readonly ingredient: string;
  readonly massG: number;
  /** Lots that were entered for it, in the order of entry. */
  readonly lots: readonly string[];
  /** When the last of it went in, ISO 8601. */
  readonly at: string;
}

/** A line of a run: in with its mass, still to be weighed, or skipped with its step. */
interface LineOfRun {
  readonly ingredient: string;
  readonly is: 'in' | 'open' | 'skipped';
  /** As weighed and changed, otherwise as planned; `null` if unknown. */
  readonly massG: number | null;
  /** When it went in, ISO 8601. */
  readonly at: string;
}

const keyOf = ({ preparation, line }: { readonly preparation: string; readonly line: number }) =>
  `${preparation} ${line}`;

/**
 * Returns the lines of a run. What was weighed is in; what was not weighed is in as planned once its step is done or the run is finished.
 *
 * @param counted events that count, in order
 */
function linesOfRun({ lines, begin }: Pick<RunPlan, 'lines' | 'begin'>, counted: readonly RunEvent[]): LineOfRun[] {
  const weighed = new Map<string, number>();
  const changed = new Map<string, number>();
  const lastAt = new Map<string, string>();
  const ended = new Map<string, { readonly at: string; readonly isSkipped: boolean }>();
  let finishedAt: string | null = null;
  for (const event of counted) {
    switch (event.kind) {
      case 'weighed':
        weighed.set(keyOf(event), event.massG);
        lastAt.set(keyOf(event), event.at);
        break;
      case 'amount-changed':
        changed.set(keyOf(event), (changed.get(keyOf(event)) ?? 0) + event.byG);
        lastAt.set(keyOf(event), event.at);
        break;
      case 'step-done':
      case 'step-skipped':
        if (!ended.has(event.step)) ended.set(event.step, { at: event.at, isSkipped: event.kind === 'step-skipped' });
        break;
      case 'finished':
        finishedAt = event.at;
        break;
      default:
    }
  }
  return lines.map((line): LineOfRun => {
    const { ingredient, massG: plannedG, goesIn } = line;
    const key = keyOf(line);
    const step = ended.get(goesIn);
    const isOver = step ? !step.isSkipped : finishedAt !== null;
    const baseG = weighed.get(key) ?? plannedG;
    return {
      ingredient,
      is: weighed.has(key) || isOver ? 'in' : step ? 'skipped' : 'open',
      massG: baseG === null ? null : Math.max(0, baseG + (changed.get(key) ?? 0)),
      at: lastAt.get(key) ?? step?.at ?? finishedAt ?? begin,
    };
  });
}

/**
 * Returns what a run has used, by ingredient. Lines without a weight are left out.
 *
 * @param events in any order
 */
export function usedByRun(plan: Pick<RunPlan, 'lines' | 'begin'>, events: readonly RunEvent[]): UsedByRun[] {
  const counted = countedEvents(events);
  const used = new Map<string, UsedByRun>();
  for (const { ingredient, is, massG, at } of linesOfRun(plan, counted)) {
    if (is !== 'in' || massG === null) continue;
    const before = used.get(ingredient);
    const lots = counted.flatMap((event) =>
      event.kind === 'lot' && event.ingredient === ingredient ? [event.lot] : [],
    );
    used.set(ingredient, {
      ingredient,
      massG: (before?.massG ?? 0) + massG,
      lots: [...new Set(lots)],
      at: before && before.at > at ? before.at : at,
    });
  }
  return [...used.values()];
}

/** Returns what a run has still to weigh, by ingredient, g; `null` where a line has no weight. Nothing once it is finished or stopped. */
export function stillNeededByRun(
  plan: Pick<RunPlan, 'lines' | 'begin'>,
  events: readonly RunEvent[],
): ReadonlyMap<string, number | null> {
  const counted = countedEvents(events);
  const needed = new Map<string, number | null>();
  if (counted.some(({ kind }) => kind === 'stopped')) return needed;
  for (const { ingredient, is, massG } of linesOfRun(plan, counted)) {
    if (is !== 'open') continue;
    const before = needed.get(ingredient) ?? 0;
    needed.set(ingredient, massG === null || needed.get(ingredient) === null ? null : before + massG);
  }
  return needed;
}

/** Pieces of one type that a run made. */
export interface MadeByRun {
  readonly kind: string | null;
  readonly pieces: number;
  /** Mean mass of one, g: as weighed, otherwise as planned; `null` if unknown. */
  readonly pieceG: number | null;
  /** As planned, since nobody counted them. */
  readonly isEstimate: boolean;
  readonly at: string;
}

/**
 * Returns the sellable pieces of a finished run by type: as counted, otherwise as planned without rejects. A count without types is divided as
 * planned. Nothing is made until a run is finished, nor by one that was stopped.
 */
export function madeByRun(
  { pieces, pieceTypes, pieceG }: Pick<RunPlan, 'pieces' | 'pieceTypes' | 'pieceG'>,
  events: readonly RunEvent[],
): MadeByRun[] {
  const counted = countedEvents(events);
  const end = counted.find(({ kind }) => kind === 'finished' || kind === 'stopped');
  if (end?.kind !== 'finished') return [];
  const outcome = outcomeOf({ pieces }, counted);
  const total = outcome.pieces ?? Math.max(0, pieces - outcome.rejects);
  const types = pieceTypes?.length ? pieceTypes : [{ kind: null, count: pieces }];
  const planned = types.reduce((sum, { count }) => sum + count, 0);
  const parts = planned > 0 ? types.map(({ count }) => (total * count) / planned) : [total];
  return inWholeParts(parts).flatMap((count, i) =>
    count > 0
      ? [
          {
            ...{ kind: types[i]!.kind, pieces: count, at: end.at },
            pieceG: outcome.pieceG ?? (pieceG > 0 ? pieceG : null),
            isEstimate: outcome.pieces === null,
          },
        ]
      : [],
  );
}

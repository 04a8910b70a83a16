import { countedEvents, type RunEvent, type RunPlan } from '../run';

/** What a run has used of one ingredient so far. */
export interface UsedByRun {
  readonly ingredient: string;
  readonly massG: number;
  /** Lots that were entered for it, in the order of entry. */
  readonly lots: readonly string[];
  /** When the last of it went in, ISO 8601. */
  readonly at: string;
}

/**
 * Returns what a run has used: what was weighed, when it was weighed, with later changes; what was not weighed as planned, once its step is done
 * or the run is finished. Lines of skipped steps are not used. Lines without a weight are left out.
 *
 * @param events in any order
 */
export function usedByRun(
  { lines, begin }: Pick<RunPlan, 'lines' | 'begin'>,
  events: readonly RunEvent[],
): UsedByRun[] {
  const counted = countedEvents(events);
  const weighed = new Map<string, number>();
  const changed = new Map<string, number>();
  const ended = new Map<string, { readonly at: string; readonly isSkipped: boolean }>();
  const lastAt = new Map<string, string>();
  const lots = new Map<string, Set<string>>();
  let finishedAt: string | null = null;
  for (const event of counted) {
    switch (event.kind) {
      case 'weighed':
        weighed.set(`${event.preparation} ${event.line}`, event.massG);
        lastAt.set(`${event.preparation} ${event.line}`, event.at);
        break;
      case 'amount-changed': {
        const key = `${event.preparation} ${event.line}`;
        changed.set(key, (changed.get(key) ?? 0) + event.byG);
        lastAt.set(key, event.at);
        break;
      }
      case 'step-done':
      case 'step-skipped':
        if (!ended.has(event.step)) ended.set(event.step, { at: event.at, isSkipped: event.kind === 'step-skipped' });
        break;
      case 'lot':
        lots.set(event.ingredient, (lots.get(event.ingredient) ?? new Set()).add(event.lot));
        break;
      case 'finished':
        finishedAt = event.at;
        break;
      default:
    }
  }
  const used = new Map<string, UsedByRun>();
  for (const { preparation, line, ingredient, massG, goesIn } of lines) {
    const key = `${preparation} ${line}`;
    const step = ended.get(goesIn);
    const isPlanned = step ? !step.isSkipped : finishedAt !== null;
    const baseG = weighed.get(key) ?? (isPlanned ? massG : null);
    if (baseG === null) continue;
    const inG = Math.max(0, baseG + (changed.get(key) ?? 0));
    const at = lastAt.get(key) ?? step?.at ?? finishedAt ?? begin;
    const before = used.get(ingredient);
    used.set(ingredient, {
      ingredient,
      massG: (before?.massG ?? 0) + inG,
      lots: [...(lots.get(ingredient) ?? [])],
      at: before && before.at > at ? before.at : at,
    });
  }
  return [...used.values()];
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
  const entered = counted.filter((event) => event.kind === 'pieces');
  const rejects = counted.reduce((sum, event) => sum + (event.kind === 'rejects' ? event.count : 0), 0);
  const types = pieceTypes?.length ? pieceTypes : [{ kind: null, count: pieces }];
  const isEstimate = entered.length === 0;
  const total = isEstimate ? Math.max(0, pieces - rejects) : entered.reduce((sum, { count }) => sum + count, 0);
  const weighed = entered.filter(({ massG, count }) => massG !== undefined && count > 0);
  const weighedG = weighed.reduce((sum, { massG = 0 }) => sum + massG, 0);
  const weighedPieces = weighed.reduce((sum, { count }) => sum + count, 0);
  const eachG = weighedPieces > 0 ? weighedG / weighedPieces : pieceG > 0 ? pieceG : null;
  return divided(
    total,
    types.map(({ count }) => count),
  ).flatMap((count, i) =>
    count > 0 ? [{ kind: types[i]!.kind, pieces: count, pieceG: eachG, isEstimate, at: end.at }] : [],
  );
}

/** Divides a whole number in proportion, by largest remainders; the parts add up to it. */
export function divided(total: number, shares: readonly number[]): number[] {
  const sum = shares.reduce((all, share) => all + share, 0);
  if (sum <= 0) return shares.map((_, i) => (i === 0 ? total : 0));
  const exact = shares.map((share) => (total * share) / sum);
  const parts = exact.map(Math.floor);
  const byRemainder = exact
    .map((value, i) => ({ i, remainder: value - Math.floor(value) }))
    .sort((a, b) => b.remainder - a.remainder || a.i - b.i);
  const left = total - parts.reduce((all, part) => all + part, 0);
  for (const { i } of byRemainder.slice(0, left)) parts[i]! += 1;
  return parts;
}

import { lateBatches } from './late';
import type { WeekQuestion } from './board';
import { searchWeek, type WeekFound } from './search';
import type { BatchSteps } from './steps';
import { membersOf } from './together';

/** A change that makes fewer batches late. Moments in minutes from the beginning of the week. */
export type WeekChange =
  | { readonly what: 'due'; readonly batch: string; readonly due: number }
  | { readonly what: 'hours'; readonly person: string; readonly from: number; readonly to: number }
  | { readonly what: 'tin'; readonly tin: string; readonly count: number }
  | { readonly what: 'fewer-tins'; readonly batch: string; readonly tins: number }
  /** Batches that cook in one pot cook for themselves. */
  | { readonly what: 'apart'; readonly batches: readonly string[] };

export interface WayOut {
  readonly change: WeekChange;
  /** What is still late with it, min. */
  readonly lateMinutes: number;
}

/** Attempts of the search for each change. */
const ATTEMPTS = 150;
const HOUR = 60;
const MAX_LATE = 3;
const MAX_WAYS = 6;

/** Other ways to make batches. */
export interface Otherwise {
  /** Returns a batch in fewer tins; `null` if it is made in one. */
  readonly inFewerTins: (batch: string) => BatchSteps | null;
  /** Returns batches that share pots as they are when each cooks for itself. */
  readonly apart: (batches: readonly string[]) => readonly BatchSteps[];
}

/** Returns changes of a question that could help a late batch, the cheapest kind first. */
function changesFor(question: WeekQuestion, late: BatchSteps): WeekChange[] {
  const { workroom, days } = question;
  const { due, tins } = late.batch;
  const today = days.findLastIndex((day) => day < due);
  const hours = [today, today - 1].flatMap((d): WeekChange[] => {
    if (d < 0) return [];
    const [from, to] = [days[d]!, days[d + 1] ?? Infinity];
    return workroom.people.slice(0, 2).flatMap(({ name, hours }): WeekChange[] => {
      const spans = hours.filter((span) => span.from >= from && span.from < to);
      const [first, last] = [spans[0], spans.at(-1)];
      const before = first && { from: Math.max(from, first.from - HOUR), to: first.from };
      const after = last && last.to < due ? { from: last.to, to: last.to + HOUR } : undefined;
      return [before, after].flatMap((span) =>
        span && span.from < span.to ? [{ what: 'hours', person: name, ...span }] : [],
      );
    });
  });
  const names = [...new Set(tins)].filter((tin) => workroom.tins.has(tin));
  const { members } = late.batch;
  return [
    ...(members ? [{ what: 'apart', batches: members.map(({ id }) => id) } as const] : []),
    ...hours,
    ...names.map((tin): WeekChange => ({ what: 'tin', tin, count: 1 })),
    ...(tins.length > 1 && !late.batch.members
      ? [{ what: 'fewer-tins', batch: late.batch.id, tins: tins.length - 1 } as const]
      : []),
  ];
}

/** Returns a question with a change; `null` if the change is not possible. */
function changed(question: WeekQuestion, change: WeekChange, otherwise: Otherwise): WeekQuestion | null {
  const { workroom, batches } = question;
  switch (change.what) {
    case 'due':
      return {
        ...question,
        batches: batches.map((of) =>
          of.batch.id === change.batch ? { ...of, batch: { ...of.batch, due: change.due } } : of,
        ),
      };
    case 'hours': {
      const people = workroom.people.map((person) =>
        person.name === change.person
          ? { ...person, hours: [...person.hours, { from: change.from, to: change.to }] }
          : person,
      );
      return { ...question, workroom: { ...workroom, people } };
    }
    case 'tin': {
      const tins = new Map(workroom.tins).set(change.tin, (workroom.tins.get(change.tin) ?? 0) + change.count);
      return { ...question, workroom: { ...workroom, tins } };
    }
    case 'fewer-tins': {
      const fewer = otherwise.inFewerTins(change.batch);
      return fewer && { ...question, batches: batches.map((of) => (of.batch.id === change.batch ? fewer : of)) };
    }
    case 'apart': {
      const isOne = ({ batch }: BatchSteps) => membersOf(batch).some(({ id }) => change.batches.includes(id));
      const others = batches.filter((of) => !isOne(of));
      return { ...question, batches: [...others, ...otherwise.apart(change.batches)] };
    }
  }
}

/**
 * Returns what would make less of a week late: each change is planned, and those that help are listed, the most helpful first.
 *
 * @param isTimeUp no further change is planned once it answers yes
 */
export function waysOut(
  question: WeekQuestion,
  found: WeekFound,
  otherwise: Otherwise,
  isTimeUp: () => boolean,
): WayOut[] {
  const late = lateBatches(question, found);
  const lateNow = found.score.lateMinutes;
  const byId = new Map(question.batches.flatMap((of) => membersOf(of.batch).map(({ id, due }) => [id, { of, due }])));
  const ways: WayOut[] = [];
  const seen = new Set<string>();
  const worst = [...late].sort((a, b) => (b.minutes ?? Infinity) - (a.minutes ?? Infinity)).slice(0, MAX_LATE);
  for (const { batch } of worst)
    for (const change of changesFor(question, byId.get(batch)!.of)) {
      const key = JSON.stringify(change);
      const other = seen.has(key) || isTimeUp() ? null : changed(question, change, otherwise);
      seen.add(key);
      if (!other) continue;
      const { score } = searchWeek({ ...other, before: null }, (attempts, best) => {
        const isSolved = best.score.unplaced === 0 && best.score.lateMinutes === 0;
        return attempts < ATTEMPTS && !isSolved && !isTimeUp();
      });
      if (
        score.unplaced < found.score.unplaced ||
        (score.unplaced === found.score.unplaced && score.lateMinutes < lateNow)
      )
        ways.push({ change, lateMinutes: score.lateMinutes });
    }
  const later = late.flatMap(({ batch, minutes }): WayOut[] =>
    minutes === null
      ? []
      : [
          {
            change: { what: 'due', batch, due: byId.get(batch)!.due + minutes },
            lateMinutes: lateNow - minutes,
          },
        ],
  );
  return [...ways.sort((a, b) => a.lateMinutes - b.lateMinutes), ...later].slice(0, MAX_WAYS);
}

import { EventEmitter } from 'node:events';
import type { Ingredient } from '$core/larder';
import { wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import { storedJson } from '$core/validation';
import type { Db } from './db/open';

/** A run as it was begun. */
export interface StoredRun {
  readonly id: number;
  readonly slabId: number;
  readonly plan: RunPlan;
}

/** What a run was reckoned with: what its slab was then, the ingredients that it names, and the shop. */
export interface RunContext {
  readonly slab: Slab;
  /** null for a run from before these were kept. */
  readonly reckoned: { readonly ingredients: readonly Ingredient[]; readonly shop: Shop } | null;
}

/** An event with its place among those that came in. */
export interface StoredEvent {
  readonly sequence: number;
  readonly event: RunEvent;
}

/** What a run begins with. */
export interface NewRun {
  readonly slabId: number;
  readonly version: number;
  readonly slab: Slab;
  /** ISO 8601. */
  readonly begin: string;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

/** Tells whoever follows a run that something was added to it. */
const added = new EventEmitter().setMaxListeners(0);

/** Marks lots that are given after the data were put back from a copy: nothing, then B, C and so on, then Z26, Z27. */
function restoredMark(db: Db): string {
  const times = db.prepare<[], number>('SELECT times FROM restored WHERE id = 1').pluck().get()!;
  return times === 0 ? '' : times < 25 ? String.fromCharCode(65 + times) : `Z${times}`;
}

/** The lot of a run that begins on a day: the day, and a number if there are several. */
function freeLot(db: Db, day: string): string {
  const plain = `L${day.slice(2).replaceAll('-', '')}${restoredMark(db)}`;
  const taken = db.prepare<[string], string>(`SELECT lot FROM run WHERE lot LIKE ? || '%'`).pluck().all(plain);
  if (!taken.includes(plain)) return plain;
  for (let n = 2; ; n++) if (!taken.includes(`${plain}-${n}`)) return `${plain}-${n}`;
}

/**
 * Begins a run.
 *
 * @param planOf what it is begun with, once its lot is known
 */
export function beginRun(
  db: Db,
  { slabId, version, slab, begin, ingredients, shop }: NewRun,
  planOf: (lot: string) => RunPlan,
): { readonly id: number; readonly lot: string } {
  return db
    .transaction(() => {
      const lot = freeLot(db, begin.slice(0, 10));
      const { lastInsertRowid } = db
        .prepare(
          'INSERT INTO run (slab_id, version, lot, begun_at, plan, document, context) VALUES (?, ?, ?, ?, ?, ?, ?)',
        )
        .run(
          ...[slabId, version, lot, begin],
          ...[planOf(lot), slab, { ingredients, shop }].map((part) => JSON.stringify(part)),
        );
      return { id: Number(lastInsertRowid), lot };
    })
    .immediate();
}

interface PlanRow {
  readonly id: number;
  readonly slabId: number;
  readonly plan: string;
}
const PLAN = 'SELECT run.id, run.slab_id AS slabId, run.plan FROM run';
const planRow = (row: PlanRow): StoredRun => ({ ...row, plan: wholeRunPlan(storedJson<RunPlan>(row.plan)) });

/** A run by its number, or null. */
export function runById(db: Db, id: number): StoredRun | null {
  const row = db.prepare<[number], PlanRow>(`${PLAN} WHERE run.id = ?`).get(id);
  return row ? planRow(row) : null;
}

/** What a run was reckoned with, or null where there is no such run. */
export function runContext(db: Db, id: number): RunContext | null {
  const row = db
    .prepare<[number], { document: string; context: string | null }>('SELECT document, context FROM run WHERE id = ?')
    .get(id);
  if (!row) return null;
  const reckoned = row.context === null ? null : storedJson<NonNullable<RunContext['reckoned']>>(row.context);
  return { slab: storedJson<Slab>(row.document), reckoned };
}

/** The events of a run behind one of them, in the order in which they came in. */
export function eventsAfter(db: Db, runId: number, sequence: number): StoredEvent[] {
  return db
    .prepare<[number, number], { sequence: number; body: string }>(
      'SELECT sequence, body FROM run_event WHERE run_id = ? AND sequence > ? ORDER BY sequence',
    )
    .all(runId, sequence)
    .map((row) => ({ sequence: row.sequence, event: storedJson<RunEvent>(row.body) }));
}

/** An event as it is stored. */
export interface StoredText {
  readonly run: number;
  readonly sequence: number;
  /** JSON. */
  readonly body: string;
}

/** Rows that are read at once for each run. */
const ROWS_AT_ONCE = 64;

/** Gives the events of some runs after a sequence, in the order in which they came in, without parsing them. */
export function* storedEventsInOrder(db: Db, runs: readonly number[], after: number): Generator<StoredText> {
  const rows = db.prepare<[number, number, number], Omit<StoredText, 'run'>>(
    'SELECT sequence, body FROM run_event WHERE run_id = ? AND sequence > ? ORDER BY sequence LIMIT ?',
  );
  const next = (run: number, from: number) => rows.all(run, from, ROWS_AT_ONCE).map((row) => ({ run, ...row }));
  let heads = runs.map((run) => next(run, after)).filter((events) => events.length > 0);
  while (heads.length > 0) {
    const first = heads.reduce((a, b) => (b[0]!.sequence < a[0]!.sequence ? b : a));
    const event = first.shift()!;
    yield event;
    if (first.length > 0) continue;
    const more = next(event.run, event.sequence);
    heads = heads.map((events) => (events === first ? more : events)).filter((events) => events.length > 0);
  }
}

/** What a page is loaded with of the events of some runs. */
export interface FirstEvents {
  readonly byRun: ReadonlyMap<number, readonly RunEvent[]>;
  /** The sequence after which the page's stream goes on. */
  readonly last: number;
  /** Whether these are all; if not, the stream brings the rest. */
  readonly isComplete: boolean;
}

/** The most that a page is loaded with, characters of JSON: parsing and drawing them holds up other requests. */
const MAX_PAGE = 600_000;

/** Reads the events of some runs, as many as a page can be loaded with. */
export function firstEvents(db: Db, runs: readonly number[]): FirstEvents {
  // Read before the events: one that comes in between is sent once more, and known by its id.
  const newest = lastSequence(db);
  const byRun = new Map<number, RunEvent[]>(runs.map((run) => [run, []]));
  let left = MAX_PAGE;
  let last = 0;
  for (const { run, sequence, body } of storedEventsInOrder(db, runs, 0)) {
    left -= body.length;
    if (left < 0) return { byRun, last, isComplete: false };
    byRun.get(run)!.push(storedJson<RunEvent>(body));
    last = sequence;
  }
  return { byRun, last: newest, isComplete: true };
}

/** The sequence of the last event of any run. */
export const lastSequence = (db: Db): number =>
  db.prepare<[], number>('SELECT coalesce(max(sequence), 0) FROM run_event').pluck().get()!;

/** The sequence of the last event of a run; 0 if it has none. */
export const lastOfRun = (db: Db, runId: number): number =>
  db.prepare<[number], number>('SELECT coalesce(max(sequence), 0) FROM run_event WHERE run_id = ?').pluck().get(runId)!;

/** All events of a run. */
export const eventsOf = (db: Db, runId: number): RunEvent[] => eventsAfter(db, runId, 0).map(({ event }) => event);

/** How many events a run has, and how many bytes they are. */
const runSize = (db: Db, runId: number) =>
  db
    .prepare<[number], { count: number; bytes: number }>(
      'SELECT count(*) AS count, coalesce(sum(length(body)), 0) AS bytes FROM run_event WHERE run_id = ?',
    )
    .get(runId)!;
const isKnown = (db: Db, runId: number, id: string) =>
  db.prepare('SELECT 1 FROM run_event WHERE run_id = ? AND id = ?').get(runId, id) !== undefined;

/** What a run may hold: some hours of readings every few seconds, with all that is written beside. */
const MAX_EVENTS = 20_000;
const MAX_BYTES = 2 * 1_048_576;

/** What came of adding events: how many were new and how many known, and the last sequence there is now. */
export interface Added {
  readonly added: number;
  readonly known: number;
  readonly last: number;
}

/**
 * Adds events to a run, in one transaction; those that are known already, by their ids, change nothing.
 *
 * @returns null where the run holds as much as one may, and nothing was added
 */
export function addEvents(db: Db, runId: number, events: readonly RunEvent[]): Added | null {
  const done = db
    .transaction((): Added | null => {
      const { count: held, bytes } = runSize(db, runId);
      const isFull = held + events.length > MAX_EVENTS || bytes > MAX_BYTES;
      if (isFull && events.some(({ id }) => !isKnown(db, runId, id))) return null;
      const insert = db.prepare('INSERT OR IGNORE INTO run_event (run_id, id, at, body) VALUES (?, ?, ?, ?)');
      let count = 0;
      for (const event of events) count += insert.run(runId, event.id, event.at, JSON.stringify(event)).changes;
      const last = db
        .prepare<[number], number>('SELECT coalesce(max(sequence), 0) FROM run_event WHERE run_id = ?')
        .pluck()
        .get(runId)!;
      return { added: count, known: events.length - count, last };
    })
    .immediate();
  if (done && done.added > 0) added.emit(String(runId));
  return done;
}

/** Calls back whenever something is added to a run. @returns what ends that */
export function onAdded(runId: number, call: () => void): () => void {
  added.on(String(runId), call);
  return () => added.off(String(runId), call);
}

/** Whether a run is over: it was finished or stopped, and that was not taken back. */
export const IS_OVER = `EXISTS (SELECT 1 FROM run_event AS over
  WHERE over.run_id = run.id AND json_extract(over.body, '$.kind') IN ('finished', 'stopped')
  AND NOT EXISTS (SELECT 1 FROM run_event AS back WHERE back.run_id = run.id
    AND json_extract(back.body, '$.kind') = 'taken-back' AND json_extract(back.body, '$.event') = over.id))`;

/** So many runs can be on the bench at once. */
const MAX_OPEN = 20;

/** The last runs that are under way or planned, the first of them to begin first. */
export function openRuns(db: Db): StoredRun[] {
  return db
    .prepare<[number], PlanRow>(`${PLAN} WHERE NOT ${IS_OVER} ORDER BY run.begun_at DESC, run.id DESC LIMIT ?`)
    .all(MAX_OPEN)
    .reverse()
    .map(planRow);
}

/** What runs may weigh that are looked at together: parsing them holds up everybody. */
const MAX_TOGETHER_BYTES = 6 * 1_048_576;

/** The last runs of a slab that can be looked at together, the oldest of them first. */
export function runsOfSlab(db: Db, slabId: number, most: number): StoredRun[] {
  const rows = db
    .prepare<[number, number], PlanRow>(`${PLAN} WHERE run.slab_id = ? ORDER BY run.begun_at DESC, run.id DESC LIMIT ?`)
    .all(slabId, most);
  let left = MAX_TOGETHER_BYTES;
  return rows
    .filter(({ id, plan }) => {
      left -= plan.length + runSize(db, id).bytes;
      return left >= 0;
    })
    .reverse()
    .map(planRow);
}

/** Notes which runs a version of a slab has learnt from; those that are not of this slab are passed over. */
export function linkVersion(db: Db, slabId: number, version: number, runs: readonly number[]): void {
  const insert = db.prepare(
    'INSERT OR IGNORE INTO version_from_run (slab_id, number, run_id) SELECT ?, ?, id FROM run WHERE id = ? AND slab_id = ?',
  );
  for (const run of runs) insert.run(slabId, version, run, slabId);
}

/** The versions of its slab that have learnt from a run. */
export function versionsFromRun(db: Db, runId: number): number[] {
  return db
    .prepare<[number], number>('SELECT number FROM version_from_run WHERE run_id = ? ORDER BY number')
    .pluck()
    .all(runId);
}

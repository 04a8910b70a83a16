import { EventEmitter } from 'node:events';
import type { Ingredient } from '$core/larder';
import { wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import { storedJson } from '$core/validation';
import type { Db } from './db/open';
import { bookRun } from './stock/ofRuns';

/** A run when it was started. */
export interface StoredRun {
  readonly id: number;
  readonly slabId: number;
  readonly plan: RunPlan;
}

/** Snapshot of a run: its slab, the ingredients it names, and the settings. */
export interface RunContext {
  readonly slab: Slab;
  /** `null` for a run from before snapshots were kept. */
  readonly reckoned: { readonly ingredients: readonly Ingredient[]; readonly shop: Shop } | null;
}

/** An event with its order of arrival. */
export interface StoredEvent {
  readonly sequence: number;
  readonly event: RunEvent;
}

/** Start of a run. */
export interface NewRun {
  readonly slabId: number;
  readonly version: number;
  readonly slab: Slab;
  /** ISO 8601. */
  readonly begin: string;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  /** Whether what it uses and makes goes into the ledger of stock: not for runs that are read from files. */
  readonly booksStock: boolean;
}

/** Notifies followers of a run. */
const added = new EventEmitter().setMaxListeners(0);

/** Suffixes of lots given after a restore: none, then B, C and so on, then Z26, Z27. */
function restoredMark(db: Db): string {
  const times = db.prepare<[], number>('SELECT times FROM restored WHERE id = 1').pluck().get()!;
  return times === 0 ? '' : times < 25 ? String.fromCharCode(65 + times) : `Z${times}`;
}

/** Returns the lot of a run: the day, and a number if there are several. */
function freeLot(db: Db, day: string): string {
  const plain = `L${day.slice(2).replaceAll('-', '')}${restoredMark(db)}`;
  const taken = db.prepare<[string], string>(`SELECT lot FROM run WHERE lot LIKE ? || '%'`).pluck().all(plain);
  if (!taken.includes(plain)) return plain;
  for (let n = 2; ; n++) if (!taken.includes(`${plain}-${n}`)) return `${plain}-${n}`;
}

/**
 * Starts a run.
 *
 * @param planOf what it is begun with, once its lot is known
 */
export function beginRun(
  db: Db,
  { slabId, version, slab, begin, ingredients, shop, booksStock }: NewRun,
  planOf: (lot: string) => RunPlan,
): { readonly id: number; readonly lot: string } {
  return db
    .transaction(() => {
      const lot = freeLot(db, begin.slice(0, 10));
      const { lastInsertRowid } = db
        .prepare(
          `INSERT INTO run (slab_id, version, lot, begun_at, plan, document, context, books_stock)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
        )
        .run(
          ...[slabId, version, lot, begin],
          ...[planOf(lot), slab, { ingredients, shop }].map((part) => JSON.stringify(part)),
          booksStock ? 1 : 0,
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

/** Returns a run by its number, or `null`. */
export function runById(db: Db, id: number): StoredRun | null {
  const row = db.prepare<[number], PlanRow>(`${PLAN} WHERE run.id = ?`).get(id);
  return row ? planRow(row) : null;
}

/** Returns the snapshot of a run, or `null` if it does not exist. */
export function runContext(db: Db, id: number): RunContext | null {
  const row = db
    .prepare<[number], { document: string; context: string | null }>('SELECT document, context FROM run WHERE id = ?')
    .get(id);
  if (!row) return null;
  const reckoned = row.context === null ? null : storedJson<NonNullable<RunContext['reckoned']>>(row.context);
  return { slab: storedJson<Slab>(row.document), reckoned };
}

/** Returns the events of a run after a sequence, in order of arrival. */
export function eventsAfter(db: Db, runId: number, sequence: number): StoredEvent[] {
  return db
    .prepare<[number, number], { sequence: number; body: string }>(
      'SELECT sequence, body FROM run_event WHERE run_id = ? AND sequence > ? ORDER BY sequence',
    )
    .all(runId, sequence)
    .map((row) => ({ sequence: row.sequence, event: storedJson<RunEvent>(row.body) }));
}

/** A stored event. */
export interface StoredText {
  readonly run: number;
  readonly sequence: number;
  /** JSON. */
  readonly body: string;
}

/** Rows read at once for each run. */
const ROWS_AT_ONCE = 64;

/** Yields stored events of runs after a sequence, in order of arrival, without parsing them. */
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

/** The events a page is loaded with. */
export interface FirstEvents {
  readonly byRun: ReadonlyMap<number, readonly RunEvent[]>;
  /** Sequence after which the page's stream continues. */
  readonly last: number;
  /** Whether these are all events; if not, the stream delivers the rest. */
  readonly isComplete: boolean;
}

/** Maximum size of the events a page is loaded with, characters of JSON: parsing and drawing block other requests. */
const MAX_PAGE = 600_000;

/** Returns the events of runs, as many as a page can be loaded with. */
export function firstEvents(db: Db, runs: readonly number[]): FirstEvents {
  // Read before the events: one that arrives in between is sent again and recognised by its id.
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

/** Returns the sequence of the last event of any run. */
export const lastSequence = (db: Db): number =>
  db.prepare<[], number>('SELECT coalesce(max(sequence), 0) FROM run_event').pluck().get()!;

/** Returns the sequence of the last event of a run; 0 if it has none. */
export const lastOfRun = (db: Db, runId: number): number =>
  db.prepare<[number], number>('SELECT coalesce(max(sequence), 0) FROM run_event WHERE run_id = ?').pluck().get(runId)!;

/** Returns all events of a run. */
export const eventsOf = (db: Db, runId: number): RunEvent[] => eventsAfter(db, runId, 0).map(({ event }) => event);

/** Returns the number and the size in bytes of a run's events. */
const runSize = (db: Db, runId: number) =>
  db
    .prepare<[number], { count: number; bytes: number }>(
      'SELECT count(*) AS count, coalesce(sum(length(body)), 0) AS bytes FROM run_event WHERE run_id = ?',
    )
    .get(runId)!;
const isKnown = (db: Db, runId: number, id: string) =>
  db.prepare('SELECT 1 FROM run_event WHERE run_id = ? AND id = ?').get(runId, id) !== undefined;

/** Limits of a run: hours of readings every few seconds, with notes. */
const MAX_EVENTS = 20_000;
const MAX_BYTES = 2 * 1_048_576;

/** Result of adding events: numbers of new and known ones, and the last sequence. */
export interface Added {
  readonly added: number;
  readonly known: number;
  readonly last: number;
}

/**
 * Adds events to a run in one transaction, and books what they use and make; events with known ids change nothing.
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
      if (count > 0) bookRun(db, runId, events);
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

/** Calls back whenever something is added to a run. @returns a function that ends it */
export function onAdded(runId: number, call: () => void): () => void {
  added.on(String(runId), call);
  return () => added.off(String(runId), call);
}

/** Tells whether a run ended by events of some kinds that nobody has undone. */
const endedBy = (kinds: string) => `EXISTS (SELECT 1 FROM run_event AS over
  WHERE over.run_id = run.id AND json_extract(over.body, '$.kind') IN (${kinds})
  AND NOT EXISTS (SELECT 1 FROM run_event AS back WHERE back.run_id = run.id
    AND json_extract(back.body, '$.kind') = 'taken-back' AND json_extract(back.body, '$.event') = over.id))`;
/** Conditions of SQL: whether a run is over, finished or stopped, and whether it was stopped. */
export const IS_OVER = endedBy("'finished', 'stopped'");
export const IS_STOPPED = endedBy("'stopped'");

/** Maximum number of runs at the bench. */
const MAX_OPEN = 20;

/** Returns open runs that are on the bench before a moment: begun, or planned to begin before it. The earliest first. */
export const runsOnBench = (db: Db, before: Date): StoredRun[] =>
  openRuns(db).filter(({ id, plan }) => Date.parse(plan.begin) < before.getTime() || lastOfRun(db, id) > 0);

/** Tells whether a run was finished or stopped. */
export const isOver = (db: Db, id: number): boolean =>
  db.prepare<[number], number>(`SELECT ${IS_OVER} FROM run WHERE run.id = ?`).pluck().get(id) === 1;

/** Returns those of some runs that are finished, and were not stopped. */
export const finishedRuns = (db: Db, ids: readonly number[]): number[] =>
  db
    .prepare<[string], number>(
      `SELECT run.id FROM run WHERE run.id IN (SELECT value FROM json_each(?)) AND ${endedBy("'finished'")} AND NOT ${IS_STOPPED}`,
    )
    .pluck()
    .all(JSON.stringify(ids));

/** Returns those of some runs that book what they use and make. */
export const bookedRuns = (db: Db, ids: readonly number[]): number[] =>
  db
    .prepare<[string], number>('SELECT id FROM run WHERE books_stock = 1 AND id IN (SELECT value FROM json_each(?))')
    .pluck()
    .all(JSON.stringify(ids));

/** Returns open runs, the earliest first. */
export function openRuns(db: Db): StoredRun[] {
  return db
    .prepare<[number], PlanRow>(`${PLAN} WHERE NOT ${IS_OVER} ORDER BY run.begun_at DESC, run.id DESC LIMIT ?`)
    .all(MAX_OPEN)
    .reverse()
    .map(planRow);
}

/** Maximum size of runs parsed together, since parsing blocks other requests. */
const MAX_TOGETHER_BYTES = 6 * 1_048_576;

/** Returns the last runs of a slab that can be parsed together, the oldest first. */
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

/** Records which runs a version of a slab was changed by; runs of other slabs are ignored. */
export function linkVersion(db: Db, slabId: number, version: number, runs: readonly number[]): void {
  const insert = db.prepare(
    'INSERT OR IGNORE INTO version_from_run (slab_id, number, run_id) SELECT ?, ?, id FROM run WHERE id = ? AND slab_id = ?',
  );
  for (const run of runs) insert.run(slabId, version, run, slabId);
}

/** Returns the versions of its slab that a run changed. */
export function versionsFromRun(db: Db, runId: number): number[] {
  return db
    .prepare<[number], number>('SELECT number FROM version_from_run WHERE run_id = ? ORDER BY number')
    .pluck()
    .all(runId);
}

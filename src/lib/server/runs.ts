import { EventEmitter } from 'node:events';
import type { RunEvent, RunPlan } from '../../core/run';
import type { Slab } from '../../core/slab';
import { storedJson } from '../../core/validation';
import type { Db } from './db/open';

/** A run as it was begun. */
export interface StoredRun {
  readonly id: number;
  readonly slabId: number;
  readonly plan: RunPlan;
}

/** A run in a list. */
export interface RunInList {
  readonly id: number;
  readonly slabId: number;
  readonly name: string;
  readonly lot: string;
  readonly begunAt: string;
  readonly isOpen: boolean;
}

/** An event with its place among those that came in. */
export interface StoredEvent {
  readonly sequence: number;
  readonly event: RunEvent;
}

/** Tells whoever follows a run that something was added to it. */
const added = new EventEmitter().setMaxListeners(0);

/** The lot of a run that begins on a day: the day, and a number where there are several. */
function freeLot(db: Db, day: string): string {
  const plain = `L${day.slice(2).replaceAll('-', '')}`;
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
  { slabId, version, slab, begin }: { slabId: number; version: number; slab: Slab; begin: string },
  planOf: (lot: string) => RunPlan,
): { readonly id: number; readonly lot: string } {
  return db
    .transaction(() => {
      const lot = freeLot(db, begin.slice(0, 10));
      const { lastInsertRowid } = db
        .prepare('INSERT INTO run (slab_id, version, lot, begun_at, plan, document) VALUES (?, ?, ?, ?, ?, ?)')
        .run(slabId, version, lot, begin, JSON.stringify(planOf(lot)), JSON.stringify(slab));
      return { id: Number(lastInsertRowid), lot };
    })
    .immediate();
}

/** A run by its number, or null. */
export function runById(db: Db, id: number): StoredRun | null {
  const row = db
    .prepare<[number], { id: number; slabId: number; plan: string }>(
      'SELECT id, slab_id AS slabId, plan FROM run WHERE id = ?',
    )
    .get(id);
  return row ? { ...row, plan: storedJson<RunPlan>(row.plan) } : null;
}

/** The slab that a run was begun with, as it was then. */
export function runSlab(db: Db, id: number): Slab | null {
  const text = db.prepare<[number], string>('SELECT document FROM run WHERE id = ?').pluck().get(id);
  return text === undefined ? null : storedJson<Slab>(text);
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

/**
 * Adds events to a run, in one transaction; those that are known already, by their ids, change nothing.
 *
 * @returns how many were new and how many known, and the last sequence there is now
 */
export function addEvents(
  db: Db,
  runId: number,
  events: readonly RunEvent[],
): { readonly added: number; readonly known: number; readonly last: number } {
  const done = db
    .transaction(() => {
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
  if (done.added > 0) added.emit(String(runId));
  return done;
}

/** Calls back whenever something is added to a run. @returns what ends that */
export function onAdded(runId: number, call: () => void): () => void {
  added.on(String(runId), call);
  return () => added.off(String(runId), call);
}

/** Runs, the last begun first; at most `most`. */
export function runsInList(db: Db, from: number, most: number): { readonly runs: RunInList[]; readonly count: number } {
  const count = db.prepare<[], number>('SELECT count(*) FROM run').pluck().get()!;
  const runs = db
    .prepare<[number, number], Omit<RunInList, 'isOpen'> & { ended: number }>(
      `SELECT run.id, slab_id AS slabId, json_extract(plan, '$.name') AS name, lot, begun_at AS begunAt,
         EXISTS (SELECT 1 FROM run_event WHERE run_id = run.id AND json_extract(body, '$.kind') IN ('finished', 'stopped')) AS ended
       FROM run ORDER BY begun_at DESC, run.id DESC LIMIT ? OFFSET ?`,
    )
    .all(most, from)
    .map(({ ended, ...run }) => ({ ...run, isOpen: ended === 0 }));
  return { runs, count };
}

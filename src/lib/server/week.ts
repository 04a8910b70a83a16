import type { Batch } from '$core/batches';
import type { WeekPlanStep } from '$core/usecases';
import { storedJson } from '$core/validation';
import type { Db } from './db/open';

/** A step as it was placed, with its moments as texts. */
export type PlacedStep = Omit<WeekPlanStep, 'start' | 'end' | 'uses'> & {
  readonly start: string;
  readonly end: string;
  readonly uses: readonly (Omit<WeekPlanStep['uses'][number], 'until'> & { readonly until?: string })[];
};

/** A batch of the week with its number, and its steps once they are planned. */
export type StoredBatch = Batch & {
  readonly id: number;
  readonly revision: number;
  readonly placed: readonly PlacedStep[] | null;
  /** The run that it became; `null` until it is begun. */
  readonly run: number | null;
};

interface Row {
  readonly id: number;
  readonly revision: number;
  readonly document: string;
  readonly placed: string | null;
  readonly run: number | null;
}
const COLUMNS = 'SELECT id, revision, document, placed, run_id AS run FROM batch';
const batchIn = ({ id, revision, document, placed, run }: Row): StoredBatch => ({
  ...storedJson<Batch>(document),
  ...{ id, revision, run, placed: placed === null ? null : storedJson<readonly PlacedStep[]>(placed) },
});

const MAX_BATCHES = 200;

/** Returns the batches that are not deleted and due after a moment, the earliest first. */
export const batchesDue = (db: Db, from: string): StoredBatch[] =>
  db
    .prepare<[string, number], Row>(`${COLUMNS} WHERE deleted_at IS NULL AND due >= ? ORDER BY due, id LIMIT ?`)
    .all(from, MAX_BATCHES)
    .map(batchIn);

export function batchById(db: Db, id: number): StoredBatch | null {
  const row = db.prepare<[number], Row>(`${COLUMNS} WHERE id = ? AND deleted_at IS NULL`).get(id);
  return row ? batchIn(row) : null;
}

/** Revision of the whole week: of its batches, their places and blocked times. */
export const weekRevision = (db: Db): number =>
  db.prepare<[], number>('SELECT revision FROM week_state WHERE id = 1').pluck().get()!;

const touchWeek = (db: Db): void => void db.prepare('UPDATE week_state SET revision = revision + 1 WHERE id = 1').run();

const inUtc = (moment: string) => new Date(moment).toISOString();
const stored = (batch: Batch): Batch => ({ ...batch, due: inUtc(batch.due) });

/** Adds batches, all or none. */
export function addBatches(db: Db, batches: readonly Batch[]): number[] {
  const insert = db.prepare('INSERT INTO batch (slab_id, due, document) VALUES (?, ?, ?)');
  return db
    .transaction(() => {
      touchWeek(db);
      return batches
        .map(stored)
        .map((batch) => Number(insert.run(batch.slab, batch.due, JSON.stringify(batch)).lastInsertRowid));
    })
    .immediate();
}

export type BatchChanged = { readonly revision: number } | 'gone' | 'changed' | 'begun';

/** Replaces a batch that is not begun yet. Its steps are to be planned again. */
export function changeBatch(db: Db, id: number, revision: number, given: Batch): BatchChanged {
  const batch = stored(given);
  return db
    .transaction((): BatchChanged => {
      const before = batchById(db, id);
      if (!before) return 'gone';
      if (before.run !== null) return 'begun';
      if (before.revision !== revision) return 'changed';
      db.prepare('UPDATE batch SET revision = revision + 1, slab_id = ?, due = ?, document = ? WHERE id = ?').run(
        ...[batch.slab, batch.due, JSON.stringify(batch), id],
      );
      touchWeek(db);
      return { revision: revision + 1 };
    })
    .immediate();
}

/** Marks a batch that is not begun yet as deleted. */
export function removeBatch(db: Db, id: number, revision: number, now: string): BatchChanged {
  return db
    .transaction((): BatchChanged => {
      const before = batchById(db, id);
      if (!before) return 'gone';
      if (before.run !== null) return 'begun';
      if (before.revision !== revision) return 'changed';
      db.prepare('UPDATE batch SET deleted_at = ? WHERE id = ?').run(now, id);
      touchWeek(db);
      return { revision };
    })
    .immediate();
}

/** Ties a batch to the run that it became. */
export function beginBatch(db: Db, id: number, run: number): void {
  db.prepare('UPDATE batch SET run_id = ?, revision = revision + 1 WHERE id = ?').run(run, id);
  touchWeek(db);
}

/** Steps of a batch as planned; `null` for one that fits nowhere. */
export interface PlacedBatch {
  readonly batch: number;
  readonly steps: readonly PlacedStep[] | null;
}

/**
 * Saves where the steps of batches were placed.
 *
 * @param revision of the week that was planned
 * @returns the new revision, or `null` if the week was changed meanwhile
 */
export function savePlaces(db: Db, revision: number, placed: readonly PlacedBatch[]): number | null {
  return db
    .transaction((): number | null => {
      if (weekRevision(db) !== revision) return null;
      const update = db.prepare('UPDATE batch SET placed = ? WHERE id = ? AND run_id IS NULL');
      for (const { batch, steps } of placed) update.run(steps === null ? null : JSON.stringify(steps), batch);
      touchWeek(db);
      return revision + 1;
    })
    .immediate();
}

interface Span {
  readonly id: number;
  readonly from: string;
  readonly to: string;
}
/** A time at which something is not there. */
export type BlockedTimeOfWeek = Span & { readonly resource: string };
/** Hours that somebody works besides the usual ones. */
export type ExtraHours = Span & { readonly person: string };

/** The functions of a table of spans, each of something that one column names. */
const spansIn = <T extends Span>(
  table: 'blocked_time' | 'extra_hours',
  column: Exclude<keyof T, keyof Span> & string,
) => ({
  /** Lists those that end after a moment, the earliest first. */
  list: (db: Db, from: string): T[] =>
    db
      .prepare<[string], T>(
        `SELECT id, ${column}, starts_at AS "from", ends_at AS "to" FROM ${table} WHERE ends_at > ? ORDER BY starts_at`,
      )
      .all(from),
  add(db: Db, { from, to, ...of }: Omit<T, 'id'>): number {
    const { lastInsertRowid } = db
      .prepare(`INSERT INTO ${table} (${column}, starts_at, ends_at) VALUES (?, ?, ?)`)
      .run((of as Record<string, unknown>)[column], inUtc(from), inUtc(to));
    touchWeek(db);
    return Number(lastInsertRowid);
  },
  remove(db: Db, id: number): boolean {
    const { changes } = db.prepare(`DELETE FROM ${table} WHERE id = ?`).run(id);
    if (changes > 0) touchWeek(db);
    return changes > 0;
  },
});

const blocked = spansIn<BlockedTimeOfWeek>('blocked_time', 'resource');
const extra = spansIn<ExtraHours>('extra_hours', 'person');
export const { list: blockedTimes, add: addBlockedTime, remove: removeBlockedTime } = blocked;
export const { list: extraHours, add: addExtraHours, remove: removeExtraHours } = extra;

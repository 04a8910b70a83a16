import type { Db } from './db/open';
import { IS_OVER, IS_STOPPED } from './runs';

/** Status of a run in a list. A planned one has no entries yet. */
export type RunStatus = 'planned' | 'in-progress' | 'finished' | 'stopped';

/** A run in a list. */
export interface RunInList {
  readonly id: number;
  readonly slabId: number;
  readonly name: string;
  readonly version: number;
  readonly lot: string;
  readonly begunAt: string;
  readonly status: RunStatus;
}

const statusOf = (isStopped: boolean, isOver: boolean, hasEntries: boolean): RunStatus =>
  isStopped ? 'stopped' : isOver ? 'finished' : hasEntries ? 'in-progress' : 'planned';

/** Filter of a list of runs. */
export interface RunsSought {
  /** Words in names, lots, notes and reasons. */
  readonly words?: string | undefined;
  readonly slab?: number | undefined;
  /** Started in this range, ISO 8601 in UTC. */
  readonly between?: readonly [from: string, to: string] | undefined;
  /** Recorded lot of an ingredient. */
  readonly lot?: string | undefined;
}

const MAX_WORDS = 12;

/** Returns words for the index: by prefix, all of them required. */
const asQuery = (words: string) =>
  words
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, MAX_WORDS)
    .map((word) => `"${word}"*`);

/** Returns the matching runs, the newest first, and their number. */
export function runsInList(
  db: Db,
  { words = '', slab, between, lot }: RunsSought,
  from: number,
  most: number,
): { readonly runs: RunInList[]; readonly count: number } {
  const conditions: [string, unknown[]][] = [];
  // Words may match in different rows: the name in one, a note in another.
  for (const word of asQuery(words))
    conditions.push(['run.id IN (SELECT run_id FROM run_words WHERE run_words MATCH ?)', [word]]);
  if (slab !== undefined) conditions.push(['run.slab_id = ?', [slab]]);
  if (between) conditions.push(['run.begun_at >= ? AND run.begun_at < ?', [...between]]);
  if (lot)
    conditions.push([
      `run.id IN (SELECT run_id FROM run_event WHERE json_extract(body, '$.kind') = 'lot' AND json_extract(body, '$.lot') = ?)`,
      [lot],
    ]);
  const where = conditions.length > 0 ? `WHERE ${conditions.map(([text]) => text).join(' AND ')}` : '';
  const values = conditions.flatMap(([, bound]) => bound);
  const count = db.prepare<unknown[], number>(`SELECT count(*) FROM run ${where}`).pluck().get(values)!;
  const runs = db
    .prepare<unknown[], Omit<RunInList, 'status'> & { over: number; stopped: number; entries: number }>(
      `SELECT run.id, slab_id AS slabId, json_extract(plan, '$.name') AS name, version, lot, begun_at AS begunAt, ${IS_OVER} AS over,
         ${IS_STOPPED} AS stopped, EXISTS (SELECT 1 FROM run_event WHERE run_id = run.id) AS entries
       FROM run ${where} ORDER BY begun_at DESC, run.id DESC LIMIT ? OFFSET ?`,
    )
    .all([...values, most, from])
    .map(({ over, stopped, entries, ...run }) => ({
      ...run,
      status: statusOf(stopped === 1, over === 1, entries === 1),
    }));
  return { runs, count };
}

/** A lot of an ingredient, and the number of runs it was used in. */
export interface LotInUse {
  readonly ingredient: string;
  readonly lot: string;
  readonly runs: number;
  readonly lastAt: string;
}

/** Returns recorded lots, the last used first; of one ingredient, or of all. */
export function lotsInUse(db: Db, ingredient: string | null, most: number): LotInUse[] {
  const ofOne = ingredient === null ? '' : `AND json_extract(body, '$.ingredient') = ?`;
  return db
    .prepare<unknown[], LotInUse>(
      `SELECT json_extract(body, '$.ingredient') AS ingredient, json_extract(body, '$.lot') AS lot,
         count(DISTINCT run_id) AS runs, max(at) AS lastAt
       FROM run_event WHERE json_extract(body, '$.kind') = 'lot' ${ofOne} GROUP BY 1, 2 ORDER BY lastAt DESC LIMIT ?`,
    )
    .all([...(ingredient === null ? [] : [ingredient]), most]);
}

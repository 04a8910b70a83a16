import { setTimeout } from 'node:timers/promises';
import type { RunCost } from '$core/usecases';
import { storedJson } from '$core/validation';
import type { Db } from '../db/open';
import { runToLog } from '../runLog';
import { lastOfRun, runById } from '../runs';
import { runTask } from '../tasks/pool';

/** Runs whose cost is calculated in one task. */
const AT_ONCE = 8;
/** Runs that wait for their cost, by database, and the work that is under way. */
const waiting = new WeakMap<Db, { readonly ids: Set<number>; working: Promise<void> | null }>();

interface Stored {
  readonly id: number;
  readonly lastSequence: number;
  readonly now: number;
  readonly cost: string;
}

/** Costs of runs, as far as they are calculated. */
export interface RunCosts {
  readonly costs: ReadonlyMap<number, RunCost | null>;
  /** Runs still to come. */
  readonly toCome: number;
}

function storedCosts(db: Db, runs: readonly number[]): Map<number, RunCost | null> {
  const rows = db
    .prepare<[string], Stored>(
      `SELECT run_id AS id, last_sequence AS lastSequence, cost,
         (SELECT coalesce(max(sequence), 0) FROM run_event WHERE run_event.run_id = run_cost.run_id) AS now
       FROM run_cost WHERE run_id IN (SELECT value FROM json_each(?))`,
    )
    .all(JSON.stringify(runs));
  return new Map(
    rows.flatMap(({ id, lastSequence, now, cost }) =>
      lastSequence === now ? [[id, storedJson<RunCost | null>(cost)] as const] : [],
    ),
  );
}

/** Calculates what some runs cost, and stores it with the event it was calculated after. */
async function calculate(db: Db, ids: readonly number[]): Promise<void> {
  const given = ids.flatMap((id) => {
    const run = runById(db, id);
    return run ? [{ id, last: lastOfRun(db, id), run: runToLog(db, run) }] : [];
  });
  const done = await runTask('runCosts', { runs: given.map(({ run }) => run) });
  if (!done.ok) return;
  const insert = db.prepare('INSERT OR REPLACE INTO run_cost (run_id, last_sequence, cost) VALUES (?, ?, ?)');
  db.transaction(() => given.forEach(({ id, last }, i) => insert.run(id, last, JSON.stringify(done.value[i]))))();
}

/** Calculates what waits, a few runs at a time, so that none is calculated twice. */
function work(db: Db, runs: readonly number[]): Promise<void> {
  const queue = waiting.get(db) ?? { ids: new Set<number>(), working: null };
  waiting.set(db, queue);
  for (const id of runs) queue.ids.add(id);
  queue.working ??= (async () => {
    while (queue.ids.size > 0) {
      const ids = [...queue.ids].slice(0, AT_ONCE);
      await calculate(db, ids).catch((error: unknown) =>
        console.error('The cost of runs could not be calculated', error),
      );
      for (const id of ids) queue.ids.delete(id);
    }
    queue.working = null;
  })();
  return queue.working;
}

/**
 * Returns what runs cost. What is not known yet is calculated, and stored until the run changes.
 *
 * @param patienceMs after this time the answer comes with the costs so far; the calculation continues
 */
export async function runCosts(db: Db, runs: readonly number[], patienceMs: number): Promise<RunCosts> {
  const known = storedCosts(db, runs);
  const missing = runs.filter((id) => !known.has(id));
  if (missing.length === 0) return { costs: known, toCome: 0 };
  await Promise.race([work(db, missing), setTimeout(patienceMs, null, { ref: false })]);
  const costs = storedCosts(db, runs);
  return { costs, toCome: runs.length - costs.size };
}

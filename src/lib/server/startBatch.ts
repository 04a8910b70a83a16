import { gridHours } from '$core/week';
import type { Blocked, SharedPot } from '$core/time';
import type { Slab } from '$core/slab';
import type { Db } from './db/open';
import { refusal } from './http';
import { groupOf } from './batchPots';
import { plannedRun, type PlannedRun, type PlannedStarts } from './planRun';
import { beginRun, type NewRun } from './runs';
import { wholeShop } from './shop';
import { slabById } from './slabs';
import { batchById, beginBatch, blockedTimes, extraHours, type StoredBatch } from './week';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;
/** Days after the end of a batch for which its run knows the hours: it may be late. */
const DAYS_MORE = 3;

/** Returns when nobody is there, in minutes from a moment that counts as worked, whatever the hours say. */
function closedTimes(db: Db, begin: Date, end: Date): Blocked[] {
  const shop = wholeShop(db);
  const extra = extraHours(db, begin.toISOString());
  const spans = gridHours(shop, begin, end)
    .flatMap(({ name, hours }) => [
      ...hours,
      ...extra
        .filter(({ person }) => person === name)
        .map(({ from, to }) => ({ from: Date.parse(from), to: Date.parse(to) })),
    ])
    .sort((a, b) => a.from - b.from);
  const minuteOf = (ms: number) => Math.round((ms - begin.getTime()) / MINUTE_MS);
  const closed: Blocked[] = [];
  let until = begin.getTime();
  for (const { from, to } of spans) {
    const isFirst = until === begin.getTime() && from > begin.getTime();
    // Work that is begun outside the hours goes on until they begin.
    if (from > until && !isFirst) closed.push({ what: 'people', from: minuteOf(until), to: minuteOf(from) });
    until = Math.max(until, to);
  }
  return closed;
}

/**
 * Returns where the steps of a batch go if work on it and those with the same pots is begun now: those of the first day move with the first
 * step of all, the others stay where they are.
 */
function startsFrom(placed: StoredBatch['placed'], firstMs: number, begin: Date): PlannedStarts | undefined {
  if (!placed || !Number.isFinite(firstMs)) return undefined;
  const shift = begin.getTime() - firstMs;
  return placed.map(({ step, start }) => {
    const at = Date.parse(start);
    const moved = at - firstMs < DAY_MS / 2 ? at + shift : at;
    return [step, Math.max(0, Math.round((moved - begin.getTime()) / MINUTE_MS))] as const;
  });
}

/** A batch with the run that it becomes. */
interface RunOfBatch {
  readonly batch: StoredBatch;
  readonly run: NewRun;
  readonly planFor: PlannedRun['planFor'];
}

/** Returns the run that a batch would become. */
async function runOfBatch(
  db: Db,
  batch: StoredBatch,
  shared: readonly SharedPot[],
  firstMs: number,
  begin: Date,
): Promise<Response | RunOfBatch> {
  const kept = slabById(db, batch.slab);
  if (!kept) return refusal('no-version-to-make');
  const slab: Slab = {
    ...kept.slab,
    tins: batch.tins.map(({ tin, count }) => ({ tin, count })),
    ...(batch.scale ? { scale: batch.scale } : {}),
  };
  const end = new Date(Math.max(Date.parse(batch.due), begin.getTime()) + DAYS_MORE * DAY_MS);
  const minuteOf = (moment: string) => Math.round((Date.parse(moment) - begin.getTime()) / MINUTE_MS);
  const blocked = [
    ...closedTimes(db, begin, end),
    ...blockedTimes(db, begin.toISOString()).flatMap(({ resource, from, to }): Blocked[] =>
      resource === 'oven' || resource === 'people' || resource === 'ring' || resource === 'mixer'
        ? [{ what: resource, from: minuteOf(from), to: minuteOf(to) }]
        : [],
    ),
  ].slice(0, 50);
  const starts = startsFrom(batch.placed, firstMs, begin);
  const own = { blocked };
  const from = { starts, ...(shared.length > 0 ? { shared } : {}) };
  const planned = await plannedRun(db, slab, kept.version, begin.toISOString(), own, 'runs', from);
  if (!planned.ok) return planned.response;
  const { planFor, ingredients, shop } = planned.value;
  const run = { slabId: batch.slab, version: kept.version, slab, begin: begin.toISOString(), ingredients, shop };
  return { batch, planFor, run: { ...run, booksStock: true } };
}

/**
 * Starts a batch of the week at the bench: it becomes a run in its tins, at its hours and places. Batches that cook in one pot are started
 * together.
 *
 * @returns the run of the batch, and those of the others
 */
export async function startBatch(
  db: Db,
  id: number,
  begin: Date,
): Promise<Response | { readonly id: number; readonly others: readonly number[] }> {
  const chosen = batchById(db, id);
  if (!chosen) return refusal('no-batch');
  if (chosen.run !== null) return refusal('batch-begun');
  const group = groupOf(db, id, begin).map((own) => ({ ...own, batch: batchById(db, own.id)! }));
  const firstMs = Math.min(...group.flatMap(({ batch }) => (batch.placed ?? []).map(({ start }) => Date.parse(start))));
  const planned = await Promise.all(group.map(({ batch, shared }) => runOfBatch(db, batch, shared, firstMs, begin)));
  const refused = planned.find((one) => one instanceof Response);
  if (refused) return refused;
  const ready = planned.filter((one): one is RunOfBatch => !(one instanceof Response));
  return db
    .transaction(() => {
      // Two devices may start them at once.
      if (ready.some(({ batch }) => batchById(db, batch.id)?.run !== null)) return refusal('batch-begun');
      const begun = ready.map(({ batch, run, planFor }) => {
        const made = beginRun(db, run, planFor);
        beginBatch(db, batch.id, made.id);
        return { batch: batch.id, run: made.id };
      });
      return {
        id: begun.find((one) => one.batch === id)!.run,
        others: begun.filter((one) => one.batch !== id).map(({ run }) => run),
      };
    })
    .immediate();
}

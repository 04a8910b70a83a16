import { gridHours } from '$core/week';
import type { Blocked } from '$core/time';
import type { Slab } from '$core/slab';
import type { Db } from './db/open';
import { refusal } from './http';
import { plannedRun, type PlannedStarts } from './planRun';
import { beginRun } from './runs';
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

/** Returns where the steps of a batch go if it is begun now: those of its first day move with it, the others stay where they are. */
function startsFrom({ placed }: StoredBatch, begin: Date): PlannedStarts | undefined {
  const moments = (placed ?? []).map(({ step, start }) => ({ step, at: Date.parse(start) }));
  const first = Math.min(...moments.map(({ at }) => at));
  if (!Number.isFinite(first)) return undefined;
  const shift = begin.getTime() - first;
  return moments.map(({ step, at }) => {
    const moved = at - first < DAY_MS / 2 ? at + shift : at;
    return [step, Math.max(0, Math.round((moved - begin.getTime()) / MINUTE_MS))] as const;
  });
}

/** Starts a batch of the week at the bench: it becomes a run in its tins, at its hours and places. */
export async function startBatch(db: Db, id: number, begin: Date): Promise<Response | { readonly id: number }> {
  const batch = batchById(db, id);
  if (!batch) return refusal('no-batch');
  if (batch.run !== null) return refusal('batch-begun');
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
  const planned = await plannedRun(
    db,
    slab,
    kept.version,
    begin.toISOString(),
    { blocked },
    'runs',
    startsFrom(batch, begin),
  );
  if (!planned.ok) return planned.response;
  const { planFor, ingredients, shop } = planned.value;
  return db
    .transaction(() => {
      // Two devices may start it at once.
      if (batchById(db, id)?.run !== null) return refusal('batch-begun');
      const run = beginRun(
        db,
        {
          slabId: batch.slab,
          version: kept.version,
          slab,
          begin: begin.toISOString(),
          ingredients,
          shop,
          booksStock: true,
        },
        planFor,
      );
      beginBatch(db, id, run.id);
      return { id: run.id };
    })
    .immediate();
}

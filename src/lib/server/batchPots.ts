import { larderOf } from '$core/larder';
import { USUAL_SHOP } from '$core/shop';
import type { SharedPot } from '$core/time';
import { potGroups, potsForSeveral, sharedPotsOf, type BatchWithPots } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { wholeShop } from './shop';
import { endOfShopDay } from './shopDay';
import { slabsNamed } from './stock/forOrders';
import { runTask } from './tasks/pool';
import { batchesDue, changeBatch, type StoredBatch } from './week';

const BACK_MS = 14 * 86_400_000;

/** Returns the batches that are not begun, and may share pots. */
export const batchesToMake = (db: Db, now: Date): StoredBatch[] =>
  batchesDue(db, new Date(now.getTime() - BACK_MS).toISOString()).filter(({ run }) => run === null);

/** Returns batches as far as their pots go. Those of deleted slabs are left out. */
export function withPots(db: Db, batches: readonly StoredBatch[]): BatchWithPots[] {
  const slabs = slabsNamed(
    db,
    batches.map(({ slab }) => slab),
  );
  return batches.flatMap(({ id, slab: of, tins, scale, takes = [] }): BatchWithPots[] => {
    const slab = slabs.get(of);
    const from = takes.map((take) => ({ preparation: take.preparation, from: String(take.from) }));
    return slab ? [{ ...{ id: String(id), slab, tins, takes: from }, ...(scale ? { scale } : {}) }] : [];
  });
}

/** A batch with the pots that it shares. */
export interface BatchInGroup {
  readonly id: number;
  readonly shared: readonly SharedPot[];
}

/** Returns a batch with those that it shares pots with: they are begun together, since one cooks for the others. */
export function groupOf(db: Db, id: number, now: Date): BatchInGroup[] {
  const all = batchesToMake(db, now);
  const near = new Set([id]);
  for (let size = 0; size < near.size;) {
    size = near.size;
    for (const { id: own, takes = [] } of all)
      for (const { from } of takes) if (near.has(own) || near.has(from)) near.add(own).add(from);
  }
  if (near.size === 1) return [{ id, shared: [] }];
  const batches = withPots(
    db,
    all.filter((batch) => near.has(batch.id)),
  );
  const ingredients = ingredientsFor(
    db,
    batches.map(({ slab }) => slab),
  );
  const pots = potsForSeveral(batches, larderOf(ingredients), { ...USUAL_SHOP, ...wholeShop(db) });
  const group = potGroups(pots).find((ids) => ids.includes(String(id))) ?? [String(id)];
  return group.map((own) => ({ id: Number(own), shared: sharedPotsOf(pots, own) }));
}

/**
 * Lets batches that were just added take cooked mixtures from the pots of others that are due on the same day, where one pot holds all of it.
 * A batch that was changed meanwhile stays as it is.
 */
export async function shareNewPots(db: Db, added: readonly number[], now: Date): Promise<void> {
  const isNew = ({ id }: StoredBatch) => Number(added.includes(id));
  // What was planned before goes on cooking.
  const all = batchesToMake(db, now).sort((a, b) => isNew(a) - isNew(b));
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const batches = withPots(db, all);
  const ingredients = ingredientsFor(
    db,
    batches.map(({ slab }) => slab),
  );
  const days = new Map(all.map(({ id, due }) => [String(id), endOfShopDay(db, new Date(due)).toISOString()]));
  const done = await runTask('pots', { batches, days, ingredients, shop }, 'week');
  if (!done.ok) return;
  for (const batch of all.filter(isNew)) {
    const { id, revision, placed: _placed, run: _run, ...own } = batch;
    const more = done.value
      .filter((take) => take.batch === String(id))
      .map(({ preparation, from }) => ({ preparation, from: Number(from) }));
    if (more.length > 0) changeBatch(db, id, revision, { ...own, takes: [...(own.takes ?? []), ...more] });
  }
}

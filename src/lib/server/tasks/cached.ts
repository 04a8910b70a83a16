import type { Ingredient } from '$core/larder';
import type { Db } from '../db/open';
import { refusal } from '../http';
import { resultKey, resultOf } from '../results';
import { runTask, type Done, type Given, type Lane, type Name, type TaskDone } from './pool';

/**
 * Runs a task in a thread, unless its result for the same input is cached.
 *
 * @returns as `runTask`; refusals are not cached
 */
export async function cachedTask<N extends Name>(
  db: Db,
  name: N,
  given: Given<N>,
  lane: Lane = 'general',
): Promise<TaskDone<Done<N>>> {
  const key = resultKey(name, given);
  // The request that started the same work may have been cancelled: then it starts again.
  for (let attempts = 0; attempts < MAX_ATTEMPTS; attempts++) {
    let refusal: TaskDone<never> | null = null;
    const found = await resultOf<{ readonly value: Done<N> }>(db, key, async () => {
      const done = await runTask(name, given, lane);
      if (done.ok) return { value: done.value };
      refusal = done;
      return null;
    });
    if (found) return { ok: true, value: found.value };
    if (refusal) return refusal;
  }
  return { ok: false, response: refusal('busy') };
}

const MAX_ATTEMPTS = 3;

/** Returns ingredients without the prices of their packs, so that a new price leaves setting and schedule cached. */
export const withoutPrices = (ingredients: readonly Ingredient[]): Ingredient[] =>
  ingredients.map(({ packs, ...rest }) => ({
    ...rest,
    revision: undefined,
    ...(packs && { packs: packs.map(({ name, massG }) => ({ name, massG })) }),
  }));

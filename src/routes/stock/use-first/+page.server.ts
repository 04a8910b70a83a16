import { database } from '$lib/server/db';
import { useFirst } from '$lib/server/stock/useFirst';

/** Loads what is to be used first, with the slabs that use it; nothing while the server is too busy. */
export async function load() {
  const now = new Date();
  const done = await useFirst(database(), now);
  return { isBusy: !done.ok, ...(done.ok ? done.value : { lots: [], leftOver: [] }), now: now.toISOString() };
}

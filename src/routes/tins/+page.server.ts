import { database } from '$lib/server/db';
import { allTins } from '$lib/server/tins';

export function load() {
  return { rack: allTins(database()) };
}

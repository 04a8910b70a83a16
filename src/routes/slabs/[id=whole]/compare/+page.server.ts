import { database } from '$lib/server/db';
import { slabVersions } from '$lib/server/slabs';

/** The versions of the slab, the newest first. */
export function load({ params }) {
  return { versions: slabVersions(database(), Number(params.id)) };
}

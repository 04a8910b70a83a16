import { json } from '@sveltejs/kit';
import { parseSlab } from '$core/slab';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused, refusedWith } from '$lib/server/http';
import { warm } from '$lib/server/warm';
import { keepSlab, removeSlab, slabById } from '$lib/server/slabs';
import { tagged } from '$lib/server/tagged';

const MAX_LEARNT = 200;
const isRuns = (found: unknown): found is number[] =>
  Array.isArray(found) && found.length <= MAX_LEARNT && found.every((id) => Number.isInteger(id) && id > 0);

/** Returns the last saved version of a slab. */
export function GET({ params, request }) {
  const kept = slabById(database(), Number(params.id));
  return kept ? tagged(request, kept) : refusal('no-slab');
}

/**
 * Saves a slab: `{ "seen": version that the change is based on, "slab": slab file, "learnt"?: runs that changed it }`. 409 when
 * another version was saved since.
 */
export async function PUT({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const { seen, slab, learnt = [] } = Object(body.value) as { seen?: unknown; slab?: unknown; learnt?: unknown };
  if (typeof seen !== 'number') return refusal('version-missing');
  if (!isRuns(learnt)) return refusal('too-many-learnt', MAX_LEARNT);
  const read = parseSlab(slab);
  if (!read.ok) return refused(read.problems);
  const kept = keepSlab(database(), Number(params.id), seen, read.value, new Date().toISOString(), learnt);
  if (kept.ok) {
    warm(database(), Number(params.id));
    return json(kept);
  }
  if (kept.reason === 'gone') return refusal('slab-deleted');
  return refusedWith('version-changed', kept);
}

/** Deletes a slab from the list. */
export function DELETE({ params }) {
  const done = removeSlab(database(), Number(params.id), new Date().toISOString());
  return done ? json({ ok: true }) : refusal('slab-deleted');
}

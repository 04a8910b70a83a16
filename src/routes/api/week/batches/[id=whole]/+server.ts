import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused, refusedWith } from '$lib/server/http';
import { readRevision, revisionIn } from '$lib/server/requests/kept';
import { readBatch } from '$lib/server/requests/weekPlan';
import { batchById, changeBatch, removeBatch, type BatchChanged } from '$lib/server/week';

function answer(id: number, done: BatchChanged): Response {
  if (done === 'gone') return refusal('no-batch');
  if (done === 'begun') return refusal('batch-begun');
  return done === 'changed' ? refusedWith('week-changed', { batch: batchById(database(), id) }) : json(done);
}

/** Changes a batch that is not begun: `{ "revision", ... }`. */
export async function PUT({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const db = database();
  const revision = readRevision((Object(body.value) as { revision?: unknown }).revision);
  const batch = readBatch(body.value, db);
  if (!revision.ok) return refused(revision.problems);
  if (!batch.ok) return refused(batch.problems);
  const { slab, tins, scale, pieces, notBefore, due, orders, takes, pinned } = batch.value;
  const id = Number(params.id);
  const changed = { slab, tins, scale, pieces, notBefore, due, orders, takes, pinned };
  return answer(id, changeBatch(db, id, revision.value, changed));
}

/** Deletes a batch that is not begun: `?revision=` as read. */
export function DELETE({ params, url }) {
  const revision = revisionIn(url);
  if (!revision.ok) return refused(revision.problems);
  const id = Number(params.id);
  return answer(id, removeBatch(database(), id, revision.value, new Date().toISOString()));
}

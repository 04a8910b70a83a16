import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused } from '$lib/server/http';
import { readRevision, readTin, revisionIn } from '$lib/server/requests/kept';
import { tagged } from '$lib/server/tagged';
import { allTins, changeTin, removeTin } from '$lib/server/tins';

/** Returns a tin with its revision. */
export function GET({ params, request }) {
  const tin = allTins(database()).find(({ id }) => id === Number(params.id));
  return tin ? tagged(request, tin) : refusal('no-tin');
}

/** Changes a tin: `{ "revision": as read, "tin": {...}, "name", "count" }`. 409 when someone else changed it since. */
export async function PUT({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const revision = readRevision((Object(body.value) as { revision?: unknown }).revision);
  if (!revision.ok) return refused(revision.problems);
  const read = readTin(body.value);
  if (!read.ok) return refused(read.problems);
  const { name, count, tin } = read.value;
  const done = changeTin(database(), { id: Number(params.id), revision: revision.value, name, count, tin });
  if (done) return json({ ok: true });
  return refusal('tin-changed');
}

/** Deletes a tin: `?revision=` as read. 409 when someone else changed it since. */
export function DELETE({ params, url }) {
  const revision = revisionIn(url);
  if (!revision.ok) return refused(revision.problems);
  const done = removeTin(database(), Number(params.id), revision.value);
  if (done === 'removed') return json({ ok: true });
  return done === 'gone' ? refusal('no-tin') : refusal('tin-to-delete-changed');
}

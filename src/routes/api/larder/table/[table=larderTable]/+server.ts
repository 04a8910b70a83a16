import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyText, refusal } from '$lib/server/http';
import { larderCsv, writeInTurns } from '$lib/server/larderCsv';
import { runTask } from '$lib/server/tasks/pool';

/** Returns the larder or its prices as CSV. */
export function GET({ params }) {
  return new Response(larderCsv(database(), params.table), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${params.table}.csv"`,
    },
  });
}

/** Previews the changes of a table. `stamp` identifies the larder that the preview is based on. */
export async function POST({ request, params }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  const read = await runTask('table', { text: body.value, of: params.table, file: database().name });
  return read.ok ? json({ ...read.value.changes, stamp: read.value.stamp }) : read.response;
}

/** Imports a table; rejected rows are listed. With `?stamp=` of a preview, 409 when the larder has changed since. */
export async function PUT({ request, params, url }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  const db = database();
  const read = await runTask('table', { text: body.value, of: params.table, file: db.name });
  if (!read.ok) return read.response;
  const { changes, taken, stamp } = read.value;
  const looked = url.searchParams.get('stamp') ?? stamp;
  const today = new Date().toISOString().slice(0, 10);
  if (looked === stamp && (await writeInTurns(db, taken, stamp, today))) return json(changes);
  return refusal('larder-changed');
}

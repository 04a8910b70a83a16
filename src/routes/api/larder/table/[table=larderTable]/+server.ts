import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyText } from '$lib/server/http';
import { larderCsv, previewCsv, takeCsv } from '$lib/server/larderCsv';

/** The larder or its prices as CSV. */
export function GET({ params }) {
  return new Response(larderCsv(database(), params.table), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${params.table}.csv"`,
    },
  });
}

/** Tells what a table would change, and changes nothing. */
export async function POST({ request, params }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  return json(previewCsv(database(), body.text, params.table));
}

/** Brings a table in; bad rows are left out and told. */
export async function PUT({ request, params }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  return json(takeCsv(database(), body.text, params.table, new Date().toISOString().slice(0, 10)));
}

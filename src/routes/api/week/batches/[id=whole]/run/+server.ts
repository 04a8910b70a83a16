import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { startBatch } from '$lib/server/startBatch';

/** Starts a batch at the bench. */
export async function POST({ params }) {
  const started = await startBatch(database(), Number(params.id), new Date());
  return started instanceof Response ? started : json(started, { status: 201 });
}

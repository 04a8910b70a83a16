import { problemMessage } from '$wording/problems';
import { json } from '@sveltejs/kit';
import { ZIP_LIMIT } from '$lib/limits/bodyLimits';
import { database } from '$lib/server/db';
import { bodyBytes, refusal } from '$lib/server/http';
import { addFromFiles, slabsWithRuns } from '$lib/server/runFiles';
import { runTask } from '$lib/server/tasks/pool';

/** Returns slabs with their runs in one zip: all, or those in `ids`. */
export async function GET({ url }) {
  const ids = url.searchParams.get('ids')?.split(',').map(Number) ?? null;
  const done = await runTask('zip', slabsWithRuns(database(), ids));
  if (!done.ok) return done.response;
  return new Response(done.value as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/zip', 'Content-Disposition': 'attachment; filename="slabs.zip"' },
  });
}

/** Imports the slab files of a zip with their runs in one transaction; invalid ones are listed. */
export async function POST({ request }) {
  const body = await bodyBytes(request, ZIP_LIMIT);
  if (!body.ok) return body.response;
  const done = await runTask('unzip', body.value);
  if (!done.ok) return done.response;
  const read = done.value;
  if (!read) return refusal('not-a-zip');
  if (read.slabs.length + read.refused.length === 0) {
    return refusal('no-slabs-in-zip');
  }
  const { ids, runs, refused } = addFromFiles(database(), read, new Date().toISOString());
  const messages = [...read.refused, ...refused].map(({ file, problems }) => ({
    file,
    problems: problems.map(problemMessage),
  }));
  return json({ ids, runs, refused: messages }, { status: ids.length > 0 ? 201 : 422 });
}

import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyBytes, problem } from '$lib/server/http';
import { slabsInZip, zipOf } from '$lib/server/slabFiles';
import { addSlabs, allSlabs } from '$lib/server/slabs';

/** All slabs of the shop in one zip, or those that `ids` names. */
export function GET({ url }) {
  const ids = url.searchParams.get('ids')?.split(',').map(Number);
  const slabs = allSlabs(database()).filter(({ id }) => !ids || ids.includes(id));
  return new Response(zipOf(slabs.map(({ slab }) => slab)) as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/zip', 'Content-Disposition': 'attachment; filename="slabs.zip"' },
  });
}

/** Takes in the slab files of a zip, all of them at once; those that do not read are told. */
export async function POST({ request }) {
  const body = await bodyBytes(request);
  if (!body.ok) return body.response;
  const read = slabsInZip(body.bytes);
  if (!read) return problem('This is not a zip file, or it is damaged: choose one that opens');
  if (read.slabs.length + read.refused.length === 0) {
    return problem('There is no slab file in this zip: their names end in .slab.json');
  }
  const now = new Date().toISOString();
  const ids = addSlabs(
    database(),
    read.slabs.map(({ slab }) => slab),
    now,
  );
  return json({ ids, refused: read.refused }, { status: ids.length > 0 ? 201 : 422 });
}

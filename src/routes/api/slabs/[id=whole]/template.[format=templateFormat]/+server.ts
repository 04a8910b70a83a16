import { fileName } from '$lib/format/fileName';
import { database } from '$lib/server/db';
import { refusal, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';
import { runTask } from '$lib/server/tasks/pool';
import { TEMPLATE_TYPES, type TemplateFormat } from '$lib/server/template/formats';
import { PAPERS, type Paper } from '$lib/server/template/pdf';

/** Returns a full-size cutting template of a saved slab: `?paper=a4` or `letter` for the PDF. */
export async function GET({ params, url }) {
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return refusal('no-slab');
  const paper = url.searchParams.get('paper') ?? 'a4';
  if (!Object.hasOwn(PAPERS, paper)) return refusal('no-paper', Object.keys(PAPERS).join(', '));
  const { slab } = kept;
  const format = params.format as TemplateFormat;
  const given = { slab, ingredients: ingredientsFor(db, [slab]), shop: wholeShop(db) };
  const done = await runTask('template', { ...given, format, paper: paper as Paper });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const name = fileName(slab.name).replace('.slab.json', `-template.${format}`);
  return new Response(done.value.value as string | Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': TEMPLATE_TYPES[format], 'Content-Disposition': `attachment; filename="${name}"` },
  });
}

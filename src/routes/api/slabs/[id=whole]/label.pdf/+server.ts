import { fileName } from '$lib/format/fileName';
import { database } from '$lib/server/db';
import { refusal, refused } from '$lib/server/http';
import { allergensOfSlabs } from '$lib/server/labels';
import { allergensOfSlab } from '$lib/server/labels';
import { ingredientsFor } from '$lib/server/larder';
import { readPrintedLabels } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';
import { runTask } from '$lib/server/tasks/pool';

/** Labels of a saved slab on the shop's own sheets: `?madeOn=2026-11-26&pieces=6&count=8&from=1&profile=eu&also=2,3`. */
export async function GET({ params, url }) {
  const read = readPrintedLabels(url.searchParams);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return refusal('no-slab');
  const { count, from, alsoMade = [], ...asked } = read.value;
  const ingredients = ingredientsFor(db, [kept.slab]);
  const uncertain = allergensOfSlab(kept.slab, ingredients);
  const done = await runTask('labelsPdf', {
    slab: kept.slab,
    ingredients,
    shop: wholeShop(db),
    asked: {},
    label: { ...asked, uncertain, alsoMade: allergensOfSlabs(db, alsoMade) },
    print: { count, from },
  });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const name = fileName(kept.slab.name).replace('.slab.json', '-labels.pdf');
  return new Response(done.value.value as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}

import { USUAL_LABELS, USUAL_SHOP } from '../../../../../core/shop';
import { datesIn } from '$lib/dates';
import { fileName } from '$lib/fileName';
import { database } from '$lib/server/db';
import { problem, refused } from '$lib/server/http';
import { labelPdf } from '$lib/server/labelPdf';
import { keptLabel } from '$lib/server/labels';
import { readPrintedLabels } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';

/** Labels of a kept slab on the shop's own sheets: `?madeOn=2026-11-26&pieces=6&count=8&from=1&profile=eu&also=2,3`. */
export async function GET({ params, url }) {
  const read = readPrintedLabels(url.searchParams);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return problem('This slab is no longer in the shop', '', 404);
  const shop = wholeShop(db);
  const sheet = { ...USUAL_LABELS, ...shop.labels };
  const label = keptLabel(db, kept, read.value);
  const { count = sheet.columns * sheet.rows, from = 1 } = read.value;
  const bestBefore = label.bestBefore && datesIn(shop.locale ?? USUAL_SHOP.locale, shop.zone).day(label.bestBefore);
  const made = await labelPdf(label, sheet, { count, from, bestBefore });
  if (!made.ok) return problem(made.message, '/labels');
  const name = fileName(kept.slab.name).replace('.slab.json', '-labels.pdf');
  return new Response(made.bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}

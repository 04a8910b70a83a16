import { larderOf } from '../../../../../core/larder';
import { cutInOrder } from '../../../../../core/usecases';
import { fileName } from '$lib/fileName';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';
import { templateDxf } from '$lib/server/template/dxf';
import { PAPERS, templatePdf, type Paper } from '$lib/server/template/pdf';
import { templateSvg } from '$lib/server/template/svg';

const TYPES = { pdf: 'application/pdf', svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** A template to cut a kept slab by, at its true size: `?paper=a4` or `letter` for the PDF. */
export async function GET({ params, url }) {
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return problem('This slab is no longer in the shop', '', 404);
  const paper = url.searchParams.get('paper') ?? 'a4';
  if (!(paper in PAPERS)) return problem(`Write one of: ${Object.keys(PAPERS).join(', ')}`, '/paper');
  const { slab } = kept;
  const order = cutInOrder(slab, larderOf(ingredientsFor(db, [slab])), wholeShop(db));
  if (!order) return problem('This slab is not cut on lines: there is no template of it', '/cut');
  const format = params.format as keyof typeof TYPES;
  const body =
    format === 'pdf'
      ? ((await templatePdf(order, slab.name, paper as Paper)) as Uint8Array<ArrayBuffer>)
      : format === 'svg'
        ? templateSvg(order, slab.name)
        : templateDxf(order);
  const name = fileName(slab.name).replace('.slab.json', `-template.${format}`);
  return new Response(body, {
    headers: { 'Content-Type': TYPES[format], 'Content-Disposition': `attachment; filename="${name}"` },
  });
}

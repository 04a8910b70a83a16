import { reasonText } from '$wording/problems';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import DxfParser from 'dxf-parser';
import { PDFDocument } from 'pdf-lib';
import { layOut, strokeOrder } from '$core/cut';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';
import { templateDxf } from '../../../src/lib/server/template/dxf';
import { templatePdf } from '../../../src/lib/server/template/pdf';
import { templateSvg } from '../../../src/lib/server/template/svg';
import { close } from '../figures';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 12 };
const cut: CutSpec = { columns: 3, rows: 2, trimMm: { left: 6, right: 6, front: 4, back: 4 } };
const order = strokeOrder(layOut(box, 20, cut)!);

test('DXF: another reader finds the outline and the strokes in mm', () => {
  const read = new DxfParser().parseSync(templateDxf(order))!;
  const lines = read.entities.filter(({ type }) => type === 'LINE') as unknown as {
    vertices: { x: number; y: number }[];
  }[];
  assert.equal(lines.length, 7);
  assert.deepEqual(
    lines.map(({ vertices }) => vertices.map(({ x, y }) => [x, y])),
    order.strokes.map(({ from, to }) => [from, to]),
  );
  const [outline] = read.entities.filter(({ type }) => type === 'LWPOLYLINE') as unknown as {
    vertices: { x: number; y: number; bulge?: number }[];
  }[];
  const [xs, ys] = [outline!.vertices.map(({ x }) => x), outline!.vertices.map(({ y }) => y)];
  assert.deepEqual([Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)], [0, 300, 0, 200]);
  assert.equal(outline!.vertices.filter(({ bulge }) => bulge && close(bulge, Math.tan(Math.PI / 8), 1e-6)).length, 4);
  assert.equal((read.header as Record<string, unknown>).$INSUNITS, 4);
});

test('SVG: true size, and a name stays text', () => {
  const svg = templateSvg(order, '<b>&"');
  assert.match(svg, /width="300mm" height="200mm" viewBox="0 0 300 200"/);
  assert.ok(svg.includes('<title>&lt;b&gt;&amp;&quot;</title>'));
  assert.equal(svg.match(/<path d="M[\d.]+ [\d.]+L/g)!.length, 7);
});

test('PDF: as many sheets as the slab needs, on the chosen paper', async () => {
  const pages = async (paper: 'a4' | 'letter', of = order) => {
    const made = await templatePdf(of, 'Rye \u{1F36B} slice', paper);
    assert.ok(made.ok);
    return (await PDFDocument.load(made.value)).getPages().map((page) => page.getSize());
  };
  const a4 = await pages('a4');
  // 300 x 200 mm on frames of 186 x 273 mm that share 10 mm: two beside each other.
  assert.equal(a4.length, 2);
  assert.ok(close(a4[0]!.width, (210 / 25.4) * 72, 1e-6) && close(a4[0]!.height, (297 / 25.4) * 72, 1e-6));
  assert.ok(close((await pages('letter'))[0]!.width, 8.5 * 72, 1e-6));
  const large = strokeOrder(layOut({ ...box, lengthMm: 400, widthMm: 300 }, 20, cut)!);
  assert.equal((await pages('a4', large)).length, 6);
});

test('PDF: a slab that nobody would assemble from paper is refused before it is drawn', async () => {
  const vast = strokeOrder(layOut({ ...box, lengthMm: 5000, widthMm: 5000 }, 20, { columns: 200, rows: 200 })!);
  const made = await templatePdf(vast, 'Vast', 'a4');
  assert.ok(!made.ok && /needs 551 sheets of A4, and at most 80/.test(reasonText(made.problems[0]!)));
});

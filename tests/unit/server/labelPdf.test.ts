import { reasonText } from '$wording/problems';
/** Labels as text and on sheets: no space is lost, every label has its position, and what does not fit is reported. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PDFDocument } from 'pdf-lib';
import { USUAL_LABELS } from '$core/shop';
import { labelFor, plan } from '$core/usecases';
import { labelBlocks, runsOf, wordsOf, type Run } from '../../../src/lib/format/labelText';
import { labelPdf, sheetProblem } from '../../../src/lib/server/labelPdf';
import { demoLarder, ryeSlice, shop } from '../things';

const label = labelFor(ryeSlice, demoLarder, shop, plan(ryeSlice, demoLarder, shop), {
  ...{ madeOn: '2026-11-26', pieces: 6, alsoMade: ['tree nuts'] },
});
const plainText = (text: string) => text.replaceAll('**', '').replace(/\s+/g, ' ');
const joined = (runs: readonly Run[]) =>
  wordsOf(runs)
    .map(({ text, spaced }) => (spaced ? ` ${text}` : text))
    .join('');

test('words with bold ones among them give the text back, space for space', () => {
  const text = 'butter (**milk**), **rye** flour (18 %), dark **soya** lecithin.';
  assert.equal(joined(runsOf(text)), plainText(text));
  const all = labelBlocks(label).map(joined);
  assert.equal(all[0], 'Rye and treacle slice');
  assert.equal(all[1], `Ingredients: ${plainText(label.text)}.`);
  assert.equal(all[2], 'May contain nuts.');
  // A figure and its unit stay on one line.
  assert.match(
    all[3]!,
    /^Nutrition per 100\u00a0g: Energy \d+\u00a0kJ \/ \d+\u00a0kcal; Fat \d+\u00a0g, of which saturates/,
  );
  assert.match(all[4]!, /^343 g\. Best before 10 Dec 2026\. Lot L261126\. Keep in a cool, dry place\.$/);
  assert.match(all.at(-1)!, /^Draft: /);
});

test('as many sheets as the labels need from their first position on, and a test sheet', async () => {
  const pages = async (count: number, from: number) => {
    const made = await labelPdf(label, USUAL_LABELS, { count, from });
    return made.ok ? (await PDFDocument.load(made.value)).getPageCount() : 0;
  };
  assert.equal(await pages(8, 1), 2);
  assert.equal(await pages(8, 2), 3);
  assert.equal(await pages(1, 8), 2);
});

test('a label is laid out once, however often it is printed', async () => {
  const bytes = async (count: number) => {
    const made = await labelPdf(label, USUAL_LABELS, { count, from: 1 });
    return made.ok ? made.value.length : 0;
  };
  const [few, many] = [await bytes(8), await bytes(500)];
  assert.ok(few > 5000 && many - few < 492 * 100, `${few} and ${many} bytes`);
});

test('a name in any European script is printed; a label that is too small, or off its paper, is refused', async () => {
  const named = { ...label, name: 'Žemlovka s mąką, ορεχ, ржаной' };
  assert.ok((await labelPdf(named, USUAL_LABELS, { count: 1, from: 1 })).ok);
  const small = await labelPdf(label, { ...USUAL_LABELS, widthMm: 30, heightMm: 15 }, { count: 1, from: 1 });
  assert.ok(!small.ok && small.problems[0]!.code === 'label-text-does-not-fit');
  const endless = { ...label, text: 'sugar, '.repeat(20_000) };
  const full = await labelPdf(endless, USUAL_LABELS, { count: 1, from: 1 });
  assert.ok(!full.ok && full.problems[0]!.code === 'label-text-does-not-fit');
  const wide = sheetProblem({ ...USUAL_LABELS, columns: 3 })!;
  assert.equal(wide.code, 'labels-too-wide');
  assert.match(reasonText(wide), /^The labels need 298 mm across, and the paper is 210 mm wide/);
  const high = sheetProblem({ ...USUAL_LABELS, rows: 5 })!;
  assert.equal(high.code, 'labels-too-high');
  assert.match(reasonText(high), /^The labels need 340 mm down, and the paper is 297 mm high/);
  assert.equal(sheetProblem({ ...USUAL_LABELS, paper: 'Letter' }), null);
});

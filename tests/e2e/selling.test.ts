/** Price, pack and label: three channels and a printed list, margin first and then by cut, a box and a label for six, dearer butter. */
import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import { expect, slabId, test, tray } from './shop';

/** An amount of euros as shown, in cents. */
const cents = (text: string) => Math.round(Number(text.replace(/[^\d.-]/g, '')) * 100);

test('three channels are priced and the list is printed: every table adds up', async ({ open, page, shop }) => {
  await open('/settings#channels');
  await page.getByRole('button', { name: 'Add sales channel' }).click();
  await page.getByLabel('Name').last().fill('Market');
  await page.getByLabel('Fee, %').last().fill('12');
  await page.getByLabel('Packaging').last().selectOption({ label: 'flat box' });
  await page.getByLabel('Pieces').last().fill('4');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  const bill = page.getByRole('region', { name: 'Cost of a batch' });
  await expect(bill.getByRole('row', { name: /^Labour/ })).toBeVisible();
  const rows = await bill.getByRole('row').allInnerTexts();
  for (const column of [1, 2]) {
    const shown = rows.slice(1).map((row) => cents(row.split('\t')[column]!));
    expect(shown.slice(0, -1).reduce((sum, value) => sum + value, 0)).toBe(shown.at(-1));
  }
  // The parts of one piece add up to its price.
  const parts = await page
    .getByRole('group', { name: 'Breakdown of the price of one piece' })
    .getByRole('button')
    .evaluateAll((all) => all.map((element) => element.getAttribute('aria-label') ?? ''));
  const price = cents(await tray(page, 'Price').innerText());
  expect(parts.map(cents).reduce((sum, value) => sum + value, 0)).toBe(price);
  const market = page.getByRole('region', { name: 'By channel' }).getByRole('row', { name: /^Market, 4/ });
  await expect(market).toContainText(`€${((4 * price) / 100).toFixed(2)}`);
  await page.getByRole('link', { name: 'price list' }).click();
  await expect(page.getByRole('columnheader', { name: 'Market' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Rye and treacle slice/ })).toContainText('for 4');
  const csv = await (await page.request.get(`${shop.address}/api/prices`)).text();
  expect(csv.split('\r\n')[0]).toContain('Market: price');
  expect(csv).toContain(`Rye and treacle slice,,57.`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test('margin first, then by cut: the better cut is chosen, and the tray follows', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await page.getByLabel('Margin, %').fill('100');
  await expect(page.getByText('Enter 99.9 or less').first()).toBeVisible();
  await page.getByLabel('Margin, %').fill('60');
  await expect(tray(page, 'Price')).toHaveText('€4.20');
  await page.getByRole('tab', { name: 'Other cuts' }).click();
  const best = page.getByRole('row').nth(1);
  await expect(page.getByRole('button', { name: /^Use this cut/ }).first()).toBeVisible();
  const earned = await page.getByRole('row', { name: /current/ }).innerText();
  await page
    .getByRole('button', { name: /^Use this cut/ })
    .first()
    .click();
  await expect(tray(page, 'Pieces')).not.toHaveText('24');
  await expect(best).toBeVisible();
  expect(earned).toContain('6 x 4');
  await page.getByRole('tab', { name: 'Larger batches' }).click();
  await expect(page.getByText(/when you make 4 slabs at once/)).toBeVisible();
  await page.getByRole('tab', { name: 'Cost history' }).click();
  await expect(page.getByText(/Ingredients per piece cost €0\.\d\d on/)).toBeVisible();
  await page.getByLabel('Set the price by').selectOption('a price');
  await page.getByLabel('Price of a piece, EUR').fill('0.9');
  await expect(page.getByText(/Every piece loses €0\./)).toBeVisible();
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText(/sells for €0\.79 before tax and costs/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Use the shop’s setting' }).click();
  await expect(page.getByText(/Every piece loses/)).toHaveCount(0);
});

test('a box and a label for six pieces: drawn, dated, marked as a draft, printed on the shop’s label sheets', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Hazelnut crisp fingers');
  const plain = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${plain}/pack`);
  await expect(page.getByRole('img', { name: /6 pieces in flat box, 6 in a layer, 1 layer/ })).toBeVisible();
  await page.getByRole('button', { name: /^Choose.*tall box/ }).click();
  await page.getByLabel('Pieces per pack').fill('');
  await expect(page.getByRole('heading', { level: 2, name: /16 pieces in tall box/ })).toBeVisible();
  await page.getByLabel('Pieces per pack').fill('6');
  await page.getByLabel('Wrapper').selectOption('greaseproof');
  await expect(page.getByRole('img', { name: /greaseproof: a paper of/ })).toBeVisible();
  await page.getByLabel('Shelf life, days').fill('10');
  await page.getByRole('link', { name: 'Label' }).click();
  await page.getByLabel('Made on').fill('26/11/2026');
  await page.getByLabel('Made on').blur();
  const label = page.getByRole('article', { name: 'The label' });
  await expect(label).toContainText('Best before 6 Dec 2026');
  await expect(label).toContainText('343 g');
  await expect(label).toContainText('Lot L261126');
  await expect(label).toContainText('Draft: check it against your local food law');
  await expect(label.locator('b').filter({ hasText: /^rye$/ })).toBeVisible();
  await page.getByText('Hazelnut crisp fingers').click();
  await expect(label).toContainText('May contain nuts');
  await expect(page.getByText('Save the version first. Labels are printed from the saved version')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download labels (PDF)' }).click();
  const file = await (await saved).path();
  // Eight labels on one sheet, and the test sheet.
  expect((await PDFDocument.load(readFileSync(file))).getPageCount()).toBe(2);
  // In the United States it is calories, and the contents are stated again.
  await page.getByLabel('Rules').selectOption('United States');
  await expect(label).toContainText('Calories');
  await expect(label).toContainText('Contains: soy, milk');
  await expect(label).toContainText('Best by Dec 6, 2026');
  await expect(label).toContainText(/Serving size\s*1 piece/);
  await expect(page.getByText(/The law also asks for trans fat, cholesterol/)).toBeVisible();
  await page.getByLabel('Rules').selectOption('United Kingdom, sold loose');
  await expect(label).toContainText(/Contains: rye, soya, milk/);
  await expect(label).not.toContainText('Ingredients');
  await open(`/slabs/${id}/label`);
  await expect(page.getByRole('article', { name: 'The label' })).toContainText('hazelnuts (');
});

test('butter a tenth dearer: forecast, entered in the larder, and the price follows', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await page.getByRole('tab', { name: 'Price rise' }).click();
  // 285 g of butter cost 3.135: a tenth of that, plus the share of unsold pieces.
  await page.getByLabel('Of', { exact: true }).selectOption('butter');
  await expect(page.getByText(/Costs\s+€0\.32\s+more per batch/)).toBeVisible();
  await page.getByLabel('Price rise, %').fill('25');
  await expect(page.getByText(/Costs\s+€0\.81\s+more per batch/)).toBeVisible();
  const before = await page
    .getByRole('region', { name: 'Cost of a batch' })
    .getByRole('row', { name: /^Total/ })
    .innerText();
  await open('/larder');
  await page.getByRole('searchbox').fill('butter');
  await page.getByRole('button', { name: 'Edit butter', exact: true }).click();
  await page.getByLabel('Price').first().fill('3.03');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /^butter/ }).first()).toContainText('€3.03');
  await open(`/slabs/${id}/price`);
  const all = page.getByRole('region', { name: 'Cost of a batch' }).getByRole('row', { name: /^Total/ });
  await expect
    .poll(async () => cents((await all.innerText()).split('\t')[1]!) - cents(before.split('\t')[1]!))
    .toBeGreaterThan(30);
  await page.getByRole('tab', { name: 'Cost history' }).click();
  await expect(page.getByText(/butter/).first()).toBeVisible();
});

test('without milk: answered line by line, what changes is said, and the copy is checked', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Lime and coconut two-tone');
  await open(`/slabs/${id}/label`);
  const without = page.getByRole('region', { name: 'Without an allergen' });
  await without.getByLabel('Make it without').selectOption('milk');
  await without.getByRole('button', { name: 'Show substitutions' }).click();
  await expect(without.getByRole('listitem').first()).toContainText('coconut condensed milk for condensed milk');
  await expect(without.getByRole('row', { name: /^Fat/ })).toBeVisible();
  // What has no substitute in the larder can be removed.
  const unanswered = without.getByLabel(/^Instead of/);
  for (let left = await unanswered.count(); left > 0; left--) {
    await unanswered.first().selectOption('Remove it');
    await expect(unanswered).toHaveCount(left - 1);
  }
  await without.getByRole('button', { name: 'Save as a new slab' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lime and coconut two-tone, without milk');
});

test('services: a price, a label, boxes; and invalid input is answered with its place', async ({ request, shop }) => {
  const slab = JSON.parse(
    readFileSync(new URL('../../demo/slabs/rye-and-treacle-slice.slab.json', import.meta.url), 'utf8'),
  ) as object;
  const post = (path: string, data: object) => request.post(shop.address + path, { data });
  const priced = (await (
    await post('/api/price', { slab, pricing: { markup: 1.5, taxPercent: 0, ladder: [] } })
  ).json()) as {
    costs: Record<string, number>;
    perPiece: Record<string, number>;
  };
  const { total, ...items } = priced.costs;
  expect(Math.round(Object.values(items).reduce((sum, value) => sum + value, 0) * 100)).toBe(Math.round(total! * 100));
  expect(priced.perPiece.price).toBe(Math.ceil((total! / 24) * 2.5 * 100 - 1e-9) / 100);
  const label = (await (await post('/api/label', { slab, madeOn: '2026-11-26', pack: { pieces: 6 } })).json()) as {
    text: string;
    bestBefore: string;
    nutrition: { kJ: number };
  };
  expect(label.text).toContain('**milk**');
  expect(label.bestBefore).toBe('2026-12-10');
  expect(label.nutrition.kJ).toBeGreaterThan(1500);
  const piece = { lengthMm: 75, widthMm: 25, heightMm: 17, massG: 30 };
  const boxes = [{ name: 'flat', lengthMm: 160, widthMm: 110, heightMm: 30, price: 0.3 }];
  const { answers } = (await (await post('/api/boxes', { piece, pieces: 24, boxes, interleafMm: 1 })).json()) as {
    answers: { perBox: number }[];
  };
  expect(answers[0]!.perBox).toBe(8);
  const wrong: readonly (readonly [string, object, string])[] = [
    ['/api/price', { slab, pricing: { margin: 1 } }, '/pricing/margin'],
    ['/api/price', { slab, pricing: { taxPercent: 101 } }, '/pricing/taxPercent'],
    ['/api/price', { slab, pricing: { labourPerHour: -1 } }, '/pricing/labourPerHour'],
    ['/api/price', { slab, pricing: { ladder: ['x'] } }, '/pricing/ladder/0'],
    ['/api/price', { slab, pricing: { trim: { perKg: -2 } } }, '/pricing/trim/perKg'],
    ['/api/label', { slab, madeOn: '2026-02-30' }, '/madeOn'],
    ['/api/label', { slab, madeOn: '2026-11-26', profile: 'moon' }, '/profile'],
    ['/api/boxes', { piece, pieces: 24, boxes: [] }, '/boxes'],
    ['/api/boxes', { piece, pieces: 0, boxes }, '/pieces'],
    ['/api/free-from', { slab, allergen: 'dust' }, '/allergen'],
  ];
  for (const [path, body, place] of wrong) {
    const answer = await post(path, body);
    expect(answer.status(), path + JSON.stringify(body).slice(-60)).toBe(422);
    const { problems } = (await answer.json()) as { problems: { path: string; message: string }[] };
    expect(problems.map((problem) => problem.path)).toContain(place);
  }
  // A piece larger than every box fits none, and that is an answer.
  const none = await (await post('/api/boxes', { piece: { ...piece, heightMm: 90 }, pieces: 5, boxes })).json();
  expect(none).toEqual({ answers: [] });
});

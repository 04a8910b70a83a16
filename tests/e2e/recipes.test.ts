/** A slab in and the amounts out: paste to plan, order to tins, one can in two mixtures, weigh out, compare, tables. */
import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { expect, line, more, say, slabId, test, tray, unfold } from './shop';

const RECIPE = `Harbour squares

For the base:
180 g rye flour
1 stick cold butter, cubed
1/2 cup (150 g) packed light brown sugar

For the caramel:
1 x 340 g tin evaporated milk
1 1/2 cups caster sugar
3/4 tsp fine salt
moon dust from the top shelf

Method
Press, bake, boil and pour.`;

test('paste to plan: every line beside its reading, two amounts are asked about, nothing is dropped', async ({
  open,
  page,
}) => {
  await open('/slabs');
  await page.getByRole('link', { name: 'Paste a recipe' }).click();
  await page.getByLabel('Recipe', { exact: true }).fill(RECIPE);
  await page.getByLabel('Cup and spoon sizes').selectOption('us');
  const sum = page.getByRole('status').filter({ hasText: 'ingredients' });
  await expect(sum).toContainText('5 ingredients');
  await expect(page.getByText('0.5 cup is 110 g and 150 g is 150 g. Choose one')).toBeVisible();
  await page.getByRole('button', { name: 'Use 150 g' }).click();
  await expect(sum).toContainText('6 ingredients');
  // A correction survives a reload, as does the text.
  await page.reload();
  await page.waitForLoadState('networkidle');
  await expect(sum).toContainText('6 ingredients');
  // The recipe says nothing of a cut: usual ones are proposed.
  await expect(page.getByRole('region', { name: 'The slab so far' })).toContainText('Not decided yet');
  await page.getByRole('button', { name: 'Create slab' }).click();
  await expect(page).toHaveURL(/\/slabs\/\d+\/build/);
  await expect(page.getByRole('heading', { name: 'Harbour squares' })).toBeVisible();
  const caramel = await unfold(page, 'Caramel');
  await expect(line(page, 'Caramel', 1)).toHaveValue('1 x 340 g tin evaporated milk');
  await expect(caramel).toContainText('340 g');
  // What was not read stays as text until it is a line.
  const unread = caramel.getByLabel('Not recognised, line 1 of Caramel');
  await expect(unread).toHaveValue('moon dust from the top shelf');
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText('"moon dust from the top shelf" in Caramel was not recognised')).toBeVisible();
  await page.getByRole('button', { name: /^Checks/ }).click();
  await unread.fill('20 g butter');
  await unread.press('Enter');
  await expect(caramel.getByLabel(/^Line/).last()).toHaveValue('20 g butter');
  await expect(unread).toHaveCount(0);
  // Nothing is priced by the piece until a cut is chosen.
  await expect(tray(page, 'Pieces')).toHaveText('not cut yet');
  await page.getByRole('link', { name: 'Price' }).click();
  await expect(page.getByRole('heading', { name: 'No price yet' })).toBeVisible();
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  const proposed = page.getByRole('region', { name: 'Proposed cuts' }).getByRole('button');
  await proposed.filter({ hasText: 'pieces of' }).first().click();
  await expect(proposed).toHaveCount(0);
  await expect(tray(page, 'Pieces')).toHaveText(/^\d+$/);
});

test('a recipe document opens in the paste screen, and a slab is exported as one', async ({ open, page, shop }) => {
  await open('/slabs');
  const recipe = { '@type': 'Recipe', name: 'Quay bars', recipeIngredient: ['200 g butter', '2 tins condensed milk'] };
  await page
    .getByLabel('Slab file')
    .setInputFiles({ name: 'r.jsonld', mimeType: 'application/ld+json', buffer: Buffer.from(JSON.stringify(recipe)) });
  await expect(page).toHaveURL(/paste$/);
  await expect(page.getByText('2 ingredients')).toBeVisible();
  await page.getByRole('button', { name: 'Create slab' }).click();
  await expect(page.getByRole('heading', { name: 'Quay bars' })).toBeVisible();
  const download = page.waitForEvent('download');
  await more(page, 'Save as a recipe');
  const out = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as { recipeIngredient: string[] };
  expect(out.recipeIngredient).toEqual(['200 g butter', '2 pack condensed milk']);
  const id = await slabId(page, shop.address, 'Pear penuche');
  const answer = await page.request.get(`${shop.address}/api/slabs/${id}/recipe`);
  expect(((await answer.json()) as { '@type': string })['@type']).toBe('Recipe');
});

test('order to tins: the best few ways, with waste and number of slabs, and one is chosen', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByText('a number of pieces').click();
  await page.getByLabel('Pieces', { exact: true }).fill('120');
  await page.getByLabel('Length, mm').fill('40');
  await page.getByLabel('Width, mm').fill('25');
  // 5 mm are trimmed on each side: 40 of the square tin's 220 x 220, 40 of the short one's 270 x 170.
  await page.getByRole('button', { name: 'Find tins' }).click();
  const rows = page.getByRole('row', { name: /Apply/ });
  await expect(rows.first()).toBeVisible();
  expect(await rows.count()).toBeGreaterThan(2);
  await expect(rows.first()).toContainText('1 x Deep square (40 each) + 2 x Short tin (40 each)');
  await expect(rows.first()).toContainText('22 %');
  await rows.first().getByRole('button').click();
  await expect(tray(page, 'Pieces')).toHaveText('120');
  await expect(page.getByText('One batch fills 3 tins')).toBeVisible();
  await expect(page.getByRole('row', { name: /^All 3/ })).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await page.reload();
  await expect(tray(page, 'Pieces')).toHaveText('120');
  // The service answers like the screen.
  const slab = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as unknown;
  const answer = await page.request.post(`${shop.address}/api/plan`, {
    data: { slab, scale: { mode: 'pieces', count: 120, lengthMm: 40, widthMm: 25 } },
  });
  const plan = (await answer.json()) as { cut: { pieces: { count: number }[] }; slabs: unknown[] };
  expect(plan.slabs).toHaveLength(2);
  expect(plan.cut.pieces.reduce((sum, { count }) => sum + count, 0)).toBe(120);
});

test('one can in two mixtures: entered once, divided, used up, and weighed out once', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  const caramel = await unfold(page, 'Treacle caramel');
  await say(page, 'Treacle caramel', ['1 tin evaporated milk']);
  await caramel.getByRole('button', { name: 'More of evaporated milk' }).click();
  await caramel.getByRole('button', { name: 'Split into parts' }).click();
  await caramel.getByLabel('Part 1 of evaporated milk, %').fill('25');
  await caramel.getByLabel('Part 1 of evaporated milk goes into').selectOption({ label: 'Dark top' });
  await expect(caramel.getByText('75 % stays in Treacle caramel')).toBeVisible();
  await expect(await unfold(page, 'Dark top')).toContainText('25 % of the evaporated milk listed in Treacle caramel');
  await page.getByRole('link', { name: 'Size' }).click();
  await page.getByRole('button', { name: /^Deep square/ }).click();
  const can = page.getByRole('row', { name: /evaporated milk, in 2 mixtures/ });
  await expect(can).toContainText('0.88');
  await can.getByRole('button', { name: /^1 pack: / }).click();
  await expect(page.getByRole('heading', { name: 'Whole eggs, cans and packs' })).toHaveCount(0);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Weigh out' }).click();
  const item = page
    .getByRole('listitem')
    .filter({ has: page.getByLabel('evaporated milk') })
    .first();
  await expect(item).toContainText('340 g');
  await expect(item).toContainText('255 g');
  await expect(item).toContainText('85 g');
  await item.locator('label').click();
  await expect(page.getByLabel('evaporated milk')).toBeChecked();
  await expect(page.getByText('1 of 10 weighed')).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 of 10 weighed')).toBeVisible();
});

test('shares by dragging and by number: what a layer gains, its neighbour loses', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Orchard oat bake');
  await open(`/slabs/${id}/build`);
  const border = page.getByRole('slider', { name: 'Oat mix into Oat base' });
  await expect(border).toHaveAttribute('aria-valuenow', '60');
  await border.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(border).toHaveAttribute('aria-valuenow', '55');
  await page.getByRole('button', { name: /^Oat top/ }).click();
  await expect(page.getByLabel('Share of Oat mix in Oat top, %')).toHaveValue('45');
  await page.getByLabel('Share of Oat mix in Oat top, %').fill('40');
  await expect(page.getByRole('group', { name: 'Layers made from Oat mix' })).toContainText('unused 5 %');
});

test('a sheet: choose the thickness and the outline follows, and the other way round', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Blackcurrant buckwheat bark');
  await open(`/slabs/${id}/size`);
  await expect(page.getByText('It spreads to 326 x 245 mm')).toBeVisible();
  await page.getByLabel('Chocolate, thickness, mm').fill('4');
  await expect(page.getByText('It spreads to 365 x 274 mm')).toBeVisible();
  await page.getByLabel('Length, mm').fill('300');
  await expect(tray(page, 'Height')).toHaveText(/^4\.9 (of|mm)/);
});

test('several slabs on one weigh-out sheet; two versions side by side', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open('/weigh-out');
  await page.getByText('Rye and treacle slice').click();
  await page.getByText('Coffee cardamom snap').click();
  await expect(page).toHaveURL(/slabs=\d+(%2C|,)\d+/);
  await expect(
    page.getByRole('heading', { name: /Weigh out for Rye and treacle slice, Coffee cardamom snap/ }),
  ).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'caster sugar' }).first()).toContainText('670 g');
  await open(`/slabs/${id}/build`);
  await line(page, 'Rye shortbread', 1).fill('300 g rye flour');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await page.getByRole('link', { name: 'Compare' }).click();
  const flour = page.getByRole('row', { name: /rye flour/ });
  await expect(flour).toContainText('270 g');
  await expect(flour).toContainText('+30 g (+11 %)');
  await expect(page.getByRole('row', { name: /caster sugar/ })).toBeVisible();
  await page.getByText('Only differences').click();
  await expect(page.getByRole('row', { name: /caster sugar/ })).toHaveCount(0);
  await page.getByLabel('Left: version').selectOption('now');
  await page.getByLabel('Left: made in').selectOption({ label: 'Deep square, 230 mm square, 45 deep' });
  await expect(page.getByRole('row', { name: /Base mm/ })).toHaveCount(0);
});

test('prices from a table: a preview with rejected rows, then the change; the price history keeps the old price', async ({
  open,
  page,
}) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Import and export' }).click();
  const text =
    'ingredient,pack,pack_g,price,priced_on\nhoney,"jar, 1 kg",1000,10.40,2026-11-20\nmoss,bag,1,2,\nwater,tap,1,abc,\n';
  await page.getByLabel('CSV file').setInputFiles({ name: 'p.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByText('0 new, 1 changed, 0 unchanged, 2 rows rejected.')).toBeVisible();
  await expect(page.getByText('Row 3: ingredient: The larder has no "moss". Add it first')).toBeVisible();
  await page.getByRole('button', { name: 'Update 1 in the larder' }).click();
  await expect(page.getByText('The larder is updated.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('row', { name: /^honey/ })).toContainText('€10.40');
  await page.getByRole('button', { name: 'Edit honey' }).click();
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await expect(page.getByRole('row', { name: /20\/11\/2026/ })).toContainText('€10.40');
  await expect(page.getByRole('row', { name: /01\/09\/2026/ })).toContainText('€9.80');
});

test('all slabs as one zip, and the import of a zip; a check is acknowledged with a note', async ({ open, page }) => {
  await open('/slabs');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export all' }).click();
  const bytes = readFileSync(await (await download).path());
  const files = unzipSync(bytes);
  const names = Object.keys(files);
  expect(names.filter((name) => name.endsWith('.slab.json'))).toHaveLength(8);
  expect(names.filter((name) => name.endsWith('.run.json'))).toHaveLength(30);
  expect(strFromU8(files['pear-penuche.slab.json']!)).toContain('"Pear penuche"');
  await page.getByLabel('Slab file').setInputFiles({ name: 'slabs.zip', mimeType: 'application/zip', buffer: bytes });
  await expect(page.getByText('8 slabs were imported, with 30 runs')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Pear penuche' })).toHaveCount(2);
  await page.getByRole('link', { name: 'Pear penuche' }).first().click();
  await page.getByRole('link', { name: 'Size' }).click();
  await page.getByText('a factor').click();
  await page.getByRole('textbox', { name: 'Factor' }).fill('2,5');
  await page.getByRole('button', { name: /^Checks/ }).click();
  const limit = page.getByRole('listitem').filter({ hasText: 'times the base recipe' });
  await limit.getByRole('button', { name: /^Mark as known/ }).click();
  await limit.getByLabel('Note').fill('two pots at once');
  await limit.getByRole('button', { name: /^Mark as known/ }).click();
  await expect(page.getByText('two pots at once')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Checks/ })).toContainText('1 known');
});

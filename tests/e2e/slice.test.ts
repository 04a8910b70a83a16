/** The whole path: the rye slice in another tin, cut, priced, saved, exported and imported. */
import { readFileSync } from 'node:fs';
import { expect, more, say, slabId, test, tray, visit } from './shop';

test('the rye slice in a 230 mm square tin, 6 x 6 with 5 mm trims, and its file gives the same plan', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  await expect(tray(page, 'Pieces')).toHaveText('24');

  await page.getByRole('link', { name: 'Size' }).click();
  await page.getByRole('button', { name: /^Deep square/ }).click();
  const flour = page.getByRole('row', { name: /rye flour/ });
  await expect(flour).toContainText('270 g');
  await expect(flour).toContainText('238');
  await expect(tray(page, 'Height')).toHaveText(/^22\.4 (of|mm)/);

  await page.getByRole('link', { name: 'Cut' }).click();
  await page.getByLabel('Columns').fill('6');
  await page.getByLabel('Rows').fill('6');
  for (const side of ['left', 'right', 'front', 'back'])
    await page.getByLabel(`Trim ${side}, mm`, { exact: true }).fill('5');
  await expect(tray(page, 'Pieces')).toHaveText('36');
  await expect(page.locator('.figures s').first()).toContainText('24');
  await expect(page.getByRole('row', { name: /^Piece(?! type)/ })).toContainText('36.7 x 36.7 x 22.4');
  await expect(tray(page, 'Ingredients, each')).toHaveText('€0.24');

  await page.getByRole('link', { name: 'Price' }).click();
  await expect(page.getByText('Batch of 36 pieces')).toBeVisible();

  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await expect(page.locator('.figures s')).toHaveCount(0);

  const download = page.waitForEvent('download');
  await more(page, 'Save as a file');
  const file = await download;
  expect(file.suggestedFilename()).toBe('rye-and-treacle-slice.slab.json');
  const text = readFileSync(await file.path(), 'utf8');

  await page.getByRole('menuitem', { name: 'Slabs' }).click();
  await page
    .getByLabel('Slab file')
    .setInputFiles({ name: 'mine.slab.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page).toHaveURL(/\/slabs\/\d+\/build/);
  expect(page.url()).not.toContain(`/slabs/${id}/`);
  await expect(tray(page, 'Pieces')).toHaveText('36');
  await expect(tray(page, 'Piece weight')).toHaveText('34 g');

  const planOf = async (slab: string) => {
    const answer = await page.request.post(`${shop.address}/api/plan`, {
      data: `{"slab":${slab}}`,
      headers: { 'Content-Type': 'application/json' },
    });
    expect(answer.status()).toBe(200);
    return (await answer.json()) as { cost: { perPiece: number }; slabs: unknown[] };
  };
  const again = page.waitForEvent('download');
  await more(page, 'Save as a file');
  const second = readFileSync(await (await again).path(), 'utf8');
  const [before, after] = [await planOf(text), await planOf(second)];
  expect(after).toEqual(before);
  expect(before.cost.perPiece).toBeCloseTo(0.243431, 5);
});

test('a slab from scratch: mixture, lines, layer, weight', async ({ open, page }) => {
  await open('/slabs');
  await page.getByRole('button', { name: 'New slab' }).click();
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText('Give the slab a name')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Plain oat bar');
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('heading', { name: 'Plain oat bar' })).toBeVisible();
  await page.getByLabel('Name of another mixture').fill('Oat mix');
  await page.keyboard.press('Enter');
  const card = page.getByRole('article', { name: 'Oat mix' });
  await say(page, 'Oat mix', ['2 1/2 cups rolled oats', '½ cup golden syrup', '1,5 tbsp butter']);
  await expect(card).toContainText('238 g'); // 625 mL at 0.38
  await expect(card).toContainText('179 g'); // 125 mL at 1.43
  await expect(tray(page, 'Pieces')).toHaveText('24');
  await expect(tray(page, 'Piece weight')).not.toHaveText('0 g');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
});

test('a copy is a slab of its own, and the search finds it', async ({ open, page }) => {
  await open('/slabs');
  await page.getByRole('button', { name: 'New slab' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Copied penuche');
  await page.getByLabel('Start from').selectOption({ label: 'copy of Pear penuche' });
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(tray(page, 'Pieces')).toHaveText('49');
  await open('/slabs');
  await page.keyboard.press('/');
  await page.keyboard.type('copied');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Copied penuche']);
});

test('an empty shop says what to do first, and loads the demo', async ({ page, emptyShop }) => {
  await visit(page, `${emptyShop.address}/`);
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: 'Load the demo slabs' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(8);
});

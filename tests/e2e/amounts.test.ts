/** Amounts out of a slab: from the stock, by a height, by an end point, by a film. */
import { expect, slabId, test, tray, unfold } from './shop';

test('what I have sets the size: the limit is named and the rest is left over', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByText('what I have').click();
  // A cup is an amount too where the larder knows a density.
  await page.getByLabel('Stock of butter').fill('1 cup');
  await expect(page.getByText(/^understood as 2[23]\d(\.\d+)? g$/)).toBeVisible();
  await page.getByLabel('Stock of butter').fill('190');
  await expect(page.getByText('butter runs out first: 0.67 times the base recipe')).toBeVisible();
  await page.getByLabel('Stock of dark chocolate').fill('120');
  await expect(page.getByText('dark chocolate runs out first: 0.50 times')).toBeVisible();
  const hand = page.getByRole('region', { name: 'Size', exact: true });
  const cupboard = hand.getByRole('row', { name: /^butter/ });
  await expect(cupboard).toContainText('48'); // 190 - 285 / 2
  await expect(tray(page, 'Height')).toHaveText(/^11\.2 (of|mm)/);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Stock of butter')).toHaveValue('190');
});

test('a pack by the dozen and a stock in eggs, where the weight of one is known', async ({ open, page }) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByLabel('Name', { exact: true }).fill('duck egg');
  await page.getByLabel('Weight of one, g').fill('70');
  await page.getByLabel('In stock, g').fill('half a dozen duck eggs');
  await expect(page.getByText('understood as 420 g')).toBeVisible();
  await page.getByLabel('In stock, g').fill('3 hens');
  await expect(page.getByText('Enter a weight such as')).toBeVisible();
});

test('a total height is met, and the slab can be rewritten for it', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByText('a total height').click();
  await page.getByLabel('Total height, mm').fill('30');
  await expect(tray(page, 'Height')).toHaveText(/^30\.0 (of|mm)/);
  // Dragging one edge leaves the others in place.
  await page.getByRole('slider', { name: 'Caramel, thickness' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(tray(page, 'Height')).toHaveText(/^31\.0 (of|mm)/);
  await page.getByRole('button', { name: 'Undo' }).click();
  const each = await tray(page, 'Piece weight').textContent();
  await page.getByRole('button', { name: 'Make this the base recipe' }).click();
  await expect(tray(page, 'Height')).toHaveText(/^30\.0 (of|mm)/);
  await expect(tray(page, 'Piece weight')).toHaveText(each!);
  await expect(page.getByLabel('Total height, mm')).toHaveCount(0);
});

test('a hotter end point boils off more, and a coat takes what its film needs', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  const caramel = await unfold(page, 'Treacle caramel');
  await expect(caramel).toContainText('165 g boil off, 11 % water remains');
  await caramel.getByRole('button', { name: 'Edit mixture' }).click();
  await caramel.getByLabel('Cook to, °C').fill('124');
  await expect(caramel).toContainText('8 % water remains');
  await page.getByRole('button', { name: /^Chocolate top/ }).click();
  await page.getByLabel('How Chocolate top is applied').selectOption('coat');
  await page.getByLabel('Film thickness, mm').fill('0,5');
  await expect(await unfold(page, 'Dark top')).toContainText('left over');
  await page.getByLabel('Film thickness, mm').fill('3');
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText('of what a film of 3 mm needs')).toBeVisible();
});

test('half an egg: the nearest whole ones are offered with their height, and one is taken', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Buckthorn cloud bar');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Deep square/ }).click();
  const hand = page.getByRole('region', { name: 'Size', exact: true });
  const row = hand.getByRole('row', { name: /pasteurised egg white/ }).first();
  await expect(row).toContainText('4.2');
  await row.getByRole('button', { name: /^5: / }).click();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('1.25');
  await page.getByRole('button', { name: 'Undo' }).click();
  await row.getByRole('button', { name: /^4: / }).click();
  await expect(page.getByRole('heading', { name: 'Whole eggs, cans and packs' })).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('1');
});

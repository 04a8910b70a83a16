/** Larder, tins, settings, printing, keys. */
import { expect, line, slabId, test, tray, visit } from './shop';

test('a price changed in the larder changes the price of the slab', async ({ open, page, shop }) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Edit dark chocolate' }).click();
  await page.getByLabel('Price').first().fill('59');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /dark chocolate/ })).toContainText('€59.00');
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await expect(tray(page, 'Ingredients, each')).toHaveText('€0.53');
});

test('an ingredient is added; a duplicate name and an outdated change are refused', async ({
  open,
  page,
  context,
  shop,
}) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Butter');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The larder already has an ingredient of this name').first()).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Beech nuts');
  await page.getByLabel('Density').fill('0.55');
  await page.getByLabel('tree nuts').check({ force: true });
  await page.getByRole('button', { name: 'Add a pack' }).click();
  // A field that was never focused has no error; one that was left empty has.
  await expect(page.getByText('Enter a number')).toHaveCount(0);
  await page.getByLabel('Net weight').focus();
  await page.getByLabel('Pack', { exact: true }).fill('bag, 1 kg');
  await expect(page.getByText('Enter a number')).toBeVisible();
  await page.getByLabel('Net weight').fill('1000');
  await page.getByLabel('Price', { exact: true }).fill('12,40');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('€12.40');
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('tree nuts');

  const other = await context.newPage();
  await visit(other, `${shop.address}/larder`);
  await other.waitForLoadState('networkidle');
  for (const shown of [page, other]) {
    await shown.getByRole('button', { name: 'Edit Beech nuts' }).click();
    await shown.getByLabel('Density').fill(shown === page ? '0.6' : '0.7');
  }
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('0.60');
  await other.getByRole('button', { name: 'Save' }).click();
  await expect(other.getByRole('alert')).toContainText('Someone else changed this ingredient');
  await expect(other.getByLabel('Density')).toHaveValue('0.7');
});

test('a tin is added to the rack and a slab is put in it', async ({ open, page, shop }) => {
  await open('/tins');
  await page.getByRole('button', { name: 'Add a tin' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Half sheet');
  await page.getByLabel('Inside length, mm').fill('400');
  await page.getByLabel('Depth, mm').fill('12');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Half sheet' })).toBeVisible();
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Half sheet/ }).click();
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText('The slab is 22.4 mm high and the tin (400 x 200 mm, 12 deep) is 12')).toBeVisible();
});

test('settings are saved and used', async ({ open, page, shop }) => {
  await open('/settings');
  await page.getByLabel('Currency').selectOption('JPY');
  await page.getByLabel('Scale resolution, g').fill('5');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('status')).toHaveText('Saved');
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Deep square/ }).click();
  await expect(page.getByRole('row', { name: /rye flour/ })).toContainText('240 g');
  await page.getByRole('link', { name: 'Price' }).click();
  await expect(page.getByText(/¥/).first()).toBeVisible();
});

test('the weigh-out sheet fits one page of A4 and of Letter', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g), format).toHaveLength(1);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('makes 584 g', { exact: true })).toBeVisible();
  await expect(page.getByText('Risk of burns: boiling sugar sticks to skin')).toBeVisible();
  await expect(page.getByRole('menuitem', { name: 'Stock' })).toBeHidden();
});

test('keys open the stations, and none works while typing', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  for (const [key, path] of [
    ['2', 'size'],
    ['3', 'cook'],
    ['4', 'set'],
    ['5', 'cut'],
    ['6', 'price'],
    ['7', 'pack'],
    ['1', 'build'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${path}$`));
  }
  await line(page, 'Rye shortbread', 1).focus();
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/build$/);
  await page.locator('h1').click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('select the layer below or above');
});

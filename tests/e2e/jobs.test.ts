/** Whole jobs, counted: how many clicks and fields, and how many Tabs by keyboard alone, it takes until they are done. */
import type { Page } from '@playwright/test';
import { expect, slabId, test, tray } from './shop';

/** A maker that counts clicks and fields. */
function counted(page: Page) {
  let count = 0;
  return {
    get count() {
      return count;
    },
    async click(role: 'button' | 'link' | 'menuitem', name: string | RegExp) {
      count++;
      await page.getByRole(role, { name }).first().click();
    },
    async write(label: string | RegExp, text: string) {
      count++;
      const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
      await field.fill(text);
      await field.press('Enter');
    },
  };
}

const RECIPE = `Harbour squares

180 g plain flour
120 g butter
80 g caster sugar

For the caramel:
1 x 397 g tin condensed milk
100 g butter
100 g light brown sugar

Rub the butter into the flour and sugar. Press into a 20 cm square tin and bake at 165 C for 25 minutes.
Boil the condensed milk, butter and sugar to 112 C. Pour over the base and leave to set for an hour.`;

test('a recipe is pasted, its cut and shelf life chosen, and it becomes a slab: at most 12 clicks and fields', async ({
  open,
  page,
}) => {
  await open('/slabs');
  const hand = counted(page);
  await hand.click('link', 'Paste a recipe');
  await page.waitForURL(/\/paste$/);
  await hand.write(/Recipe/, RECIPE);
  await hand.click('button', /^\d+ x \d+|^\d+ pieces|pieces of/);
  await hand.click('button', 'Create slab');
  await page.waitForURL(/\/slabs\/\d+\//);
  await expect(tray(page, 'Pieces')).not.toHaveText('not cut yet');
  console.log(`A pasted recipe: ${hand.count} clicks and fields`);
  expect(hand.count).toBeLessThanOrEqual(12);
});

test('hours for five days, and a schedule by a deadline: at most 14 clicks and fields', async ({
  open,
  page,
  shop,
}) => {
  // Without working hours; the refusal of an old revision says the latest.
  const put = (revision: number) =>
    page.request.put(`${shop.address}/api/shop`, { data: { revision, settings: { hours: [] } } });
  const refused = (await (await put(1)).json()) as { latest?: { revision: number } };
  if (refused.latest) await put(refused.latest.revision);
  await open('/settings#hours');
  const hand = counted(page);
  await hand.click('button', 'Add hours on Tuesday');
  await hand.write('Tuesday to', '15:00');
  await hand.click('button', /^Copy to all days/);
  await hand.click('button', /^Remove Monday/);
  await hand.click('button', /^Remove Sunday/);
  await hand.click('button', /^Save$/);
  await hand.click('menuitem', 'Slabs');
  await hand.click('link', 'Pear penuche');
  await hand.click('link', 'Schedule');
  await hand.write('Done by', 'Friday');
  await expect(page.getByText(/^Begin .*done/)).toBeVisible();
  console.log(`A schedule by a deadline: ${hand.count} clicks and fields`);
  expect(hand.count).toBeLessThanOrEqual(14);
});

/** Presses Tab until an element has the focus, and returns how often; the skip link is followed with Enter. */
async function tabsTo(page: Page, label: string | RegExp): Promise<number> {
  const wanted = page.getByLabel(label, { exact: typeof label === 'string' }).first();
  await expect(wanted).toBeVisible();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  for (let tabs = 1; tabs <= 60; tabs++) {
    await page.keyboard.press('Tab');
    if (tabs === 1) await page.keyboard.press('Enter');
    if (await wanted.evaluate((element) => element === document.activeElement)) return tabs;
  }
  return Infinity;
}

test('by keyboard alone: 12 Tabs to the first mixture, 15 to the columns of the cut', async ({ open, page, shop }) => {
  const made = await page.request.post(`${shop.address}/api/slabs`, {
    data: {
      format: 'knife-tray/slab',
      version: 1,
      name: 'Empty',
      tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 },
      preparations: [],
      layers: [],
    },
  });
  const { id } = (await made.json()) as { id: number };
  await open(`/slabs/${id}/build`);
  const first = await tabsTo(page, 'Name of another mixture');
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/cut`);
  const columns = await tabsTo(page, 'Columns');
  console.log(`Tabs: ${first} to the first mixture, ${columns} to Columns`);
  expect(first).toBeLessThanOrEqual(12);
  expect(columns).toBeLessThanOrEqual(15);
});

test('Enter after the name of a mixture leads to its first line; an ingredient typed as a name is offered as a line', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/build`);
  const name = page.getByLabel('Name of another mixture');
  await name.fill('Glaze');
  await name.press('Enter');
  await expect(page.getByLabel('New line in Glaze')).toBeFocused();
  await page.keyboard.type('100 g honey');
  await page.keyboard.press('Enter');
  await name.fill('50 g butter');
  await name.press('Enter');
  await page.getByRole('button', { name: 'Add it to Glaze' }).click();
  const glaze = page.getByRole('article', { name: 'Glaze' });
  await expect(glaze.getByRole('textbox', { name: /butter|Line 2/ }).first()).toBeVisible();
  await expect(page.getByRole('article', { name: '50 g butter' })).toHaveCount(0);
});

test('after Begin and after Done the focus is on the next thing to do', async ({ open, page, shop }) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/schedule`);
  await page.getByRole('button', { name: 'Start run' }).click();
  await page.waitForURL(/\/runs\/\d+$/);
  const button = (name: string) => page.getByRole('region', { name: 'Now' }).getByRole('button', { name, exact: true });
  await button('Begin').focus();
  for (const next of ['Done', 'Begin', 'Done', 'Begin']) {
    await page.keyboard.press('Enter');
    await expect(button(next)).toBeFocused();
  }
});

test('a slab that overflows is put into a second tin with one touch, and an order keeps the cut of the slab', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/size`);
  const pieces = await tray(page, 'Pieces').innerText();
  const each = await tray(page, 'Piece weight').innerText();
  await page.getByText('a number of pieces', { exact: true }).click();
  await expect(tray(page, 'Pieces')).toHaveText(`${pieces} of ${2 * Number(pieces)}`);
  await expect(tray(page, 'Piece weight')).toHaveText(each);
  await page.getByText('a factor', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Factor' }).fill('3');
  await page.getByRole('button', { name: /^2 x .* high$/ }).click();
  await expect(page.getByRole('button', { name: /^2 x .* high$/ })).toHaveCount(0);
});

test('a missed deadline is an alarm and counts as a check; an oven that is out moves the work', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/schedule`);
  const answer = page.getByText(/^Begin .*done/);
  await expect(answer).toBeVisible();
  await page.getByLabel('Working time').selectOption('always');
  const bake = page.getByRole('row').filter({ hasText: 'Bake until the edge colours' });
  await expect(bake).toBeVisible();
  const from = await bake.getByRole('cell').nth(1).innerText();
  await page.getByRole('button', { name: 'Add blocked time' }).click();
  await page.getByLabel('from', { exact: true }).fill(from.slice(-5));
  await page.getByLabel('from', { exact: true }).press('Enter');
  const [hour, minute] = from.slice(-5).split(':').map(Number) as [number, number];
  const end = `${String((hour + 1) % 24).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
  await page.getByLabel('to', { exact: true }).fill(end);
  await page.getByLabel('to', { exact: true }).press('Enter');
  await expect.poll(() => bake.getByRole('cell').nth(1).innerText()).not.toBe(from);
  // A step that is pinned a day later ends after the deadline.
  const last = page.getByRole('button', { name: /^Pack and label/ }).first();
  await last.focus();
  for (let i = 0; i < 6; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/The deadline is missed: done/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Plan run for/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Checks/ })).toContainText('1');
});

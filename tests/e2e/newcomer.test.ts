/** The first ten minutes in an empty shop, counted: how many clicks and fields it takes until a slab is priced. */
import type { Page } from '@playwright/test';
import { expect, test, tray, visit } from './shop';

/** A user that counts its actions: each click and each field filled in. */
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
    /** Fills in a field, and presses Enter if asked to. */
    async write(label: string | RegExp, text: string, enter = false) {
      count++;
      const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
      await field.fill(text);
      if (enter) await field.press('Enter');
    },
  };
}

/** Fills in the prices of everything without one. */
async function price(page: Page, hand: ReturnType<typeof counted>, prices: readonly string[]) {
  await hand.click('link', 'Price');
  await expect(page.getByLabel(/^Price of (?!a piece)/)).toHaveCount(prices.length);
  for (const text of prices) {
    const before = await page.getByLabel(/^Price of (?!a piece)/).count();
    await hand.write(/^Price of (?!a piece)/, text, true);
    await expect(page.getByLabel(/^Price of (?!a piece)/)).toHaveCount(before - 1);
  }
}

test('a three-layer caramel slice from scratch, in another tin, cut into 16 and priced: at most 45 actions', async ({
  page,
  emptyShop,
}) => {
  await visit(page, `${emptyShop.address}/slabs`);
  await page.waitForLoadState('networkidle');
  const hand = counted(page);
  await hand.click('button', 'New slab');
  await hand.write('Name', 'Harbour caramel slice', true);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbour caramel slice');
  const pots: readonly (readonly [string, readonly string[]])[] = [
    ['Shortbread', ['225 g plain flour', '150 g butter, cold', '75 g caster sugar']],
    ['Caramel', ['397 g condensed milk', '150 g butter', '150 g light brown sugar', '2 tbsp golden syrup']],
    ['Top', ['200 g milk chocolate']],
  ];
  for (const [name, lines] of pots) {
    await hand.write('Name of another mixture', name, true);
    for (const line of lines) await hand.write(`New line in ${name}`, line, true);
    if (name !== 'Caramel') continue;
    await hand.click('button', 'Edit mixture');
    await hand.write('Cook to, °C', '112');
  }
  await hand.click('button', /^Add all 7/);
  await expect(page.getByText('Not in the larder')).toHaveCount(0);
  await hand.click('link', 'Size');
  await hand.click('button', 'Another tin');
  await hand.write('Inside length, mm', '230');
  await hand.write('Inside width, mm', '230');
  await hand.click('button', 'Use this tin');
  await hand.click('link', 'Cut');
  await hand.write('Columns', '4');
  await hand.write('Rows', '4');
  await expect(tray(page, 'Pieces')).toHaveText('16');
  await price(page, hand, [
    '0.90 for 1 kg',
    '2.40 for 250 g',
    '1.10 for 1 kg',
    '1.80 for 397 g',
    '1.40 for 500 g',
    '2.20 for 454 g',
    '1.95 for 200 g',
  ]);
  await expect(tray(page, 'Ingredients, each')).not.toHaveText('€0.00');
  await expect(page.getByLabel(/^Price of (?!a piece)/)).toHaveCount(0);
  await hand.click('button', 'Save version');
  await expect(page.getByText(/^Saved, version/)).toBeVisible();
  // Set and Schedule have an answer as well.
  await page.getByRole('link', { name: 'Set', exact: true }).click();
  await expect(page.getByText(/Cuts cleanly after about/)).toBeVisible();
  console.log(`From nothing: ${hand.count} clicks and fields`);
  expect(hand.count).toBeLessThanOrEqual(45);
});

test('from a template, in another tin, cut into 16 and priced: at most 15 actions', async ({ page, emptyShop }) => {
  await visit(page, `${emptyShop.address}/slabs`);
  await page.waitForLoadState('networkidle');
  const hand = counted(page);
  await hand.click('button', /^Quick fudge/);
  await expect(tray(page, 'Pieces')).toHaveText('36');
  await hand.click('link', 'Size');
  await hand.click('button', 'Another tin');
  await hand.write('Inside length, mm', '230');
  await hand.click('button', 'Use this tin');
  await hand.click('link', 'Cut');
  await hand.write('Columns', '4');
  await hand.write('Rows', '4');
  await expect(tray(page, 'Pieces')).toHaveText('16');
  await price(page, hand, ['4 for 400 g', '1.80 for 397 g', '2.40 for 250 g', '0.80 for 1 kg']);
  await expect(page.getByLabel(/^Price of (?!a piece)/)).toHaveCount(0);
  console.log(`From a pattern: ${hand.count} clicks and fields`);
  expect(hand.count).toBeLessThanOrEqual(15);
});

/** Larder, tins, settings, printing, keys; and what every page must be. */
import AxeBuilder from '@axe-core/playwright';
import { expect, line, slabId, test, tray } from './shop';

test('a price changed in the larder is the price of the slab', async ({ open, page, shop }) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Change dark chocolate' }).click();
  await page.getByLabel('Costs').first().fill('59');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('row', { name: /dark chocolate/ })).toContainText('€59.00');
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await expect(tray(page, 'Ingredients')).toHaveText('€0.53');
});

test('an ingredient is added, a doubled name is told, and a stale change is told', async ({
  open,
  page,
  context,
  shop,
}) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Butter');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('The larder has one of this name').first()).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Beech nuts');
  await page.getByLabel('Density').fill('0.55');
  await page.getByLabel('tree nuts').check({ force: true });
  await page.getByRole('button', { name: 'Add a pack' }).click();
  // A field that nobody has been in does not complain; one that was left empty does.
  await expect(page.getByText('Type a number')).toHaveCount(0);
  await page.getByLabel('Holds').focus();
  await page.getByLabel('Pack', { exact: true }).fill('bag, 1 kg');
  await expect(page.getByText('Type a number')).toBeVisible();
  await page.getByLabel('Holds').fill('1000');
  await page.getByLabel('Costs').fill('12,40');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('€12.40');
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('tree nuts');

  const other = await context.newPage();
  await other.goto(`${shop.address}/larder`);
  await other.waitForLoadState('networkidle');
  for (const one of [page, other]) {
    await one.getByRole('button', { name: 'Change Beech nuts' }).click();
    await one.getByLabel('Density').fill(one === page ? '0.6' : '0.7');
  }
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('row', { name: /Beech nuts/ })).toContainText('0.60');
  await other.getByRole('button', { name: 'Keep' }).click();
  await expect(other.getByRole('alert')).toContainText('Someone else changed this ingredient');
  await expect(other.getByLabel('Density')).toHaveValue('0.7');
});

test('a tin is added to the rack and a slab is put in it', async ({ open, page, shop }) => {
  await open('/tins');
  await page.getByRole('button', { name: 'Add a tin' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Half sheet');
  await page.getByLabel('Inside length, mm').fill('400');
  await page.getByLabel('Depth, mm').fill('12');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Half sheet' })).toBeVisible();
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Half sheet/ }).click();
  await page.getByRole('button', { name: /^To look at/ }).click();
  await expect(page.getByText('The slab is 22.4 mm high and the tin (400 x 200 mm, 12 deep) holds 12')).toBeVisible();
});

test('settings are kept and used', async ({ open, page, shop }) => {
  await open('/settings');
  await page.getByLabel('Currency').selectOption('JPY');
  await page.getByLabel('The scale shows steps of, g').fill('5');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('status')).toHaveText('Kept');
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Deep square/ }).click();
  await expect(page.getByRole('row', { name: /rye flour/ })).toContainText('240 g');
  await page.getByRole('link', { name: 'Price' }).click();
  await expect(page.getByText(/¥/).first()).toBeVisible();
});

test('the amounts sheet fits one page of A4 and of Letter', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g), format).toHaveLength(1);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('584 g when done', { exact: true })).toBeVisible();
  await expect(page.getByText('Boiling sugar sticks and burns deep')).toBeVisible();
  await expect(page.getByRole('menuitem', { name: 'Larder' })).toBeHidden();
});

test('keys go to the stations, and none fires while typing', async ({ open, page, shop }) => {
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
  await expect(page.getByRole('dialog')).toContainText('next layer up');
});

/** By night the page is the same but for its colours. */
const RULES = { day: undefined, night: ['color-contrast'] } as const;

const SETTINGS = ['shop', 'room', 'hours', 'pots', 'packing', 'prices', 'channels', 'labels'].map(
  (leaf) => `/settings#${leaf}`,
);
const AXE_PATHS = {
  rooms: [
    '/slabs',
    '/slabs/paste',
    '/gather?slabs=1,2',
    '/larder',
    '/tins',
    '/prices',
    '/runs',
    '/runs/15/log',
    '/today',
    '/lots?find=D4417',
    '/practice',
    ...SETTINGS,
    '/how',
  ],
  stations: ['build', 'size', 'cook', 'set', 'cut', 'price', 'pack', 'gather', 'clock', 'compare', 'label', 'log'],
} as const;

for (const [theme, where] of [
  ['day', 'rooms'],
  ['day', 'stations'],
  ['night', 'rooms'],
  ['night', 'stations'],
] as const) {
  test(`axe finds nothing, ${theme}, ${where}`, async ({ page, context, shop }) => {
    test.setTimeout(400_000);
    await context.addCookies([{ name: 'theme', value: theme, url: shop.address }]);
    const look = async () => {
      const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
      const rules = RULES[theme];
      return (await (rules ? axe.withRules([...rules]) : axe).analyze()).violations;
    };
    const id = await slabId(page, shop.address, 'Buckthorn cloud bar');
    const paths = AXE_PATHS[where].map((one) => (where === 'rooms' ? one : `/slabs/${id}/${one}`));
    for (const path of paths) {
      await page.goto(shop.address + path);
      await page.waitForSelector('html[data-ready]');
      await page.waitForLoadState('networkidle');
      if (path.endsWith('paste')) {
        await page
          .getByLabel('The recipe')
          .fill(
            'For the base:\n1 cup (300 g) butter\nmoon dust\n2 limes\n\nMethod:\nBake for 20 minutes at 160C (400F).\nChill overnight. Cut into 24 squares.',
          );
        // A button that comes to life is looked at when it has its colour.
        await expect(page.getByRole('button', { name: 'Make it a slab' })).toBeEnabled();
        await page.waitForTimeout(300);
      }
      if (path.endsWith('build')) {
        await page
          .getByRole('button', { name: /^More of (?!this)/ })
          .first()
          .click();
        await page.getByRole('button', { name: 'Divide it' }).click();
      }
      if (path.endsWith('size')) {
        await page.getByText('a total height').click();
        await page.getByLabel('Total height, mm').fill('60');
        await page.getByRole('button', { name: /^To look at/ }).click();
      }
      if (path.endsWith('set')) {
        await page.getByText('moved by the clock').click();
        await page.getByRole('button', { name: 'Move it later' }).click();
      }
      if (path.endsWith('clock')) await page.getByLabel('Working').selectOption('mornings and evenings');
      for (const heading of await page.locator('.bx--accordion__heading').elementHandles()) {
        const folded = (await heading.getAttribute('aria-expanded')) === 'false';
        if (folded && (await heading.isVisible())) await heading.click();
      }
      const violations = await look();
      expect(
        violations.map(
          ({ id: rule, nodes }) =>
            `${path} ${rule}: ${nodes
              .map((node) => node.html)
              .slice(0, 3)
              .join(' ')}`,
        ),
      ).toEqual([]);
    }
    if (where !== 'rooms') return;
    await page.goto(`${shop.address}/larder`);
    await page.waitForLoadState('networkidle');
    await page.getByRole('button', { name: 'Add an ingredient' }).click();
    const violations = await look();
    expect(violations.map(({ id: rule, nodes }) => `${rule}: ${nodes[0]?.html}`)).toEqual([]);
  });
}

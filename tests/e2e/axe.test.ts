/** Every screen for people who see it badly or not at all: axe finds nothing, in the light and the dark theme. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { ROOMS, screensOf } from './screens';
import { expect, slabId, test, settled } from './shop';

const RECIPE = `For the base:
1 cup (300 g) butter
moon dust
2 limes

Method:
Bake for 20 minutes at 160C (400F).
Chill overnight. Cut into 24 squares.`;

/** What is opened on a screen before it is checked. */
const FIRST: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  paste: async (page) => {
    await page.getByLabel('Recipe', { exact: true }).fill(RECIPE);
    // A button that becomes enabled is checked once it has its colour.
    await expect(page.getByRole('button', { name: 'Create slab' })).toBeEnabled();
    await settled(page);
  },
  build: async (page) => {
    await page
      .getByRole('button', { name: /^More of (?!this)/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Split into parts' }).click();
  },
  size: async (page) => {
    await page.getByText('a total height').click();
    await page.getByLabel('Total height, mm').fill('60');
    await page.getByRole('button', { name: /^Checks/ }).click();
  },
  set: async (page) => {
    await page.getByText('moved on a schedule').click();
    await page.getByRole('button', { name: 'Add a place' }).click();
  },
  clock: async (page) => {
    await page.getByLabel('Working time').selectOption('mornings and evenings');
  },
};

/** What axe finds on a page; the dark theme differs only in its colours. */
async function wrongs(page: Page): Promise<string[]> {
  // Without frames of other pages, axe needs no page of its own to collect its findings.
  const axe = () => new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations: day } = await axe().analyze();
  await page.evaluate(() => (document.documentElement.dataset.theme = 'night'));
  // Colour transitions have ended.
  await page.waitForFunction(() => document.getAnimations().every(({ playState }) => playState !== 'running'));
  const { violations: night } = await axe().withRules(['color-contrast']).analyze();
  return [...day, ...night.map((found) => ({ ...found, id: `${found.id} by night` }))].map(({ id, nodes }) => {
    const some = nodes.slice(0, 3).map(({ html }) => html);
    return `${id}: ${some.join(' ')}`;
  });
}

const PARTS = 4;
for (const part of Array.from({ length: PARTS }, (_, i) => i))
  test(`axe finds nothing, by day and by night, ${part + 1} of ${PARTS}`, async ({ open, page, shop }) => {
    test.setTimeout(240_000);
    const id = await slabId(page, shop.address, 'Buckthorn cloud bar');
    for (const path of [...ROOMS, ...screensOf(id)].filter((_, i) => i % PARTS === part)) {
      await open(path);
      await FIRST[/\w+$/.exec(path)?.[0] ?? '']?.(page);
      for (const heading of await page.locator('.bx--accordion__heading').elementHandles()) {
        const folded = (await heading.getAttribute('aria-expanded')) === 'false';
        if (folded && (await heading.isVisible())) await heading.click();
      }
      expect(await wrongs(page), path).toEqual([]);
    }
  });

test('axe finds nothing in a dialog', async ({ open }) => {
  const page = await open('/larder');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  expect(await wrongs(page)).toEqual([]);
});

/** Every main screen on the demo, at three sizes: nothing scrolls sideways, hides under the tray, is cut off or too small to touch. */
import type { Page } from '@playwright/test';
import { ROOMS, screensOf, STATIONS } from './screens';
import { expect, say, slabId, test } from './shop';

const SIZES = [
  { name: 'a desk', width: 1280, height: 800, touch: false },
  { name: 'a tablet on the bench', width: 1024, height: 768, touch: true },
  { name: 'a phone', width: 390, height: 844, touch: true },
] as const;
/** Describes what is wrong with a page. */
function wrongs(page: Page, touch: boolean): Promise<string[]> {
  return page.evaluate((coarse) => {
    const said: string[] = [];
    const root = document.documentElement;
    // A phone's inner width grows with what is too wide for it.
    if (root.scrollWidth > screen.width + 1) said.push(`scrolls sideways, ${root.scrollWidth} of ${screen.width} px`);
    const nameOf = (element: Element) =>
      `${element.tagName.toLowerCase()} "${(element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 40)}"`;
    const controls = [
      ...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [role=button]'),
    ].filter((element) => {
      const { width, height } = element.getBoundingClientRect();
      const shown = element.checkVisibility({ visibilityProperty: true, opacityProperty: true });
      // A radio button or checkbox can be touched by its label as well; visually hidden text is for screen readers.
      return (
        shown &&
        width > 1 &&
        height > 1 &&
        !element.closest('[inert], .unseen, .skip') &&
        !element.matches('.bx--visually-hidden, .bx--radio-button, .bx--checkbox')
      );
    });
    for (const section of document.querySelectorAll<HTMLElement>('figure.section'))
      if (section.clientHeight < 60) said.push(`a section has ${section.clientHeight} px to be drawn in`);
    for (const element of controls) {
      const { width, height } = element.getBoundingClientRect();
      const inText = element.tagName === 'A' && element.closest('p, li p') !== null;
      if (!inText && (width < 23.5 || height < 23.5))
        said.push(`${nameOf(element)} is ${Math.round(width)} x ${Math.round(height)} px`);
      const main = element.matches(
        '.bx--btn:not(.bx--btn--ghost, .bx--btn--icon-only), .bx--text-input, .bx--select-input, nav a',
      );
      if (coarse && main && height < 43.5)
        said.push(`${nameOf(element)} is ${Math.round(height)} px high for a finger`);
      const cut =
        element.matches('button, a') &&
        getComputedStyle(element).overflowX === 'hidden' &&
        element.scrollWidth > element.clientWidth + 2;
      if (cut && getComputedStyle(element).textOverflow !== 'ellipsis') said.push(`${nameOf(element)} is cut off`);
    }
    return said;
  }, touch);
}

/** Scrolled to its end, the last element of a page is above the tray. */
function underTray(page: Page): Promise<string[]> {
  return page.evaluate(async () => {
    scrollTo(0, document.documentElement.scrollHeight);
    await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
    const tray = document.querySelector('.tray')?.getBoundingClientRect();
    const last = [...document.querySelectorAll<HTMLElement>('#hand > *, .stage')].map((element) => ({
      text: (element.textContent ?? '').trim().slice(0, 40),
      bottom: Math.min(
        element.getBoundingClientRect().bottom,
        element.closest('#hand')?.getBoundingClientRect().bottom ?? Infinity,
      ),
    }));
    return tray ? last.filter(({ bottom }) => bottom > tray.top + 1).map(({ text }) => `under the tray: ${text}`) : [];
  });
}

for (const { name, width, height, touch } of SIZES) {
  test.describe(name, () => {
    test.use({ viewport: { width, height }, hasTouch: touch, isMobile: touch && width < 500 });
    test(`every screen, ${width} x ${height}`, async ({ open, page, shop }) => {
      test.setTimeout(240_000);
      const id = await slabId(page, shop.address, 'Rye and treacle slice');
      const found: string[] = [];
      for (const path of [...ROOMS, ...screensOf(id)]) {
        await open(path);
        if (path.endsWith('/set')) await page.getByText(/Cuts cleanly after about/).waitFor();
        const here = await wrongs(page, touch);
        if (/^\/settings(?:#|$)/.test(path) && width >= 1200) {
          const tall = await page.evaluate(() => document.documentElement.scrollHeight);
          if (tall > height + 1) here.push(`does not go on one screen, ${tall} of ${height} px`);
          const leaf = await page.evaluate(() => {
            const tab = [...document.querySelectorAll('.bx--tab-content')].find((each) => each.checkVisibility())!;
            return tab.scrollHeight - tab.clientHeight;
          });
          if (leaf > 1) here.push(`its leaf scrolls by ${leaf} px`);
        }
        const station = STATIONS.some((at) => path.endsWith(`/${at}`));
        if (station && width >= 1000) {
          const tall = await page.evaluate(() => document.documentElement.scrollHeight);
          if (tall > height + 1) here.push(`the page itself scrolls, ${tall} of ${height} px`);
        }
        // Content loaded a moment later moves what is below it.
        const under = async () => (station ? underTray(page) : []);
        await expect
          .poll(under)
          .toEqual([])
          .catch(async () => here.push(...(await under())));
        found.push(...here.map((wrong) => `${path} ${wrong}`));
      }
      expect(found).toEqual([]);
    });
  });
}

test.describe('dialogs on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  for (const [path, button] of [
    ['/larder', 'Add an ingredient'],
    ['/tins', 'Add a tin'],
    ['/slabs', 'Keyboard shortcuts'],
  ] as const)
    test(`${path}: ${button}`, async ({ open }) => {
      const page = await open(path);
      await page.getByRole('button', { name: button, exact: true }).tap();
      const dialog = page.getByRole('dialog');
      await expect(dialog).toBeVisible();
      const outside = await dialog.locator('button, input, select, p, td').evaluateAll((all) =>
        all
          .filter((element) => element.checkVisibility({ visibilityProperty: true }))
          .map((element) => ({ text: element.outerHTML.slice(0, 80), box: element.getBoundingClientRect() }))
          .filter(({ box }) => box.width > 1 && (box.left < -1 || box.right > screen.width + 1))
          .map(({ text }) => text),
      );
      expect(outside).toEqual([]);
    });
});

test('thirty lines scroll in their own frame, and the page does not', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  await say(
    page,
    'Rye shortbread',
    Array.from({ length: 27 }, (_, i) => `${i + 1} g thing number ${i}, chopped`),
  );
  await expect(page.getByLabel(/^Line \d+ of Rye shortbread$/)).toHaveCount(30);
  const tall = () => page.evaluate(() => document.documentElement.scrollHeight - innerHeight);
  expect(await tall()).toBeLessThanOrEqual(1);
  await page.getByRole('link', { name: 'Size' }).click();
  await expect(page.getByRole('row', { name: /thing number 26/ })).toBeVisible();
  expect(await tall()).toBeLessThanOrEqual(1);
});

test.describe('the tray of a tablet', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });
  test('old and new figures, fields that need a look and warnings stand beside each other', async ({
    open,
    page,
    shop,
  }) => {
    const id = await slabId(page, shop.address, 'Rye and treacle slice');
    await open(`/slabs/${id}/size`);
    await page.getByText('a total height').click();
    await page.getByLabel('Total height, mm').fill('80');
    await page.getByRole('link', { name: 'Cut' }).click();
    await page.getByLabel('Columns').fill('900');
    await expect(page.getByText('1 field is invalid')).toBeVisible();
    await expect(page.locator('.tray').getByText('Price', { exact: true })).toBeVisible();
    const over = await page.evaluate(() => {
      const shown = [...document.querySelectorAll<HTMLElement>('.tray dl, .tray .unread, .tray .look')].filter(
        (element) => element.checkVisibility(),
      );
      const boxes = shown.map((element) => element.getBoundingClientRect()).sort((a, b) => a.left - b.left);
      return boxes.slice(1).filter((box, i) => box.left < boxes[i]!.right - 1).length;
    });
    expect(over).toBe(0);
  });
});

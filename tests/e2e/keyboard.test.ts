/** The keyboard alone: Tab reaches every control on every screen. */
import type { Page } from '@playwright/test';
import { ROOMS, screensOf } from './screens';
import { expect, slabId, test } from './shop';

const TAKEN =
  'a[href], button, input:not([type=file]), select, textarea, summary, [role=button], [role=slider], [role=checkbox], [tabindex="0"]';

/** Number of keys between two checks. */
const AT_ONCE = 20;

/** Tabs through the page and returns the names of controls that were never focused. */
async function passedBy(page: Page): Promise<string[]> {
  const count = await page.evaluate((selector) => {
    const all = [...document.querySelectorAll<HTMLElement>(selector)].filter(
      (element) =>
        element.checkVisibility({ visibilityProperty: true }) &&
        !element.closest('[inert]') &&
        !element.matches(':disabled'),
    );
    all.forEach((element, i) => (element.dataset.k = String(i)));
    (document.activeElement as HTMLElement | null)?.blur();
    return all.length;
  }, TAKEN);
  // Recorded in the page, so that keys are sent in dozens and not one by one.
  await page.evaluate(() => {
    const come: string[] = [];
    addEventListener('focusin', ({ target }) => come.push((target as HTMLElement).dataset.k ?? ''));
    (window as { come?: string[] }).come = come;
  });
  let come: string[] = [];
  // A time or a date takes several: one for each of its parts.
  for (let pressed = 0; pressed < 5 * count + 40; pressed += AT_ONCE) {
    for (let i = 0; i < AT_ONCE; i++) await page.keyboard.press('Tab');
    come = await page.evaluate(() => (window as { come?: string[] }).come ?? []);
    const [first] = come.filter((at) => at !== '');
    // Once around the page.
    if (first !== undefined && come.lastIndexOf(first) > come.indexOf(first) + 1 && new Set(come).size > 1) break;
  }
  return page.evaluate(
    ({ selector, there }) => {
      const all = [...document.querySelectorAll<HTMLElement>(selector)].filter(
        (element) => element.dataset.k !== undefined,
      );
      const at = new Set(there);
      const nameOf = (element: Element) =>
        element.getAttribute('aria-label') ?? element.textContent?.trim().slice(0, 60) ?? '';
      // One of a group of radio buttons is focused, and arrows select the rest; a step shows in several lanes.
      const stands = (element: HTMLElement) =>
        all.some(
          (other) =>
            at.has(other.dataset.k!) &&
            (element instanceof HTMLInputElement && element.type === 'radio' && other instanceof HTMLInputElement
              ? other.name === element.name
              : element.getAttribute('role') === 'button' && other !== element && nameOf(other) === nameOf(element)),
        );
      return all
        .filter((element) => !at.has(element.dataset.k!) && !stands(element))
        .map((element) => `${element.tagName.toLowerCase()} ${nameOf(element) || element.outerHTML.slice(0, 120)}`);
    },
    { selector: TAKEN, there: come },
  );
}

test('Tab reaches every control on every screen', async ({ open, page, shop }) => {
  test.setTimeout(240_000);
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  // Its pots meet, and steps overlap.
  const twoPots = await slabId(page, shop.address, 'Buckthorn cloud bar');
  const paths = [...ROOMS, ...screensOf(id), ...['cook', 'clock'].map((screen) => `/slabs/${twoPots}/${screen}`)];
  for (const path of paths) {
    await open(path);
    if (path.endsWith('clock')) await expect(page.getByRole('row').filter({ hasText: 'Pack and label' })).toBeVisible();
    expect(await passedBy(page), path).toEqual([]);
  }
});

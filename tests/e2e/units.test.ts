/** A shop in inches, ounces, cups and Fahrenheit: every screen and sheet follows, and every field reads any unit. */
import { readdirSync, readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { ROOMS, screensOf } from './screens';
import { expect, more, slabId, test, visit } from './shop';

/** The ruler page has both scales, and a label follows the law. */
const LEFT_OUT = /label$|^\/how|^\/slabs\/paste/;
/** Metric figures. Both scales side by side, and the ruler's own columns, are intended. */
const METRIC = /(?<![\d.])\d+(\.\d+)? ?(mm|cm|kg|g|ml|l|°C)(?![\w/])/g;
const MEANT = /-?\d+ °F, -?[\d.]+ °C|Every field still reads.*/g;

/** Every text of a slab file: the maker's own words stay as they are. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  const { quantity, unit } = value as { quantity?: number; unit?: string };
  const line = quantity === undefined ? [] : [`${quantity} ${unit}`];
  return [...line, ...Object.values(value).flatMap(textsIn)];
}

function writtenInDemo(): string[] {
  const demo = new URL('../../demo/', import.meta.url);
  const slabs = readdirSync(new URL('slabs/', demo)).map((name) => `slabs/${name}`);
  return ['larder.json', ...slabs].flatMap((name) => textsIn(JSON.parse(readFileSync(new URL(name, demo), 'utf8'))));
}

async function metricOn(page: Page, written: readonly string[]): Promise<string[]> {
  const shown = await page.evaluate(() => document.body.innerText);
  const own = [...written].sort((a, b) => b.length - a.length);
  const rest = own.reduce((text, said) => text.replaceAll(said, ''), shown.replaceAll(MEANT, ''));
  return [...rest.matchAll(METRIC)].map(({ index, 0: found }) => `${found}: ${rest.slice(index - 30, index + 20)}`);
}

async function inInches(page: Page, address: string) {
  await visit(page, `${address}/settings`);
  await page.getByLabel('Temperature').selectOption('fahrenheit');
  await page.getByLabel('Length', { exact: true }).selectOption('inches');
  await page.getByLabel('Weight', { exact: true }).selectOption('ounces');
  await page.getByLabel('Volume', { exact: true }).selectOption('cups');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved')).toBeVisible();
}

for (const at of [0, 1, 2])
  test(`every screen and sheet of a slab follows the shop’s units, slab ${at + 1}`, async ({ open, shop }) => {
    test.setTimeout(180_000);
    const page = await open('/settings');
    await inInches(page, shop.address);
    const { slabs } = (await (await fetch(`${shop.address}/api/slabs`)).json()) as { slabs: { id: number }[] };
    const wrong: string[] = [];
    const written = writtenInDemo();
    for (const { id } of slabs.slice(at, at + 1)) {
      for (const path of screensOf(id).filter((path) => !LEFT_OUT.test(path))) {
        await visit(page, `${shop.address}${path}`);
        await expect(page.getByRole('region', { name: 'Tray' })).not.toContainText('...');
        wrong.push(...(await metricOn(page, written)).map((found) => `${path}: ${found}`));
        await page.emulateMedia({ media: 'print' });
        wrong.push(...(await metricOn(page, written)).map((found) => `${path}, printed: ${found}`));
        await page.emulateMedia({ media: 'screen' });
      }
    }
    for (const path of at === 0 ? ROOMS.filter((path) => !LEFT_OUT.test(path)) : []) {
      await visit(page, `${shop.address}${path}`);
      wrong.push(...(await metricOn(page, written)).map((found) => `${path}: ${found}`));
    }
    expect(wrong).toEqual([]);
  });

test('a field accepts any unit, shows what it understood, and keeps metric figures in the file', async ({
  open,
  shop,
}) => {
  const page = await open('/slabs');
  const id = await slabId(page, shop.address, 'Rye');
  await open(`/slabs/${id}/cook`);
  const end = page.getByLabel('End point at sea level, °C');
  await end.fill('237F');
  await expect(page.getByText('understood as 113.9 °C')).toBeVisible();
  await end.blur();
  await expect(end).toHaveValue('113.9');
  await end.fill('9 in');
  await expect(page.getByText('Enter °C or °F after the number')).toBeVisible();
  await end.fill('237 °F');
  await end.blur();
  await page.getByRole('button', { name: 'Save version', exact: true }).click();
  await expect(page.getByText(/Saved, version 2/)).toBeVisible();
  await inInches(page, shop.address);
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Trim left, in', { exact: true }).fill('1/2');
  await page.getByLabel('Trim right, in', { exact: true }).fill('10 mm');
  await expect(page.getByText('understood as 3/8 in')).toBeVisible();
  await page.getByRole('button', { name: 'Save version', exact: true }).click();
  await expect(page.getByText(/Saved, version 3/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Trim right, in', { exact: true })).toHaveValue('3/8');
  const saved = page.waitForEvent('download');
  await more(page, 'Save as a file');
  const file = JSON.stringify(JSON.parse(readFileSync(await (await saved).path(), 'utf8')));
  expect(file).toContain('"celsius":113.8889');
  expect(file).toContain('12.7');
  expect(file).toMatch(/"right":10[,}]/);
});

/** `npm run shots`: retakes docs/screenshots from the demo shop, in a data folder of its own. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ARGS, chromiumPath, installChromium } from './chromium.mjs';
import { prepare, root } from './setup.mjs';

await prepare();
await installChromium();
const { serve } = await import('./serve.mjs');
const { chromium } = await import('@playwright/test');
const data = mkdtempSync(join(tmpdir(), 'knife-tray-shots-'));
process.env.KNIFE_TRAY_DATA = data;
process.env.LOG_LEVEL = 'warn';
const address = await serve({ port: '0' });
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ARGS });
let context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
let page = await context.newPage();
await fetch(`${address}/api/demo?today=yes`, { method: 'POST', headers: { 'Content-Type': 'application/json' } });

const RECIPE = `Harbour squares

For the base:
180 g rye flour
1 stick cold butter, cubed
1/2 cup (150 g) packed light brown sugar

For the caramel:
1 x 340 g tin evaporated milk
1 1/2 cups caster sugar
2 tbsp golden syrup or honey
3/4 tsp fine salt
moon dust from the top shelf

Method
Heat the oven to 165 C and line a 30 x 20 cm tin.
Rub the butter into the flour, then stir in the sugar. Press into the tin and bake for 20-24 minutes.
Boil the caster sugar, evaporated milk and syrup to 118C (260F), about 15 minutes. Stir in the salt.
Pour over the base and leave to set for an hour. Cut into 6 x 4.
Keeps two weeks in an airtight tin.`;

async function shoot(name, path) {
  if (path) await page.goto(address + path);
  await page.waitForSelector('html[data-ready]');
  // At the top of a page, with nothing underneath.
  await page.mouse.move(900, 20);
  await page.waitForTimeout(1800);
  await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
}

await shoot('slabs', '/slabs');
const href = await page.getByRole('link', { name: 'Rye and treacle slice' }).getAttribute('href');
const slab = href.replace('/build', '');
await shoot('build', `${slab}/build`);
await page.goto(`${address}${slab}/size`);
await page.getByRole('button', { name: /^Deep square/ }).click();
await shoot('size');
await page.getByRole('link', { name: 'Cut' }).click();
await page.getByLabel('Rows').fill('6');
await shoot('cut');
await page.getByRole('button', { name: 'Save' }).click();
await shoot('price', `${slab}/price`);
await shoot('pack', `${slab}/pack`);
await page.goto(`${address}${slab}/label`);
await page.getByLabel('Made on').fill('26/11/2026');
await page.getByLabel('Made on').blur();
await shoot('label');
await shoot('cook', `${slab}/cook`);
await page.goto(`${address}${slab}/set`);
await page.getByText(/Cuts cleanly after about/).waitFor();
await shoot('set');
await page.goto(`${address}${slab}/schedule`);
await page.getByText(/^Begin/).waitFor();
await shoot('schedule');
await page.goto(`${address}/slabs/paste`);
await page.getByLabel('Recipe', { exact: true }).fill(RECIPE);
await page.getByLabel('Cup and spoon sizes').selectOption('us');
await page.getByRole('button', { name: 'Show what happens' }).click();
await page.getByText('in all,').waitFor();
await shoot('paste');
await page.goto(`${address}/orders`);
await page.getByLabel('Type the order').fill('Harbour tea room: 60 rye, 2 tins of penuche, Saturday 11');
await page.getByRole('list', { name: 'As it was read' }).getByText('98 Pear penuche').waitFor({ timeout: 60_000 });
await shoot('orders');
await page.goto(`${address}/runs?find=door`);
await page.getByRole('link', { name: 'Rye and treacle slice' }).click();
await page.waitForURL(/result$/);
await shoot('run-result');
await page.goto(`${address}/week`);
await page.getByText(/of labour/).waitFor({ timeout: 60_000 });
await page.getByRole('progressbar').waitFor({ state: 'detached', timeout: 60_000 });
await shoot('week');
await shoot('buying', '/stock/buying');
await page.goto(`${address}/orders/profit`);
await page.getByRole('tab', { name: 'By slab' }).waitFor({ timeout: 60_000 });
await shoot('profit');
await context.close();
context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
page = await context.newPage();
await page.goto(`${address}${slab}/schedule`);
await page.getByRole('button', { name: 'Start run' }).click();
await page.waitForURL(/runs/);
for (const what of ['Begin', 'Done', 'Begin', 'Done', 'Begin', 'Begin'])
  await page.getByRole('button', { name: what, exact: true }).click();
await page.evaluate(() => scrollTo(0, 0));
await shoot('phone-bench');
await context.close();
// As it looks where the application is open to the workroom's network.
process.env.KNIFE_TRAY_ADDRESSES = 'https://192.168.1.20:4180';
context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
page = await context.newPage();
await shoot('today', '/today');
await context.close();
context = await browser.newContext({ viewport: { width: 1024, height: 768 }, hasTouch: true });
await context.addCookies([{ name: 'theme', value: 'night', url: address }]);
page = await context.newPage();
await shoot('night', '/bench');
await browser.close();
rmSync(data, { recursive: true, force: true });
process.exit(0);

/** Stock: the ledger follows the bench and the orders, buying and stocktake work without the server, and sums are exact after kills. */
import type { APIResponse, Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { killedStock } from '../bench/killedStock';
import { expect, slabId, test, type Server } from './shop';

const json = async <T>(answer: APIResponse): Promise<T> => {
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as T;
};
interface HeldNow {
  readonly held: readonly { readonly ingredient: string; readonly held: number }[];
  readonly pieces: readonly { readonly slab: number; readonly lot: string; readonly held: number }[];
}
const heldNow = async (page: Page, { address }: Server) =>
  json<HeldNow>(await page.request.get(`${address}/api/stock/held`));
const heldOf = async (page: Page, shop: Server, name: string) =>
  (await heldNow(page, shop)).held.find(({ ingredient }) => ingredient === name)?.held ?? null;
const now = () => new Date().toISOString();

test('what a run weighs and makes is in stock, is given to the oldest order, and goes when that is handed over', async ({
  open,
  page,
  shop,
}) => {
  const slab = await slabId(page, shop.address, 'Rye and treacle slice');
  const post = (path: string, data: unknown) => page.request.post(`${shop.address}${path}`, { data });
  const run = await json<{ id: number; lot: string }>(await post('/api/runs', { slab }));
  const { plan } = await json<{ plan: { lines: { preparation: string; line: number; ingredient: string }[] } }>(
    await page.request.get(`${shop.address}/api/runs/${run.id}`),
  );
  const line = plan.lines.find(({ ingredient }) => ingredient === 'black treacle')!;
  const before = (await heldOf(page, shop, 'black treacle'))!;
  const events = `/api/runs/${run.id}/events`;
  const own = { preparation: line.preparation, line: line.line };
  await json(await post(events, [{ id: randomUUID(), at: now(), kind: 'weighed', ...own, massG: 112.5 }]));
  expect(await heldOf(page, shop, 'black treacle')).toBeCloseTo(before - 112.5, 3);
  await json(
    await post(events, [
      { id: randomUUID(), at: now(), kind: 'pieces', count: 34, massG: 1700 },
      { id: randomUUID(), at: now(), kind: 'finished' },
    ]),
  );
  const due = (hours: number) => new Date(Date.now() + hours * 3_600_000).toISOString();
  const lines = [{ slab, count: 24, unit: 'piece' }];
  await json(await post('/api/orders', { name: 'Later', due: due(40), lines }));
  await json(await post('/api/orders', { name: 'Sooner', due: due(20), lines }));
  await open('/orders');
  const list = page.getByRole('region', { name: 'Orders by due time' });
  const card = (name: string) => list.getByRole('listitem').filter({ hasText: name });
  await expect(card('Sooner')).toContainText(`In stock: 24 of 24, 24 from ${run.lot}`);
  await expect(card('Later')).toContainText(`In stock: 10 of 24, 10 from ${run.lot}`);
  await card('Sooner').getByLabel('Status of the order for Sooner').selectOption('handed-over');
  await expect(card('Sooner')).toHaveCount(0);
  await open('/stock/pieces');
  const row = page.getByRole('row').filter({ hasText: run.lot });
  await expect(row).toContainText('10');
  // Two fall on the floor.
  await row.getByRole('button', { name: /^Throw away/ }).click();
  await row.getByLabel('Throw away, pieces').fill('2');
  await row.getByRole('button', { name: 'Save' }).click();
  await expect(row.getByRole('cell', { name: '8', exact: true }).first()).toBeVisible();
  await open('/stock/entries');
  const thrownAway = page.getByRole('row').filter({ hasText: 'Thrown away' }).filter({ hasText: run.lot });
  await expect(thrownAway).toContainText('−2');
  await thrownAway.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('row').filter({ hasText: 'undoes an entry' })).toContainText('+2');
  expect((await heldNow(page, shop)).pieces.find(({ lot }) => lot === run.lot)!.held).toBe(10);
});

test('buying: what the week needs beyond the shelf; a delivery made without the server counts once, with its price', async ({
  open,
  page,
  shop,
  context,
  watched,
}) => {
  const slab = await slabId(page, shop.address, 'Rye and treacle slice');
  const butter = (await heldOf(page, shop, 'butter'))!;
  const count = { of: { ingredient: 'butter' }, counted: 20, unit: 'g', why: 'count', at: now(), id: randomUUID() };
  await json(await page.request.post(`${shop.address}/api/stock`, { data: count }));
  expect(butter).toBeGreaterThan(20);
  const asked = await json<{ lines: { ingredient: string; needG: number; heldG: number; packs: unknown[] }[] }>(
    await page.request.post(`${shop.address}/api/buy`, { data: { batches: [{ slab }] } }),
  );
  expect(asked.lines.find(({ ingredient }) => ingredient === 'butter')).toMatchObject({ heldG: 20 });
  await open(`/weigh-out?slabs=${slab}`);
  await expect(page.getByRole('row').filter({ hasText: 'block' })).toContainText('20');
  await open('/stock/buying');
  const line = page.getByRole('listitem').filter({ hasText: 'butter' });
  // No batch is planned, but butter is below the amount that the shop wants to keep.
  await expect(line).toContainText('running low');
  await line.getByRole('button', { name: 'Enter delivery of butter' }).click();
  await line.getByLabel(/^Packs/).fill('6');
  await line.getByLabel(/^Price of all/).fill('18');
  await line.getByLabel('Lot').fill('B2001');
  await context.setOffline(true);
  await line.getByRole('button', { name: 'Add to stock' }).click();
  await expect(page.getByText('One entry is on this device')).toBeVisible();
  expect(await heldOf(page, shop, 'butter')).toBe(20);
  await context.setOffline(false);
  await expect(page.getByText('One entry is on this device')).toBeHidden({ timeout: 30_000 });
  expect(watched.splice(0).every((line) => /ERR_INTERNET_DISCONNECTED/.test(line))).toBe(true);
  await expect(line).toHaveCount(0);
  expect(await heldOf(page, shop, 'butter')).toBe(1520);
  await open('/larder?find=butter');
  await expect(page.getByRole('row').filter({ hasText: 'block, 250 g' }).first()).toContainText('€3.00');
});

test('stocktake: the difference and its cost, kept on the device until it is saved', async ({ open, page, shop }) => {
  await open('/stock/stocktake');
  await page.getByLabel('Counted honey').fill('650');
  await page.getByLabel('Counted honey').blur();
  const row = page.getByRole('row').filter({ hasText: 'honey' });
  await expect(row).toContainText('−50 g');
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await expect(page.getByLabel('Counted honey')).toHaveValue('650');
  await expect(page.getByRole('status').filter({ hasText: '1 counted' })).toContainText('difference -€');
  await page.getByRole('button', { name: 'Save stocktake' }).click();
  await expect(row).toContainText('650 g');
  expect(await heldOf(page, shop, 'honey')).toBe(650);
  await expect(page.getByText('Nothing counted yet.')).toBeVisible();
});

test('bad entries are refused with their places, and the others are added', async ({ page, shop }) => {
  const post = (data: unknown) => page.request.post(`${shop.address}/api/stock`, { data });
  const good = { id: randomUUID(), of: { ingredient: 'honey' }, change: 5, unit: 'g', why: 'delivery', at: now() };
  const answer = await post([
    { ...good, id: 'x' },
    good,
    { ...good, id: randomUUID(), change: 1, counted: 2 },
    { ...good, id: randomUUID(), of: {} },
    { ...good, id: randomUUID(), of: { slab: 9999 }, unit: 'piece' },
  ]);
  const { added, problems } = await json<{ added: number; problems: { path: string; code: string }[] }>(answer);
  expect(added).toBe(1);
  expect(problems.map(({ path, code }) => `${path} ${code}`).sort()).toEqual([
    '/0/id not-a-uuid',
    '/2 change-or-count',
    '/3/of ingredient-or-slab',
    '/4/of/slab no-such-slab',
  ]);
  for (const wrong of [
    { ...good, at: 'yesterday' },
    { ...good, id: randomUUID(), of: { ingredient: 'moon dust' } },
    [],
    7,
  ])
    expect((await post(wrong)).status()).toBe(Array.isArray(wrong) ? 200 : 422);
  const week = { from: now(), to: '2020-01-01T00:00:00Z' };
  expect((await page.request.post(`${shop.address}/api/buy`, { data: { week } })).status()).toBe(422);
  expect((await page.request.get(`${shop.address}/api/stock/held?at=never`)).status()).toBe(422);
});

test('two devices and a run book at once, and the server is killed: sums are exact', async () => {
  test.slow();
  const { wrongG, wrongPieces } = await killedStock(5);
  expect([wrongG, wrongPieces]).toEqual([0, 0]);
});

test('markets: entered, advised with a chart and a table, and ordered; bad figures stay with their field', async ({
  open,
  page,
  shop,
}) => {
  const slab = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/orders/market?slab=${slab}`);
  await expect(page.getByText('Enter at least one market')).toBeVisible();
  const enter = async (day: string, taken: string, left: string) => {
    await page.getByLabel('Day', { exact: true }).fill(day);
    await page.getByLabel('Market', { exact: true }).fill('Harbour market');
    await page.getByLabel('Pieces taken').fill(taken);
    await page.getByLabel('Pieces left over').fill(left);
    await page.getByRole('button', { name: 'Add market' }).click();
  };
  await enter('07/11/2026', '40', '50');
  await expect(page.locator('.bx--form-requirement')).toBeVisible();
  await expect(page.getByText('No market of Rye and treacle slice yet')).toBeVisible();
  await enter('07/11/2026', '40', '0');
  await expect(page.getByRole('row').filter({ hasText: '07/11/2026' })).toContainText('yes');
  const advice = page.getByRole('region', { name: 'Next market' });
  await expect(advice).toContainText('From one market, which is a guess');
  for (const day of ['14/11/2026', '21/11/2026', '28/11/2026']) {
    await enter(day, '60', '14');
    await expect(page.getByRole('row').filter({ hasText: day })).toBeVisible();
  }
  await expect(advice).toContainText('From 4 markets. At this price');
  await expect(advice.locator('.apexcharts-svg')).toBeVisible();
  // The table beside the chart has the best quantity among its rows.
  const best = Number(/\d+/.exec(await advice.getByRole('link', { name: /^Order \d+ pieces/ }).innerText())![0]);
  await expect(
    advice.getByRole('row').filter({ has: page.getByRole('cell', { name: String(best), exact: true }) }),
  ).toHaveCount(1);
  const order = advice.getByRole('link', { name: /^Order \d+ pieces/ });
  const quantity = Number(/\d+/.exec(await order.innerText())![0]);
  expect(quantity).toBeGreaterThan(30);
  expect(quantity).toBeLessThan(70);
  await order.click();
  await expect(page.getByRole('list', { name: 'As it was read' })).toContainText(`${quantity} Rye and treacle slice`);
  const answer = await page.request.post(`${shop.address}/api/market`, {
    data: { history: [{ taken: 10, sold: 11 }], price: 3, cost: 1 },
  });
  expect(answer.status()).toBe(422);
});

test('what is to be used first names the slabs that use it', async ({ open, page, shop }) => {
  const keepsUntil = new Date(Date.now() + 3 * 86_400_000).toISOString();
  const entry = { of: { ingredient: 'butter' }, change: 250, unit: 'g', why: 'delivery', lot: 'B9', keepsUntil };
  await json(await page.request.post(`${shop.address}/api/stock`, { data: { ...entry, id: randomUUID(), at: now() } }));
  await open('/stock/use-first');
  const row = page.getByRole('row').filter({ hasText: 'B9' });
  await expect(row).toContainText('250 g');
  await expect(row.getByRole('link', { name: 'Rye and treacle slice' })).toBeVisible();
});

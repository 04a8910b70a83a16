/** Profit: what was handed over with its price and its cost, by slab, piece type and channel; days are chosen; figures leave as CSV. */
import { randomUUID } from 'node:crypto';
import { expect, slabId, test } from './shop';

test('an order that is handed over is in the profit with its price and cost as they were', async ({
  open,
  page,
  shop,
}) => {
  test.slow();
  const slab = await slabId(page, shop.address, 'Hazelnut crisp fingers');
  const send = async (method: 'post' | 'put', path: string, data: unknown) => {
    const answer = await page.request[method](`${shop.address}${path}`, { data });
    expect(answer.ok(), await answer.text()).toBe(true);
    return (await answer.json()) as { id: number; lot: string };
  };
  const now = () => new Date().toISOString();
  const run = await send('post', '/api/runs', { slab });
  await send('post', `/api/runs/${run.id}/events`, [{ id: randomUUID(), at: now(), kind: 'finished' }]);
  const due = new Date(Date.now() + 3_600_000).toISOString();
  const lines = [{ slab, kind: 'Finger', count: 4, unit: 'piece' }];
  const order = await send('post', '/api/orders', { name: 'Profit', channel: 'Cafe', due, lines });
  await send('put', `/api/orders/${order.id}`, {
    ...{ revision: 1, name: 'Profit', channel: 'Cafe', due, lines },
    status: 'handed-over',
  });

  // On a busy machine the price is stored a little later.
  const counted = async () => {
    const answer = await page.request.get(`${shop.address}/api/profit`);
    return answer.ok() ? ((await answer.json()) as { total: { unknownPieces: number } }).total.unknownPieces : null;
  };
  await expect.poll(counted, { timeout: 90_000 }).toBe(0);
  await open('/orders/profit');
  const row = (name: RegExp) => page.getByRole('row').filter({ has: page.getByRole('cell', { name }) });
  const own = row(/^Hazelnut crisp fingers/);
  await expect(own).toContainText('4', { timeout: 30_000 });
  // 25.20 for twelve over the cafe, before 13.5 % tax: 7.40 for four.
  await expect(own).toContainText('€7.40');
  await expect(page.getByText(/The cost of \d+ pieces is an estimate/)).toBeVisible();
  await page.getByRole('tab', { name: 'By piece type' }).click();
  await expect(row(/^Hazelnut crisp fingers, Finger/)).toContainText('€7.40');
  await page.getByRole('tab', { name: 'By sales channel' }).click();
  await expect(row(/^Cafe$/)).toBeVisible();

  // Prices change; what was sold does not.
  const prices = await (await page.request.get(`${shop.address}/api/shop`)).json();
  const { revision, ...settings } = prices as { revision: number; pricing: object };
  await send('put', '/api/shop', { ...settings, revision, pricing: { ...settings.pricing, margin: 0.7 } });
  const report = (await (await page.request.get(`${shop.address}/api/profit`)).json()) as {
    slabs: { slab: number; revenue: number; pieces: number; profit: number; production: number; selling: number }[];
    total: { revenue: number; profit: number };
  };
  const fingers = report.slabs.find((one) => one.slab === slab)!;
  expect(Math.round(fingers.revenue)).toBe(740);
  expect(fingers.profit).toBeCloseTo(fingers.revenue - fingers.production - fingers.selling, 6);
  expect(report.slabs.reduce((sum, one) => sum + one.profit, 0)).toBeCloseTo(report.total.profit, 4);

  // Of last year nothing was handed over.
  await page.getByLabel('First day').fill('01/01/2020');
  await page.getByLabel('First day').press('Tab');
  await page.getByLabel('Last day').fill('31/01/2020');
  await page.getByLabel('Last day').press('Tab');
  await expect(page.getByText('Nothing was handed over in this time')).toBeVisible();
  await page.getByLabel('Time', { exact: true }).selectOption('Last 4 weeks');
  await expect(row(/^Cafe$/)).toBeVisible();
  const csv = await page.request.get(`${shop.address}/api/profit/csv?by=channel`);
  expect(await csv.text()).toMatch(/^channel,sold_pieces,/);
  for (const [query, path] of [
    ['?from=2026-13-01', '/from'],
    ['/csv?by=moon', '/by'],
  ] as const) {
    const answer = await page.request.get(`${shop.address}/api/profit${query}`);
    expect(answer.status()).toBe(422);
    expect(((await answer.json()) as { problems: { path: string }[] }).problems[0]!.path).toBe(path);
  }
});

test('without sales the page says how to begin', async ({ emptyShop, page }) => {
  await page.goto(`${emptyShop.address}/orders/profit`);
  await expect(page.getByText('Nothing was handed over in this time')).toBeVisible();
});

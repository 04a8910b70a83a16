/**
 * The Cut station: a number of pieces, other shapes and ways, equal weights, piece types, bags, templates; and the contracts of the
 * services.
 */
import { readFileSync } from 'node:fs';
import { serveScale } from '../../devices/scale.mjs';
import { expect, slabId, test, tray } from './shop';

const slab = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as object;

test('a cut by weight is chosen with one touch and saved, and its template is printed', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Cut by').selectOption('weight per piece');
  await page.getByLabel('About, each, g').fill('40');
  const ways = page.getByRole('list', { name: 'Ways to cut it' }).getByRole('button');
  await expect(ways.first()).toContainText(/(as asked|than asked)/);
  await ways.first().click();
  await expect(ways.first()).toHaveAttribute('aria-pressed', 'true');
  await expect(tray(page, 'Piece weight')).toHaveText(/^(39|4[01]) g$/);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await page.getByRole('button', { name: 'Cutting order and templates' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'A4 paper' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('rye-and-treacle-slice-template.pdf');
  expect(readFileSync(await file.path(), 'latin1').slice(0, 5)).toBe('%PDF-');
  for (const [format, type, holds] of [
    ['svg', 'image/svg+xml', '<svg'],
    ['dxf', 'image/vnd.dxf', 'STROKES'],
  ] as const) {
    const answer = await page.request.get(`${shop.address}/api/slabs/${id}/template.${format}`);
    expect(answer.headers()['content-type']).toContain(type);
    expect(await answer.text()).toContain(holds);
  }
  const wrong = await page.request.get(`${shop.address}/api/slabs/${id}/template.pdf?paper=a0`);
  expect(wrong.status()).toBe(422);
});

test('16 or 18: both are shown side by side, and either can be chosen', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Pieces', { exact: true }).fill('16');
  const ways = page.getByRole('list', { name: 'Ways to cut it' });
  await expect(ways.getByRole('button', { name: /^16 of/ })).toBeVisible();
  await ways.getByRole('button', { name: /^18 of/ }).click();
  await expect(tray(page, 'Pieces')).toHaveText('18');
});

test('a round tin in wedges, a slab in diamonds, one broken by hand', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByRole('button', { name: /^Round tin/ }).click();
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  await page.getByLabel('Cut type').selectOption('wedges');
  await page.getByLabel('Wedges', { exact: true }).fill('10');
  await expect(tray(page, 'Pieces')).toHaveText('10');
  await page.getByLabel('Cut type').selectOption('straight lines');
  await page.getByLabel('Piece shape').selectOption('diamonds');
  await expect(page.getByRole('row', { name: /^Clipped/ })).toBeVisible();
  await page.getByLabel('Cut type').selectOption('broken by hand');
  await page.getByLabel('Average shard, g').fill('50');
  await expect(page.getByRole('row', { name: /^Shard/ })).toBeVisible();
});

test('an uneven slab is cut into equal weights', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cut`);
  await page.getByRole('button', { name: 'Equal weights on an uneven slab' }).click();
  await page.getByRole('button', { name: 'Use nine places' }).click();
  const places = page.getByRole('textbox', { name: /from the left/ });
  for (let i = 0; i < 9; i++) await places.nth(i).fill(String(20 + i * 0.5));
  await expect(page.getByText('Weight variation: 5')).toBeVisible();
  await page.getByRole('button', { name: 'Use this cut: Each strip cut separately' }).click();
  await expect(page.getByText(/Weight variation: 0\.\d/)).toBeVisible();
});

test('an order of three piece types from one slab: proven, saved in the file, and one type saved in the settings', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Cut type').selectOption('several piece types');
  for (const own of ['Finger', 'Square']) await page.getByLabel('Saved piece types').selectOption(own);
  await page.getByRole('button', { name: 'Add piece type' }).click();
  await page.getByLabel('Piece type 3').fill('Tile');
  await page.getByLabel('Length, mm').nth(2).fill('30');
  await page.getByLabel('Width, mm').nth(2).fill('30');
  await page.getByLabel('Value per piece, EUR (optional)').nth(2).fill('0.9');
  await page.getByLabel('Minimum').first().fill('8');
  await page.getByRole('button', { name: 'Find the best cut' }).click();
  await expect(page.getByText('No cut in strips is worth more.')).toBeVisible({ timeout: 20_000 });
  const fingers = page
    .getByRole('row', { name: /^Finger/ })
    .getByRole('cell')
    .nth(1);
  expect(Number(await fingers.textContent())).toBeGreaterThanOrEqual(8);
  await page.getByRole('button', { name: 'Remember Tile' }).click();
  await expect(page.getByRole('button', { name: 'Remember Tile' })).toBeHidden();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await open('/settings#pieces');
  await expect(
    page
      .getByRole('group', { name: /^Piece types/ })
      .getByLabel('Name')
      .last(),
  ).toHaveValue('Tile');
});

test('bark into bags: the weights of the shards, in full bags', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Blackcurrant buckwheat bark');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Cut type').selectOption('broken by hand');
  await page.getByLabel('Weight per bag, g').fill('100');
  await page.getByRole('button', { name: 'Shards and bags' }).click();
  await page.getByLabel('Shard weights').fill('60 50 40 30 20');
  await page.getByRole('button', { name: 'Fill bags' }).click();
  await expect(page.getByText('2 full bags')).toBeVisible();
  await expect(page.getByText('0.0 g given away in total')).toBeVisible();
});

test('bark into bags by the scale: shard after shard, a scale that stops half-way, and going on from there', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Blackcurrant buckwheat bark');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Weight per bag, g').fill('80');
  await page.getByRole('button', { name: 'Shards and bags' }).click();
  const scale = page.getByRole('region', { name: 'Bench scale' });
  await scale.getByLabel('Simulation speed').selectOption('20');
  const list = page.getByLabel('Shard weights');
  const shards = async () => (await list.inputValue()).split(' ').filter(Boolean).length;
  const first = await serveScale({ port: shop.scalePort });
  await scale.getByRole('button', { name: 'Use the bench scale' }).click();
  await expect.poll(shards, { timeout: 20_000 }).toBeGreaterThanOrEqual(5);
  first.closeAllConnections();
  await new Promise((resolve) => first.close(resolve));
  await expect(page.getByText('The scale has stopped. All weights are in the list')).toBeVisible();
  const before = await list.inputValue();
  const second = await serveScale({ port: shop.scalePort });
  await scale.getByRole('button', { name: 'Use the bench scale' }).click();
  await expect.poll(shards, { timeout: 20_000 }).toBeGreaterThanOrEqual(before.split(' ').length + 4);
  expect((await list.inputValue()).startsWith(before)).toBe(true);
  await scale.getByRole('button', { name: 'Stop weighing' }).click();
  second.closeAllConnections();
  second.close();
  const weighed = await list.inputValue();
  await page.getByRole('button', { name: 'Fill bags' }).click();
  await expect(page.getByText(/[1-9]\d* full bags/)).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await page.getByRole('button', { name: 'Shards and bags' }).click();
  await expect(list).toHaveValue(weighed);
});

test('the services: their fields, and their answers to invalid input', async ({ page, shop }) => {
  const ask = async (path: string, data: object) => {
    const answer = await page.request.post(`${shop.address}/api/${path}`, { data });
    return { status: answer.status(), body: (await answer.json()) as Record<string, unknown> };
  };
  const cuts = await ask('cuts', { slab, ask: { by: 'count', count: 60 } });
  expect(cuts.body).toMatchObject({
    cuts: expect.arrayContaining([expect.objectContaining({ pieces: 60, why: '60, as asked' })]),
  });
  const even = await ask('even', { slab, readings: [{ xMm: 10, yMm: 10, mm: 20 }] });
  expect(even.body).toMatchObject({
    surface: { terms: 'level' },
    ways: { size: { strips: null }, strips: { strips: expect.any(Array) } },
  });
  const kinds = [{ id: 'a', lengthMm: 100, widthMm: 50, value: 2 }];
  const mixed = await ask('mixed', { lengthMm: 300, widthMm: 200, kinds });
  expect(mixed.body).toMatchObject({ value: 24, bound: 24, proven: true, counts: { a: 12 } });
  const never = await ask('mixed', { slab, kinds: [{ ...kinds[0], least: 500 }] });
  expect(never).toMatchObject({ status: 200, body: { value: null, why: expect.stringContaining('do not fit') } });
  const bags = await ask('bags', { shardsG: [60, 50, 40, 30, 20], bagG: 100 });
  expect(bags.body).toMatchObject({ most: 2, givenAwayG: 0, over: [], proven: true });
  for (const [path, data, at] of [
    ['cuts', { slab, ask: { by: 'count', count: 0 } }, '/ask/count'],
    ['cuts', { slab, ask: { by: 'colour' } }, '/ask/by'],
    ['cuts', { slab }, '/ask'],
    ['even', { slab, readings: [] }, '/readings'],
    ['even', { slab, readings: [{ xMm: 4000, yMm: 10, mm: 20 }] }, '/readings/0/xMm'],
    ['even', { slab, readings: [{ xMm: 10, yMm: 10, mm: -2 }] }, '/readings/0/mm'],
    ['even', { slab, readings: [{ xMm: 10, yMm: 10, mm: 'deep' }] }, '/readings/0/mm'],
    ['mixed', { kinds }, '/lengthMm'],
    ['mixed', { lengthMm: 300, widthMm: 200, kinds: [{ ...kinds[0], least: 4, most: 2 }] }, '/kinds/0/most'],
    ['bags', { shardsG: [], bagG: 100 }, '/shardsG'],
    ['bags', { shardsG: [0], bagG: 100 }, '/shardsG/0'],
  ] as const) {
    const { status, body } = await ask(path, data);
    expect([path, status]).toEqual([path, 422]);
    expect((body as unknown as { problems: { path: string }[] }).problems.map((problem) => problem.path)).toContain(at);
  }
});

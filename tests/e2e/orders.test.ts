/** Orders: typed in plain words, changed by two people, standing orders, assortments, bad input, and the services. */
import { expect, slabId, test } from './shop';

const DAY_MS = 86_400_000;
const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString();

test('an order is typed, read beside its text, added, handed over, and found again', async ({ open, page }) => {
  await open('/orders');
  await expect(page.getByText('No open orders')).toBeVisible();
  const form = page.getByRole('form', { name: 'New order' });
  await form.getByLabel('Type the order').fill('Harbour tea room: 60 rye, 12 croissants, Saturday 11');
  const read = form.getByRole('list', { name: 'As it was read' });
  await expect(read).toContainText('60 Rye and treacle slice');
  await expect(read).toContainText('No slab or assortment has this name');
  await expect(read).toContainText(/Sat .*11:00/);
  await expect(form.getByRole('textbox', { name: 'For', exact: true })).toHaveValue('Harbour tea room');
  await expect(form.getByText(/^Comes to/)).toContainText('Contains: gluten');
  await form.getByRole('button', { name: 'Add order' }).click();
  const order = page.getByRole('region', { name: 'Orders by due time' }).getByRole('listitem');
  await expect(order).toContainText('Harbour tea room');
  await expect(order).toContainText('60 Rye and treacle slice');
  await order.getByLabel('Status of the order for Harbour tea room').selectOption('Handed over');
  await expect(page.getByText('No open orders')).toBeVisible();
  await page.getByRole('link', { name: /Show 1 more/ }).click();
  await expect(order).toContainText('Harbour tea room');
});

test('two people change one order: the second sees the version of the first, and nothing is lost', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const made = await page.request.post(`${shop.address}/api/orders`, {
    data: { name: 'Cafe', due: inDays(3), lines: [{ slab: rye, count: 24, unit: 'piece' }] },
  });
  const { id, revision } = (await made.json()) as { id: number; revision: number };
  await open('/orders');
  await page.getByRole('button', { name: 'Change the order for Cafe' }).click();
  const form = page.getByRole('form', { name: 'Change order' });
  await form.getByLabel('Count 1').fill('36');
  await form.getByLabel('Count 1').press('Tab');
  // Meanwhile somebody else saves 48.
  const order = (await (await page.request.get(`${shop.address}/api/orders/${id}`)).json()) as object;
  const other = await page.request.put(`${shop.address}/api/orders/${id}`, {
    data: { ...order, revision, lines: [{ slab: rye, count: 48, unit: 'piece' }] },
  });
  expect(other.ok(), await other.text()).toBe(true);
  await form.getByRole('button', { name: 'Save order' }).click();
  await expect(page.getByText(/Someone else saved this order meanwhile/)).toContainText('48 Rye and treacle slice');
  await expect(form.getByLabel('Count 1')).toHaveValue('36');
  await form.getByRole('button', { name: 'Save order' }).click();
  await expect(page.getByRole('form', { name: 'New order' })).toBeVisible();
  const kept = (await (await page.request.get(`${shop.address}/api/orders/${id}`)).json()) as {
    lines: { count: number }[];
    revision: number;
  };
  expect([kept.lines[0]!.count, kept.revision]).toEqual([36, 3]);
});

test('a standing order: one occurrence for each day, one of them changed, one cancelled, the rest as before', async ({
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const made = await page.request.post(`${shop.address}/api/orders`, {
    data: {
      name: 'Cafe',
      due: inDays(1),
      repeat: 'FREQ=DAILY;INTERVAL=7',
      lines: [{ slab: rye, count: 24, unit: 'piece' }],
    },
  });
  expect(made.status(), await made.text()).toBe(201);
  const { id, revision } = (await made.json()) as { id: number; revision: number };
  interface Due {
    orders: { occurrence: string; due: string; status: string; lines: { count: number }[] }[];
  }
  const due = async () =>
    ((await (await page.request.get(`${shop.address}/api/orders?from=${inDays(0)}&to=${inDays(23)}`)).json()) as Due)
      .orders;
  const before = await due();
  expect(before).toHaveLength(4);
  const put = (at: number, seen: number, data: object) =>
    page.request.put(`${shop.address}/api/orders/${id}?occurrence=${before[at]!.occurrence}`, {
      data: { revision: seen, ...data },
    });
  expect((await put(1, revision, { lines: [{ slab: rye, count: 12, unit: 'piece' }] })).status()).toBe(200);
  expect((await put(2, revision, { status: 'cancelled' })).status()).toBe(409);
  expect((await put(2, revision + 1, { status: 'cancelled' })).status()).toBe(200);
  expect((await due()).map(({ status, lines }) => [status, lines[0]!.count])).toEqual([
    ['open', 24],
    ['open', 12],
    ['cancelled', 24],
    ['open', 24],
  ]);
  const open = await page.request.get(`${shop.address}/api/orders?from=${inDays(0)}&to=${inDays(23)}&status=open`);
  expect(((await open.json()) as Due).orders).toHaveLength(3);
});

test('all dates of a standing order are changed at once; a rule that the fields cannot state is shown in words and kept', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const repeat = 'FREQ=MONTHLY;BYMONTHDAY=1,15';
  const made = await page.request.post(`${shop.address}/api/orders`, {
    data: { name: 'Guild', due: inDays(3), repeat, lines: [{ slab: rye, count: 24, unit: 'piece' }] },
  });
  const { id } = (await made.json()) as { id: number };
  const path = `${shop.address}/api/orders/${id}`;
  const { due } = (await (await page.request.get(path)).json()) as { due: string };
  await open('/orders');
  await page.getByRole('button', { name: 'Change the order for Guild' }).first().click();
  const form = page.getByRole('form', { name: 'Change order' });
  // One date has no rule and no name of its own.
  await expect(form.getByLabel('Repeats')).toHaveCount(0);
  await expect(form.getByLabel('For')).toBeDisabled();
  await form.getByLabel('Applies to').selectOption('all dates');
  await form.getByLabel('For').fill('Guild hall');
  await expect(form.getByLabel('Repeats').locator('option:checked')).toHaveText('every month on the 1st and 15th');
  await form.getByLabel('Note').fill('By the side door');
  await form.getByRole('button', { name: 'Save order' }).click();
  await expect(page.getByRole('form', { name: 'New order' })).toBeVisible();
  const kept = (await (await page.request.get(path)).json()) as object;
  expect(kept).toMatchObject({ repeat, note: 'By the side door', name: 'Guild hall', due, status: 'open' });
});

test('bad orders are answered with their places, and change nothing', async ({ page, shop }) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const sound = { name: 'Cafe', due: inDays(2), lines: [{ slab: rye, count: 1 }] };
  for (const [part, path] of [
    [{ lines: [] }, '/lines'],
    [{ lines: [{ slab: rye, count: 0 }] }, '/lines/0/count'],
    [{ lines: [{ slab: 999_999, count: 1 }] }, '/lines/0/slab'],
    [{ lines: [{ slab: rye, kind: 'Wheel', count: 1 }] }, '/lines/0/kind'],
    [{ lines: [{ assortment: 77, count: 1 }] }, '/lines/0/assortment'],
    [{ lines: [{ count: 1 }] }, '/lines/0'],
    [{ due: inDays(-1) }, '/due'],
    [{ due: 'soon' }, '/due'],
    [{ repeat: 'FREQ=SECONDLY' }, '/repeat'],
    [{ name: '' }, '/name'],
    [{ status: 'lost' }, '/status'],
  ] as const) {
    const answer = await page.request.post(`${shop.address}/api/orders`, { data: { ...sound, ...part } });
    expect(answer.status(), JSON.stringify(part)).toBe(422);
    const { problems } = (await answer.json()) as { problems: { path: string; message: string }[] };
    expect(problems.map((own) => own.path)).toContain(path);
    expect(problems[0]!.message).not.toBe('');
  }
  for (const [path, status] of [
    ['/api/orders/999', 404],
    ['/api/orders?from=yesterday', 422],
    ['/api/orders?status=lost', 422],
  ] as const)
    expect((await page.request.get(shop.address + path)).status()).toBe(status);
  const all = (await (await page.request.get(`${shop.address}/api/orders`)).json()) as { orders: object[] };
  expect(all.orders).toEqual([]);
});

test('an assortment is put together, ordered by name, and its orders say so when it is deleted', async ({
  open,
  page,
}) => {
  await open('/orders/assortments');
  await page.getByRole('textbox', { name: 'Name' }).fill('Yard four');
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Add pieces of a slab' }).click();
  for (const at of [1, 2]) {
    await page.getByLabel(`Pieces ${at}`, { exact: true }).fill('2');
    await page.getByLabel(`Pieces ${at}`, { exact: true }).press('Tab');
  }
  await expect(page.getByText('4 pieces in a pack.')).toBeVisible();
  await page.getByRole('button', { name: 'Add assortment' }).click();
  await expect(page.getByRole('heading', { name: 'Yard four' })).toBeVisible();
  await expect(page.getByText(/Contains: .*milk/)).toBeVisible();
  await page.getByRole('button', { name: 'Show label draft of Yard four' }).click();
  await expect(page.getByText(/^2 x .*: .*\w/).first()).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/Draft: check it against your local food law/)).toBeVisible();
  await open('/orders');
  const form = page.getByRole('form', { name: 'New order' });
  await form.getByLabel('Type the order').fill('10 mixed in boxes of 4 tomorrow 9am');
  await expect(form.getByRole('list', { name: 'As it was read' })).toContainText('3 x Yard four');
  await form.getByRole('textbox', { name: 'For', exact: true }).fill('Gallery');
  await form.getByRole('button', { name: 'Add order' }).click();
  await expect(page.getByRole('region', { name: 'Orders by due time' })).toContainText('3 x Yard four');
  await open('/orders/assortments');
  await page.getByRole('button', { name: 'Delete Yard four' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('No assortments yet')).toBeVisible();
  await open('/orders');
  await expect(page.getByRole('region', { name: 'Orders by due time' })).toContainText('something that was deleted');
});

test('orders leave as CSV and come in again, all of them or none', async ({ page, shop }) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const due = inDays(4);
  await page.request.post(`${shop.address}/api/orders`, {
    data: { name: 'Cafe', due, lines: [{ slab: rye, count: 24, unit: 'piece' }] },
  });
  const csv = await (await page.request.get(`${shop.address}/api/orders/csv`)).text();
  expect(csv).toContain('Rye and treacle slice');
  const send = (text: string) =>
    page.request.post(`${shop.address}/api/orders/csv`, { headers: { 'Content-Type': 'text/csv' }, data: text });
  const again = await send(csv.replace('Cafe', 'Kiosk'));
  expect(again.status(), await again.text()).toBe(201);
  const wrong = await send(`${csv.replace('Cafe', 'Third')}\r\nFourth,,${due},open,5,piece,,Nothing like it,,,`);
  expect(wrong.status()).toBe(422);
  expect(((await wrong.json()) as { problems: { path: string }[] }).problems.map(({ path }) => path)).toContain(
    '/2/slab',
  );
  const all = (await (await page.request.get(`${shop.address}/api/orders`)).json()) as { orders: { name: string }[] };
  expect(all.orders.map(({ name }) => name).sort()).toEqual(['Cafe', 'Kiosk']);
});

test('orders come in as CSV, all or none, with what is wrong by its row', async ({ open, page }) => {
  await open('/orders');
  const file = (text: string) => ({ name: 'orders.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const upload = page.locator('input[type="file"]');
  const head = 'name,channel,due,status,count,unit,pieces,slab,kind,assortment,note';
  const row = (slab: string, count: string) => `Market,,${inDays(4)},open,${count},piece,,${slab},,,`;
  await upload.setInputFiles(file(`${head}\n${row('No such slab', '12')}\n`));
  await expect(page.getByText('Nothing was imported')).toBeVisible();
  await expect(page.getByText('No open orders')).toBeVisible();
  await upload.setInputFiles(file(`${head}\n${row('Rye and treacle slice', '12')}\n`));
  await expect(page.getByRole('region', { name: 'Orders by due time' })).toContainText('12 Rye and treacle slice');
});

test('an order says while it is typed whether it can be made in time', async ({ open, page, shop }) => {
  await open('/orders');
  const form = page.getByRole('form', { name: 'New order' });
  const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
  await form.getByLabel('Type the order').fill(`24 rye, ${day.format(Date.now() + 9 * DAY_MS)} 15:00`);
  await expect(form.getByText(/Can be made in time|Cannot be made in time/)).toBeVisible({ timeout: 30_000 });
  await form.getByLabel('Type the order').fill(`900 rye, ${day.format(Date.now() + DAY_MS)} 00:30`);
  await expect(form.getByText(/Cannot be made in time|fits into no working hours/)).toBeVisible({ timeout: 30_000 });
  // A weight is not nothing: it has to be made as well.
  const slab = await slabId(page, shop.address, 'Blackcurrant buckwheat bark');
  const answer = await page.request.post(`${shop.address}/api/week/check`, {
    data: {
      name: 'Fair',
      due: new Date(Date.now() + 9 * DAY_MS).toISOString(),
      lines: [{ slab, count: 900, unit: 'g' }],
    },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  expect(((await answer.json()) as { readyAt: string | null }).readyAt).not.toBeNull();
});

test('the packing list has every open order of its days, with what is missing, and none of other days', async ({
  open,
  page,
  shop,
}) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const order = (name: string, days: number) =>
    page.request.post(`${shop.address}/api/orders`, {
      data: { name, due: `${inDays(days).slice(0, 10)}T12:00:00Z`, lines: [{ slab: rye, count: 6, unit: 'piece' }] },
    });
  for (let i = 1; i <= 25; i++) await order(`Customer ${i}`, 3);
  await order('Another day', 6);
  const lot = { id: crypto.randomUUID(), of: { slab: rye }, unit: 'piece', change: 8, why: 'made', lot: 'P1' };
  expect((await page.request.post(`${shop.address}/api/stock`, { data: [{ ...lot, at: inDays(0) }] })).ok()).toBe(true);
  const day = inDays(3).slice(0, 10);
  await open(`/orders/packing-list?from=${day}&to=${day}`);
  await expect(page.getByRole('region', { name: 'Total' })).toContainText('150 Rye and treacle slice');
  await expect(page.getByText(/^Customer \d+$/)).toHaveCount(25);
  await expect(page.getByText('In stock: 6 Rye and treacle slice from P1')).toHaveCount(1);
  await expect(page.getByText('4 of 6 pieces are not in stock yet')).toHaveCount(1);
  await expect(page.getByText('Another day')).toHaveCount(0);
  await open(`/orders/packing-list?from=${day}&to=never`);
  await expect(page.getByText('These days are not valid')).toBeVisible();
});

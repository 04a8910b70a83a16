/** Nobody stops the server or delays the others: hostile addresses, slow connections, heavy work, full runs, and a missing data file. */
import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync, renameSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { expect, makeRun, slabId, startServer, stopServer, test, type Server } from './shop';

const json = { 'Content-Type': 'application/json' };
const rye = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as { layers: object[] };

/** Sends raw bytes and returns the answer until the connection ends. */
function raw(address: string, text: string): Promise<string> {
  const { port, hostname } = new URL(address);
  return new Promise((resolve) => {
    let heard = '';
    const socket = connect(Number(port), hostname, () => socket.write(text));
    socket.on('data', (part) => (heard += part.toString()));
    socket.on('error', () => undefined);
    socket.on('close', () => resolve(heard));
  });
}
const get = (address: string, path: string) =>
  raw(address, `GET ${path} HTTP/1.1\r\nHost: ${new URL(address).host}\r\nConnection: close\r\n\r\n`);

const isWell = async ({ address, process: child }: Server) =>
  child.exitCode === null && (await fetch(`${address}/healthz`)).status === 200;

test('no address ends the process, with a passphrase or without', async ({ emptyShop }) => {
  const paths = [
    '/%',
    '/%ff',
    '/healthz%',
    '/%c0%af',
    '/api/%',
    '/slabs/%zz',
    '//',
    '/..%2f..%2fetc',
    '/\u0000',
    '*',
    '/?%',
  ];
  await stopServer(emptyShop);
  for (const env of [{ KNIFE_TRAY_PASSPHRASE: 'rye and treacle' }, {}] as Record<string, string>[]) {
    const server = await startServer(emptyShop.data, env);
    for (const path of paths) {
      expect(await get(server.address, path), path).toMatch(/^HTTP\/1\.1 [2-5]\d\d |^$/);
      expect(await isWell(server), path).toBe(true);
    }
    expect(await get(server.address, '/%')).toContain('400');
    expect(await raw(server.address, 'rubbish\r\n\r\n')).toBe('');
    await stopServer(server);
  }
});

test('connections that never send a request, or never finish one, are closed', async ({ emptyShop }) => {
  const host = new URL(emptyShop.address).host;
  const slow = ['', 'GET / HT', `GET / HTTP/1.1\r\nHost: ${host}\r\nX-Slow: `].flatMap((text) =>
    Array.from({ length: 20 }, () => raw(emptyShop.address, text)),
  );
  expect(await isWell(emptyShop)).toBe(true);
  // Each ends by itself, within the time limit for headers.
  await Promise.all(slow);
  expect(await isWell(emptyShop)).toBe(true);
});

test('property names of every object are not paper sizes', async ({ page, request, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  for (const paper of ['constructor', '__proto__', 'toString', 'A4'])
    expect((await request.get(`${shop.address}/api/slabs/${id}/template.pdf?paper=${paper}`)).status(), paper).toBe(
      422,
    );
  expect((await request.get(`${shop.address}/api/slabs/${id}/template.pdf?paper=letter`)).status()).toBe(200);
});

test('heavy work of one client delays nobody: prices, schedules and a new run are answered meanwhile', async ({
  shop,
}) => {
  const post = (path: string, body: object) =>
    fetch(shop.address + path, { method: 'POST', headers: json, body: JSON.stringify(body) });
  // Weights without a common divisor: each of these runs to its time limit.
  const shardsG = Array.from({ length: 60 }, (_, i) => 31.7 + ((i * 7919) % 211) / 10);
  const heavy = [1, 2, 3, 4].map((n) => post('/api/bags', { shardsG, bagG: 141.3 + n }));
  const light = await Promise.all([
    post('/api/price', { slab: rye }),
    post('/api/timeline', { slab: rye, start: '2030-03-12T06:00:00Z' }),
    post('/api/runs', { slab: 1 }),
  ]);
  expect(light.map(({ status }) => status)).toEqual([200, 200, 201]);
  for (const answer of await Promise.all(heavy)) expect([200, 422]).toContain(answer.status);
});

test('an endless ingredient list is refused before it is drafted', async ({ request, shop }) => {
  const parts = (level: number) => Array.from({ length: 8 }, (_, i) => ({ ingredient: `part ${level} ${i}` }));
  const larder = [
    ...Array.from({ length: 4 }, (_, level) =>
      Array.from({ length: 8 }, (_, i) => ({ name: `part ${level} ${i}`, madeOf: parts(level + 1) })),
    ).flat(),
    { name: 'rye flour', madeOf: parts(0) },
  ];
  const answer = await request.post(`${shop.address}/api/label`, {
    data: { slab: { ...rye, larder }, madeOn: '2026-11-26' },
  });
  expect(answer.status()).toBe(422);
  expect(await answer.text()).toContain('entries');
});

test('a client may follow only so many runs at once, and only open streams count', async ({ page, shop }) => {
  const run = await makeRun(page, shop.address, 'Pear penuche');
  const stop = new AbortController();
  const stream = (signal: AbortSignal) => fetch(`${shop.address}/api/runs/${run}/stream`, { signal });
  const open = await Promise.all(Array.from({ length: 30 }, () => stream(stop.signal)));
  expect(open.every(({ status }) => status === 200)).toBe(true);
  expect((await stream(AbortSignal.timeout(20_000))).status).toBe(429);
  stop.abort();
  await expect.poll(async () => (await stream(AbortSignal.timeout(20_000))).status).toBe(200);
});

test('a run with the maximum number of events opens, and its page has every entry', async ({ page, shop }) => {
  test.setTimeout(240_000);
  const run = await makeRun(page, shop.address, 'Pear penuche');
  const start = Date.now();
  const count = 18_000;
  const { steps } = (
    (await (await fetch(`${shop.address}/api/runs/${run}`)).json()) as { plan: { steps: { id: string }[] } }
  ).plan;
  for (let from = 0; from < count; from += 1000) {
    const events = Array.from({ length: 1000 }, (_, i) => ({
      ...{ id: randomUUID(), at: new Date(start + from + i).toISOString(), kind: 'temperature', celsius: 100 },
    }));
    const answer = await fetch(`${shop.address}/api/runs/${run}/events`, {
      ...{ method: 'POST', headers: json, body: JSON.stringify(events) },
    });
    expect(answer.status).toBe(200);
  }
  const last = { id: randomUUID(), at: new Date(start + count).toISOString(), kind: 'step-begun', step: steps[0]!.id };
  await fetch(`${shop.address}/api/runs/${run}/events`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify([last]),
  });
  await page.goto(`${shop.address}/runs/${run}`);
  // Shown last: it is there only if everything before it is.
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Loading all entries')).toHaveCount(0);
  await page.goto(`${shop.address}/today`);
  await expect(page.getByRole('region', { name: 'Pear penuche' })).toBeVisible({ timeout: 60_000 });
});

test('when the data file is gone, saves are refused rather than lost, and the message says so', async ({
  page,
  shop,
  watched,
}) => {
  const file = join(shop.data, 'knife-tray.sqlite');
  const save = () => page.request.post(`${shop.address}/api/larder`, { data: { name: `moss ${randomUUID()}` } });
  expect((await save()).status()).toBe(201);
  renameSync(file, `${file}.away`);
  const refused = await save();
  expect(refused.status()).toBe(503);
  expect(await refused.text()).toContain('The data file is missing');
  expect((await page.request.get(`${shop.address}/healthz`)).status()).toBe(503);
  await page.goto(`${shop.address}/slabs`);
  await expect(page.getByRole('alert')).toContainText('Nothing can be saved until it is back');
  renameSync(`${file}.away`, file);
  expect((await save()).status()).toBe(201);
  expect(watched.splice(0).every((line) => line.includes('503'))).toBe(true);
});

test('a second server on the same data does not start, and a killed one leaves no lock behind', async ({
  emptyShop,
}) => {
  const second = spawnSync(process.execPath, ['scripts/serveOnly.mjs'], {
    env: { ...process.env, KNIFE_TRAY_DATA: emptyShop.data, PORT: '0' },
    encoding: 'utf8',
  });
  expect(second.status).toBe(1);
  expect(second.stderr).toContain(`process ${emptyShop.process.pid}`);
  expect(await isWell(emptyShop)).toBe(true);
  await stopServer(emptyShop, 'SIGKILL');
  const next = await startServer(emptyShop.data);
  expect(await isWell(next)).toBe(true);
  await stopServer(next);
});

test('a slab of 40,000 pieces is planned in threads: its card fills in, and the device draws its page', async ({
  page,
  emptyShop,
}) => {
  test.setTimeout(120_000);
  const many = { ...rye, name: 'Fine mesh', cut: { columns: 200, rows: 200 } };
  const tin = { ...(rye as { tin?: object }).tin, lengthMm: 1500, widthMm: 1500 };
  const made = await fetch(`${emptyShop.address}/api/slabs`, {
    ...{ method: 'POST', headers: json, body: JSON.stringify({ ...many, tin }) },
  });
  expect(made.status).toBe(201);
  const { id } = (await made.json()) as { id: number };
  // The server's page has no drawing in it.
  const text = await (await fetch(`${emptyShop.address}/slabs/${id}/cut`)).text();
  expect(text).toContain('Calculating…');
  expect(text).not.toContain('Rye base');
  await page.goto(`${emptyShop.address}/slabs`);
  await expect(page.getByRole('listitem').filter({ hasText: 'Fine mesh' })).toContainText('40000 pieces', {
    timeout: 60_000,
  });
  await page.goto(`${emptyShop.address}/slabs/${id}/cut`);
  await expect(page.getByRole('heading', { name: 'Fine mesh' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('definition').filter({ hasText: '40000' }).first()).toBeVisible({ timeout: 60_000 });
});

test('a failed calculation on the device is reported, and not shown as running', async ({ page, shop }) => {
  await page.route(/timeline\.worker/, (route) => route.abort());
  await page.goto(`${shop.address}/slabs/${await slabId(page, shop.address, 'Pear penuche')}/price`);
  await expect(page.getByText('This could not be calculated')).toBeVisible();
  await expect(page.getByText('Calculating…')).toHaveCount(0);
});

test('older addresses lead to today’s pages, and a slab’s checks have an address', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  for (const [older, now] of [
    [`/slabs/${id}/clock`, `/slabs/${id}/schedule`],
    [`/slabs/${id}/gather`, `/slabs/${id}/weigh-out`],
    [`/slabs/${id}/log`, `/slabs/${id}/history`],
    ['/runs/15/log', '/runs/15/result'],
    ['/gather?slabs=1', '/weigh-out?slabs=1'],
  ]) {
    await open(older!);
    await expect(page).toHaveURL(shop.address + now);
  }
  // A saved version with a check, for the address to show.
  await open(`/slabs/${id}/size`);
  await page.getByText('a factor').click();
  await page.getByRole('textbox', { name: 'Factor' }).fill('3');
  await page.getByRole('button', { name: 'Save' }).click();
  await open(`/slabs/${id}/checks`);
  await expect(page.getByRole('heading', { name: 'Checks' })).toBeVisible();
  await expect(page.getByText(/times the base recipe/).first()).toBeVisible();
});

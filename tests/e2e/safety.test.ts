/** What could damage the shop's data or stop the server: other sites, the network, storage errors, bad stops. */
import Database from 'better-sqlite3';
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { screensOf } from './screens';
import { expect, settled, slabId, startServer, stopServer, test, tray, visit } from './shop';

const rye = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as object;
const json = { 'Content-Type': 'application/json' };

test('a save that the storage refuses says why, keeps what was typed, and works later', async ({
  open,
  page,
  shop,
  watched,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  const other = new Database(join(shop.data, 'knife-tray.sqlite'));
  other.exec('BEGIN IMMEDIATE');
  await page.getByRole('button', { name: 'Save' }).click();
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('Another program is using the data. Nothing was lost. Close it and save again');
  await expect(alert).toContainText(/fault [0-9a-f]{8}/);
  await expect(tray(page, 'Pieces')).toHaveText('35');
  other.exec('ROLLBACK');
  other.close();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  // An answer without a body is reported too.
  await page.getByLabel('Columns').fill('6');
  await page.route('**/api/slabs/*', (route) => route.fulfill({ status: 502, body: '<h1>Bad gateway</h1>' }));
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(alert).toContainText('The server answered 502. Nothing you typed is lost');
  expect(watched.splice(0).every((line) => /status of 50/.test(line))).toBe(true);
});

test('names that look like markup stay text on every screen, sheet and download', async ({ open, page, shop }) => {
  const sly = (of: string) => `<meta http-equiv=refresh content="0;url=/larder"><img src=x onerror=stop()>${of}`;
  const slab = JSON.parse(JSON.stringify(rye)) as Record<string, never> & {
    preparations: { name: string; lines: { ingredient: string; state?: string }[]; steps: { text: string }[] }[];
    layers: { name: string }[];
  };
  for (const preparation of slab.preparations) {
    preparation.name = sly(preparation.name);
    for (const step of preparation.steps) step.text = sly(step.text);
    for (const line of preparation.lines) line.state = sly('cut');
  }
  for (const layer of slab.layers) layer.name = sly(layer.name);
  Object.assign(slab, { name: sly('Slab'), notes: sly('Notes'), packing: { in: sly('box'), wrap: sly('paper') } });
  slab.preparations[0]!.lines[0]!.ingredient = sly('flour');
  const pack = { name: sly('bag'), massG: 1000, price: 3 };
  const facts = { densityGPerMl: 0.6, aliases: [sly('meal')], source: sly('label') };
  const post = (path: string, data: object) => page.request.post(shop.address + path, { data });
  expect((await post('/api/larder', { name: sly('flour'), packs: [pack], ...facts })).status()).toBe(201);
  const tin = { shape: 'rectangle', lengthMm: 210, widthMm: 210, depthMm: 45 };
  expect((await post('/api/tins', { name: sly('tin'), count: 1, tin })).status()).toBe(201);
  const settings = {
    name: sly('shop'),
    vessels: [{ name: sly('pot'), kind: 'pot', volumeMl: 100 }],
    boxes: [{ name: sly('box'), lengthMm: 200, widthMm: 200, heightMm: 50 }],
    wraps: [{ name: sly('paper'), fold: 'twist', lengthMm: 400, widthMm: 400 }],
    channels: [{ name: sly('hatch') }],
    labels: { address: sly('yard') },
  };
  const kept = await page.request.put(`${shop.address}/api/shop`, { data: { revision: 2, settings } });
  expect(kept.status()).toBe(200);
  const { id } = (await (await post('/api/slabs', slab)).json()) as { id: number };
  const { id: run } = (await (await post('/api/runs', { slab: id })).json()) as { id: number };
  const happened = [
    { kind: 'note', text: sly('note') },
    { kind: 'lot', ingredient: sly('flour'), lot: sly('lot') },
    { kind: 'step-skipped', step: 'gather', why: sly('why') },
    { kind: 'next-time', change: { what: 'amount', preparation: 'base', factor: 2 }, why: sly('next') },
    { kind: 'tasted', text: sly('taste') },
  ].map((event) => ({ ...event, id: randomUUID(), at: new Date().toISOString() }));
  expect((await (await post(`/api/runs/${run}/events`, happened)).json()).added).toBe(happened.length);
  for (const path of [
    ...screensOf(id),
    ...['/slabs', '/larder', '/tins', '/settings#packing', '/settings#channels', '/prices', `/weigh-out?slabs=${id}`],
  ]) {
    await open(path);
    if (path.endsWith('/set')) await page.getByText(/Cuts cleanly after about/).waitFor();
    if (path.endsWith('/clock')) await page.getByText(/^Begin/).waitFor();
    await settled(page);
    expect(page.url()).toBe(shop.address + path);
    expect(await page.locator('body meta, img[src="x"]').count(), path).toBe(0);
  }
  // These follow their run on a stream that does not end.
  for (const path of [`/runs/${run}`, `/runs/${run}/result`, '/bench', '/today', '/runs?find=meta', '/lots']) {
    await visit(page, shop.address + path);
    await settled(page);
    expect(page.url()).toBe(shop.address + path);
    expect(await page.locator('body meta, img[src="x"]').count(), path).toBe(0);
  }
  await open('/larder');
  await page.getByRole('button', { name: /Edit <meta/ }).click();
  await expect(page.getByText('Price history')).toBeVisible();
  await settled(page);
  expect(await page.locator('body meta, img[src="x"]').count()).toBe(0);
  const label = `/api/slabs/${id}/label.pdf?madeOn=2026-11-26`;
  for (const path of [
    '/api/larder/table/larder',
    `/api/slabs/${id}/recipe`,
    '/api/slabs',
    '/api/slabs/zip',
    '/api/prices',
    '/api/log.csv',
    '/api/log.json',
    `/api/runs/${run}/log.csv`,
    label,
  ]) {
    const { 'content-type': type, 'x-content-type-options': sniff } = (
      await page.request.get(shop.address + path)
    ).headers();
    expect(type, path).not.toContain('html');
    expect(sniff, path).toBe('nosniff');
  }
});

test('two windows with the settings: neither overwrites what the other changed', async ({
  open,
  page,
  context,
  shop,
}) => {
  await open('/settings');
  const other = await context.newPage();
  await visit(other, `${shop.address}/settings#room`);
  await other.getByLabel('Room temperature, °C').fill('17');
  await other.getByRole('button', { name: 'Save' }).click();
  await expect(other.getByRole('status')).toHaveText('Saved');
  await page.getByLabel('Shop name').fill('Lantern Yard, upstairs');
  await page.getByRole('button', { name: 'Save' }).click();
  const dialog = page.getByRole('alertdialog');
  await expect(dialog.getByRole('row', { name: /Shop name/ })).toContainText('upstairs');
  await expect(dialog.getByRole('row', { name: /Room/ })).toContainText('17');
  await dialog.getByRole('button', { name: 'Save my changes too' }).click();
  await expect(page.getByRole('status')).toHaveText('Saved');
  await open('/settings');
  await expect(page.getByLabel('Shop name')).toHaveValue('Lantern Yard, upstairs');
  await page.getByRole('tab', { name: 'Workroom' }).click();
  await expect(page.getByLabel('Room temperature, °C')).toHaveValue('17');
});

test('a previewed table is previewed again when the larder has changed meanwhile', async ({ open, page, shop }) => {
  await open('/larder');
  await page.getByRole('button', { name: 'Import and export' }).click();
  const buffer = Buffer.from('ingredient,pack,pack_g,price\nbutter,"block, 250 g",250,9.99\n');
  await page.getByLabel('CSV file').setInputFiles({ name: 'p.csv', mimeType: 'text/csv', buffer });
  await expect(page.getByRole('cell', { name: '9.99' })).toBeVisible();
  const added = await page.request.post(`${shop.address}/api/larder`, { data: { name: 'moss' } });
  expect(added.status()).toBe(201);
  await page.getByRole('button', { name: /Update 1 in the larder/ }).click();
  await expect(page.getByRole('alert')).toContainText('The larder was changed since you previewed this table');
  await page.getByRole('button', { name: /Update 1 in the larder/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('row', { name: /^butter/ })).toContainText('€9.99');
});

test('a device with full storage can still undo and save, and says so', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  await expect(page.getByRole('alert')).toContainText('The storage of this device is full');
  await page.getByLabel('Rows').fill('3');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tray(page, 'Pieces')).toHaveText('35');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
});

test('changes are accepted only from this application, and only as JSON, CSV or zip', async ({ request, shop }) => {
  const port = new URL(shop.address).port;
  const post = (headers: Record<string, string>, path = '/api/demo', data = '{}') =>
    request.post(shop.address + path, { headers, data: Buffer.from(data) }).then((answer) => answer.status());
  for (const origin of [
    'http://elsewhere.example',
    'null',
    `http://127.0.0.1:${Number(port) + 1}`,
    'https://localhost',
  ])
    expect(await post({ ...json, Origin: origin }), origin).toBe(403);
  expect(await post({ ...json, 'Sec-Fetch-Site': 'cross-site' })).toBe(403);
  for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])
    expect([403, 415], type).toContain(await post({ 'Content-Type': type }));
  expect(await post({ ...json, Origin: shop.address })).toBe(201);
  expect(await post(json)).toBe(201);
  expect(await post({ 'Content-Type': 'text/csv' }, '/api/larder/table/prices', 'ingredient\n')).toBe(200);
  const gone = await request.delete(`${shop.address}/api/tins/1?revision=1`, {
    headers: { Origin: 'http://elsewhere.example' },
  });
  expect(gone.status()).toBe(403);
});

test('open to the network it asks for a passphrase, and does not start without one', async ({
  emptyShop,
  page,
  watched,
}) => {
  const { address, data } = emptyShop;
  await stopServer(emptyShop);
  const start = (env: Record<string, string>) =>
    spawnSync(process.execPath, ['scripts/serveOnly.mjs'], {
      env: { ...process.env, KNIFE_TRAY_DATA: data, PORT: '0', HOST: '0.0.0.0', ...env },
      encoding: 'utf8',
    });
  expect(start({}).status).toBe(1);
  expect(start({}).stderr).toContain('Set KNIFE_TRAY_PASSPHRASE');
  expect(start({ KNIFE_TRAY_PASSPHRASE: 'short' }).stderr).toContain('too short');
  const server = await startServer(data, {
    HOST: '0.0.0.0',
    PORT: new URL(address).port,
    KNIFE_TRAY_PASSPHRASE: 'rye and treacle',
    KNIFE_TRAY_HOSTS: 'bench.example',
  });
  try {
    const get = (path: string, headers: Record<string, string> = {}) =>
      page.request.get(address + path, { headers, maxRedirects: 0 }).then((answer) => answer.status());
    expect(await get('/healthz')).toBe(200);
    expect(await get('/healthz', { Host: 'bench.example' })).toBe(200);
    expect(await get('/healthz', { Host: 'rebound.example' })).toBe(421);
    // How to trust the shop's certificate can be read before the passphrase is typed over that connection.
    expect(await get('/trust')).toBe(200);
    expect(await get('/api/slabs')).toBe(401);
    expect(await get('/slabs')).toBe(303);
    await visit(page, `${address}/slabs`);
    await expect(page.getByRole('navigation', { name: 'Main menu' })).toHaveCount(0);
    await page.getByLabel('Shop passphrase').fill('rye and honey');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText('Wrong passphrase')).toBeVisible();
    // The browser logs the expected 403.
    expect(watched.splice(0)).toHaveLength(1);
    await page.getByLabel('Shop passphrase').fill('rye and treacle');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Explore the demo shop' })).toBeVisible();
    const [session] = (await page.context().cookies()).filter(({ name }) => name === 'knife-tray-session');
    expect(session).toMatchObject({ httpOnly: true, sameSite: 'Strict' });
    const tries = await Promise.all(
      Array.from({ length: 12 }, () => page.request.post(`${address}/api/enter`, { data: { passphrase: 'guess' } })),
    );
    expect(tries.filter((answer) => answer.status() === 429).length).toBeGreaterThan(1);
  } finally {
    await stopServer(server);
  }
});

test('damaged data are not opened; a backup made while the server runs is restored by one command', async ({
  shop,
}) => {
  const env = { ...process.env, KNIFE_TRAY_DATA: shop.data };
  const backup = join(shop.data, 'backup.sqlite');
  const run = (script: string, ...args: string[]) =>
    spawnSync(process.execPath, [`scripts/${script}.mjs`, ...args], { env, encoding: 'utf8' });
  const healthz = async (address: string) => (await fetch(`${address}/healthz`)).status;
  expect(execFileSync(process.execPath, ['scripts/backup.mjs', backup], { env, encoding: 'utf8' })).toContain(backup);
  expect(run('restore', backup).stderr).toContain('Stop it');
  expect(await healthz(shop.address)).toBe(200);
  await stopServer(shop);
  const file = join(shop.data, 'knife-tray.sqlite');
  writeFileSync(file, readFileSync(file).fill(0x55, 4096, 90_000));
  const refused = run('serveOnly');
  expect(refused.status).toBe(1);
  expect(refused.stderr).toContain('is damaged');
  expect(refused.stderr).toContain('npm run restore');
  expect(refused.stderr).not.toMatch(/\bat .*\.m?js:\d+/);
  expect(run('restore', join(shop.data, 'nothing.sqlite')).stderr).toContain('cannot be opened. Nothing was changed');
  expect(run('restore', backup).stdout).toContain('was restored');
  expect(readdirSync(shop.data).filter((name) => name.startsWith('set-aside-'))).toHaveLength(1);
  const again = await startServer(shop.data);
  const { slabs } = (await (await fetch(`${again.address}/api/slabs`)).json()) as { slabs: unknown[] };
  expect(slabs.length).toBeGreaterThan(5);
  await stopServer(again);
});

test('it stops within a second though streams are open, and does not wait for a silent probe', async ({
  emptyShop,
}) => {
  const silent = createServer((socket) => void socket.on('error', () => undefined));
  await new Promise<void>((resolve) => silent.listen(0, '127.0.0.1', resolve));
  const probe = `http://127.0.0.1:${(silent.address() as AddressInfo).port}`;
  await stopServer(emptyShop);
  const server = await startServer(emptyShop.data, { KNIFE_TRAY_PROBE: probe });
  expect((await fetch(`${server.address}/api/probe`)).status).toBe(503);
  const asked = once(silent, 'connection');
  const hanging = fetch(`${server.address}/api/probe`).then(
    () => 'answered',
    () => 'ended',
  );
  await asked;
  const started = Date.now();
  expect(await stopServer(server)).toBe(0);
  expect(Date.now() - started).toBeLessThan(2000);
  expect(await hanging).toBe('ended');
  silent.close();
});

test('a price list on a busy server waits for its turn, and is complete in the end', async ({ page, shop }) => {
  const body = JSON.stringify({ slab: { ...rye, cut: { columns: 200, rows: 200 } } });
  const plan = () => fetch(`${shop.address}/api/plan`, { method: 'POST', headers: json, body });
  // As many as run at once, as many as can wait, and a few more.
  const others = Array.from({ length: availableParallelism() + 20 }, plan);
  await page.goto(`${shop.address}/prices`);
  const statuses = (await Promise.all(others)).map(({ status }) => status);
  expect(statuses.filter((status) => status !== 200 && status !== 503)).toEqual([]);
  await expect(page.getByRole('row', { name: /Rye and treacle slice/ })).toContainText('€');
  await expect(page.getByText(/Calculating \d+ more/i)).toHaveCount(0);
});

test('static files have the right content types', async ({ request, shop }) => {
  const page = await (await request.get(`${shop.address}/slabs`)).text();
  const asset = /\/_app\/immutable\/[^"]+\.js/.exec(page)![0];
  expect((await request.get(shop.address + asset)).headers()['x-content-type-options']).toBe('nosniff');
});

test('a mounted, empty data folder is filled with the demo', async ({ emptyShop }) => {
  await stopServer(emptyShop);
  for (const name of readdirSync(emptyShop.data)) rmSync(join(emptyShop.data, name), { recursive: true });
  const demo = spawn(process.execPath, ['scripts/demo.mjs'], {
    env: { ...process.env, KNIFE_TRAY_DATA: emptyShop.data, PORT: '0', LOG_LEVEL: 'warn' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => demo.once('exit', resolve));
  const address = await new Promise<string>((resolve) => {
    let said = '';
    demo.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      if (said.includes('The demo shop is')) resolve(/http:\/\/\S+/.exec(said)![0]);
    });
  });
  const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: unknown[] };
  expect(slabs.length).toBeGreaterThan(5);
  demo.kill('SIGTERM');
  await ended;
});

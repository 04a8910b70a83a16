/** Invalid input by people and programs: each is answered beside its field with what to do, and nothing crashes. */
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { zipSync } from 'fflate';
import type { Slab } from '$core/slab';
import { expect, line, slabId, test, tray } from './shop';

const json = { 'Content-Type': 'application/json' };

test('invalid numbers: each says what to type, and the last valid figure stays', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  await page.getByRole('button', { name: 'More of rye flour' }).click();
  const flour = page.getByLabel('Amount of rye flour');
  for (const [typed, said] of [
    ['-5', 'Enter a number above 0'],
    ['0', 'Enter a number above 0'],
    ['9e99', /or less|such as 12/],
    ['NaN', 'such as 12, 1.5 or 1 1/2'],
    ['', 'Enter a number'],
    ['🍫', 'such as 12, 1.5 or 1 1/2'],
    ['1,500', 'has two meanings'],
  ] as const) {
    await flour.fill(typed);
    await expect(page.getByText(said).first()).toBeVisible();
    await expect(tray(page, 'Piece weight')).toHaveText('57 g');
  }
  for (const [typed, grams] of [
    ['1,5', '1.5 g'],
    ['1 1/2', '1.5 g'],
    ['½', '0.5 g'],
    ['270', '270 g'],
  ] as const) {
    await flour.fill(typed);
    await expect(page.getByRole('listitem').filter({ has: flour }).last().locator('.mass')).toHaveText(grams);
  }
});

test('names of any script and any length', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  await page.getByRole('button', { name: 'Slab details' }).click();
  const name = page.getByLabel('Slab name');
  await name.fill('n'.repeat(10_000));
  await expect(page.getByText('Use 200 characters or fewer')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rye and treacle slice');
  for (const title of ['🍫🧈 סלייס', 'شريحة الجاودار']) {
    await name.fill(title);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
  }
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await line(page, 'Rye shortbread', 1).fill('270 g moon dust');
  await expect(page.getByText('Not in the larder')).toBeVisible();
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText('"moon dust" is not in the larder')).toBeVisible();
});

test('a slab in which many things have the same name shows in every station', async ({ open, page, shop, watched }) => {
  const rye = JSON.parse(
    readFileSync(new URL('../../demo/slabs/rye-and-treacle-slice.slab.json', import.meta.url), 'utf8'),
  ) as Slab;
  const sugar = {
    ingredient: 'caster sugar',
    quantity: 100,
    unit: 'g',
    divided: [{ share: 0.5 }, { share: 0.5, preparation: 'p2' }],
  };
  const pan = { shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 };
  const slab = {
    ...rye,
    preparations: ['p1', 'p2'].map((id, i) => ({
      id,
      name: 'Same',
      lines: [{ ingredient: 'butter', quantity: 200, unit: 'g' }, ...(i === 0 ? [sugar, sugar] : [])],
      steps: ['a', 'b'].map((step) => ({ id: step, text: 'Stir', minutes: 5 })),
    })),
    layers: ['p1', 'p2'].map((preparation, i) => ({
      id: `l${i}`,
      name: 'Same',
      from: [{ preparation, share: 1 }],
      spread: 'level',
    })),
    tins: [0, 20].map((cornerMm) => ({ tin: { ...pan, cornerMm }, count: 1 })),
  };
  const kept = await page.request.post(`${shop.address}/api/slabs`, { data: slab });
  const { id } = (await kept.json()) as { id: number };
  for (const station of [
    'build',
    'size',
    'cook',
    'set',
    'cut',
    'price',
    'pack',
    'gather',
    'clock',
    'compare',
    'label',
  ]) {
    await open(`/slabs/${id}/${station}`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(slab.name);
    expect(watched, station).toEqual([]);
  }
  // The first option is "none".
  await open(`/slabs/${id}/build`);
  await page.getByRole('list', { name: 'Layers from the top' }).getByRole('button', { name: /^Same/ }).first().click();
  await page.getByLabel('Add a mixture to Same').first().selectOption('');
  await page
    .getByLabel(/^Line 1 of/)
    .first()
    .fill('210 g butter');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  await open('/slabs/paste');
  await page.getByLabel('Recipe', { exact: true }).fill('1 cup butter or butter or butter\n1 cup butter or butter');
  await page.getByRole('button', { name: 'Edit line 1' }).click();
  await expect(page.getByLabel('Ingredient, line 1', { exact: true })).toHaveValue(/butter/);
});

test('files that are not slab files are refused with a reason, and nothing is imported', async ({
  open,
  page,
  shop,
}) => {
  await open('/slabs');
  const give = (name: string, body: string | Buffer) =>
    page.getByLabel('Slab file').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
  const alert = page.getByRole('alert');
  await give('picture.json', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13]));
  await expect(alert).toContainText('This is not a slab file. Choose a file that ends in .slab.json');
  await give('half.slab.json', '{"format":"knife-tray/slab","version":1,"name":"Ha');
  await expect(alert).toContainText('The file is incomplete or damaged');
  await give('large.slab.json', Buffer.alloc(5_000_000, ' '));
  await expect(alert).toContainText('over 1 MB');
  await give('newer.slab.json', '{"format":"knife-tray/slab","version":7}');
  await expect(alert).toContainText('version 7');
  await give(
    'wrong.slab.json',
    '{"format":"knife-tray/slab","version":1,"name":"X","tin":{"shape":"rectangle","lengthMm":-3,"widthMm":10,"depthMm":5},"preparations":[],"layers":[]}',
  );
  await expect(alert).toContainText('Enter 1 or more (/tin/lengthMm)');
  await expect(page.getByRole('heading', { level: 2, name: /slice|penuche|cloud/ })).toHaveCount(3);
  const list = await page.request.get(`${shop.address}/slabs`);
  expect(await list.text()).not.toContain('"X"');
});

test('services answer invalid requests with paths, never with a stack trace', async ({ request, shop }) => {
  const post = (path: string, data: string) =>
    request.post(shop.address + path, { data: Buffer.from(data), headers: json });
  const cases: [string, string, number, string][] = [
    ['/api/plan', '{', 422, 'not valid JSON'],
    ['/api/plan', '[]', 422, 'not-an-object'],
    ['/api/plan', '{"slab":{"format":"knife-tray/slab"}}', 422, '/version'],
    ['/api/slabs', 'x', 422, 'not a slab file'],
    ['/api/larder', '{"name":""}', 422, '/name'],
    ['/api/larder', '{"name":"Butter"}', 409, 'already has an ingredient of this name'],
    ['/api/tins', '{"name":"T","count":1,"tin":{"shape":"heart"}}', 422, '/tin'],
    ['/api/plan', ' '.repeat(5_000_000), 413, 'over 1 MB'],
  ];
  for (const [path, body, status, said] of cases) {
    const answer = await post(path, body);
    const text = await answer.text();
    expect(answer.status(), path + body.slice(0, 40)).toBe(status);
    expect(text).toContain(said);
    expect(text).not.toMatch(/\bat .*\.(js|ts):\d+/);
    // Other programs tell them apart by their codes.
    const { problems } = JSON.parse(text) as { problems: { code?: string; message?: string }[] };
    for (const { code, message } of problems) expect([code, message]).not.toContain(undefined);
  }
  for (const [path, code] of [
    ['/api/runs/99999/log.csv', 'no-run'],
    ['/api/runs/stream?runs=x', 'too-many-runs'],
  ] as const) {
    const { problems } = (await (await request.get(shop.address + path)).json()) as { problems: { code: string }[] };
    expect(problems.map((problem) => problem.code)).toEqual([code]);
  }
  const chunked = await fetch(`${shop.address}/api/plan`, {
    method: 'POST',
    headers: json,
    duplex: 'half',
    body: new ReadableStream({
      pull(to) {
        to.enqueue(new Uint8Array(300_000).fill(32));
      },
    }),
  } as RequestInit).then(
    (answer) => answer.status,
    () => 413,
  );
  expect(chunked).toBe(413);
  // A zip may be as large as one with photos; a larger one is refused with that limit.
  const slab = readFileSync('demo/slabs/pear-penuche.slab.json');
  for (const [megabytes, status, said] of [
    [3, 201, '"ids"'],
    [9, 413, 'over 8 MB'],
  ] as const) {
    const zip = zipSync({ 'pear.slab.json': slab, 'cellar.bin': randomBytes(megabytes * 1_048_576) }, { level: 0 });
    const answer = await request.post(`${shop.address}/api/slabs/zip`, {
      headers: { 'Content-Type': 'application/zip' },
      data: Buffer.from(zip),
    });
    expect(answer.status()).toBe(status);
    expect(await answer.text()).toContain(said);
  }
  const gone = await request.put(`${shop.address}/api/slabs/999`, { data: { seen: 1, slab: {} } });
  expect(gone.status()).toBe(422);
  expect((await request.get(`${shop.address}/slabs/999`)).status()).toBe(404);
  expect((await request.get(`${shop.address}/healthz`)).status()).toBe(200);
});

test('answers carry security headers and a content security policy', async ({ request, shop }) => {
  const { ...headers } = (await request.get(`${shop.address}/slabs`)).headers();
  expect(headers['content-security-policy']).toContain("default-src 'self'");
  expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/);
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['referrer-policy']).toBe('no-referrer');
});

test('requests from another site, or to another name of this machine, are refused', async ({ request, shop }) => {
  const strange = await request.get(`${shop.address}/healthz`, { headers: { Host: 'rebound.example.com' } });
  expect(strange.status()).toBe(421);
  const foreign = await request.post(`${shop.address}/api/demo`, { headers: { 'Sec-Fetch-Site': 'cross-site' } });
  expect(foreign.status()).toBe(403);
  expect((await request.get(`${shop.address}/healthz`)).status()).toBe(200);
});

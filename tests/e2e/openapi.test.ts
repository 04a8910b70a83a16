/** Other programs: every request that is described is sent, and its answer fits its schema; tokens open what they may, until they are revoked. */
import { Ajv2020 } from 'ajv/dist/2020.js';
import { expect, startServer, stopServer, test, visit } from './shop';

interface Operation {
  readonly 'x-example-order': number;
  readonly parameters: readonly { readonly name: string; readonly in: string; readonly example?: string | number }[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly example?: unknown }>> };
  readonly responses: Readonly<
    Record<string, { readonly content: Readonly<Record<string, { readonly schema: object }>> }>
  >;
}
interface Description {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
}

/** The head of a JPEG of 8 by 8 pixels. */
const JPEG = new Uint8Array([
  ...[0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0],
  ...[0xff, 0xc0, 0, 11, 8, 0, 8, 0, 8, 1, 1, 0x11, 0, 0xff, 0xd9],
]);
const BUSY = 503;

test('every request of the description is answered as it says, and refusals are problem details', async ({
  shop,
  page,
}) => {
  test.slow();
  const described = (await (await page.request.get(`${shop.address}/api/openapi.json`)).json()) as Description;
  const ajv = new Ajv2020({ strict: false, validateFormats: false });
  ajv.addSchema({ $id: 'description', ...described });
  const fits = (schema: object, value: unknown) => {
    const own = JSON.parse(JSON.stringify(schema).replaceAll('"#/components', '"description#/components')) as object;
    return ajv.validate(own, value) ? '' : ajv.errorsText();
  };
  const operations = Object.entries(described.paths)
    .flatMap(([path, methods]) => Object.entries(methods).map(([method, operation]) => ({ path, method, operation })))
    .sort((a, b) => a.operation['x-example-order'] - b.operation['x-example-order']);
  expect(operations.length).toBeGreaterThan(90);
  let zip: Uint8Array<ArrayBuffer> | null = null;
  const wrong: string[] = [];
  for (const { path, method, operation } of operations) {
    // The devices are not there, and the demo is loaded already.
    if (/^\/api\/(?:scale|probe|demo)$/.test(path)) continue;
    const name = `${method.toUpperCase()} ${path}`;
    const { parameters, requestBody, responses } = operation;
    const value = (own: string) => String(parameters.find((one) => one.name === own)?.example);
    const address = new URL(
      path.replace(/\{(\w+)\}/g, (_, own: string) => value(own)),
      shop.address,
    );
    for (const one of parameters)
      if (one.in === 'query' && one.example !== undefined) address.searchParams.set(one.name, String(one.example));
    const [type, body] = Object.entries(requestBody?.content ?? {})[0] ?? [];
    const binary = type === 'image/jpeg' ? JPEG : type === 'application/zip' ? zip! : null;
    const example = type === 'application/json' ? JSON.stringify(body!.example) : (body?.example as string | undefined);
    const send = async (content: BodyInit | undefined) =>
      fetch(address, {
        method: method.toUpperCase(),
        headers: type === undefined ? {} : { 'Content-Type': type },
        ...(content === undefined ? {} : { body: content }),
      });
    const [status, answer] = Object.entries(responses)[0]!;
    const [answerType, { schema }] = Object.entries(answer.content)[0]!;
    let response = await send(binary ?? example);
    for (let again = 0; response.status === BUSY && again < 30; again++) {
      await page.waitForTimeout(1000);
      response = await send(binary ?? example);
    }
    const got = response.headers.get('content-type') ?? '';
    if (String(response.status) !== status || !got.startsWith(answerType)) {
      wrong.push(`${name}: ${response.status} ${got} ${(await response.text()).slice(0, 300)}`);
      continue;
    }
    if (answerType === 'text/event-stream') {
      await response.body!.cancel();
      continue;
    }
    if (answerType === 'application/zip') zip = new Uint8Array(await response.arrayBuffer());
    else if (/json/.test(answerType)) {
      const problem = fits(schema, await response.json());
      if (problem) wrong.push(`${name}: ${problem}`);
    } else expect((await response.arrayBuffer()).byteLength, name).toBeGreaterThan(10);
    if (type !== 'application/json') continue;
    const refused = await send('{"nothing": ');
    const problems = fits(responses.default!.content['application/problem+json']!.schema, await refused.json());
    if (refused.status < 400 || problems) wrong.push(`${name}, refused: ${refused.status} ${problems}`);
  }
  expect(wrong).toEqual([]);
});

test('a token opens what it may, is shown once, and opens nothing when it is revoked', async ({ browser }, {
  outputDir,
}) => {
  const server = await startServer(outputDir, { KNIFE_TRAY_PASSPHRASE: 'boiling point' });
  const page = await (await browser.newContext()).newPage();
  await visit(page, `${server.address}/enter`);
  await page.getByLabel('Passphrase').fill('boiling point');
  await page.keyboard.press('Enter');
  await page.waitForURL(({ pathname }) => pathname !== '/enter');
  await visit(page, `${server.address}/settings/programs`);
  const make = async (name: string, access: string) => {
    await page.getByLabel('Name of the program').fill(name);
    await page.getByLabel('Access').selectOption(access);
    await page.getByRole('button', { name: 'Create token' }).click();
    await expect(page.getByText(`Copy the token of ${name} now.`)).toBeVisible();
    return page.locator('.made .bx--snippet pre, .made code').first().innerText();
  };
  const reader = (await make('Spreadsheet', 'read')).trim();
  const writer = (await make('Web shop', 'full')).trim();
  expect(reader).toMatch(/^knifetray_.{40,}$/);
  const ask = async (token: string | null, method: string, path: string, body?: object) => {
    const answer = await fetch(server.address + path, {
      method,
      redirect: 'manual',
      headers: {
        ...(token === null ? {} : { Authorization: `Bearer ${token}` }),
        ...(body ? { 'Content-Type': 'application/json' } : {}),
      },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    return answer.status;
  };
  const tin = {
    name: 'Loaf',
    count: 1,
    tin: { shape: 'rectangle', lengthMm: 220, widthMm: 110, depthMm: 65, cornerMm: 0, flareDeg: 0 },
  };
  const market = { history: [{ taken: 10, sold: 8 }], price: 3, cost: 1 };
  for (const [token, method, path, body, status] of [
    [null, 'GET', '/api/tins', undefined, 401],
    ['knifetray_guess', 'GET', '/api/tins', undefined, 401],
    [reader, 'GET', '/api/tins', undefined, 200],
    [reader, 'POST', '/api/market', market, 200],
    [reader, 'POST', '/api/tins', tin, 403],
    [reader, 'DELETE', '/api/tins/1?revision=1', undefined, 403],
    [writer, 'POST', '/api/tins', tin, 201],
    [writer, 'POST', '/api/tokens', { name: 'more', access: 'full' }, 403],
    [writer, 'GET', '/api/tokens', undefined, 403],
    [writer, 'GET', '/settings', undefined, 403],
  ] as const)
    expect(await ask(token, method, path, body), `${method} ${path}`).toBe(status);
  // A proxy's own name and password are none of ours.
  const throughProxy = await page.request.get(`${server.address}/api/tins`, {
    headers: { Authorization: 'Basic eDp5' },
  });
  expect(throughProxy.status()).toBe(200);
  // Only a digest is stored.
  await page.reload();
  await expect(page.getByText('Web shop', { exact: true })).toBeVisible();
  expect(await page.content()).not.toContain(writer);
  await page.getByRole('button', { name: 'Revoke the token of Web shop' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Revoke token' }).click();
  await expect(page.getByText('Web shop', { exact: true })).toHaveCount(0);
  expect(await ask(writer, 'GET', '/api/tins')).toBe(401);
  expect(await ask(reader, 'GET', '/api/tins')).toBe(200);
  await page.context().close();
  await stopServer(server);
});

test('the description is shown by the application itself', async ({ shop, open, page }) => {
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (!/^(?:data|blob):/.test(request.url()) && !request.url().startsWith(shop.address))
      elsewhere.push(request.url());
  });
  await open('/settings/services');
  await expect(page.getByText('List the slabs, the last saved first').first()).toBeVisible();
  await page.getByText('Add an order', { exact: true }).first().click();
  await expect(page.getByText('/api/orders').first()).toBeVisible();
  expect(elsewhere).toEqual([]);
});

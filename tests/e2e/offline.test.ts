/** The bench without its server: ten steps ended, the page reloaded, and all of it there once when the server is back; and over TLS. */
import type { Page } from '@playwright/test';
import { request as secureRequest } from 'node:https';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { killedServer } from '../bench/killed';
import { expect, makeRun, startServer, stopServer, test, visit } from './shop';

test.use({ serviceWorkers: 'allow' });

/** Ends so many steps with whatever button is shown; the page has its own clock. */
async function endSteps(page: Page, count: number): Promise<void> {
  const now = page.getByRole('region', { name: 'Now' });
  for (let ended = 0, taps = 0; ended < count; taps++) {
    if (taps > 60) throw new Error('It does not go on');
    const begin = now.getByRole('button', { name: 'Begin', exact: true });
    const done = now.getByRole('button', { name: 'Done', exact: true });
    if (await begin.isVisible()) {
      await begin.click();
      continue;
    }
    if (await done.isVisible()) await done.click();
    else await page.getByRole('region', { name: 'Unattended' }).getByRole('button').first().click();
    ended += 1;
  }
}

test('ten steps are ended and the page is reloaded without the server; afterwards every event is there once, on both devices', async ({
  page,
  browser,
  shop,
  watched,
}) => {
  const run = await makeRun(page, shop.address, 'Rye and treacle slice');
  await visit(page, `${shop.address}/runs/${run}`);
  const second = await (await browser.newContext()).newPage();
  await visit(second, `${shop.address}/runs/${run}`);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  // Set once the service worker has cached the page.
  await expect
    .poll(() => page.evaluate(async () => (await caches.match(location.pathname, { ignoreVary: true })) !== undefined))
    .toBe(true);
  await endSteps(page, 1);
  const { port } = new URL(shop.address);
  await stopServer(shop);
  await expect(page.getByText('The server does not answer')).toBeVisible();
  await endSteps(page, 10);
  const heading = page.locator('.both h2').first();
  const before = await heading.innerText();
  await page.reload();
  await expect(heading).toHaveText(before);
  await expect(page.getByText('The server does not answer')).toBeVisible();
  const again = await startServer(shop.data, { PORT: port });
  await expect(page.getByText('The server does not answer')).toHaveCount(0, { timeout: 30_000 });
  const events = async () =>
    (
      (await (await page.request.get(`${shop.address}/api/runs/${run}`)).json()) as {
        events: { id: string; kind: string }[];
      }
    ).events;
  await expect.poll(async () => (await events()).filter(({ kind }) => kind === 'step-done').length).toBe(11);
  const all = await events();
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  await expect(second.locator('.both h2').first()).toHaveText(before, { timeout: 30_000 });
  await second.context().close();
  await page.close();
  await stopServer(again);
  expect(
    watched.splice(0).every((line) => /ERR_CONNECTION|ERR_FAILED|ERR_NETWORK|ERR_INCOMPLETE|ERR_EMPTY/.test(line)),
  ).toBe(true);
});

test('an event reaches the other device by its stream', async ({ page, browser, shop }) => {
  const run = await makeRun(page, shop.address, 'Pear penuche');
  await visit(page, `${shop.address}/runs/${run}`);
  const second = await (await browser.newContext()).newPage();
  const streaming = second.waitForResponse((answer) => answer.url().includes('/stream'));
  await visit(second, `${shop.address}/runs/${run}`);
  const begin = page.getByRole('button', { name: 'Begin', exact: true });
  await begin.waitFor();
  await second.getByRole('button', { name: 'Begin', exact: true }).waitFor();
  await streaming;
  await begin.click();
  await expect(second.getByRole('timer').first()).toBeVisible();
  await second.context().close();
});

test('TLS: the shop’s own certificate authority signs for the server, can be downloaded, and is kept; plain requests are not answered', async () => {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-tls-'));
  const server = await startServer(data, { KNIFE_TRAY_TLS: 'auto' });
  expect(server.address).toMatch(/^https:/);
  const ca = readFileSync(join(data, 'tls', 'authority.crt'));
  const get = (path: string, trusted: Buffer | undefined) =>
    new Promise<{ status: number; body: string }>((done, fail) => {
      const asked = secureRequest(server.address + path, { ca: trusted }, (answer) => {
        let body = '';
        answer.on('data', (part: Buffer) => (body += part.toString()));
        answer.on('end', () => done({ status: answer.statusCode ?? 0, body }));
      });
      asked.on('error', fail);
      asked.end();
    });
  expect((await get('/healthz', ca)).status).toBe(200);
  await expect(get('/healthz', undefined)).rejects.toThrow(/certificate/);
  expect((await get('/authority.crt', ca)).body.trim()).toBe(ca.toString().trim());
  await expect(fetch(server.address.replace('https', 'http') + '/healthz')).rejects.toThrow();
  await stopServer(server);
  const again = await startServer(data, { KNIFE_TRAY_TLS: 'auto' });
  expect(readFileSync(join(data, 'tls', 'authority.crt'))).toEqual(ca);
  await stopServer(again);
  rmSync(data, { recursive: true, force: true });
});

test('a server killed between events and answers loses and doubles no entry and no photo', async () => {
  const { lost, doubled, sent, photos, photosLost } = await killedServer(6);
  expect([lost, doubled, sent]).toEqual([0, 0, 240]);
  expect([photos, photosLost]).toEqual([6, 0]);
});

test('over HTTPS the session cookie is never sent over plain HTTP', async () => {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-tls-'));
  const server = await startServer(data, { KNIFE_TRAY_TLS: 'auto', KNIFE_TRAY_PASSPHRASE: 'rye and treacle' });
  const ca = readFileSync(join(data, 'tls', 'authority.crt'));
  const cookies = await new Promise<string[]>((done, fail) => {
    const headers = { 'Content-Type': 'application/json' };
    const asked = secureRequest(`${server.address}/api/enter`, { ca, method: 'POST', headers }, (answer) => {
      answer.resume().on('end', () => done(answer.headers['set-cookie'] ?? []));
    });
    asked.on('error', fail);
    asked.end(JSON.stringify({ passphrase: 'rye and treacle' }));
  });
  expect(cookies).toHaveLength(1);
  expect(cookies[0]).toMatch(/HttpOnly.*Secure.*SameSite=Strict|Secure.*HttpOnly.*SameSite=Strict/i);
  await stopServer(server);
  rmSync(data, { recursive: true, force: true });
});

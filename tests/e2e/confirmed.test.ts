/** What a device holds is forgotten only when the server has confirmed it: photos and entries, whatever the server answers. */
import type { Page, Route } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, makeRun, test, visit } from './shop';

const HOUR_MS = 3_600_000;
const PHOTO = 'docs/screenshots/cut.png';

/** Takes a photo at the bench. */
async function takePhoto(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add a note', exact: true }).click();
  await page.getByRole('button', { name: /photo/i }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'slab.png', mimeType: 'image/png', buffer: readFileSync(PHOTO) });
}

const held = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opening = indexedDB.open('knife-tray');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const count = opening.result.transaction('photos').objectStore('photos').count();
          count.onsuccess = () => {
            opening.result.close();
            resolve(count.result);
          };
        };
      }),
  );

async function openBench(page: Page, address: string): Promise<number> {
  const run = await makeRun(page, address, 'Pear penuche');
  await visit(page, `${address}/runs/${run}`);
  return run;
}
const answer = (status: number, message: string) => (route: Route) =>
  route.fulfill({
    status,
    contentType: 'application/json',
    body: JSON.stringify({ problems: [{ path: '', message }] }),
  });

for (const status of [401, 500, 503])
  test(`a photo that the server answers with ${status} stays on the device and is sent later`, async ({
    page,
    shop,
    watched,
  }) => {
    await openBench(page, shop.address);
    await page.route('**/photos/**', answer(status, 'Cancel'));
    const asked = page.waitForRequest(/photos/);
    await takePhoto(page);
    await asked;
    await expect.poll(() => held(page)).toBe(1);
    if (status === 401) await expect(page.getByRole('link', { name: 'Sign in' })).toBeVisible();
    await page.unroute('**/photos/**');
    const sent = page.waitForResponse((response) => response.url().includes('/photos/') && response.ok());
    await page.reload();
    const { id } = /photos\/(?<id>[0-9a-f-]+)/.exec((await sent).url())!.groups!;
    await expect.poll(() => held(page)).toBe(0);
    const run = /runs\/(\d+)/.exec(page.url())![1];
    const photo = await page.request.get(`${shop.address}/api/runs/${run}/photos/${id}`);
    expect(photo.headers()['content-type']).toBe('image/jpeg');
    expect(watched.splice(0).every((line) => line.includes(String(status)))).toBe(true);
  });

test('what the server refuses for good is shown, survives a reload, can be saved, and is only deleted on request', async ({
  page,
  shop,
}) => {
  await openBench(page, shop.address);
  await page.route('**/photos/**', answer(422, 'This run has 200 photos already'));
  await takePhoto(page);
  const notice = page.getByRole('alert').filter({ hasText: 'does not accept 1 photo' });
  await expect(notice).toContainText('This run has 200 photos already');
  await page.reload();
  await expect(notice).toBeVisible();
  expect(await held(page)).toBe(1);
  const download = page.waitForEvent('download');
  await notice.getByRole('button', { name: 'Save to files' }).click();
  expect((await download).suggestedFilename()).toMatch(/^L\d+.*-photo-1\.jpg$/);
  await notice.getByRole('button', { name: 'Remove from this device' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(notice).toHaveCount(0);
  expect(await held(page)).toBe(0);
});

test('entries of a device whose clock is 30 hours ahead get the right time, and it says so once', async ({
  page,
  shop,
  watched,
}) => {
  const run = await makeRun(page, shop.address, 'Pear penuche');
  // Without its stream the device never hears the server's time.
  await page.route('**/stream?**', (route) => route.abort());
  await page.clock.install({ time: Date.now() + 30 * HOUR_MS });
  await visit(page, `${shop.address}/runs/${run}`);
  const posted = page.waitForResponse(/\/events$/);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  expect((await posted).status()).toBe(200);
  const { events } = (await (await page.request.get(`${shop.address}/api/runs/${run}`)).json()) as {
    events: { at: string; deviceAt?: string }[];
  };
  expect(events).toHaveLength(1);
  expect(Math.abs(Date.parse(events[0]!.at) - Date.now())).toBeLessThan(HOUR_MS);
  expect(Date.parse(events[0]!.deviceAt!) - Date.now()).toBeGreaterThan(29 * HOUR_MS);
  const notice = page.getByText('The clock of this device is 30 h ahead');
  await expect(notice).toBeVisible();
  await page.getByRole('button', { name: /close/i }).first().click();
  await expect(notice).toHaveCount(0);
  expect(watched.splice(0).every((line) => /ERR_FAILED/.test(line))).toBe(true);
});

test('entries that the server confirmed and then lost are sent again', async ({ page, shop }) => {
  const run = await openBench(page, shop.address);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  const known = async () =>
    ((await (await page.request.get(`${shop.address}/api/runs/${run}`)).json()) as { events: { id: string }[] }).events;
  await expect.poll(async () => (await known()).length).toBe(1);
  // As if this device had confirmed one event more, which a restored copy of the data lacks.
  const lost = { id: randomUUID(), at: new Date().toISOString(), kind: 'note', text: 'from before' };
  await page.evaluate(
    ([event, id]) =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open('knife-tray');
        opening.onsuccess = () => {
          const writing = opening.result.transaction('events', 'readwrite');
          writing.objectStore('events').add({ run: id, event, isSent: true });
          writing.oncomplete = () => (opening.result.close(), resolve());
        };
      }),
    [lost, run] as const,
  );
  await page.reload();
  await expect.poll(async () => (await known()).map(({ id }) => id)).toContain(lost.id);
});

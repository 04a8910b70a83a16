/** The bench: a whole run by touch, a network that fails and returns, two devices on one run, and the answers of the services. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, slabId, test } from './shop';

interface Events {
  readonly events: readonly { readonly id: string; readonly kind: string }[];
  readonly state: { readonly status: string };
}

/** Starts a run of a slab from its Schedule, and returns its number. */
async function makeIt(
  page: Page,
  open: (path: string) => Promise<Page>,
  address: string,
  name: string,
): Promise<number> {
  const id = await slabId(page, address, name);
  await open(`/slabs/${id}/schedule`);
  await page.getByRole('button', { name: 'Start run' }).click();
  await page.waitForURL(/\/runs\/\d+$/);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Weigh everything');
  return Number(/\d+$/.exec(page.url())![0]);
}

const eventsOf = async (page: Page, address: string, run: number) =>
  (await (await page.request.get(`${address}/api/runs/${run}`)).json()) as Events;

/** The number of events this device still has to send. */
const waitingOnDevice = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((done, fail) => {
        const opening = indexedDB.open('knife-tray');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const all = opening.result.transaction('events').objectStore('events').getAll();
          all.onsuccess = () => done((all.result as { isSent: boolean }[]).filter(({ isSent }) => !isSent).length);
        };
      }),
  );

/** Ends all steps in turn, until the run can be finished. */
async function goThrough(page: Page): Promise<number> {
  const now = page.getByRole('region', { name: 'Now' });
  const finish = page.getByRole('button', { name: 'Finish run' });
  for (let taps = 0; taps < 80; taps++) {
    if (await finish.isVisible()) return taps;
    const begin = now.getByRole('button', { name: 'Begin', exact: true });
    const done = now.getByRole('button', { name: 'Done', exact: true });
    const byItself = page.getByRole('region', { name: 'Unattended' }).getByRole('button').first();
    const main = page.getByRole('main');
    const before = await main.innerText();
    if (await done.isVisible()) await done.tap();
    else if (await begin.isVisible()) await begin.tap();
    else await byItself.tap();
    await expect.poll(() => main.innerText()).not.toBe(before);
  }
  throw new Error('It has no end');
}

for (const { name, width, height } of [
  { name: 'a tablet', width: 1024, height: 768 },
  { name: 'a phone', width: 390, height: 844 },
]) {
  test.describe(name, () => {
    test.use({ viewport: { width, height }, hasTouch: true, isMobile: width < 500 });
    test(`a whole run by touch, ${width} x ${height}`, async ({ open, page, shop }) => {
      const run = await makeIt(page, open, shop.address, 'Rye and treacle slice');
      const sugar = page.getByRole('button', { name: /330 g caster sugar/ });
      await page.getByRole('button', { name: 'Begin', exact: true }).tap();
      await sugar.tap();
      await expect(sugar).toHaveAttribute('aria-pressed', 'true');
      await page.getByRole('button', { name: 'Undo last entry' }).tap();
      await expect(sugar).toHaveAttribute('aria-pressed', 'false');
      // The number pad fits the screen without scrolling.
      await page.getByRole('button', { name: 'Enter the amount of caster sugar' }).tap();
      const keys = page.getByRole('dialog').getByRole('button', { name: '7' });
      await expect(keys).toBeInViewport({ ratio: 1 });
      await page.getByRole('dialog').getByRole('button', { name: /close/i }).tap();
      await expect(keys).toBeHidden();
      await expect(page.getByRole('timer')).toContainText(/^1[12]:\d\d$/);
      const sideways = await page.evaluate(() => document.documentElement.scrollWidth - screen.width);
      expect(sideways).toBeLessThanOrEqual(1);
      for (const button of await page.locator('.big, .tick, .other').all())
        expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(56);
      expect(
        (await new AxeBuilder({ page }).analyze()).violations.map(({ id, nodes }) => `${id} ${nodes[0]?.html}`),
      ).toEqual([]);
      await page.reload();
      await expect(page.getByRole('timer')).toContainText(/^1[12]:\d\d$/);
      await goThrough(page);
      await page.getByRole('button', { name: 'Finish run' }).tap();
      await expect(page.getByText('Run finished')).toBeVisible();
      await expect.poll(async () => (await eventsOf(page, shop.address, run)).state.status).toBe('finished');
      await page.getByRole('link', { name: 'All runs' }).tap();
      await expect(page.getByRole('row', { name: /Rye and treacle slice/ }).first()).toContainText('Finished');
    });
  });
}

test('a boil that is laid hot does not start too early: the bench says when', async ({ open, page, shop }) => {
  await makeIt(page, open, shop.address, 'Rye and treacle slice');
  const now = page.getByRole('region', { name: 'Now' });
  for (const what of ['Begin', 'Done', 'Begin', 'Done', 'Begin'])
    await now.getByRole('button', { name: what, exact: true }).click();
  await expect(page.getByRole('region', { name: 'Unattended' })).toContainText('Bake until the edge colours');
  await expect(now).toContainText('Boil to the end point');
  await expect(now).toContainText(/Start at .*cannot start any sooner/);
  await expect(now).toContainText('330 g caster sugar');
  await expect(now).not.toContainText('60 g butter');
});

test('postponed for 20 minutes: what it moves is shown before, the step stays in the list with its time, and it is undone', async ({
  open,
  page,
  shop,
}) => {
  await makeIt(page, open, shop.address, 'Rye and treacle slice');
  const now = page.getByRole('region', { name: 'Now' });
  const first = (await now.getByRole('heading').first().innerText()).trim();
  await now.getByRole('button', { name: 'Postpone …' }).click();
  const sheet = page.getByRole('dialog');
  const confirm = sheet.getByRole('button', { name: 'Postpone step' });
  await expect(confirm).toBeDisabled();
  await sheet.getByRole('button', { name: /^20 min/ }).click();
  await expect(sheet.getByRole('status')).toContainText(/It then starts at .+ and the run ends at .+ 20 min\s+later/);
  await confirm.click();
  const next = page.getByRole('region', { name: 'Next' }).getByRole('listitem').filter({ hasText: 'postponed' });
  await expect(next).toContainText(first.slice(0, 12));
  await expect(next).toContainText(/\d\d:\d\d/);
  // After a reload, and so on another device, it is where it was.
  await page.reload();
  await expect(next).toContainText(first.slice(0, 12));
  await page.getByRole('button', { name: 'Undo last entry' }).click();
  await expect(next).toHaveCount(0);
  await expect(now).toContainText(first);
});

test('25 minutes late in two touches, with its effect beside each choice; undone like everything else', async ({
  open,
  page,
  shop,
}) => {
  const run = await makeIt(page, open, shop.address, 'Rye and treacle slice');
  await page.getByRole('button', { name: 'Running late …' }).click();
  const sheet = page.getByRole('dialog');
  const all = sheet.getByRole('group', { name: 'All work is late by' });
  await expect(all.getByRole('button', { name: /^25 min: done \d\d:\d\d/ })).toBeVisible();
  await expect(sheet.getByRole('group', { name: 'Only this step is late by' })).toBeVisible();
  await all.getByRole('button', { name: /^25 min/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText(/Start at .*\d\d:\d\d: you are running late/);
  await expect(now).not.toContainText('cannot start any sooner');
  await expect
    .poll(async () => (await eventsOf(page, shop.address, run)).events.map(({ kind }) => kind))
    .toEqual(['held-up']);
  await page.getByRole('button', { name: 'Undo last entry' }).click();
  await expect(now).not.toContainText('running late');
});

test('another amount than planned is weighed: later cards say so, and so does the layer', async ({
  open,
  page,
  shop,
}) => {
  await makeIt(page, open, shop.address, 'Rye and treacle slice');
  const now = page.getByRole('region', { name: 'Now' });
  await now.getByRole('button', { name: 'Enter the amount of black treacle' }).click();
  const sheet = page.getByRole('dialog');
  for (const key of ['1', '1', '0']) await sheet.getByRole('button', { name: key, exact: true }).click();
  await sheet.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(now).toContainText('110 g');
  for (const what of ['Begin', 'Done']) await now.getByRole('button', { name: what, exact: true }).click();
  await page
    .getByRole('region', { name: 'Next' })
    .getByRole('button', { name: /Begin Boil to the end point/ })
    .click();
  await expect(now).toContainText('110 g black treacle');
});

test('a finished run opens as its result, and a run of another day is planned and not on the bench', async ({
  open,
  page,
  shop,
}) => {
  const run = await makeIt(page, open, shop.address, 'Rye and treacle slice');
  const at = new Date().toISOString();
  const id = crypto.randomUUID();
  const sent = await page.request.post(`${shop.address}/api/runs/${run}/events`, {
    data: [{ id, at, kind: 'finished' }],
  });
  expect(sent.ok(), await sent.text()).toBe(true);
  await page.goto(`${shop.address}/runs/${run}`);
  await expect(page).toHaveURL(new RegExp(`/runs/${run}/result$`));
  const slab = await slabId(page, shop.address, 'Pear penuche');
  const begin = new Date(Date.now() + 3 * 86_400_000).toISOString();
  const later = await page.request.post(`${shop.address}/api/runs`, { data: { slab, begin } });
  expect(later.ok(), await later.text()).toBe(true);
  await page.goto(`${shop.address}/runs`);
  await expect(page.getByRole('row').filter({ hasText: 'Pear penuche' }).first()).toContainText('Planned');
  await page.goto(`${shop.address}/bench`);
  await expect(page).toHaveURL(/\/today$/);
  await expect(page.getByRole('region', { name: 'Planned' })).toContainText('Pear penuche');
});

test('a step is started out of order, and the current one comes after it', async ({ open, page, shop }) => {
  await makeIt(page, open, shop.address, 'Rye and treacle slice');
  const now = page.getByRole('region', { name: 'Now' });
  for (const what of ['Begin', 'Done']) await now.getByRole('button', { name: what, exact: true }).click();
  await expect(now).toContainText('Rub to crumbs');
  const next = page.getByRole('region', { name: 'Next' });
  await next.getByRole('button', { name: /Begin Boil to the end point/ }).click();
  await expect(now).toContainText('Boil to the end point');
  await expect(now.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  await expect(next).toContainText('Rub to crumbs');
});

test('the network fails in the middle of a run: nothing is lost or doubled, and the other device sees everything', async ({
  open,
  page,
  context,
  browser,
  shop,
  watched,
}) => {
  const run = await makeIt(page, open, shop.address, 'Lime and coconut two-tone');
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const second = await (await browser.newContext()).newPage();
  await second.goto(`${shop.address}/runs/${run}`);
  await expect(second.getByRole('timer')).toBeVisible();
  const ticks = page.locator('.tick');
  const at = await ticks.first().boundingBox();
  await context.setOffline(true);
  for (const line of (await ticks.all()).slice(0, 5)) await line.click();
  await expect(page.getByText('The server does not answer')).toBeVisible();
  // A button that is being pressed stays in place when a message appears.
  expect(await ticks.first().boundingBox()).toEqual(at);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: 'The server does not answer' })).toContainText(
    /6\s+entries are stored/,
  );
  await expect(page.getByText('6 to send')).toBeVisible();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const before = (await eventsOf(second, shop.address, run)).events.length;
  expect(before).toBe(1);
  await context.setOffline(false);
  await expect(page.getByText('The server does not answer')).toHaveCount(0, { timeout: 30_000 });
  await expect.poll(async () => (await eventsOf(second, shop.address, run)).events.length).toBeGreaterThanOrEqual(9);
  const { events } = await eventsOf(second, shop.address, run);
  expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
  expect(await waitingOnDevice(page)).toBe(0);
  // Both show the same step.
  const step = await page.getByRole('region', { name: 'Now' }).getByRole('heading').innerText();
  await expect(second.getByRole('region', { name: 'Now' }).getByRole('heading')).toHaveText(step);
  expect(watched.splice(0).every((line) => /ERR_INTERNET_DISCONNECTED|ERR_NETWORK/.test(line))).toBe(true);
});

test('events: each counts once, in any order; an invalid one is refused alone', async ({ page, request, shop }) => {
  const id = await slabId(page, shop.address, 'Lime and coconut two-tone');
  const post = (path: string, data: unknown) => request.post(shop.address + path, { data });
  // A day before all that the demo tells of, whose runs follow today's date.
  const begun = await post('/api/runs', { slab: id, begin: '2026-03-27T08:00:00Z' });
  expect(begun.status()).toBe(201);
  const { id: run, lot } = (await begun.json()) as { id: number; lot: string };
  expect(lot).toBe('L260327');
  const uuid = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
  const events = [
    { id: uuid(2), at: '2026-03-27T08:20:00Z', kind: 'step-done', step: 'gather' },
    { id: uuid(1), at: '2026-03-27T08:00:00Z', kind: 'step-begun', step: 'gather' },
    { id: uuid(3), at: '2026-03-27T08:21:00Z', kind: 'danced' },
    { id: uuid(4), at: '2026-02-31T08:21:00Z', kind: 'note', text: 'on no day' },
    { id: uuid(5), at: '2026-03-27T08:22:00Z', kind: 'step-done', step: 'not there' },
    // A wrong clock is no reason to lose anything.
    { id: uuid(6), at: '2036-03-27T08:21:00Z', kind: 'note', text: 'from the future' },
  ];
  const answer = (await (await post(`/api/runs/${run}/events`, events)).json()) as {
    added: number;
    problems: { path: string }[];
  };
  expect(answer.added).toBe(4);
  expect(answer.problems.map(({ path }) => path)).toEqual(['/2/kind', '/3/at']);
  const again = (await (await post(`/api/runs/${run}/events`, events)).json()) as { added: number; known: number };
  expect([again.added, again.known]).toEqual([0, 4]);
  expect((await post(`/api/runs/${run}/events`, {})).status()).toBe(422);
  expect((await post('/api/runs/999/events', [])).status()).toBe(404);
  expect((await post('/api/runs', { slab: 999 })).status()).toBe(404);
  expect((await post('/api/runs', { slab: id, begin: '2026-13-41T08:00:00Z' })).status()).toBe(422);
});

/** The logbook: a run that becomes the next version, a diagnosis, a recall, practice, Today, several runs, photos, exports. */
import type { Page } from '@playwright/test';
import { expect, makeRun, slabId, test, visit } from './shop';

/** The demo run that has a word in its notes. */
async function runWith(page: Page, address: string, word: string): Promise<number> {
  await page.goto(`${address}/runs?find=${word}`);
  const href = await page.locator('td a').first().getAttribute('href');
  return Number(/\d+/.exec(href ?? '')?.[0]);
}

test('next version from a lesson: noted after the run, applied to the draft, saved, and linked both ways', async ({
  open,
  page,
  shop,
}) => {
  const run = await runWith(page, shop.address, 'thicker');
  await open(`/runs/${run}/result`);
  await page.getByLabel('What to change', { exact: true }).selectOption({ label: 'End point of Treacle caramel' });
  await page.getByLabel(/Change \(negative/).fill('2');
  await page.getByLabel('Reason').fill('Runs when it is warm');
  await page.getByRole('button', { name: 'Add for next time' }).click();
  await expect(page.getByText('Treacle caramel: end point 2 °C higher')).toBeVisible();
  await page.getByRole('link', { name: 'Changes for the next version' }).click();
  const lesson = page.getByRole('listitem').filter({ hasText: 'Runs when it is warm' });
  await lesson.getByRole('button', { name: /Apply to the draft/ }).click();
  await expect(lesson).toContainText('applied');
  // "Lessons from the runs" is shown beside it, with the number of runs.
  const said = page.getByRole('region', { name: 'Suggested changes' });
  await expect(said).toContainText(/Boiling time.*from 11 runs/s);
  await said.getByRole('listitem').filter({ hasText: 'Boiling time' }).getByRole('button').click();
  await expect(page.getByText('2 unsaved changes')).toBeVisible();
  await page.getByRole('button', { name: 'Save version', exact: true }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
  // An applied suggestion is not made again; a place can be made the shop's own from here.
  await page.getByRole('button', { name: 'Use this for my room' }).click();
  await expect(said.getByText(/The room: /)).toHaveCount(0);
  await page.reload();
  await expect(said).toContainText('Loss');
  await expect(said).not.toContainText('Boiling time');
  await open(`/runs/${run}/result`);
  await expect(page.getByText(/Its changes are in version\s+2/)).toBeVisible();
  await page.getByRole('link', { name: 'Changes for the next version' }).click();
  await page.getByRole('link', { name: 'Cook', exact: true }).click();
  await expect(page.getByLabel(/End point at sea level/)).toHaveValue('120');
});

test('diagnosis: the planted cause comes first, with the evidence from the log', async ({ open, page, shop }) => {
  const run = await runWith(page, shop.address, 'door');
  await open(`/runs/${run}/result`);
  await page.getByRole('button', { name: 'hard', exact: true }).click();
  const first = page.getByRole('list', { name: 'Causes' }).getByRole('listitem').first();
  await expect(first).toContainText('Boiled too far');
  await expect(first).toContainText(/very likely/);
  await expect(first).toContainText(/Supports this: The boil ended at 12\d °C, and the end point is 117 °C/);
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  const post = (data: unknown) => page.request.post(`${shop.address}/api/diagnose`, { data });
  expect(
    ((await (await post({ slab: id, run, seen: ['hard'] })).json()) as { causes: { cause: string }[] }).causes[0]!
      .cause,
  ).toBe('boiledTooFar');
  expect((await post({ slab: id, seen: [] })).status()).toBe(422);
  expect((await post({ slab: id, seen: ['haunted'] })).status()).toBe(422);
  expect((await post({ slab: id, seen: ['hard'], events: [{ kind: 'danced' }] })).status()).toBe(422);
  expect((await post({ slab: 999, seen: ['hard'] })).status()).toBe(404);
  expect((await post({ slab: id, run: 999, seen: ['hard'] })).status()).toBe(404);
});

test('a recall: from the lot of the cream to every batch with it, and from a label back to its ingredients', async ({
  open,
  page,
}) => {
  await open('/lots');
  await page.getByRole('searchbox').fill('D4417');
  await expect(page.getByRole('heading', { name: /D4417 went into \d runs/ })).toBeVisible();
  const rows = page.getByRole('row').filter({ hasText: 'Rye and treacle slice' });
  expect(await rows.count()).toBeGreaterThanOrEqual(2);
  const lot = await rows.first().getByRole('link').innerText();
  await open(`/lots?find=${lot}`);
  await expect(page.getByRole('heading', { name: `Ingredients of ${lot}` })).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'whipping cream' })).toContainText('D4417');
  await page.getByRole('searchbox').fill('no such lot');
  await expect(page.getByRole('heading', { name: 'Lot not found' })).toBeVisible();
});

test('practice: a boil without its number, a cold-water test, taken off the heat, compared with the true stage, and recorded', async ({
  open,
  page,
}) => {
  await open('/practice');
  await page.getByLabel('Speed').selectOption('20');
  await page.getByRole('button', { name: 'Start boil' }).click();
  await page.getByRole('button', { name: 'Test a drop in cold water' }).click();
  await expect(page.getByText('Dissolves at once')).toBeVisible();
  await expect(page.locator('.pot')).not.toContainText(/\d+ °C/);
  await page.getByRole('button', { name: 'Take off the heat' }).click();
  await expect(page.getByRole('heading', { name: /too early\. 0 points/ })).toBeVisible();
  await expect(page.getByText(/Soft ball is/)).toContainText('112 °C to 116 °C');
  await page.getByRole('button', { name: 'The next boil' }).click();
  await expect(page.getByRole('heading', { name: 'Boil 2 of 10' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Boil 2 of 10' })).toBeVisible();
});

test('Today is the first screen once a run is open, and two runs share the bench in time order', async ({
  open,
  page,
  shop,
}) => {
  await open('/');
  await expect(page).toHaveURL(/\/slabs$/);
  await makeRun(page, shop.address, 'Rye and treacle slice');
  const penuche = await makeRun(page, shop.address, 'Pear penuche');
  await page.goto(`${shop.address}/`);
  await expect(page).toHaveURL(/\/today$/);
  await expect(page.getByRole('region', { name: 'Weigh next' })).toContainText('330 g caster sugar');
  await expect(page.getByRole('region', { name: 'Due' })).toContainText('Pear penuche');
  await page.waitForSelector('html[data-ready]');
  await page.getByRole('link', { name: 'Go to bench' }).click();
  const choices = page.getByRole('group', { name: 'Runs on the bench' });
  await choices.getByRole('button', { name: 'Pear penuche' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pear penuche');
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  const count = async () =>
    ((await (await page.request.get(`${shop.address}/api/runs/${penuche}`)).json()) as { events: object[] }).events
      .length;
  await expect.poll(count).toBe(1);
  await page.getByRole('button', { name: 'Add a note', exact: true }).click();
  await page.getByRole('button', { name: 'Stop the run' }).click();
  await page.getByRole('button', { name: 'Burnt' }).click();
  await expect(page.getByText('Run stopped')).toBeVisible();
});

test('a planned run is listed in Today with its start, and nothing of it is due before', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  const begin = new Date(Date.now() + 26 * 3_600_000).toISOString();
  expect((await page.request.post(`${shop.address}/api/runs`, { data: { slab: id, begin } })).status()).toBe(201);
  await page.goto(`${shop.address}/today`);
  const planned = page.getByRole('region', { name: 'Planned' }).getByRole('listitem');
  await expect(planned).toContainText('Pear penuche');
  await expect(planned).toContainText(/\d\d:\d\d/);
  await expect(page.getByText('Nothing in progress')).toBeVisible();
  await open('/slabs');
});

test('at the bench by keyboard: another amount with its lot, a thickness, a delay, a tin, a photo; all of it is in the log', async ({
  page,
  shop,
}) => {
  const run = await makeRun(page, shop.address, 'Rye and treacle slice');
  await visit(page, `${shop.address}/runs/${run}`);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByRole('button', { name: 'Enter the amount of rye flour' }).click();
  const sheet = page.getByRole('dialog');
  for (const key of ['2', '0', '5']) await sheet.getByRole('button', { name: key, exact: true }).click();
  await sheet.getByLabel('Lot number on the pack').fill('R77');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /205 g rye flour/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText(/Base will be .* thick instead of/)).toBeVisible();
  // Typed amounts are read as everywhere; an unreadable one is reported, and not replaced by the planned amount.
  await page.getByRole('button', { name: 'Enter the amount of demerara sugar' }).click();
  await sheet.getByLabel('Weighed, g').fill('two handfuls');
  await expect(sheet.getByRole('status')).not.toBeEmpty();
  await expect(sheet.getByRole('button', { name: 'Save' })).toBeDisabled();
  await sheet.getByLabel('Weighed, g').fill('4 1/4 oz');
  await expect(sheet.getByText('Understood as 120.485 g')).toBeVisible();
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /120(\.\d+)? g demerara sugar/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const note = async (...buttons: string[]) => {
    await page.getByRole('button', { name: 'Add a note', exact: true }).click();
    for (const name of buttons) await sheet.getByRole('button', { name, exact: true }).click();
  };
  await note('Thickness', 'Base', '9', 'point', '5', 'Add note');
  await note('More or less of an ingredient', 'caster sugar, Treacle caramel');
  const changedBy = sheet.getByRole('textbox', { name: 'More or less of an ingredient, g' });
  await changedBy.fill('-2 tbsp');
  await expect(sheet.getByText(/^Understood as -2\d(\.\d+)? g$/)).toBeVisible();
  await changedBy.fill('30');
  for (const name of ['less', 'Add note']) await sheet.getByRole('button', { name, exact: true }).click();
  await note('Weight out of the pot', 'Rye shortbread', '5', '8', '0', 'Add note');
  await note('Different tin');
  await sheet.getByRole('button').filter({ hasText: '280' }).first().click();
  await page.getByRole('button', { name: 'Add a note', exact: true }).click();
  await sheet.getByRole('button', { name: 'Photo' }).click();
  const choosing = page.waitForEvent('filechooser');
  await sheet.getByText('Take or choose a photo').click();
  const chooser = await choosing;
  await chooser.setFiles({ name: 'text.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('a text named .jpg') });
  await expect(sheet.getByText('This file cannot be opened as a picture')).toBeVisible();
  // A large picture, made by the page itself.
  const large = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2400, 1800);
    const pen = canvas.getContext('2d')!;
    pen.fillStyle = '#bd742c';
    pen.fillRect(0, 0, 2400, 1800);
    return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())];
  });
  const again = page.waitForEvent('filechooser');
  await sheet.getByText('Take or choose a photo').click();
  await (await again).setFiles({ name: 'base.png', mimeType: 'image/png', buffer: Buffer.from(large) });
  await expect(sheet).toHaveCount(0);
  await page.getByRole('button', { name: 'Skip step' }).click();
  await page.getByRole('button', { name: 'Already done' }).click();
  await expect
    .poll(async () => {
      const { events } = (await (await page.request.get(`${shop.address}/api/runs/${run}`)).json()) as {
        events: { kind: string }[];
      };
      return events.map(({ kind }) => kind);
    })
    .toEqual([
      ...['step-begun', 'weighed', 'lot', 'weighed', 'thickness', 'amount-changed', 'came-out', 'tin-changed', 'photo'],
      'step-skipped',
    ]);
  await page.goto(`${shop.address}/runs/${run}/result`);
  await expect(page.getByText(/205 g\s+rye flour instead of 270 g/)).toBeVisible();
  await expect(page.getByText('skipped: Already done')).toBeVisible();
  await expect(page.getByRole('link', { name: 'R77' })).toBeVisible();
  const photo = page.getByRole('img', { name: 'Photo' });
  await expect(photo).toBeVisible();
  await expect.poll(() => photo.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1600);
});

test('photos by the service: too large, not a picture, of no run; the log is exported as tables and files', async ({
  request,
  page,
  shop,
}) => {
  const put = (path: string, body: Buffer, type = 'image/jpeg') =>
    request.put(`${shop.address}/api/runs/${path}`, { data: body, headers: { 'Content-Type': type } });
  const id = '00000000-0000-4000-8000-00000000abcd';
  expect((await put(`1/photos/${id}`, Buffer.alloc(30_000_000))).status()).toBe(413);
  expect((await put(`1/photos/${id}`, Buffer.from('a text named .jpg'))).status()).toBe(422);
  expect((await put(`999/photos/${id}`, Buffer.from('x'))).status()).toBe(404);
  expect((await put(`1/photos/${id}`, Buffer.from('x'), 'text/plain')).status()).toBe(403);
  const csv = await (await request.get(`${shop.address}/api/log.csv`)).text();
  expect(csv.trim().split('\r\n').length).toBe(31);
  const log = (await (await request.get(`${shop.address}/api/log.json`)).json()) as { runs: { events: object[] }[] };
  expect(log.runs.length).toBe(30);
  expect(log.runs.every(({ events }) => events.length > 10)).toBe(true);
  const slab = await slabId(page, shop.address, 'Rye and treacle slice');
  const said = (await (await request.get(`${shop.address}/api/slabs/${slab}/log`)).json()) as {
    proposals: { what: string; runs: number[] }[];
  };
  expect(said.proposals.map(({ what }) => what).sort()).toEqual(['density', 'loss', 'pot speed', 'set minutes']);
  expect((await request.get(`${shop.address}/api/slabs/999/log`)).status()).toBe(404);
  expect((await request.get(`${shop.address}/api/runs/stream?runs=x`)).status()).toBe(422);
});

test('the planned price is shown beside the price of the last runs', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await page.getByRole('tab', { name: 'Actual cost' }).click();
  await expect(page.getByText(/Median of the last\s+10\s+runs/)).toBeVisible();
  const row = page.getByRole('row').filter({ hasText: 'Cost of one' });
  await expect(row).toContainText(/€\d/);
});

test('runs by day; the run’s own lot on its label; events alone are compared with what the slab would have been', async ({
  open,
  page,
  shop,
}) => {
  await open('/runs');
  const first = page.getByRole('row').nth(1);
  const made = await first.getByRole('cell').first().innerText();
  await first.getByRole('link').click();
  await page.waitForURL(/result$/);
  const lot = /Lot (L\d+(-\d+)?)/.exec(await page.locator('.page-head').innerText())![1]!;
  const [year, month, date] = [lot.slice(1, 3), lot.slice(3, 5), lot.slice(5, 7)];
  await page.getByRole('link', { name: 'Label', exact: true }).click();
  await expect(page.getByLabel('Lot', { exact: true })).toHaveValue(lot);
  await expect(page.getByLabel('Made on')).toHaveValue(`${date}/${month}/20${year}`);
  await page.getByLabel('Lot', { exact: true }).fill('L9-2');
  await expect(page.getByText(/L9-2/).first()).toBeVisible();
  await open(`/runs?day=20${year}-${month}-${date}`);
  await expect(page.getByRole('row')).toHaveCount(2);
  await expect(page.getByRole('row').nth(1)).toContainText(made);
  await open('/runs?day=2026-02-31');
  await expect(page.getByRole('row')).toHaveCount(31);

  const slab = await slabId(page, shop.address, 'Pear penuche');
  const at = (minute: number) => new Date(Date.parse('2026-11-20T08:00:00Z') + minute * 60_000).toISOString();
  const temperatures = [100, 108, 114, 119, 121].map((celsius, i) => ({
    ...{ id: `00000000-0000-4000-8000-00000000000${i}`, at: at(20 + i) },
    ...{ kind: 'temperature', step: 'penuche/boil', celsius },
  }));
  const answer = await page.request.post(`${shop.address}/api/diagnose`, {
    data: { slab, events: temperatures, seen: ['hard'] },
  });
  const { causes } = (await answer.json()) as { causes: { cause: string; because: string[] }[] };
  expect(causes[0]!.cause).toBe('boiledTooFar');
  expect(causes[0]!.because[0]).toMatch(/ended at 121 °C/);
});

test('the tables and the file of a run are downloaded from its log', async ({ open, page }) => {
  await open('/runs/15/result');
  for (const [name, ending] of [
    ['Export CSV', '.csv'],
    ['Export JSON', '.json'],
  ] as const) {
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name, exact: true }).click();
    expect((await coming).suggestedFilename()).toMatch(new RegExp(`^L\\d+${ending}$`));
  }
  await open('/runs');
  const all = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export CSV', exact: true }).click();
  expect((await all).suggestedFilename()).toBe('runs.csv');
});

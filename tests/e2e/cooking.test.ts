/** Cook and Set: an end point at altitude, a simulated boil to its end, a deeper tin and its wait, and the services. */
import { readFileSync } from 'node:fs';
import { expect, slabId, test, tray } from './shop';
import { serveProbe } from '../../devices/probe.mjs';

test('end point at altitude: lower in the pot, corrected for the probe, with the water that remains', async ({
  open,
  page,
  shop,
}) => {
  await open('/settings#room');
  await page.getByLabel('Altitude, m').fill('1200');
  await expect(page.getByText('Water boils at 96.0 °C')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('status')).toHaveText('Saved');
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cook`);
  const card = page.getByRole('article', { name: 'Treacle caramel' });
  await expect(card).toContainText('118.0 °C, 244 °F in the recipe');
  await expect(card).toContainText('114.0 °C, 237 °F in the pot at 1200 m');
  await page.getByLabel('Thermometer used').selectOption({ label: 'Another (assume it reads correctly)' });
  const stage = page.getByRole('group', { name: 'The pot over time' });
  await expect(stage).toContainText('Stop at 114.0 °C, 237 °F');
  await page.getByLabel('Thermometer used').selectOption({ label: 'pocket probe' });
  await expect(page.getByText(/The pocket probe was checked at another altitude/)).toBeVisible();
  // Harder: the slider moves, the remaining water decreases, and the slab with it.
  await expect(card).toContainText('11 % water remains');
  await page.getByRole('slider', { name: 'End point of Treacle caramel' }).focus();
  for (let i = 0; i < 2; i++) await page.keyboard.press('PageUp');
  await expect(card).toContainText('7 % water remains');
  await expect(tray(page, 'Piece weight')).not.toHaveText('57 g');
  await page.getByText('cold-water test', { exact: true }).click();
  await expect(page.getByText('Forms a ball that is hard to squeeze.')).toBeVisible();
});

test('a simulated boil is followed: forecast, early warning, end point, then its cooling', async ({
  open,
  page,
  shop,
}) => {
  const probe = await serveProbe({ port: shop.probePort });
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cook`);
  await page.getByLabel('Simulation speed').selectOption('60');
  await page.getByRole('button', { name: 'Start reading' }).click();
  const live = page.getByRole('region', { name: 'Probe in Penuche' });
  await expect(live.getByText('Boiling')).toBeVisible({ timeout: 60_000 });
  await expect(live.getByText(/ to /).first()).toBeVisible();
  await expect(live.getByText('Now: take the pot off the heat')).toBeVisible({ timeout: 90_000 });
  // Off the heat needs no entry: the cooling is followed, to where it is beaten.
  await expect(live.getByText('Let it cool without stirring')).toBeVisible({ timeout: 60_000 });
  await live.getByRole('button', { name: 'Stop' }).click();
  probe.closeAllConnections();
  probe.close();
});

test('a deeper slab waits longer, and a fridge shortens it', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/set`);
  const answer = page.getByText(/Cuts cleanly after about/);
  const minutes = async () => {
    const [, hours = '0', rest = '0'] = /after about (?:(\d+) h)? ?(?:(\d+) min)?/.exec(await answer.innerText()) ?? [];
    return Number(hours) * 60 + Number(rest);
  };
  await expect.poll(minutes).toBeGreaterThan(120);
  const usual = await minutes();
  await page.getByRole('link', { name: 'Size' }).click();
  await page.getByText('a factor').click();
  await page.getByRole('textbox', { name: 'Factor' }).fill('1,5');
  await page.getByRole('link', { name: 'Set', exact: true }).click();
  await expect.poll(minutes).toBeGreaterThan(1.3 * usual);
  const deeper = await minutes();
  await page.getByText('moved on a schedule').click();
  await page.getByLabel('First place').selectOption('fridge');
  await expect.poll(minutes).toBeLessThan(deeper / 1.3);
  await page.getByRole('button', { name: /^Caramel/ }).click();
  const caramel = page.getByRole('region', { name: 'Caramel' });
  await expect(caramel).toContainText(/cuts cleanly\s*\d+ h.*, .* to /);
  await caramel.getByLabel('Cool to, °C').fill('24');
  // Each in its own place again: caramel and chocolate go to the fridge.
  await page.getByText('each layer in its own place').click();
  await expect.poll(minutes).toBeGreaterThan(deeper);
  await caramel.getByLabel('Sets in').selectOption('fridge');
  await page.getByRole('button', { name: /^Chocolate top/ }).click();
  await page.getByRole('region', { name: 'Chocolate top' }).getByLabel('Sets in').selectOption('fridge');
  await expect.poll(minutes).toBeLessThan(deeper);
  await expect(tray(page, 'Pieces')).toHaveText('24');
});

test('the services: heat through raw layers, a slab in its places, a forecast; bad input has a path', async ({
  page,
  shop,
}) => {
  const post = async (path: string, data: unknown) => {
    const answer = await page.request.post(`${shop.address}${path}`, { data });
    return { status: answer.status(), body: (await answer.json()) as Record<string, unknown> };
  };
  const held = { h: 1e9, airC: 4 };
  const layer = { thicknessMm: 20, k: 0.25, rho: 1250, cp: 1900, startC: 60, latent: null };
  const raw = await post('/api/setting', { layers: [layer], top: held, bottom: held, minutes: 12, everyMinutes: 0.1 });
  const [curve] = raw.body.layers as { middleC: number[] }[];
  const minutes = raw.body.minutes as number[];
  expect(minutes[curve!.middleC.findIndex((celsius) => celsius <= 20)]).toBeCloseTo(9.6, 0);
  const readings = Array.from({ length: 80 }, (_, i) => [i * 5, 103 + 9 * (i / 80) ** 2]);
  const boil = await post('/api/forecast', { kind: 'boil', readings, targetC: 114 });
  expect(boil.body.minutesLeft).toBeGreaterThan(0);
  expect((await post('/api/forecast', { kind: 'boil', readings: [['x', 1]], targetC: 114 })).status).toBe(422);
  const bad = await post('/api/setting', {
    layers: [{ ...layer, k: 0 }],
    top: held,
    bottom: held,
    minutes: 5,
    everyMinutes: 1,
  });
  expect(bad.body).toEqual({
    ...{ type: 'about:blank', title: 'Unprocessable Entity', status: 422, detail: 'Enter a number above 0' },
    problems: [{ path: '/layers/0/k', code: 'not-positive', message: 'Enter a number above 0' }],
  });
  const read = await post('/api/read', { text: '2 sticks butter, cubed', measures: 'us' });
  expect((read.body.lines as { larder: string; massG: number }[])[0]).toMatchObject({
    larder: 'butter',
    unit: 'stick',
  });
  expect((await post('/api/read', { words: 1 })).status).toBe(422);
});

test('a schedule backwards from a deadline across a night: within working hours, pinned steps stay, and it is exported to a calendar', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/schedule`);
  await page.getByLabel('Done by').fill('15/3/2030'); // A Friday.
  await page.getByRole('textbox', { name: 'at', exact: true }).fill('11:00');
  await page.getByRole('textbox', { name: 'at', exact: true }).blur();
  await expect(page.getByText(/Begin Thu,? 14 Mar, \d\d:\d\d, done Fri,? 15 Mar, 11:00/)).toBeVisible();
  const rows = page.getByRole('row').filter({ hasText: /^\d+\s*(Thu|Fri)/ });
  await expect(rows.first()).toContainText('Weigh everything');
  await expect(page.getByText('Risk of burns: boiling sugar sticks to skin').first()).toBeVisible();
  const melt = page.getByRole('button', { name: /^Melt gently.*Fri/ }).first();
  await melt.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByRole('button', { name: /^Melt gently.*pinned/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Unpin 1' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Add to calendar' }).click();
  expect((await download).suggestedFilename()).toBe('rye-and-treacle-slice.ics');
  // A deadline that has passed is answered with what is possible instead.
  await page.getByLabel('Done by').fill('13 March 2020');
  await expect(page.getByText(/This schedule is not possible: .*It can be done by/)).toBeVisible();
  const slab = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as unknown;
  const ask = (when: object) => page.request.post(`${shop.address}/api/timeline`, { data: { slab, ...when } });
  expect((await ask({ deadline: '2030-03-15T12:00:00' })).status()).toBe(422);
  const day = (await (await ask({ deadline: '2030-03-15T12:00:00Z' })).json()) as {
    feasible: boolean;
    steps: { id: string }[];
  };
  expect(day.feasible).toBe(true);
  expect(day.steps.at(-1)!.id).toBe('pack');
});

/** The week: orders become batches in one workroom, blocked times and delays move them, and what cannot be met has ways out. */
import { expect, slabId, test } from './shop';
import { alwaysOpen, bars, HOUR_MS, inHours, json, ordered, planned } from './weekOfShop';

interface Placed {
  readonly batch: string;
  readonly step: string;
  readonly start: string;
  readonly end: string;
  /** Who does it; `null` for what goes on by itself. */
  readonly hands: string | null;
  readonly uses: readonly { readonly resource: string }[];
}

/** The state of a run, as its service answers. Moments are ms since 1970. */
interface RunNow {
  readonly state: {
    readonly steps: readonly {
      readonly step: { readonly hands: string };
      readonly status: string;
      readonly from: number;
      readonly to: number;
    }[];
  };
}

test('from an order typed to pieces handed over: planned, started from the week, made, handed over', async ({
  open,
  page,
  shop,
}) => {
  test.slow();
  await alwaysOpen(page, shop);
  await open('/orders');
  const form = page.getByRole('form', { name: 'New order' });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long' }).format(Date.now() + 72 * HOUR_MS);
  await form.getByLabel('Type the order').fill(`Harbour tea room: 40 rye, ${day} 11`);
  await expect(form.getByRole('list', { name: 'As it was read' })).toContainText('40 Rye and treacle slice');
  await form.getByRole('button', { name: 'Add order' }).click();
  await expect(page.getByRole('region', { name: 'Orders by due time' })).toContainText('Harbour tea room');

  await open('/week');
  await expect(page.getByText('40 ordered pieces are not planned yet')).toBeVisible();
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('Nothing is late.')).toBeVisible({ timeout: 60_000 });
  await planned(page);
  await expect(page.getByText('not planned yet')).toHaveCount(0);
  await bars(page, /Rye and treacle slice/)
    .first()
    .focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('region', { name: 'Batch: Rye and treacle slice' });
  await expect(card).toContainText('Harbour tea room');
  await card.getByRole('button', { name: 'Start run' }).click();
  await page.waitForURL(/\/runs\/\d+$/);

  const run = Number(/\d+$/.exec(page.url())?.[0]);
  const done = { id: crypto.randomUUID(), at: new Date().toISOString(), kind: 'finished' };
  await json(await page.request.post(`${shop.address}/api/runs/${run}/events`, { data: [done] }));
  await open('/orders');
  const status = page.getByLabel('Status of the order for Harbour tea room');
  await expect(async () => {
    await page.reload();
    await expect(status).toHaveValue('made', { timeout: 1000 });
  }).toPass({ timeout: 20_000 });
  await status.selectOption('Handed over');
  await expect(page.getByText('No open orders')).toBeVisible();
});

test('the oven out for two hours: no bake meets it, and it can be removed again', async ({ open, page, shop }) => {
  test.slow();
  await alwaysOpen(page, shop);
  for (const slab of ['Rye and treacle slice', 'Orchard oat bake']) await ordered(page, shop, slab, 20, 60);
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('Nothing is late.')).toBeVisible({ timeout: 60_000 });
  await planned(page);
  const bakes = async () => {
    const week = await json<{ batches: { placed: Placed[] | null }[] }>(
      await page.request.get(`${shop.address}/api/week/batches`),
    );
    return week.batches
      .flatMap(({ placed }) => placed ?? [])
      .filter(({ uses }) => uses.some(({ resource }) => resource.startsWith('oven')));
  };
  await expect.poll(async () => (await bakes()).length).toBeGreaterThan(1);
  const [first] = await bakes();
  const out = {
    resource: 'oven',
    from: first!.start,
    to: new Date(Date.parse(first!.start) + 2 * HOUR_MS).toISOString(),
  };
  await json(await page.request.post(`${shop.address}/api/week/blocked`, { data: out }));
  await open('/week');
  await planned(page);
  const blocked = page.getByRole('region', { name: 'Blocked time' });
  await expect(blocked.getByRole('listitem')).toHaveCount(1);
  await expect(async () => {
    for (const { start, end } of await bakes())
      expect(end <= out.from || start >= out.to, `${start} to ${end}`).toBe(true);
  }).toPass({ timeout: 30_000 });
  await blocked.getByRole('button', { name: /^Remove/ }).click();
  await expect(blocked.getByRole('listitem')).toHaveCount(0);
  // Two touches: what is proposed is a time of the oven.
  await blocked.getByRole('button', { name: 'Block' }).click();
  await expect(blocked.getByRole('listitem')).toContainText('Oven');
});

test('after a delay of 25 minutes at the bench the rest is planned again, and Today names an order that cannot be met', async ({
  open,
  page,
  shop,
}) => {
  test.slow();
  await alwaysOpen(page, shop);
  await ordered(page, shop, 'Rye and treacle slice', 20, 6.2, 'Early cafe');
  await ordered(page, shop, 'Orchard oat bake', 20, 30, 'Later cafe');
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('Nothing is late.')).toBeVisible({ timeout: 60_000 });
  await planned(page);
  const batches = async () =>
    (
      await json<{ batches: { id: number; run: number | null; placed: Placed[] | null }[] }>(
        await page.request.get(`${shop.address}/api/week/batches`),
      )
    ).batches;
  await expect.poll(async () => (await batches()).every(({ placed }) => placed !== null)).toBe(true);
  const [rye] = (await batches()).filter(({ placed }) => placed!.some(({ step }) => step.startsWith('treacle')));
  const { id: run } = await json<{ id: number }>(
    await page.request.post(`${shop.address}/api/week/batches/${rye!.id}/run`, { data: {} }),
  );
  const until = new Date(Date.now() + 25 * 60_000).toISOString();
  const late = { id: crypto.randomUUID(), at: new Date().toISOString(), kind: 'held-up', until };
  await json(await page.request.post(`${shop.address}/api/runs/${run}/events`, { data: [late] }));
  // What is not begun keeps clear of what the maker now does later, and nothing of it is in the past.
  await expect(async () => {
    const [rest, ...others] = (await batches()).filter((batch) => batch.run === null);
    expect(others).toEqual([]);
    const own = await json<RunNow>(await page.request.get(`${shop.address}/api/runs/${run}`));
    const busy = own.state.steps.filter(
      ({ step, status }) => step.hands === 'busy' && (status === 'ready' || status === 'waiting'),
    );
    expect(busy.length).toBeGreaterThan(3);
    expect(Math.min(...busy.map(({ from }) => from))).toBeGreaterThanOrEqual(Date.parse(until));
    const work = rest!.placed!.filter(({ hands }) => hands !== null);
    expect(work.length).toBeGreaterThan(3);
    for (const { step, start, end } of work) {
      expect(Date.parse(start)).toBeGreaterThan(Date.now() - 60_000);
      const met = busy.filter(({ from, to }) => from < Date.parse(end) - 60_000 && to > Date.parse(start) + 60_000);
      expect(met, step).toEqual([]);
    }
  }).toPass({ timeout: 20_000 });
  await open('/week');
  await planned(page);
  await expect(bars(page, /Rye and treacle slice/).first()).toBeVisible();
  await expect(bars(page, /Orchard oat bake/).first()).toBeVisible();
  // An order that can no longer be made in time is named on Today.
  await ordered(page, shop, 'Rye and treacle slice', 60, 1, 'Rush');
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByRole('region', { name: 'At risk' })).toContainText('late', { timeout: 60_000 });
  await planned(page);
  await expect(async () => {
    await open('/today');
    await expect(page.getByText(/At risk:/)).toContainText('Rush', { timeout: 1000 });
  }).toPass({ timeout: 20_000 });
});

test('a week that cannot be met says why, and each way out can be applied', async ({ open, page, shop }) => {
  test.slow();
  await alwaysOpen(page, shop);
  await ordered(page, shop, 'Rye and treacle slice', 60, 2, 'Rush');
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  const risk = page.getByRole('region', { name: 'At risk' });
  await expect(risk).toContainText('late', { timeout: 60_000 });
  await planned(page);
  await expect(page.getByRole('region', { name: 'Orders this week' })).toContainText('At risk');
  const ways = risk.getByRole('button', { name: 'Apply' });
  await expect(ways.first()).toBeVisible();
  await expect(risk).toContainText(/Hand over Rye and treacle slice later/);
  // Later orders are handed over later: in the end nothing is late.
  await expect(async () => {
    if ((await risk.count()) > 0) {
      await ways.last().click({ timeout: 5000 });
      await planned(page);
    }
    await expect(risk).toHaveCount(0, { timeout: 5000 });
  }).toPass({ timeout: 90_000 });
  await open('/orders');
  await expect(page.getByRole('region', { name: 'Orders by due time' })).toContainText('Rush');
});

test('extra hours that are applied make the week less late', async ({ open, page, shop }) => {
  test.slow();
  const get = await page.request.put(`${shop.address}/api/shop`, { data: { revision: 1, settings: {} } });
  const { latest, revision } = (await get.json()) as { latest?: { revision: number }; revision?: number };
  const now = new Date();
  const clock = (ms: number) => new Date(ms).toLocaleTimeString('en-GB', { timeZone: 'UTC' }).slice(0, 5);
  // One person has the five hours before the orders are due tomorrow, which is too little for all of them.
  const due = new Date(Date.UTC(now.getUTCFullYear(), now.getUTCMonth(), now.getUTCDate() + 1, 15)).getTime();
  const hours = [{ day: new Date(due).getUTCDay(), from: clock(due - 5 * HOUR_MS), to: clock(due) }];
  await json(
    await page.request.put(`${shop.address}/api/shop`, {
      data: { revision: latest?.revision ?? revision, settings: { hours, zone: 'UTC', hands: 1, people: [] } },
    }),
  );
  for (const slab of ['Rye and treacle slice', 'Orchard oat bake', 'Pear penuche'])
    await ordered(page, shop, slab, 20, (due - Date.now()) / HOUR_MS, 'Rush');
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  const risk = page.getByRole('region', { name: 'At risk' });
  await expect(risk).toContainText('late', { timeout: 60_000 });
  await planned(page);
  const lateNow = await risk.getByRole('listitem').first().innerText();
  const way = risk.locator('.way').filter({ hasText: 'Extra hours for Maker' }).first();
  await way.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByRole('region', { name: 'Blocked time' })).toContainText('Extra hours for Maker');
  await planned(page);
  await expect(async () => {
    const late = (await risk.count()) === 0 ? '' : await risk.getByRole('listitem').first().innerText();
    expect(late).not.toBe(lateNow);
  }).toPass({ timeout: 30_000 });
});

test('a batch is moved by the keys, shown before it is let go, split, merged and removed', async ({
  open,
  page,
  shop,
}) => {
  test.slow();
  await alwaysOpen(page, shop);
  await ordered(page, shop, 'Orchard oat bake', 60, 90);
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('Nothing is late.')).toBeVisible({ timeout: 60_000 });
  await planned(page);
  const bar = bars(page, /Orchard oat bake/).first();
  await bar.focus();
  // The focus follows the bar to its new place, and the next key moves it on.
  for (const key of ['ArrowRight', 'ArrowDown', 'ArrowRight']) {
    await page.keyboard.press(key);
    await expect(page.getByText(/Orchard oat bake moved to .*(?:late|nothing is late)$/)).toBeVisible();
    await expect(page.locator('.bar:focus')).toHaveAttribute('aria-label', /Orchard oat bake/);
  }
  await page.keyboard.press('Escape');
  await expect(page.getByText(/Orchard oat bake moved to/)).toHaveCount(0);
  await bar.focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('region', { name: /^Batch: Orchard oat bake/ });
  await expect(card).toBeVisible();
  const count = async () =>
    (await json<{ batches: unknown[] }>(await page.request.get(`${shop.address}/api/week/batches`))).batches.length;
  const before = await count();
  if (await card.getByRole('button', { name: 'Split in two' }).isVisible()) {
    await card.getByRole('button', { name: 'Split in two' }).click();
    await expect.poll(count).toBe(before + 1);
    await planned(page);
  }
  const now = await count();
  await card.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect.poll(count).toBe(now - 1);
});

test('a step is not moved to where it does not fit, and the keys say so', async ({ open, page, shop }) => {
  test.slow();
  await alwaysOpen(page, shop);
  await ordered(page, shop, 'Orchard oat bake', 20, 60);
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('Nothing is late.')).toBeVisible({ timeout: 60_000 });
  await planned(page);
  interface Batches {
    readonly batches: { placed: Placed[] | null }[];
  }
  const starts = async () => {
    const { batches } = await json<Batches>(await page.request.get(`${shop.address}/api/week/batches`));
    return (batches[0]?.placed ?? []).map(({ start }) => Date.parse(start));
  };
  await expect.poll(async () => (await starts()).length).toBeGreaterThan(0);
  // Nobody is there at this time on the day before.
  const day = (await starts())[0]! - 24 * HOUR_MS;
  const out = { resource: 'people', from: new Date(day - HOUR_MS), to: new Date(day + 2 * HOUR_MS) };
  await json(await page.request.post(`${shop.address}/api/week/blocked`, { data: out }));
  await open('/week');
  await planned(page);
  const before = await starts();
  await bars(page, /Orchard oat bake/)
    .first()
    .focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/Orchard oat bake moved to .* it does not fit there$/)).toBeVisible();
  await expect(page.locator('.bar:focus')).toHaveAttribute('aria-label', /Orchard oat bake/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Orchard oat bake does not fit there and stays where it was.')).toBeVisible();
  expect(await starts()).toEqual(before);
  // From there it is moved as before.
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/Orchard oat bake moved to .*late$/)).toBeVisible();
});

test('bad input to the services of the week is refused with a message beside its field', async ({ page, shop }) => {
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  const [from, to] = [inHours(1), inHours(80)];
  const batch = { id: 'a', slab: rye, due: inHours(60) };
  const cases: [string, object, string][] = [
    ['week', { from, to }, '/batches'],
    ['week', { from: to, to: from, batches: [batch] }, '/to'],
    ['week', { from, to, batches: [batch, batch] }, '/batches/1/id'],
    ['week', { from, to, batches: [{ ...batch, slab: 9999 }] }, '/batches/0/slab'],
    ['week', { from, to, batches: [{ ...batch, tins: [{ tin: 'No such tin', count: 1 }] }] }, '/batches/0/tins/0/tin'],
    [
      'week',
      { from, to, batches: [batch], workroom: { ovens: [{ name: 'oven 1', shelves: 0 }] } },
      '/workroom/ovens/0/shelves',
    ],
    [
      'week',
      {
        from,
        to,
        batches: [batch],
        workroom: {
          hands: [
            {
              name: 'A',
              hours: [
                { from, to },
                { from, to },
              ],
            },
          ],
        },
      },
      '/workroom/hands/0/hours/1/from',
    ],
    ['batches', {}, '/demand'],
    ['batches', { demand: [{ slab: rye, pieces: 0, due: to }] }, '/demand/0/pieces'],
    ['batches', { demand: [{ slab: rye, kind: 'Moon', pieces: 5, due: to }] }, '/demand/0/kind'],
    ['week/blocked', { resource: 'dishwasher', from, to }, '/resource'],
    ['week/blocked', { resource: 'oven', from: to, to: from }, '/to'],
    ['week/hours', { person: 'Nobody', from, to }, '/person'],
    ['week/plan', { revision: 1, starts: [{ batch: 1, step: 'x', start: 'soon' }] }, '/starts/0/start'],
  ];
  for (const [path, data, at] of cases) {
    const method = path === 'week/plan' ? 'put' : 'post';
    const answer = await page.request[method](`${shop.address}/api/${path}`, { data });
    expect(answer.status(), `${path} ${JSON.stringify(data)}`).toBe(422);
    const { problems } = (await answer.json()) as { problems: { path: string; message: string }[] };
    expect(problems.map(({ path: where }) => where)).toContain(at);
    for (const { message } of problems) expect(message).toMatch(/\w/);
  }
  // A week without hours plans nothing, and says so.
  const none = await json<{ feasible: boolean; late: { minutes: number | null; because: string }[] }>(
    await page.request.post(`${shop.address}/api/week`, {
      data: { from, to, batches: [batch], workroom: { hands: [] }, seconds: 0.5 },
    }),
  );
  expect([none.feasible, none.late[0]!.minutes]).toEqual([false, null]);
  expect((await page.request.delete(`${shop.address}/api/week/batches/99?revision=1`)).status()).toBe(404);
});

/** Nothing that was typed or saved is ever lost. */
import { expect, slabId, startServer, stopServer, test, tray, visit } from './shop';

test('undo goes back step by step, and saved figures are struck through until then', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  await page.getByLabel('Rows').fill('4');
  await expect(tray(page, 'Pieces')).toHaveText('20');
  await page.locator('h1').click();
  await page.keyboard.press('u');
  await expect(tray(page, 'Pieces')).toHaveText('35');
  await page.keyboard.press('u');
  await expect(tray(page, 'Pieces')).toHaveText('49');
  await expect(page.locator('.figures s')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('leaving with unsaved changes, reloading, or typing something invalid loses nothing', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  await page.getByLabel('Rows').fill('about 4');
  await expect(page.getByText('such as 12, 1.5 or 1 1/2')).toBeVisible();
  await expect(page.getByText('1 field is invalid')).toBeVisible();
  await page.getByRole('menuitem', { name: 'Stock' }).click();
  await page.getByRole('heading', { name: 'Larder' }).waitFor();
  await open(`/slabs/${id}/cut`);
  await expect(page.getByLabel('Columns')).toHaveValue('5');
  await expect(page.getByLabel('Rows')).toHaveValue('about 4');
  await expect(page.getByText(/unsaved/)).toBeVisible();
  await page.getByRole('link', { name: 'Price' }).click();
  await page.getByRole('link', { name: 'Cut' }).click();
  await expect(page.getByLabel('Rows')).toHaveValue('about 4');
  await page.locator('h1').click();
  await page.keyboard.press('u');
  await expect(tray(page, 'Pieces')).toHaveText('49');
});

test('a half-typed line stays with its mixture through undo, other stations and a reload', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/build`);
  const card = page.getByRole('article', { name: 'Penuche' });
  await card.getByRole('button', { name: 'Edit mixture' }).click();
  await card.getByLabel('Weight loss in the pot or oven, %').fill('5');
  const fresh = card.getByLabel('New line in Penuche');
  await fresh.fill('1 1/2 tsp lime zest');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: 'Price' }).click();
  await page.getByText('Price of one piece').waitFor();
  await page.reload();
  await page.getByRole('link', { name: 'Build' }).click();
  await expect(fresh).toHaveValue('1 1/2 tsp lime zest');
  await expect(page.getByText('is invalid')).toHaveCount(0);
  await card.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(card.getByLabel(/^Line \d+ of Penuche/).last()).toHaveValue('1 1/2 tsp lime zest');
  await expect(fresh).toHaveValue('');
});

test('a closed window leaves its changes for the next one', async ({ open, page, context, shop }) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  await expect(tray(page, 'Pieces')).toHaveText('35');
  await page.close();
  const next = await context.newPage();
  await visit(next, `${shop.address}/slabs/${id}/cut`);
  await expect(next.getByText('were found on this device')).toBeVisible();
  await expect(tray(next, 'Pieces')).toHaveText('49');
  await next.getByRole('button', { name: 'Restore changes' }).click();
  await expect(tray(next, 'Pieces')).toHaveText('35');
  await expect(next.getByText('were found on this device')).toHaveCount(0);
});

test('two windows save the same slab: the second is told, sees both versions and loses nothing', async ({
  open,
  page,
  context,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  const other = await context.newPage();
  await visit(other, `${shop.address}/slabs/${id}/cut`);
  await other.waitForLoadState('networkidle');
  await other.getByLabel('Columns').fill('8');
  await other.getByRole('button', { name: 'Save' }).click();
  await expect(other.getByText('Saved, version 2')).toBeVisible();

  await page.getByLabel('Columns').fill('5');
  await page.getByRole('button', { name: 'Save' }).click();
  const dialog = page.getByRole('alertdialog');
  await expect(dialog).toContainText('Someone else saved this slab while you were editing it');
  await expect(dialog.getByRole('row', { name: /Yours/ })).toContainText('35');
  await expect(dialog.getByRole('row', { name: /Theirs/ })).toContainText('56');
  await expect(page.getByLabel('Columns')).toHaveValue('5');

  await dialog.getByRole('button', { name: 'Use theirs' }).click();
  await expect(tray(page, 'Pieces')).toHaveText('56');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tray(page, 'Pieces')).toHaveText('35');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 3')).toBeVisible();

  await other.getByLabel('Rows').fill('3');
  await other.getByRole('button', { name: 'Save' }).click();
  await other.getByRole('button', { name: 'Save mine as a new slab' }).click();
  await expect(other.getByRole('heading', { name: 'Pear penuche (mine)' })).toBeVisible();
  await expect(tray(other, 'Pieces')).toHaveText('24');
});

test('while the server does not answer, work goes on, and the change is still there afterwards', async ({
  open,
  page,
  shop,
  watched,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cut`);
  await page.getByLabel('Columns').fill('5');
  await page.route('**/api/slabs/*', (route) =>
    route.fulfill({
      status: 500,
      contentType: 'application/json',
      body: '{"problems":[{"path":"","message":"Something went wrong on our side"}]}',
    }),
  );
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('Something went wrong on our side');
  await expect(tray(page, 'Pieces')).toHaveText('35');
  // The browser itself logs the 500 that this test causes.
  expect(watched.splice(0)).toHaveLength(1);
  await page.unroute('**/api/slabs/*');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved, version 2')).toBeVisible();
});

test('killed while saving, the database opens again with each save whole or absent', async ({ shop }) => {
  const file = JSON.parse(await (await fetch(`${shop.address}/schema/slab-1.json`)).text()) as { title: string };
  expect(file.title).toBe('Slab file, version 1');
  const slab = (n: number) => ({
    format: 'knife-tray/slab',
    version: 1,
    name: `Save ${n}`,
    notes: `${n} `.repeat(3000).slice(0, 19000),
    tin: { shape: 'round', diameterMm: 200, depthMm: 40 },
    preparations: [],
    layers: [],
  });
  const made = await fetch(`${shop.address}/api/slabs`, {
    method: 'POST',
    body: JSON.stringify(slab(1)),
    headers: { 'Content-Type': 'application/json' },
  });
  const { id } = (await made.json()) as { id: number };
  let server = shop;
  let seen = 1;
  for (let round = 0; round < 4; round++) {
    let answered = seen;
    let isEnough = () => {};
    const enough = new Promise<void>((resolve) => (isEnough = resolve));
    const last = seen + 3 + 4 * round;
    const saving = (async () => {
      for (let n = seen; n < seen + 400; n++) {
        const kept = await fetch(`${server.address}/api/slabs/${id}`, {
          method: 'PUT',
          body: JSON.stringify({ seen: n, slab: slab(n + 1) }),
          headers: { 'Content-Type': 'application/json' },
        });
        expect(kept.status).toBe(200);
        answered = n + 1;
        if (answered === last) isEnough();
      }
    })().catch(() => undefined);
    await enough;
    await stopServer(server, 'SIGKILL');
    await saving;
    server = await startServer(shop.data);
    const probe = await fetch(`${server.address}/api/slabs/${id}`, {
      method: 'PUT',
      body: JSON.stringify({ seen: 0, slab: slab(0) }),
      headers: { 'Content-Type': 'application/json' },
    });
    expect(probe.status).toBe(409);
    const { latest } = (await probe.json()) as { latest: { version: number; slab: { name: string; notes: string } } };
    // Everything answered as saved is there; at most the save in progress is there besides.
    expect(latest.version).toBeGreaterThanOrEqual(answered);
    expect(latest.version).toBeLessThanOrEqual(answered + 1);
    expect(latest.slab.name).toBe(`Save ${latest.version}`);
    expect(latest.slab.notes).toBe(slab(latest.version).notes);
    seen = latest.version;
  }
  expect(seen).toBeGreaterThan(4);
  expect(await stopServer(server)).toBe(0);
});

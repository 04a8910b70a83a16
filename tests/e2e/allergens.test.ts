/**
 * What is stated about allergens: contained, assumed and unknown, on every screen that shows them, and a declaration corrected with
 * one touch.
 */
import { readFileSync } from 'node:fs';
import type { Slab } from '$core/slab';
import { expect, slabId, test } from './shop';

const RECIPE = `Cracker squares

For the base:
150 g butter
200 g tahini
180 g saltine squares
100 g caster sugar`;

test('a pasted sesame and cracker slab never looks complete: contained, assumed and unknown on every screen', async ({
  open,
  page,
  shop,
}) => {
  await open('/slabs/paste');
  await page.getByLabel('Recipe', { exact: true }).fill(RECIPE);
  await page.getByRole('button', { name: 'Create slab' }).click();
  await expect(page).toHaveURL(/\/slabs\/\d+\/build/);
  const id = /\d+/.exec(new URL(page.url()).pathname)![0];
  const tray = page.getByRole('region', { name: 'Tray' });
  await expect(tray).toContainText('milk, sesame (assumed). Unknown for: saltine squares');
  for (const station of ['build', 'pack', 'label', 'weigh-out']) {
    await open(`/slabs/${id}/${station}`);
    const main = page.getByRole('main');
    await expect(
      main.getByText(/Contains: milk, sesame \(assumed\)\. Unknown for: saltine squares\./).first(),
    ).toBeVisible();
  }
  await open(`/weigh-out?slabs=${id}`);
  await expect(page.getByText(/Unknown for: saltine squares/)).toBeVisible();
  const rye = JSON.parse(
    readFileSync(new URL('../../demo/slabs/rye-and-treacle-slice.slab.json', import.meta.url), 'utf8'),
  ) as Slab;
  const [base, ...others] = rye.preparations;
  const lines = ['butter', 'tahini', 'saltine squares'].map((ingredient) => ({
    ...{ ingredient, quantity: 100, unit: 'g' },
  }));
  const slab = { ...rye, preparations: [{ ...base, lines }, ...others.map((other) => ({ ...other, lines: [] }))] };
  const said = async () => {
    const answer = await page.request.post(`${shop.address}/api/plan`, { data: { slab } });
    return ((await answer.json()) as { allergens: object }).allergens;
  };
  const first = { contains: ['milk'], assumed: ['sesame'], unknownFor: ['saltine squares'] };
  expect(await said()).toEqual(first);
  // A repeated request has the same answer, until the larder changes.
  expect(await said()).toEqual(first);
  const squares = { name: 'saltine squares', allergens: ['gluten'] };
  expect((await page.request.post(`${shop.address}/api/larder`, { data: squares })).status()).toBe(201);
  expect(await said()).toEqual({ contains: ['gluten', 'milk'], assumed: ['sesame'], unknownFor: [] });
});

test('an ingredient whose name states an allergen it does not declare is a check, and one touch declares it', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  const rows = (await (
    await page.request.post(`${shop.address}/api/larder/named`, { data: { names: ['butter'] } })
  ).json()) as { ingredients: { id: number; revision: number; name: string }[] };
  const { id: number, revision, ...butter } = rows.ingredients.find(({ name }) => name === 'butter')!;
  const done = await page.request.put(`${shop.address}/api/larder/${number}`, {
    data: { revision, ingredient: { ...butter, allergens: [] } },
  });
  expect(done.ok()).toBe(true);
  await open(`/slabs/${id}/build`);
  await page.getByRole('button', { name: /^Checks/ }).click();
  await expect(page.getByText(/entry for butter does not declare milk/)).toBeVisible();
  await page.getByRole('button', { name: 'Declare milk' }).click();
  await expect(page.getByText(/entry for butter does not declare milk/)).toHaveCount(0);
});

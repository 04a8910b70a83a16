/** Batches of two slabs that share a caramel: cooked once, weighed out with what goes where, begun together, and apart again. */
import type { Page } from '@playwright/test';
import { expect, slabId, test, type Server } from './shop';
import { alwaysOpen, bars, json, ordered, planned } from './weekOfShop';

interface SlabFile {
  readonly name: string;
  readonly preparations: readonly { readonly id: string; readonly lines: readonly { readonly quantity: number }[] }[];
  readonly layers: readonly { readonly from: readonly { readonly preparation: string }[] }[];
}

interface Planned {
  readonly id: number;
  readonly tins: readonly { readonly count: number }[];
  readonly takes?: readonly { readonly from: number }[];
  /** `null` until its plan is saved. */
  readonly placed: readonly { readonly step: string }[] | null;
}

/** Adds a pressed bar with the caramel of the rye slice, half as much of it. */
async function addOatBar(page: Page, { address }: Server): Promise<void> {
  const slab = async (name: string) => {
    const id = await slabId(page, address, name);
    return (await json<{ slab: SlabFile }>(await page.request.get(`${address}/api/slabs/${id}`))).slab;
  };
  const [rye, cloud] = [await slab('Rye and treacle slice'), await slab('Buckthorn cloud bar')];
  const caramel = rye.preparations.find(({ id }) => id === 'treacle')!;
  const half = caramel.lines.map((line) => ({ ...line, quantity: line.quantity / 2 }));
  const data = {
    ...rye,
    name: 'Oat and treacle bar',
    preparations: [cloud.preparations.find(({ id }) => id === 'base'), { ...caramel, lines: half }],
    layers: [
      cloud.layers.find(({ from }) => from[0]!.preparation === 'base'),
      rye.layers.find(({ from }) => from[0]!.preparation === 'treacle'),
    ],
  };
  await json(await page.request.post(`${address}/api/slabs`, { data }));
}

test('two batches cook their caramel in one pot: on the week, on the weigh-out sheet, at the bench', async ({
  open,
  page,
  shop,
}) => {
  test.slow();
  await alwaysOpen(page, shop);
  await addOatBar(page, shop);
  await ordered(page, shop, 'Rye and treacle slice', 20, 60);
  await ordered(page, shop, 'Oat and treacle bar', 20, 60);
  await open('/week');
  await page.getByRole('button', { name: 'Plan orders' }).click();
  await expect(page.getByText('2 batches added')).toBeVisible({ timeout: 60_000 });
  await planned(page);

  const chosen = async (slab: RegExp) => {
    await bars(page, slab).first().focus();
    await page.keyboard.press('Enter');
    return page.getByRole('region', { name: slab }).filter({ has: page.getByRole('button', { name: /^Start run/ }) });
  };
  const card = await chosen(/^(?:Batch: )?Oat and treacle bar/);
  await expect(card).toContainText('Treacle caramel is cooked once');
  const week = async () =>
    (await json<{ batches: Planned[] }>(await page.request.get(`${shop.address}/api/week/batches`))).batches;
  await expect.poll(async () => (await week()).every(({ placed }) => placed !== null)).toBe(true);
  const batches = await week();
  const taker = batches.find(({ takes = [] }) => takes.length > 0)!;
  expect(taker.takes![0]!.from).toBe(batches.find(({ id }) => id !== taker.id)!.id);
  expect(taker.placed!.map(({ step }) => step)).toContain('treacle/take');

  await card.getByRole('button', { name: 'Cook it separately' }).click();
  await planned(page);
  await expect(card).not.toContainText('is cooked once');
  await card.getByRole('button', { name: /^Cook Treacle caramel together with/ }).click();
  await expect(card).toContainText('is cooked once');
  await planned(page);

  await open('/weigh-out');
  await page
    .getByRole('button', { name: /^Planned for/ })
    .last()
    .click();
  const pours = page.getByRole('list', { name: 'Where Treacle caramel goes' });
  const tins = batches.flatMap((batch) => batch.tins).reduce((sum, { count }) => sum + count, 0);
  await expect(pours.getByRole('listitem')).toHaveCount(tins);
  for (const slab of ['Oat and treacle bar', 'Rye and treacle slice']) await expect(pours).toContainText(slab);
  const sugar = page.getByRole('listitem').filter({ hasText: 'caster sugar' });
  await expect(sugar).toHaveCount(1);

  await open('/week');
  await planned(page);
  await (await chosen(/^(?:Batch: )?Oat and treacle bar/)).getByRole('button', { name: 'Start runs together' }).click();
  await page.waitForURL(/\/bench$/);
  // One of the two says into which pot it weighs: the other cooks.
  const heading = page.getByRole('heading', { name: /^Treacle caramel, into the pot for/ });
  for (const name of ['Oat and treacle bar', 'Rye and treacle slice']) {
    await page.getByRole('tab', { name }).or(page.getByRole('button', { name })).first().click();
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
    if (await heading.isVisible()) break;
  }
  await expect(heading).toBeVisible();
  await expect(page.getByText(/^Take .* of Treacle caramel from the pot for/).first()).toBeVisible();
});

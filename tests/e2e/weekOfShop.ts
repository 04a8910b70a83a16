/** What the tests of the week do over and over: orders, a shop that is always open, a plan that is saved, and its bars. */
import type { APIResponse, Page } from '@playwright/test';
import { expect, slabId, type Server } from './shop';

export const HOUR_MS = 3_600_000;
export const inHours = (hours: number) => new Date(Date.now() + hours * HOUR_MS).toISOString();
export const json = async <T>(answer: APIResponse): Promise<T> => {
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as T;
};

/** Opens the shop round the clock, so that nothing depends on when the test runs. */
export async function alwaysOpen(page: Page, { address }: Server): Promise<void> {
  const put = (revision: number) =>
    page.request.put(`${address}/api/shop`, { data: { revision, settings: { hours: [] } } });
  const { latest } = (await (await put(1)).json()) as { latest?: { revision: number } };
  if (latest) await json(await put(latest.revision));
}

/** Orders pieces of a slab and plans them, as the week's page does. */
export async function ordered(
  page: Page,
  { address }: Server,
  slab: string,
  count: number,
  hours: number,
  name = 'Cafe',
) {
  const id = await slabId(page, address, slab);
  const lines = [{ slab: id, count, unit: 'piece' }];
  return json<{ id: number }>(
    await page.request.post(`${address}/api/orders`, { data: { name, due: inHours(hours), lines } }),
  );
}

/** Waits until the plan of the week is saved. */
export async function planned(page: Page): Promise<void> {
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
}
export const bars = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'The week by day and resource' }).getByRole('button', { name });

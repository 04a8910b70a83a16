/** The section and the top view are controls, by pointer and by keyboard, and everything follows. */
import { expect, slabId, test, tray } from './shop';

test('a layer edge is dragged and nudged, and its amounts follow', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  const caramel = page.getByRole('slider', { name: 'Caramel, thickness' });
  await caramel.focus();
  await page.keyboard.press('ArrowUp');
  await expect(caramel).toHaveAttribute('aria-valuenow', '9.7');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(caramel).toHaveAttribute('aria-valuenow', '14.7');
  await expect(tray(page, 'Height')).toHaveText(/^28\.4 (of|mm)/);
  await expect(page.getByText('Set by you: Caramel 14.7 mm')).toBeVisible();
  const box = (await caramel.boundingBox())!;
  await page.mouse.move(box.x + 60, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + box.height / 2 + 20, { steps: 4 });
  await page.mouse.up();
  expect(Number(await caramel.getAttribute('aria-valuenow'))).toBeLessThan(12);
  await page.getByRole('button', { name: 'Reset to the base recipe' }).click();
  await expect(tray(page, 'Height')).toHaveText(/^22\.4 (of|mm)/);
});

test('brackets select a layer, and arrows then move its edge', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  await page.keyboard.press(']');
  await page.keyboard.press(']');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('slider', { name: 'Caramel, thickness' })).toHaveAttribute('aria-valuenow', '9.7');
});

test('cut lines are dragged and nudged, and the grid stays even', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/cut`);
  const trim = page.getByRole('slider', { name: 'Trim left' });
  await trim.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByLabel('Trim left, mm', { exact: true })).toHaveValue('10');
  const line = page.getByRole('slider', { name: 'Cut after column 3' });
  const before = Number(await line.getAttribute('aria-valuenow'));
  const box = (await line.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 50);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + 50, { steps: 5 });
  await page.mouse.up();
  const after = Number(await line.getAttribute('aria-valuenow'));
  expect(after).toBeLessThan(before - 10);
  expect(Number(await page.getByLabel('Trim right, mm', { exact: true }).inputValue())).toBeGreaterThan(20);
});

test('lines and layers are reordered by keyboard and by pointer', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  const names = () =>
    page
      .getByRole('list', { name: 'Lines of Rye shortbread' })
      .getByLabel(/^Line/)
      .evaluateAll((all) => all.map((element) => (element as HTMLInputElement).value.split(' ').slice(2).join(' ')));
  expect(await names()).toEqual(['rye flour', 'butter, cold', 'demerara sugar']);
  await page.getByRole('button', { name: 'Move rye flour: up and down arrows' }).focus();
  await page.keyboard.press('ArrowDown');
  expect(await names()).toEqual(['butter, cold', 'rye flour', 'demerara sugar']);
  await page.keyboard.press('ArrowDown');
  expect(await names()).toEqual(['butter, cold', 'demerara sugar', 'rye flour']);
  const handle = (await page.getByRole('button', { name: 'Move rye flour: up and down arrows' }).boundingBox())!;
  const target = (await page
    .getByRole('list', { name: 'Lines of Rye shortbread' })
    .getByRole('button', { name: 'Move butter: up and down arrows' })
    .boundingBox())!;
  await page.mouse.move(handle.x + 10, handle.y + 10);
  await page.mouse.down();
  await page.mouse.move(handle.x + 10, handle.y - 20, { steps: 5 });
  await page.mouse.move(target.x + 10, target.y + 2, { steps: 10 });
  await expect.poll(names).toEqual(['rye flour', 'butter, cold', 'demerara sugar']);
  await page.mouse.up();
  await expect.poll(names).toEqual(['rye flour', 'butter, cold', 'demerara sugar']);
  await page.getByRole('button', { name: 'Move Base: up and down arrows' }).focus();
  await page.keyboard.press('ArrowUp');
  const layers = page.getByRole('list', { name: 'Layers from the top' });
  await expect(layers.getByRole('listitem')).toHaveText([/^Chocolate top/, /^Base/, /^Caramel/]);
  const [above, handleOfBase] = [layers.getByRole('listitem').first(), layers.getByLabel(/^Move Base/)];
  const [from, to] = [(await handleOfBase.boundingBox())!, (await above.boundingBox())!];
  await page.mouse.move(from.x + 10, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, to.y + to.height / 2, { steps: 12 });
  await page.mouse.up();
  await expect(layers.getByRole('listitem')).toHaveText([/^Base/, /^Chocolate top/, /^Caramel/]);
  await page.getByRole('button', { name: 'Move Treacle caramel: up and down arrows' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('article').first()).toContainText('659 g out');
});

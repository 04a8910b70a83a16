/** Lines as people type them: read while typing, asked about where they are ambiguous, with the keys of a list. */
import { expect, line, say, slabId, test, tray, unfold } from './shop';

test('a line as people type it: its reading beside it, two amounts are asked about, an unknown ingredient is added there', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  const card = await unfold(page, 'Treacle caramel');
  const cream = line(page, 'Treacle caramel', 3);
  await cream.fill('1 1/2 cups whipping cream');
  await expect(card.getByText('metric cup, 0.99 g per ml')).toBeVisible();
  await expect(card).toContainText('373 g');
  // Two amounts that disagree.
  await cream.fill('1 cup (150 g) whipping cream');
  await expect(card.getByText(/1 cup is 24[89] g and 150 g is 150 g\. Choose one/)).toBeVisible();
  await card.getByRole('button', { name: '150 g', exact: true }).click();
  await expect(cream).toHaveValue('150 g whipping cream');
  // An unfinished line stays in its field with its reason, and the last valid one still counts.
  await cream.fill('150 g');
  await expect(card.getByText('The amount has no ingredient')).toBeVisible();
  await expect(page.getByText('1 field is invalid')).toBeVisible();
  await cream.fill('150 g whipping cream');
  await expect(page.getByText('is invalid')).toHaveCount(0);
  // The unit of the line before is not kept; a weight in brackets weighs what the cup cannot.
  await say(page, 'Treacle caramel', ['3 tbsp plum brandy syrup', '2 cups (340 g) moon chips']);
  await expect(card.getByText('340 g')).toBeVisible();
  await card.getByRole('button', { name: 'Add plum brandy syrup to the larder' }).click();
  await expect(card.getByRole('button', { name: 'Add plum brandy syrup to the larder' })).toHaveCount(0);
  await card.getByRole('button', { name: 'Add moon chips to the larder' }).click();
  await expect(card.getByText('Not in the larder')).toHaveCount(0);
});

test('in a list of lines Enter adds one, Backspace removes an empty one, arrows move, and a pasted list becomes several', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/build`);
  const values = () =>
    page
      .getByRole('list', { name: 'Lines of Rye shortbread' })
      .getByLabel(/^Line/)
      .evaluateAll((all) => all.map((element) => (element as HTMLInputElement).value));
  await line(page, 'Rye shortbread', 1).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('30 g honey');
  await page.keyboard.press('Enter');
  expect(await values()).toEqual(['270 g rye flour', '30 g honey', '225 g butter, cold', '120 g demerara sugar']);
  // The new line is empty and follows the added one; Backspace goes back.
  await page.keyboard.press('Backspace');
  await expect(line(page, 'Rye shortbread', 2)).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(line(page, 'Rye shortbread', 3)).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.press('Delete');
  await page.keyboard.press('Backspace');
  expect(await values()).toEqual(['270 g rye flour', '225 g butter, cold', '120 g demerara sugar']);
  await expect(line(page, 'Rye shortbread', 1)).toBeFocused();
  const text = '- 2 eggs\n- 100 g ground almonds\n\n- something lovely\n• 1 tsp vanilla extract';
  await page.evaluate((pasted) => {
    const data = new DataTransfer();
    data.setData('text/plain', pasted);
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);
  await expect
    .poll(values)
    .toEqual([
      '270 g rye flour',
      '2 eggs',
      '100 g ground almonds',
      '1 tsp vanilla extract',
      '225 g butter, cold',
      '120 g demerara sugar',
    ]);
  await expect(page.getByLabel('Not recognised, line 1 of Rye shortbread')).toHaveValue('something lovely');
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tray(page, 'Piece weight')).toHaveText('57 g');
  // Escape leaves the field, and letters are shortcuts again.
  await line(page, 'Rye shortbread', 1).focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press('5');
  await expect(page).toHaveURL(/\/cut$/);
});

test('an order sets the cut until the maker changes it: with a touch, by typing, or by dragging', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/size`);
  await page.getByText('a number of pieces').click();
  await page.getByLabel('or weight per piece, about, g').fill('40');
  await page.getByRole('link', { name: 'Cut' }).click();
  await expect(page.getByText(/The order of 48 pieces of .* sets this cut/)).toBeVisible();
  await expect(tray(page, 'Piece weight')).toHaveText(/^(39|4[0-3])/);
  await page.getByLabel('Columns').fill('5');
  await expect(page.getByText('sets this cut')).toHaveCount(0);
  await expect(page.getByLabel('Columns')).toHaveValue('5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Unpin' }).click();
  await expect(page.getByText('sets this cut')).toHaveCount(0);
});

test('assumptions are one list, opened from the tray, and each leads to its field', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/price`);
  await page.getByRole('button', { name: /^Assumptions/ }).click();
  await expect(page.getByText('Treacle caramel: 3 % stays in the pot or bowl')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Assumptions' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Assumptions/ }).click();
  await page.getByRole('button', { name: 'Enter a value: Base sets like a baked base' }).click();
  await expect(page).toHaveURL(/\/set$/);
});

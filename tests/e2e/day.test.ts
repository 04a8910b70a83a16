/** The Schedule station: hours and people, edited steps, several tins, a request that is kept. */
import { expect, slabId, test } from './shop';

test('working hours and people of the shop: set once, and every schedule uses them', async ({ open, page, shop }) => {
  await open('/settings#hours');
  const monday = page.getByRole('group', { name: 'Monday' });
  await expect(monday).toContainText('closed');
  await monday.getByRole('button', { name: 'Add hours' }).click();
  await monday.getByLabel('Monday from').fill('22:00');
  await monday.getByLabel('Monday to').fill('22:00');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(monday.getByText('Enter a time that differs from the start')).toBeVisible();
  await monday.getByLabel('Monday to').fill('23:30');
  await monday.getByLabel('Monday to').blur();
  for (const day of ['Wednesday', 'Thursday', 'Friday', 'Saturday'])
    await page.getByRole('button', { name: `Remove ${day} 07:30 to 16:00` }).click();
  await page.getByLabel('Time zone').selectOption('Europe/Lisbon');
  await page.getByRole('tab', { name: 'Workroom' }).click();
  await page.getByLabel('Ovens').fill('0');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const id = await slabId(page, shop.address, 'Lime and coconut two-tone');
  await open(`/slabs/${id}/schedule`);
  await page.getByText('start at a time').click();
  await page.getByLabel('Begin at').fill('11/03/2030'); // A Monday, at eight.
  await expect(page.getByText(/Begin Mon,? 11 Mar, 22:00/)).toBeVisible();
  await expect(page.getByText(/done Tue,? 12 Mar.*The longest wait is for working hours/)).toBeVisible();
  await page.getByLabel('Working time').selectOption('round the clock');
  await expect(page.getByText(/Begin Mon,? 11 Mar, 08:00, done Mon,? 11 Mar, 1\d:\d\d/)).toBeVisible();
  // Without an oven a slab that bakes cannot be made, and the schedule says so.
  const rye = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${rye}/schedule`);
  await expect(page.getByText(/This schedule is not possible: .*needs an oven, and there is none/)).toBeVisible();
});

test('steps are edited in the schedule, which follows; undo reverts it', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/schedule`);
  await page.getByText('start at a time').click();
  await page.getByLabel('Begin at').fill('12/03/2030');
  const row = (text: string) => page.getByRole('row').filter({ hasText: text });
  await expect(row('Rub to crumbs')).toContainText(/08:12.*08:22/);
  await page.getByText('Rye shortbread', { exact: true }).click();
  const rub = page.getByRole('group', { name: 'Rub to crumbs, press level and to the corners' });
  await rub.getByLabel('Typical time, min').fill('14');
  await expect(row('Rub to crumbs')).toContainText(/08:12.*08:26/);
  await rub.getByRole('button', { name: /^More/ }).click();
  await rub.getByLabel('Shortest time, min').fill('16');
  await expect(rub.getByText('More than the typical time')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Enter' })).toHaveText(
    /Enter 14 or less\s+\(Rye shortbread, Rub to crumbs, press level and to the corners, least minutes\)/,
  );
  await rub.getByLabel('Shortest time, min').fill('9');
  await rub.getByLabel('Equipment').selectOption('oven');
  await expect(rub.getByLabel('Oven temperature, °C')).toHaveValue('170');
  await rub.getByLabel('Equipment').selectOption('none');
  await page.getByRole('button', { name: 'Add a step' }).first().click();
  const added = page.getByRole('group', { name: 'Next step' });
  await added.getByLabel('Step').fill('Prick all over');
  await expect(row('Prick all over')).toBeVisible();
  await page.getByRole('button', { name: 'Remove Prick all over' }).click();
  await expect(row('Prick all over')).toHaveCount(0);
  const bake = page.getByRole('group', { name: 'Bake until the edge colours' });
  await bake.getByRole('button', { name: /^More/ }).click();
  await bake.getByLabel('Minimum wait, min').fill('34');
  await expect(row('Bake until')).toContainText(/09:00.*09:24/);
  await bake.getByLabel('Maximum wait, min', { exact: true }).fill('10');
  await expect(bake.getByText('Less than the minimum')).toBeVisible();
  await bake.getByLabel('Maximum wait, min', { exact: true }).fill('');
  await bake.getByLabel('Minimum wait, min').fill('');
  // Two steps that wait for each other: reported, and corrected in the same field.
  await rub.getByLabel('Bake until the edge colours').scrollIntoViewIfNeeded();
  await rub.getByLabel('Bake until the edge colours').check({ force: true });
  await expect(page.getByText(/Steps wait for one another in a circle/)).toBeVisible();
  await rub.getByLabel('Bake until the edge colours').uncheck({ force: true });
  await expect(row('Rub to crumbs')).toContainText(/08:12.*08:26/);
  // In another order the bake comes first and waits for nothing that now follows it.
  await page.getByRole('button', { name: 'Move Bake until the edge colours: up and down arrows' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(row('Bake until')).toContainText(/08:12.*08:36/);
  await expect(row('Rub to crumbs')).toContainText(/08:36.*08:50/);
  // The usual steps of a mixture without steps become its own with the first change.
  const lime = await slabId(page, shop.address, 'Hazelnut crisp fingers');
  await open(`/slabs/${lime}/schedule`);
  await expect(page.getByRole('row').filter({ hasText: 'Toast at 160 °C' })).toBeVisible();
});

test('two tins are laid and cut one by one, the slowest pace starts earlier, and the settings are still there', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/size`);
  await page
    .getByRole('button', { name: /^One more / })
    .first()
    .click();
  await page.getByRole('link', { name: 'Schedule' }).click();
  await page.getByLabel('Done by').fill('15/03/2030');
  await expect(page.getByRole('row').filter({ hasText: 'Lift, trim and cut, tin 2 of 2' })).toBeVisible();
  await expect(page.getByText(/If everything runs slow, begin/)).toBeVisible();
  const begins = async () => (await page.getByText(/^Begin/).innerText()).split(' done')[0];
  const usual = await begins();
  await page.getByLabel('Based on').selectOption('longest times');
  await expect.poll(begins).not.toBe(usual);
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  await page.getByRole('link', { name: 'Schedule' }).click();
  await expect(page.getByLabel('Done by')).toHaveValue('15/03/2030');
  await expect(page.getByLabel('Based on')).toHaveValue('most');
});

test('a step that is dragged stays in place, and the rest follows; unpinning recalculates it', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/schedule`);
  await page.getByText('start at a time').click();
  await page.getByLabel('Begin at').fill('12/03/2030');
  const boil = page.getByRole('button', { name: /^Dissolve, then boil/ }).first();
  await expect(boil).toHaveAttribute('aria-label', /Tue 08:12/);
  const packed = page.getByRole('row').filter({ hasText: 'Pack and label' });
  const before = await packed.innerText();
  const box = (await boil.locator('rect').last().boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(boil).toHaveAttribute('aria-label', /pinned/);
  await expect(boil).not.toHaveAttribute('aria-label', /Tue 08:12/);
  await expect(packed).not.toHaveText(before);
  // It is still pinned after a visit to another station.
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  await page.getByRole('link', { name: 'Schedule' }).click();
  await expect(boil).toHaveAttribute('aria-label', /pinned/);
  await page.getByRole('button', { name: 'Unpin 1' }).click();
  await expect(boil).toHaveAttribute('aria-label', /Tue 08:12/);
});

test('the schedule fits one page of A4 and of Letter, with its cautions', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Rye and treacle slice');
  await open(`/slabs/${id}/schedule`);
  await expect(page.getByRole('row').filter({ hasText: 'Pack and label' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = await page.pdf({ format });
    expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  }
  await expect(page.getByText('Risk of burns: boiling sugar sticks to skin').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print schedule' })).toBeHidden();
});

test('linked pots: how far ahead, and at which step one goes into the other', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Buckthorn cloud bar');
  await open(`/slabs/${id}/cook`);
  const meet = page.getByRole('region', { name: 'Mixtures to finish together' });
  await expect(meet).toContainText('start 8 min after it');
  await meet.getByLabel('Ready earlier by, min').fill('3');
  await expect(meet).toContainText('start 6 min after it');
  await meet.getByLabel('Buckthorn syrup goes in at').selectOption('the end of both');
  await expect(meet).toContainText('start 2 min before it');
  await meet.getByRole('button', { name: 'Unlink' }).click();
  await meet.getByRole('button', { name: 'Link' }).click();
  await expect(meet).toContainText('at the same time as');
});

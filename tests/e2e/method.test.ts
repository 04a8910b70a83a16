/**
 * From a recipe's own words to its schedule: the method read and corrected, a fudge that cools and is beaten, ovens and closing time,
 * and places.
 */
import { expect, slabId, test } from './shop';

const RECIPE = `Harbour slice

For the base:
180 g rye flour
120 g butter

For the caramel:
220 g caster sugar
240 ml whipping cream
60 g butter

For the top:
200 g dark chocolate

Method:
Heat the oven to 165 °C and line a 30 x 20 cm tin.
Rub the butter into the flour. Press into the tin and bake for 20-24 minutes.
Boil the sugar and cream to 118 °C (260 °F), about 15 minutes. Off the heat, beat in the butter.
Pour over the base and leave to set for 1 hour.
Melt the chocolate. Spread over the caramel and chill for 45 minutes.
This is my aunt's favourite.
Cut into 6 x 4.
Keeps for 2 weeks in an airtight tin.`;

test('a whole recipe is pasted, its method checked, and the schedule is complete without a further touch', async ({
  open,
  page,
}) => {
  await open('/slabs/paste');
  await page.getByLabel('Recipe', { exact: true }).fill(RECIPE);
  const sum = page.getByRole('status').filter({ hasText: 'ingredients' });
  await expect(sum).toHaveText('6 ingredients, 14 steps, 2 questions');
  await page.getByRole('button', { name: 'Show what happens' }).click();
  const method = page.getByRole('region', { name: 'Method' });
  const slab = page.getByRole('region', { name: 'The slab so far' });
  await expect(slab).toContainText('300 x 200 mm, 40 deep');
  await expect(slab).toContainText('6 x 4, 24 pieces');
  await expect(slab).toContainText('14 days at room temperature');
  // Each sentence stands beside what happens.
  await expect(method.getByRole('listitem').filter({ hasText: 'Press into the tin' })).toContainText('Press Base down');
  await expect(method.getByRole('listitem').filter({ hasText: 'Pour over the base' })).toContainText('Lay Caramel');
  // Two temperatures that disagree are asked about; a remark is not a step.
  const boil = method.getByRole('listitem').filter({ hasText: 'Boil the sugar' });
  await expect(boil).toContainText('Both 118 °C and 127 °C are written. 118 °C is used');
  await expect(boil.getByRole('button', { name: '127 °C', exact: true })).toBeVisible();
  await boil.getByRole('button', { name: /^Edit step/ }).click();
  await boil.getByLabel(/^End temperature, step/).fill('119');
  await boil.getByLabel(/^End temperature, step/).blur();
  await expect(boil).not.toContainText('are written');
  await expect(sum).toHaveText('6 ingredients, 14 steps, 1 question');
  // A correction survives a reload, and can be undone.
  await page.reload();
  await page.waitForLoadState('networkidle');
  await expect(boil.getByLabel(/^End temperature, step/)).toHaveValue('119');
  await boil.getByRole('button', { name: 'As recognised' }).click();
  await expect(boil).toContainText('to 118 °C');
  await page.getByRole('button', { name: 'Create slab' }).click();
  await expect(page).toHaveURL(/\/slabs\/\d+\/build/);
  await expect(page.getByText('cook to 118 °C')).toBeVisible();
  await page.getByRole('button', { name: /^Method and notes, 8 lines/ }).click();
  await expect(page.getByLabel('Method and notes')).toHaveValue(/Rub the butter into the flour/);
  await page.getByRole('link', { name: 'Schedule' }).click();
  await expect(page.getByText(/^Begin/)).toBeVisible();
  for (const step of ['Rub the butter', 'bake for 20-24', 'Boil the sugar', 'Caramel sets in the room'])
    await expect(page.getByRole('row').filter({ hasText: step })).toBeVisible();
});

test('beaten fudge at 1,500 m: stopped lower, left to cool, beaten and laid warm; in cold water the schedule is shorter', async ({
  open,
  page,
  shop,
}) => {
  await open('/settings#room');
  await page.getByLabel('Altitude, m').fill('1500');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cook`);
  await expect(page.getByRole('article', { name: 'Penuche' })).toContainText(
    /109\.\d °C, 22\d °F in the\s+pot at 1500 m/,
  );
  // One that reads only the surface shows less, and the screen says why.
  await page.getByLabel('Thermometer used').selectOption({ label: 'light gun' });
  await expect(page.getByText(/The surface is about 4 °C cooler/)).toBeVisible();
  const cooling = page.getByRole('region', { name: 'Penuche off the heat' });
  await expect(cooling.getByLabel('Cool to')).toHaveValue('45');
  await expect(cooling).toContainText(/About (1 h|5\d min)/);
  await expect(cooling).toContainText(/The mixture is poured at about (39|4\d) °C/);
  await page.getByRole('link', { name: 'Schedule' }).click();
  const row = page.getByRole('row').filter({ hasText: 'leave undisturbed' });
  const minutes = async () => {
    const [from, to] = [...(await row.innerText()).matchAll(/(\d\d):(\d\d)/g)].map(
      ([, h, m]) => Number(h) * 60 + Number(m),
    );
    return (to! - from! + 1440) % 1440;
  };
  await expect.poll(minutes).toBeGreaterThan(45);
  await page.getByRole('link', { name: 'Cook' }).click();
  await cooling.getByLabel('Cooling position').selectOption({ label: 'in cold water' });
  await expect(cooling).toContainText(/About (1\d|2\d) min/);
  await page.getByRole('link', { name: 'Schedule' }).click();
  await expect.poll(minutes).toBeLessThan(30);
});

test('a bake does not run past closing time: started too late, it waits for the next morning', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Orchard oat bake');
  await open(`/slabs/${id}/schedule`);
  await page.getByText('start at a time').click();
  await page.getByLabel('Begin at').fill('12/03/2030'); // A Tuesday; the shop closes at four.
  await page.getByRole('textbox', { name: 'at', exact: true }).fill('15:20');
  await page.getByRole('textbox', { name: 'at', exact: true }).blur();
  const bake = page.getByRole('row').filter({ hasText: 'Bake until the top is brown' });
  await expect(bake).toContainText(/Wed/);
  await expect(bake).not.toContainText(/1[6-9]:/);
});

test('bark in the fridge sets sooner than in the room', async ({ open, page, shop }) => {
  const id = await slabId(page, shop.address, 'Blackcurrant buckwheat bark');
  await open(`/slabs/${id}/set`);
  const answer = page.getByText(/Cuts cleanly after about/);
  const minutes = async () => {
    const [, hours = '0', rest = '0'] = /after about (?:(\d+) h)? ?(?:(\d+) min)?/.exec(await answer.innerText()) ?? [];
    return Number(hours) * 60 + Number(rest);
  };
  await expect.poll(minutes).toBeGreaterThan(25);
  await page.getByText('moved on a schedule').click();
  await page.getByLabel('First place').selectOption('fridge');
  // It is firm earlier, and waits the 20 minutes of its own file.
  await expect.poll(minutes).toBe(20);
});

test('how it is worked out: from a station to its models, each with a source and its measured accuracy', async ({
  open,
  page,
  shop,
}) => {
  const id = await slabId(page, shop.address, 'Pear penuche');
  await open(`/slabs/${id}/cook`);
  await page.getByRole('link', { name: 'How it is calculated' }).click();
  await expect(page).toHaveURL(/\/how#cook$/);
  const forecast = page.getByRole('article').filter({ hasText: 'When a boil reaches its end point' });
  await expect(forecast).toContainText('Huber');
  await expect(forecast).toContainText(/median error \d+\.\d % of the time left/);
  for (const article of await page.getByRole('article').all()) await expect(article).toContainText('Valid for');
});

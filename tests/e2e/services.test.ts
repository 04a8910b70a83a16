/** The services that scripts use: their contracts, field by field, and their answers to invalid input. */
import { readFileSync } from 'node:fs';
import { expect, test } from './shop';

const slab = JSON.parse(readFileSync('demo/slabs/rye-and-treacle-slice.slab.json', 'utf8')) as {
  tin: object;
  preparations: { id: string; lines: object[]; steps: object[] }[];
};

test('a timeline: hours, people and tins of the request, paces, and a step field by field', async ({ page, shop }) => {
  const ask = async (body: object) => {
    const answer = await page.request.post(`${shop.address}/api/timeline`, { data: { slab, ...body } });
    return { status: answer.status(), body: (await answer.json()) as Day };
  };
  interface Day {
    feasible: boolean;
    earliestEnd: string;
    because: string;
    steps: { id: string; of: string; start: string; end: string; [field: string]: unknown }[];
    problems?: { path: string; message: string }[];
  }
  const hours = [0, 1, 2, 3, 4, 5, 6].map((day) => ({ day, from: '06:00', to: '20:00' }));
  const asked = { start: '2030-03-12T06:00:00Z', hours, zone: 'UTC' };
  const { body: day } = await ask(asked);
  expect(day.feasible).toBe(true);
  expect(Date.parse(day.earliestEnd)).toBe(Math.max(...day.steps.map(({ end }) => Date.parse(end))));
  expect(day.steps[0]).toEqual({
    id: 'gather',
    of: 'all',
    title: { code: 'weigh' },
    text: 'Weigh everything, cut the paper',
    start: '2030-03-12T06:00:00.000Z',
    end: '2030-03-12T06:12:00.000Z',
    hands: 'busy',
    occupies: [],
    slackMinutes: expect.any(Number),
    deciding: expect.any(Boolean),
    cautionCode: null,
    caution: null,
  });
  expect(day.steps.map(({ of }) => of)).toContain('l2');
  expect(day.steps.map(({ of }) => of)).toContain('treacle');
  // Two tins, two people; the longest times end later and the shortest sooner.
  const two = await ask({ ...asked, tins: [{ tin: slab.tin, count: 2 }], hands: 2 });
  expect(two.body.steps.map(({ id }) => id)).toContain('cut#2');
  const ends = await Promise.all(
    ['least', 'usual', 'most'].map(async (pace) => Date.parse((await ask({ ...asked, pace })).body.earliestEnd)),
  );
  expect(ends[0]!).toBeLessThan(ends[1]!);
  expect(ends[1]!).toBeLessThan(ends[2]!);
  expect(ends[1]).toBe(Date.parse(day.earliestEnd));
  for (const [bad, path] of [
    [{}, '/deadline'],
    [{ start: asked.start, deadline: asked.start }, '/deadline'],
    [{ start: 'noon' }, '/start'],
    [{ ...asked, zone: 'Moon/Far side' }, '/zone'],
    [{ ...asked, hours: [{ day: 7, from: '06:00', to: '20:00' }] }, '/hours/0/day'],
    [{ ...asked, hours: [{ day: 1, from: '6 am', to: '20:00' }] }, '/hours/0/from'],
    [{ ...asked, hands: 0 }, '/hands'],
    [{ ...asked, pace: 'brisk' }, '/pace'],
  ] as const) {
    const { status, body } = await ask(bad);
    expect(status, path).toBe(422);
    expect(body.problems!.map((problem) => problem.path)).toContain(path);
  }
});

test('setting times, for a slab in its places, field by field', async ({ page, shop }) => {
  const post = (data: object) => page.request.post(`${shop.address}/api/setting`, { data });
  // Chocolate without oil cracks under a cold blade once it is hard.
  const preparations = slab.preparations.map((preparation) =>
    preparation.id === 'top' ? { ...preparation, lines: preparation.lines.slice(0, 1) } : preparation,
  );
  const cold = { ...slab, preparations, cut: { columns: 6, rows: 4, tool: 'cold blade' } };
  const stays = [
    { place: 'room', minutes: 60 },
    { place: 'fridge', minutes: 240 },
  ];
  const body = (await (await post({ slab: cold, stays })).json()) as {
    layers: Record<string, unknown>[];
    cutWindow: { fromMinutes: number; toMinutes: number };
  };
  expect(body.layers.map(({ id }) => id)).toEqual(['l1', 'l2', 'l3']);
  for (const layer of body.layers) {
    for (const field of ['setAfterMinutes', 'nextFromMinutes', 'contactC', 'meltsBelow', 'pourAtMostC'])
      expect(layer).toHaveProperty(field);
    for (const field of ['takesNextAfterMinutes', 'cutsAfterMinutes', 'packsAfterMinutes']) {
      const { quick, usual, slow } = layer[field] as Record<string, number>;
      expect(quick).toBeLessThanOrEqual(usual!);
      expect(usual).toBeLessThanOrEqual(slow!);
    }
    expect(layer).not.toHaveProperty('curve');
  }
  expect(body.cutWindow.toMinutes).toBeGreaterThan(body.cutWindow.fromMinutes);
  const own = (await (await post({ slab: cold })).json()) as typeof body;
  expect(own.cutWindow.fromMinutes).toBeGreaterThan(body.cutWindow.fromMinutes);
  const bad = await post({ slab, stays: [{ place: 'cellar', minutes: -1 }] });
  expect(bad.status()).toBe(422);
  expect(((await bad.json()) as { problems: { path: string }[] }).problems.map(({ path }) => path)).toEqual([
    '/stays/0/place',
    '/stays/0/minutes',
  ]);
});

test('a forecast of cooling, and invalid requests', async ({ page, shop }) => {
  const post = async (data: object) => {
    const answer = await page.request.post(`${shop.address}/api/forecast`, { data });
    return (await answer.json()) as {
      minutesLeft: number | null;
      low: number;
      high: number;
      reached: boolean;
      why: string;
    };
  };
  const readings = Array.from({ length: 120 }, (_, i) => [i * 10, 21 + 90 * Math.exp((-i * 10) / 2400)]);
  const last = readings.at(-1)![1]!;
  const exact = (2400 * Math.log((last - 21) / (45 - 21))) / 60;
  const cool = await post({ kind: 'cool', readings, targetC: 45, roomC: 21 });
  expect(Math.abs(cool.minutesLeft! - exact)).toBeLessThan(0.05 * exact);
  expect(cool.low).toBeLessThanOrEqual(cool.minutesLeft!);
  expect(cool.high).toBeGreaterThanOrEqual(cool.minutesLeft!);
  expect(cool.reached).toBe(false);
  const never = await post({ kind: 'cool', readings, targetC: 18, roomC: 21 });
  expect(never.minutesLeft).toBeNull();
  expect(never.why).not.toBe('');
  expect((await post({ kind: 'cool', readings, targetC: 80, roomC: 21 })).reached).toBe(true);
});

test('a pasted recipe: its slab as the paste screen makes it, what is assumed, and what is open', async ({
  page,
  shop,
}) => {
  const text =
    'Orchard crunch\n\n150 g hazelnuts\n250 g butter\n250 g demerara sugar\n1,500 g dark chocolate\n\n' +
    'Lay the hazelnuts close together in a tray of 30 x 20 cm. Melt the butter and sugar, then boil to 148 C. Tip it over the nuts. ' +
    'Cover with the chocolate. Leave in the fridge for 1 hour.';
  const read = async (data: object) =>
    (await page.request.post(`${shop.address}/api/read`, { data: { text, measures: 'metric', ...data } })).json();
  expect(await read({})).not.toHaveProperty('slab');
  const { slab, assumed, questions } = await read({ slab: true });
  expect(slab.layers.map(({ name }: { name: string }) => name)).toEqual(['Hazelnuts', 'Toffee', 'Dark chocolate']);
  expect(slab.preparations[1].cookTo).toEqual({ celsius: 148 });
  expect(assumed.map(({ path }: { path: string }) => path)).toEqual(['/tin/depthMm', '/cut', '/keep']);
  expect(questions.map(({ at }: { at: string }) => at)).toEqual(['/lines/4', '/cut', '/keep']);
  expect(questions[0]).toMatchObject({ text: '1,500 g dark chocolate', choices: ['1.500', '1500'] });
  expect(questions[1].choices[0]).toMatch(/^about \d+ shards of 20 g$/);
  expect(questions[2].choices).toEqual(['30 days at room temperature']);
  const kept = await page.request.post(`${shop.address}/api/slabs`, { data: slab });
  expect(kept.status()).toBe(201);
});

test('every resource can be read, with its revision, and unchanged lists are not sent again', async ({
  page,
  shop,
}) => {
  const get = (path: string, tag?: string) =>
    page.request.get(`${shop.address}${path}`, tag ? { headers: { 'If-None-Match': tag } } : {});
  const lists = {
    slabs: 'slabs',
    larder: 'ingredients',
    tins: 'tins',
    orders: 'orders',
    stock: 'entries',
    runs: 'runs',
  };
  for (const [path, name] of Object.entries(lists)) {
    const answer = await get(`/api/${path}`);
    const { [name]: list } = (await answer.json()) as Record<string, { id: number | string; revision?: number }[]>;
    expect(Array.isArray(list), path).toBe(true);
    const tag = answer.headers().etag!;
    expect((await get(`/api/${path}`, tag)).status(), path).toBe(304);
    expect((await get(`/api/${path}`, '"other"')).status(), path).toBe(200);
    const [first] = list!;
    if (!first || path === 'stock') continue;
    const one = (await (await get(`/api/${path}/${first.id}`)).json()) as { id: number; revision?: number };
    if (path !== 'runs') expect(one.id, path).toBe(first.id);
    expect((await get(`/api/${path}/99999`)).status(), path).toBe(404);
  }
  const { revision, settings } = (await (await get('/api/shop')).json()) as {
    revision: number;
    settings: { name: string };
  };
  expect([revision > 0, settings.name]).toEqual([true, 'Lantern Yard Slabworks']);
  const wrong = await page.request.post(`${shop.address}/api/plan`, { data: { slab: 7 } });
  expect(wrong.headers()['content-type']).toBe('application/problem+json');
  const details = (await wrong.json()) as {
    title: string;
    status: number;
    detail: string;
    problems: { message: string }[];
  };
  expect([details.status, details.detail]).toEqual([422, details.problems[0]!.message]);
  // What is read can be sent back as it is, but for what was counted meanwhile.
  const butter = (await (await get('/api/larder?find=butter')).json()) as {
    ingredients: { id: number; revision: number }[];
  };
  const { id, revision: read, ...ingredient } = butter.ingredients[0]!;
  const put = await page.request.put(`${shop.address}/api/larder/${id}`, { data: { revision: read, ingredient } });
  expect(put.ok(), await put.text()).toBe(true);
});

/** How long a page waits while the heaviest permitted request of each service is processed. */
import { strToU8, zipSync } from 'fflate';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { heatWork } from '$core/heat';
import type { Slab } from '$core/slab';
import { startBuilt } from './server';

const root = process.cwd();
const rye = JSON.parse(readFileSync(join(root, 'demo/slabs/rye-and-treacle-slice.slab.json'), 'utf8')) as Slab;
const many = <T>(count: number, of: (i: number) => T): T[] => Array.from({ length: count }, (_, i) => of(i));

interface Heavy {
  readonly what: string;
  readonly path: string;
  readonly method?: 'GET' | 'POST' | 'PUT';
  readonly type?: string;
  readonly body?: string | Uint8Array<ArrayBuffer>;
}

/** A stack of layers and a time just within the limits. */
function heat(): object {
  const layers = many(50, (i) => ({
    thicknessMm: 12,
    k: 0.3,
    rho: 1200,
    cp: 2300,
    startC: 60 + (i % 5),
    latent: i === 0 ? { jPerKg: 40_000, fromC: 18, toC: 24 } : null,
  }));
  let minutes = 10_080;
  const stack = layers.map(({ latent, thicknessMm }) => ({ thicknessMm, latents: latent ? [latent] : [] }));
  while (heatWork(stack, minutes, 20) > 1) minutes -= 20;
  const face = { h: 8, airC: 20 };
  return { layers, minutes, everyMinutes: 20, top: face, bottom: face };
}

/** The rye slice with so many layers in total, each a part of its base. */
const stacked = (layers: number, cut: Slab['cut'] = rye.cut): Slab => ({
  ...rye,
  tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 90, flareDeg: 5 },
  cut,
  layers: many(layers, (i) => ({
    ...rye.layers[1]!,
    id: `l${i}`,
    name: `Layer ${i}`,
    from: [{ preparation: i % 2 ? 'treacle' : 'base', share: 1 / layers }],
    set: { place: 'room', minMinutes: 2000 },
  })),
});

/** Five mixtures with so many steps in total, in chains of work for people and rings. */
const busyDay = (steps: number): Slab => ({
  ...rye,
  preparations: many(5, (p) => ({
    ...rye.preparations[p % 3]!,
    id: rye.preparations[p]?.id ?? `p${p}`,
    steps: many(steps / 5, (i) => ({
      id: `s${i}`,
      text: `Step ${i}`,
      minutes: 5 + (i % 7),
      after: i % 4 ? [`s${i - 1}`] : [],
      hands: (['busy', 'watch', 'free'] as const)[i % 3]!,
    })),
  })),
});

const HEAVY: readonly Heavy[] = [
  { what: 'heat through 50 layers', path: '/api/setting', body: JSON.stringify(heat()) },
  { what: 'how 12 layers set', path: '/api/setting', body: JSON.stringify({ slab: stacked(12) }) },
  {
    what: 'a day of 250 steps',
    path: '/api/timeline',
    body: JSON.stringify({ slab: busyDay(250), start: '2030-03-12T06:00:00Z', hours: [] }),
  },
  {
    what: 'a plan of 40,000 pieces',
    path: '/api/plan',
    body: JSON.stringify({ slab: stacked(7, { columns: 200, rows: 200 }) }),
  },
  {
    what: 'an order of 10,000 pieces from 20 kinds of tin',
    path: '/api/plan',
    body: JSON.stringify({
      slab: rye,
      scale: { mode: 'pieces', count: 10_000, lengthMm: 12, widthMm: 11 },
      tins: many(20, (i) => ({
        tin: { shape: 'rectangle', lengthMm: 250 + 13 * i, widthMm: 200 + 7 * i, depthMm: 40 },
        count: 20,
      })),
    }),
  },
  { what: 'the price of 12 layers', path: '/api/price', body: JSON.stringify({ slab: stacked(12) }) },
  {
    what: 'a label of 40,000 pieces',
    path: '/api/label',
    body: JSON.stringify({ slab: stacked(7, { columns: 200, rows: 200 }), madeOn: '2026-11-26' }),
  },
  {
    what: '100 boxes of 200 places',
    path: '/api/boxes',
    body: JSON.stringify({
      piece: { lengthMm: 20, widthMm: 15, heightMm: 10, massG: 4 },
      pieces: 10_000,
      boxes: many(100, (i) => ({ name: `box ${i}`, lengthMm: 300, widthMm: 198, heightMm: 200 })),
    }),
  },
  {
    what: '12 layers without milk',
    path: '/api/free-from',
    body: JSON.stringify({ slab: stacked(12), allergen: 'milk' }),
  },
  {
    what: 'ways to cut a slab into 10,000 pieces',
    path: '/api/cuts',
    body: JSON.stringify({ slab: rye, ask: { by: 'count', count: 10_000 } }),
  },
  {
    what: 'a slab of 2,000 pieces cut into equal weights from 200 readings',
    path: '/api/even',
    body: JSON.stringify({
      slab: rye,
      cut: { columns: 50, rows: 40 },
      readings: many(200, (i) => ({ xMm: 5 + (i % 20) * 14, yMm: 5 + Math.floor(i / 20) * 18, mm: 20 + (i % 7) / 3 })),
    }),
  },
  {
    what: '40 kinds of piece from a sheet of 2 m by 1 m',
    path: '/api/mixed',
    body: JSON.stringify({
      lengthMm: 2000,
      widthMm: 1000,
      seconds: 8,
      kinds: many(40, (i) => ({ id: `k${i}`, lengthMm: 41 + 7 * i, widthMm: 33 + 3 * i, value: 3 + i, turn: true })),
    }),
  },
  {
    what: '24 shards into bags, by exhaustive search',
    path: '/api/bags',
    body: JSON.stringify({ shardsG: many(24, (i) => 11.3 + ((i * 37) % 40)), bagG: 150 }),
  },
  {
    what: '2,000 lines of a recipe',
    path: '/api/read',
    body: JSON.stringify({
      text: many(1990, () => '2 1/2 cups (250 g) finely chopped dark chocolate or couverture, melted').join('\n'),
      measures: 'us',
    }),
  },
  {
    what: 'a forecast from 15,000 readings',
    path: '/api/forecast',
    body: JSON.stringify({ kind: 'boil', readings: many(15_000, (i) => [i, 102 + i / 1500]), targetC: 118 }),
  },
  {
    what: 'a table of 5,000 new ingredients',
    path: '/api/larder/table/larder',
    method: 'PUT',
    type: 'text/csv',
    body: `name,g_per_ml,water,sugars,fat,protein,other,pack,pack_g,price\n${many(5000, (i) => `thing ${i},0.8,10,20,30,10,30,bag,1000,${i}`).join('\n')}`,
  },
  {
    what: 'a table of 20,000 rows that change nothing',
    path: '/api/larder/table/prices',
    method: 'PUT',
    type: 'text/csv',
    body: `ingredient,pack,pack_g,price\n${many(20_000, (i) => `thing ${i % 5000},bag,1000,${i % 5000}`).join('\n')}`,
  },
  {
    what: 'a zip of 500 slabs',
    path: '/api/slabs/zip',
    type: 'application/zip',
    body: zipSync(
      Object.fromEntries(many(500, (i) => [`${i}.slab.json`, strToU8(JSON.stringify({ ...rye, name: `S ${i}` }))])),
    ) as Uint8Array<ArrayBuffer>,
  },
  {
    what: 'a slab file of a thousand lines',
    path: '/api/slabs',
    body: JSON.stringify({
      ...rye,
      preparations: rye.preparations.map((preparation) => ({
        ...preparation,
        lines: many(200, (i) => preparation.lines[i % preparation.lines.length]!),
      })),
    }),
  },
];

const PAGES = ['/healthz', '/slabs', '/larder', '/slabs/1/build'] as const;

/** The longest time a page took to answer until some work was done, ms. */
async function longestWait(address: string, work: Promise<unknown>): Promise<number> {
  let done = false;
  void work.finally(() => (done = true));
  let longest = 0;
  for (let i = 0; !done; i++) {
    const started = performance.now();
    await (await fetch(address + PAGES[i % PAGES.length]!)).arrayBuffer();
    longest = Math.max(longest, performance.now() - started);
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  return longest;
}

export async function benchBusy(): Promise<string[]> {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-busy-'));
  const { address, child } = await startBuilt(data);
  const send = ({ path, method = 'POST', type = 'application/json', body }: Omit<Heavy, 'what'>) =>
    fetch(address + path, { method, headers: { 'Content-Type': type }, ...(body ? { body } : {}) }).then(
      async (answer) => {
        await answer.arrayBuffer();
        return answer.status;
      },
    );
  try {
    await send({ path: '/api/demo', body: '{}' });
    for (const page of PAGES) await fetch(address + page);
    const add = async (slab: Slab) => {
      const answer = await fetch(`${address}/api/slabs`, {
        ...{ method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(slab) },
      });
      return ((await answer.json()) as { id: number }).id;
    };
    const wide = { shape: 'rectangle', lengthMm: 1800, widthMm: 1300, depthMm: 60 } as const;
    const cutFine = await add({ ...rye, tin: wide, cut: { columns: 200, rows: 200 } });
    const vast = await add({
      ...rye,
      tin: { ...wide, lengthMm: 5000, widthMm: 5000 },
      cut: { columns: 200, rows: 200 },
    });
    const stored: Heavy[] = [
      {
        ...{ what: '500 labels as a PDF', method: 'GET' },
        path: `/api/slabs/${await add(stacked(12))}/label.pdf?madeOn=2026-11-26&count=500`,
      },
      { ...{ what: 'a template of 70 sheets', method: 'GET' }, path: `/api/slabs/${cutFine}/template.pdf` },
      { ...{ what: 'a template of 5 m by 5 m', method: 'GET' }, path: `/api/slabs/${vast}/template.pdf` },
      { ...{ what: 'the same as SVG', method: 'GET' }, path: `/api/slabs/${vast}/template.svg` },
      { ...{ what: 'the same as DXF', method: 'GET' }, path: `/api/slabs/${vast}/template.dxf` },
      { what: 'a wrong passphrase of a megabyte', path: '/api/enter', body: `"${'x'.repeat(1_000_000)}"` },
      { ...{ what: 'all slabs as a zip', method: 'GET' }, path: '/api/slabs/zip' },
    ];
    // The threads are started once, with the first heavy request.
    await send({ path: '/api/timeline', body: JSON.stringify({ slab: rye, start: '2030-03-12T06:00:00Z' }) });
    const found: string[] = [];
    for (const { what, ...request } of [...HEAVY, ...stored]) {
      const started = performance.now();
      const work = send(request).then((status) => ({ status, tookMs: performance.now() - started }));
      const longest = await longestWait(address, work);
      const { status, tookMs } = await work;
      found.push(`${what} (${status}, ${(tookMs / 1000).toFixed(1)} s) ${longest.toFixed(0)} ms`);
    }
    return [
      `the longest that a page waited while the heaviest permitted requests were processed (wanted: under 300 ms each): ${found.join('; ')}`,
    ];
  } finally {
    child.kill('SIGTERM');
    rmSync(data, { recursive: true, force: true });
  }
}

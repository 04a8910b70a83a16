/** How fast the list screens answer from the built server: an empty shop beside one of 5,000 ingredients and 500 slabs. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync, strToU8 } from 'fflate';
import type { Ingredient } from '$core/larder';
import type { Slab } from '$core/slab';
import { startBuilt } from './server';

const root = process.cwd();
const REQUESTS = 200;
const SCREENS = [
  '/slabs',
  '/slabs?find=slice',
  '/slabs?page=12',
  '/larder',
  '/larder?find=sugar',
  '/larder?page=40',
  '/tins',
  '/prices',
];

async function send(address: string, path: string, init: RequestInit): Promise<void> {
  const answer = await fetch(address + path, init);
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${(await answer.text()).slice(0, 200)}`);
  await answer.arrayBuffer();
}

/** Copies of the demo under other names, imported through the public services. */
async function fill(address: string): Promise<void> {
  const ingredients = JSON.parse(readFileSync(join(root, 'demo/larder.json'), 'utf8')) as Ingredient[];
  const slab = JSON.parse(readFileSync(join(root, 'demo/slabs/rye-and-treacle-slice.slab.json'), 'utf8')) as Slab;
  await send(address, '/api/demo', { method: 'POST', headers: { 'Content-Type': 'application/json' } });
  const columns = 'name,aliases,g_per_ml,water,sugars,fat,protein,other,allergens,source,pack,pack_g,price';
  for (let part = 0; part < 5; part++) {
    const rows = Array.from({ length: 985 }, (_, i) => {
      const ingredient = ingredients[(part * 985 + i) % ingredients.length]!;
      const c = ingredient.composition!;
      return `${ingredient.name} no ${part * 985 + i},other name ${part * 985 + i},${ingredient.densityGPerMl ?? 1},${c.water},${c.sugars},${c.fat},${c.protein},${c.other},${(ingredient.allergens ?? []).join(';')},bench,bag,1000,3.5`;
    });
    await send(address, '/api/larder/table/larder', {
      method: 'PUT',
      headers: { 'Content-Type': 'text/csv' },
      body: [columns, ...rows].join('\n'),
    });
  }
  for (let part = 0; part < 5; part++) {
    const files = Array.from({ length: 99 }, (_, i) => {
      const n = part * 99 + i;
      return [
        `${n}.slab.json`,
        strToU8(JSON.stringify({ ...slab, name: `Slab ${n} ${n % 5 === 0 ? 'slice' : 'bar'}` })),
      ] as const;
    });
    await send(address, '/api/slabs/zip', {
      method: 'POST',
      headers: { 'Content-Type': 'application/zip' },
      body: zipSync(Object.fromEntries(files)) as Uint8Array<ArrayBuffer>,
    });
  }
}

export async function timesOf(address: string, path: string): Promise<string> {
  for (let i = 0; i < 20; i++) await send(address, path, {});
  const times: number[] = [];
  for (let i = 0; i < REQUESTS; i++) {
    const started = performance.now();
    await send(address, path, {});
    times.push(performance.now() - started);
  }
  times.sort((a, b) => a - b);
  return `${times[REQUESTS / 2]!.toFixed(0)}/${times[Math.floor(REQUESTS * 0.95)]!.toFixed(0)} ms`;
}

export async function benchLists(): Promise<string[]> {
  const shops: string[][] = [];
  for (const full of [false, true]) {
    const data = mkdtempSync(join(tmpdir(), 'knife-tray-lists-'));
    const { address, child } = await startBuilt(data);
    try {
      if (full) await fill(address);
      const figures: string[] = [];
      for (const path of SCREENS) figures.push(await timesOf(address, path));
      shops.push(figures);
    } finally {
      child.kill('SIGTERM');
      rmSync(data, { recursive: true, force: true });
    }
  }
  const rows = SCREENS.map((path, i) => `${path} ${shops[0]![i]!} empty, ${shops[1]![i]!} full`);
  return [
    `list screens from the built server, one request at a time, median/95 % of ${REQUESTS}, an empty shop and one of 5,000 ingredients and 500 slabs (wanted: 95 % under 100 ms): ${rows.join('; ')}`,
  ];
}

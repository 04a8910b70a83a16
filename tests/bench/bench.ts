/** `npm run bench`: the figures of docs/bench.md, measured on the built server and on the bundled core. */
import { chromium } from '@playwright/test';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { larderOf, type Ingredient } from '$core/larder';
import { readLine, readRecipe } from '$core/recipe';
import { plan } from '$core/usecases';
import { ARGS, chromiumPath } from '../../scripts/chromium.mjs';
import { benchBusy } from './busy';
import { benchDevices } from './devices';
import { benchCutting } from './cutting';
import { benchDrawing } from './drawing';
import { benchLists } from './lists';
import { benchMethods } from './methods/bench';
import { benchMoveStep } from './moveStep';
import { benchOrder } from './order';
import { benchHeat } from './heat';
import { benchUsualWaits } from './usualWaits';
import { startBuilt } from './server';
import { benchWeek } from './week';
import { benchSchedule } from './schedule';
import { benchSelling } from './selling';
import { CORPUS, noted } from '../unit/recipe/corpus';
import { FURTHER } from '../unit/recipe/furtherLines';
import { scorePasted } from './pastedRecipes';
import type { Shop } from '$core/shop';
import type { Layer, Preparation, Slab } from '$core/slab';
import { benchPull } from './pull';
import { benchRuns } from './runs';
import { benchStock } from './stock';
import { FURTHER as FURTHER_WILD } from './wild/further';
import { KNOWN } from './wild/known';
import { scoreWild } from './wild/score';
import { UNREAD } from './wild/unread';

const root = process.cwd();
const ingredients = JSON.parse(readFileSync(join(root, 'demo/larder.json'), 'utf8')) as Ingredient[];
const shop = { name: '', currency: 'EUR', measures: 'metric', scaleStepG: 1 } as const;

/** Six layers, thirty lines, a flared tin: more work than any slab of the demo. */
function largeSlab(): Slab {
  const preparations = Array.from({ length: 6 }, (_, p): Preparation => ({
    id: `p${p}`,
    name: `Preparation ${p}`,
    lossPercent: 4,
    lines: Array.from({ length: 5 }, (_unused, l) => ({
      ingredient: ingredients[(p * 5 + l) % ingredients.length]!.name,
      quantity: 40 + 13 * l,
      unit: l === 3 ? 'tbsp' : 'g',
    })),
  }));
  const layers = preparations.map(({ id }, l): Layer => ({
    id: `l${l}`,
    name: `Layer ${l}`,
    from: [{ preparation: id, share: 0.95 }],
    spread: 'level',
  }));
  return {
    format: 'knife-tray/slab',
    version: 1,
    name: 'Bench',
    tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60, cornerMm: 12, flareDeg: 4 },
    preparations,
    layers,
    cut: { columns: 6, rows: 6, trimMm: { left: 5, right: 5, front: 5, back: 5 }, kerfMm: 1 },
  };
}

/** The demo shop with one channel more. */
function sellingShop(): Shop {
  const demo = JSON.parse(readFileSync(join(root, 'demo/shop.json'), 'utf8')) as Shop;
  return { ...demo, channels: [...demo.channels!, { name: 'Market', feePercent: 8, in: 'flat box' }] };
}

function quantile(sorted: readonly number[], share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
}

function benchPlan(): string {
  const larder = larderOf(ingredients);
  const slab = largeSlab();
  const tins = [{ tin: { ...slab.tin, depthMm: 61 }, count: 1 }];
  for (let i = 0; i < 2000; i++) plan(slab, larder, shop, { tins });
  const times = Array.from({ length: 5000 }, () => {
    const started = performance.now();
    plan(slab, larder, shop, { tins });
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return `plan(), six layers, thirty lines, flared tin, 6 x 6: median ${quantile(times, 0.5).toFixed(3)} ms, 95 % under ${quantile(times, 0.95).toFixed(3)} ms (wanted: median under 1 ms)`;
}

/** A thousand lines, as varied as those of the corpus, read against the demo larder. */
function benchReading(): string {
  const larder = larderOf(ingredients);
  const corpus = [...CORPUS, ...FURTHER];
  const lines = corpus.flatMap(([, list]) => list.map(([line]) => line));
  const text = Array.from({ length: 1000 }, (_, i) => lines[i % lines.length]!).join('\n');
  readRecipe(text.slice(0, 4000), 'us', larder);
  const started = performance.now();
  const read = readRecipe(text, 'us', larder);
  const took = performance.now() - started;
  const right = corpus.flatMap(([measures, list]) =>
    list.filter(([line, wanted]) => noted(readLine(line, measures, larder)) === wanted),
  ).length;
  return `the corpus of ${lines.length} ingredient lines: ${((100 * right) / lines.length).toFixed(1)} % read right without help (wanted: 97 %); ${read.length} pasted lines read in ${took.toFixed(0)} ms (wanted: under 500 ms)`;
}

/** What is stated about the allergens of pasted recipes, in a new shop. */
function benchAllergens(): string {
  const starter = JSON.parse(readFileSync(join(root, 'starter/larder.json'), 'utf8')) as Ingredient[];
  const { recipes, said, missed } = scorePasted(larderOf([]), larderOf(starter));
  return `allergens of ${recipes} pasted recipes, before anything is in the larder: ${said} stated or reported as unknown (wanted: all)${missed.map((what) => `; ${what}`).join('')}`;
}

/** Whole recipes: how many facts of their slabs are right. */
function benchWild(): string {
  const share = ({ right, facts }: ReturnType<typeof scoreWild>) =>
    `${((100 * right) / facts).toFixed(1)} % of ${facts}`;
  return `facts of ${KNOWN.length + FURTHER_WILD.length + UNREAD.length} whole recipes that their slabs have: ${share(scoreWild([...KNOWN, ...FURTHER_WILD]))} in those that the reader was built on, ${share(scoreWild(UNREAD))} in the twenty kept aside (wanted: 92 %)`;
}

/** Scripts and styles that a browser fetches for the first view of a page, in bytes as transferred. */
async function firstLoad(address: string, path: string): Promise<string> {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: ARGS });
  const page = await browser.newPage();
  const wire = await page.context().newCDPSession(page);
  await wire.send('Network.enable');
  const kinds = new Map<string, string>();
  const bytes: Record<string, number> = { Script: 0, Stylesheet: 0 };
  wire.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  wire.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const kind = kinds.get(requestId) ?? '';
    if (kind in bytes) bytes[kind]! += encodedDataLength;
  });
  await page.goto(address + path, { waitUntil: 'networkidle' });
  await browser.close();
  const [script, style] = [bytes.Script! / 1024, bytes.Stylesheet! / 1024];
  return `first load of ${path}: ${script.toFixed(0)} KB script + ${style.toFixed(0)} KB style = ${(script + style).toFixed(0)} KB compressed (wanted: under 250 KB)`;
}

/** Address of a demo slab. */
async function slabCalled(address: string, name: string): Promise<string> {
  const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: { id: number; name: string }[] };
  return `/slabs/${slabs.find((slab) => slab.name === name)!.id}`;
}

/** @param init options of a request, built for each one */
async function perSecond(address: string, path: string, init: () => RequestInit): Promise<number> {
  const once = async () => {
    const answer = await fetch(address + path, init());
    if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}`);
    await answer.arrayBuffer();
  };
  for (let i = 0; i < 400; i++) await once();
  const until = performance.now() + 4000;
  let count = 0;
  const started = performance.now();
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      while (performance.now() < until) {
        await once();
        count += 1;
      }
    }),
  );
  return count / ((performance.now() - started) / 1000);
}

async function benchServer(): Promise<string[]> {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-bench-'));
  const started = performance.now();
  const { address, child } = await startBuilt(data);
  const startMs = performance.now() - started;
  try {
    await fetch(`${address}/api/demo?today=yes`, { method: 'POST', headers: { 'Content-Type': 'application/json' } });
    const slab = JSON.parse(readFileSync(join(root, 'demo/slabs/rye-and-treacle-slice.slab.json'), 'utf8')) as Slab;
    const post = (body: unknown): RequestInit => ({
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    const constant = await perSecond(address, '/schema/slab-1.json', () => ({}));
    let next = 0;
    const another = (of: Slab) => () => post({ slab: { ...of, name: `${of.name} ${++next}` } });
    const rye = await perSecond(address, '/api/plan', another(slab));
    const again = await perSecond(address, '/api/plan', () => post({ slab }));
    const large = await perSecond(address, '/api/plan', another(largeSlab()));
    return [
      `the built server answers ${(startMs / 1000).toFixed(2)} s after its start`,
      await firstLoad(address, '/slabs/1/build'),
      await firstLoad(address, '/slabs/1/price'),
      await benchPull(address, await slabCalled(address, 'Orchard oat bake')),
      await benchMoveStep(address),
      `requests per second, 8 at a time, client on the same machine: a route that returns a constant ${constant.toFixed(0)}; /api/plan with the rye slice ${again.toFixed(0)} asked for before, ${rye.toFixed(0)} with another name each time; /api/plan with six layers and thirty lines, another each time, ${large.toFixed(0)}`,
    ];
  } finally {
    child.kill('SIGTERM');
    rmSync(data, { recursive: true, force: true });
  }
}

console.log(
  `Machine: ${cpus().length} x ${cpus()[0]?.model.trim()}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.version}`,
);
console.log(`- ${benchPlan()}`);
console.log(`- ${benchReading()}`);
console.log(`- ${benchMethods()}`);
console.log(`- ${benchAllergens()}`);
console.log(`- ${benchWild()}`);
console.log(`- ${benchDrawing()}`);
for (const line of benchSelling(largeSlab(), ingredients, sellingShop())) console.log(`- ${line}`);
for (const line of await benchOrder()) console.log(`- ${line}`);
for (const line of await benchCutting()) console.log(`- ${line}`);
for (const line of benchHeat()) console.log(`- ${line}`);
console.log(`- ${benchUsualWaits()}`);
for (const line of await benchSchedule()) console.log(`- ${line}`);
for (const line of await benchWeek()) console.log(`- ${line}`);
for (const line of await benchLists()) console.log(`- ${line}`);
for (const line of await benchRuns()) console.log(`- ${line}`);
for (const line of await benchStock()) console.log(`- ${line}`);
for (const line of await benchDevices()) console.log(`- ${line}`);
for (const line of await benchBusy()) console.log(`- ${line}`);
for (const line of await benchServer()) console.log(`- ${line}`);

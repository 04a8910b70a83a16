/** How fast the pages of stock answer with a ledger of 10 and of 50,000 entries, with 1,000 orders; and exact sums after kills. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomFrom } from '../../devices/random.mjs';
import { killedStock } from './killedStock';
import { timesOf } from './lists';
import { startBuilt } from './server';

const SCREENS = ['/larder', '/stock/pieces', '/stock/stocktake', '/stock/entries', '/orders', '/api/stock/held'];
const ENTRIES = 50_000;
const ORDERS = 1000;
const AT_ONCE = 500;

async function post(address: string, path: string, body: unknown): Promise<void> {
  const headers = { 'Content-Type': 'application/json' };
  const answer = await fetch(address + path, { method: 'POST', headers, body: JSON.stringify(body) });
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${(await answer.text()).slice(0, 200)}`);
}

/** Entries of a busy shop: deliveries by lot, what was used, and pieces made and handed over. */
async function fill(address: string, entries: number, orders: number): Promise<void> {
  const random = randomFrom(5);
  const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: { id: number }[] };
  const names = ['butter', 'caster sugar', 'plain flour', 'dark chocolate', 'rolled oats', 'honey', 'hazelnuts'];
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  for (let sent = 0; sent < entries; sent += AT_ONCE) {
    const list = Array.from({ length: Math.min(AT_ONCE, entries - sent) }, (_, i) => {
      const back = sent + i;
      // Ten entries of a lot: what came in goes out in nine parts. The last hundred lots are not used up yet.
      const lot = Math.floor(back / 10);
      const isPiece = lot % 3 === 0;
      const isIn = back % 10 === 9;
      return {
        id: randomUUID(),
        of: isPiece ? { slab: slabs[lot % slabs.length]!.id } : { ingredient: names[lot % names.length] },
        ...{ unit: isPiece ? 'piece' : 'g', why: isIn ? 'made' : 'waste', lot: `N${lot}` },
        change: isIn ? 90 : lot < 100 ? -5 : -10,
        at: new Date(Date.now() - back * 60_000).toISOString(),
      };
    });
    await post(address, '/api/stock', list);
  }
  for (let i = 0; i < orders; i++)
    await post(address, '/api/orders', {
      ...{ name: `Customer ${i}`, due: new Date(Date.now() + (1 + (i % 27)) * 86_400_000).toISOString() },
      lines: [{ slab: pick(slabs).id, count: 12, unit: 'piece' }],
    });
}

export async function benchStock(): Promise<string[]> {
  const figures: string[][] = [];
  for (const [entries, orders] of [
    [10, 10],
    [ENTRIES, ORDERS],
  ] as const) {
    const data = mkdtempSync(join(tmpdir(), 'knife-tray-stock-'));
    const { address, child } = await startBuilt(data);
    try {
      await post(address, '/api/demo', {});
      await fill(address, entries, orders);
      const times: string[] = [];
      for (const path of SCREENS) times.push(await timesOf(address, path));
      figures.push(times);
    } finally {
      child.kill('SIGTERM');
      rmSync(data, { recursive: true, force: true });
    }
  }
  const { times, entries, cut, wrongG, wrongPieces } = await killedStock(50);
  return [
    `pages of stock, median/95 % of 200 requests, with 10 entries and orders, then with 50,000 entries and 1,000 orders (wanted: 95 % under 100 ms): ${SCREENS.map((path, i) => `${path} ${figures[0]![i]!}, ${figures[1]![i]!}`).join('; ')}`,
    `two devices and a run booking at once, the server killed ${times} times: ${entries} entries, ${cut} requests not answered; the sums are wrong by ${wrongG} g and ${wrongPieces} pieces (wanted: 0)`,
  ];
}

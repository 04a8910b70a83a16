/** A server that is killed while two devices and a run book stock at once: whether the sums are exact in the end. */
import { once } from 'node:events';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomFrom } from '../../devices/random.mjs';
import { startBuilt } from './server';

const AT_ONCE = 8;
const MAX_WAIT_MS = 90;
const headers = { 'Content-Type': 'application/json' };

export interface KilledStock {
  readonly times: number;
  readonly entries: number;
  /** What the ledger has besides what it should have, g and pieces. */
  readonly wrongG: number;
  readonly wrongPieces: number;
  /** How often a request was not answered. */
  readonly cut: number;
}

/** Books deliveries, waste and what a run adds, kills the server before or while it answers, and repeats what was not answered. */
export async function killedStock(times: number): Promise<KilledStock> {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-killed-stock-'));
  const random = randomFrom(29);
  let { address, child } = await startBuilt(data);
  const post = (path: string, body: unknown) =>
    fetch(address + path, { method: 'POST', headers, body: JSON.stringify(body) });
  await post('/api/demo', {});
  const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: { id: number; name: string }[] };
  const { id: slab } = slabs.find(({ name }) => name === 'Rye and treacle slice')!;
  const { id: run, lot } = (await (await post('/api/runs', { slab })).json()) as { id: number; lot: string };
  const { plan } = (await (await fetch(`${address}/api/runs/${run}`)).json()) as {
    plan: { lines: { preparation: string; line: number; ingredient: string }[] };
  };
  const line = plan.lines.find(({ ingredient }) => ingredient === 'black treacle')!;
  const held = async (): Promise<{ g: number; pieces: number }> => {
    const now = (await (await fetch(`${address}/api/stock/held`)).json()) as {
      held: { ingredient: string; held: number }[];
      pieces: { lot: string; held: number }[];
    };
    return {
      g: now.held.find(({ ingredient }) => ingredient === 'black treacle')!.held,
      pieces: now.pieces.filter((own) => own.lot === lot).reduce((sum, own) => sum + own.held, 0),
    };
  };
  const start = await held();
  let expectedMg = 0;
  const at = () => new Date().toISOString();
  /** An amount with three decimals, which no sum of binary fractions gives exactly. */
  const amountMg = () => 1 + Math.floor(random() * 9999);
  const entry = (sign: 1 | -1) => {
    const mg = amountMg();
    expectedMg += sign * mg;
    const why = sign > 0 ? 'delivery' : 'waste';
    return {
      id: randomUUID(),
      of: { ingredient: 'black treacle' },
      change: (sign * mg) / 1000,
      unit: 'g',
      why,
      at: at(),
    };
  };
  const own = { preparation: line.preparation, line: line.line };
  const added = () => {
    const mg = amountMg();
    expectedMg -= mg;
    return { id: randomUUID(), at: at(), kind: 'amount-changed', ...own, byG: mg / 1000 };
  };
  expectedMg -= 100_000;
  const queues: { readonly path: string; waiting: unknown[] }[] = [
    { path: '/api/stock', waiting: [] },
    { path: '/api/stock', waiting: [] },
    { path: `/api/runs/${run}/events`, waiting: [{ id: randomUUID(), at: at(), kind: 'weighed', ...own, massG: 100 }] },
  ];
  const make: readonly (() => unknown)[] = [() => entry(1), () => entry(-1), added];
  let [entries, cut] = [0, 0];
  const send = async (queue: (typeof queues)[number]): Promise<void> => {
    const going = queue.waiting.slice(0, 400);
    if (going.length === 0) return;
    const answer = await post(queue.path, going).catch(() => null);
    if (answer?.ok) queue.waiting = queue.waiting.slice(going.length);
    else cut += 1;
  };
  for (let time = 0; time < times; time++) {
    queues.forEach((queue, q) => queue.waiting.push(...Array.from({ length: AT_ONCE }, make[q]!)));
    entries += AT_ONCE * queues.length;
    if (time === times - 1)
      queues[2]!.waiting.push(
        { id: randomUUID(), at: at(), kind: 'pieces', count: 31, massG: 1500 },
        { id: randomUUID(), at: at(), kind: 'finished' },
      );
    await post(`/api/runs/${run}/events`, []);
    const going = Promise.all(queues.map(send));
    await new Promise((next) => setTimeout(next, random() * MAX_WAIT_MS));
    child.kill('SIGKILL');
    await once(child, 'exit');
    await going;
    ({ address, child } = await startBuilt(data));
  }
  for (const queue of queues) while (queue.waiting.length > 0) await send(queue);
  const end = await held();
  child.kill('SIGTERM');
  await once(child, 'exit');
  rmSync(data, { recursive: true, force: true });
  return {
    ...{ times, entries, cut },
    wrongG: Math.round((end.g - start.g) * 1000 - expectedMg) / 1000,
    wrongPieces: end.pieces - start.pieces - 31,
  };
}

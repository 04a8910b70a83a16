/** How many devices can follow the bench of one machine: how long an event takes to all of them. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { startBuilt } from './server';

const DEVICES = [20, 50, 100, 200];
/** Each token is a client of its own, as each signed-in device is. */
const STREAMS_OF_CLIENT = 4;
const EVENTS = 40;
const EVERY_MS = 50;
const WANTED_MS = 1000;

const quantile = (times: readonly number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(share * times.length))]!;

async function send<T>(address: string, path: string, body: unknown): Promise<T> {
  const headers = { 'Content-Type': 'application/json' };
  const answer = await fetch(address + path, { method: 'POST', headers, body: JSON.stringify(body) });
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${(await answer.text()).slice(0, 200)}`);
  return (await answer.json()) as T;
}

/** Follows a run until it is ended, and calls back with every event that comes. */
async function follow(url: string, token: string, ended: AbortSignal, call: (text: string) => void): Promise<void> {
  const answer = await fetch(url, { headers: { Authorization: `Bearer ${token}` }, signal: ended });
  if (!answer.ok) throw new Error(`A stream answered ${answer.status}`);
  const decoder = new TextDecoder();
  const read = async () => {
    for await (const part of answer.body as unknown as AsyncIterable<Uint8Array>) call(decoder.decode(part));
  };
  void read().catch(() => undefined);
}

export async function benchDevices(): Promise<string[]> {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-devices-'));
  const { address, child } = await startBuilt(data);
  try {
    await send(address, '/api/demo', {});
    const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: { id: number }[] };
    const { id: run } = await send<{ id: number }>(address, '/api/runs', { slab: slabs[0]!.id });
    const tokens: string[] = [];
    const figures: string[] = [];
    for (const devices of DEVICES) {
      while (tokens.length * STREAMS_OF_CLIENT < devices)
        tokens.push((await send<{ token: string }>(address, '/api/tokens', { name: 'device', access: 'read' })).token);
      const sentAt = new Map<string, number>();
      const times: number[] = [];
      const ended = new AbortController();
      const see = (text: string) => {
        for (const [id, at] of sentAt) if (text.includes(id)) times.push(performance.now() - at);
      };
      for (let i = 0; i < devices; i++)
        await follow(
          `${address}/api/runs/${run}/stream`,
          tokens[Math.floor(i / STREAMS_OF_CLIENT)]!,
          ended.signal,
          see,
        );
      for (let n = 0; n < EVENTS; n++) {
        const id = randomUUID();
        sentAt.set(id, performance.now());
        await send(address, `/api/runs/${run}/events`, [{ id, at: new Date().toISOString(), kind: 'note', text: 'x' }]);
        await setTimeout(EVERY_MS);
      }
      await setTimeout(WANTED_MS);
      ended.abort();
      const share = times.length / (EVENTS * devices);
      figures.push(
        `${devices} devices ${quantile(times, 0.5).toFixed(0)}/${quantile(times, 0.95).toFixed(0)} ms${share < 1 ? `, ${(100 * (1 - share)).toFixed(1)} % not seen` : ''}`,
      );
    }
    return [
      `devices that follow one run, an event every ${EVERY_MS} ms, until each of them has it, median/95 % (wanted: 95 % within a second): ${figures.join('; ')}`,
    ];
  } finally {
    child.kill('SIGTERM');
    rmSync(data, { recursive: true, force: true });
  }
}

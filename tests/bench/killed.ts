/** A server that is killed again and again between the events of a run and their answers: what is lost, and what is duplicated. */
import { once } from 'node:events';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomFrom } from '../../devices/random.mjs';
import { DEVICE_CLOCK } from '../../src/lib/devices/deviceClock';
import { startBuilt } from './server';

const AT_ONCE = 40;
/** A device sends at most this many entries in one request. */
const MAX_SENT = 400;
/** About as long as an answer takes on a quiet machine, so that the server is killed before, during and after it writes. */
const MAX_WAIT_MS = 90;
/** Every other batch comes from a device with a wrong clock, whose entries were made offline. */
const WRONG_CLOCK_MS = 30 * 3_600_000;
const headers = { 'Content-Type': 'application/json' };

interface Entry {
  readonly id: string;
  readonly at: string;
  readonly deviceAt?: string;
  readonly kind: 'note';
  readonly text: string;
}

export interface Killed {
  readonly times: number;
  readonly sent: number;
  readonly lost: number;
  readonly doubled: number;
  /** Photos sent, and those that differ or are missing in the end. */
  readonly photos: number;
  readonly photosLost: number;
  /** How often it was killed before it answered, and how often it had already written. */
  readonly cut: number;
  readonly unanswered: number;
}

/** Makes a unique picture: the head of a JPEG of 10 by 10 pixels, followed by random bytes. */
const photo = (): Buffer =>
  Buffer.concat([
    Buffer.from('ffd8ffe000104a46494600010100000100010000ffc0001108000a000a03012200021101031101', 'hex'),
    randomBytes(40_000),
    Buffer.from('ffd9', 'hex'),
  ]);

/** Sends events and photos, kills the server before or while it answers, restarts it, and repeats what was not answered. */
export async function killedServer(times: number): Promise<Killed> {
  const data = mkdtempSync(join(tmpdir(), 'knife-tray-killed-'));
  const random = randomFrom(17);
  let { address, child } = await startBuilt(data);
  const post = (path: string, body: unknown) =>
    fetch(address + path, { method: 'POST', headers, body: JSON.stringify(body) });
  await post('/api/demo', {});
  const { slabs } = (await (await fetch(`${address}/api/slabs`)).json()) as { slabs: { id: number }[] };
  const { id: run } = (await (await post('/api/runs', { slab: slabs[0]!.id })).json()) as { id: number };
  /** Sends entries, those of a wrong clock with that clock's present time. */
  const send = async (entries: readonly Entry[]): Promise<{ known: number } | null> => {
    const answer = await fetch(`${address}/api/runs/${run}/events`, {
      method: 'POST',
      headers: { ...headers, [DEVICE_CLOCK]: String(Date.now() + WRONG_CLOCK_MS) },
      body: JSON.stringify(entries),
    });
    return answer.ok ? ((await answer.json()) as { known: number }) : null;
  };
  const sent: string[] = [];
  const photos = new Map<string, Buffer>();
  let photosWaiting: string[] = [];
  const put = (id: string) =>
    fetch(`${address}/api/runs/${run}/photos/${id}`, {
      ...{ method: 'PUT', headers: { 'Content-Type': 'image/jpeg' }, body: new Uint8Array(photos.get(id)!) },
    }).then(
      ({ ok }) => (ok ? [] : [id]),
      () => [id],
    );
  let waiting: Entry[] = [];
  let unanswered = 0;
  let cut = 0;
  for (let time = 0; time < times; time++) {
    const isOffline = time % 2 === 1;
    const at = new Date(Date.now() + (isOffline ? WRONG_CLOCK_MS : 0)).toISOString();
    const fresh = Array.from({ length: AT_ONCE }, (): Entry => {
      const id = randomUUID();
      sent.push(id);
      return { id, at, ...(isOffline ? { deviceAt: at } : {}), kind: 'note', text: `note ${sent.length}` };
    });
    waiting = [...waiting, ...fresh];
    const going = waiting.slice(0, MAX_SENT);
    // A server that has just started is slow at its first requests.
    await post(`/api/runs/${run}/events`, []);
    const answering = send(going).catch(() => null);
    const taken = randomUUID();
    photos.set(taken, photo());
    const photosGoing = Promise.all([...photosWaiting, taken].map(put));
    await new Promise((next) => setTimeout(next, random() * MAX_WAIT_MS));
    child.kill('SIGKILL');
    await once(child, 'exit');
    const answered = await answering;
    photosWaiting = (await photosGoing).flat();
    if (answered && answered.known > 0) unanswered += 1;
    if (answered) waiting = waiting.slice(going.length);
    else cut += 1;
    ({ address, child } = await startBuilt(data));
  }
  for (; waiting.length > 0; waiting = waiting.slice(MAX_SENT)) {
    const last = await send(waiting.slice(0, MAX_SENT));
    if (last && last.known > 0) unanswered += 1;
  }
  await Promise.all(photosWaiting.map(put));
  const kept = await Promise.all(
    [...photos].map(async ([id, jpeg]) => {
      const answer = await fetch(`${address}/api/runs/${run}/photos/${id}`);
      return jpeg.equals(Buffer.from(await answer.arrayBuffer()));
    }),
  );
  const { events } = (await (await fetch(`${address}/api/runs/${run}`)).json()) as { events: { id: string }[] };
  child.kill('SIGTERM');
  await once(child, 'exit');
  rmSync(data, { recursive: true, force: true });
  const found = new Map<string, number>();
  for (const { id } of events) found.set(id, (found.get(id) ?? 0) + 1);
  return {
    ...{ times, sent: sent.length, cut, unanswered },
    ...{ photos: photos.size, photosLost: kept.filter((isThere) => !isThere).length },
    lost: sent.filter((id) => !found.has(id)).length,
    doubled: [...found.values()].filter((count) => count > 1).length,
  };
}

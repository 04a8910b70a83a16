/** Heavy work takes turns, only its own time counts, and a thread that dies affects nothing else. */
import assert from 'node:assert/strict';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import fc from 'fast-check';
import { Dropped, FairQueue, QueueFull } from '../../../src/lib/server/tasks/queue';
import { MachineBusy, OutOfMemory, TookTooLong, Workers } from '../../../src/lib/server/tasks/workers';

const limits = { threads: 2, maxWaiting: 8, maxWaitingPerClient: 4 };

/** A queue whose jobs end on request, and what has started so far. */
function steered(of = limits) {
  const queue = new FairQueue(of);
  const started: string[] = [];
  const running = new Map<string, () => void>();
  const add = (
    name: string,
    { client = 'a', kind = 'k', isLong = false, signal = undefined as AbortSignal | undefined } = {},
  ) =>
    queue.run({
      ...{ client, kind, isLong, signal },
      start: () =>
        new Promise<string>((resolve) => {
          started.push(name);
          running.set(name, () => (running.delete(name), resolve(name)));
        }),
    });
  const end = async (name: string) => {
    running.get(name)!();
    await new Promise(setImmediate);
  };
  return { add, end, started, running };
}

test('clients take turns, and so do the kinds of work of one client', async () => {
  const { add, end, started } = steered({ ...limits, threads: 1, maxWaiting: 20, maxWaitingPerClient: 20 });
  for (const name of ['a1', 'a2', 'a3']) void add(name, { client: 'a', kind: 'bags' });
  void add('a-price', { client: 'a', kind: 'price' });
  void add('b1', { client: 'b' });
  for (const name of ['a1', 'b1', 'a-price', 'a2', 'a3']) {
    assert.equal(started.at(-1), name);
    await end(name);
  }
});

test('long work never takes all threads', async () => {
  const { add, end, started } = steered();
  for (const name of ['bags 1', 'bags 2', 'bags 3']) void add(name, { isLong: true });
  assert.deepEqual(started, ['bags 1']);
  void add('price', { kind: 'price' });
  assert.deepEqual(started, ['bags 1', 'price']);
  await end('price');
  assert.deepEqual(started, ['bags 1', 'price']);
  await end('bags 1');
  assert.deepEqual(started, ['bags 1', 'price', 'bags 2']);
});

test('too long a queue is refused, of one client before all; abandoned work is dropped', async () => {
  const { add, end, started } = steered();
  const all = ['1', '2', '3', '4', '5', '6'].map((name) => add(name));
  await assert.rejects(add('7'), QueueFull);
  for (const name of ['b1', 'b2', 'b3', 'b4']) void add(name, { client: 'b' });
  await assert.rejects(add('c', { client: 'c' }), QueueFull);
  await end('1');
  assert.equal(await all[0], '1');
  const gone = new AbortController();
  const dropped = add('d', { client: 'd', signal: gone.signal });
  gone.abort();
  await assert.rejects(dropped, Dropped);
  await assert.rejects(add('e', { client: 'e', signal: gone.signal }), Dropped);
  assert.ok(!started.includes('d') && !started.includes('e'));
});

test('whatever comes: no more jobs run than there are threads, everything gets its turn, and nothing runs twice', async () => {
  const jobs = fc.array(fc.record({ client: fc.constantFrom('a', 'b', 'c'), isLong: fc.boolean() }), { maxLength: 40 });
  await fc.assert(
    fc.asyncProperty(jobs, fc.integer({ min: 1, max: 3 }), async (all, threads) => {
      const { add, end, started, running } = steered({ threads, maxWaiting: 100, maxWaitingPerClient: 100 });
      const done = all.map(({ client, isLong }, i) => add(String(i), { client, isLong }));
      while (running.size > 0) {
        assert.ok(running.size <= threads);
        const long = [...running.keys()].filter((name) => all[Number(name)]!.isLong).length;
        assert.ok(long <= Math.max(1, threads - 1));
        await end(running.keys().next().value!);
      }
      assert.equal(new Set(started).size, all.length);
      assert.deepEqual(
        await Promise.all(done),
        all.map((_, i) => String(i)),
      );
    }),
    { numRuns: 60 },
  );
});

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-workers-'));
const file = join(folder, 'tasks.mjs');
writeFileSync(
  file,
  `import { readlinkSync } from 'node:fs';
   export default ({ name, given, thread }) => {
     Atomics.store(new Int32Array(thread), 0, Number(readlinkSync('/proc/thread-self').split('/').at(-1)));
     return tasks[name](given);
   };
   const tasks = {};
   tasks.double = (n) => 2 * n;
   tasks.spin = (ms) => { const until = Date.now() + ms; while (Date.now() < until); return 'spun'; };
   tasks.die = () => process.exit(1);
   tasks.fail = () => { throw new Error('on purpose'); };
   tasks.fill = () => { const all = []; for (;;) all.push(new Array(100000).fill(all.length)); };`,
);
after(() => rmSync(folder, { recursive: true, force: true }));
const asked = { client: 'a', isLong: false };

test('only work counts toward the deadline, and a job that takes too long ends alone', async () => {
  const workers = new Workers({ ...limits, threads: 1, filename: () => file, deadlineMs: 2500 });
  // Together these take longer than the deadline; each by itself does not.
  const spins = [1, 2, 3].map(() => workers.run('spin', 1200, asked));
  assert.deepEqual(await Promise.all(spins), ['spun', 'spun', 'spun']);
  const endless = workers.run('spin', 1e9, asked);
  const behind = workers.run('double', 4, asked);
  await assert.rejects(endless, TookTooLong);
  assert.equal(await behind, 8);
  await workers.close();
});

test('starting a thread does not count, however slow the machine is; a task that waits for much longer is given up as busy', async () => {
  const slow = join(folder, 'slow.mjs');
  writeFileSync(
    slow,
    `await new Promise((resolve) => setTimeout(resolve, 900));
     export default ({ given }) => 2 * given;`,
  );
  const workers = new Workers({ ...limits, filename: () => slow, deadlineMs: 600 });
  assert.equal(await workers.run('double', 4, asked), 8);
  await workers.close();
  const short = new Workers({ ...limits, filename: () => slow, deadlineMs: 50 });
  await assert.rejects(short.run('double', 4, asked), MachineBusy);
  await short.close();
});

test('a thread that dies, fails or runs out of memory is replaced', async () => {
  const workers = new Workers({ ...limits, filename: () => file, deadlineMs: 60_000, maxHeapMb: 64 });
  await assert.rejects(workers.run('die', null, asked));
  assert.equal(await workers.run('double', 2, asked), 4);
  await assert.rejects(workers.run('fail', null, asked), /on purpose/);
  await assert.rejects(workers.run('fill', null, asked), OutOfMemory);
  assert.equal(await workers.run('double', 3, asked), 6);
  await workers.close();
});

test('a missing module is an error of the task, and not of the process', async () => {
  const workers = new Workers({ ...limits, filename: () => join(folder, 'none.mjs'), deadlineMs: 5000 });
  await assert.rejects(workers.run('double', 2, asked));
  await workers.close();
});

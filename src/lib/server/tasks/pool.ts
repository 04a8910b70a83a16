import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { env } from 'node:process';
import { Piscina } from 'piscina';
import { problem } from '../http';
import type * as tasks from './tasks';

type Tasks = typeof tasks;
type Given<N extends keyof Tasks> = Parameters<Tasks[N]>[0];
type Done<N extends keyof Tasks> = Awaited<ReturnType<Tasks[N]>>;

/** Nobody waits longer than this for an answer, ms. */
const DEADLINE_MS = 10_000;
/** So many requests may wait; further ones are told to come back. */
const MOST_WAITING = 16;
/** The thread of pages keeps a processor. */
const THREADS = Math.max(1, availableParallelism() - 1);
const MOST_HEAP_MB = 1024;

let pool: Piscina | null = null;

/** The threads; they are started with the first heavy request, and end with the server. */
function threads(): Piscina {
  if (pool) return pool;
  const made = new Piscina({
    filename: env.KNIFE_TRAY_TASKS ?? join(process.cwd(), 'build', 'tasks.mjs'),
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_HEAP_MB },
  });
  process.once('sveltekit:shutdown', () => void made.destroy());
  pool = made;
  return made;
}

export type TaskDone<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** What to make smaller, by task, where one takes too long after all. */
const SMALLER: Readonly<Record<keyof Tasks, string>> = {
  plan: 'ask for fewer pieces, or fewer kinds of tin',
  cuts: 'ask for fewer pieces',
  even: 'ask for fewer pieces',
  mixed: 'name fewer kinds of piece',
  bags: 'weigh fewer shards at once',
  setting: 'lay fewer or thinner layers',
  heat: 'send fewer or thinner layers, or a shorter time',
  price: 'lay fewer or thinner layers, or ask for fewer kinds of tin',
  listed: 'lay fewer or thinner layers, or ask for fewer kinds of tin',
  slabLog: 'ask for fewer runs',
  label: 'ask for fewer pieces, or fewer kinds of tin',
  freeFrom: 'write fewer lines, or lay fewer layers',
  timeline: 'write fewer steps, or lay fewer layers',
  forecast: 'send fewer readings',
  table: 'part the table',
  unzip: 'send fewer files at once',
  zip: 'ask for fewer slabs at once',
};

/**
 * Does heavy work in a thread of its own, so that pages are answered meanwhile.
 *
 * @returns what came of it; or the answer for one that took too long (422) or found too many before it (503)
 */
export async function runTask<N extends keyof Tasks>(name: N, given: Given<N>): Promise<TaskDone<Done<N>>> {
  try {
    const signal = AbortSignal.timeout(DEADLINE_MS);
    return { ok: true, value: (await threads().run(given, { name, signal })) as Done<N> };
  } catch (error) {
    const said = error as { readonly name?: string; readonly message?: string };
    if (said.name === 'AbortError' || said.name === 'TimeoutError') {
      const message = `This takes longer than ${DEADLINE_MS / 1000} s: ${SMALLER[name]}`;
      return { ok: false, response: problem(message) };
    }
    if (/queue/i.test(said.message ?? '')) {
      const response = problem('Too much is being worked out at once: try again in some seconds', '', 503);
      response.headers.set('Retry-After', '5');
      return { ok: false, response };
    }
    throw error;
  }
}

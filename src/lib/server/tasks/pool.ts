import { LESS_WORK } from '$wording/refusals';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { env } from 'node:process';
import { asker } from '../asker';
import { refusal } from '../http';
import type * as tasks from './tasks';
import { Dropped, QueueFull } from './queue';
import { MachineBusy, OutOfMemory, TookTooLong, Workers } from './workers';

type Tasks = typeof tasks;
export type Name = keyof Tasks;
export type Given<N extends Name> = Parameters<Tasks[N]>[0];
export type Done<N extends Name> = Awaited<ReturnType<Tasks[N]>>;

/** Maximum working time of a task, ms. Time in the queue does not count. */
const DEADLINE_MS = 10_000;
/** A week is searched for as long as is asked, and its batches are prepared before. */
const WEEK_DEADLINE_MS = 25_000;
/** At least two, so that short tasks are not blocked by long ones. The main thread needs little. */
const THREADS = Math.max(2, availableParallelism() - 1);

const filename = () => env.KNIFE_TRAY_TASKS ?? join(process.cwd(), 'build', 'tasks.mjs');

/** Threads by purpose: general work, starting a run, which nothing else may delay, and idle work. */
const LANES = {
  general: new Workers({
    filename,
    threads: THREADS,
    maxWaiting: 64,
    maxWaitingPerClient: 24,
    deadlineMs: DEADLINE_MS,
  }),
  runs: new Workers({ filename, threads: 1, maxWaiting: 32, maxWaitingPerClient: 8, deadlineMs: DEADLINE_MS }),
  week: new Workers({
    filename,
    threads: 2,
    maxWaiting: 32,
    maxWaitingPerClient: 12,
    deadlineMs: WEEK_DEADLINE_MS,
  }),
  background: new Workers({
    filename,
    isBackground: true,
    threads: 1,
    maxWaiting: 500,
    maxWaitingPerClient: 500,
    deadlineMs: DEADLINE_MS,
  }),
} as const;
process.once('sveltekit:shutdown', () => {
  for (const workers of Object.values(LANES)) void workers.close();
});

export type TaskDone<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** Whether each task may take seconds. */
const IS_LONG: Readonly<Record<Name, boolean>> = {
  plan: true,
  planInItsTins: true,
  cuts: true,
  even: true,
  mixed: true,
  bags: true,
  setting: false,
  heat: true,
  price: false,
  listed: false,
  slabLog: false,
  runOutcome: false,
  runCosts: false,
  label: false,
  labelsPdf: true,
  template: true,
  freeFrom: false,
  timeline: false,
  runPlan: false,
  batches: true,
  pots: true,
  buying: true,
  uses: true,
  week: true,
  forecast: false,
  method: false,
  proposals: false,
  table: false,
  unzip: false,
  zip: false,
};

export type Lane = keyof typeof LANES;

/**
 * Runs a heavy task in a thread, so that pages are answered meanwhile.
 *
 * @returns the result; or the answer for a task that took too long or too much memory (422), or that found too many waiting (503)
 */
export async function runTask<N extends Name>(
  name: N,
  given: Given<N>,
  lane: Lane = 'general',
): Promise<TaskDone<Done<N>>> {
  const smaller = LESS_WORK[name];
  const { client = 'the server itself', signal } = asker.getStore() ?? {};
  try {
    return {
      ok: true,
      value: (await LANES[lane].run(name, given, {
        ...{ client, isLong: IS_LONG[name] },
        // Work for a run or the server itself is finished even if nobody waits for it.
        signal: lane === 'general' || lane === 'week' ? signal : undefined,
      })) as Done<N>,
    };
  } catch (error) {
    if (error instanceof TookTooLong)
      return {
        ok: false,
        response: refusal('too-slow', (lane === 'week' ? WEEK_DEADLINE_MS : DEADLINE_MS) / 1000, smaller),
      };
    if (error instanceof OutOfMemory) return { ok: false, response: refusal('too-much-memory', smaller) };
    if (error instanceof Dropped) return { ok: false, response: refusal('cancelled') };
    if (error instanceof QueueFull || error instanceof MachineBusy) {
      const response = refusal('busy');
      response.headers.set('Retry-After', '5');
      return { ok: false, response };
    }
    throw error;
  }
}

import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { env } from 'node:process';
import { asker } from '../asker';
import { refusal } from '../http';
import type * as tasks from './tasks';
import { Dropped, QueueFull } from './queue';
import { OutOfMemory, TookTooLong, Workers } from './workers';

type Tasks = typeof tasks;
export type Name = keyof Tasks;
export type Given<N extends Name> = Parameters<Tasks[N]>[0];
export type Done<N extends Name> = Awaited<ReturnType<Tasks[N]>>;

/** Maximum working time of a task, ms. Time in the queue does not count. */
const DEADLINE_MS = 10_000;
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

/** Whether each task may take seconds, and what to reduce if it takes too long. */
const TASKS: Readonly<Record<Name, { readonly isLong: boolean; readonly smaller: string }>> = {
  plan: { isLong: true, smaller: 'Ask for fewer pieces, or fewer kinds of tin' },
  planInItsTins: { isLong: true, smaller: 'Cut fewer pieces, or use fewer kinds of tin' },
  cuts: { isLong: true, smaller: 'Ask for fewer pieces' },
  even: { isLong: true, smaller: 'Ask for fewer pieces' },
  mixed: { isLong: true, smaller: 'Ask for fewer piece types' },
  bags: { isLong: true, smaller: 'Weigh fewer shards at once' },
  setting: { isLong: false, smaller: 'Use fewer or thinner layers' },
  heat: { isLong: true, smaller: 'Send fewer or thinner layers, or a shorter time' },
  price: { isLong: false, smaller: 'Use fewer or thinner layers, or fewer kinds of tin' },
  listed: { isLong: false, smaller: 'Use fewer or thinner layers, or fewer kinds of tin' },
  slabLog: { isLong: false, smaller: 'Ask for fewer runs' },
  runOutcome: { isLong: false, smaller: 'Cut fewer pieces, or use fewer kinds of tin' },
  label: { isLong: false, smaller: 'Ask for fewer pieces, or fewer kinds of tin' },
  labelsPdf: { isLong: true, smaller: 'Print fewer labels' },
  template: { isLong: true, smaller: 'Use the template as SVG or DXF, or cut fewer pieces' },
  freeFrom: { isLong: false, smaller: 'Use fewer lines or layers' },
  timeline: { isLong: false, smaller: 'Use fewer steps or layers' },
  runPlan: { isLong: false, smaller: 'Use fewer steps or layers' },
  forecast: { isLong: false, smaller: 'Send fewer readings' },
  method: { isLong: false, smaller: 'Send the recipe alone, without the text around it' },
  table: { isLong: false, smaller: 'Split the table' },
  unzip: { isLong: false, smaller: 'Send fewer files at once' },
  zip: { isLong: false, smaller: 'Ask for fewer slabs at once' },
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
  const { isLong, smaller } = TASKS[name];
  const { client = 'the server itself', signal } = asker.getStore() ?? {};
  try {
    return {
      ok: true,
      value: (await LANES[lane].run(name, given, {
        ...{ client, isLong },
        // Work for a run or the server itself is finished even if nobody waits for it.
        signal: lane === 'general' ? signal : undefined,
      })) as Done<N>,
    };
  } catch (error) {
    if (error instanceof TookTooLong) return { ok: false, response: refusal('too-slow', DEADLINE_MS / 1000, smaller) };
    if (error instanceof OutOfMemory) return { ok: false, response: refusal('too-much-memory', smaller) };
    if (error instanceof Dropped) return { ok: false, response: refusal('cancelled') };
    if (error instanceof QueueFull) {
      const response = refusal('busy');
      response.headers.set('Retry-After', '5');
      return { ok: false, response };
    }
    throw error;
  }
}

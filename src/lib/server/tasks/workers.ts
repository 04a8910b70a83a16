import { existsSync, readFileSync } from 'node:fs';
import { Piscina } from 'piscina';
import { FairQueue, type QueueLimits } from './queue';

/** Thrown when a task exceeds its time. Its thread is ended and replaced. */
export class TookTooLong extends Error {}
/** Thrown when a task that has not used its time is not done after much longer: the machine is busy. Its thread is replaced too. */
export class MachineBusy extends Error {}
/** Thrown when a task exceeds its memory. Its thread is ended and replaced. */
export class OutOfMemory extends Error {}

/** Default memory of a thread, MB. */
const MAX_HEAP_MB = 1024;
const IDLE_MS = 60_000;

/** Interval at which the time of a task is measured, ms. */
const LOOK_MS = 200;
/** Maximum wall-clock time of a task as a multiple of its deadline, for busy machines. */
const PATIENCE = 6;
/** Linux counts processor time in hundredths of a second. */
const TICK_MS = 10;

/** Returns the processor time of a thread of this process, ms: 0 while it starts; `null` if the system does not provide it. */
function processorMsOf(threadId: number): number | null {
  if (threadId === 0) return 0;
  try {
    // The name in brackets may contain spaces. User and system time are fields 14 and 15, the 12th and 13th after it.
    const fields = readFileSync(`/proc/self/task/${threadId}/stat`, 'utf8').split(') ').at(-1)!.split(' ');
    return (Number(fields[11]) + Number(fields[12])) * TICK_MS;
  } catch {
    return null;
  }
}

/** Measures a task from now on: processor time if available, and wall-clock time. */
function stopwatch(thread: SharedArrayBuffer): () => { readonly processorMs: number | null; readonly clockMs: number } {
  const begun = performance.now();
  let before: number | null = null;
  return () => {
    const threadId = Atomics.load(new Int32Array(thread), 0);
    const now = processorMsOf(threadId);
    if (threadId > 0) before ??= now;
    return { processorMs: now === null ? null : now - (before ?? now), clockMs: performance.now() - begun };
  };
}

export interface WorkersOptions extends QueueLimits {
  /** Module whose default export runs a task, like `worker.ts`. */
  readonly filename: () => string;
  /** Maximum time of a task, ms: processor time if available, otherwise wall-clock time. */
  readonly deadlineMs: number;
  /** Whether everything else on this computer goes first. */
  readonly isBackground?: boolean;
  /** Maximum memory of a task, MB. */
  readonly maxHeapMb?: number;
}

/** Threads that run tasks of a module, in the order of a fair queue. They start with the first task. */
export class Workers {
  readonly #options: WorkersOptions;
  readonly #queue: FairQueue;
  #threads: Piscina | null = null;

  constructor(options: WorkersOptions) {
    this.#options = options;
    this.#queue = new FairQueue(options);
  }

  #started(): Piscina {
    if (this.#threads) return this.#threads;
    const { filename, threads, maxHeapMb = MAX_HEAP_MB } = this.#options;
    // A thread whose module is missing would never start.
    if (!existsSync(filename())) throw new Error(`${filename()} is missing. Build the application again.`);
    const made = new Piscina({
      filename: filename(),
      minThreads: 0,
      maxThreads: threads,
      maxQueue: threads,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxOldGenerationSizeMb: maxHeapMb },
    });
    // A thread that dies with a task rejects that task and is replaced. One that dies idle must not end the process.
    made.on('error', () => undefined);
    this.#threads = made;
    return made;
  }

  /**
   * Runs a task when its turn comes and a thread is free.
   *
   * @throws {QueueFull | Dropped | TookTooLong | MachineBusy | OutOfMemory} or whatever the task throws
   */
  run(
    name: string,
    given: unknown,
    { client, isLong, signal }: { client: string; isLong: boolean; signal?: AbortSignal | undefined },
  ): Promise<unknown> {
    return this.#queue.run({ kind: name, client, isLong, signal, start: () => this.#work(name, given) });
  }

  async #work(name: string, given: unknown): Promise<unknown> {
    const deadline = new AbortController();
    const thread = new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT);
    const worked = stopwatch(thread);
    const { deadlineMs, isBackground = false } = this.#options;
    const timer = setInterval(() => {
      const { processorMs, clockMs } = worked();
      if ((processorMs ?? clockMs) > deadlineMs) deadline.abort(new TookTooLong(`${name} took too long`));
      else if (clockMs > deadlineMs * PATIENCE) deadline.abort(new MachineBusy(`${name} waited too long`));
    }, LOOK_MS);
    try {
      return await this.#started().run({ name, given, thread, isBackground }, { signal: deadline.signal });
    } catch (error) {
      if (deadline.signal.aborted) throw deadline.signal.reason;
      if ((error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new OutOfMemory(`${name} ran out of memory`, { cause: error });
      throw error;
    } finally {
      clearInterval(timer);
    }
  }

  /** Ends all threads. */
  async close(): Promise<void> {
    await this.#threads?.destroy();
    this.#threads = null;
  }
}

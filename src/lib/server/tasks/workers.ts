import { Piscina } from 'piscina';
import { FairQueue, type QueueLimits } from './queue';

/** Thrown when a task worked longer than it may. Its thread was ended and is replaced. */
export class TookTooLong extends Error {}
/** Thrown when a task took more memory than it may. Its thread was ended and is replaced. */
export class OutOfMemory extends Error {}

/** Usual memory of a thread, MB. */
const MAX_HEAP_MB = 1024;
const IDLE_MS = 60_000;

export interface WorkersOptions extends QueueLimits {
  /** The module whose exports are the tasks. */
  readonly filename: () => string;
  /** The longest that a task may work once it has started, ms. */
  readonly deadlineMs: number;
  /** The most memory that a task may take, MB. */
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
   * @throws {QueueFull | Dropped | TookTooLong | OutOfMemory} or whatever the task throws
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
    const timer = setTimeout(() => deadline.abort(), this.#options.deadlineMs);
    try {
      return await this.#started().run(given, { name, signal: deadline.signal });
    } catch (error) {
      if (deadline.signal.aborted) throw new TookTooLong(`${name} took too long`, { cause: error });
      if ((error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new OutOfMemory(`${name} ran out of memory`, { cause: error });
      throw error;
    } finally {
      clearTimeout(timer);
    }
  }

  /** Ends all threads. */
  async close(): Promise<void> {
    await this.#threads?.destroy();
    this.#threads = null;
  }
}

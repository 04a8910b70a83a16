/** Queue of work that waits for a free thread. */
export interface Job<T> {
  /** Kind of work. */
  readonly kind: string;
  /** Who asked for it. */
  readonly client: string;
  /** Whether it may take seconds. */
  readonly isLong: boolean;
  /** Starts the work. Called once, when a thread is free. */
  readonly start: () => Promise<T>;
  /** Aborted when nobody needs the result any more: work that has not started is dropped. */
  readonly signal?: AbortSignal | undefined;
}

interface Waiting extends Job<unknown> {
  readonly resolve: (value: unknown) => void;
  readonly reject: (reason: unknown) => void;
}

export interface QueueLimits {
  /** Maximum number of jobs at once, at least 1. */
  readonly threads: number;
  /** Maximum number of waiting jobs in total, and of one client. */
  readonly maxWaiting: number;
  readonly maxWaitingPerClient: number;
}

/** Thrown when too many jobs are waiting. */
export class QueueFull extends Error {
  constructor() {
    super('Too much work is waiting');
  }
}

/** Thrown when nobody needs the result any more. */
export class Dropped extends Error {
  constructor() {
    super('The work is no longer wanted');
  }
}

/**
 * A fair queue: clients take turns, and so do the kinds of work of one client. Long work never has all threads, so that short
 * work need not wait for it.
 */
export class FairQueue {
  readonly #limits: QueueLimits;
  #waiting: Waiting[] = [];
  #running = 0;
  #longRunning = 0;
  /** When each client, and each kind of a client, last had its turn. */
  readonly #turns = new Map<string, number>();
  #turn = 0;

  constructor(limits: QueueLimits) {
    this.#limits = limits;
  }

  /**
   * Runs a job when its turn comes.
   *
   * @throws {QueueFull} if too much is waiting
   * @throws {Dropped} if its signal is aborted before it starts
   */
  run<T>(job: Job<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const own = this.#waiting.filter(({ client }) => client === job.client).length;
      if (this.#waiting.length >= this.#limits.maxWaiting || own >= this.#limits.maxWaitingPerClient)
        return reject(new QueueFull());
      if (job.signal?.aborted) return reject(new Dropped());
      const waiting: Waiting = { ...job, resolve: resolve as (value: unknown) => void, reject };
      this.#waiting.push(waiting);
      job.signal?.addEventListener('abort', () => this.#drop(waiting), { once: true });
      this.#startNext();
    });
  }

  #drop(job: Waiting): void {
    if (!this.#waiting.includes(job)) return;
    this.#waiting = this.#waiting.filter((waiting) => waiting !== job);
    job.reject(new Dropped());
  }

  #lastTurn = (key: string) => this.#turns.get(key) ?? 0;

  /** Returns the job whose client has waited longest for a turn, and of that client the kind that has. */
  #next(): Waiting | undefined {
    const { threads } = this.#limits;
    const longMayStart = this.#longRunning < Math.max(1, threads - 1);
    let best: Waiting | undefined;
    const order = ({ client, kind }: Waiting) => [this.#lastTurn(client), this.#lastTurn(`${client} ${kind}`)] as const;
    for (const job of this.#waiting) {
      if (job.isLong && !longMayStart) continue;
      if (!best) best = job;
      const [[client, kind], [bestClient, bestKind]] = [order(job), order(best)];
      if (client < bestClient || (client === bestClient && kind < bestKind)) best = job;
    }
    return best;
  }

  #startNext(): void {
    while (this.#running < this.#limits.threads) {
      const job = this.#next();
      if (!job) break;
      this.#waiting = this.#waiting.filter((waiting) => waiting !== job);
      this.#turn += 1;
      this.#turns.set(job.client, this.#turn).set(`${job.client} ${job.kind}`, this.#turn);
      this.#running += 1;
      if (job.isLong) this.#longRunning += 1;
      void job
        .start()
        .then(job.resolve, job.reject)
        .finally(() => {
          this.#running -= 1;
          if (job.isLong) this.#longRunning -= 1;
          this.#startNext();
        });
    }
    if (this.#waiting.length === 0 && this.#running === 0) this.#turns.clear();
  }
}

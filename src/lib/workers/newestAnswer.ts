/** First message of a worker, once it listens. */
export const READY = 'ready';

/** Asks a worker, and drops a pending question when a newer one comes. */
export class NewestAnswer<Question, Answer> {
  readonly #make: () => Worker;
  readonly #onfail: () => void;
  #worker: Worker | null = null;
  #listens = false;
  #busy = false;
  /** Asked before the worker listened: only the newest question is sent. */
  #next: Question | null = null;
  #onanswer: (answer: Answer) => 'done' | 'more' = () => 'done';
  /** Callback of the question that waits. */
  #onnext: (answer: Answer) => 'done' | 'more' = () => 'done';
  readonly #isPatient: boolean;

  /**
   * @param make starts a worker that says `READY` once it listens; it is restarted when a question has to be dropped, since one
   * that works hears nothing
   * @param onfail called when the worker cannot be loaded, or dies at a question: no answer will come to it
   * @param isPatient whether a question that is being answered is finished before a newer one: for short ones, whose worker remembers much
   */
  constructor(make: () => Worker, onfail: () => void = () => {}, isPatient = false) {
    this.#make = make;
    this.#onfail = onfail;
    this.#isPatient = isPatient;
  }

  /**
   * Asks; an earlier question gets no answer any more.
   *
   * @param onanswer called with each message; returns whether more will come
   */
  ask(question: Question, onanswer: (answer: Answer) => 'done' | 'more'): void {
    if (this.#busy && !this.#isPatient) this.close();
    this.#onnext = onanswer;
    this.#next = question;
    if (this.#busy) return;
    if (this.#listens) this.#send();
    else this.#worker ??= this.#start();
  }

  #start(): Worker {
    const worker = this.#make();
    worker.onmessage = ({ data }: MessageEvent<Answer | typeof READY>) => {
      if (data === READY) {
        this.#listens = true;
        this.#send();
      } else if (this.#onanswer(data as Answer) === 'done') {
        this.#busy = false;
        this.#send();
      }
    };
    worker.onerror = () => {
      this.close();
      this.#onfail();
    };
    return worker;
  }

  #send(): void {
    if (this.#next === null || !this.#worker) return;
    this.#busy = true;
    this.#onanswer = this.#onnext;
    this.#worker.postMessage(this.#next);
    this.#next = null;
  }

  close(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.#listens = false;
    this.#busy = false;
    this.#next = null;
  }
}

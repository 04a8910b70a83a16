/** An answer, what was read from the database for it, and how to read that again. */
interface Remembered {
  readonly read: readonly unknown[];
  readonly readAgain: () => readonly unknown[];
  readonly answer: string;
}

/**
 * Answers of a service by the text of their request. One holds while everything that was read for it is still the same object: cached
 * reads return one object until what they read is written. Those asked for longest ago go first.
 */
export class RememberedAnswers {
  readonly #answers = new Map<string, Remembered>();
  readonly #maxLength: number;
  #length = 0;

  /** @param maxLength of all requests and answers together, characters */
  constructor(maxLength: number) {
    this.#maxLength = maxLength;
  }

  /** Returns the answer to a request, or `null` if there is none or what it was made from has changed. */
  answerTo(request: string): string | null {
    const found = this.#answers.get(request);
    if (!found) return null;
    const now = found.readAgain();
    if (now.length !== found.read.length || now.some((value, i) => value !== found.read[i])) {
      this.#forget(request);
      return null;
    }
    this.#answers.delete(request);
    this.#answers.set(request, found);
    return found.answer;
  }

  /** Remembers an answer. One that is large beside all others together is not worth it. */
  remember(request: string, remembered: Remembered): void {
    this.#forget(request);
    const length = request.length + remembered.answer.length;
    if (length > this.#maxLength / 8) return;
    for (const oldest of this.#answers.keys()) {
      if (this.#length + length <= this.#maxLength) break;
      this.#forget(oldest);
    }
    this.#answers.set(request, remembered);
    this.#length += length;
  }

  #forget(request: string): void {
    const gone = this.#answers.get(request);
    if (gone) this.#length -= request.length + gone.answer.length;
    this.#answers.delete(request);
  }
}

import { plainName } from '$core/larder';

const MAX_LENGTH = 200;

/** Names that were requested, found or not, and names waiting to be. */
export class NamesAsked {
  readonly #asked = new Set<string>();
  #waiting = new Set<string>();

  /** Adds names to request; returns whether any is waiting. */
  note(names: Iterable<string>, isKnown: (name: string) => boolean): boolean {
    for (const written of names) {
      const name = plainName(written);
      if (name === '' || name.length > MAX_LENGTH || this.#asked.has(name) || isKnown(name)) continue;
      this.#asked.add(name);
      this.#waiting.add(name);
    }
    return this.#waiting.size > 0;
  }

  /** Takes the waiting names; they count as requested from now on. */
  takeWaiting(): string[] {
    const names = [...this.#waiting];
    this.#waiting = new Set();
    return names;
  }

  /** Marks names without an answer, so that they can be requested again. */
  forget(names: readonly string[]): void {
    for (const name of names) this.#asked.delete(plainName(name));
  }
}

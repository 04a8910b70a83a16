import { plainName } from '$core/larder';

const MAX_LENGTH = 200;

/** Which names have been asked for, found or not, and which wait to be. */
export class NamesAsked {
  readonly #asked = new Set<string>();
  #waiting = new Set<string>();

  /** Notes names to be asked for; false where none waits. */
  note(names: Iterable<string>, isKnown: (name: string) => boolean): boolean {
    for (const written of names) {
      const name = plainName(written);
      if (name === '' || name.length > MAX_LENGTH || this.#asked.has(name) || isKnown(name)) continue;
      this.#asked.add(name);
      this.#waiting.add(name);
    }
    return this.#waiting.size > 0;
  }

  /** The names that wait; they count as asked for from now on. */
  takeWaiting(): string[] {
    const names = [...this.#waiting];
    this.#waiting = new Set();
    return names;
  }

  /** Names that got no answer: they can be asked for again. */
  forget(names: readonly string[]): void {
    for (const name of names) this.#asked.delete(plainName(name));
  }
}

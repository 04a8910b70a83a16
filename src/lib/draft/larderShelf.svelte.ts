import { untrack } from 'svelte';
import { larderOf, plainName, type Ingredient } from '$core/larder';
import { larderMatch } from '$core/recipe';
import { ask } from '$lib/api';
import { NamesAsked } from './namesAsked';
import type { StoredIngredient } from '$lib/server/larder';

const WAIT_MS = 120;
/** So many names are asked for in one request. */
const MAX_NAMES = 250;

interface Named {
  readonly ingredients: StoredIngredient[];
  readonly starter: Ingredient[];
}

/**
 * The part of the larder that a screen works with: what the slab names, and whatever is named later. The rest stays on the server,
 * so that a screen costs the same however much the larder holds.
 */
export class LarderShelf {
  #ingredients: readonly StoredIngredient[] = $state.raw([]);
  readonly larder = $derived(larderOf(this.#ingredients));
  /** What the starter list knows of names that the larder does not. */
  #offered: readonly Ingredient[] = $state.raw([]);
  readonly #starter = $derived(larderOf(this.#offered));
  /** Names that hold what is being typed, to choose from. */
  names: readonly string[] = $state.raw([]);
  #taken: readonly StoredIngredient[] = [];
  readonly #asked = new NamesAsked();
  #timer: ReturnType<typeof setTimeout> | undefined;
  #finding = 0;

  constructor(ingredients: readonly StoredIngredient[]) {
    this.take(ingredients);
  }

  /** Takes ingredients in; those that are there already are replaced. */
  take(ingredients: readonly StoredIngredient[]): void {
    if (ingredients === this.#taken) return;
    this.#taken = ingredients;
    const others = untrack(() => this.#ingredients).filter(
      ({ id }) => !ingredients.some((ingredient) => ingredient.id === id),
    );
    this.#ingredients = [...others, ...ingredients].sort((a, b) => (plainName(a.name) < plainName(b.name) ? -1 : 1));
  }

  /** Fetches what some names mean, a moment later and all at once; what has been asked for already is not asked for again. */
  need(names: Iterable<string>): void {
    const known = untrack(() => this.larder);
    if (!this.#asked.note(names, (name) => known.has(name))) return;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#fetch(), WAIT_MS);
  }

  /** An ingredient as it stands in the larder, with its revision. */
  stored(name: string): StoredIngredient | null {
    return this.#ingredients.find((ingredient) => plainName(ingredient.name) === plainName(name)) ?? null;
  }

  /** What the starter list offers for a name that the larder does not know. */
  offered(name: string): Ingredient | null {
    return larderMatch(name, this.#starter);
  }

  /**
   * Puts something into the larder under a name: with what the starter list knows of it, else the bare name.
   *
   * @returns what went wrong, or nothing
   */
  async add(name: string): Promise<string> {
    const answer = await ask('POST', '/api/larder', this.offered(name) ?? { name });
    // Somebody else may have been faster: then it is there as well.
    if (!answer.ok && answer.status !== 409)
      return answer.problems[0]?.message ?? 'The ingredient was not saved. Try again';
    await this.look([name]);
    return '';
  }

  /** Fetches names anew that were not known before: somebody has just put them into the larder. */
  async look(names: readonly string[]): Promise<void> {
    this.#asked.forget(names);
    this.#asked.note(names, () => false);
    await this.#fetch();
  }

  async #fetch(): Promise<void> {
    const names = this.#asked.takeWaiting();
    for (let at = 0; at < names.length; at += MAX_NAMES) {
      const part = names.slice(at, at + MAX_NAMES);
      const answer = await ask<Named>('POST', '/api/larder/named', { names: part });
      if (answer.ok) {
        this.take(answer.value.ingredients);
        this.#offered = [...this.#offered, ...answer.value.starter];
      } else this.#asked.forget(part);
    }
  }

  /** Looks for names that hold what is typed; the newest question counts. */
  async find(typed: string): Promise<void> {
    const question = ++this.#finding;
    const answer = await ask<{ names: string[] }>('GET', `/api/larder/names?find=${encodeURIComponent(typed.trim())}`);
    if (answer.ok && question === this.#finding) this.names = answer.value.names;
  }
}

import { untrack } from 'svelte';
import { larderOf, plainName, type Allergen, type Ingredient } from '$core/larder';
import { larderMatch } from '$core/recipe';
import { ask } from '$lib/api';
import { NamesAsked } from './namesAsked';
import type { StoredIngredient } from '$lib/server/larder';

const WAIT_MS = 120;
/** Maximum number of names per request. */
const MAX_NAMES = 250;

interface Named {
  readonly ingredients: StoredIngredient[];
  readonly starter: Ingredient[];
}

/** Changes what an ingredient declares: allergens to add, and to remove. */
export type Declare = (ingredient: string, add: readonly Allergen[], remove?: readonly Allergen[]) => void;

/**
 * The part of the larder that a screen uses: ingredients that the slab names, and others as they are named. The rest stays on the
 * server, so that the cost does not depend on the size of the larder.
 */
export class LarderShelf {
  #ingredients: readonly StoredIngredient[] = $state.raw([]);
  readonly larder = $derived(larderOf(this.#ingredients));
  /** Entries of the starter list for names that the larder does not have, or whose allergens it does not declare. */
  #offered: readonly Ingredient[] = $state.raw([]);
  /** The starter list, as far as it was asked for. */
  readonly starter = $derived(larderOf(this.#offered));
  /** Names that contain the text being typed, as suggestions. */
  names: readonly string[] = $state.raw([]);
  #taken: readonly StoredIngredient[] = [];
  readonly #asked = new NamesAsked();
  #timer: ReturnType<typeof setTimeout> | undefined;
  #finding = 0;

  constructor(ingredients: readonly StoredIngredient[], starter: readonly Ingredient[] = []) {
    this.take(ingredients);
    this.#offered = starter;
  }

  /** Adds ingredients, replacing existing ones. */
  take(ingredients: readonly StoredIngredient[]): void {
    if (ingredients === this.#taken) return;
    this.#taken = ingredients;
    const others = untrack(() => this.#ingredients).filter(
      ({ id }) => !ingredients.some((ingredient) => ingredient.id === id),
    );
    this.#ingredients = [...others, ...ingredients].sort((a, b) => (plainName(a.name) < plainName(b.name) ? -1 : 1));
  }

  /** Fetches the ingredients of names shortly afterwards in one request. Known names are not requested again. */
  need(names: Iterable<string>): void {
    const known = untrack(() => this.larder);
    if (!this.#asked.note(names, (name) => known.has(name))) return;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#fetch(), WAIT_MS);
  }

  /** Returns a larder ingredient with its revision. */
  stored(name: string): StoredIngredient | null {
    return this.#ingredients.find((ingredient) => plainName(ingredient.name) === plainName(name)) ?? null;
  }

  /** Returns the starter list's entry for a name that the larder does not have. */
  offered(name: string): Ingredient | null {
    return larderMatch(name, this.starter);
  }

  /**
   * Adds an ingredient to the larder under a name: from the starter list, otherwise the name alone.
   *
   * @returns what went wrong, or nothing
   */
  async add(name: string): Promise<string> {
    const answer = await ask('POST', '/api/larder', this.offered(name) ?? { name });
    // Someone else may have added it first.
    if (!answer.ok && answer.status !== 409)
      return answer.problems[0]?.message ?? 'The ingredient was not saved. Try again';
    await this.look([name]);
    return '';
  }

  /**
   * Adds allergens to the declaration of a larder ingredient, or removes them.
   *
   * @returns what went wrong, or nothing
   */
  async declare(name: string, add: readonly Allergen[], remove: readonly Allergen[] = []): Promise<string> {
    const stored = this.stored(name);
    if (!stored) return 'This ingredient is no longer in the larder';
    const { id, revision, ...ingredient } = stored;
    const declared = ingredient.allergens ?? [];
    const all = [...declared, ...add.filter((allergen) => !declared.includes(allergen))].filter(
      (allergen) => !remove.includes(allergen),
    );
    const answer = await ask('PUT', `/api/larder/${id}`, {
      revision,
      ingredient: { ...ingredient, allergens: all },
    });
    if (!answer.ok) return answer.problems[0]?.message ?? 'The ingredient was not saved. Try again';
    await this.look([name]);
    return '';
  }

  /** Fetches unknown names again after one was added. */
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

  /** Searches names that contain a text; only the latest query counts. */
  async find(typed: string): Promise<void> {
    const question = ++this.#finding;
    const answer = await ask<{ names: string[] }>('GET', `/api/larder/names?find=${encodeURIComponent(typed.trim())}`);
    if (answer.ok && question === this.#finding) this.names = answer.value.names;
  }
}

import type { Ingredient } from '../larder';
import { PLACE_FACTS, type Place, type Slab } from '../slab';

/** Returns the day a number of days after another, YYYY-MM-DD. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + Math.floor(days) * 86_400_000).toISOString().slice(0, 10);
}

/** Shelf life of a slab, and what limits it. */
export interface Keeping {
  readonly place: Place;
  /** Shelf life, days; `null` if unknown. */
  readonly days: number | null;
  /** The ingredient with a shorter shelf life than the slab, with its days. */
  readonly limit: { readonly name: string; readonly days: number } | null;
}

/** Returns the days that an ingredient allows at a place. Marble counts as the room. */
const permitted = ({ keepDays }: Ingredient, place: Place) => keepDays?.[PLACE_FACTS[place].keepsAs];

/** Returns the shelf life of a slab: the shorter of its own and those of its ingredients at that place. */
export function keepingOf({ keep }: Pick<Slab, 'keep'>, ingredients: readonly (Ingredient | null)[]): Keeping {
  const place = keep?.place ?? 'room';
  const own = keep?.days ?? null;
  let limit: Keeping['limit'] = null;
  for (const ingredient of ingredients) {
    const days = ingredient ? permitted(ingredient, place) : undefined;
    if (ingredient && days !== undefined && days < (limit?.days ?? own ?? Infinity))
      limit = { name: ingredient.name, days };
  }
  return { place, days: limit?.days ?? own, limit };
}

import type { Ingredient } from '../larder';
import { PLACE_FACTS, type Place, type Slab } from '../slab';

/** The day so many days after another, YYYY-MM-DD. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + Math.floor(days) * 86_400_000).toISOString().slice(0, 10);
}

/** How long a slab keeps, and what decides it. */
export interface Keeping {
  readonly place: Place;
  /** null where nobody has said. */
  readonly days: number | null;
  /** The ingredient that keeps for a shorter time than the slab says, with its days. */
  readonly limit: { readonly name: string; readonly days: number } | null;
}

/** Days that an ingredient permits at a place; what stands on marble stands in the room. */
const permitted = ({ keepDays }: Ingredient, place: Place) => keepDays?.[PLACE_FACTS[place].keepsAs];

/** How long a slab keeps: the shorter of what it says itself and of what its ingredients permit there. */
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

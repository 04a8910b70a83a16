import { plainName, type Ingredient } from '../larder';
import type { Plan } from './planned';

/** Price of a pack from a day on. */
export interface DatedPrice {
  readonly pack: string;
  readonly massG: number;
  readonly price: number;
  readonly currency: string;
  /** YYYY-MM-DD. */
  readonly pricedOn: string;
}

/** Ingredient cost of one piece on a day, in the currency, and the prices that changed on that day. */
export interface DatedCost {
  readonly day: string;
  readonly perPiece: number;
  readonly moved: readonly string[];
}

const MAX_DAYS = 120;

/**
 * Returns the ingredient cost of a piece on every day on which a price in it changed, by the usual pack.
 *
 * Before the first day that a pack's price is known its first price holds; an ingredient without any price counts as it does in the plan.
 *
 * @param planned of the version that is looked at
 * @param ingredients of the larder that its lines name
 * @param pastOf all prices that an ingredient's packs have had, the oldest first
 * @returns by day, the last hundred and twenty of them
 */
export function costOverTime(
  planned: Pick<Plan, 'cost' | 'cut'>,
  ingredients: readonly Ingredient[],
  pastOf: (ingredient: Ingredient) => readonly DatedPrice[],
): DatedCost[] {
  const pieces = planned.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  if (pieces === 0) return [];
  const { currency } = planned.cost;
  const byName = new Map(ingredients.map((ingredient) => [plainName(ingredient.name), ingredient]));
  const used = planned.cost.byIngredient.map(({ name, massG, cost }) => {
    const ingredient = byName.get(plainName(name));
    const pack = ingredient?.packs?.[0];
    const past = ingredient
      ? pastOf(ingredient).filter((price) => price.currency === currency && price.pack === pack?.name)
      : [];
    const usable = (ingredient?.usablePercent ?? 100) / 100;
    const costOn = (day: string): number => {
      const price = past.findLast(({ pricedOn }) => pricedOn <= day) ?? past[0];
      return price ? (massG * price.price) / (price.massG * usable) : (cost ?? 0);
    };
    return { name, past, costOn };
  });
  const days = [...new Set(used.flatMap(({ past }) => past.map(({ pricedOn }) => pricedOn)))].sort().slice(-MAX_DAYS);
  return days.map((day, at) => ({
    day,
    perPiece: used.reduce((sum, { costOn }) => sum + costOn(day), 0) / pieces,
    moved: used
      .filter(({ costOn }) => at > 0 && Math.abs(costOn(day) - costOn(days[at - 1]!)) > 1e-9)
      .map(({ name }) => name),
  }));
}

import { plainName, type Ingredient } from '../larder';
import { cashToBuy, pricePerGram } from './price';

/** A line as used, scaled to all slabs together. */
export interface UsedLine {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  readonly massG: number | null;
}

export interface UsedPreparation {
  readonly id: string;
  readonly lines: readonly UsedLine[];
  /** Share of the yield that goes to each layer; the rest is leftover. */
  readonly shares: ReadonlyMap<string, number>;
}

/** Ingredient cost of the slabs. `used` and `toBuy` (in whole packs) are separate totals. */
export interface SlabCost {
  readonly used: number;
  readonly toBuy: number;
  readonly byLayer: readonly { readonly id: string; readonly cost: number }[];
  /** Cost of the leftovers; `byLayer` and this add up to `used`. */
  readonly leftover: number;
  readonly byIngredient: readonly { readonly name: string; readonly massG: number; readonly cost: number | null }[];
}

/** Returns the cost of a line, or `null` if its mass or price is unknown. */
export function lineCost({ ingredient, massG }: UsedLine): number | null {
  const price = pricePerGram(ingredient);
  return price === null || massG === null ? null : massG * price;
}

/**
 * Returns the ingredient cost by layer and by ingredient. A layer pays for its share of each preparation including evaporation
 * and loss. Leftovers are charged to the slab and shown separately. Lines without a price count as 0 and raise a check.
 *
 * @param layers ids, in the order wanted
 */
export function slabCost(preparations: readonly UsedPreparation[], layers: readonly string[]): SlabCost {
  const byLayer = new Map(layers.map((id) => [id, 0]));
  const byIngredient = new Map<
    string,
    { name: string; ingredient: Ingredient | null; massG: number; cost: number | null }
  >();
  let used = 0;
  for (const { lines, shares } of preparations) {
    let cost = 0;
    for (const line of lines) {
      const price = lineCost(line);
      cost += price ?? 0;
      const name = line.ingredient?.name ?? line.name;
      const key = plainName(name);
      const sum = byIngredient.get(key) ?? { name, ingredient: line.ingredient, massG: 0, cost: null };
      sum.massG += line.massG ?? 0;
      if (price !== null) sum.cost = (sum.cost ?? 0) + price;
      byIngredient.set(key, sum);
    }
    used += cost;
    for (const [layer, share] of shares) byLayer.set(layer, (byLayer.get(layer) ?? 0) + cost * share);
  }
  const inLayers = [...byLayer.values()].reduce((sum, cost) => sum + cost, 0);
  const ingredients = [...byIngredient.values()];
  return {
    used,
    toBuy: ingredients.reduce((sum, { ingredient, massG }) => sum + (cashToBuy(ingredient, massG) ?? 0), 0),
    byLayer: layers.map((id) => ({ id, cost: byLayer.get(id)! })),
    leftover: Math.max(0, used - inLayers),
    byIngredient: ingredients.map(({ name, massG, cost }) => ({ name, massG, cost })),
  };
}

import { plainName, type Ingredient } from '../larder';
import { cashToBuy, pricePerGram } from './price';

/** A line as it is used: scaled to all slabs together. */
export interface UsedLine {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  readonly massG: number | null;
}

export interface UsedPreparation {
  readonly id: string;
  readonly lines: readonly UsedLine[];
  /** Share of what is made that goes to each layer; the rest is leftover. */
  readonly shares: ReadonlyMap<string, number>;
}

/** What the slabs cost in ingredients. Two totals that are never mixed up: `used`, and `toBuy` in whole packs. */
export interface SlabCost {
  readonly used: number;
  readonly toBuy: number;
  readonly byLayer: readonly { readonly id: string; readonly cost: number }[];
  /** What the leftovers cost; byLayer and this add up to `used`. */
  readonly leftover: number;
  readonly byIngredient: readonly { readonly name: string; readonly massG: number; readonly cost: number | null }[];
}

/** Cost of one line, or null where the mass or the price is not known. */
export function lineCost({ ingredient, massG }: UsedLine): number | null {
  const price = pricePerGram(ingredient);
  return price === null || massG === null ? null : massG * price;
}

/**
 * Cost of what is used, by layer and by ingredient. A layer pays for its share of each preparation, with what evaporated
 * and stuck; leftovers are charged to the slab and shown apart. A line without a price counts nothing here and is told
 * by the second reader.
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

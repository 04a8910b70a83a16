import { plainName, type Ingredient, type Larder } from '../larder';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { mixtureKey } from '../weighOut';
import { plan } from './plan';

/** A saved slab. */
export interface NamedSlab {
  readonly id: number;
  readonly slab: Slab;
}

/** A slab that uses something, with the amount that one batch needs, g; `null` if it cannot be weighed. */
export interface SlabUse {
  readonly slab: number;
  readonly name: string;
  readonly needG: number | null;
}

/** Most slabs that are named for one thing. */
const MAX_USES = 6;

/** Returns the slabs that use an ingredient, those that use the most of it first. */
export function usesOfIngredient(
  { name, aliases = [] }: Pick<Ingredient, 'name' | 'aliases'>,
  slabs: readonly NamedSlab[],
  larder: Larder,
  shop: Shop,
): SlabUse[] {
  const names = new Set([name, ...aliases].map(plainName));
  const using = slabs.filter(({ slab }) =>
    slab.preparations.some(({ lines }) => lines.some(({ ingredient }) => names.has(plainName(ingredient)))),
  );
  return using
    .slice(0, MAX_USES)
    .map(({ id, slab }): SlabUse => {
      const lines = plan(slab, larder, shop)
        .preparations.flatMap((preparation) => preparation.lines)
        .filter(({ ingredient }) => names.has(plainName(ingredient)));
      const isKnown = lines.every(({ massG }) => massG !== null);
      return { slab: id, name: slab.name, needG: isKnown ? lines.reduce((sum, { massG }) => sum + massG!, 0) : null };
    })
    .sort((a, b) => (b.needG ?? 0) - (a.needG ?? 0));
}

/** Returns the slabs that use the same mixture, made from the same ingredients in the same proportions, with the amount each needs of it. */
export function usesOfMixture(
  of: Slab,
  preparation: string,
  slabs: readonly NamedSlab[],
  larder: Larder,
  shop: Shop,
): SlabUse[] {
  const own = expandDividedLines(of).preparations.find(({ id }) => id === preparation);
  if (!own) return [];
  const key = mixtureKey(own);
  return slabs
    .flatMap(({ id, slab }): SlabUse[] => {
      const at = expandDividedLines(slab).preparations.findIndex((one) => mixtureKey(one) === key);
      if (at < 0) return [];
      return [{ slab: id, name: slab.name, needG: plan(slab, larder, shop).preparations[at]!.massOutG }];
    })
    .slice(0, MAX_USES);
}

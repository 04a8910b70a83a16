import { inCurrency } from '../cost';
import { weighOutList, type WeighOutList } from '../weighOut';
import { figuresIn } from '../measure';
import { larderOf, type Larder } from '../larder';
import type { Plan } from './planned';
import type { Shop } from '../shop';
import { expandDividedLines, type ExpandedSlab, type Slab } from '../slab';
import type { Take } from './sharedPots';

/** A slab with its plan, for weighing out. */
export interface WeighOutWork {
  readonly key: string;
  readonly slab: Slab;
  readonly plan: Plan;
  /** Mixtures that a batch takes from the pots of others, by their keys. Without it, slabs are made together. */
  readonly takes?: readonly Take[] | undefined;
}

/** Returns the mass of each preparation for each tin, g, without leftovers. */
function inTinsOf({ layers }: ExpandedSlab, { preparations, slabs }: Plan): number[][] {
  const tins = slabs.flatMap(({ count, layers: laid }) => new Array<typeof laid>(count).fill(laid));
  return preparations.map(({ id, massOutG, leftoverG }) => {
    const shares = tins.map((laid) =>
      layers.reduce((sum, { from }, l) => {
        const share = from.reduce((own, part) => own + (part.preparation === id ? part.share : 0), 0);
        return sum + share * laid[l]!.scaleFactor;
      }, 0),
    );
    const all = shares.reduce((sum, share) => sum + share, 0);
    return all > 0 ? shares.map((share) => ((massOutG - leftoverG) * share) / all) : [];
  });
}

/** Returns everything needed for planned slabs. */
export function weighOutSlabs(works: readonly WeighOutWork[], larder: Larder, shop: Shop): WeighOutList {
  return weighOutList(
    works.map(({ key, slab: written, plan, takes }) => {
      const slab = expandDividedLines(written);
      const inTins = inTinsOf(slab, plan);
      return {
        ...{ key, slab, ...(takes ? { takes } : {}) },
        preparations: plan.preparations.map((preparation, p) => ({ ...preparation, inTinsG: inTins[p]! })),
      };
    }),
    {
      larder,
      measures: works[0]?.slab.measures ?? shop.measures,
      scaleStepG: shop.scaleStepG,
      figures: figuresIn(shop.shownIn, shop.measures),
      vessels: shop.vessels ?? [],
    },
    new Map(
      works.flatMap(({ key, slab }) =>
        slab.larder ? [[key, larderOf(inCurrency(slab.larder, shop.currency))] as const] : [],
      ),
    ),
  );
}

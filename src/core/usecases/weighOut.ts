import { inCurrency } from '../cost';
import { weighOutList, type WeighOutList } from '../weighOut';
import { figuresIn } from '../measure';
import { larderOf, type Larder } from '../larder';
import type { Plan } from './planned';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';

/** A slab with its plan, for weighing out. */
export interface WeighOutWork {
  readonly key: string;
  readonly slab: Slab;
  readonly plan: Plan;
}

/** Returns everything needed for planned slabs. */
export function weighOutSlabs(works: readonly WeighOutWork[], larder: Larder, shop: Shop): WeighOutList {
  return weighOutList(
    works.map(({ key, slab, plan }) => ({ key, slab: expandDividedLines(slab), preparations: plan.preparations })),
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

import { larderOf } from '../../core/larder';
import { allergensIn, labelFor, plan, type LabelDraft } from '../../core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import type { PrintedLabels } from './requests/selling';
import { wholeShop } from './shop';
import { slabById, type KeptSlab } from './slabs';

/** All allergens that some of the shop's slabs carry; a number that there is no slab of adds none. */
export function allergensOfSlabs(db: Db, ids: readonly number[]): string[] {
  const slabs = ids.flatMap((id) => slabById(db, id)?.slab ?? []);
  const larder = larderOf(ingredientsFor(db, slabs));
  return [...new Set(slabs.flatMap((slab) => allergensIn(slab, larder)))];
}

/** The draft of a kept slab's label. */
export function keptLabel(
  db: Db,
  { slab }: KeptSlab,
  { madeOn, lot, profile, kind, pieces, alsoMade = [] }: PrintedLabels,
): LabelDraft {
  const larder = larderOf(ingredientsFor(db, [slab]));
  const shop = wholeShop(db);
  return labelFor(slab, larder, shop, plan(slab, larder, shop), {
    ...{ madeOn, lot, profile, kind, pieces },
    alsoMade: allergensOfSlabs(db, alsoMade),
  });
}

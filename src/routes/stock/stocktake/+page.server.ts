import { pricePerGram } from '$core/cost';
import { fromThousandths } from '$core/stock';
import { database } from '$lib/server/db';
import { allIngredients } from '$lib/server/larder';
import { heldIngredients } from '$lib/server/stock';

/** Loads every ingredient with its lots, by shelf, for counting. */
export function load() {
  const db = database();
  const held = heldIngredients(db);
  const rows = allIngredients(db).flatMap((ingredient) => {
    const { id, name, shelf = '' } = ingredient;
    const known = held.get(id);
    const lots = known && known.lots.length > 0 ? known.lots : [{ lot: '', thousandths: 0, keepsUntil: null }];
    const costPerG = pricePerGram(ingredient);
    return lots.map(({ lot, thousandths, keepsUntil }) => ({
      ...{ id, name, shelf, lot, keepsUntil, costPerG },
      heldG: known ? fromThousandths(thousandths) : null,
      isStocked: known !== undefined && known.thousandths !== 0,
    }));
  });
  return { rows };
}

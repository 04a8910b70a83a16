import { pricePerGram } from '$core/cost';
import { fromThousandths } from '$core/stock';
import { database } from '$lib/server/db';
import { allIngredients } from '$lib/server/larder';
import { heldIngredients } from '$lib/server/stock/held';

const MAX_ROWS = 1000;

/** Loads the ingredients that are in stock with their lots, by shelf, for counting; with `?all=yes` also those that are not. */
export function load({ url }) {
  const db = database();
  const isAll = url.searchParams.get('all') === 'yes';
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
  const shown = isAll ? rows : rows.filter(({ isStocked }) => isStocked);
  return { rows: shown.slice(0, MAX_ROWS), isAll, isCut: shown.length > MAX_ROWS, isEmpty: rows.length === 0 };
}

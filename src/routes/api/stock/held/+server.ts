import { fromThousandths } from '$core/stock';
import { isMoment } from '$core/validation';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { ingredientNames } from '$lib/server/larder';
import { heldIngredients, heldPieces } from '$lib/server/stock/held';
import { tagged } from '$lib/server/tagged';

/** Answers what is held, now or at a moment (`?at=`): ingredients with their lots, and pieces by lot. What nobody ever counted is left out. */
export function GET({ request, url }) {
  const at = url.searchParams.get('at');
  if (at !== null && !isMoment(at)) return refusal('not-a-range', 'at');
  const db = database();
  const until = at === null ? undefined : new Date(at).toISOString();
  const names = ingredientNames(db);
  const held = [...heldIngredients(db, undefined, until).values()].flatMap(({ ingredient, thousandths, lots }) => {
    const name = names.get(ingredient);
    if (name === undefined) return [];
    const byLot = lots.map(({ lot, thousandths, keepsUntil }) => ({
      lot,
      held: fromThousandths(thousandths),
      keepsUntil,
    }));
    return [{ ingredient: name, held: fromThousandths(thousandths), unit: 'g' as const, lots: byLot }];
  });
  const pieces = heldPieces(db, until).map(({ slab, kind, lot, unit, thousandths, keepsUntil }) => ({
    ...{ slab, kind: kind === '' ? null : kind, lot, unit },
    ...{ held: fromThousandths(thousandths), keepsUntil },
  }));
  return tagged(request, { held, pieces });
}

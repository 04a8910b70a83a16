import { larderOf } from '../../core/larder';
import { plan } from '../../core/plan';
import { textureOf } from '../../core/slab';
import { tinInWords } from '../../core/tin';
import { database } from '$lib/server/db';
import { allIngredients } from '$lib/server/larder';
import { shopSettings } from '$lib/server/shop';
import { allSlabs } from '$lib/server/slabs';

/** The shop's slabs, each with what its card shows; the plan itself stays here. */
export function load() {
  const db = database();
  const larder = larderOf(allIngredients(db));
  const shop = shopSettings(db);
  const slabs = allSlabs(db).map(({ id, slab, keptAt }) => {
    const { cut, cost, slabs: made } = plan(slab, larder, shop);
    const [first] = made;
    return {
      id,
      keptAt,
      name: slab.name,
      tin: first!.tin,
      tinWords: `${first!.count > 1 ? `${first!.count} x ` : ''}${tinInWords(first!.tin)}`,
      layers: first!.layers.map((layer, i) => ({ ...layer, texture: textureOf(slab.layers[i]!, slab.preparations) })),
      pieces: cut.pieces.reduce((sum, { count }) => sum + count, 0),
      perPiece: cost.perPiece,
      eachG: cut.pieces[0]?.massG ?? 0,
    };
  });
  return { slabs };
}

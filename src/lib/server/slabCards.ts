import { larderOf, plainName } from '../../core/larder';
import { plan } from '../../core/usecases/plan';
import { textureOf } from '../../core/slab';
import { tinInWords } from '../../core/tin';
import { changeStamp, type Db } from './db/open';
import { allIngredients } from './larder';
import { wholeShop } from './shop';
import { slabById, slabNames, type KeptSlab } from './slabs';

/** A slab as its card in the list shows it. */
export type SlabCard = ReturnType<typeof cardOf>;

function cardOf(
  { id, slab, keptAt }: KeptSlab,
  larder: ReturnType<typeof larderOf>,
  shop: ReturnType<typeof wholeShop>,
) {
  const { cut, cost, slabs: made } = plan(slab, larder, shop);
  const first = made[0]!;
  return {
    id,
    keptAt,
    name: slab.name,
    tin: first.tin,
    tinWords: `${first.count > 1 ? `${first.count} x ` : ''}${tinInWords(first.sheet ?? first.tin)}`,
    layers: first.layers.map((layer, i) => ({ ...layer, texture: textureOf(slab.layers[i]!, slab.preparations) })),
    pieces: cut.pieces.reduce((sum, { count }) => sum + count, 0),
    perPiece: cost.perPiece,
    eachG: cut.pieces[0]?.massG ?? 0,
  };
}

/** Cards that have been worked out, until anything in the database changes. */
let worked = { stamp: '', cards: new Map<number, SlabCard>() };

/**
 * A page of the shop's slabs whose names hold some letters, the last kept first; and how many there are in all.
 *
 * @param from how many to pass over
 */
export function slabCards(
  db: Db,
  sought: string,
  from: number,
  most: number,
): { cards: SlabCard[]; count: number; all: number } {
  const names = slabNames(db);
  const wanted = plainName(sought);
  const found = wanted === '' ? names : names.filter(({ name }) => plainName(name).includes(wanted));
  const stamp = changeStamp(db);
  if (stamp !== worked.stamp) worked = { stamp, cards: new Map() };
  const page = found.slice(from, from + most);
  const missing = page.filter(({ id }) => !worked.cards.has(id));
  if (missing.length > 0) {
    const larder = larderOf(allIngredients(db));
    const shop = wholeShop(db);
    for (const { id } of missing) worked.cards.set(id, cardOf(slabById(db, id)!, larder, shop));
  }
  return { cards: page.map(({ id }) => worked.cards.get(id)!), count: found.length, all: names.length };
}

import { larderOf, plainName, type Larder } from '../../core/larder';
import { figuresIn } from '../../core/measure';
import { plan } from '../../core/usecases';
import type { Shop } from '../../core/shop';
import { type Slab } from '../../core/slab';
import { lookOf } from '../../core/classify';
import { tinInWords } from '../../core/tin';
import { changeStamp, type Db } from './db/open';
import { ingredientsFor } from './larder';
import { wholeShop } from './shop';
import { slabById, slabNames, type KeptSlab } from './slabs';

/** A slab as its card in the list shows it; `drawn` is null where it cannot be worked out. */
export interface SlabCard extends Pick<KeptSlab, 'id' | 'keptAt'> {
  readonly name: string;
  readonly drawn: ReturnType<typeof drawnSlab> | null;
}

/** One slab that cannot be worked out says so on its card, and takes no other with it. */
function cardOf(kept: KeptSlab, larder: Larder, shop: Shop): SlabCard {
  const { id, keptAt, slab } = kept;
  try {
    return { id, keptAt, name: slab.name, drawn: drawnSlab(slab, larder, shop) };
  } catch {
    return { id, keptAt, name: slab.name, drawn: null };
  }
}

/** A slab as it is drawn on a card, with what its pieces are. */
export function drawnSlab(slab: Slab, larder: Larder, shop: Shop) {
  const { cut, cost, slabs: made } = plan(slab, larder, shop);
  const first = made[0]!;
  return {
    tin: first.tin,
    tinWords: `${first.count > 1 ? `${first.count} x ` : ''}${tinInWords(first.sheet ?? first.tin, figuresIn(shop.shownIn, shop.measures))}`,
    layers: first.layers.map((layer, i) => ({ ...layer, texture: lookOf(slab.layers[i]!, slab.preparations) })),
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
    const kept = missing.map(({ id }) => slabById(db, id)!);
    const larder = larderOf(
      ingredientsFor(
        db,
        kept.map(({ slab }) => slab),
      ),
    );
    const shop = wholeShop(db);
    for (const slab of kept) worked.cards.set(slab.id, cardOf(slab, larder, shop));
  }
  return { cards: page.map(({ id }) => worked.cards.get(id)!), count: found.length, all: names.length };
}

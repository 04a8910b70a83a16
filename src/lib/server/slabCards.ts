import { setImmediate } from 'node:timers/promises';
import { larderOf, type Larder } from '../../core/larder';
import { figuresIn } from '../../core/measure';
import { plan } from '../../core/usecases';
import type { Shop } from '../../core/shop';
import { type Slab } from '../../core/slab';
import { lookOf } from '../../core/classify';
import { tinInWords } from '../../core/tin';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { shopSettings } from './shop';
import { quickResult, resultKey } from './results';
import { slabById, slabNamesFound, type KeptSlab } from './slabs';

/** Cards are worked out for so long before others have their turn, ms. */
const STRETCH_MS = 20;

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

/**
 * A page of the shop's slabs whose names hold some letters, the last saved first; and how many there are in all. A card is worked
 * out again only when something that it shows depends on has changed.
 *
 * @param from how many to skip
 */
export async function slabCards(
  db: Db,
  sought: string,
  from: number,
  most: number,
): Promise<{ cards: SlabCard[]; count: number; all: number }> {
  const { names, count, all } = slabNamesFound(db, sought, from, most);
  const shop = shopSettings(db);
  const cards: SlabCard[] = [];
  let until = performance.now() + STRETCH_MS;
  for (const { id } of names) {
    const kept = slabById(db, id);
    if (!kept) continue;
    const ingredients = ingredientsFor(db, [kept.slab]);
    const key = resultKey('card', kept.slab, ingredients, shop);
    cards.push({ ...quickResult(key, () => cardOf(kept, larderOf(ingredients), shop)), id, keptAt: kept.keptAt });
    if (performance.now() < until) continue;
    await setImmediate();
    until = performance.now() + STRETCH_MS;
  }
  return { cards, count, all };
}

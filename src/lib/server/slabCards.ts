import { setImmediate, setTimeout } from 'node:timers/promises';
import { larderOf, type Ingredient } from '$core/larder';
import { figuresIn } from '$core/measure';
import { plan, type Plan } from '$core/usecases';
import type { Shop } from '$core/shop';
import { type Slab } from '$core/slab';
import { lookOf } from '$core/classify';
import { tinInWords } from '$core/tin';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { isHeavy, planned } from './planned';
import { shopSettings } from './shop';
import { quickResult, resultKey, resultOf } from './results';
import { slabById, slabNamesFound, type KeptSlab } from './slabs';

/** Time to compute cards before other requests are served, ms. */
const STRETCH_MS = 20;

/** Time after which the page is sent as far as it is computed, ms. */
const PATIENCE_MS = 150;

/** Drawing of a slab's card; `null` if the slab cannot be planned. */
type Drawn = ReturnType<typeof drawnSlab> | null;

/** A slab's card; `drawn` is `undefined` while it is computed. */
export interface SlabCard extends Pick<KeptSlab, 'id' | 'keptAt'> {
  readonly name: string;
  readonly drawn: Drawn | undefined;
}

/** Returns a card's content from a plan: its drawing, and its pieces. */
export function drawnSlab(slab: Slab, { cut, cost, slab: whole, slabs: made }: Plan, shop: Shop) {
  const first = made[0]!;
  return {
    tin: first.tin,
    tinWords: `${first.count > 1 ? `${first.count} x ` : ''}${tinInWords(first.sheet ?? first.tin, figuresIn(shop.shownIn, shop.measures))}`,
    layers: first.layers.map((layer, i) => ({ ...layer, texture: lookOf(slab.layers[i]!, slab.preparations) })),
    pieces: cut.pieces.reduce((sum, { count }) => sum + count, 0),
    perPiece: cost.perPiece,
    eachG: cut.pieces[0]?.massG ?? 0,
    massG: whole.massG,
  };
}

/** Draws a slab with few pieces. A slab that cannot be planned does not affect others. */
function drawnAtOnce(slab: Slab, ingredients: readonly Ingredient[], shop: Shop): Drawn {
  try {
    return drawnSlab(slab, plan(slab, larderOf(ingredients), shop), shop);
  } catch {
    return null;
  }
}

/** Draws a slab that takes too long for the main thread; `undefined` if the server is too busy. */
async function drawnInThread(
  ...[db, key, slab, ingredients, shop]: [Db, string, Slab, readonly Ingredient[], Shop]
): Promise<Drawn | undefined> {
  const found = await resultOf<{ drawn: Drawn }>(db, key, async () => {
    const done = await planned(slab, ingredients, shop);
    if (done.ok) return { drawn: drawnSlab(slab, done.value, shop) };
    // A slab that takes too long is not drawn; a busy server is asked again.
    return done.response.status === 422 ? { drawn: null } : null;
  });
  return found?.drawn;
}

/** A page of the shop's slabs, with the number of matches and the total. */
export interface CardPage {
  readonly cards: readonly SlabCard[];
  readonly count: number;
  readonly all: number;
}

/**
 * Returns a page of the shop's slabs whose names contain a text, the last saved first. A card is recomputed only when its inputs
 * change.
 *
 * @param from how many to skip
 */
export async function slabCards(db: Db, sought: string, from: number, most: number): Promise<CardPage> {
  const { names, count, all } = slabNamesFound(db, sought, from, most);
  const shop = shopSettings(db);
  const cards: SlabCard[] = [];
  const underWay: Promise<void>[] = [];
  let until = performance.now() + STRETCH_MS;
  for (const { id } of names) {
    const kept = slabById(db, id);
    if (!kept) continue;
    const { keptAt, slab } = kept;
    const ingredients = ingredientsFor(db, [slab]);
    const key = resultKey('card', slab, ingredients, shop);
    const card = { id, keptAt, name: slab.name };
    const at = cards.push({ ...card, drawn: undefined }) - 1;
    const note = (drawn: Drawn | undefined) => void (cards[at] = { ...card, drawn });
    if (isHeavy(slab)) underWay.push(drawnInThread(db, key, slab, ingredients, shop).then(note));
    else note(quickResult(key, () => drawnAtOnce(slab, ingredients, shop)));
    if (performance.now() < until) continue;
    await setImmediate();
    until = performance.now() + STRETCH_MS;
  }
  await Promise.race([Promise.all(underWay), setTimeout(PATIENCE_MS, null, { ref: false })]);
  return { cards: [...cards], count, all };
}

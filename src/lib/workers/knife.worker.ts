/** Computes in a worker when a slab can be cut or scored. */
import { READY } from './newestAnswer';
import { larderOf, type Ingredient } from '$core/larder';
import type { Setting } from '$core/setting';
import { scoreAdvice, settingFor, type ScoreAdvice } from '$core/usecases';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';

export interface KnifeQuestion {
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}
export interface KnifeAnswer {
  readonly setting: Pick<Setting, 'cutWindow' | 'cutLimit'> | null;
  readonly score: ScoreAdvice | null;
}

addEventListener('message', ({ data: { slab, ingredients, shop } }: MessageEvent<KnifeQuestion>) => {
  const larder = larderOf(ingredients);
  const setting = settingFor(slab, larder, shop);
  const found: KnifeAnswer = {
    setting: setting && { cutWindow: setting.cutWindow, cutLimit: setting.cutLimit },
    score: setting && slab.cut?.tool === 'score and snap' ? scoreAdvice(slab, larder, shop, setting) : null,
  };
  postMessage(found);
});
postMessage(READY);

/** Computes in a worker how a slab sets. */
import { READY } from './newestAnswer';
import { larderOf, type Ingredient } from '$core/larder';
import type { PlaceStay, RangedSetting, TinSupport } from '$core/setting';
import { fittedCoefficient, rangedSettingFor, settingFor } from '$core/usecases';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';

export interface SettingQuestion {
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly stays: readonly PlaceStay[];
  readonly support: TinSupport;
  /** Additional height, mm, to show the effect of a deeper tin. */
  readonly deeperMm: number;
  /** A measured setting time, to fit the coefficient of its place. */
  readonly measured?:
    { readonly layer: string; readonly minutes: number; readonly place: PlaceStay['place'] } | undefined;
}
export interface SettingAnswer {
  readonly setting: RangedSetting | null;
  /** Minutes until everything is set at the additional height. */
  readonly deeperMinutes: number | null;
  readonly fittedH: number | null;
}

addEventListener('message', ({ data }: MessageEvent<SettingQuestion>) => {
  const { slab, ingredients, shop, stays, support, deeperMm, measured } = data;
  const larder = larderOf(ingredients);
  const setting = rangedSettingFor(slab, larder, shop, {}, stays, support);
  const thicker = settingFor(slab, larder, shop, { scale: { mode: 'total-height', mm: deeperMm } }, stays, support);
  const found: SettingAnswer = {
    setting,
    deeperMinutes: thicker?.cutWindow.fromMinutes ?? null,
    fittedH: measured ? fittedCoefficient(slab, larder, shop, { ...measured, support }) : null,
  };
  postMessage(found);
});
postMessage(READY);

/** Works out how a slab sets, away from the screen. */
import { larderOf, type Ingredient } from '../../core/larder';
import type { PlaceStay, Setting, Standing } from '../../core/setting';
import { fittedFor, settingFor } from '../../core/usecases/setting';
import type { Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';

export interface SettingAsked {
  readonly id: number;
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly stays: readonly PlaceStay[];
  readonly standing: Standing;
  /** A greater height, mm, to show what a deeper tin does. */
  readonly deeperMm: number;
  /** A set time that was measured in a place, from which its coefficient is to be found. */
  readonly measured?:
    { readonly layer: string; readonly minutes: number; readonly place: PlaceStay['place'] } | undefined;
}
export interface SettingFound {
  readonly id: number;
  readonly setting: Setting | null;
  /** Minutes until all is set where the slab is so much higher. */
  readonly deeperMinutes: number | null;
  readonly fittedH: number | null;
}

addEventListener('message', ({ data }: MessageEvent<SettingAsked>) => {
  const { id, slab, ingredients, shop, stays, standing, deeperMm, measured } = data;
  const larder = larderOf(ingredients);
  const setting = settingFor(slab, larder, shop, {}, stays, standing);
  const thicker = settingFor(slab, larder, shop, { scale: { mode: 'total-height', mm: deeperMm } }, stays, standing);
  const found: SettingFound = {
    id,
    setting,
    deeperMinutes: thicker?.cutWindow.fromMinutes ?? null,
    fittedH: measured ? fittedFor(slab, larder, shop, { ...measured, standing }) : null,
  };
  postMessage(found);
});

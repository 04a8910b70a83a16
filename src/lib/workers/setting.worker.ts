/** Works out how a slab sets, away from the screen. */
import { larderOf, type Ingredient } from '../../core/larder';
import type { PlaceStay, Setting, Standing } from '../../core/setting';
import { settingFor } from '../../core/settingFor';
import type { Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';

export interface SettingAsked {
  readonly id: number;
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly stays: readonly PlaceStay[];
  readonly standing: Standing;
  /** Times as thick, to show what a deeper tin does. */
  readonly deeper: number;
}
export interface SettingFound {
  readonly id: number;
  readonly setting: Setting | null;
  /** Minutes until all is set where every layer is `deeper` times as thick. */
  readonly deeperMinutes: number | null;
}

addEventListener('message', ({ data }: MessageEvent<SettingAsked>) => {
  const { id, slab, ingredients, shop, stays, standing, deeper } = data;
  const larder = larderOf(ingredients);
  const setting = settingFor(slab, larder, shop, {}, stays, standing);
  const thicker = settingFor(slab, larder, shop, { scale: { mode: 'multiple', by: deeper } }, stays, standing);
  const found: SettingFound = { id, setting, deeperMinutes: thicker?.cutWindow.fromMinutes ?? null };
  postMessage(found);
});

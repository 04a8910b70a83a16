import { page } from '$app/state';
import { USUAL_SHOP, type Shop } from '$core/shop';
import { datesIn, type ShopDates } from './dates';

/** Days and times as this shop writes them; read it in a `$derived`, so that a change of locale is followed. */
export function shopDates(): ShopDates {
  const shop = page.data.shop as Shop | undefined;
  return datesIn(shop?.locale ?? USUAL_SHOP.locale, shop?.zone);
}

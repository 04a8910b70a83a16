import { page } from '$app/state';
import { USUAL_SHOP, type Shop } from '$core/shop';
import { datesIn, type ShopDates } from './dates';

/** Returns the date and time formats of this shop. Use it in a `$derived` to follow changes of locale. */
export function shopDates(): ShopDates {
  const shop = page.data.shop as Shop | undefined;
  return datesIn(shop?.locale ?? USUAL_SHOP.locale, shop?.zone);
}

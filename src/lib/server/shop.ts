import type { Shop } from '../../core/shop';
import { coinDigits } from '../money';
import type { Db } from './db/open';

/** The shop's settings. */
export function shopSettings(db: Db): Shop {
  return db
    .prepare<[], Shop>('SELECT name, currency, measures, scale_step_g AS scaleStepG FROM shop WHERE id = 1')
    .get()!;
}

/** Keeps the settings. Prices stay the same figures when the currency changes to one with other coins. */
export function saveShop(db: Db, shop: Shop): void {
  db.transaction(() => {
    const shift = 10 ** (coinDigits(shop.currency) - coinDigits(shopSettings(db).currency));
    if (shift !== 1) {
      db.prepare(
        'UPDATE pack SET price_minor = CAST(round(price_minor * ?) AS INTEGER) WHERE price_minor IS NOT NULL',
      ).run(shift);
    }
    db.prepare(
      'UPDATE shop SET name = :name, currency = :currency, measures = :measures, scale_step_g = :scaleStepG WHERE id = 1',
    ).run(shop);
  })();
}

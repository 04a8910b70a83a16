import type { Shop } from '../../core/shop';
import { coinDigits } from '../money';
import type { Db } from './db/open';
import { allTins } from './tins';

type Settings = Omit<Shop, 'rack'>;
type Things = Omit<Settings, 'name' | 'currency' | 'measures' | 'scaleStepG'>;
type Row = Omit<Settings, keyof Things> & { readonly things: string };

/** The shop's settings. */
export function shopSettings(db: Db): Settings {
  const { things, ...row } = db
    .prepare<[], Row>('SELECT name, currency, measures, scale_step_g AS scaleStepG, things FROM shop WHERE id = 1')
    .get()!;
  return { ...row, ...(JSON.parse(things) as Things) };
}

/** The shop with everything that it has to work with. */
export function wholeShop(db: Db): Shop {
  return { ...shopSettings(db), rack: allTins(db) };
}

/** Keeps the settings. Prices stay the same figures when the currency changes to one with other coins. */
export function saveShop(db: Db, settings: Settings): void {
  const { name, currency, measures, scaleStepG, ...things } = settings;
  db.transaction(() => {
    const shift = 10 ** (coinDigits(currency) - coinDigits(shopSettings(db).currency));
    if (shift !== 1) {
      for (const table of ['pack', 'pack_price'])
        db.prepare(
          `UPDATE ${table} SET price_minor = CAST(round(price_minor * ?) AS INTEGER) WHERE price_minor IS NOT NULL`,
        ).run(shift);
    }
    db.prepare(
      `UPDATE shop SET name = :name, currency = :currency, measures = :measures, scale_step_g = :scaleStepG,
       things = :things WHERE id = 1`,
    ).run({ name, currency, measures, scaleStepG, things: JSON.stringify(things) });
  })();
}

import { moneyTurned, type Shop } from '$core/shop';
import { storedJson } from '$core/validation';
import { coinDigits } from '$core/cost';
import type { Db } from './db/open';
import { cachedRead, forgetReads } from './db/reads';
import { allTins } from './tins';

/** The shop's settings, without its tins. */
export type Settings = Omit<Shop, 'rack'>;
type Things = Omit<Settings, 'name' | 'currency' | 'measures' | 'scaleStepG'>;

/** Stored settings; `revision` shows whether someone else has changed them. */
export interface KeptSettings {
  readonly revision: number;
  readonly settings: Settings;
}

interface Row extends Pick<Settings, 'name' | 'currency' | 'measures' | 'scaleStepG'> {
  readonly revision: number;
  readonly things: string;
}

/** Returns the shop's settings with their revision. */
export const keptSettings = (db: Db): KeptSettings => cachedRead(db, 'settings', '', () => readSettings(db));

function readSettings(db: Db): KeptSettings {
  const { things, revision, ...row } = db
    .prepare<[], Row>(
      'SELECT revision, name, currency, measures, scale_step_g AS scaleStepG, things FROM shop WHERE id = 1',
    )
    .get()!;
  return { revision, settings: { ...row, ...storedJson<Things>(things) } };
}

/** Returns the shop's settings. */
export function shopSettings(db: Db): Settings {
  return keptSettings(db).settings;
}

/** Returns the shop with all its equipment. */
export function wholeShop(db: Db): Shop {
  return { ...shopSettings(db), rack: allTins(db) };
}

export type SettingsKept =
  { readonly ok: true; readonly revision: number } | { readonly ok: false; readonly latest: KeptSettings };

/**
 * Changes some settings. Prices stay in their currency, unless a rate converts them.
 *
 * @param at the revision that the change began from; if others have been kept since, nothing is written and those are returned
 * @param rate how much of the new currency one of the old is
 * @param today YYYY-MM-DD, from which prices in the new currency hold
 */
export function saveSettings(
  db: Db,
  at: number,
  changes: Partial<Settings>,
  rate: number | null = null,
  today = new Date().toISOString().slice(0, 10),
): SettingsKept {
  forgetReads(db, 'settings', 'larder');
  return db
    .transaction((): SettingsKept => {
      const latest = keptSettings(db);
      if (latest.revision !== at) return { ok: false, latest };
      const next = { ...latest.settings, ...changes };
      const { name, currency, measures, scaleStepG } = next;
      const things = rest(next, latest.settings.currency, rate);
      if (rate !== null && currency !== latest.settings.currency)
        convertPrices(db, latest.settings.currency, currency, rate, today);
      db.prepare(
        `UPDATE shop SET revision = revision + 1, name = :name, currency = :currency, measures = :measures,
         scale_step_g = :scaleStepG, things = :things WHERE id = 1`,
      ).run({ name, currency, measures, scaleStepG, things: JSON.stringify(things) });
      return { ok: true, revision: at + 1 };
    })
    .immediate();
}

/** Settings without a column of their own; their money keeps its currency, or is converted. */
function rest(settings: Settings, from: string, rate: number | null): Omit<Settings, (typeof OWN_COLUMNS)[number]> {
  const things = Object.fromEntries(
    Object.entries(settings).filter(([field]) => !(OWN_COLUMNS as readonly string[]).includes(field)),
  ) as Omit<Settings, (typeof OWN_COLUMNS)[number]>;
  const { currency: to } = settings;
  return from === to ? things : moneyTurned(things, { from, to, rate, coin: 10 ** coinDigits(to) });
}

const OWN_COLUMNS = ['name', 'currency', 'measures', 'scaleStepG'] as const;

/** Converts prices of packs from today; earlier prices stay in the history. */
function convertPrices(db: Db, from: string, to: string, rate: number, today: string): void {
  const coins = rate * 10 ** (coinDigits(to) - coinDigits(from));
  db.prepare(
    `UPDATE pack SET price_minor = CAST(round(price_minor * :coins) AS INTEGER), currency = :to, priced_on = :today
     WHERE currency = :from AND price_minor IS NOT NULL`,
  ).run({ coins, from, to, today });
  db.prepare(
    `INSERT OR REPLACE INTO pack_price (ingredient_id, pack_name, mass_g, price_minor, priced_on, currency)
     SELECT ingredient_id, name, mass_g, price_minor, :today, :to FROM pack
     WHERE currency = :to AND priced_on = :today AND price_minor IS NOT NULL`,
  ).run({ to, today });
}

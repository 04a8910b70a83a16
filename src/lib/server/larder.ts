import { plainName, type Ingredient, type Pack } from '../../core/larder';
import { coinDigits } from '../money';
import type { Db } from './db/open';
import { shopSettings } from './shop';

/** An ingredient on its shelf: `revision` tells whether someone else has changed it since it was read. */
export type ShelvedIngredient = Ingredient & { readonly id: number; readonly revision: number };

interface Row {
  readonly id: number;
  readonly revision: number;
  readonly name: string;
  readonly densityGPerMl: number | null;
  readonly unitMassG: number | null;
  readonly facts: string;
}

interface PackRow {
  readonly ingredientId: number;
  readonly name: string;
  readonly massG: number;
  readonly priceMinor: number | null;
  readonly pricedOn: string | null;
}

const ROWS =
  'SELECT id, revision, name, density_g_per_ml AS densityGPerMl, unit_mass_g AS unitMassG, facts FROM ingredient';
const PACKS =
  'SELECT ingredient_id AS ingredientId, name, mass_g AS massG, price_minor AS priceMinor, priced_on AS pricedOn FROM pack';

/** All ingredients with their packs, by name. */
export function allIngredients(db: Db): ShelvedIngredient[] {
  const rows = db.prepare<[], Row>(`${ROWS} ORDER BY plain_name`).all();
  return withPacks(db, rows, db.prepare<[], PackRow>(`${PACKS} ORDER BY ingredient_id, position`).all());
}

/** Ingredients whose name or alias holds some letters, by name; a part of them, and how many there are in all. */
export function foundIngredients(
  db: Db,
  sought: string,
  from: number,
  most: number,
): { readonly ingredients: ShelvedIngredient[]; readonly count: number } {
  const like = `%${plainName(sought).replace(/[\\%_]/g, '\\$&')}%`;
  const where = `plain_name LIKE :like ESCAPE '\\' OR lower(coalesce(json_extract(facts, '$.aliases'), '')) LIKE :like ESCAPE '\\'`;
  const count = db.prepare(`SELECT count(*) FROM ingredient WHERE ${where}`).pluck().get({ like }) as number;
  const rows = db
    .prepare<unknown[], Row>(`${ROWS} WHERE ${where} ORDER BY plain_name LIMIT :most OFFSET :from`)
    .all({ like, most, from });
  const ids = rows.map(({ id }) => id);
  const packs = db
    .prepare<[string], PackRow>(
      `${PACKS} WHERE ingredient_id IN (SELECT value FROM json_each(?)) ORDER BY ingredient_id, position`,
    )
    .all(JSON.stringify(ids));
  return { ingredients: withPacks(db, rows, packs), count };
}

function withPacks(db: Db, rows: readonly Row[], packRows: readonly PackRow[]): ShelvedIngredient[] {
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  const packs = new Map<number, Pack[]>();
  for (const { ingredientId, name, massG, priceMinor, pricedOn } of packRows) {
    const list = packs.get(ingredientId) ?? [];
    list.push({
      name,
      massG,
      ...(priceMinor === null ? {} : { price: priceMinor / coins }),
      ...(pricedOn === null ? {} : { pricedOn }),
    });
    packs.set(ingredientId, list);
  }
  return rows.map(({ facts, densityGPerMl, unitMassG, ...row }) => ({
    ...(JSON.parse(facts) as Partial<Ingredient>),
    ...row,
    ...(densityGPerMl === null ? {} : { densityGPerMl }),
    ...(unitMassG === null ? {} : { unitMassG }),
    packs: packs.get(row.id) ?? [],
  }));
}

export type Shelved =
  | { readonly ok: true; readonly id: number }
  | { readonly ok: false; readonly reason: 'name-taken' | 'changed-elsewhere' };

/**
 * Puts an ingredient on the shelf, or changes one.
 *
 * A price that differs from the last one of its pack goes into the pack's history, under its own day or today's.
 *
 * @param at the ingredient to change and the revision that was read; left out for a new one
 * @param today YYYY-MM-DD
 */
export function shelve(
  db: Db,
  ingredient: Ingredient,
  at?: { id: number; revision: number },
  today = new Date().toISOString().slice(0, 10),
): Shelved {
  const { name, densityGPerMl = null, unitMassG = null, packs = [], ...facts } = ingredient;
  const row = { name, plainName: plainName(name), densityGPerMl, unitMassG, facts: JSON.stringify(facts) };
  return db
    .transaction((): Shelved => {
      const taken = db
        .prepare<[string], { id: number }>('SELECT id FROM ingredient WHERE plain_name = ?')
        .get(row.plainName);
      if (taken && taken.id !== at?.id) return { ok: false, reason: 'name-taken' };
      if (!at) {
        const { lastInsertRowid } = db
          .prepare(
            `INSERT INTO ingredient (name, plain_name, density_g_per_ml, unit_mass_g, facts)
             VALUES (:name, :plainName, :densityGPerMl, :unitMassG, :facts)`,
          )
          .run(row);
        putPacks(db, Number(lastInsertRowid), packs, today);
        return { ok: true, id: Number(lastInsertRowid) };
      }
      const { changes } = db
        .prepare(
          `UPDATE ingredient SET revision = revision + 1, name = :name, plain_name = :plainName,
           density_g_per_ml = :densityGPerMl, unit_mass_g = :unitMassG, facts = :facts
           WHERE id = :id AND revision = :revision`,
        )
        .run({ ...row, ...at });
      if (changes === 0) return { ok: false, reason: 'changed-elsewhere' };
      putPacks(db, at.id, packs, today);
      return { ok: true, id: at.id };
    })
    .immediate();
}

/** Takes an ingredient off the shelf. Slabs that name it keep their lines. */
export function unshelve(db: Db, id: number): boolean {
  return db.prepare('DELETE FROM ingredient WHERE id = ?').run(id).changes === 1;
}

function putPacks(db: Db, ingredientId: number, packs: readonly Pack[], today: string): void {
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  db.prepare('DELETE FROM pack WHERE ingredient_id = ?').run(ingredientId);
  const insert = db.prepare(
    'INSERT INTO pack (ingredient_id, position, name, mass_g, price_minor, priced_on) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const last = db.prepare<[number, string], { priceMinor: number; massG: number; pricedOn: string }>(
    `SELECT price_minor AS priceMinor, mass_g AS massG, priced_on AS pricedOn FROM pack_price WHERE ingredient_id = ? AND pack_name = ?
     ORDER BY priced_on DESC, id DESC LIMIT 1`,
  );
  const note = db.prepare(
    `INSERT INTO pack_price (ingredient_id, pack_name, mass_g, price_minor, priced_on) VALUES (?, ?, ?, ?, ?)
     ON CONFLICT (ingredient_id, pack_name, priced_on) DO UPDATE SET price_minor = excluded.price_minor, mass_g = excluded.mass_g`,
  );
  packs.forEach(({ name, massG, price, pricedOn }, position) => {
    const minor = price === undefined ? null : Math.round(price * coins);
    const before = last.get(ingredientId, name);
    const moved = minor !== null && (before?.priceMinor !== minor || before.massG !== massG);
    // A new price under the day of the old one was typed over it: it holds from today.
    const isNew = moved && (pricedOn === undefined || pricedOn === before?.pricedOn);
    const day = minor === null ? null : isNew ? today : (pricedOn ?? null);
    insert.run(ingredientId, position, name, massG, minor, day);
    if (minor !== null && moved) note.run(ingredientId, name, massG, minor, day ?? today);
  });
}

/** One price that a pack had, from a day on. */
export interface PastPrice {
  readonly pack: string;
  readonly massG: number;
  readonly price: number;
  readonly pricedOn: string;
}

/** All prices that an ingredient's packs have had, the oldest first. */
export function priceHistory(db: Db, ingredientId: number): PastPrice[] {
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  return db
    .prepare<[number], Omit<PastPrice, 'price'> & { priceMinor: number }>(
      `SELECT pack_name AS pack, mass_g AS massG, price_minor AS priceMinor, priced_on AS pricedOn
       FROM pack_price WHERE ingredient_id = ? ORDER BY priced_on, id`,
    )
    .all(ingredientId)
    .map(({ priceMinor, ...row }) => ({ ...row, price: priceMinor / coins }));
}

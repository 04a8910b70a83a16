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
}

const ROWS =
  'SELECT id, revision, name, density_g_per_ml AS densityGPerMl, unit_mass_g AS unitMassG, facts FROM ingredient';
const PACKS = 'SELECT ingredient_id AS ingredientId, name, mass_g AS massG, price_minor AS priceMinor FROM pack';

/** All ingredients with their packs, by name. */
export function allIngredients(db: Db): ShelvedIngredient[] {
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  const packs = new Map<number, Pack[]>();
  for (const { ingredientId, name, massG, priceMinor } of db
    .prepare<[], PackRow>(`${PACKS} ORDER BY ingredient_id, position`)
    .all()) {
    const list = packs.get(ingredientId) ?? [];
    list.push({ name, massG, ...(priceMinor === null ? {} : { price: priceMinor / coins }) });
    packs.set(ingredientId, list);
  }
  return db
    .prepare<[], Row>(`${ROWS} ORDER BY plain_name`)
    .all()
    .map(({ facts, densityGPerMl, unitMassG, ...row }) => ({
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
 * @param at the ingredient to change and the revision that was read; left out for a new one
 */
export function shelve(db: Db, ingredient: Ingredient, at?: { id: number; revision: number }): Shelved {
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
        putPacks(db, Number(lastInsertRowid), packs);
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
      putPacks(db, at.id, packs);
      return { ok: true, id: at.id };
    })
    .immediate();
}

/** Takes an ingredient off the shelf. Slabs that name it keep their lines. */
export function unshelve(db: Db, id: number): boolean {
  return db.prepare('DELETE FROM ingredient WHERE id = ?').run(id).changes === 1;
}

function putPacks(db: Db, ingredientId: number, packs: readonly Pack[]): void {
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  db.prepare('DELETE FROM pack WHERE ingredient_id = ?').run(ingredientId);
  const insert = db.prepare(
    'INSERT INTO pack (ingredient_id, position, name, mass_g, price_minor) VALUES (?, ?, ?, ?, ?)',
  );
  packs.forEach(({ name, massG, price }, position) =>
    insert.run(ingredientId, position, name, massG, price === undefined ? null : Math.round(price * coins)),
  );
}

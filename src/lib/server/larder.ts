import { plainName, type Ingredient, type Larder } from '$core/larder';
import { namesNeeded, type Scale, type Slab } from '$core/slab';
import { storedJson } from '$core/validation';
import { fromThousandths } from '$core/stock';
import { holdsLetters } from './db/letters';
import type { Db } from './db/open';
import { cachedRead, forgetReads } from './db/reads';
import { packsOf, replacePacks } from './packs';
import { heldIngredients } from './stock/held';
import { countWhole } from './stock/ledger';

/** A larder ingredient; `revision` shows whether someone else has changed it. */
export type StoredIngredient = Ingredient & { readonly id: number; readonly revision: number };

interface Row {
  readonly id: number;
  readonly revision: number;
  readonly name: string;
  readonly densityGPerMl: number | null;
  readonly unitMassG: number | null;
  readonly facts: string;
}

const ROWS =
  'SELECT id, revision, name, density_g_per_ml AS densityGPerMl, unit_mass_g AS unitMassG, facts FROM ingredient';

/** Returns all ingredients with their packs and what is held of them, by name. */
export function allIngredients(db: Db): StoredIngredient[] {
  const rows = db.prepare<[], Row>(`${ROWS} ORDER BY plain_name`).all();
  return withHeld(db, ingredientsIn(rows, packsOf(db)));
}

/** Returns ingredients with what is held of them, g: the sum of the ledger, nothing where that is unknown. */
export function withHeld(db: Db, ingredients: readonly StoredIngredient[]): StoredIngredient[] {
  const held = heldIngredients(
    db,
    ingredients.map(({ id }) => id),
  );
  return ingredients.map((ingredient) => {
    const own = held.get(ingredient.id);
    return own ? { ...ingredient, heldG: fromThousandths(own.thousandths) } : ingredient;
  });
}

/** Returns a page of ingredients whose name or alias contains a text, with what is held of them, and their number. */
export function foundIngredients(
  db: Db,
  sought: string,
  from: number,
  most: number,
): { readonly ingredients: StoredIngredient[]; readonly count: number } {
  const { sql, like } = holdsLetters('ingredient_letters', 'id', sought);
  const isAll = plainName(sought) === '';
  const [where, bound] = isAll ? ['', []] : [`WHERE ${sql}`, [like]];
  const count = db.prepare<unknown[], number>(`SELECT count(*) FROM ingredient ${where}`).pluck().get(bound)!;
  const rows = db
    .prepare<unknown[], Row>(`${ROWS} ${where} ORDER BY plain_name LIMIT ? OFFSET ?`)
    .all([...bound, most, from]);
  return { ingredients: withHeld(db, withPacks(db, rows)), count };
}

/** Returns an ingredient by its number, with what is held of it; `null` if it does not exist. */
export function ingredientById(db: Db, id: number): StoredIngredient | null {
  const rows = db.prepare<[number], Row>(`${ROWS} WHERE id = ?`).all(id);
  return withHeld(db, withPacks(db, rows))[0] ?? null;
}

const MAX_NAMES = 20;
/** Maximum depth of compounds. */
const DEEPEST = 20;

/**
 * The ingredients that some names mean, by name or alias, with all that they are made of: what a slab needs of the larder. A name
 * that the larder does not have is left out; of several with one alias the first by name stands. What is held is not among it, so that plans
 * do not change with every gram that is weighed.
 *
 * @param deepest how often what compounds are made of is followed
 */
export function ingredientsNamed(db: Db, names: readonly string[], deepest = DEEPEST): readonly StoredIngredient[] {
  const key = JSON.stringify([deepest, ...new Set(names.map(plainName))]);
  return cachedRead(db, 'larder', key, () => readNamed(db, names, deepest));
}

function readNamed(db: Db, names: readonly string[], deepest: number): StoredIngredient[] {
  const rows = db.prepare<[string], Row>(
    `${ROWS} WHERE id IN (
       SELECT coalesce(
         (SELECT id FROM ingredient WHERE plain_name = asked.value),
         (SELECT ingredient.id FROM ingredient_alias AS alias JOIN ingredient ON ingredient.id = alias.ingredient_id
          WHERE alias.plain_name = asked.value ORDER BY ingredient.plain_name LIMIT 1)
       ) FROM json_each(?) AS asked)`,
  );
  const found = new Map<number, Row>();
  let asked = [...new Set(names.map(plainName))];
  const seen = new Set<string>();
  for (let depth = 0; asked.length > 0 && depth <= deepest; depth++) {
    for (const name of asked) seen.add(name);
    const next = rows.all(JSON.stringify(asked)).filter(({ id }) => !found.has(id));
    for (const row of next) found.set(row.id, row);
    const parts = next.flatMap(({ facts }) => storedJson<Partial<Ingredient>>(facts).madeOf ?? []);
    asked = [...new Set(parts.map(({ ingredient }) => plainName(ingredient)))].filter((name) => !seen.has(name));
  }
  const inOrder = [...found.values()].sort((a, b) => (plainName(a.name) < plainName(b.name) ? -1 : 1));
  return withPacks(db, inOrder);
}

/** Returns up to twenty larder names that contain a text, or whose ingredient has such an alias. */
export function larderNames(db: Db, sought: string): string[] {
  return foundIngredients(db, sought, 0, MAX_NAMES).ingredients.map(({ name }) => name);
}

/** Returns the ingredients of which a least amount is kept. */
export const ingredientsKeptStocked = (db: Db): StoredIngredient[] =>
  withPacks(db, db.prepare<[], Row>(`${ROWS} WHERE json_extract(facts, '$.minimumStockG') IS NOT NULL`).all());

/** Returns the names of all ingredients by their numbers. */
export const ingredientNames = (db: Db): Map<number, string> =>
  new Map(
    db
      .prepare<[], { id: number; name: string }>('SELECT id, name FROM ingredient')
      .all()
      .map(({ id, name }) => [id, name]),
  );

/** Returns the larder ingredients that slabs and a stock list need. */
export function ingredientsFor(db: Db, slabs: readonly Slab[], scale?: Scale): readonly StoredIngredient[] {
  return ingredientsNamed(
    db,
    slabs.flatMap((slab) => namesNeeded(slab, scale)),
  );
}

/** The whole larder with lookups by name: the cost does not depend on its size. */
export function shelfLarder(db: Db): Larder {
  const found = new Map<string, Ingredient | undefined>();
  return {
    get(name) {
      if (!found.has(name)) found.set(name, ingredientsNamed(db, [name], 0)[0]);
      return found.get(name);
    },
  };
}

/** Returns rows as ingredients with their packs. */
function withPacks(db: Db, rows: readonly Row[]): StoredIngredient[] {
  if (rows.length === 0) return [];
  const ids = rows.map(({ id }) => id);
  return ingredientsIn(rows, packsOf(db, ids));
}

const ingredientsIn = (rows: readonly Row[], packs: ReturnType<typeof packsOf>): StoredIngredient[] =>
  rows.map(({ facts, densityGPerMl, unitMassG, ...row }) => ({
    ...storedJson<Partial<Ingredient>>(facts),
    ...row,
    ...(densityGPerMl === null ? {} : { densityGPerMl }),
    ...(unitMassG === null ? {} : { unitMassG }),
    packs: packs.get(row.id) ?? [],
  }));

export type SavedIngredient =
  | { readonly ok: true; readonly id: number }
  | { readonly ok: false; readonly reason: 'name-taken' | 'changed-elsewhere' };

/**
 * Adds or changes an ingredient.
 *
 * A price that differs from the last one of its pack goes into the pack's history, under its own day or today's. What is held goes into the
 * ledger as a stocktake; left out, it stays as it is.
 *
 * @param at the ingredient to change and the revision that was read; left out for a new one
 * @param today YYYY-MM-DD
 */
export function saveIngredient(
  db: Db,
  ingredient: Ingredient,
  at?: { id: number; revision: number },
  today = new Date().toISOString().slice(0, 10),
): SavedIngredient {
  const { name, densityGPerMl = null, unitMassG = null, packs = [], heldG, ...facts } = ingredient;
  forgetReads(db, 'larder');
  const row = { name, plainName: plainName(name), densityGPerMl, unitMassG, facts: JSON.stringify(facts) };
  return db
    .transaction((): SavedIngredient => {
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
        putNames(db, Number(lastInsertRowid), ingredient);
        replacePacks(db, Number(lastInsertRowid), packs, today);
        takeHeld(db, { id: Number(lastInsertRowid), name }, heldG);
        return { ok: true, id: Number(lastInsertRowid) };
      }
      const { changes } = db
        .prepare(
          `UPDATE ingredient SET revision = revision + 1, name = :name, plain_name = :plainName,
           density_g_per_ml = :densityGPerMl, unit_mass_g = :unitMassG, facts = :facts
           WHERE id = :id AND revision = :revision`,
        )
        .run({ ...row, id: at.id, revision: at.revision });
      if (changes === 0) return { ok: false, reason: 'changed-elsewhere' };
      putNames(db, at.id, ingredient);
      replacePacks(db, at.id, packs, today);
      takeHeld(db, { id: at.id, name }, heldG);
      return { ok: true, id: at.id };
    })
    .immediate();
}

/** Enters what is in stock as a stocktake. */
function takeHeld(db: Db, ingredient: { readonly id: number; readonly name: string }, heldG: number | undefined): void {
  // A figure below zero was read from the ledger and cannot have been counted.
  if (heldG !== undefined && heldG >= 0) countWhole(db, ingredient, heldG, new Date().toISOString());
}

export type Removed = { readonly ok: true } | { readonly ok: false; readonly reason: 'gone' | 'changed-elsewhere' };

/**
 * Deletes an ingredient. Slabs that name it keep their lines.
 *
 * @param revision as it was read; if someone else has changed it since, it stays
 */
export function removeIngredient(db: Db, id: number, revision: number): Removed {
  forgetReads(db, 'larder');
  const isRemoved = db
    .transaction(() => {
      if (db.prepare('DELETE FROM ingredient WHERE id = ? AND revision = ?').run(id, revision).changes === 0)
        return false;
      db.prepare('DELETE FROM ingredient_letters WHERE rowid = ?').run(id);
      return true;
    })
    .immediate();
  if (isRemoved) return { ok: true };
  const there = db.prepare('SELECT 1 FROM ingredient WHERE id = ?').get(id);
  return { ok: false, reason: there ? 'changed-elsewhere' : 'gone' };
}

/** Returns a stamp that changes with every change of the larder. */
export function larderStamp(db: Db): string {
  return db
    .prepare(`SELECT count(*) || '.' || coalesce(sum(revision), 0) || '.' || coalesce(max(id), 0) FROM ingredient`)
    .pluck()
    .get() as string;
}

/** Indexes the names of an ingredient. */
function putNames(db: Db, ingredientId: number, { name, aliases = [] }: Ingredient): void {
  const letters = [name, ...aliases].map(plainName).join('\n');
  db.prepare('INSERT OR REPLACE INTO ingredient_letters (rowid, letters) VALUES (?, ?)').run(ingredientId, letters);
  db.prepare('DELETE FROM ingredient_alias WHERE ingredient_id = ?').run(ingredientId);
  const insert = db.prepare('INSERT OR IGNORE INTO ingredient_alias (plain_name, ingredient_id) VALUES (?, ?)');
  for (const alias of aliases) insert.run(plainName(alias), ingredientId);
}

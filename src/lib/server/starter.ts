import { larderOf, type Ingredient, type Larder } from '$core/larder';
import { larderMatch } from '$core/recipe';
import { namesNeeded, readSlab, type Slab } from '$core/slab';
import type { Shop } from '$core/shop';
import { plan, undeclaredNames } from '$core/usecases';
import type { Db } from './db/open';
import { saveIngredient, shelfLarder } from './larder';
import { readIngredient } from './requests/kept';
import { drawnSlab } from './slabCards';
import { addSlab } from './slabs';
import rows from '../../../starter/larder.json';

const texts = import.meta.glob<string>('../../../starter/patterns/*.slab.json', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** A slab to begin from, by kind of work. */
export interface Pattern {
  readonly id: string;
  readonly slab: Slab;
}

export interface PatternCard {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly drawn: ReturnType<typeof drawnSlab>;
}

let shelf: Larder | null = null;
let read: readonly Pattern[] | null = null;

/** Starter list: facts about common ingredients from public food tables, without prices. */
export function starterShelf(): Larder {
  shelf ??= larderOf(rows.map((row) => sound(readIngredient(row))));
  return shelf;
}

/** Returns the starter list's entries for names; unknown names are left out. */
export function starterFor(names: readonly string[]): Ingredient[] {
  return [...new Set(names.flatMap((name) => larderMatch(name, starterShelf()) ?? []))];
}

/**
 * Returns the starter list's entries for what slabs name and the larder does not declare the allergens of.
 *
 * @param ingredients the slabs' larder ingredients
 */
export function starterForSlabs(slabs: readonly Slab[], ingredients: readonly Ingredient[]): Ingredient[] {
  const names = [...new Set(slabs.flatMap((slab) => namesNeeded(slab)))];
  return starterFor(undeclaredNames([...names, ...ingredients.flatMap(componentNames)], larderOf(ingredients)));
}

const componentNames = ({ madeOf = [] }: Ingredient) => madeOf.map(({ ingredient }) => ingredient);

/** Templates, by file name. */
export function patterns(): readonly Pattern[] {
  read ??= Object.entries(texts)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([path, text]) => ({
      id: path.replace(/^.*\/(.*)\.slab\.json$/, '$1'),
      slab: sound(readSlab(text)),
    }));
  return read;
}

/** Returns the templates as cards, with their cross-sections. */
export function patternCards(shop: Shop): PatternCard[] {
  return patterns().map(({ id, slab }) => ({
    id,
    name: slab.name,
    what: slab.notes ?? '',
    drawn: drawnSlab(slab, plan(slab, starterShelf(), shop), shop),
  }));
}

/**
 * Creates a slab from a template. Its ingredients that are missing in the larder are added from the starter list.
 *
 * @returns its number
 */
export function beginFrom({ slab }: Pattern, name: string, db: Db, now: string): number {
  return db.transaction(() => {
    const known = shelfLarder(db);
    const named = slab.preparations.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient));
    for (const ingredient of starterFor(named.filter((ingredient) => !larderMatch(ingredient, known))))
      saveIngredient(db, ingredient);
    return addSlab(db, { ...slab, name: name.trim() || slab.name }, now);
  })();
}

function sound<T>(found: { ok: true; value: T } | { ok: false; problems: readonly unknown[] }): T {
  if (!found.ok) throw new Error(`The starter list does not read: ${JSON.stringify(found.problems)}`);
  return found.value;
}

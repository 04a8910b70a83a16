import Papa from 'papaparse';
import {
  ingredientFromRow,
  LARDER_COLUMNS,
  plainName,
  PRICE_COLUMNS,
  pricedFromRow,
  priceRowsOf,
  rowOfIngredient,
  type Row,
  type RowRead,
} from '../../core/larder';
import type { Ingredient } from '../../core/larder';
import type { Db } from './db/open';
import { allIngredients, shelve, type ShelvedIngredient } from './larder';
import { readIngredient } from './requests/kept';

/** The two tables of the larder: all of it, or the prices of its packs. */
export type LarderTable = 'larder' | 'prices';

/** What a table would change. */
export interface LarderChanges {
  readonly added: readonly string[];
  readonly changed: readonly { readonly name: string; readonly fields: readonly FieldChange[] }[];
  readonly same: number;
  /** Rows that were not taken, by their number in the file: the heading is row 1. */
  readonly bad: readonly { readonly row: number; readonly messages: readonly string[] }[];
}

interface FieldChange {
  readonly field: string;
  readonly before: string;
  readonly after: string;
}

const MOST_ROWS = 20_000;
/** A first cell such as =1+1 would run as a formula when a spreadsheet opens the file. */
const FORMULA = { escapeFormulae: true, newline: '\r\n' } as const;

/** The larder, or its prices, as CSV. */
export function larderCsv(db: Db, table: LarderTable): string {
  const all = allIngredients(db);
  return table === 'larder'
    ? Papa.unparse({ fields: [...LARDER_COLUMNS], data: all.map(rowOfIngredient) }, FORMULA)
    : Papa.unparse({ fields: [...PRICE_COLUMNS], data: all.flatMap(priceRowsOf) }, FORMULA);
}

/** What one ingredient was, and what the rows make of it, one after the other. */
interface Taken {
  readonly id: number | null;
  readonly before: Ingredient | null;
  readonly steps: readonly Ingredient[];
}

function facts({ id: _id, revision: _revision, ...rest }: ShelvedIngredient): Ingredient {
  return rest;
}

/**
 * Reads a table against the larder, without changing anything. Rows that touch the same ingredient build on one another.
 *
 * @param text CSV with a heading, comma or semicolon, as spreadsheets write it
 */
function takenFrom(db: Db, text: string, table: LarderTable): { taken: Taken[]; bad: LarderChanges['bad'] } {
  const shelf = allIngredients(db);
  const now = new Map(shelf.map((one) => [plainName(one.name), facts(one)]));
  const byAlias = new Map(
    [...shelf].reverse().flatMap((one) => (one.aliases ?? []).map((alias) => [plainName(alias), plainName(one.name)])),
  );
  const touched = new Map<string, Taken & { readonly steps: Ingredient[] }>();
  const bad: { row: number; messages: string[] }[] = [];
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MOST_ROWS,
    transformHeader: (name) => name.trim().toLowerCase().replace(/\s+/g, '_'),
    transform: (value) => value.replace(/^'(?=[=+\-@\t\r])/, ''),
  });
  const needed = table === 'larder' ? 'name' : 'ingredient';
  if (!meta.fields?.includes(needed)) {
    const columns = table === 'larder' ? LARDER_COLUMNS : PRICE_COLUMNS;
    return {
      taken: [],
      bad: [{ row: 1, messages: [`The heading has no column "${needed}". Its columns are: ${columns.join(', ')}`] }],
    };
  }
  const shelved = (name: string) => now.get(name) ?? now.get(byAlias.get(name) ?? '') ?? null;
  const onShelf = new Map(shelf.map((one) => [plainName(one.name), one]));
  data.forEach((row: Row, at) => {
    const read: RowRead<Ingredient> =
      table === 'larder'
        ? ingredientFromRow(row, now.get(plainName(row.name ?? '')) ?? null)
        : pricedFromRow(row, shelved);
    const checked = read.ok ? readIngredient(read.value) : null;
    if (!read.ok)
      bad.push({ row: at + 2, messages: read.problems.map(({ column, message }) => `${column}: ${message}`) });
    else if (!checked!.ok)
      bad.push({ row: at + 2, messages: checked!.problems.map(({ path, message }) => `${path}: ${message}`) });
    else {
      const key = plainName(read.value.name);
      const old = onShelf.get(key);
      const one = touched.get(key) ?? { id: old?.id ?? null, before: old ? facts(old) : null, steps: [] };
      one.steps.push(read.value);
      touched.set(key, one);
      now.set(key, read.value);
    }
  });
  return { taken: [...touched.values()], bad };
}

/** What a table would do to the larder. */
export function previewCsv(db: Db, text: string, table: LarderTable): LarderChanges {
  const { taken, bad } = takenFrom(db, text, table);
  const added: string[] = [];
  const changed: { name: string; fields: FieldChange[] }[] = [];
  let same = 0;
  for (const { before, steps } of taken) {
    const after = steps.at(-1)!;
    if (!before) added.push(after.name);
    else {
      const fields = differences(before, after);
      if (fields.length > 0) changed.push({ name: after.name, fields });
      else same += 1;
    }
  }
  return { added, changed, same, bad };
}

function differences(before: Ingredient, after: Ingredient): FieldChange[] {
  const [a, b] = [rowOfIngredient(before), rowOfIngredient(after)];
  const fields: FieldChange[] = LARDER_COLUMNS.filter((column) => a[column] !== b[column]).map((column) => ({
    field: column,
    before: a[column],
    after: b[column],
  }));
  const rest = (one: Ingredient) =>
    (one.packs ?? [])
      .slice(1)
      .map(({ name, price, massG }) => `${name} ${massG} g ${price ?? '-'}`)
      .join('; ');
  if (rest(before) !== rest(after)) fields.push({ field: 'other packs', before: rest(before), after: rest(after) });
  return fields;
}

/** Brings a table into the larder, in one transaction; bad rows are left out and told. */
export function takeCsv(db: Db, text: string, table: LarderTable, today: string): LarderChanges {
  return db
    .transaction(() => {
      const changes = previewCsv(db, text, table);
      const revisions = new Map(allIngredients(db).map(({ id, revision }) => [id, revision]));
      for (const { id, before, steps } of takenFrom(db, text, table).taken) {
        let at = id === null ? undefined : { id, revision: revisions.get(id)! };
        // Each row on its own, so that a list of one pack's prices over time becomes its history.
        for (const step of steps) {
          if (steps.length === 1 && before && differences(before, step).length === 0) continue;
          const done = shelve(db, step, at, today);
          if (!done.ok) throw new Error(`${step.name} was not taken: ${done.reason}`);
          at = { id: done.id, revision: at ? at.revision + 1 : 1 };
        }
      }
      return changes;
    })
    .immediate();
}

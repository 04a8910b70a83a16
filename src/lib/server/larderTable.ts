import { problemMessage, type ProblemMessage } from '$wording/problems';
import Papa from 'papaparse';
import {
  guardedCell,
  ingredientFromRow,
  LARDER_COLUMNS,
  plainName,
  PRICE_COLUMNS,
  pricedFromRow,
  priceRowsOf,
  rowOfIngredient,
  unguardedCell,
  type Ingredient,
  type Row,
  type RowRead,
} from '$core/larder';
import { reason, type Reason } from '$core/validation';
import { readIngredient } from './requests/kept';

/** The larder's tables: ingredients, or prices of packs. */
export type LarderTable = 'larder' | 'prices';

/** A current larder ingredient. */
export interface OnShelf {
  readonly id: number;
  readonly ingredient: Ingredient;
}

/** Changes of a table. */
export interface LarderChanges {
  readonly added: readonly string[];
  readonly changed: readonly { readonly name: string; readonly fields: readonly FieldChange[] }[];
  readonly same: number;
  /** The first rejected rows, by their number in the file (the heading is row 1), and how many there are. The path names a column. */
  readonly bad: readonly { readonly row: number; readonly problems: readonly ProblemMessage[] }[];
  readonly badCount: number;
}

interface FieldChange {
  readonly field: string;
  readonly before: string;
  readonly after: string;
}

/** Versions of one ingredient, row by row, so that a pack's prices over time become its history. */
export interface Taken {
  readonly id: number | null;
  readonly steps: readonly Ingredient[];
}

export interface TableRead {
  readonly changes: LarderChanges;
  readonly taken: readonly Taken[];
}

const MAX_ROWS = 20_000;
/** Each row that changes something is written separately. */
const MAX_WRITES = 5000;
const MAX_BAD = 200;

/** Returns the larder, or its prices, as CSV. */
export function tableOf(ingredients: readonly Ingredient[], table: LarderTable): string {
  const guarded = (rows: readonly Readonly<Record<string, string>>[]) =>
    rows.map((row) => Object.fromEntries(Object.entries(row).map(([column, cell]) => [column, guardedCell(cell)])));
  const config = { newline: '\r\n' } as const;
  return table === 'larder'
    ? Papa.unparse({ fields: [...LARDER_COLUMNS], data: guarded(ingredients.map(rowOfIngredient)) }, config)
    : Papa.unparse({ fields: [...PRICE_COLUMNS], data: guarded(ingredients.flatMap(priceRowsOf)) }, config);
}

const refused = (why: Reason): TableRead => ({
  changes: {
    ...{ added: [], changed: [], same: 0, badCount: 1 },
    bad: [{ row: 1, problems: [problemMessage({ path: '', ...why })] }],
  },
  taken: [],
});

/**
 * Reads a table against the larder without changing anything. Rows of the same ingredient build on one another; rejected rows are
 * listed. Empty cells change nothing.
 *
 * @param text CSV with a heading, comma or semicolon, as spreadsheets write it; at most 20 000 rows
 * @param shelf the larder, by name
 */
export function readTable(text: string, table: LarderTable, shelf: readonly OnShelf[]): TableRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MAX_ROWS + 1,
    transformHeader: (name) => name.trim().toLowerCase().replace(/\s+/g, '_').replace(/^_+/, ''),
    transform: unguardedCell,
  });
  if (data.length > MAX_ROWS) return refused(reason('too-many-rows', { max: MAX_ROWS }));
  const needed = table === 'larder' ? 'name' : 'ingredient';
  const columns: readonly string[] = table === 'larder' ? LARDER_COLUMNS : PRICE_COLUMNS;
  if (!meta.fields?.includes(needed)) {
    return refused(reason('column-missing', { column: needed, columns }));
  }
  const now = new Map(shelf.map(({ ingredient }) => [plainName(ingredient.name), ingredient]));
  const onShelf = new Map(shelf.map((stored) => [plainName(stored.ingredient.name), stored]));
  const byAlias = new Map<string, string>();
  for (const { ingredient } of [...shelf].reverse())
    for (const alias of ingredient.aliases ?? []) byAlias.set(plainName(alias), plainName(ingredient.name));
  const named = (name: string) => now.get(name) ?? now.get(byAlias.get(name) ?? '') ?? null;

  const touched = new Map<string, Ingredient[]>();
  const bad: { row: number; problems: ProblemMessage[] }[] = [];
  let badCount = 0;
  data.forEach((row: Row, at) => {
    const read: RowRead<Ingredient> =
      table === 'larder'
        ? ingredientFromRow(row, now.get(plainName(row.name ?? '')) ?? null)
        : pricedFromRow(row, named);
    const checked = read.ok ? readIngredient(read.value) : null;
    if (read.ok && checked?.ok) {
      const key = plainName(read.value.name);
      const steps = touched.get(key) ?? [];
      steps.push(read.value);
      touched.set(key, steps);
      now.set(key, read.value);
      return;
    }
    badCount += 1;
    if (bad.length >= MAX_BAD) return;
    const problems = read.ok
      ? checked?.ok === false
        ? checked.problems
        : []
      : read.problems.map(({ column, reason }) => ({ path: `/${column}`, ...reason }));
    bad.push({ row: at + 2, problems: problems.map(problemMessage) });
  });

  const added: string[] = [];
  const changed: { name: string; fields: FieldChange[] }[] = [];
  const taken: Taken[] = [];
  let same = 0;
  let writes = 0;
  for (const [key, all] of touched) {
    const old = onShelf.get(key);
    const last = all.at(-1)!;
    const fields = old ? differences(old.ingredient, last) : [];
    if (old && fields.length === 0 && all.length === 1) {
      same += 1;
      continue;
    }
    if (!old) added.push(last.name);
    else if (fields.length > 0) changed.push({ name: last.name, fields });
    else same += 1;
    taken.push({ id: old?.id ?? null, steps: all.map((step) => withoutSameStock(step, old?.ingredient)) });
    writes += all.length;
  }
  if (writes > MAX_WRITES) {
    return refused(reason('too-many-changes', { count: writes, max: MAX_WRITES }));
  }
  return { changes: { added, changed, same, bad, badCount }, taken };
}

/** Leaves out what is in stock where the table does not change it: the bench may use some before the table is written. */
function withoutSameStock(step: Ingredient, old: Ingredient | undefined): Ingredient {
  if (step.heldG !== old?.heldG) return step;
  const { heldG: _heldG, ...rest } = step;
  return rest;
}

function differences(before: Ingredient, after: Ingredient): FieldChange[] {
  const [a, b] = [rowOfIngredient(before), rowOfIngredient(after)];
  const fields: FieldChange[] = LARDER_COLUMNS.filter((column) => a[column] !== b[column]).map((column) => ({
    field: column,
    before: a[column],
    after: b[column],
  }));
  const rest = (ingredient: Ingredient) =>
    (ingredient.packs ?? [])
      .slice(1)
      .map(({ name, price, massG, currency = '' }) => `${name} ${massG} g ${price ?? '-'} ${currency}`.trim())
      .join('; ');
  if (rest(before) !== rest(after)) fields.push({ field: 'other packs', before: rest(before), after: rest(after) });
  return fields;
}

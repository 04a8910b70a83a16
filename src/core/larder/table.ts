import { readNumber } from '../measure';
import { isDay, limitsAt, reason, type NumberLimits, type Reason } from '../validation';
import { ALLERGENS } from './allergenLists';
import type { LARDER_COLUMNS, PRICE_COLUMNS } from './columns';
import { plainName } from './match';
import { DIETS, ingredientSchema } from './schema';
import type { Ingredient, Pack } from './types';

/** A row of a table: cells by column. */
export type Row = Readonly<Record<string, string | undefined>>;

/** A cell with a problem, and what to do. */
export interface CellProblem {
  readonly column: string;
  readonly reason: Reason;
}

export type RowRead<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly CellProblem[] };

/** The ingredient field of each numeric column. Its limits are those of the field. */
const NUMBERS = {
  g_per_ml: 'densityGPerMl',
  one_weighs_g: 'unitMassG',
  water: 'composition.water',
  sugars: 'composition.sugars',
  sucrose: 'sugarKinds.sucrose',
  lactose: 'sugarKinds.lactose',
  mono: 'sugarKinds.mono',
  glucose_syrup: 'sugarKinds.glucoseSyrup',
  fat: 'composition.fat',
  protein: 'composition.protein',
  other: 'composition.other',
  salt: 'composition.salt',
  saturates: 'composition.saturates',
  added_sugars: 'composition.addedSugars',
  starch: 'composition.starch',
  fibre: 'composition.fibre',
  keeps_days_room: 'keepDays.room',
  keeps_days_fridge: 'keepDays.fridge',
  keeps_days_freezer: 'keepDays.freezer',
  usual_from_percent: 'usualPercent.from',
  usual_to_percent: 'usualPercent.to',
  grain_mm: 'grainMm',
  usable_percent: 'usablePercent',
  held_g: 'heldG',
  minimum_stock_g: 'minimumStockG',
  pack_g: 'packs.massG',
  price: 'packs.price',
} as const satisfies Partial<Record<(typeof LARDER_COLUMNS)[number], string>>;
type NumberColumn = keyof typeof NUMBERS;

const limits = new Map<string, NumberLimits>();
/** Limits of an ingredient field, looked up once. */
function limitsOf(field: string): NumberLimits {
  const known = limits.get(field) ?? limitsAt(ingredientSchema, field);
  limits.set(field, known);
  return known;
}

const cell = (row: Row, column: string) => (row[column] ?? '').trim();
const partsOf = (text: string) =>
  text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);

function numbersOf(row: Row, problems: CellProblem[]): Partial<Record<NumberColumn, number>> {
  const found: Partial<Record<NumberColumn, number>> = {};
  for (const column of Object.keys(NUMBERS) as NumberColumn[]) {
    const text = cell(row, column);
    if (text === '') continue;
    const read = readNumber(text, limitsOf(NUMBERS[column]));
    if (read.ok) found[column] = read.value;
    else problems.push({ column, reason: read.reason });
  }
  return found;
}

/** A cell that declares that there are none, unlike an empty cell, which changes nothing. */
const NONE = 'none';

function listOf<T extends string>(
  row: Row,
  column: string,
  known: readonly T[],
  problems: CellProblem[],
): T[] | undefined {
  const text = cell(row, column);
  if (text === '') return undefined;
  if (text.toLowerCase() === NONE) return [];
  const parts = partsOf(text).map((part) => part.toLowerCase());
  const strange = parts.filter((part) => !(known as readonly string[]).includes(part));
  if (strange.length > 0)
    problems.push({ column, reason: reason('value-not-one-of', { value: strange[0]!, allowed: known }) });
  return parts as T[];
}

const listCell = (list: readonly string[] | undefined) => (list?.length === 0 ? NONE : (list ?? []).join('; '));

/** Parses "name=number" parts, such as "sifted=0.47; packed=0.62" or "hazelnuts=50; caster sugar=50". */
function pairsOf(
  row: Row,
  column: string,
  field: string,
  problems: CellProblem[],
): [string, number | undefined][] | undefined {
  const text = cell(row, column);
  if (text === '') return undefined;
  return partsOf(text).map((part) => {
    const [name = '', figure] = part.split('=').map((cell) => cell.trim());
    if (figure === undefined) return [name, undefined];
    const read = readNumber(figure, limitsOf(field));
    if (!read.ok) problems.push({ column, reason: reason('in-part', { part, reason: read.reason }) });
    return [name, read.ok ? read.value : undefined];
  });
}

function dayIn(row: Row, problems: CellProblem[]): string | undefined {
  const text = cell(row, 'priced_on');
  if (text === '') return undefined;
  if (!isDay(text)) problems.push({ column: 'priced_on', reason: reason('not-a-day') });
  return text;
}

const without = <T extends object>(all: T): T =>
  Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as T;

interface PackCells extends Pick<Pack, 'name' | 'massG' | 'price'> {
  readonly day: string | undefined;
}

/** Reads a pack from a row. The day and the currency of an unchanged price are kept; a new price is in the shop's currency. */
function packFromRow(row: Row, { name, massG, price, day }: PackCells, old: Pack | undefined): Pack {
  const before = price === old?.price ? old : undefined;
  const currency = cell(row, 'currency').toUpperCase();
  return without<Pack>({
    ...{ name, massG, price },
    pricedOn: day ?? before?.pricedOn,
    currency: currency || before?.currency,
    supplier: cell(row, 'supplier') || old?.supplier,
  });
}

/**
 * Reads an ingredient from a row of the larder table over its current entry. An empty cell changes nothing.
 *
 * @param before the ingredient of that name, if there is one
 */
export function ingredientFromRow(row: Row, before: Ingredient | null): RowRead<Ingredient> {
  const problems: CellProblem[] = [];
  const name = cell(row, 'name');
  if (name === '') return { ok: false, problems: [{ column: 'name', reason: reason('name-missing') }] };
  const n = numbersOf(row, problems);
  const parts = { water: n.water, sugars: n.sugars, fat: n.fat, protein: n.protein, other: n.other };
  const given = Object.values(parts).filter((value) => value !== undefined).length;
  const known = before?.composition;
  if (given > 0 && given < 5 && !known) {
    problems.push({ column: 'water', reason: reason('composition-incomplete') });
  }
  const named = without({
    salt: n.salt,
    saturates: n.saturates,
    addedSugars: n.added_sugars,
    starch: n.starch,
    fibre: n.fibre,
  });
  const keepDays = without({ room: n.keeps_days_room, fridge: n.keeps_days_fridge, freezer: n.keeps_days_freezer });
  const kinds = without({ sucrose: n.sucrose, lactose: n.lactose, mono: n.mono, glucoseSyrup: n.glucose_syrup });
  const states = pairsOf(row, 'g_per_ml_by_state', 'densities.state', problems);
  const madeOf = pairsOf(row, 'made_of', 'madeOf.percent', problems);
  const [from, to] = [n.usual_from_percent, n.usual_to_percent];
  const pack = cell(row, 'pack');
  const day = dayIn(row, problems);
  const others = before?.packs?.filter((shelved) => shelved.name !== pack) ?? [];
  const old = before?.packs?.find((shelved) => shelved.name === pack);
  const massG = n.pack_g ?? old?.massG;
  if (pack !== '' && massG === undefined)
    problems.push({ column: 'pack_g', reason: reason('pack-mass-missing', { pack }) });
  const allergens = listOf(row, 'allergens', ALLERGENS, problems);
  const diets = listOf(row, 'diets', DIETS, problems);
  if (problems.length > 0) return { ok: false, problems };
  const aliases = partsOf(cell(row, 'aliases'));
  return {
    ok: true,
    value: without<Ingredient>({
      ...before,
      name: before?.name ?? name,
      aliases: aliases.length > 0 ? aliases : before?.aliases,
      densityGPerMl: n.g_per_ml ?? before?.densityGPerMl,
      densities: states
        ? Object.fromEntries(states.flatMap(([state, rho]) => (rho === undefined ? [] : [[state, rho]])))
        : before?.densities,
      unitMassG: n.one_weighs_g ?? before?.unitMassG,
      composition:
        given > 0 || Object.keys(named).length > 0
          ? ({ ...known, ...without(parts), ...named } as Ingredient['composition'])
          : known,
      sugarKinds: Object.keys(kinds).length > 0 ? { ...before?.sugarKinds, ...kinds } : before?.sugarKinds,
      allergens: allergens ?? before?.allergens,
      diets: diets ?? before?.diets,
      madeOf: madeOf ? madeOf.map(([ingredient, percent]) => without({ ingredient, percent })) : before?.madeOf,
      usualPercent: from !== undefined && to !== undefined ? { from, to } : before?.usualPercent,
      grainMm: n.grain_mm ?? before?.grainMm,
      usablePercent: n.usable_percent ?? before?.usablePercent,
      heldG: n.held_g ?? before?.heldG,
      minimumStockG: n.minimum_stock_g ?? before?.minimumStockG,
      shelf: cell(row, 'shelf') || before?.shelf,
      labelName: cell(row, 'label_name') || before?.labelName,
      keepDays: Object.keys(keepDays).length > 0 ? { ...before?.keepDays, ...keepDays } : before?.keepDays,
      source: cell(row, 'source') || before?.source,
      packs:
        pack === ''
          ? before?.packs
          : [packFromRow(row, { name: pack, massG: massG!, price: n.price ?? old?.price, day }, old), ...others],
    }),
  };
}

/** Returns an ingredient as a row of the larder table; `ingredientFromRow` reads it back. Further packs are in the price table. */
export function rowOfIngredient(ingredient: Ingredient): Record<(typeof LARDER_COLUMNS)[number], string> {
  const figure = (value: number | undefined) => (value === undefined ? '' : String(value));
  const { composition: c, sugarKinds: k } = ingredient;
  const [pack] = ingredient.packs ?? [];
  return {
    name: ingredient.name,
    aliases: (ingredient.aliases ?? []).join('; '),
    g_per_ml: figure(ingredient.densityGPerMl),
    g_per_ml_by_state: Object.entries(ingredient.densities ?? {})
      .map(([state, rho]) => `${state}=${rho}`)
      .join('; '),
    one_weighs_g: figure(ingredient.unitMassG),
    water: figure(c?.water),
    sugars: figure(c?.sugars),
    sucrose: figure(k?.sucrose),
    lactose: figure(k?.lactose),
    mono: figure(k?.mono),
    glucose_syrup: figure(k?.glucoseSyrup),
    fat: figure(c?.fat),
    protein: figure(c?.protein),
    other: figure(c?.other),
    salt: figure(c?.salt),
    saturates: figure(c?.saturates),
    added_sugars: figure(c?.addedSugars),
    starch: figure(c?.starch),
    fibre: figure(c?.fibre),
    allergens: listCell(ingredient.allergens),
    diets: listCell(ingredient.diets),
    made_of: (ingredient.madeOf ?? [])
      .map(({ ingredient, percent }) => (percent === undefined ? ingredient : `${ingredient}=${percent}`))
      .join('; '),
    usual_from_percent: figure(ingredient.usualPercent?.from),
    usual_to_percent: figure(ingredient.usualPercent?.to),
    grain_mm: figure(ingredient.grainMm),
    usable_percent: figure(ingredient.usablePercent),
    held_g: figure(ingredient.heldG),
    minimum_stock_g: figure(ingredient.minimumStockG),
    shelf: ingredient.shelf ?? '',
    label_name: ingredient.labelName ?? '',
    keeps_days_room: figure(ingredient.keepDays?.room),
    keeps_days_fridge: figure(ingredient.keepDays?.fridge),
    keeps_days_freezer: figure(ingredient.keepDays?.freezer),
    source: ingredient.source ?? '',
    pack: pack?.name ?? '',
    pack_g: figure(pack?.massG),
    price: figure(pack?.price),
    priced_on: pack?.pricedOn ?? '',
    currency: pack?.currency ?? '',
    supplier: pack?.supplier ?? '',
  };
}

/**
 * Returns an ingredient with the price of a pack from a row of the price table. A new pack is added.
 *
 * @param find the larder's ingredient of a name, or null
 */
export function pricedFromRow(row: Row, find: (name: string) => Ingredient | null): RowRead<Ingredient> {
  const problems: CellProblem[] = [];
  const name = cell(row, 'ingredient');
  const before = find(plainName(name));
  if (!before)
    return { ok: false, problems: [{ column: 'ingredient', reason: reason('not-in-larder', { ingredient: name }) }] };
  const n = numbersOf(row, problems);
  const day = dayIn(row, problems);
  const pack = cell(row, 'pack');
  const packs = before.packs ?? [];
  const old = packs.find((shelved) => shelved.name === pack);
  const massG = n.pack_g ?? old?.massG;
  if (pack === '') problems.push({ column: 'pack', reason: reason('pack-name-missing') });
  else if (massG === undefined) problems.push({ column: 'pack_g', reason: reason('pack-mass-missing', { pack }) });
  if (n.price === undefined && !problems.some(({ column }) => column === 'price')) {
    problems.push({ column: 'price', reason: reason('pack-price-missing') });
  }
  if (problems.length > 0) return { ok: false, problems };
  const next = packFromRow(row, { name: pack, massG: massG!, price: n.price, day }, old);
  return {
    ok: true,
    value: { ...before, packs: old ? packs.map((shelved) => (shelved === old ? next : shelved)) : [...packs, next] },
  };
}

/** Returns the packs of an ingredient as rows of the price table. */
export function priceRowsOf(ingredient: Ingredient): Record<(typeof PRICE_COLUMNS)[number], string>[] {
  return (ingredient.packs ?? []).map(({ name, massG, price, pricedOn, currency = '', supplier = '' }) => ({
    ingredient: ingredient.name,
    pack: name,
    pack_g: String(massG),
    price: price === undefined ? '' : String(price),
    priced_on: pricedOn ?? '',
    currency,
    supplier,
  }));
}

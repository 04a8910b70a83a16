import type { UnitOfMeasureDefinitions } from 'parse-ingredient';
import type { Unit } from '../measure';

/** How units are written in recipes beyond what the parser of the plain part knows; same names replace its own. */
export const WRITTEN_UNITS: UnitOfMeasureDefinitions = {
  gram: { short: 'g', plural: 'grams', alternates: ['g.', 'gr', 'gr.', 'gm', 'gms', 'gramme', 'grammes', 'G'] },
  kilogram: { short: 'kg', plural: 'kilograms', alternates: ['kg.', 'kgs', 'kilo', 'kilos', 'Kg', 'KG'] },
  ounce: { short: 'oz', plural: 'ounces', alternates: ['oz.', 'ozs', 'OZ', 'Oz'] },
  pound: { short: 'lb', plural: 'pounds', alternates: ['lb.', 'lbs', 'lbs.', 'LB'] },
  milliliter: {
    short: 'ml',
    plural: 'milliliters',
    alternates: ['mL', 'ml.', 'mls', 'ML', 'cc', 'millilitre', 'millilitres'],
  },
  centiliter: { short: 'cl', plural: 'centiliters', alternates: ['cL', 'cl.', 'centilitre', 'centilitres'] },
  deciliter: { short: 'dl', plural: 'deciliters', alternates: ['dL', 'dl.', 'decilitre', 'decilitres'] },
  liter: { short: 'l', plural: 'liters', alternates: ['L', 'l.', 'litre', 'litres', 'ltr', 'lt'] },
  cup: { short: 'c', plural: 'cups', alternates: ['c.', 'C', 'Cup', 'Cups', 'cupful', 'cupfuls'] },
  tablespoon: {
    short: 'tbsp',
    plural: 'tablespoons',
    alternates: ['tbsp.', 'tbsps', 'tbsps.', 'tbs', 'tbs.', 'tblsp', 'tblsp.', 'tblsps', 'Tbsp', 'Tbsp.', 'Tbs', 'Tbs.', 'TBSP', 'T', 'T.', 'tablespoonful', 'tablespoonfuls', 'Tablespoon', 'Tablespoons'], // prettier-ignore
  },
  teaspoon: {
    short: 'tsp',
    plural: 'teaspoons',
    alternates: ['tsp.', 'tsps', 'tsps.', 'Tsp', 'Tsp.', 'TSP', 't', 't.', 'teaspoonful', 'teaspoonfuls', 'Teaspoon', 'Teaspoons'], // prettier-ignore
  },
  dessertspoon: { short: 'dsp', plural: 'dessertspoons', alternates: ['dsp.', 'dstspn', 'dessertspoonful'] },
  pack: {
    short: 'pack',
    plural: 'packs',
    alternates: ['can', 'cans', 'tin', 'tins', 'jar', 'jars', 'packet', 'packets', 'pkt', 'pkts', 'package', 'packages', 'pkg', 'pkg.', 'pkgs', 'bag', 'bags', 'box', 'boxes', 'carton', 'cartons', 'tub', 'tubs', 'bar', 'bars', 'block', 'blocks', 'sachet', 'sachets', 'envelope', 'envelopes', 'bottle', 'bottles', 'tube', 'tubes', 'container', 'containers', 'pot', 'pots'], // prettier-ignore
  },
  leaf: { short: 'leaf', plural: 'leaves', alternates: ['sheet', 'sheets'] },
};

/** A written unit in terms of the units that a line may have. */
export interface UnitMeaning {
  readonly unit: Unit;
  /** How many of `unit` one of it is. */
  readonly times: number;
}

/**
 * What the parser's names of units mean here. A dessertspoon is 10 mL and a drop 0.05 mL by public measure tables; a quart
 * is two pints, a gallon eight.
 */
export const UNIT_MEANINGS: Readonly<Record<string, UnitMeaning>> = {
  gram: { unit: 'g', times: 1 },
  milligram: { unit: 'g', times: 0.001 },
  kilogram: { unit: 'kg', times: 1 },
  ounce: { unit: 'oz', times: 1 },
  pound: { unit: 'lb', times: 1 },
  milliliter: { unit: 'ml', times: 1 },
  centiliter: { unit: 'ml', times: 10 },
  deciliter: { unit: 'ml', times: 100 },
  liter: { unit: 'l', times: 1 },
  cup: { unit: 'cup', times: 1 },
  tablespoon: { unit: 'tbsp', times: 1 },
  teaspoon: { unit: 'tsp', times: 1 },
  dessertspoon: { unit: 'ml', times: 10 },
  'fluid ounce': { unit: 'floz', times: 1 },
  pint: { unit: 'pint', times: 1 },
  quart: { unit: 'pint', times: 2 },
  gallon: { unit: 'pint', times: 8 },
  drop: { unit: 'ml', times: 0.05 },
  stick: { unit: 'stick', times: 1 },
  pinch: { unit: 'pinch', times: 1 },
  dash: { unit: 'dash', times: 1 },
  dozen: { unit: 'each', times: 12 },
  piece: { unit: 'each', times: 1 },
  leaf: { unit: 'each', times: 1 },
  pack: { unit: 'pack', times: 1 },
};

/** Words that the parser would take for units and that belong to the name, or to nothing that can be measured. */
export const NO_UNITS = [
  'large',
  'lg',
  'lg.',
  'medium',
  'med',
  'med.',
  'md',
  'md.',
  'small',
  'sm',
  'sm.',
  'ear',
  'head',
  'clove',
  'cloves',
  'bunch',
  'sprig',
  'sprigs',
  'in',
  'in.',
  'inch',
  'inches',
  'ft',
  'feet',
  'foot',
  'm',
  'm.',
  'mm',
  'mm.',
  'cm',
  'cm.',
  'yard',
  'yards',
  'yd',
  'can',
  'carton',
  'bag',
  'box',
  'container',
  'package',
  'centimeter',
  'millimeter',
  'meter', // prettier-ignore
] as const;

const PACKS = WRITTEN_UNITS.pack!;

/** Every word for a pack, longest first, for patterns. */
export const PACK_WORDS = [PACKS.short, PACKS.plural, ...PACKS.alternates!]
  .map((word) => word.replace('.', '\\.'))
  .sort((a, b) => b.length - a.length)
  .join('|');

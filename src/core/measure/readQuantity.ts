import type { Figures, Quantity, Written } from './figures';
import { reason, type NumberLimits, type Reason } from '../validation';
import { belowMin, countedIn, inFigures, readNumber, type NumberRead } from './readNumber';
import { celsiusOf, GRAMS_IN, ML_IN, MM_PER_FOOT, MM_PER_INCH, type Measures } from './units';

/** Meaning of a bare number in a field, and what else may be entered. */
export interface Expected {
  readonly quantity: Quantity;
  readonly figures: Figures;
  /** Standard of cups and spoons. */
  readonly measures: Measures;
  /** The ingredient being weighed: its volume is then accepted in place of its mass. */
  readonly densityGPerMl?: number | undefined;
  /** What is weighed if it comes in pieces: their number, "5 eggs", is then accepted in place of its mass. */
  readonly piece?: { readonly name: string; readonly massG: number } | undefined;
}

export type QuantityRead =
  | {
      readonly ok: true;
      /** Value in the base unit of the quantity. */
      readonly value: number;
      /** The value in the shop's unit, if another unit was entered; otherwise empty. */
      readonly understood: string;
    }
  | Extract<NumberRead, { ok: false }>;

/** Base units per unit, by its word without a plural s. */
type Sizes = Readonly<Partial<Record<string, number>>>;

const [INCH, FOOT, FOOT_IN_M] = [MM_PER_INCH, MM_PER_FOOT, MM_PER_FOOT / 1000];
const LENGTHS: Sizes = {
  mm: 1,
  millimetre: 1,
  millimeter: 1,
  cm: 10,
  centimetre: 10,
  centimeter: 10,
  m: 1000,
  metre: 1000,
  meter: 1000,
  in: INCH,
  inch: INCH,
  inche: INCH,
  '"': INCH,
  '″': INCH,
  '”': INCH,
  ft: FOOT,
  foot: FOOT,
  feet: FOOT,
  "'": FOOT,
  '′': FOOT,
  '’': FOOT,
};
const MASSES: Sizes = {
  ...GRAMS_IN,
  mg: 0.001,
  gram: 1,
  gramme: 1,
  gr: 1,
  kilo: 1000,
  kilogram: 1000,
  ounce: GRAMS_IN.oz,
  pound: GRAMS_IN.lb,
};
const DURATIONS: Sizes = {
  min: 1,
  minute: 1,
  h: 60,
  hr: 60,
  hour: 60,
  d: 1440,
  day: 1440,
  sec: 1 / 60,
  second: 1 / 60,
};
const ALTITUDES: Sizes = { m: 1, metre: 1, meter: 1, km: 1000, ft: FOOT_IN_M, foot: FOOT_IN_M, feet: FOOT_IN_M };
const CELSIUS = /^(°? ?c|celsius|degrees? c(elsius)?)$/;
const FAHRENHEIT = /^(°? ?f|fahrenheit|degrees? f(ahrenheit)?)$/;

function volumesIn(measures: Measures): Sizes {
  const own = ML_IN[measures];
  const pint = own.pint ?? ML_IN.imperial.pint;
  const floz = own.floz ?? ML_IN.imperial.floz;
  return {
    ...own,
    cl: 10,
    dl: 100,
    litre: 1000,
    liter: 1000,
    tablespoon: own.tbsp,
    teaspoon: own.tsp,
    floz,
    'fl oz': floz,
    pint,
    pt: pint,
    quart: 2 * pint,
    qt: 2 * pint,
    gallon: 8 * pint,
  };
}

const sizeOf = (sizes: Sizes, word: string): number | undefined => sizes[word] ?? sizes[word.replace(/s$/, '')];

const NUMBER = '[-\u2212]?[.\\d\u00bc-\u00be\u2150-\u215e][\\d\u00bc-\u00be\u2150-\u215e.,/\u2044 ]*';
const PART = new RegExp(`\\s*(${NUMBER})\\s*([^\\d\u00bc-\u00be\u2150-\u215e]*)`, 'gy');
const DENSITY = new RegExp(`^(${NUMBER})([a-z]+) ?(?:per|/|a) ?([a-z]+)$`, 'i');

/** Splits "1 lb 2 oz" into numbers and words; `null` if it does not start with a number. */
function partsOf(text: string): { number: string; word: string }[] | null {
  const parts = [...text.matchAll(PART)];
  const length = parts.reduce((sum, [part]) => sum + part.length, 0);
  if (parts.length === 0 || length !== text.length) return null;
  return parts.map(([, number, word]) => ({ number: number!.trim(), word: word!.trim().replace(/\.$/, '') }));
}

/** Returns the base value of one unit, or the reason why the word is refused. */
function unitOf(word: string, expected: Expected): Pick<Written, 'valueOf'> | { reason: Reason } {
  const { quantity, figures, measures, densityGPerMl } = expected;
  const times = (size: number) => ({ valueOf: (number: number) => number * size });
  if (quantity === 'temperature' || quantity === 'degrees') {
    const isDifference = quantity === 'degrees';
    if (CELSIUS.test(word)) return times(1);
    if (FAHRENHEIT.test(word)) {
      return isDifference ? times(1 / 1.8) : { valueOf: celsiusOf };
    }
    return { reason: reason('temperature-expected') };
  }
  if (quantity === 'density') return { reason: reason('density-expected', { unit: figures.density.unit }) };
  const volumes = volumesIn(measures);
  const table = { length: LENGTHS, mass: MASSES, volume: volumes, duration: DURATIONS, altitude: ALTITUDES }[quantity];
  const size = sizeOf(table, word);
  if (size !== undefined) return times(size);
  const volume = quantity === 'mass' ? sizeOf(volumes, word) : undefined;
  if (volume !== undefined && densityGPerMl !== undefined) return times(volume * densityGPerMl);
  if (volume !== undefined) return { reason: reason('mass-not-volume', { unit: word }) };
  return { reason: reason(`${quantity}-expected`) };
}

function readDensity(text: string, { measures }: Expected): number | null {
  const [, number, mass, volume] = DENSITY.exec(text) ?? [];
  if (number === undefined) return null;
  const [massG, volumeMl] = [sizeOf(MASSES, mass!), sizeOf(volumesIn(measures), volume!)];
  const read = readNumber(number, { min: 0, max: Infinity });
  return read.ok && massG !== undefined && volumeMl !== undefined ? (read.value * massG) / volumeMl : null;
}

/** Returns the mass of "5 eggs", "-1 egg" or "a dozen", g; `null` for what is no number of pieces. A bare number is in the shop's unit. */
function readPieces(text: string, { quantity, piece }: Expected): number | null {
  if (quantity !== 'mass' || !piece || !/\p{L}/u.test(text)) return null;
  const counted = countedIn(text, piece.name);
  const read = counted === null ? null : readNumber(counted, { min: -Infinity, max: Infinity });
  return read?.ok ? read.value * piece.massG : null;
}

/**
 * Parses a quantity as typed at the bench: a bare number is in the shop's unit, and any other unit may follow the number.
 *
 * @param limits of the base unit: mm, g, mL, °C, g per mL or minutes
 * @returns the value in the base unit within its limits, or the reason why there is none
 * @example readQuantity('9 1/2 in', { min: 1, max: 5000 }, { quantity: 'length', figures: METRIC, measures: 'us' }) // value 241.3
 * @example readQuantity('237F', { min: 0, max: 300 }, { quantity: 'temperature', figures: METRIC, measures: 'us' }) // value 113.889
 */
export function readQuantity(text: string, limits: NumberLimits, expected: Expected): QuantityRead {
  const written = expected.figures[expected.quantity];
  const plain = inFigures(text.normalize('NFC')).toLowerCase();
  const density = expected.quantity === 'density' ? readDensity(plain, expected) : null;
  if (density !== null) return within(density, true, limits, written);
  const pieces = readPieces(text, expected);
  if (pieces !== null) return within(pieces, true, limits, written);
  const parts = plain.length > 40 ? null : partsOf(plain);
  // Text without a number is refused as a number would be.
  if (!parts) return asNumber(readNumber(text, { min: -Infinity, max: Infinity }));
  let value = 0;
  for (const { number, word } of parts) {
    const read = readNumber(number, { min: -Infinity, max: Infinity });
    if (!read.ok) return read;
    if (word === '' && parts.length > 1) return { ok: false, reason: reason('unit-partly-missing') };
    const unit = word === '' || word === written.unit.toLowerCase() ? written : unitOf(word, expected);
    if ('reason' in unit) return { ok: false, reason: unit.reason };
    value += unit.valueOf(read.value);
  }
  return within(
    value,
    parts.some(({ word }) => word !== '' && word !== written.unit.toLowerCase()),
    limits,
    written,
  );
}

const asNumber = (read: NumberRead): QuantityRead => (read.ok ? { ...read, understood: '' } : read);

function within(exact: number, isOther: boolean, limits: NumberLimits, written: Written): QuantityRead {
  // Rounds to seven digits, so that 235 °F is not 112.77777777777777 °C.
  const value = Number(exact.toPrecision(7));
  const say = (limit: number) => `${written.typed(limit)} ${written.unit}`;
  if (value < limits.min) {
    return { ok: false, reason: belowMin(limits.min, say(limits.min)) };
  }
  if (value > limits.max) return { ok: false, reason: reason('above-max', { max: say(limits.max) }) };
  return { ok: true, value, understood: isOther ? say(value) : '' };
}

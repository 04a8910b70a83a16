/**
 * Formats figures in the shop's units. Everything is calculated and stored in mm, g, mL, °C and minutes; display, and the meaning
 * of a bare number in a field, follow the shop's units.
 */
import { celsiusOf, fahrenheitOf, GRAMS_IN, ML_IN, MM_PER_FOOT, MM_PER_INCH, type Measures } from './units';

/** Units that the shop can choose for each quantity; the first is the default. */
export const SHOWN_IN = {
  temperature: ['celsius', 'fahrenheit'],
  length: ['mm', 'cm', 'inches'],
  mass: ['grams', 'ounces'],
  volume: ['millilitres', 'cups'],
} as const;
export type ShownIn = { readonly [Q in keyof typeof SHOWN_IN]?: (typeof SHOWN_IN)[Q][number] | undefined };

/** Formatter of one quantity. Values are in its base unit: mm, g, mL, °C, g per mL, minutes. */
export interface Written {
  readonly unit: string;
  /** Formats the figure without its unit, for a column whose heading has the unit. */
  figure(value: number, digits?: number): string;
  /** Formats the figure with its unit. */
  say(value: number, digits?: number): string;
  /** Formats the value for a field, with the digits one would type. */
  typed(value: number): string;
  /** Returns the base value of a bare number in this unit. */
  valueOf(number: number): number;
}

export interface Figures {
  readonly temperature: Written;
  /** A temperature difference. */
  readonly degrees: Written;
  readonly length: Written;
  /** Distances between ruler marks, finest first, mm. */
  readonly rulerMm: readonly number[];
  readonly mass: Written;
  readonly volume: Written;
  readonly density: Written;
  readonly duration: Written;
  /** Altitude, m. */
  readonly altitude: Written;
  /** Mass for unit prices. */
  readonly priceMass: { readonly unit: string; readonly massG: number };
  /** Formats a temperature on both scales, the shop's own first. */
  readonly bothTemperatures: (celsius: number) => string;
  /** Formats dimensions: '230 x 180 mm'. */
  readonly size: (...sidesMm: readonly number[]) => string;
  /** Formats an area: '599 cm²'. */
  readonly area: (areaMm2: number) => string;
  /** Formats a range of mass: '42-45 g', or one figure if both ends look the same. */
  readonly massRange: (leastG: number, mostG: number) => string;
}
export type Quantity = { [K in keyof Figures]: Figures[K] extends Written ? K : never }[keyof Figures];

const LONG_MM = 100;
const MM2_PER_CM2 = 100;
export const G_PER_OZ = GRAMS_IN.oz;
export const G_PER_LB = GRAMS_IN.lb;
const OZ_PER_LB = 16;
const ML_PER_L = 1000;
const MM_PER_M = 1000;
/** Below this many inches, sixteenths are too coarse. */
const RULER_FROM_IN = 0.25;

const trimmed = (value: number, digits: number) => String(Number(value.toFixed(digits)));

/** Returns the formatter of a quantity whose unit is a multiple of the base unit. */
function multiple(unit: string, size: number, digits: (shown: number) => number, typedDigits = 3): Written {
  const figure = (value: number, given?: number) => (value / size).toFixed(given ?? digits(value / size));
  return {
    unit,
    figure,
    say: (value, given) => `${figure(value, given)} ${unit}`,
    typed: (value) => trimmed(value / size, typedDigits),
    valueOf: (number) => number * size,
  };
}

/** Very small masses are shown as 0 without decimals. */
function massIn(unit: string, size: number, digits: (shown: number) => number): Written {
  const plain = multiple(unit, size, digits);
  const figure = (massG: number, given?: number) => {
    const figure = plain.figure(massG, given);
    return given === undefined && Number(figure) === 0 ? '0' : figure;
  };
  return { ...plain, figure, say: (massG, given) => `${figure(massG, given)} ${unit}` };
}

/**
 * Formats a length in inches to the nearest sixteenth, as on a ruler; below a quarter of an inch in hundredths.
 *
 * @example inInches(36.5) // '1 7/16'
 */
export function inInches(lengthMm: number): string {
  const inches = lengthMm / MM_PER_INCH;
  if (Math.abs(inches) < RULER_FROM_IN) return trimmed(inches, 2);
  const total = Math.round(inches * 16);
  const whole = Math.trunc(total / 16);
  let top = Math.abs(total % 16);
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return String(whole);
  return whole === 0 ? `${total < 0 ? '-' : ''}${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

const INCHES: Written = {
  unit: 'in',
  figure: inInches,
  say: (value) => `${inInches(value)} in`,
  typed: inInches,
  valueOf: (number) => number * MM_PER_INCH,
};

const RULER_MM = [1, 2, 5, 10, 20, 50, 100];
const RULER_IN = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4];
const oneDigit = () => 1;
const LENGTHS = {
  mm: multiple('mm', 1, oneDigit),
  cm: multiple('cm', 10, () => 2),
  inches: INCHES,
} as const;

const GRAMS = massIn('g', 1, (g) => (g >= 9.95 ? 0 : 1));
const OUNCES = massIn('oz', G_PER_OZ, (oz) => (oz >= 1 ? 1 : 2));
const MASSES = {
  grams: GRAMS,
  ounces: {
    ...OUNCES,
    say: (massG: number, digits?: number) => {
      const ounces = Number(OUNCES.figure(massG, digits));
      if (ounces < OZ_PER_LB) return `${OUNCES.figure(massG, digits)} oz`;
      const rest = ounces % OZ_PER_LB;
      return `${Math.floor(ounces / OZ_PER_LB)} lb${rest > 0 ? ` ${rest.toFixed(digits ?? 1)} oz` : ''}`;
    },
  },
} as const;

const degrees = (unit: string, shownOf: (celsius: number) => number, valueOf: Written['valueOf']): Written => ({
  unit,
  figure: (value, digits = 0) => shownOf(value).toFixed(digits),
  say: (value, digits = 0) => `${shownOf(value).toFixed(digits)} ${unit}`,
  typed: (value) => trimmed(shownOf(value), 1),
  valueOf,
});
const CELSIUS = degrees(
  '°C',
  (celsius) => celsius,
  (number) => number,
);
const FAHRENHEIT = degrees('°F', fahrenheitOf, celsiusOf);
const DEGREES_F = degrees(
  '°F',
  (celsius) => celsius * 1.8,
  (number) => number / 1.8,
);

const IN_ML = multiple('ml', 1, () => 0);
const MILLILITRES: Written = {
  ...IN_ML,
  say: (volumeMl, digits) =>
    volumeMl < ML_PER_L ? IN_ML.say(volumeMl, digits) : `${(volumeMl / ML_PER_L).toFixed(1)} l`,
};
const DURATION = multiple('min', 1, () => 0);
const METRES = multiple('m', 1, () => 0);
const FEET = multiple('ft', MM_PER_FOOT / MM_PER_M, () => 0, 0);

/**
 * Returns the formatters of a shop.
 *
 * @param shownIn what it has chosen; metric where it has not
 * @param measures whose cups they are
 * @example figuresIn({ length: 'inches' }, 'us').size(228.6, 330.2) // '9 x 13 in'
 * @example figuresIn({ temperature: 'fahrenheit' }, 'us').bothTemperatures(113) // '235 °F, 113.0 °C'
 */
export function figuresIn(shownIn: ShownIn | undefined, measures: Measures): Figures {
  const isF = shownIn?.temperature === 'fahrenheit';
  const isOunces = shownIn?.mass === 'ounces';
  const isCups = shownIn?.volume === 'cups';
  const length = LENGTHS[shownIn?.length ?? 'mm'];
  const mass = MASSES[shownIn?.mass ?? 'grams'];
  const cupMl = ML_IN[measures].cup;
  const massG = isOunces ? G_PER_OZ : 1;
  return {
    temperature: isF ? FAHRENHEIT : CELSIUS,
    degrees: isF ? DEGREES_F : CELSIUS,
    length,
    rulerMm: length === INCHES ? RULER_IN.map((inches) => inches * MM_PER_INCH) : RULER_MM,
    mass,
    volume: isCups ? multiple('cups', cupMl, (cups) => (cups >= 4 ? 1 : 2), 2) : MILLILITRES,
    density: multiple(
      `${mass.unit} per ${isCups ? 'cup' : 'ml'}`,
      massG / (isCups ? cupMl : 1),
      (shown) => (shown >= 10 ? 0 : isOunces ? 1 : 2),
      isCups ? 1 : 3,
    ),
    duration: DURATION,
    altitude: shownIn?.length === 'inches' ? FEET : METRES,
    priceMass: isOunces ? { unit: 'lb', massG: GRAMS_IN.lb } : { unit: 'kg', massG: 1000 },
    bothTemperatures: (celsius) =>
      isF
        ? `${FAHRENHEIT.say(celsius)}, ${CELSIUS.say(celsius, 1)}`
        : `${CELSIUS.say(celsius, 1)}, ${FAHRENHEIT.say(celsius)}`,
    size: (...sidesMm) => `${sidesMm.map((side) => length.typed(asMeasured(side))).join(' x ')} ${length.unit}`,
    area: (areaMm2) =>
      length === INCHES
        ? `${(areaMm2 / MM_PER_INCH ** 2).toFixed(0)} in²`
        : `${(areaMm2 / MM2_PER_CM2).toFixed(0)} cm²`,
    massRange: (leastG, mostG) => {
      const [least, most] = [mass.figure(leastG), mass.figure(mostG)];
      return `${least === most ? least : `${least}-${most}`} ${mass.unit}`;
    },
  };
}

/** Rounds a long side to the millimetre. */
const asMeasured = (sideMm: number) => Number(sideMm.toFixed(sideMm < LONG_MM ? 1 : 0));

/** Metric formatters, as used in files. */
export const METRIC: Figures = figuresIn({}, 'metric');

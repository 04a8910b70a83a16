import { parseIngredient } from 'parse-ingredient';
import { GRAMS_IN, isMass, isVolume, ML_IN, mlIn, UNIT_KINDS, type Measures, type Unit } from '../measure';
import { NO_UNITS, PACK_WORDS, UNIT_MEANINGS, WRITTEN_UNITS } from './kitchenUnits';

/** An amount in a unit that a line may have. */
export interface Written {
  readonly quantity: number;
  /** Upper end of "2-3"; otherwise `null`. */
  readonly quantityMax: number | null;
  readonly unit: Unit;
  /** For packs: net content stated in the line, g or mL; otherwise `null`. */
  readonly packSize: { readonly quantity: number; readonly unit: Unit } | null;
  /** The word for the unit if the name needs it: "leaf". */
  readonly word: string | null;
}

/** An amount at the start of a text, and the rest of the text. */
export interface Led extends Written {
  readonly rest: string;
}

const NUM = String.raw`\d+ \d+/\d+|\d+/\d+|\d+(?:\.\d+)?`;
const SIZE_UNIT = String.raw`kg|g|gm|grams?|oz|ounces?|lbs?|pounds?|ml|millilit(?:er|re)s?|l|lit(?:er|re)s?|fl\.? ?oz`;
const SIZE = String.raw`(${NUM})\s*-?\s*(${SIZE_UNIT})\.?`;
/** Matches "1 x 340 g tin", "1 (14-ounce) can", "2 8-oz. packages", "400g can". */
const SIZED_PACK = new RegExp(
  String.raw`^(?:(${NUM})(?:\s*x\s*|\s+|(?=\()))?\(?${SIZE}\)?\s*(?:${PACK_WORDS})\b\.?`,
  'i',
);
/** Matches "1 can (397 g)", "2 tins of 340 g", "2 bars (100 g each)". */
const PACK_SIZED = new RegExp(
  String.raw`^(${NUM})\s*(?:large |small |medium |standard )?(?:${PACK_WORDS})\b\.?\s*(?:\(|of |, )\s*(?:about )?${SIZE}(?: each)?\)?(?=\s|,|$)`,
  'i',
);
/** A can size in a word says nothing about its mass. */
const SIZE_WORD = new RegExp(
  String.raw`^(${NUM}) (?:small|medium|large|standard|full|whole|entire) (?=(?:${PACK_WORDS})\b)`,
  'i',
);
/** Matches "2 x 100 g". */
const TIMES = new RegExp(String.raw`^(${NUM})\s*x\s*${SIZE}`, 'i');

const OPTIONS = { additionalUOMs: WRITTEN_UNITS, ignoreUOMs: NO_UNITS, round: false } as const;
/** Limits of an amount. */
const MAX_WORDS = 7;
const LONGEST = 120;

/** A placeholder name: without one the parser takes the unit for the name. */
const THING = '_';

function plain(text: string): Led | null {
  // The parser also finds an amount after the name; only one before it counts here.
  if (!/^[.\d]/.test(text)) return null;
  const words = text.split(' ');
  const front = words.slice(0, MAX_WORDS).join(' ');
  const [found] = parseIngredient(`${front.slice(0, LONGEST)} ${THING}`, OPTIONS);
  if (!found || found.quantity === null || found.isGroupHeader) return null;
  const meaning = found.unitOfMeasureID === null ? null : UNIT_MEANINGS[found.unitOfMeasureID];
  if (meaning === undefined) return null;
  return {
    quantity: found.quantity * (meaning?.times ?? 1),
    quantityMax: found.quantity2 === null ? null : found.quantity2 * (meaning?.times ?? 1),
    unit: meaning?.unit ?? 'each',
    packSize: null,
    word: found.unitOfMeasureID === 'leaf' ? 'leaf' : null,
    rest: [found.description.slice(0, -THING.length).trimEnd() + front.slice(LONGEST), ...words.slice(MAX_WORDS)]
      .join(' ')
      .trim(),
  };
}

function sized(count: string | undefined, size: string, unit: string, rest: string): Led | null {
  const held = plain(`${size} ${unit}`);
  const many = count === undefined ? 1 : (plain(count)?.quantity ?? 1);
  if (!held) return null;
  return {
    quantity: many,
    quantityMax: null,
    unit: 'pack',
    packSize: { quantity: held.quantity, unit: held.unit },
    word: null,
    rest,
  };
}

function single(text: string): Led | null {
  const before = SIZED_PACK.exec(text) ?? PACK_SIZED.exec(text) ?? TIMES.exec(text);
  if (before) return sized(before[1], before[2]!, before[3]!, text.slice(before[0].length));
  // Separates the unit in "1/2c", "225g/8oz", "100g" and "fl. oz.".
  return plain(
    text
      .replace(SIZE_WORD, '$1 ')
      .replace(/ fl\.? ?oz\.?(?= |$)/i, ' floz')
      .replace(/^((?:\d+ )?\d+(?:[./]\d+)?(?:\s*(?:-|to)\s*\d+(?:[./]\d+)?)?)\s?([a-z]+)\.?(?=\s|[/(,]|$)/i, '$1 $2 ')
      .replace(/ +/g, ' '),
  );
}

const kindOf = (unit: Unit) => UNIT_KINDS[unit];
/** Units that follow one another without a word between them: 1 lb 4 oz. */
const FOLLOWS: Partial<Record<Unit, Unit>> = { lb: 'oz', kg: 'g', l: 'ml', pint: 'floz' };

/** A stick of butter is half a cup, which its wrapper marks in 8 tablespoons, mL. */
const STICK_ML = 8 * ML_IN.us.tbsp;

/** Returns how many `to` are in one `from`, or `null` if their dimensions differ. */
function timesIn(from: Unit, to: Unit, measures: Measures): number | null {
  if (to === 'stick' && isVolume(from)) return (mlIn(from, 'us') ?? 0) / STICK_ML || null;
  if (isMass(from) && isMass(to)) return GRAMS_IN[from] / GRAMS_IN[to];
  const ml = [mlIn(from, measures), mlIn(to, measures)];
  return ml[0] !== null && ml[1] !== null ? ml[0]! / ml[1]! : null;
}

/** Adds an amount behind the name: "1 cup sugar + 2 tbsp". */
function withAmountBehind(led: Led, measures: Measures): Led {
  const behind = /^(.*\p{L})\s+(?:\+|plus)\s+(\d.*)$/u.exec(led.rest);
  const more = behind && single(behind[2]!);
  if (!more || more.rest !== '' || kindOf(more.unit) !== kindOf(led.unit)) return led;
  const times = timesIn(more.unit, led.unit, measures);
  return times === null ? led : { ...led, quantity: led.quantity + more.quantity * times, rest: behind[1]! };
}

/**
 * Reads the amount at the start of a tidied text: a number or a range with its unit, packs with a size, sums such as "1 cup plus
 * 2 tbsp", "2 cups minus 1 tbsp" and "1 lb 4 oz" in the first unit.
 *
 * @param text as `tidied` gives it
 * @returns null where it does not begin with an amount
 * @example leadingAmount('1 lb 4 oz butter', 'us') // { quantity: 1.25, unit: 'lb', rest: 'butter', ... }
 */
export function leadingAmount(text: string, measures: Measures): Led | null {
  const first = single(text);
  if (!first || first.unit === 'each' || first.unit === 'pack') return first;
  let led = first;
  for (;;) {
    const more = /^\s*(?:,?\s*(plus|and|\+|&|minus|less)\s*(?:(an?)\s+|(?=\d))|(?=\d))/i.exec(led.rest);
    const next = more && single(`${more[2] ? '1 ' : ''}${led.rest.slice(more[0].length)}`);
    if (!next || next.unit === 'each' || next.unit === 'pack') return withAmountBehind(led, measures);
    const times = timesIn(next.unit, led.unit, measures);
    const joined = more[1] !== undefined || FOLLOWS[led.unit] === next.unit;
    const isAlike = kindOf(next.unit) === kindOf(led.unit) || led.unit === 'stick';
    if (times === null || !joined || !isAlike) return withAmountBehind(led, measures);
    const sign = /minus|less/i.test(more[1] ?? '') ? -1 : 1;
    const quantity = led.quantity + sign * next.quantity * times;
    if (quantity <= 0) return withAmountBehind(led, measures);
    led = { ...led, quantity, rest: next.rest.replace(/^, */, '') };
  }
}

/** Tells whether an amount has a unit and is not only a count. */
export function isMeasure({ unit }: Pick<Written, 'unit'>): boolean {
  return unit !== 'each' && unit !== 'pack';
}

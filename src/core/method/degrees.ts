import { celsiusOf } from '../measure';
import { STAGE_RANGES } from '../sugar';
import type { Stage } from '../slab';
import type { TemperatureNote } from './notes';

/** Marks of a gas oven, °C. */
const GAS_C: Readonly<Record<string, number>> = {
  '0.25': 110,
  '0.5': 130,
  '1': 140,
  '2': 150,
  '3': 160,
  '4': 180,
  '5': 190,
  '6': 200,
  '7': 220,
  '8': 230,
  '9': 240,
};

/** A temperature in a sentence. */
interface Degrees {
  readonly celsius: number;
  readonly from: 'celsius' | 'fahrenheit' | 'gas' | 'unsaid';
  readonly isFan: boolean;
}

/** The temperature of a sentence, °C, and questions about it. */
export interface TemperatureRead {
  readonly celsius: number | null;
  readonly ask: TemperatureNote | null;
}

/** Result for a sentence without a temperature. */
export const NO_TEMPERATURE: TemperatureRead = { celsius: null, ask: null };

const N = String.raw`(\d{1,4}(?:\.\d+)?)`;
const SIGN = String.raw`(?:[\s-]*(?:°|º|degrees?|deg\.?))?\s*`;
const NAMED = new RegExp(
  `(fan(?: oven)?:?\\s*)?(?<![\\d.])${N}(?:${SIGN}(?:[cf]\\b)?\\s*(?:-|to|or)\\s*${N})?${SIGN}(c(?:elsius|entigrade)?|f(?:ahrenheit)?)\\b(\\s*\\(?(?:fan|convection)\\b(?!:?\\s*\\d))?`,
  'gi',
);
const BARE = new RegExp(
  `(?<![\\d.])${N}(?:\\s*(?:-|to)\\s*${N})?\\s*(?:°|º|degrees?\\b|deg\\b\\.?)(?!\\s*[cf]\\b)(\\s*\\(?fan\\b(?!:?\\s*\\d))?`,
  'gi',
);
const GAS = /\b(?:gas(?: mark)?|mark|gm|regulo)\s*(\d(?:\.\d+)?)\b/gi;
const FAN_BARE = /\b(?:fan(?: oven)?:?\s*(\d{3})|(\d{3})\s*fan)\b/gi;

/** Bare oven degrees above this are Fahrenheit. */
const MAX_OVEN_C = 250;
/** Maximum difference between Celsius and Fahrenheit figures of one temperature, °C. */
const APART_C = { oven: 9, sugar: 3 } as const;

/** Order in which notations win if there are several. */
const ORDER = ['celsius', 'fahrenheit', 'unsaid', 'gas'] as const;

function degreesIn(sentence: string, isF: (value: number) => boolean): (Degrees & { at: number; end: number })[] {
  const found: (Degrees & { at: number; end: number })[] = [];
  const taken = (at: number) => found.some((match) => at >= match.at && at < match.end);
  const add = (match: RegExpMatchArray, degrees: Degrees) =>
    found.push({ ...degrees, at: match.index!, end: match.index! + match[0].length });
  const middle = (low: string, high: string | undefined) =>
    high === undefined ? Number(low) : (Number(low) + Number(high)) / 2;
  for (const match of sentence.matchAll(NAMED)) {
    const [, fanBefore, low, high, scale, fanBehind] = match;
    const value = middle(low!, high);
    const isNamedF = /^f/i.test(scale!);
    add(match, {
      celsius: isNamedF ? celsiusOf(value) : value,
      from: isNamedF ? 'fahrenheit' : 'celsius',
      isFan: fanBefore !== undefined || fanBehind !== undefined,
    });
  }
  for (const match of sentence.matchAll(GAS)) {
    const celsius = GAS_C[match[1]!];
    if (celsius !== undefined && !taken(match.index)) add(match, { celsius, from: 'gas', isFan: false });
  }
  for (const match of sentence.matchAll(FAN_BARE))
    if (!taken(match.index + match[0].search(/\d/)))
      add(match, { celsius: Number(match[1] ?? match[2]), from: 'celsius', isFan: true });
  for (const match of sentence.matchAll(BARE)) {
    if (taken(match.index)) continue;
    const value = middle(match[1]!, match[2]);
    add(match, { celsius: isF(value) ? celsiusOf(value) : value, from: 'unsaid', isFan: match[3] !== undefined });
  }
  return found.sort((a, b) => a.at - b.at);
}

/** Oven figures without a scale: "Oven 165". */
const OVEN_BARE = /\boven[^\d.;]{0,12}(\d{2,3})(?![\d°%]| ?(?:min|h\b|x\b|cm|mm|g\b))/i;

/**
 * Reads the oven temperature of a sentence: the first one. With and without fan, the one without wins. If Celsius and Fahrenheit
 * disagree, it is marked as a question.
 *
 * @param isUs bare degrees over 200 are then Fahrenheit
 */
export function ovenIn(sentence: string, isUs: boolean): TemperatureRead {
  const isF = (value: number) => value > MAX_OVEN_C || (isUs && value > 200);
  const bare = OVEN_BARE.exec(sentence);
  const [first] = alternatives(sentence, isF);
  if (!first && bare) return ovenIn(sentence.replace(bare[0], `${bare[0]} degrees`), isUs);
  return first ? chosen(first, APART_C.oven, [40, 400], isUs ? Infinity : 200) : NO_TEMPERATURE;
}

/**
 * Reads the temperature that something is heated or cooled to: the last one in the sentence, or the middle of a sugar stage,
 * which is marked as a question.
 */
export function endPointIn(sentence: string): TemperatureRead & { readonly stage: Stage | null } {
  const stage = stageIn(sentence);
  const said = sentence.replace(WATCHED, ' ');
  // Sugar is never boiled to 200 °C.
  const last = alternatives(said, (value) => value > 200).at(-1);
  if (last) return { ...chosen(last, APART_C.sugar, [0, 300], Infinity), stage };
  if (stage === null) return { ...NO_TEMPERATURE, stage };
  const { fromC, toC } = STAGE_RANGES.find((range) => range.stage === stage)!;
  const celsius = Math.round((fromC + toC) / 2);
  return { celsius, ask: { code: 'stage-range', stage, fromC, toC, takenC: celsius }, stage };
}

/** "Watch carefully after 280°": on the way to the end. */
const WATCHED =
  /\b(?:watch|careful|carefully|check|attention)\b[^.;]{0,30}\b(?:after|from|above|past|over|beyond)\s+\d+\s*(?:°|degrees)?\s*[cf]?\b/gi;

/** Returns the sugar stage in a sentence. */
export function stageIn(sentence: string): Stage | null {
  // "In a thread" is how something is poured.
  const plain = sentence
    .toLowerCase()
    .replace(/-/g, ' ')
    .replace(/\bin (?:a|one) (?:\w+ )?thread\b/g, ' ');
  const named = STAGE_RANGES.find(({ stage }) => plain.includes(stage));
  if (named) return named.stage;
  if (/\b(?:dark|deep) (?:amber|caramel)\b/.test(plain)) return 'dark caramel';
  return /\b(?:light|pale|golden) (?:amber|caramel)\b/.test(plain) ? 'light caramel' : null;
}

/** Text allowed between two notations of one temperature. */
const BETWEEN = /^[\s()/,;|-]*(?:or|oven|fan|convection|equals?|=)?[\s()/,;|:-]*$/i;

/** Returns the temperatures of a sentence, each with all its notations. */
function alternatives(sentence: string, isF: (value: number) => boolean): Degrees[][] {
  const groups: Degrees[][] = [];
  let end = -1;
  for (const degrees of degreesIn(sentence, isF)) {
    const last = groups.at(-1);
    if (last && BETWEEN.test(sentence.slice(end, degrees.at))) last.push(degrees);
    else groups.push([degrees]);
    end = degrees.end;
  }
  return groups;
}

/** A notation of a temperature, and questions about it. */
function chosen(
  all: readonly Degrees[],
  apartC: number,
  [least, most]: readonly [number, number],
  mostUnsaidC: number,
): TemperatureRead {
  const plain = all.filter(({ isFan }) => !isFan);
  const from = plain.length > 0 ? plain : all;
  const first = ORDER.flatMap((scale) => from.filter((degrees) => degrees.from === scale))[0]!;
  const celsius = Math.round(first.celsius * 10) / 10;
  const ask = (note: TemperatureNote) => ({ celsius, ask: note });
  if (celsius < least || celsius > most)
    return {
      celsius: null,
      ask: { code: 'temperature-out-of-range', celsius, minC: least, maxC: most },
    };
  const other = from.find(({ celsius: otherC }) => Math.abs(otherC - celsius) > apartC);
  if (other) return ask({ code: 'two-temperatures', takenC: celsius, otherC: other.celsius });
  if (first.from === 'unsaid' && celsius > mostUnsaidC) return ask({ code: 'scale-unknown', takenC: celsius });
  return { celsius, ask: null };
}

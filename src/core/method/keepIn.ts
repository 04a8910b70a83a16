import type { Place } from '../slab';

/** Places named in a sentence. */
const WORDS: Readonly<Record<Place, RegExp>> = {
  freezer: /\b(?:freezer|freeze|frozen)\b/i,
  fridge:
    /\b(?:fridge|refrigerat\w*|chill(?:ed|ing|er)?|(?:hours?|minutes?|min|h) (?:in the )?cold|cold box|icebox)\b/i,
  marble: /\b(?:marble|granite) (?:slab|board|top|counter|worktop)\b|\bon (?:the )?marble\b/i,
  room: /\b(?:room temperature|room temp|cool(?:er|est)? (?:dry )?(?:place|spot|room)|on (?:the|a) (?:side|counter|countertop|bench|worktop|work surface)|(?:wire|cooling|cake) rack|on (?:a|the) rack|larder|pantry|cupboard|somewhere cool)\b/i,
};
/** Containers that do not name a place: the room, if nothing else is text. */
const IN_ITS_TIN =
  /\b(?:airtight|air-tight|biscuit tin|cookie jar|sealed jar|in (?:(?:a|the|its) )?(?:tin|tray|pan))\b/i;
/** "At 4 °C" names a place by its air temperature. */
const AT_C = /\b(?:at|below|under)\s+(-?\d+)(?:\s*(?:-|to)\s*-?\d+)?\s*°?\s*c\b/i;
const byAir = (celsius: number): Place => (celsius < -5 ? 'freezer' : celsius < 10 ? 'fridge' : 'room');

/** Matches places to avoid. */
const NOT_THERE =
  /\b(?:not|never|rather than|instead of|don't|do not|no need to) (?:in |put it in |keep it in |store (?:it )?in )?(?:the )?(?:fridge|freezer|refrigerat\w*|chill|freeze)\b/gi;

/** Returns the place of setting or storage, or `null` if none is named. "Not in the fridge" names none. */
export function placeIn(sentence: string): Place | null {
  const text = sentence.replace(NOT_THERE, '');
  const found = (Object.entries(WORDS) as [Place, RegExp][]).flatMap(([place, words]) => {
    const at = text.search(words);
    return at === -1 ? [] : [{ place, at }];
  });
  const [first] = found.sort((a, b) => a.at - b.at);
  const air = AT_C.exec(text);
  return first?.place ?? (air ? byAir(Number(air[1])) : IN_ITS_TIN.test(text) ? 'room' : null);
}

/** Tells whether a temperature is that of a place and not of the food. */
export const isOfPlace = (sentence: string) => AT_C.test(sentence);

/** Shelf life and its place. */
export interface KeepRead {
  readonly place: Place;
  readonly days: number;
}

const KEEPS =
  /\b(?:keep|keeps|kept|store|stores|stored|storing|last|lasts|good for|holds?|conserve[sd]?|preserved? for|preserve[sd]|stays? (?:fresh|good|crisp|moist|soft)|best (?:within|eaten)|eat within|eaten within|airtight|air-tight|freeze|freezes|frozen|use within|consume|shelf life|storage)\b/i;
const DAYS = /(\d+(?:\.\d+)?)(?:\s*(?:-|to|or)\s*(\d+(?:\.\d+)?))?\s*(days?|weeks?|wks?|fortnights?|months?)\b/i;
const IN_DAYS: Readonly<Record<string, number>> = { d: 1, w: 7, f: 14, m: 30 };

/** A note of a place and a time alone: "Fridge: 2 weeks." */
export const isShelfLife = (sentence: string) =>
  sentence.length < 45 &&
  DAYS.test(sentence) &&
  placeIn(sentence) !== null &&
  !/\b(?:leave|set|let|stand|rest|chill)\b/i.test(sentence);

/**
 * Reads the shelf life from a sentence; of several the first, of a range the lower end.
 *
 * @example keepIn('Keeps in an airtight tin for 2 weeks') // { place: 'room', days: 14 }
 */
export function keepIn(sentence: string): KeepRead | null {
  // "Better after 2 days; keeps a week": the time that follows the word.
  const from = sentence.search(KEEPS);
  const days = DAYS.exec(sentence.slice(Math.max(0, from))) ?? DAYS.exec(sentence);
  if (!KEEPS.test(sentence) && !isShelfLife(sentence)) return null;
  if (!days) return null;
  const own = sentence.split(/,? \bor\b /i).find((part) => DAYS.test(part)) ?? sentence;
  return {
    place: placeIn(own) ?? placeIn(sentence) ?? 'room',
    days: Math.round(Number(days[1]) * IN_DAYS[days[3]!.charAt(0).toLowerCase()]!),
  };
}

import type { Place } from '../slab';

/** Where a sentence has something stand. */
const PLACES: readonly (readonly [Place, RegExp])[] = [
  ['freezer', /\b(?:freezer|freeze|frozen)\b/i],
  ['fridge', /\b(?:fridge|refrigerat\w*|chill(?:ed|ing|er)?|cold box|icebox)\b/i],
  ['marble', /\b(?:marble|granite) (?:slab|board|top|counter|worktop)\b|\bon (?:the )?marble\b/i],
  [
    'room',
    /\b(?:room temperature|room temp|cool (?:dry )?(?:place|spot|room)|coolest (?:place|room)|on (?:the|a) (?:side|counter|countertop|bench|worktop|work surface)|(?:wire|cooling) rack|cake rack|larder|pantry|cupboard|somewhere cool|airtight|air-tight|biscuit tin|cookie jar|in (?:(?:a|the|its) )?(?:tin|tray|pan)|on (?:a|the) rack|room temp|sealed jar|cool(?:er)? room)\b/i,
  ],
];

/** Where it shall not stand. */
const NOT_THERE =
  /\b(?:not|never|rather than|instead of|don't|do not|no need to) (?:in |put it in |keep it in |store (?:it )?in )?(?:the )?(?:fridge|freezer|refrigerat\w*|chill|freeze)\b/gi;

/** The place of a set or a keeping, or null where none is named. "Not in the fridge" names none. */
export function placeIn(sentence: string): Place | null {
  const said = sentence.replace(NOT_THERE, '');
  const found = PLACES.flatMap(([place, words]) => {
    const at = said.search(words);
    return at === -1 ? [] : [{ place, at }];
  });
  // A tin in the fridge is in the fridge; of two places the one that is named first counts.
  const cold = found.filter(({ place }) => place !== 'room');
  const [first] = (cold.length > 0 ? cold : found).sort((a, b) => a.at - b.at);
  return first?.place ?? null;
}

/** How long something keeps, and where. */
export interface KeepRead {
  readonly place: Place;
  readonly days: number;
}

const KEEPS =
  /\b(?:keep|keeps|kept|store|stores|stored|storing|last|lasts|good for|best (?:within|eaten)|eat within|eaten within|airtight|air-tight|freeze|freezes|frozen|use within|consume)\b/i;
const DAYS = /(\d+(?:\.\d+)?)(?:\s*(?:-|to|or)\s*(\d+(?:\.\d+)?))?\s*(days?|weeks?|fortnights?|months?)\b/i;
const IN_DAYS: Readonly<Record<string, number>> = { d: 1, w: 7, f: 14, m: 30 };

/**
 * How a sentence in figures says that the slab keeps; of several lengths the first, of a range its lower end.
 *
 * @example keepIn('Keeps in an airtight tin for 2 weeks') // { place: 'room', days: 14 }
 */
export function keepIn(sentence: string): KeepRead | null {
  if (!KEEPS.test(sentence)) return null;
  const days = DAYS.exec(sentence);
  if (!days) return null;
  const own = sentence.split(/,? \bor\b /i).find((part) => DAYS.test(part)) ?? sentence;
  return {
    place: placeIn(own) ?? placeIn(sentence) ?? 'room',
    days: Math.round(Number(days[1]) * IN_DAYS[days[3]!.charAt(0).toLowerCase()]!),
  };
}

// Signs that something is done, where a method gives no temperature: amber, thick and darker, coats a spoon.

/** Signs of an end point in the pot. */
export type Sign =
  | 'amber'
  | 'deep amber'
  | 'peanut-butter brown'
  | 'golden toffee'
  | 'cold-water ball'
  | 'jam sets'
  | 'thick and darker'
  | 'leaves the sides'
  | 'coats a spoon';

/** A sign with its usual temperature in the pot at sea level, °C. */
export interface SignRange {
  readonly sign: Sign;
  readonly fromC: number;
  readonly toC: number;
}

/**
 * Words of each sign, and its usual temperature. Caramel colours after the sugar stages of confectioners' handbooks; custard coats a
 * spoon from 78 to 84 °C; jam sets at 104 to 105.5 °C; condensed milk thickens to caramel at 103 to 108 °C, and leaves the sides of the
 * pan at the upper end; a butter toffee is golden from 146 to 152 °C.
 */
const WORDS: readonly (readonly [Sign, number, number, RegExp])[] = [
  [
    'deep amber',
    172,
    180,
    /\b(?:deep|dark) (?:amber|copper|mahogany)\b|\bmahogany\b|\bcolou?r of (?:strong tea|mahogany)\b/i,
  ],
  ['amber', 165, 174, /\bamber\b|\bcolou?r of (?:copper|honey|a (?:new|old) penny)\b|\bcopper[- ]colou?red\b/i],
  [
    'peanut-butter brown',
    148,
    154,
    /\bcolou?r of (?:peanut butter|a brown paper bag|almond skins?|light brown sugar)\b|\bpeanut[- ]butter brown\b/i,
  ],
  ['golden toffee', 146, 152, /\b(?:deep|dark|rich) golden(?:[- ]brown)?\b|\b(?:toffee|caramel)[- ]colou?red\b/i],
  ['jam sets', 104, 105.5, /\bwrinkl(?:e|es|ed)\b|\bsetting point\b|\bjam sets\b/i],
  ['leaves the sides', 105, 109, /\b(?:leaves?|pulls? (?:away )?from|comes? away from) the (?:sides?|base|bottom)\b/i],
  [
    'thick and darker',
    103,
    108,
    /\bthick(?:ened|er)?(?:,| and)? (?:and )?(?:slightly )?(?:darker|darkened|golden|caramel|brown)\b|\b(?:darker|golden|darkened) and thick(?:ened|er)?\b/i,
  ],
  ['coats a spoon', 78, 84, /\bcoats? (?:the back of )?(?:a|the|your)(?: wooden)? spoon\b/i],
  ['cold-water ball', 112, 120, /\b(?:ball|lump) (?:forms )?in cold water\b|\bcold[- ]water test\b/i],
];

/** Returns the sign in a clause with its usual temperature; `null` if it names none. */
export function signIn(clause: string): SignRange | null {
  const found = WORDS.find(([, , , words]) => words.test(clause));
  return found ? { sign: found[0], fromC: found[1], toC: found[2] } : null;
}

/** Patterns of recipe lines: amounts that cannot be measured, spoons that are fuller, bags, and amounts left in a name. */

/** "Optional: 50 g nuts". */
export const OPTIONAL = /^\W*optional(?:ly)?\s*[:,-]?\s+/i;
export const NO_AMOUNT =
  /^(?:(?:a|some|one)\s+)?(?:good\s+|small\s+|large\s+|big\s+|generous\s+)*(handfuls?|knobs?|splash(?:es)?|drizzles?|glugs?|squeezes?|sprinkles?|sprinklings?|few|little|bit|grating)(?:\s+of)?\s+/i;
const SPOON_WORDS =
  'pinch(?:es)?|dash(?:es)?|cups?|tablespoons?|teaspoons?|tbsp|tsp|sticks?|pints?|pounds?|cans?|tins?|jars?|packets?|bars?|blocks?|sachets?|drops?';
export const BARE_UNIT = new RegExp(
  `^(?:an? )?(?:good |generous |small |big |large |scant |heaped |heaping |rounded )?(${SPOON_WORDS})\\b(?: of)?\\s+`,
  'i',
);
export const HEAPED = /^(heaped|heaping|rounded|scant|generous|good)\s+/i;
/** Words for spoons that are fuller or less full by an unknown amount. */
export const BIG_SPOON =
  /^[\d /.-]+ ?(big|huge|large|good)(?= (?:(?:table|tea|dessert)?spoon(?:ful)?s?|tbsps?|tsps?|cups?)\b)/i;
export const BIG_CUP =
  /^an? (big|huge|large|good|generous|scant|heaped|heaping|rounded) (?=(?:(?:table|tea|dessert)?spoon(?:ful)?|tbsp|tsp|cup)\b)/i;
/** A bag has its own net mass; a tin of the shop is a usual size. */
export const BAG =
  /^[\d /.-]+ ?(?:full |whole |small |large )?(bags?|packets?|packs?|packages?|boxe?s?|pouch(?:es)?)\b/i;
export const MAX_TIN_G = 1000;
const LEFT_UNIT = `(?:${SPOON_WORDS}|grams?|ounces?|tbs|tbl|oz|ml|kg|g)\\b`;
/** A name that begins with an amount, or joins another to it: not all of it was understood. */
export const AMOUNT_LEFT = new RegExp(
  `^(?:of )?(?:(?:plus|and|minus|less|\\+|&) ?)?(?:an? |one |half )?[\\d ./-]*${LEFT_UNIT}` +
    `|(?:\\b(?:plus|and|minus|less) |[+&] ?)(?:an? |[\\d][\\d ./-]*)${LEFT_UNIT}`,
  'i',
);
/** What is counted and still has no amount. */
export const COUNTED_VAGUE =
  /^(?:\d+ (?:knobs?|splash(?:es)?|drizzles?|glugs?|squeezes?)|(?:an? |1 )?(?:pinch|dash|handful|knob|splash|drop) or (?:two|2|three|3|so))(?: of)? /i;

/** Matches the rest of another line's ingredient. */
export const LEFT = /^(?:the )?(?:remaining|remainder of|rest of)(?: half| third| quarter)?(?: of)?(?: the)?\s+/i;
export const PART_OF =
  /^(?:the )?(?:finely |freshly )?(?:grated )?(zest and juice|juice and zest|zest|juice|rind|seeds|whites?|yolks?)(?: and (?:zest|juice))? (?:of|from) (.*)$/i;

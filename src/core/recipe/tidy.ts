/** Numbers in words before a unit or a name. Longer ones first. */
const IN_WORDS: readonly (readonly [RegExp, string])[] = [
  [/^(?:one|a) and (?:a|one) half\b/i, '1 1/2'],
  [/^two and a half\b/i, '2 1/2'],
  [/^three[- ]quarters? (?:of )?(?:a |an )?/i, '3/4 '],
  [/^(?:a |one )?quarter (?:of )?(?:a |an )?/i, '1/4 '],
  [/^(?:a |one )?third (?:of )?(?:a |an )?/i, '1/3 '],
  [/^two[- ]thirds? (?:of )?(?:a |an )?/i, '2/3 '],
  [/^(?:a |one )?half (?:of )?(?:a |an )?/i, '1/2 '],
  [/^a couple (?:of )?/i, '2 '],
  [/^(?:a|one) dozen\b/i, '12'],
  [/^half a dozen\b/i, '6'],
  [/^one\b/i, '1'],
  [/^two\b/i, '2'],
  [/^three\b/i, '3'],
  [/^four\b/i, '4'],
  [/^five\b/i, '5'],
  [/^six\b/i, '6'],
  [/^seven\b/i, '7'],
  [/^eight\b/i, '8'],
  [/^nine\b/i, '9'],
  [/^ten\b/i, '10'],
  [/^twelve\b/i, '12'],
];

const FRACTIONS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅐': '1/7',
  '⅑': '1/9',
  '⅒': '1/10',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** Words before an amount that express certainty, not quantity. */
const ABOUT =
  /^(?:about|approx(?:imately|\.)?|roughly|around|circa|ca\.?|~|up to|at least|a further|another|level)(?!\p{L})\s*/iu;

/** Normalises a text: fractions as 1/2, one kind of dash and space. */
export const plainLetters = (text: string): string =>
  text
    .replace(/(\d)?\s*([¼½¾⅐-⅞])/gu, (_, digit: string | undefined, fraction: string) =>
      digit === undefined ? FRACTIONS[fraction]! : `${digit} ${FRACTIONS[fraction]!}`,
    )
    .normalize('NFKC')
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/×/g, 'x')
    .replace(/\p{C}/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Normalises a recipe line: fractions as 1/2, one kind of dash and space, no bullet, no decimal comma, numbers as figures.
 *
 * @example tidied('• 1½ cups') // '1 1/2 cups'
 * @example tidied('1,5 dl cream') // '1.5 dl cream'
 */
export function tidied(text: string): string {
  let plain = plainLetters(text).replace(/^(?:[-*+•·▢▪◦‣☐]|\[ ?[xX]?\])\s*(?=\S)/u, '');
  for (let before = ''; before !== plain;) {
    before = plain;
    plain = plain.replace(ABOUT, '');
  }
  plain = plain
    .replace(/^an? (?=\d)/i, '')
    .replace(/\blevel(?:led)? (?=(?:table|tea|dessert)spoon|tbsp|tbs|tsp|dsp|cup)/i, '');
  const words = IN_WORDS.find(([word]) => word.test(plain));
  if (words) plain = plain.replace(words[0], words[1]);
  return plain
    .replace(/(\d)\s*\/\s*(\d)/g, '$1/$2')
    .replace(/\b(\d+) and (\d+\/\d+)/g, '$1 $2')
    .replace(/\b(\d+)-(\d+)\/(\d+)/g, (all, whole: string, top: string, bottom: string) =>
      Number(top) < Number(bottom) && !/\/$/.test(whole) ? `${whole} ${top}/${bottom}` : all,
    )
    .replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2');
}

/** "1 cup sugar, plus 3 tablespoons": a sum with the name between its parts. */
const SPOONS = String.raw`(?:cups?|tbsp|tsp|tbs|tablespoons?|teaspoons?)\.?`;
const SUM_BEHIND = new RegExp(`^([\\d ./]+ ?${SPOONS}) (?!plus|and|\\+)([^,]+?),? plus ([\\d ./]+ ?${SPOONS})$`, 'i');

/** "butter, soft 60 g": the amount at the end, without a dash. */
const AMOUNT_LAST =
  /^(\p{L}[^\d]*(?:\d+ ?%|\d{2} ?DE\b|(?<=[A-Z]{1,3})\d{2,3}\b)?[^\d]*?)(?<![-\u2013\u2014:]),? (?<![-\u2013\u2014:] )(\d+(?:[.,]\d+)? ?(?:g|kg|ml|l|cl|pcs?))(\.|, [^\d]{3,40})?$/iu;
/** "Glucose 40DE": the grade of a syrup. */
const GRADE = /(?<=glucose) \d{2} ?DE\b/i;

/**
 * Puts an amount that stands behind the name in front of it, and the second part of a sum beside the first.
 *
 * @example amountFirst('butter, soft 60 g') // '60 g butter, soft'
 * @example amountFirst('1 cup sugar, plus 3 tablespoons') // '1 cup plus 3 tablespoons sugar'
 */
export const amountFirst = (plain: string): string =>
  plain
    .replace(AMOUNT_LAST, (_, name: string, amount: string, note?: string) =>
      note === undefined || note === '.' ? `${amount} ${name}` : `${amount} ${name}${note}`,
    )
    .replace(GRADE, '')
    .replace(SUM_BEHIND, '$1 plus $3 $2');

import { plainLetters } from '../recipe';

const ONES =
  'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'
    .split(' ')
    .map((word, i) => [word, i + 1] as const);
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'
  .split(' ')
  .map((word, i) => [word, 20 + 10 * i] as const);
const WORDS: ReadonlyMap<string, number> = new Map([...ONES, ...TENS, ['dozen', 12]]);
const ONE = ONES.slice(0, 9)
  .map(([word]) => word)
  .join('|');
const TEN = TENS.map(([word]) => word).join('|');
const NUMBER = new RegExp(
  `\\b(?:(${TEN})[- ](${ONE})|(${[...WORDS.keys()].join('|')}))\\b(?![- ](?:by|at|thirds?|quarters?)\\b)`,
  'gi',
);

/** Durations in words, in minutes; longer ones first. */
const HOURS: readonly (readonly [RegExp, string])[] = [
  [/\bthree[- ]?quarters of an? hour\b/gi, '45 minutes'],
  [/\b(?:a |one )?quarter of an hour\b/gi, '15 minutes'],
  [/\b(?:an?|one) hour and (?:a )?half\b/gi, '90 minutes'],
  [/\b(?:an?|one) hour or (?:two|so more)\b/gi, '1-2 hours'],
  [/\b(?:an?|one) hour or so\b/gi, '1 hour'],
  [/\b(?:an?|one) minute or two\b/gi, '1-2 minutes'],
  [/\b(?:an?|one) hour and (?:a )?quarter\b/gi, '75 minutes'],
  [/\b(?:a )?half (?:an |a )?hour\b/gi, '30 minutes'],
  [/\b(\d+|an?|one) ?(?:hours?|hrs?) and (?:a )?half\b/gi, '$1.5 hours'],
  [/\b(?:an?) (?=(?:hour|hr|minute|min|week|wk|fortnight|month|day)\b)/gi, '1 '],
  [/\ba couple (?:of )?(?:more )?(?=(?:hours|minutes|days|weeks)\b)/gi, '2 '],
  [/\b(?:a |another )?few (?:more )?(?=minutes\b)/gi, '2-4 '],
  [/\b(?:a )?few (?=hours\b)/gi, '2-4 '],
];

const fraction = (whole: string | undefined, top: string, bottom: string) =>
  String(Number((Number(whole ?? 0) + Number(top) / Number(bottom)).toFixed(3)));

/** Writes short forms in full: "melt milk choc". */
export const withWholeWords = (text: string): string =>
  text.replace(/\bchoc(s)?\b/gi, 'chocolate$1').replace(/\bmorsels\b/gi, 'chips');

/**
 * Rewrites a sentence with all numbers as figures: numbers in words, fractions as decimals, "half an hour" in minutes.
 *
 * @example inFigures('Chill for one and a half hours') // 'Chill for 1.5 hours'
 * @example inFigures('Bake for twenty-five minutes at 180°C') // 'Bake for 25 minutes at 180°C'
 */
export function inFigures(sentence: string): string {
  let plain = withWholeWords(plainLetters(sentence))
    .replace(/(\d) ?o ?(?=[cf]\b)/gi, '$1°')
    .replace(/\b(into|in) inch(?= (?:squares|cubes|pieces|strips)\b)/gi, '$1 1 inch')
    .replace(/\b(?:one and a half|1 and a half)\b/gi, '1.5')
    .replace(/\btwo and a half\b/gi, '2.5')
    .replace(/\b(\d+) (\d)\/(\d{1,2})\b/g, (_, whole: string, top: string, bottom: string) =>
      fraction(whole, top, bottom),
    )
    .replace(/(?<![\d/.])([1-7])\/(\d)(?![\d/])/g, (_, top: string, bottom: string) => fraction(undefined, top, bottom))
    .replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2');
  for (const [words, figures] of HOURS) plain = plain.replace(words, figures);
  return plain.replace(NUMBER, (_, ten: string | undefined, unit: string | undefined, alone: string | undefined) => {
    const value = (word: string | undefined) => (word === undefined ? 0 : WORDS.get(word.toLowerCase())!);
    return String(value(ten) + value(unit) + value(alone));
  });
}

/** Escapes a word for a regular expression. */
export const escaped = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

/** Returns the last word of a name, which methods use for the ingredient. */
export const nounOf = (ingredient: string) =>
  ingredient
    .toLowerCase()
    .split(/[\s,]+/)
    .at(-1) ?? '';

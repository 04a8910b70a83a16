import { leadKind } from './kinds';

/** Maximum length of a sentence, and maximum number of sentences. */
const MAX_LETTERS = 2000;
export const MAX_SENTENCES = 400;

/** Matches "1." or "Step 3:" before a step. */
const NUMBERED =
  /^\s*(?:[Ss](?:tep|TEP)\s*\d{1,3}\s*[:.)-]?|\(?\d{1,2}\s*[.)](?!\d)|\d{1,2}(?=\s+\p{Lu}\p{Ll}+ )|[-*•·▢☐])\s*/u;

const UNIT_END = /\d\s?(?:min|mins|hr|hrs|sec|secs|h)\.\s*$/i;
/** A new sentence without a capital letter, as in notes. */
const LOWER_START = /(?<=(?:\p{L}{2}|\d ?[CF]|[\d)])[.!?]+ )(?=[\p{Ll}\d])/u;

const segmenter = () => new Intl.Segmenter('en', { granularity: 'sentence' });

/** Abbreviations whose full stop does not end a sentence. */
const SHORT =
  /(?:\d\s?ins?|\b(?:approx|min|mins|hr|hrs|oz|tbsp|tsp|deg|temp|no|ca|e\.g|i\.e|etc|vs|sec|secs|lb|lbs|qt|qts|pt|pts|pkg|pkgs|gal|fl|lg|sm|med))\.\s*$/i;

/**
 * Splits a paragraph into sentences, without step numbers.
 *
 * @returns longer ones are cut off where no more of them is read
 * @see Unicode Standard Annex 29, sentence boundaries
 */
export function sentencesOf(paragraph: string): string[] {
  const whole: string[] = [];
  let open = '';
  const segments = [...segmenter().segment(paragraph.replace(NUMBERED, ''))].flatMap(({ segment }) =>
    segment.split(LOWER_START),
  );
  segments.forEach((segment, at) => {
    open += segment;
    // "Bake for 20 min. Cool.": a unit may also end its sentence.
    const next = segments[at + 1] ?? '';
    const isEnd = UNIT_END.test(open) && (/^\p{Lu}/u.test(next) || (next !== '' && leadKind(next) !== null));
    if (SHORT.test(open) && !isEnd) return;
    whole.push(open);
    open = '';
  });
  return [...whole, open]
    .map((sentence) => sentence.replace(NUMBERED, '').trim().slice(0, MAX_LETTERS))
    .filter((sentence) => /[\p{L}\d]/u.test(sentence));
}

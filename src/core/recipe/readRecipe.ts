import type { Larder } from '../larder';
import type { Measures } from '../measure';
import { amountsInSentence, hasAmountsInSentences } from './amountsInSentence';
import { larderMatch } from './name';
import type { LineNote } from './notes';
import { headingLine, headingName, readLine, unreadLine, type LineRead } from './readLine';
import { tidied } from './tidy';

/** Maximum number of lines read at once; a recipe has a few dozen. */
const MAX_LINES = 1000;
/** Maximum length of an ingredient line, and of the text that is kept of any line. */
const MAX_LENGTH = 400;
const MAX_KEPT = 5000;

/** Headings of a method. */
const METHOD =
  /^(?:the )?(?:methods?|directions?|instructions?|steps?|procedure|how to make(?: it)?|to make|notes?|tips?)$/i;
/** Headings of an ingredient list. */
const LIST = /^(?:the )?(?:ingredients?(?: list)?|you(?:'ll| will) need|what you need)(?:\s*\(.*\))?$/i;

/** Note on a line that belongs to the method. */
export const METHOD_NOTE = { code: 'method-note' } as const;

export const isMethodHeading = (name: string) => METHOD.test(name);
export const isListHeading = (name: string) => LIST.test(name);

/**
 * Reads a recipe as it was pasted, line by line. Empty lines separate sections and give no reading.
 *
 * A short line without figures counts as a heading if it comes first or after an empty line, and an amount or another heading
 * follows. Lines under a heading such as "Method" stay text.
 *
 * @param text up to 1000 lines; further ones come back unread
 */
export function readRecipe(text: string, measures: Measures, larder: Larder): LineRead[] {
  return [...recipeReadings(text, measures, larder)];
}

/** Yields the readings of `readRecipe` one by one, for callers that interleave other work. */
export function* recipeReadings(text: string, measures: Measures, larder: Larder): Generator<LineRead> {
  const written = text.split(/\r\n|[\n\r\u2028\u2029]/);
  const isUnlisted = hasAmountsInSentences(written.slice(0, MAX_LINES));
  const lines = isUnlisted ? written : written.flatMap((line) => withTail(listOf(line), larder));
  let inMethod = false;
  let headings = 0;
  for (const [at, raw] of lines.entries()) {
    const line = raw.trim();
    if (line === '') continue;
    if (inMethod && at < MAX_LINES && line.length > MAX_LENGTH) {
      yield unreadLine(line.slice(0, MAX_KEPT), METHOD_NOTE);
      continue;
    }
    const amounts = isUnlisted && at < MAX_LINES ? amountsInSentence(line.slice(0, MAX_KEPT)) : [];
    if (at >= MAX_LINES || (line.length > MAX_LENGTH && amounts.length === 0)) {
      const note: LineNote = at >= MAX_LINES ? { code: 'past-limit', max: MAX_LINES } : { code: 'line-too-long' };
      yield unreadLine(line.slice(0, MAX_KEPT), note);
      continue;
    }
    if (amounts.length > 0) {
      for (const amount of amounts) yield readLine(amount, measures, larder);
      yield unreadLine(line.slice(0, MAX_KEPT), METHOD_NOTE);
      continue;
    }
    const read =
      isHeadingByPlace(lines, at, larder) || (headings > 0 && isHeadingAmongAmounts(lines, at, larder))
        ? { ...headingLine(line), ingredient: headingName(line, larder) ?? line }
        : readLine(line, measures, larder);
    // A title is no heading of a part.
    if (read.status === 'heading' && lines.slice(0, at).some((before) => before.trim() !== '')) headings += 1;
    if (read.status === 'heading') inMethod = isMethodHeading(read.ingredient ?? '');
    yield inMethod && read.status !== 'heading' ? unreadLine(line, METHOD_NOTE) : read;
  }
}

/** Titles such as "5-minute fudge". */
const TITLE_WITH_FIGURE =
  /^(?:\d{1,2}|one|two|three|four|five|six|seven)[- ](?:minute|ingredient|layer|layered|step|hour|colou?r|tone|way)s?\b[^,.]{3,60}$/i;

/** An amount with a unit, at the start of an ingredient. */
const AMOUNT = String.raw`(?:[\d¼-¾⅐-⅞][\d\s./¼-¾⅐-⅞]*\s?(?:g|kg|ml|cl|dl|l|oz|lb|tbsp|tsp|tbs|cups?|tablespoons?|teaspoons?|tins?|cans?|packs?|packets?|jars?|sticks?|c|t)\b\.?(?:\s*\([^()]*\))?|an? pinch\b|pinch\b)`;
/** What is counted. */
const COUNTED = String.raw`\d{1,2} (?:large |medium |small |fresh )*(?:eggs?|egg (?:whites?|yolks?)|lemons?|limes?|oranges?|apples?|bananas?|sheets?|leaves)\b`;
/** An amount with the name of something behind it: "400 g" alone, or of a tin, is no ingredient. */
const NAMED = String.raw`(?:${AMOUNT}\s+(?:of )?(?!(?:tins?|cans?|packs?|packets?|jars?|bags?)\b)[\p{L}]{2}|${COUNTED})`;
/** A comma, "and" behind a name, or a new sentence, before the next amount. */
const JOINT = String.raw`(?:,\s+|(?<=[\p{L}]{3})\s+(?:and|[+&])\s+(?!\S+ (?:\S+ )?(?:for|more|extra)\b)|\.\s+(?:then|plus|also)\s+)`;
const SEVERAL = new RegExp(`${JOINT}(?=${NAMED})`, 'giu');
const SEVERAL_LEAD = new RegExp(`^${AMOUNT}\\s+\\p{L}{3}.*?${JOINT}${NAMED}`, 'iu');
const LABELLED = new RegExp(
  `^([\\p{L}][\\p{L}' -]{1,38}?(?:\\s*\\([^()]{1,20}\\))?)(?::|\\s+[-\u2013\u2014])\\s+(?=${NAMED}|\\d{1,3} \\p{L}[^,:]*, ${NAMED})`,
  'iu',
);
/** Words before a colon that are no heading. */
const NO_HEADING = /^(?:optional|note|tip|about|total|makes|yield|serves|alternatively|or|plus)\b/i;

/** Splits a line that lists several amounts: "Caramel: 200 g sugar, 60 g butter" is a heading and two lines. */
function listOf(line: string): string[] {
  const plain = line.trim().replace(/,$/, '');
  if (plain.length > MAX_LENGTH) return [line];
  const label = NO_HEADING.test(plain) ? null : LABELLED.exec(plain);
  const behind = amountsBehind(plain);
  if (behind) return behind;
  if (!label && !SEVERAL_LEAD.test(plain)) return [line];
  const listed = (label ? plain.slice(label[0].length) : plain).split(SEVERAL);
  return label ? [`${label[1]!}:`, ...listed] : listed;
}

/** Splits a name without an amount off the end of a list: "200 g sugar, 2 tsp bicarb, 300 g dark chocolate, sea salt". */
function withTail(listed: string[], larder: Larder): string[] {
  const last = listed.at(-1)!;
  const [, head, tail] = listed.length > 1 ? (/^(.*\d.*), ([^\d,]{3,30})$/.exec(last) ?? []) : [];
  if (head === undefined || tail === undefined || !larderMatch(tail.replace(/ flakes$/i, ''), larder)) return listed;
  return [...listed.slice(0, -1), head, tail];
}

/** An amount behind a name: "flour T55 300 g", "cream 35 % 300 g". */
const BEHIND = /^\p{L}[^:]*\s\d[\d.,]*\s?(?:g|kg|ml|cl|l|oz|tbsp|tsp)$/iu;

/** Splits "Shortbread: flour 300 g, butter 200 g" into a heading and its lines; `null` for any other line. */
function amountsBehind(plain: string): string[] | null {
  const found = /^([\p{L}][\p{L}' -]{1,38}):\s+(.+)$/u.exec(plain);
  const items = (found?.[2] ?? plain).replace(/\.$/, '').split(/,\s+/);
  if (!items.every((item) => BEHIND.test(item)) || (!found && items.length < 2)) return null;
  return found ? [`${found[1]!}:`, ...items] : items;
}

/** In a recipe with headings, a capitalised word or two between amounts is one too. */
function isHeadingAmongAmounts(lines: readonly string[], at: number, larder: Larder): boolean {
  const line = lines[at]!.trim();
  const begins = (other: string | undefined) => other !== undefined && /^[\d¼½¾⅐-⅞]/u.test(tidied(other.trim()));
  return (
    /^\p{Lu}[\p{L}' -]{2,30}$/u.test(line) &&
    line.split(/\s+/).length <= 3 &&
    begins(lines[at - 1]) &&
    begins(lines[at + 1]) &&
    !larderMatch(line, larder)
  );
}

function isHeadingByPlace(lines: readonly string[], at: number, larder: Larder): boolean {
  const line = lines[at]!.trim().replace(/\s+[-\u2013]\s+\d+ ?mm$/i, '');
  if (TITLE_WITH_FIGURE.test(line) && lines.slice(0, at).every((before) => before.trim() === '')) return true;
  if (/\d|[.,;]$/.test(line) || line.split(/\s+/).length > 5 || !/\p{L}/u.test(line)) return false;
  if (/^[-*•·]/.test(line) || /^(?:(?:an?|half|one|two|three|few|some)\b(?!\)))/i.test(line)) return false;
  if (/, (?:for|to) \w/i.test(line) || (at > 0 && lines[at - 1]!.trim() !== '')) return false;
  let below = at + 1;
  while (below < lines.length && lines[below]!.trim() === '') below += 1;
  const next = lines[below];
  const leads = next !== undefined && (/^[\d¼½¾⅐-⅞]/u.test(tidied(next)) || BEHIND.test(next.trim()));
  const follows =
    next !== undefined && (leads || METHOD.test(line) || LIST.test(line) || headingName(next, larder) !== null);
  return follows && !larderMatch(line, larder);
}

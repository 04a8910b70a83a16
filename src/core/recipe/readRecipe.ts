import type { Larder } from '../larder';
import type { Measures } from '../measure';
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
  const lines = text.split(/\r\n|[\n\r\u2028\u2029]/);
  let inMethod = false;
  for (const [at, raw] of lines.entries()) {
    const line = raw.trim();
    if (line === '') continue;
    if (inMethod && at < MAX_LINES && line.length > MAX_LENGTH) {
      yield unreadLine(line.slice(0, MAX_KEPT), METHOD_NOTE);
      continue;
    }
    if (at >= MAX_LINES || line.length > MAX_LENGTH) {
      const note: LineNote = at >= MAX_LINES ? { code: 'past-limit', max: MAX_LINES } : { code: 'line-too-long' };
      yield unreadLine(line.slice(0, MAX_KEPT), note);
      continue;
    }
    const read = isHeadingByPlace(lines, at, larder)
      ? { ...headingLine(line), ingredient: headingName(line, larder) ?? line }
      : readLine(line, measures, larder);
    if (read.status === 'heading') inMethod = isMethodHeading(read.ingredient ?? '');
    yield inMethod && read.status !== 'heading' ? unreadLine(line, METHOD_NOTE) : read;
  }
}

function isHeadingByPlace(lines: readonly string[], at: number, larder: Larder): boolean {
  const line = lines[at]!.trim();
  if (/\d|[.,;]$/.test(line) || line.split(/\s+/).length > 5 || !/\p{L}/u.test(line)) return false;
  if (/^[-*•·]/.test(line) || /^(?:an?|half|one|two|three|few|some)\b/i.test(line)) return false;
  if (at > 0 && lines[at - 1]!.trim() !== '') return false;
  let below = at + 1;
  while (below < lines.length && lines[below]!.trim() === '') below += 1;
  const next = lines[below];
  const leads = next !== undefined && /^[\d¼½¾⅐-⅞]/u.test(tidied(next));
  const follows =
    next !== undefined && (leads || METHOD.test(line) || LIST.test(line) || headingName(next, larder) !== null);
  return follows && !larderMatch(line, larder);
}

import type { Measures } from '../measure';
import { blankSlab, freshId, type Layer, type Line, type Preparation, type Slab } from '../slab';
import { lineFromReading } from './lineFromReading';
import { lineOfUsualAmount } from './usualAmount';
import type { LineRead } from './readLine';
import { isListHeading } from './readRecipe';

/** Name of a slab whose recipe has no title. */
export const UNNAMED = 'Pasted recipe';

/** Maximum length of unrecognised text kept with a preparation. */
const MAX_UNREAD = 1000;

/** Returns the name of a preparation from "For the rye base:": "Rye base". */
function preparationName(heading: string): string {
  const name = heading
    .replace(/^(?:for|to make) (?:the |a |an )?/i, '')
    .replace(/[:\s]+$/, '')
    .slice(0, 200);
  const lower = /\p{Ll}/u.test(name) ? name : name.toLowerCase();
  return lower.charAt(0).toUpperCase() + lower.slice(1);
}

/** Returns a readable id: "Rye base" is rye-base, the second one rye-base2. */
function idFor(name: string, taken: readonly { readonly id: string }[]): string {
  const id = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  return id === '' ? freshId('p', taken) : taken.some((other) => other.id === id) ? freshId(id, taken) : id;
}

/** Tells whether a line is a few words without an amount, and not a sentence. */
const isTitle = (text: string) =>
  /\p{L}/u.test(text) && !/\d/.test(text) && text.trim().split(/\s+/).length <= 8 && !/[.!?]\s*$/.test(text);

/**
 * Returns a slab from a recipe's readings. Each heading starts a preparation, and each preparation becomes one level layer. The
 * first heading names the slab if another follows directly. Unrecognised lines stay with their preparation as text: nothing is
 * dropped.
 *
 * @param reads as `readRecipe` gives them, corrected or not, without those of the method
 * @param name what the slab is called, or empty to take it from the first heading
 */
export function slabFromRecipe(reads: readonly LineRead[], name: string, measures: Measures): Slab {
  const [first, second] = reads;
  const isName = first?.status === 'heading' || (first?.status === 'unread' && isTitle(first.text));
  const titled = isName && second?.status === 'heading' && !isListHeading(first.ingredient ?? '');
  // "Harbour squares" before the lines: an unrecognised first line names the slab and its mixture.
  const named =
    !titled &&
    first?.status === 'unread' &&
    isTitle(first.text) &&
    second !== undefined &&
    lineFromReading(second) !== null;
  const headings = reads.filter(({ status }) => status === 'heading');
  const alone = headings.length === 1 && headings[0] === first && !isListHeading(first?.ingredient ?? '');
  const own = titled || alone ? (first?.ingredient ?? first?.text ?? '') : named ? first.text : '';
  const title = name.trim() || (own === '' ? '' : preparationName(own)) || UNNAMED;
  const preparations: (Preparation & { lines: Line[]; unread: string[] })[] = [];
  const notes: string[] = [];
  if ((named || (titled && first?.status === 'unread')) && title !== first.text) notes.push(first.text);
  const begin = (called: string) =>
    preparations.push({ id: idFor(called, preparations), name: called, lines: [], unread: [] });
  for (const read of titled || named ? reads.slice(1) : reads) {
    if (read.status === 'heading') {
      const heading = read.ingredient ?? read.text;
      if (!isListHeading(heading)) begin(preparationName(heading));
    } else {
      if (preparations.length === 0) begin(named ? preparationName(own) : 'Mixture');
      const line = lineFromReading(read) ?? lineOfUsualAmount(read);
      const into = preparations.at(-1)!;
      if (line) into.lines.push(line);
      else into.unread.push(read.text.slice(0, MAX_UNREAD));
    }
  }
  const kept = preparations
    .filter(({ lines, unread }) => lines.length + unread.length > 0)
    .map(({ unread, ...preparation }): Preparation => (unread.length > 0 ? { ...preparation, unread } : preparation));
  const layers = kept
    .filter(({ lines }) => lines.length > 0)
    .map(({ id, name: called }, at): Layer => ({
      id: `l${at + 1}`,
      name: called,
      from: [{ preparation: id, share: 1 }],
      spread: 'level',
    }));
  return {
    ...blankSlab(title.slice(0, 200)),
    measures,
    preparations: kept,
    layers,
    ...(notes.length > 0 ? { notes: notes.join('\n').slice(0, 20000) } : {}),
  };
}

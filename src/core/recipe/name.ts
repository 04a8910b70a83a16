import { tidied } from './tidy';
import { ingredientNamed, type Ingredient, type Larder } from '../larder';

/** Parts of a line besides its amount. */
export interface Named {
  readonly ingredient: string;
  readonly found: Ingredient | null;
  readonly state: string | null;
  readonly alternatives: readonly string[];
  readonly optional: boolean;
}

/** Words for preparation before measuring: a state, not part of a name. */
const STATES =
  'cold|chilled|softened|soft|melted|cooled|warmed|warm|hot|cubed|diced|chopped|sliced|slivered|grated|shredded|sifted|packed|spooned|levelled|toasted|crushed|crumbled|broken|beaten|whisked|separated|drained|rinsed|peeled|pitted|stoned|halved|quartered|shelled|blanched|thawed|mashed|juiced|zested|snipped|torn|split|scraped|bruised|frozen|divided|trimmed|cut|minced|flaked|skinned|roasted|sieved|strained';
const HOW =
  'very|finely|coarsely|roughly|lightly|firmly|well|thinly|thickly|freshly|loosely|tightly|slightly|gently|just';
const STATE = new RegExp(`^(?:(?:${HOW})[ -])?(?:${STATES})(?: and (?:(?:${HOW}) )?(?:${STATES}))?\\b,? *`, 'i');
const TRAILING_STATE = new RegExp(` (?:(?:${HOW}) )?(?:${STATES})$`, 'i');
const ASIDE =
  /(?:^|,? )\(?(?:plus (?:extra|more|a little)|(?:for|to) (?:dusting|greasing|rolling|coating|dipping|drizzling|tossing|coat|sprinkling|decorating|decorate|finish|finishing|serve|serving|taste|the (?:tin|pan|top|topping|base|dish))\b|at room temperature|room temperature|as needed|if (?:desired|liked|you like)|preferably|ideally|you (?:may|might|will probably|won't)|keep (?:some|a little) back|such as|(?:mixed|dissolved|made up|blended|thinned|let down) (?:with|in|into) |e\.g\.|not |see |from (?:a|the) |without |with |in (?:small |large )?(?:pieces|chunks|cubes|bits)|cut into|broken into).*$/i;
const QUALITIES =
  /^(?:extra[- ])?(?:flaky|creamy|smooth|crunchy|chunky|semi-?sweet|bitter-?sweet|granulated white|white granulated|large|lg|medium|medium-sized|med|md|small|sm|big|good[- ]quality|best[- ]quality|quality|organic|free[- ]range|ripe|fresh|pure|fine|best|heaped|heaping|rounded|scant|generous|good|whole|raw|natural|plain|real|your favou?rite|store-bought|of)\b\.?[, ]*/i;
/** Words that need a following noun: "light or dark brown sugar", "milk or dark chocolate". */
const HALF_NAMES =
  /^(?:light|dark|milk|white|salted|unsalted|semi-?sweet|bitter-?sweet|smooth|crunchy|fresh|frozen|golden|black|brown|red|green|rolled|quick|whole|skimmed|double|single|whipping|heavy|unsweetened|sweetened|plain)$/i;

/** Maximum number of quality words before a name, and of words in a name. */
const MAX_QUALITIES = 6;
const MAX_NAME_WORDS = 6;

const LAST = /(\p{L}+)$/u;

function nearby(name: string): string[] {
  const last = LAST.exec(name)?.[1];
  if (!last) return [name];
  const stem = name.slice(0, -last.length);
  const forms = new Set([name]);
  const add = (word: string) => forms.add(stem + word);
  if (/ies$/i.test(last)) add(`${last.slice(0, -3)}y`);
  if (/ves$/i.test(last)) add(`${last.slice(0, -3)}f`);
  if (/(?:s|x|ch|sh|o)es$/i.test(last)) add(last.slice(0, -2));
  if (/[^su]s$/i.test(last)) add(last.slice(0, -1));
  if (/y$/i.test(last)) add(`${last.slice(0, -1)}ies`);
  if (/f$/i.test(last)) add(`${last.slice(0, -1)}ves`);
  if (!/s$/i.test(last)) {
    add(`${last}s`);
    add(`${last}es`);
  }
  return [...forms];
}

/**
 * Returns the ingredient that a name means: as written, in the other number, then without words of size and quality.
 *
 * @example larderMatch('large eggs', larder)?.name // 'whole egg', which has the alias 'egg'
 */
export function larderMatch(name: string, larder: Larder): Ingredient | null {
  // "Sugar, white" is white sugar.
  const [noun = '', kind = ''] = name.split(/,\s*/);
  let rest = name.includes(',') && ingredientNamed(`${kind} ${noun}`, larder) ? `${kind} ${noun}` : name;
  for (let n = 0; n <= MAX_QUALITIES && rest !== ''; n++) {
    for (const form of nearby(rest)) {
      const found = ingredientNamed(form, larder);
      if (found) return found;
    }
    const shorter = rest.replace(QUALITIES, '');
    if (shorter === rest) return null;
    rest = shorter;
  }
  return null;
}

/** Returns the first of several names, completed by the noun of the second if needed. */
function alternativesOf(name: string, larder: Larder): string[] {
  const parts = name.split(/ or (?!so\b)|(?<=\p{L})\s?\/\s?(?=\p{L})/iu).map((part) => part.trim());
  const [first, second] = parts;
  if (first === undefined || second === undefined || parts.some((part) => part === '')) return [name];
  const words = second.split(' ');
  const from = Math.max(1, words.length - MAX_NAME_WORDS);
  const ends = words.slice(from).map((_, at) => words.slice(from + at).join(' '));
  const whole = ends.map((end) => `${first} ${end}`);
  const known = whole.find((name) => larderMatch(name, larder));
  if (HALF_NAMES.test(first) && ends.length > 0) return [known ?? whole[0]!, ...parts.slice(1)];
  return parts;
}

/** Removes notes in brackets from a text. */
function bracketed(text: string): { outside: string; notes: string[] } {
  const notes: string[] = [];
  let outside = text;
  for (let before = ''; before !== outside;) {
    before = outside;
    outside = outside.replace(/[([{]([^()[\]{}]*)[)\]}]/, (_, note: string) => {
      notes.push(note.trim());
      return ' ';
    });
  }
  return { outside: outside.replace(/\s+/g, ' ').replace(/ ,/g, ',').trim(), notes: notes.filter(Boolean) };
}

/**
 * Splits a description into the ingredient name, its state, and substitutes.
 *
 * A larder name that holds a word of state, such as "chopped almonds", is left whole.
 *
 * @param description what stands behind the amount
 * @example named('light brown sugar, packed', larder) // { ingredient: 'light brown sugar', state: 'packed', ... }
 */
export function named(description: string, larder: Larder): Named {
  const { outside, notes } = bracketed(description);
  const optional = /\boptional(?:ly)?\b/i.test(description);
  /** States in front of the name, and behind it. */
  const front: string[] = [];
  const states: string[] = [];
  const alternatives: string[] = [];
  for (const note of notes) {
    if (/^or /i.test(note)) alternatives.push(note.slice(3));
    else states.push(note);
  }
  let text = outside
    .replace(/,?\s*\boptional(?:ly)?\b:?\s*/i, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  text = text.replace(/^(?:of|x) (?:the )?/i, '').replace(/[\s,;:.*]+$/, '');
  if (!larderMatch(text, larder)) {
    const aside = ASIDE.exec(text);
    if (aside && aside.index > 0) {
      states.push(aside[0].replace(/^[,\s(]+/, ''));
      text = text.slice(0, aside.index);
    }
    const pieces = text.split(/\s*[,;]\s*|\s+-\s+/).filter(Boolean);
    // "Cold, cubed butter": the words before the name are states.
    while (pieces.length > 1 && pieces[0]!.replace(STATE, '') === '') front.push(pieces.shift()!);
    const [name = '', ...rest] = pieces;
    states.unshift(...rest);
    text = name;
  }
  while (!larderMatch(text, larder)) {
    const before = STATE.exec(text);
    if (!before || before[0].length >= text.length) break;
    front.push(before[0].replace(/,? *$/, ''));
    text = text.slice(before[0].length);
  }
  if (!larderMatch(text, larder)) {
    const after = TRAILING_STATE.exec(text);
    if (after && after.index > 0) {
      states.unshift(after[0].trim());
      text = text.slice(0, after.index);
    }
  }
  if (!larderMatch(text, larder)) {
    const [first, ...others] = alternativesOf(text, larder);
    text = first!;
    alternatives.unshift(...others);
  }
  const fruit = /^(lime|lemon|orange|grapefruit|clementine)s?$/i.exec(text);
  const part = fruit && /\b(zest|juice)(?:e?d)?\b/i.exec(states.join(' '));
  if (fruit && part && !/zest.*juice|juice.*zest/i.test(states.join(' '))) {
    text = `${fruit[1]!.toLowerCase()} ${part[1]!.toLowerCase()}`;
  }
  const state = [...front, ...states]
    .filter((note) => !/^optional$/i.test(note))
    .join(', ')
    .slice(0, 100);
  return {
    ingredient: text.slice(0, 200).trim(),
    found: larderMatch(text, larder),
    state: state === '' ? null : state,
    alternatives,
    optional,
  };
}

const PART_WORDS = /^(?:zest|juice|rind|whites?|yolks?|seeds?|lea(?:f|ves))$/;
const MAX_TOKENS = 40;

/**
 * Returns every group of words in a line that could be an ingredient name: up to six words, and parts of things such as "lime
 * zest". Used to query a remote larder; reading then decides which one is meant.
 *
 * @example namesIn('2 eggs') // ['2', '2 eggs', 'eggs']
 */
export function namesIn(line: string): string[] {
  const words = tidied(line)
    .toLowerCase()
    .split(/[\s,;:()[\]/.]+/)
    .filter(Boolean)
    .slice(0, MAX_TOKENS);
  const groups = words.flatMap((_, from) =>
    words.slice(from, from + MAX_NAME_WORDS).map((_word, n) => words.slice(from, from + n + 1).join(' ')),
  );
  const parts = words.filter((word) => PART_WORDS.test(word)).map((word) => (word === 'rind' ? 'zest' : word));
  const things = parts.flatMap((part) => words.map((word) => `${word} ${part}`));
  return [...new Set([...groups, ...things])];
}

import { escaped, nounOf } from './plainWords';

/** A line of a preparation with its name. */
export interface NamedLine {
  readonly ingredient: string;
  readonly of: string;
  readonly at: number;
}

/** Lines that a clause names. */
export interface Named {
  /** The preparation with most of them; `null` if none is named. */
  readonly most: string | null;
  /** Lines of a preparation that have not been added yet. */
  readonly of: (preparation: string | null) => readonly NamedLine[];
}

const ALL =
  /\beverything\b(?! (?:over|is|else)\b)|\ball the rest\b|(?<!\b(?:dry|wet|remaining|other|until|until the) )\bingredients\b/i;
const REMAINING = /\b(?:remaining|rest of the|other|all the other) ingredients\b|\beverything else\b/i;
/** Matches "everything except the stout". */
const EXCEPT = /\b(?:except|apart from|but not|other than|all but)(?: for)? ((?:the )?[\w' -]+)/i;
const DRY = /\bdry ingredients\b/i;
const DRY_THINGS =
  /\b(?:flour|oats?|cocoa|baking powder|bicarb\w*|baking soda|sugar|coconut(?! oil)|spices?|protein powder|cinnamon|ginger|salt|cornflour|ground almonds|almond meal)\b/i;
/** Names of groups that a method uses. */
const NUTS = /nut|pecan|almond|pistachio|cashew/i;
/** Further groups: "the remaining berries". */
const GROUPS: readonly (readonly [RegExp, RegExp])[] = [
  [/\bberries\b/i, /berr(?:y|ies)/i],
  [/\b(?:dried )?fruits?\b(?! juice)/i, /fruit|raisin|sultana|cranberr|apricot|cherr|currant/i],
  [/\bseeds\b/i, /seed/i],
  [/\bspices\b/i, /cinnamon|ginger|nutmeg|clove|cardamom|spice/i],
];
/** Contexts in which an ingredient is named but not added, such as greasing. */
const NOT_IN =
  /\b(?:butter(?:ed)?|oil(?:ed)?|grease) (?:the|a|your|and line)\b|\b(?:buttered|oiled|floured)\b|\bchocolate layer\b|\bsugar thermometer\b|\bcandy thermometer\b|\bin cold water\b|\bbowl of (?:cold )?water\b|\b(?:over|above|in|into|with) (?:(?:a|the) )?(?:(?:bowl|pan|saucepan|jug|bath|sink)(?: full)? of )?(?:(?:barely|gently) )?(?:simmering|steaming) water\b|\b(?:over|above) (?:the |some )?(?:hot|boiling) water\b|\b(?:bowl|pan|saucepan|jug|sink) of (?:hot|boiling|warm) water\b|\b(?:knife|spatula|palette|hands?)\b[^.;]*\b(?:hot|boiling|warm) water\b/gi;

const plural = (word: string) =>
  /^gelatine?$/.test(word)
    ? 'gelatine?s?'
    : /^biscuits?$/.test(word)
      ? 'bis(?:cs?|cuits?)'
      : word.endsWith('s')
        ? `${escaped(word.slice(0, -1))}s?`
        : word.endsWith('y')
          ? `${escaped(word.slice(0, -1))}(?:y|ies)`
          : `${escaped(word)}(?:s|es)?`;

/** A form of a name that methods use, with the number of its words. */
interface Call {
  readonly form: RegExp;
  readonly words: number;
}

/** A full name, and its last word, which methods use for it. */
function callsOf(ingredient: string): readonly Call[] {
  // "Couverture, dark" is dark couverture.
  const words = ingredient
    .toLowerCase()
    .replace(/^([^,]+), (.+)$/, '$2 $1')
    .split(/[\s,]+/)
    .filter((word) => /\p{L}/u.test(word));
  // Methods say vanilla for vanilla extract.
  if (
    words.length > 1 &&
    /^(?:extract|essence|paste|chips|pieces|flakes|powder|kernels|leaf|leaves|sheets?|granules|halves|crystals|callets|buttons|syrup|solution|puree|purée|bars?|bits|chunks?|drops|bites|pulp)$/.test(
      words.at(-1)!,
    )
  )
    return [...formsOf(words), ...formsOf(words.slice(0, -1))].sort((a, b) => b.words - a.words);
  return formsOf(words);
}

function formsOf(words: readonly string[]): Call[] {
  const starts = words.map((_, from) => words.slice(from));
  return starts.map((rest) => ({
    words: rest.length,
    form: new RegExp(
      `(?<![\\p{L}-])${rest
        .slice(0, -1)
        .map(escaped)
        .concat(plural(rest.at(-1)!))
        .join('[\\s-]+')}(?![\\p{L}])`,
      'iu',
    ),
  }));
}

const calls = new Map<string, readonly Call[]>();
function callsFor(ingredient: string): readonly Call[] {
  const known = calls.get(ingredient);
  if (known) return known;
  if (calls.size > 5000) calls.clear();
  const made = callsOf(ingredient);
  calls.set(ingredient, made);
  return made;
}

/** Scores how well a clause names an ingredient: the number of its words that appear together, 0 if its last word does not. */
function namedBy(clause: string, ingredient: string): number {
  const call = callsFor(ingredient).find(({ form }) => form.test(clause));
  if (call) return call.words;
  // "The filo sheets" and "the remaining filo" are of the filo pastry.
  const [first = '', second] = ingredient.toLowerCase().split(/[\s,]+/);
  if (second === undefined || first === '') return 0;
  const word = `(?<![\\p{L}-])${escaped(first)}`;
  const isCarried = new RegExp(
    `${word} (?:sheets?|leaves)(?![\\p{L}])|\\b(?:remaining|rest of the) ${word}(?=[,.;]|$)`,
    'iu',
  ).test(clause);
  return isCarried ? 1 : 0;
}

/**
 * Returns the lines that a clause names, by full name or by last word: "the sugar" is the caster sugar if nothing else is text.
 * If several lines share the word and one is named in full, only that one counts.
 *
 * @param gone lines that have gone in before
 * @param last the preparation that was worked on before
 * @param listed names of all lines of the recipe, used or not
 */
export function namedIn(
  clause: string,
  lines: readonly NamedLine[],
  gone: ReadonlySet<NamedLine>,
  last: string | null,
  listed: readonly string[] = [],
): Named {
  const text = clause.replace(NOT_IN, ' ');
  const open = lines.filter((line) => !gone.has(line));
  // "Cream cheese" names no cream.
  const longer = [...listed, ...lines.map(({ ingredient }) => ingredient)].filter(
    (name) => wordsIn(name) > 1 && namedBy(text, name) === wordsIn(name),
  );
  const rest = longer.reduce(
    (said, name) =>
      callsFor(name)
        .slice(0, 1)
        .reduce((own, call) => own.replace(new RegExp(call.form.source, 'giu'), ' '), said),
    text,
  );
  const found = open.flatMap((line) => {
    const words = namedBy(text, line.ingredient);
    if (words === 1 && !longer.includes(line.ingredient) && namedBy(rest, line.ingredient) === 0) return [];
    const isWhole = words === line.ingredient.trim().split(/[\s,]+/).length;
    return words > 0 ? [{ line, words, isWhole, noun: singular(line.ingredient) }] : [];
  });
  // "Peanut butter" is not butter: of several lines of one preparation with the same noun the longest match wins.
  const meant = found.filter(
    ({ line, words, noun, isWhole }) =>
      !found.some(
        (other) =>
          other.line.of === line.of &&
          other.line.at !== line.at &&
          other.noun === noun &&
          (other.words > words || (other.words === words && other.isWhole && !isWhole)) &&
          !standsAlone(text, noun, other.words),
      ),
  );
  const most = mostOf(
    meant.map(({ line }) => line),
    last,
  );
  return {
    most,
    of: (preparation) => {
      const but = EXCEPT.exec(text)?.[1] ?? '';
      const own = open.filter(({ of, ingredient }) => of === preparation && namedBy(but, ingredient) === 0);
      if (own.length > 0 && (ALL.test(text) || REMAINING.test(text))) return own;
      const dry = DRY.test(text) ? own.filter(({ ingredient }) => DRY_THINGS.test(ingredient)) : [];
      const nuts = /\bnuts\b/i.test(text)
        ? own.filter(({ ingredient }) => NUTS.test(ingredient) && !/butter|nutmeg|coconut/i.test(ingredient))
        : [];
      const groups = GROUPS.flatMap(([word, member]) =>
        word.test(text) ? own.filter(({ ingredient }) => member.test(ingredient)) : [],
      );
      // "Dried fruits" of a translated recipe are nuts.
      const dried =
        /\bdr(?:y|ied) fruits?\b/i.test(text) && groups.length === 0 && nuts.length === 0
          ? own.filter(({ ingredient }) => NUTS.test(ingredient) && !/butter|nutmeg|coconut/i.test(ingredient))
          : [];
      const colours = /\b(?:colou?r|tint)\b/i.test(text)
        ? own.filter(({ ingredient }) => /colou?ring/i.test(ingredient))
        : [];
      return own.filter(
        (line) =>
          dry.includes(line) ||
          nuts.includes(line) ||
          dried.includes(line) ||
          groups.includes(line) ||
          colours.includes(line) ||
          meant.some((match) => match.line === line),
      );
    },
  };
}

const wordsIn = (name: string) => name.trim().split(/[\s,]+/).length;

/** Matches a noun in singular and plural. */
const singular = (ingredient: string) => nounOf(ingredient).replace(/s$/, '');

/** Tells whether a noun appears in a clause other than within a longer name. */
const standsAlone = (clause: string, noun: string, words: number) =>
  words > 0 &&
  [...clause.toLowerCase().matchAll(new RegExp(`(?<![\\p{L}-])${plural(noun)}(?![\\p{L}])`, 'gu'))].length > 1;

/** Returns the preparation of most of the lines; on a tie the current one, otherwise the first. */
function mostOf(lines: readonly NamedLine[], last: string | null): string | null {
  const counts = new Map<string, number>();
  for (const { of } of lines) counts.set(of, (counts.get(of) ?? 0) + 1);
  const most = Math.max(0, ...counts.values());
  if (most === 0) return null;
  if (last !== null && counts.get(last) === most) return last;
  return [...counts].find(([, count]) => count === most)![0];
}

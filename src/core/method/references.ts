// What a clause refers to: "the chocolate", "it", "the base".
import { grammarOf } from './grammar';
import { namedIn, type NamedLine } from './ingredientsIn';
import { openOnes, rootOf, type Kitchen, type Mixture, type PantryLine, type Section } from './kitchen';
import { mentionedIn, wordsFor } from './preparationIn';

/** Parts of a clause that say where something goes. */
export const targetsOf = (clause: string): string => grammarOf(clause).targets.join(' ; ');

/** A clause without the parts that say where something goes. */
export const objectsOf = (clause: string): string => grammarOf(clause).objects;

interface Found {
  readonly section: Section | null;
  readonly lines: readonly PantryLine[];
}

/** Asks the reader of names for lines of a list. */
function named(clause: string, lines: readonly PantryLine[], last: string | null, listed: readonly string[] = []) {
  const asked = lines.flatMap(({ names, section }, at) =>
    names.map((ingredient): NamedLine => ({ ingredient, of: section.id, at })),
  );
  const found = namedIn(clause, asked, new Set(), last, listed);
  return (section: string | null) => [...new Set(found.of(section).map(({ at }) => at))].map((at) => lines[at]!);
}

/**
 * Returns the unused lines that a clause names. Those of one section count: the one that the clause or its heading names, otherwise the
 * one with most of them, otherwise the current one.
 *
 * @param isRest whether the clause asks for what is left of something
 */
export function linesNamed(kitchen: Kitchen, clause: string, headed: Section | null, isRest: boolean): Found {
  const current = kitchen.current?.section ?? null;
  const open = kitchen.sections
    .flatMap(({ lines }) => lines)
    .filter(({ left, isReserved }) => left > 0.999 || isReserved || (isRest && left > 1e-6));
  const listed = kitchen.sections.flatMap(({ lines }) => lines.flatMap(({ names }) => names));
  const of = named(clause, open, headed?.id ?? current?.id ?? null, listed);
  if (headed) return { section: headed, lines: of(headed.id) };
  let best: Found = { section: null, lines: [] };
  // "The dry ingredients" are those of what is in hand.
  if (current && /\b(?:dry|wet) ingredients\b/i.test(clause) && of(current.id).length === 0)
    return { section: null, lines: [] };
  const order = current ? [current, ...kitchen.sections.filter((section) => section !== current)] : kitchen.sections;
  for (const section of order) {
    const lines = of(section.id);
    if (lines.length > best.lines.length) best = { section, lines };
  }
  return best.lines.length > 0 ? best : byMiddleWord(clause, open);
}

/** Words of a name that say how something is, and do not name it. */
const HOW_IT_IS =
  /^(?:mini|small|large|fresh|dried|whole|light|brown|golden|white|dark|black|green|plain|caster|icing|unsalted|salted|sweetened|condensed|chopped|toasted|roasted|ground|heavy|double|single|coarse|flaked|melted|boiling|granulated|powder|powdered|instant|strong|baking|cream|milk|butter|sugar|chocolate|water|vanilla)$/;
/** "Cover the tray with pretzels" means the mini pretzel twists, if no other line has the word. */
function byMiddleWord(clause: string, open: readonly PantryLine[]): Found {
  const said = new Set((clause.toLowerCase().match(/\p{L}{6,}/gu) ?? []).map((word) => word.replace(/s$/, '')));
  const wordsOf = ({ names }: PantryLine) =>
    names.flatMap((name) => name.toLowerCase().match(/\p{L}{6,}/gu) ?? []).map((word) => word.replace(/s$/, ''));
  const meant = open.filter((line) =>
    wordsOf(line).some((word) => said.has(word) && !HOW_IT_IS.test(word) && !/(?:ing|ed)$/.test(word)),
  );
  const [only, ...others] = meant;
  return only && others.length === 0 ? { section: only.section, lines: [only] } : { section: null, lines: [] };
}

/** Returns a line that a clause names though it is used up, in no pot or bowl that is still open; `null` if there is none. */
export function usedUpIn(clause: string, kitchen: Kitchen): PantryLine | null {
  const gone = kitchen.sections.flatMap(({ lines }) => lines).filter(({ left }) => left < 1e-6);
  const isOpen = (line: PantryLine) =>
    kitchen.mixtures.some((mixture) => {
      const own = rootOf(mixture);
      const isHere = own.state === 'open' || (own.state === 'joined' && kitchen.current?.joined.includes(own));
      return isHere && mixture.uses.some(({ of }) => of === line);
    });
  if (/\b(?:everything|ingredients)\b/i.test(clause)) return null;
  return gone.find((line) => named(clause, [line], null)(line.section.id).length > 0 && !isOpen(line)) ?? null;
}

/** Words for a mixture by what it is, besides its heading and its ingredients. */
const ROLES: readonly (readonly [RegExp, (mixture: Mixture) => boolean])[] = [
  [/\bsyrup\b/i, ({ cookTo }) => cookTo !== undefined],
  [/\bcreamed (?:mix|mixture|butter|ingredients)\b/i, ({ steps }) => steps.some(({ id }) => id.startsWith('beat'))],
  [/\b(?:toffee|caramel|honeycomb|brittle|fudge|candy)\b/i, ({ cookTo }) => cookTo !== undefined],
  [/\b(?:whites|meringue|snow|foam)\b/i, ({ uses }) => uses.some(({ of }) => /white|albumen/i.test(of.ingredient))],
  [
    /\b(?:dry (?:mix|mixture|ingredients)|crumbs?)\b/i,
    ({ uses }) => uses.some(({ of }) => /flour|crumb|biscuit|oat/i.test(of.ingredient)),
  ],
  [/\bnuts\b/i, ({ uses }) => uses.some(({ of }) => /nut|pecan|almond|pistachio|cashew/i.test(of.ingredient))],
];

/** Words that tell the parts of a divided mixture apart. */
const SHADE = /\b(?:dark|white|milk|plain|pink|red|green|yellow|coloured|chocolate|coffee)\b/i;

/** Tells whether a text names a mixture: by the heading of its section if it is the only one there, by an ingredient in it, or by a role. */
export function isNamed(text: string, mixture: Mixture, kitchen: Kitchen): boolean {
  if (text.trim() === '') return false;
  // Of several mixtures under one heading its name means the first.
  const peers = kitchen.mixtures
    .slice(0, kitchen.mixtures.indexOf(mixture))
    .filter(
      (other) =>
        other !== mixture &&
        other.section === mixture.section &&
        rootOf(other) === other &&
        other.state === mixture.state,
    );
  const words = wordsFor(mixture.section);
  if (kitchen.sections.length > 1 && peers.length === 0 && words !== null && text.search(words) >= 0) return true;
  if (ROLES.some(([word, isOne]) => word.test(text) && isOne(mixture))) return true;
  const own = mixture.uses.map(({ of }) => of);
  // "The dark fudge" is the part with the dark chocolate.
  const shade = mixture.drawn.length > 0 ? SHADE.exec(text)?.[0].toLowerCase() : undefined;
  if (shade !== undefined && own.some(({ ingredient }) => ingredient.toLowerCase().includes(shade))) return true;
  return (
    named(text, own, mixture.section.id)(mixture.section.id).length > 0 ||
    own.some((line) => line.section !== mixture.section && named(text, [line], null)(line.section.id).length > 0)
  );
}

/** Open mixtures that a text names, apart from one. */
export const mixturesNamed = (text: string, kitchen: Kitchen, besides: Mixture | null): Mixture[] =>
  openOnes(kitchen).filter((mixture) => mixture !== besides && isNamed(text, mixture, kitchen));

/** Returns the section that a heading, a label or a clause says it is of: "for the filling". */
export function sectionNamed(kitchen: Kitchen, under: string | null, clause: string): Section | null {
  if (kitchen.sections.length < 2) return null;
  const byId = (id: string | undefined) => kitchen.sections.find((section) => section.id === id) ?? null;
  // "A: cream the butter" is of the list "A) Shortbread".
  const lettered =
    under?.length === 1
      ? kitchen.sections.find(({ name }) => name.startsWith(under) && /^.[).:]/.test(name))
      : undefined;
  if (lettered) return lettered;
  const headed = mentionedIn(under ?? '', kitchen.sections);
  if (headed) return byId(headed.id);
  const mentioned = mentionedIn(clause, kitchen.sections);
  return mentioned?.isMade ? byId(mentioned.id) : null;
}

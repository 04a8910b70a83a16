// What goes into a mixture: finds the lines that a clause names and takes their share.
import type { Kitchen, Mixture, PantryLine, Section } from './kitchen';
import type { KitchenNote } from './notes';
import { escaped, nounOf } from './plainWords';
import { portionIn, shareNamed } from './portions';
import { wordsFor } from './preparationIn';
import { linesNamed } from './references';

/** Matches "stir in the rest" of anything. */
const ALL_THE_REST = /\b(?:rest|remainder|remaining|other half|reserved|leftover)\b/i;

/** Edible paper lines the tin, and goes into no mixture. */
const PAPER = /\b(?:rice|wafer|edible) (?:paper|sheets?)\b|\bwafer paper\b|^wafers?$/i;
/** An amount with its unit, which is no share: "the 0.25 cup flour". */
const AMOUNT = /\b\d+(?:\.\d+)? ?(?:cups?|c|g|kg|ml|oz|lb|tbsp|tsp|tablespoons?|teaspoons?)\b(?: of)?/gi;

/** Ingredients that stay in pieces. */
export const GRAINS = /nut|pecan|almond|pistachio|cashew|seed|salt|flake|sprinkle|berr|cherr|raisin|chip|nib/i;

/** Lines that a clause takes, and the share of each. */
export interface Taken {
  readonly section: Section | null;
  readonly lines: readonly { readonly line: PantryLine; readonly share: number }[];
}

export const NOTHING: Taken = { section: null, lines: [] };

/** What a clause did: the mixture that it worked on, what went in, and a mixture that was poured in. */
export interface Done {
  readonly mixture: Mixture | null;
  readonly taken: Taken;
  readonly joined: Mixture | null;
  /** What cannot be right about it. */
  readonly ask?: KitchenNote;
}
export const NOTHING_DONE: Done = { mixture: null, taken: NOTHING, joined: null };

/**
 * Takes what a clause names from the unused lines: whole lines, half of one, the rest of one. What is set aside stays until it is named
 * again.
 */
export function takeLines(kitchen: Kitchen, clause: string, headed: Section | null): Taken {
  const listed = kitchen.sections.length > 1 ? kitchen.sections.find((own) => namesList(clause, own)) : undefined;
  if (listed) return allOf(listed);
  const counted = countedOf(kitchen, clause, headed);
  if (counted) return counted;
  const isRest = ALL_THE_REST.test(clause);
  const first = linesNamed(kitchen, clause, headed, isRest);
  // "Another third of the biscuits" comes from a line that is partly used.
  const { section, lines } =
    first.lines.length === 0 && shareNamed(clause) !== undefined ? linesNamed(kitchen, clause, headed, true) : first;
  const taken: { line: PantryLine; share: number }[] = [];
  const said = clause.replace(AMOUNT, ' ');
  for (const line of meant(lines, clause)) {
    if (PAPER.test(line.ingredient)) continue;
    const portion = line.names
      .map((name) => portionIn(said, name))
      .find(({ share, isRest }) => share !== null || isRest) ?? {
      share: shareByAmount(line, clause, lines),
      isRest: false,
      isReserved: false,
    };
    if (portion.isReserved) {
      line.isReserved = true;
      continue;
    }
    const share = portion.isRest || portion.share === null ? line.left : Math.min(line.left, portion.share);
    if (share < 1e-9) continue;
    taken.push({ line, share });
  }
  return { section, lines: taken };
}

/**
 * The amount that a clause says of a line, in the unit of the line; `null` where it says none.
 *
 * @param others lines that may be meant instead: "1 cup of the peanut butter" is none of butter
 */
function amountSaid({ names, line }: PantryLine, clause: string, others: readonly PantryLine[]): number | null {
  for (const name of names) {
    const noun = nounOf(name).replace(/s$/, '');
    const said = new RegExp(
      `(\\d+(?:\\.\\d+)?) ?${UNITS[line.unit] ?? line.unit}\\b\\.? (?:of )?(?:the )?((?:[\\w-]+ ){0,3}${escaped(noun)})`,
      'i',
    ).exec(clause);
    const words = said?.[2]!.toLowerCase();
    const isMeant = (called: string) => called.toLowerCase().replace(/s$/, '').endsWith(words!);
    const isOther =
      words !== undefined && !isMeant(name) && others.some((other) => other.line !== line && other.names.some(isMeant));
    if (said && !isOther) return Number(said[1]);
  }
  return null;
}
const UNITS: Readonly<Partial<Record<string, string>>> = {
  cup: '(?:cups?|c)',
  tbsp: '(?:tbsp|tablespoons?)',
  tsp: '(?:tsp|teaspoons?)',
  g: '(?:g|grams?)',
};

/** "1 packet of biscuits", of a line of "2 x 150 g packets". */
const PACKS_LISTED = /^(\d+) ?x ?\d+ ?(?:g|ml|oz)\b\.? (?:packets?|packs?|tins?|cans?|bags?|bars?)\b/i;
const PACKS_TAKEN = /\b(\d+) (?:packets?|packs?|tins?|cans?|bags?|bars?) (?:of )?/i;

/** "300 g of the chocolate", of a line of 400 g. */
function shareByAmount(line: PantryLine, clause: string, others: readonly PantryLine[]): number | null {
  const packs = PACKS_LISTED.exec(line.line.text ?? '');
  const taken = packs && PACKS_TAKEN.exec(clause);
  if (taken && Number(taken[1]) < Number(packs[1])) return Number(taken[1]) / Number(packs[1]);
  const said = amountSaid(line, clause, others);
  return said !== null && said < line.line.quantity * 0.999 ? said / line.line.quantity : null;
}

/** What a line says it is for: the outside of the slab or of its pieces. */
const FOR_OUTSIDE = /\b(?:for|to) (?:dust|coat|roll|toss|dredg|sprinkl|finish|serv|decorat|drizzl|top\b|the top)/i;
const FINISHES = /\b(?:dust|coat|roll|toss|dredg|sprinkl|scatter|finish|serv|decorat|drizzl|top)/i;

/** Of two sugars, the one "for dusting" goes on at the end and into no mixture. */
function meantByUse(lines: readonly PantryLine[], clause: string): readonly PantryLine[] {
  const isOutside = ({ line }: PantryLine) => FOR_OUTSIDE.test(line.text ?? '');
  const wantsOutside = FINISHES.test(clause);
  const noun = ({ ingredient }: PantryLine) => nounOf(ingredient).replace(/s$/, '');
  return lines.filter(
    (own) =>
      isOutside(own) === wantsOutside ||
      !lines.some((other) => noun(other) === noun(own) && isOutside(other) === wantsOutside),
  );
}

/** What a line says it is for, in brackets or behind its name: "(for the base)", "butter (caramel)". */
const ROLE =
  /(?:\bfor (?:the )?|\()(base|bottom|crust|top|topping|filling|middle|caramel|icing|glaze|coating|drizzle|dough)\b/i;
const roleOf = ({ line }: PantryLine) => ROLE.exec(line.text ?? '')?.[1]?.toLowerCase();

/** Of lines with one name but another role, the one whose role the clause names; otherwise the first. */
function meantByRole(lines: readonly PantryLine[], clause: string): readonly PantryLine[] {
  const says = (line: PantryLine) => new RegExp(`\\b${roleOf(line)!}\\b`, 'i').test(clause);
  return lines.filter((own) => {
    const peers = lines.filter((other) => other.ingredient === own.ingredient && roleOf(other) !== undefined);
    if (roleOf(own) === undefined || peers.length < 2 || peers.every((peer) => roleOf(peer) === roleOf(own)))
      return true;
    return own === (peers.find(says) ?? peers[0]);
  });
}

/** A number that tells two lines of one ingredient apart: "sugar (1)". */
const MARK = /\((\d|[a-d])\)/gi;
const marksOf = (text: string) => [...text.matchAll(MARK)].map(([, mark]) => mark!.toLowerCase());

/** How a line is cut, or that it is an extra one: "coarsely chopped nuts", "100 g butter, extra". */
const STATE = /\b(coarsely|finely|roughly|whole|flaked|slivered|ground|halved|grated|extra)\b/gi;
const statesIn = (text: string) => [...text.matchAll(STATE)].map(([, state]) => state!.toLowerCase());

/** Of lines with one noun, those in the state that the clause says; "extra" only where it says so. */
function meantByState(lines: readonly PantryLine[], clause: string): readonly PantryLine[] {
  const said = statesIn(clause);
  const nounIn = ({ ingredient }: PantryLine) => nounOf(ingredient).replace(/s$/, '');
  const isSaid = ({ line }: PantryLine) => statesIn(line.text ?? '').some((state) => said.includes(state));
  const isExtra = ({ line }: PantryLine) => /\bextra\b(?!-)/i.test(line.text ?? '');
  return lines.filter((own) => {
    const peers = lines.filter((other) => nounIn(other) === nounIn(own));
    if (peers.some(isSaid)) return isSaid(own);
    return !isExtra(own) || peers.every(isExtra);
  });
}

/** Icing sugar, which "the sugar" does not mean beside another sugar. */
const ICING = /\b(?:icing|powdered|confectioners?)\b/i;
const meantBySugar = (lines: readonly PantryLine[], clause: string): readonly PantryLine[] =>
  ICING.test(clause) || !lines.some(({ ingredient }) => /sugar$/i.test(ingredient) && !ICING.test(ingredient))
    ? lines
    : lines.filter(({ ingredient }) => !ICING.test(ingredient) || !/\bsugar$/i.test(ingredient));

const meant = (lines: readonly PantryLine[], clause: string): readonly PantryLine[] =>
  [meantBySugar, meantByUse, meantByRole, meantByMark, meantByState, meantByAmount].reduce(
    (left, choose) => choose(left, clause),
    lines,
  );

/** Of numbered lines those with the numbers that a clause names. */
function meantByMark(lines: readonly PantryLine[], clause: string): readonly PantryLine[] {
  const said = marksOf(clause);
  if (said.length === 0) return lines;
  return lines.filter(({ line }) => {
    const own = marksOf(line.text ?? '');
    return own.length === 0 || own.some((mark) => said.includes(mark));
  });
}

/** Of lines with one noun, "the 250 g sugar" means the one with that amount. */
function meantByAmount(lines: readonly PantryLine[], clause: string): readonly PantryLine[] {
  const said = new Map(lines.map((line) => [line, amountSaid(line, clause, lines)]));
  const isExact = (line: PantryLine) =>
    Math.abs((said.get(line) ?? NaN) - line.line.quantity) < 5e-3 * line.line.quantity;
  // Of two lines of butter with that amount the first is meant.
  const isFirst = (line: PantryLine) =>
    !lines.slice(0, lines.indexOf(line)).some((other) => isExact(other) && other.ingredient === line.ingredient);
  const isOther = (line: PantryLine) =>
    lines.some(
      (other) => other !== line && isExact(other) && (said.get(line) !== null || other.ingredient === line.ingredient),
    );
  return lines.filter((line) => (isExact(line) ? isFirst(line) : !isOther(line)));
}

/** Tells whether a clause means all of a list: "the wet things". */
function namesList(clause: string, section: Section): boolean {
  const words = wordsFor(section);
  return words !== null && new RegExp(`(?:${words.source}) (?:things|ingredients|stuff|bits)\\b`, 'i').test(clause);
}

/** "The first 5 ingredients", "the next three", in the order of the list. */
const COUNTED = /\b(first|next) (\d{1,2}) (?:ingredients|things|items)\b/i;
function countedOf({ sections, current }: Kitchen, clause: string, headed: Section | null): Taken | null {
  const said = COUNTED.exec(clause);
  if (!said) return null;
  const section = headed ?? current?.section ?? sections[0];
  const lines = section?.lines
    .filter(({ left }, at) => left > 0.999 && (/next/i.test(said[1]!) || at < Number(said[2])))
    .slice(0, Number(said[2]));
  return section && lines && lines.length > 0
    ? { section, lines: lines.map((line) => ({ line, share: line.left })) }
    : null;
}

/** All unused lines of a section. */
export const allOf = (section: Section): Taken => ({
  section,
  lines: section.lines.filter(({ left }) => left > 0.999).map((line) => ({ line, share: line.left })),
});

/** Puts lines into a mixture, at a step if they do not go in at the start. */
export function putIn(mixture: Mixture, { lines }: Taken, at: string | null): void {
  for (const { line, share } of lines) {
    line.left = Math.max(0, line.left - share);
    if (line.left < 1e-6) line.isReserved = false;
    mixture.uses.push({ of: line, share, at });
  }
}

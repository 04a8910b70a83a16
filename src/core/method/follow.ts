// Follows a method clause by clause through the kitchen, and tells what each clause did there.
import type { Measures } from '../measure';
import type { Preparation } from '../slab';
import { clausesIn, type Clause, type ClauseRead, type Sentence } from './clauses';
import type { StepKind } from './kinds';
import {
  addStep,
  beginMixture,
  drawFrom,
  join,
  largest,
  openKitchen,
  openOnes,
  rootOf,
  type Kitchen,
  type Laid,
  type Mixture,
  type Section,
} from './kitchen';
import { bake, takenOut, wait } from './baking';
import { finish, layLeftovers } from './finishing';
import { lay, standFirst } from './laying';
import { laidOf, layerIdAt } from './made';
import { escaped, nounOf } from './plainWords';
import { shareNamed } from './portions';
import { isNamed, linesNamed, mixturesNamed, objectsOf, sectionNamed, targetsOf, usedUpIn } from './references';
import { COOKS_FROM_C, isNoStep, stepOf } from './steps';
import { allOf, NOTHING_DONE as none, putIn, takeLines, type Done, type Taken } from './takeIn';

/** A clause of a method, and what it did in the kitchen. */
export interface StepRead extends ClauseRead {
  /** Id of its mixture; `null` for the whole slab. */
  readonly of: string | null;
  /** Another mixture: that it is poured into, where it is laid; otherwise that goes into it here. Each stays a pot of its own. */
  readonly joins: string | null;
  /** Id of the layer that it lays; `null` if it lays none, or one that was merged into another later. */
  readonly lays: string | null;
  /** Ingredients added here, by the names of their lines. */
  readonly adds: readonly string[];
  /** Shares of partly added ingredients. */
  readonly shares: Readonly<Record<string, number>>;
}

/** Corrections of the maker, by the number of the step. */
export type Corrections = Readonly<Record<number, StepRead>>;

/** Ingredients that no clause names, by the id of the mixture where the maker puts them. */
export type Placed = Readonly<Record<string, string>>;

/** An ingredient that no clause names, and the mixture that it is assumed to go into. */
export interface Unnamed {
  readonly ingredient: string;
  readonly of: string;
}

/** A method followed to its end. */
export interface Followed {
  readonly unnamed: readonly Unnamed[];
  readonly steps: readonly StepRead[];
  readonly kitchen: Kitchen;
}

/**
 * Follows a method clause by clause, with the state of the kitchen carried along: which pots and bowls hold what, which lines are still
 * unused, and what lies in the tin.
 *
 * @param preparations the lines of the recipe under their headings
 * @param corrected steps that the maker corrected; the clauses after them are read with these in place
 * @param placed where the maker puts what no clause names
 */
export function follow(
  sentences: readonly Sentence[],
  preparations: readonly Preparation[],
  measures: Measures,
  corrected: Corrections = {},
  placed: Placed = {},
): Followed {
  const kitchen = openKitchen(preparations);
  const done: (readonly [Clause, Done, Laid | null])[] = [];
  const nouns = new Set(
    kitchen.sections.flatMap(({ lines }) => lines.flatMap(({ names }) => names.flatMap(endingsOf))),
  );
  clausesIn(sentences, measures, nouns).forEach((read, at) => {
    const correction = corrected[at];
    const clause: Clause = correction ? { ...read, ...clauseOf(correction) } : read;
    const given = correction ? (kitchen.mixtures.find(({ id }) => id === correction.of) ?? null) : null;
    const section = correction ? (kitchen.sections.find(({ id }) => id === correction.of) ?? null) : null;
    const isNothing = clause.isRemark || (correction?.kind === 'other' && correction.of === null);
    if (correction?.kind === 'lay' && correction.minutes) standFirst(kitchen, correction.minutes[0]);
    const before = new Set(kitchen.tin);
    const what = isNothing ? none : does(kitchen, clause, given && rootOf(given), section);
    done.push([
      clause,
      correction ? { ...what, ask: undefined } : what,
      kitchen.tin.findLast((laid) => !before.has(laid)) ?? null,
    ]);
  });
  askForEnds(done);
  const unnamed = useTheRest(kitchen, placed);
  layLeftovers(kitchen);
  const layers = laidOf(kitchen);
  return {
    kitchen,
    unnamed,
    steps: done.map(([clause, what, laid]) => ({
      ...stepReadOf(clause, what),
      lays: laid !== null && layers.includes(laid) ? layerIdAt(layers.indexOf(laid)) : null,
    })),
  };
}

/** Sugar, and what is boiled with it. */
const SUGARS = /sugar|syrup|glucose|treacle|honey|molasses/i;
const BOILED_WITH =
  /sugar|syrup|glucose|treacle|honey|molasses|water|butter|cream|milk|salt|vanilla|lemon|cream of tartar|vinegar|oil|extract|bicarb|soda/i;

/** Asks for the end point of sugar that is boiled without a temperature, a sign or a time. */
function askForEnds(done: (readonly [Clause, Done, Laid | null])[]): void {
  done.forEach(([clause, what, laid], at) => {
    const { mixture } = what;
    if (clause.kind !== 'boil' || !mixture || what.ask) return;
    const own = rootOf(mixture);
    const names = own.uses.map(({ of }) => of.ingredient);
    const isLast = !done
      .slice(at + 1)
      .some(([later, { mixture: next }]) => later.kind === 'boil' && next && rootOf(next) === own);
    const isSugar = names.some((name) => SUGARS.test(name)) && names.every((name) => BOILED_WITH.test(name));
    const isTimed = done.some(
      ([other, { mixture: next }]) => other.kind === 'boil' && other.minutes && next && rootOf(next) === own,
    );
    // A colour on the way is no end point where the same pot goes on to a temperature.
    if (clause.note?.code === 'sign-range' && own.cookTo?.celsius !== clause.celsius) {
      done[at] = [{ ...clause, celsius: null, note: null, status: 'read' }, what, laid];
      return;
    }
    if (!clause.minutes && isLast && isSugar && !isTimed && !own.cookTo)
      done[at] = [clause, { ...what, ask: { code: 'no-end-point' } }, laid];
  });
}

/** "Dark brown sugar" is also called brown sugar, and sugar. */
const endingsOf = (name: string): string[] => {
  const words = name.toLowerCase().split(/[\s,]+/);
  return words.map((_, from) => words.slice(from).join(' '));
};

const clauseOf = ({ kind, minutes, ovenC, celsius, stage, place, status, note }: StepRead) => ({
  ...{ kind, minutes, ovenC, celsius, stage, place, status, note },
});

function stepReadOf(clause: Clause, { mixture, taken, joined, ask }: Done): Omit<StepRead, 'lays'> {
  const { under: _under, isRemark: _isRemark, ...read } = clause;
  const shares = Object.fromEntries(
    taken.lines.filter(({ share }) => share < 0.999).map(({ line, share }) => [line.ingredient, share]),
  );
  return {
    ...read,
    ...(ask && read.note === null ? { note: ask, status: 'check' as const } : {}),
    of: mixture ? rootOf(mixture).id : null,
    joins: joined && rootOf(joined) !== (mixture && rootOf(mixture)) ? rootOf(joined).id : null,
    adds: taken.lines.map(({ line }) => line.ingredient),
    shares,
  };
}

/** Kinds of work on what is in a pot or bowl. */
const WORKS: readonly StepKind[] = ['mix', 'beat', 'melt', 'boil'];
const PREPARES =
  /\b(?:chop|peel|grate|zest|core|soak|toast|roast|crush|cut up|cube|dice|halve|slice|break up|bash|weigh|sift)\b/i;
/** Clauses whose object is no food: a lid, the heat, a timer. */
const NO_FOOD =
  /^(?:[a-z]+ly |then |now )*(?:put|turn|pop|set|leave|keep) (?:on )?(?:the |a |your )?(?:lid|timer|kettle|extractor|mixer|tin|pan|tray) (?:on|off|around|round|running)\b|^(?:put|pop) (?:on )?(?:the |a )lid\b/i;
const READIES = /\b(?:toast|roast|warm)(?:s|ed|ing)?\b/i;
const OF_NOTHING = /\b(?:oven|line|grease|tin|pan|tray|paper|parchment|foil|lid|thermometer)\b/i;

function does(kitchen: Kitchen, clause: Clause, given: Mixture | null, section: Section | null): Done {
  const { kind, text } = clause;
  if (NO_FOOD.test(text) && linesNamed(kitchen, text, null, false).lines.length === 0) return none;
  const headed = given?.section ?? section ?? sectionNamed(kitchen, clause.under, text);
  const inTin = kitchen.tin.length > 0;
  switch (kind) {
    case 'mix':
    case 'beat':
    case 'melt':
    case 'boil':
      if (kitchen.isCut && TOSSES.test(text)) return finish(kitchen, clause, headed, given);
      return work(kitchen, clause, headed, given);
    case 'bake':
      return (READIES.test(text) ? prepare(kitchen, clause, headed) : null) ?? bake(kitchen, clause, given);
    case 'press':
      // "Press the juice."
      if (!/\b(?:in|into|onto|on|over|down|out|flat|evenly|firmly|it|together)\b/i.test(text))
        return prepare(kitchen, clause, headed, true) ?? lay(kitchen, clause, headed, given);
      return lay(kitchen, clause, headed, given);
    case 'lay':
    case 'scatter':
      return lay(kitchen, clause, headed, given);
    case 'finish':
      return finish(kitchen, clause, headed, given);
    case 'set':
      return wait(kitchen, clause, given);
    case 'cut': {
      if (!inTin) return prepare(kitchen, clause, headed) ?? none;
      const isOfSlab = !PREPARES.test(text.replace(/\bbash (?:it|them) up\b/i, ''));
      if (isOfSlab || /\b(?:squares|bars|fingers|slices|shards|pieces)\b/i.test(text)) kitchen.isCut = true;
      return none;
    }
    case 'pack':
      return none;
    case 'other':
      return other(kitchen, clause, headed, given);
  }
}

/** Coats the pieces: "toss in the icing sugar". */
const TOSSES = /\b(?:toss|roll|coat|dip|dredge)\b/i;

/** Adds to what is there: "add", "stir in", "into the pan". */
const ADDS =
  /\b(?:add|incorporate)\b|\b(?:stir|fold|beat|whisk|mix|tip|pour|drop|sift|chuck|throw|scrape|knead|work|blend|put|toss|rub|crumble|trickle|drizzle|stream|slide|squeeze|lift|let|go|goes)(?:s|es|ing)?\s+(?:(?:it|them|together|[\w' -]{1,60}?)\s+)?(?:in\b(?! (?:an?|another|your|short|\d|(?:the )?(?:[\w-]+ )?(?:pan|saucepan|pot|bowl|tin|mixer|processor|blender|oven|microwave|fridge|freezer|machine)\b))|into (?:it|them|(?:the )?(?:[\w-]+ ){0,2}(?:mix|mixture|pan|bowl|dough|batter|rest)\b))/i;
const NEW_VESSEL =
  /\b(?:in|into|on) (?:a|an|another|your) (?:[\w-]+ ){0,4}(?:pan|saucepan|pot|bowl|mixer|processor|jug|kettle|blender|boiler)\b|\b(?:in|with) the (?:mixer|food processor|processor|blender)\b/i;
const ELSEWHERE =
  /\b(?:meanwhile|in the meantime|while (?:it|that|the)|separate(?:ly)?|another (?:pan|bowl|pot)|second (?:pan|bowl|pot)|clean (?:pan|bowl))\b/i;
const THEM = /\b(?:it|them|these|those)\b|^(?:and |then )*(?:combine|mix|toss|stir|blitz|pulse) with\b/i;
/** Words for what is in hand. */
const IT = /\b(?:it|them|this|everything|the (?:mix|mixture|mass|pan|bowl|pot|lot|contents|syrup|batter|dough))\b/i;

/** What is said before the action: "when it reaches 125,". */
const LEAD = /^(?:when|once|as soon as|while|after|if|before) [^,]*,\s*/i;

function work(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const text = clause.text.replace(LEAD, '');
  const taken = takeLines(kitchen, text, headed);
  const found = given ?? dividedOff(kitchen, text, taken) ?? workedOn(kitchen, text, taken, headed, clause.kind);
  if (!found) return none;
  const target = restOf(kitchen, found, taken);
  const inHand = kitchen.current;
  const named = mixturesNamed(text, kitchen, target).filter(
    (other) => !target.drawn.some(({ from }) => from === other) && isJoined(text, other, taken, kitchen),
  );
  // "Chop the dates and put them in a pan with the butter."
  // "Fold into the cream": what is in hand goes there.
  if (
    inHand &&
    inHand !== target &&
    inHand.state === 'open' &&
    named.length === 0 &&
    (taken.lines.length === 0 || GOES_INTO.test(text)) &&
    isNamed(targetsOf(text), target, kitchen)
  )
    named.push(inHand);
  const others = inHand?.isPrepared && inHand !== target && THEM.test(text) ? [...new Set([inHand, ...named])] : named;
  for (const other of others) join(target, other);
  const step = target.state === 'joined' || isNoStep(clause) ? null : addStep(target, stepOf(clause, target));
  putIn(target, taken, step && target.steps[0] !== step ? step.id : null);
  const { celsius, stage } = clause;
  if (clause.kind === 'boil' && celsius !== null && celsius >= COOKS_FROM_C)
    target.cookTo = { celsius, ...(stage ? { stage } : {}) };
  const usedUp = taken.lines.length === 0 && others.length === 0 && ADDS.test(text) ? usedUpIn(text, kitchen) : null;
  kitchen.current = target;
  target.isPrepared = false;
  return {
    ...{ mixture: target, taken, joined: others.at(-1) ?? null },
    ...(usedUp ? { ask: { code: 'used-up', ingredient: usedUp.ingredient } } : {}),
  };
}

/** Words for a mixture whose part goes into a bowl of its own. */
const HALF_OF =
  /\b(?:half|third|quarter|thirds|quarters|0\.\d+|most)\b (?:of )?(?:the |this |it\b|that )?(?:[\w-]+ ){0,3}?(?:in|into) (?:a|another|the other|a second|each of) /i;

/** Into what is left of a mixture, of which a part was taken. */
const INTO_THE_REST =
  /\b(?:into|to|in|with|colou?r|flavou?r) (?:the )?(?:rest|remainder|(?:other|second|remaining) (?:half|part|portion|mixture|fudge|batch|jelly))\b/i;

/** "Then stir into the dry ingredients with the milk": what is in hand is not named. */
const GOES_INTO = /^(?:and |then )*(?:stir|fold|mix|pour|beat|whisk|add|tip|scrape) (?:it |this |them )?into\b/i;

/** Puts a part of a mixture into a bowl of its own: "put half of the fudge in a bowl and stir in the white chocolate". */
function dividedOff(kitchen: Kitchen, text: string, taken: Taken): Mixture | null {
  const share = HALF_OF.test(text) ? shareNamed(text) : undefined;
  if (share === undefined || taken.lines.some(({ share: own }) => own < 0.999)) return null;
  const open = openOnes(kitchen).filter(({ uses, isPrepared }) => uses.length > 0 && !isPrepared);
  const source = open.find((own) => isNamed(text, own, kitchen)) ?? open.find((own) => own === kitchen.current);
  return source ? drawFrom(kitchen, source, Math.min(source.left, share)) : null;
}

/** Flavours the rest of a mixture by itself: what was taken from it before does not get it. */
const restOf = (kitchen: Kitchen, target: Mixture, taken: Taken): Mixture =>
  target.state === 'open' && target.left < 0.999 && target.left > 1e-6 && taken.lines.length > 0
    ? drawFrom(kitchen, target, target.left)
    : target;

/** Tells whether another mixture goes in: "fold in the chocolate", "combine the two". */
function isJoined(text: string, other: Mixture, taken: Taken, kitchen: Kitchen): boolean {
  if (/\b(?:over|above) (?:a|the) (?:pan|bowl|saucepan)\b/i.test(text)) return false;
  // A name that new lines explain is not that of another mixture.
  const rest = taken.lines.reduce(
    (words, { line }) => words.replace(new RegExp(escaped(nounOf(line.ingredient)), 'gi'), ' '),
    text,
  );
  return isNamed(rest, other, kitchen);
}

/** Returns the mixture that a clause works on, begun if it is a new one. */
function workedOn(
  kitchen: Kitchen,
  text: string,
  taken: Taken,
  headed: Section | null,
  kind: StepKind,
): Mixture | null {
  const open = openOnes(kitchen);
  const rest = INTO_THE_REST.test(text) ? open.findLast(({ left }) => left < 0.999 && left > 1e-6) : undefined;
  if (rest) return rest;
  const current = kitchen.current?.state === 'open' ? kitchen.current : null;
  const into = mixturesNamed(targetsOf(text), kitchen, null)[0];
  if (taken.lines.length === 0) {
    if (into && into !== current && !IT.test(objectsOf(text))) return into;
    const meant = mixturesNamed(objectsOf(text), kitchen, null);
    if (meant.length > 0 && current && meant.includes(current)) return current;
    if (meant.length === 1 && !ADDS.test(text)) return meant[0]!;
    const ofHeading = headed ? open.findLast(({ section }) => section === headed) : undefined;
    const unused = headed ?? (kitchen.mixtures.length === 0 ? kitchen.sections[0] : undefined);
    if (unused && !ofHeading && WORKS.includes(kind) && unused.lines.some(({ left }) => left > 0.999))
      return beginMixture(kitchen, unused);
    return ofHeading ?? current ?? meant[0] ?? open.at(-1) ?? laidLast(kitchen);
  }
  const section = taken.section!;
  if (into && into !== current && !NEW_VESSEL.test(text)) return into;
  const own = open.filter((mixture) => mixture.section === section);
  const here = current && (own.includes(current) || ADDS.test(text)) ? current : (own.at(-1) ?? null);
  const isElsewhere = ELSEWHERE.test(text) || NEW_VESSEL.test(text);
  if (here && ADDS.test(text) && !isElsewhere) return here;
  if (!here || isElsewhere || (here.steps.length > 0 && !IT.test(text) && begins(text))) {
    // "Rub the butter into the flour": what is named besides and not used yet goes along.
    const others = mixturesNamed(objectsOf(text), kitchen, null).filter((other) => other.section === section);
    if (here && others.includes(here) && !isElsewhere && taken.lines.length <= here.uses.length) return here;
    return beginMixture(kitchen, section);
  }
  return here;
}

/** Verbs that begin something new, where they name new ingredients. */
const begins = (text: string) =>
  /^(?:[a-z]+ly |then |and |now |next |start to |start by |for the [a-z ]+,? )*(?:melt|whisk|beat|whip|cream|combine|mix|heat|warm|boil|bring(?! (?:it |them )?together)|dissolve|crush|blitz|pulse|cook|temper|put|place|simmer|sift|soak|mount|make|process|stir)\b/i.test(
    text,
  );

/** Work on what is in the tin already: "stir every 10 minutes". */
const laidLast = (kitchen: Kitchen): Mixture | null => kitchen.tin.at(-1)?.parts[0]?.mixture ?? null;

function other(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const ready = (READIES.test(clause.text) ? takenOut(kitchen, clause) : null) ?? prepare(kitchen, clause, headed);
  if (ready) return ready;
  if (OF_NOTHING.test(clause.text) || isNoStep(clause)) return none;
  const mixture = given ?? (headed ? openOnes(kitchen).find(({ section }) => section === headed) : null) ?? null;
  const current = mixture ?? (kitchen.current?.state === 'open' ? kitchen.current : null);
  if (!current) return none;
  addStep(current, stepOf(clause, current));
  return { ...none, mixture: current };
}

const READY =
  /\b(?:chop|peel|grate|zest|core|soak|bloom|infuse|steep|toast|roast|warm|crush|cut up|cube|dice|halve|slice|drain|squeeze|break(?: up)?|cut)(?:s|ed|ing)?\b/i;

/** Gets ingredients ready: toasted, soaked, chopped. They wait in a bowl of their own until they go into something. */
function prepare(kitchen: Kitchen, clause: Clause, headed: Section | null, isAny = false): Done | null {
  if (!isAny && !READY.test(clause.text)) return null;
  const named = takeLines(kitchen, clause.text, headed);
  const isNew = headed !== null && !kitchen.mixtures.some(({ section }) => section === headed);
  const taken = named.lines.length === 0 && isNew ? allOf(headed) : named;
  if (taken.lines.length === 0) return null;
  const mixture = beginMixture(kitchen, taken.section!);
  mixture.isPrepared = !isNew;
  addStep(mixture, stepOf(clause, mixture));
  putIn(mixture, taken, null);
  if (kitchen.current?.state !== 'open') kitchen.current = mixture;
  return { mixture, taken, joined: null };
}

/** Puts what no clause named where the maker says, otherwise where the rest of its list went, and returns what went where. */
function useTheRest(kitchen: Kitchen, placed: Placed): Unnamed[] {
  return kitchen.sections.flatMap((section) => {
    const rest = section.lines.filter(({ left }) => left > 1e-6);
    for (const line of rest) {
      // The rest of a line goes where its first part went.
      const use = kitchen.mixtures.flatMap(({ uses }) => uses).find(({ of }) => of === line);
      if (!use) continue;
      use.share += line.left;
      line.left = 0;
    }
    const unused = rest.filter(({ left }) => left > 1e-6);
    for (const line of unused) {
      const wanted = kitchen.mixtures.find(({ id }) => id === placed[line.ingredient]);
      if (wanted) putIn(rootOf(wanted), { section, lines: [{ line, share: line.left }] }, null);
    }
    const open = unused.filter(({ left }) => left > 1e-6).map((line) => ({ line, share: line.left }));
    if (open.length === 0) return [];
    const own = kitchen.mixtures.filter(
      (mixture) => mixture.section === section && mixture.root === null && !mixture.isPrepared,
    );
    // A pot that was begun without a name has them; otherwise the one with most of the list.
    const implicit = own.find(({ uses }) => uses.length === 0);
    const target = implicit ?? largest(own) ?? beginMixture(kitchen, section);
    const isGuess = target.uses.length > 0;
    putIn(target, { section, lines: open }, null);
    return isGuess ? open.map(({ line }) => ({ ingredient: line.ingredient, of: rootOf(target).id })) : [];
  });
}

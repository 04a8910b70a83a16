// Follows a method clause by clause through the kitchen, and tells what each clause did there.
import type { Measures } from '../measure';
import type { Preparation } from '../slab';
import { bake, standFirst, wait, WARMS } from './baking';
import { clausesIn, type Clause, type ClauseRead, type Sentence } from './clauses';
import { askForEnds, type ClauseDone } from './endPoints';
import { finish, turnedOnto } from './finishing';
import { openKitchen, rootOf, takeOff, type Kitchen, type Mixture, type Section } from './kitchen';
import { lay } from './laying';
import { layLeftovers, useTheRest, type Placed, type Unnamed } from './leftovers';
import { laidOf, layerIdAt } from './made';
import { other, prepare, fryAside } from './preparing';
import { linesNamed, sectionNamed } from './references';
import { NOTHING_DONE as none, type Done } from './takeIn';
import { work } from './working';

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

/** A method followed to its end. */
export interface Followed {
  readonly unnamed: readonly Unnamed[];
  readonly steps: readonly StepRead[];
  readonly kitchen: Kitchen;
}

/**
 * Follows a method clause by clause, with the state of the kitchen carried along: which pots and bowls hold what, which lines are still
 * unused, and what is in the tin.
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
  const done: ClauseDone[] = [];
  const nouns = new Set(
    kitchen.sections.flatMap(({ lines }) => lines.flatMap(({ names }) => names.flatMap(endingsOf))),
  );
  const clauses = clausesIn(sentences, measures, nouns);
  const isSandwich = clauses.some(({ text, kind }) => (kind === 'lay' || kind === 'mix') && A_HALF.test(text));
  clauses.forEach((read, at) => {
    const correction = corrected[at];
    const clause: Clause = correction ? { ...read, ...clauseOf(correction) } : read;
    const given = correction ? (kitchen.mixtures.find(({ id }) => id === correction.of) ?? null) : null;
    const section = correction ? (kitchen.sections.find(({ id }) => id === correction.of) ?? null) : null;
    const isNothing = clause.isRemark || (correction?.kind === 'other' && correction.of === null);
    if (correction?.kind === 'lay' && correction.minutes) standFirst(kitchen, correction.minutes[0]);
    const before = new Set(kitchen.tin);
    const what = isNothing ? none : does(kitchen, clause, given && rootOf(given), section, isSandwich);
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

const PREPARES =
  /\b(?:chop|peel|grate|zest|core|soak|toast|roast|crush|cut up|cube|dice|halve|slice|break up|bash|weigh|sift)\b/i;
/** Clauses whose object is no food: a lid, the heat, a timer. */
const NO_FOOD =
  /^(?:[a-z]+ly |then |now )*(?:put|turn|pop|set|leave|keep) (?:on )?(?:the |a |your )?(?:lid|timer|kettle|extractor|mixer|tin|pan|tray) (?:on|off|around|round|running)\b|^(?:put|pop) (?:on )?(?:the |a )lid\b/i;
/** "Turn the mixer on low and, while it runs, pour the syrup into the whites." */
const AND_MOVES = /\b(?:and|then),? [^.;]*\b(?:pour|add|tip|spread|stir|fold|whisk|scrape|trickle|drizzle)\b/i;
/** "Cut the cake in half. Place one half in the tin": both halves are layers. */
const IN_HALVES = /\b(?:cut|split|slice|divide|halve)\b[^.;]*\b(?:in|into) (?:half|halves|2)\b/i;
const A_HALF = /\b(?:one|1|first|other|second|bottom|top|remaining) (?:half|halves)\b/i;

/** Does what a clause says. @param isSandwich whether the method lays halves of what was baked */
function does(
  kitchen: Kitchen,
  clause: Clause,
  given: Mixture | null,
  section: Section | null,
  isSandwich: boolean,
): Done {
  const { kind, text } = clause;
  if (NO_FOOD.test(text) && !AND_MOVES.test(text) && linesNamed(kitchen, text, null, false).lines.length === 0)
    return none;
  const headed = given?.section ?? section ?? sectionNamed(kitchen, clause.under, text);
  const inTin = kitchen.tin.length > 0;
  if (kind === 'cut' || kind === 'other') turnedOnto(kitchen, text);
  switch (kind) {
    case 'mix':
    case 'beat':
    case 'melt':
    case 'boil':
      if (kitchen.isCut && TOSSES.test(text)) return finish(kitchen, clause, headed, given);
      return fryAside(kitchen, clause, headed) ?? work(kitchen, clause, headed, given);
    case 'bake':
      return (WARMS.test(text) ? prepare(kitchen, clause, headed) : null) ?? bake(kitchen, clause, given);
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
      if (isSandwich && IN_HALVES.test(text) && takeOff(kitchen)) return none;
      const isOfSlab = !PREPARES.test(text.replace(/\bbash (?:it|them) up\b/i, ''));
      if (isOfSlab || /\b(?:squares|bars|fingers|slices|shards|chunks|pieces)\b/i.test(text)) kitchen.isCut = true;
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

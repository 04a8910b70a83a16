// Work in a pot or bowl: which mixture a clause works on, what goes in, and what is divided off.
import type { Clause } from './clauses';
import { REACHED, type StepKind } from './kinds';
import { addStep, beginMixture, drawFrom, join, openOnes, type Kitchen, type Mixture, type Section } from './kitchen';
import { escaped, nounOf } from './plainWords';
import { shareNamed } from './portions';
import { isNamed, mixturesNamed, objectsOf, targetsOf, usedUpIn } from './references';
import { COOKS_FROM_C, isNoStep, stepOf } from './steps';
import { NOTHING_DONE as none, putIn, takeLines, type Done, type Taken } from './takeIn';

/** Kinds of work on what is in a pot or bowl. */
const WORKS: readonly StepKind[] = ['mix', 'beat', 'melt', 'boil'];
/** Adds to what is there: "add", "stir in", "into the pan". */
const ADDS =
  /\b(?:add|incorporate|deglaze)\b|\b(?:stir|fold|beat|whisk|mix|tip|pour|drop|sift|chuck|throw|scrape|knead|work|blend|put|toss|rub|crumble|trickle|drizzle|stream|slide|squeeze|lift|let|go|goes)(?:s|es|ing)?\s+(?:(?:it|them|together|[\w' -]{1,60}?)\s+)?(?:in\b(?! (?:(?:an?|another|your|short)\b|\d|(?:the )?(?:[\w-]+ )?(?:pan|saucepan|pot|bowl|tin|mixer|processor|blender|oven|microwave|fridge|freezer|machine)\b))|into (?:it|them|(?:the )?(?:[\w-]+ ){0,2}(?:mix|mixture|pan|bowl|dough|batter|rest)\b))/i;
const NEW_VESSEL =
  /\b(?:in|into|on) (?:a|an|another|your) (?:[\w-]+ ){0,4}(?:pan|saucepan|pot|bowl|mixer|processor|jug|kettle|blender|boiler)\b|\b(?:in|with) the (?:planetary |stand |hand |electric )?(?:mixer|food processor|processor|blender)\b/i;
const ELSEWHERE =
  /\b(?:meanwhile|in the meantime|while (?:it|that|the)|separate(?:ly)?|another (?:pan|bowl|pot)|second (?:pan|bowl|pot)|clean (?:pan|bowl))\b/i;
/** "Cook until it reaches 127 C": what is cooked. */
const UNTIL_IT = /\b(?:until|till|when|once|as soon as|if|so that) (?:it|they)\b/gi;
const THEM = /\b(?:it|them|these|those)\b|^(?:and |then )*(?:combine|mix|toss|stir|blitz|pulse) with\b/i;
/** Words for the current mixture. */
const IT = /\b(?:it|them|this|everything|the (?:mix|mixture|mass|pan|bowl|pot|lot|contents|syrup|batter|dough))\b/i;

/** What is said before the action: "when it reaches 125,". */
const LEAD = new RegExp(String.raw`^(?:${REACHED}|(?:when|once|as soon as|while|after|if|before) [^,]*,)\s*`, 'i');

export function work(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const text = clause.text.replace(LEAD, '');
  const taken = takeLines(kitchen, text, headed);
  const apart = SEPARATELY.test(text) && taken.lines.length > 1 ? eachApart(kitchen, clause, taken) : null;
  if (apart) return apart;
  const found =
    given ??
    poured(kitchen, text, taken) ??
    dividedOff(kitchen, text, taken) ??
    workedOn(kitchen, text, taken, headed, clause.kind);
  if (!found) return none;
  const target = restOf(kitchen, found, taken);
  const named = mixturesNamed(text, kitchen, target).filter(
    (other) => !target.drawn.some(({ from }) => from === other) && isJoined(text, other, taken, kitchen),
  );
  const before = kitchen.current;
  const isBefore = before !== null && before !== target && goesAlong(before, text, target, named, taken, kitchen);
  const others = isBefore ? [...new Set([before, ...named])] : named;
  for (const other of others) join(target, other);
  const step = target.state === 'joined' || isNoStep(clause) ? null : addStep(target, stepOf(clause, target));
  putIn(target, taken, step && target.steps[0] !== step ? step.id : null);
  const { celsius, stage } = clause;
  if (clause.kind === 'boil' && celsius !== null && (celsius >= BOILS_C || (celsius >= COOKS_FROM_C && hasEgg(target))))
    target.cookTo = { celsius, ...(stage ? { stage } : {}) };
  const usedUp = taken.lines.length === 0 && others.length === 0 && ADDS.test(text) ? usedUpIn(text, kitchen) : null;
  kitchen.current = target;
  target.isPrepared = false;
  return {
    ...{ mixture: target, taken, joined: others.at(-1) ?? null },
    ...(usedUp ? { ask: { code: 'used-up', ingredient: usedUp.ingredient } } : {}),
  };
}

/** "Melt the two chocolates separately": each in a bowl of its own. */
const SEPARATELY = /\b(?:separately|in separate bowls|in 2 bowls)\b/i;
function eachApart(kitchen: Kitchen, clause: Clause, taken: Taken): Done | null {
  if (!taken.section || (clause.kind !== 'melt' && clause.kind !== 'beat' && clause.kind !== 'boil')) return null;
  const made = taken.lines.map((line) => {
    const mixture = beginMixture(kitchen, taken.section!);
    putIn(mixture, { section: taken.section, lines: [line] }, null);
    addStep(mixture, stepOf(clause, mixture));
    return mixture;
  });
  kitchen.current = made.at(-1)!;
  return { ...none, mixture: made.at(-1)!, taken };
}

/** Below the boil, only what has egg is cooked to a temperature; cream is only heated to it. */
const BOILS_C = 100;
const hasEgg = ({ uses, joined }: Mixture): boolean =>
  uses.some(({ of }) => /\b(?:eggs?|yolks?)\b/i.test(of.ingredient)) || joined.some(hasEgg);

/** "Mix the pectin with the sugar and whisk in": what was just mixed goes into the pot that was in hand before. */
const IN_ALONE =
  /^(?:and |then )*(?:whisk|stir|fold|beat|mix|rain|sprinkle|tip) (?:it |this |them )?in(?: (?:gradually|slowly|quickly|well)|to the (?:mass|mix|mixture|batter|preparation))?\.?$/i;
function poured(kitchen: Kitchen, text: string, taken: Taken): Mixture | null {
  const { current } = kitchen;
  if (!IN_ALONE.test(text) || taken.lines.length > 0 || current?.state !== 'open') return null;
  const pot = openOnes(kitchen).findLast(
    (own) => own !== current && !own.isPrepared && own.section === current.section && own.steps.length > 0,
  );
  if (!pot) return null;
  join(pot, current);
  return pot;
}

/** Tells whether the mixture worked on before goes in too: "put them in a pan with the butter", "fold into the cream". */
function goesAlong(
  ...[before, text, target, named, taken, kitchen]: [Mixture, string, Mixture, readonly Mixture[], Taken, Kitchen]
): boolean {
  if (before.isPrepared && THEM.test(text.replace(UNTIL_IT, ' '))) return true;
  const isUnnamed = named.length === 0 && (taken.lines.length === 0 || GOES_INTO.test(text));
  return before.state === 'open' && isUnnamed && isNamed(targetsOf(text), target, kitchen);
}

/** Words for a mixture whose part goes into a bowl of its own. */
const HALF_OF =
  /\b(?:half|third|quarter|thirds|quarters|0\.\d+|most)\b (?:of )?(?:the |this |it\b|that )?(?:[\w-]+ ){0,3}?(?:in|into) (?:a|another|the other|a second|each of) /i;

/** Into what is left of a mixture, of which a part was taken. */
const INTO_THE_REST =
  /\b(?:into|to|in|with|colou?r|flavou?r) (?:the )?(?:rest|remainder|(?:other|second) (?:half|part|portion|mixture|fudge|batch|jelly)|remaining [\w-]+)\b/i;

/** "Then stir into the dry ingredients with the milk": what goes in is not named. */
const GOES_INTO = /^(?:and |then )*(?:stir|fold|mix|pour|beat|whisk|add|tip|scrape) (?:it |this |them )?into\b/i;

/** "Add it to the whites": the mixture in hand goes into the other one. */
const ADDED_TO =
  /^(?:[a-z]+ly |and |then )*(?:add|pour|stir|fold|tip|mix|beat|whisk|scrape) (?:it|this|them|these) (?:in)?to\b/i;

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
  return isNamed(withoutTaken(text, taken), other, kitchen);
}

/** A text without the names of what goes in. */
const withoutTaken = (text: string, { lines }: Taken): string =>
  lines.reduce((words, { line }) => words.replace(new RegExp(escaped(nounOf(line.ingredient)), 'gi'), ' '), text);

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
    const meant = mixturesNamed(objectsOf(text), kitchen, null);
    // "Squeeze the gelatine and stir it into the syrup": the clause itself says what "it" is.
    const isOther = meant.length > 0 && !meant.some((own) => own === current || own === into);
    if (into && into !== current && (ADDED_TO.test(text) || !IT.test(objectsOf(text)) || isOther)) return into;
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
  // "Rub the butter into the flour, then stir in the oats": a list that nothing was made of begins in a bowl of its own.
  const isUntouched = !kitchen.mixtures.some((mixture) => mixture.section === section);
  if (isUntouched && taken.lines.length > 1 && current && current.section !== section && begins(text))
    return beginMixture(kitchen, section);
  const here = current && (own.includes(current) || ADDS.test(text)) ? current : (own.at(-1) ?? null);
  const isElsewhere = ELSEWHERE.test(text) || NEW_VESSEL.test(text);
  if (here && ADDS.test(text) && !isElsewhere) return here;
  if (!here || isElsewhere || (here.steps.length > 0 && !IT.test(text) && begins(text))) {
    // "Rub the butter into the flour": what is named besides and not used yet goes along.
    const others = mixturesNamed(withoutTaken(objectsOf(text), taken), kitchen, null).filter(
      (other) => other.section === section,
    );
    if (here && others.includes(here) && !isElsewhere && taken.lines.length <= here.uses.length) return here;
    return beginMixture(kitchen, section);
  }
  return here;
}

/** Verbs that begin something new, where they name new ingredients. */
const begins = (text: string) =>
  /^(?:[a-z]+ly |then |and |now |next |meanwhile,? |start to |start by |for the [a-z ]+,? )*(?:melt|whisk|beat|whip|cream|combine|mix|heat|warm|boil|bring(?! (?:it |them )?together)|dissolve|crush|blitz|pulse|cook|temper|put|place|simmer|sift|soak|mount|make|process|stir|rub)\b(?! with\b| in\b(?! (?:an?|the|another|your)\b))/i.test(
    text,
  );

/** Work on what is in the tin already: "stir every 10 minutes". */
const laidLast = (kitchen: Kitchen): Mixture | null => kitchen.tin.at(-1)?.parts[0]?.mixture ?? null;

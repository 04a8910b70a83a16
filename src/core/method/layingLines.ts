// Laying ingredients as they are: nuts in the tin, chocolate over hot toffee.
import type { Clause } from './clauses';
import { addStep, beginMixture, join, layDown, type Kitchen, type Mixture } from './kitchen';
import { BOTH, laidAgain, scatteredAgain } from './layingAgain';
import { linesNamed, mixturesNamed, objectsOf } from './references';
import { stepOf } from './steps';
import { GRAINS, putIn, type Done, type Taken } from './takeIn';

/** Words for what a slab is laid in or on. */
export const TIN = /\b(?:tins?|pans?|trays?|thalis?|plates?|dish|moulds?|molds?|frames?|sheets?|slab|board|marble)\b/i;

/** Lays ingredients as they are. In the current pot they are added. */
export function layLines(
  kitchen: Kitchen,
  clause: Clause,
  taken: Taken,
  current: Mixture | null,
  scattered: boolean,
): Done {
  const { text, kind } = clause;
  const isOfTin = TIN.test(text) || kitchen.tin.length > 0 || scattered;
  const named = mixturesNamed(objectsOf(text), kitchen, null).find(
    ({ left, isPrepared }) => left > 0.999 && !isPrepared,
  );
  const inHand = named ?? (current && current.left > 0.999 && !current.isPrepared ? current : null);
  // "Pour the hot cream over the chocolate": both are in the bowl from here on.
  const isTarget =
    inHand && kind === 'lay' && linesNamed(kitchen, objectsOf(text), taken.section, true).lines.length === 0;
  if (isTarget) {
    const bowl = beginMixture(kitchen, taken.section!);
    putIn(bowl, taken, null);
    join(bowl, inHand);
    kitchen.current = bowl;
    return { mixture: bowl, taken, joined: inHand };
  }
  // "Ganache: pour the cream over the chocolate": a list that nothing was made of begins in a bowl of its own.
  const isNewList =
    kind === 'lay' && taken.lines.length > 1 && !kitchen.mixtures.some(({ section }) => section === taken.section);
  if (inHand && isNewList && !isOfTin && inHand.section !== taken.section) {
    const bowl = beginMixture(kitchen, taken.section!);
    addStep(bowl, stepOf({ ...clause, kind: 'mix' }, bowl));
    putIn(bowl, taken, null);
    kitchen.current = bowl;
    return { mixture: bowl, taken, joined: null };
  }
  if (inHand && (!isOfTin || /\b(?:bowl|saucepan|pot)\b/i.test(text))) {
    const step = addStep(inHand, stepOf({ ...clause, kind: 'mix' }, inHand));
    putIn(inHand, taken, inHand.steps[0] === step ? null : step.id);
    return { mixture: inHand, taken, joined: null };
  }
  // "Turn the slab and do the other face with the rest."
  const first = kitchen.tin.findLast(({ parts }) =>
    parts[0]!.mixture.uses.some(({ of }) => of === taken.lines[0]!.line),
  );
  if (first && BOTH.test(text)) {
    const { mixture } = first.parts[0]!;
    putIn(mixture, taken, null);
    first.spread = 'both-faces';
    kitchen.current = mixture;
    return { mixture, taken, joined: null };
  }
  // "Melt the butter in the baking pan. Sprinkle the crumbs over it": they are one layer.
  const melted = kitchen.tin.length === 0 && inHand ? inHand : null;
  if (melted && melted.steps.some((step) => MELTED_IN_TIN.test(step.text))) {
    const step = addStep(melted, stepOf({ ...clause, kind: 'mix' }, melted));
    putIn(melted, taken, step.id);
    layDown(kitchen, melted, 'level');
    kitchen.current = melted;
    return { mixture: melted, taken, joined: null };
  }
  const same = scattered ? scatteredAgain(kitchen, taken) : laidAgain(kitchen, taken);
  if (same) return same;
  const mixture = beginMixture(kitchen, taken.section!);
  putIn(mixture, taken, null);
  for (const other of mixturesNamed(objectsOf(text), kitchen, mixture)) if (other.isPrepared) join(mixture, other);
  const isTopping =
    /\b(?:top|garnish|finish|decorate) with\b/i.test(text) &&
    taken.lines.every(({ line }) => GRAINS.test(line.ingredient));
  const isPieces = scattered || isTopping || (kind === 'press' && kitchen.tin.length > 0);
  layDown(
    kitchen,
    mixture,
    kitchen.isCut && !scattered && ON_PIECES.test(text) ? 'coat' : isPieces ? 'scatter' : 'level',
  );
  kitchen.current = mixture;
  return { mixture, taken, joined: null };
}

const MELTED_IN_TIN =
  /\bmelt\b[^.;]*\bin (?:a|the|an|your) [^.;,]{0,30}\b(?:baking (?:pan|dish|tin|tray)|tin|dish|tray)\b/i;

/** What goes on pieces, of what is laid after the cut. */
const ON_PIECES = /\b(?:each|pieces|bars|squares|fingers|cubes|slices|them|coat|dip)\b/i;

// Baking and waiting, in the tin or on its own, as a method says it.
import type { Clause } from './clauses';
import { addStep, freshStepId, layDown, type Kitchen, type Mixture } from './kitchen';
import { stepOf, waitOf } from './steps';
import { NOTHING_DONE as none, takeLines, type Done } from './takeIn';

/** Warming or toasting, which may only get something ready. */
export const WARMS = /\b(?:toast|roast|warm)(?:s|ed|ing)?\b/i;

/** "Spread the almonds on a tray and warm in a low oven": they were only got ready, and lie in no tin. */
export function takenOut(kitchen: Kitchen, clause: Clause): Done | null {
  const [only] = kitchen.tin;
  if (kitchen.tin.length !== 1 || only!.parts.some(({ mixture }) => mixture.steps.length > 0)) return null;
  const { mixture } = only!.parts[0]!;
  kitchen.tin.pop();
  mixture.left = 1;
  mixture.state = 'open';
  mixture.isPrepared = true;
  addStep(mixture, stepOf(clause, mixture));
  return { ...none, mixture };
}

/** Bakes everything raw in the tin; what is still in its bowl goes into the tin first. */
export function bake(kitchen: Kitchen, clause: Clause, given: Mixture | null): Done {
  const { text } = clause;
  const current = given ?? kitchen.current;
  const warmed = WARMS.test(text) ? takenOut(kitchen, clause) : null;
  if (warmed) return warmed;
  const taken = takeLines(kitchen, text, null);
  if (taken.lines.length > 0 && kitchen.tin.length === 0 && !current) return none;
  const raw = () => kitchen.tin.filter(({ isBaked }) => !isBaked);
  if (current?.state === 'open' && (kitchen.tin.length === 0 || raw().length === 0)) layDown(kitchen, current, 'level');
  const isOnBaked = kitchen.tin.some(({ isBaked }) => isBaked);
  const ones = raw().length > 0 ? raw() : kitchen.tin.slice(-1);
  const mixtures = [...new Set(ones.flatMap(({ parts }) => parts.map(({ mixture }) => mixture)))].filter(
    ({ uses, steps }) => uses.length > 0 || steps.length > 0,
  );
  const worked = mixtures.filter(({ steps }, at) => steps.length > 0 || at === mixtures.length - 1);
  for (const mixture of worked) {
    const step = stepOf(clause, mixture);
    addStep(mixture, {
      ...step,
      id: freshStepId('bake', mixture.steps),
      ...(isOnBaked && ones.length > 0 && raw().length > 0 ? { lays: true } : {}),
    });
  }
  for (const one of ones) one.isBaked = true;
  // What is cut before it is baked is still whole in its tin.
  kitchen.isCut = false;
  const mixture = worked.at(-1) ?? null;
  if (mixture) kitchen.current = mixture;
  return { ...none, mixture };
}

/** Waits for the top layer, or lets a pot cool. */
export function wait(kitchen: Kitchen, clause: Clause, given: Mixture | null): Done {
  const current = given ?? kitchen.current;
  const top = kitchen.tin.at(-1);
  if (current?.state === 'open' && current.left > 0.999) {
    const isOfTin =
      top && /\b(?:tin|pan|tray|base|slab|bars?|fridge|freezer)\b/i.test(clause.text) && current.steps.length === 0;
    if (!isOfTin) {
      addStep(current, stepOf(clause, current));
      return { ...none, mixture: current };
    }
  }
  if (!top) return none;
  const named = kitchen.tin.findLast(({ parts }) => parts.some(({ mixture }) => mixture === current)) ?? top;
  const laid = kitchen.tin.indexOf(named) >= kitchen.tin.length - 1 ? named : top;
  // After the cut only what coats the pieces still sets.
  if (kitchen.isCut && laid.spread !== 'coat' && laid.spread !== 'both-faces')
    return { ...none, mixture: laid.parts[0]!.mixture };
  laid.set = waitOf(laid.set, clause);
  return { ...none, mixture: laid.parts[0]!.mixture };
}

/** Leads such as "after 5 minutes" that say how long the layer below has stood. */
const AFTER = /^(?:after|wait) (?:about |another )?(\d+)[^,;]{0,12}?(minutes?|mins?|hours?|hrs?)\b/i;
/** "After 5 minutes cover with …": the layer below has stood for as long. */
export function stoodBefore(kitchen: Kitchen, text: string): void {
  const top = kitchen.tin.at(-1);
  const lead = AFTER.exec(text);
  if (!top || !lead || top.set?.minMinutes) return;
  standFirst(kitchen, Number(lead[1]) * (lead[2]!.startsWith('h') ? 60 : 1));
}

/** Lets the top layer stand before the next one. */
export function standFirst({ tin }: Kitchen, minMinutes: number): void {
  const top = tin.at(-1);
  if (top) top.set = { place: 'room', ...top.set, minMinutes };
}

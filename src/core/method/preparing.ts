// Ingredients that are got ready, such as toasted nuts, and work that has no kind of its own.
import { takenOut, WARMS } from './baking';
import type { Clause } from './clauses';
import { addStep, beginMixture, layDown, openOnes, type Kitchen, type Mixture, type Section } from './kitchen';
import { shareNamed } from './portions';
import { isNoStep, stepOf } from './steps';
import { allOf, GRAINS, NOTHING, NOTHING_DONE as none, putIn, takeLines, type Done } from './takeIn';

/** "Dark: idem." */
const SAME = /^(?:[^:]{1,40}: )?(?:idem|ditto|likewise|(?:the )?same(?: again)?|as above)\b/i;

const OF_NOTHING = /\b(?:oven|line|grease|tin|pan|tray|paper|parchment|foil|lid|thermometer)\b/i;

/** Does work without a kind: preparing ingredients, otherwise a step of the current mixture. */
export function other(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const lining = layLining(kitchen, clause.text, headed);
  if (lining) return lining;
  const ready = (WARMS.test(clause.text) ? takenOut(kitchen, clause) : null) ?? prepare(kitchen, clause, headed);
  if (ready) return ready;
  const same = headed && SAME.test(clause.text) ? allOf(headed) : null;
  if (same && same.lines.length > 0 && !kitchen.mixtures.some(({ section }) => section === headed)) {
    const mixture = beginMixture(kitchen, headed!);
    addStep(mixture, stepOf({ ...clause, kind: 'mix' }, mixture));
    putIn(mixture, same, null);
    kitchen.current = mixture;
    return { ...none, mixture, taken: same };
  }
  const kept = keepBack(kitchen, clause.text);
  if (kept) return kept;
  if (OF_NOTHING.test(clause.text) || isNoStep(clause)) return none;
  const mixture = given ?? (headed ? openOnes(kitchen).find(({ section }) => section === headed) : null) ?? null;
  const current = mixture ?? (kitchen.current?.state === 'open' ? kitchen.current : null);
  if (!current) return none;
  addStep(current, stepOf(clause, current));
  return { ...none, mixture: current };
}

/** "Line the tin with the pastry": a layer. Paper and foil are none. */
const LINES_TIN =
  /^line (?:it|(?:a|an|the|your) [^.;]{0,40}?\b(?:tin|pan|tray|dish|mould)) with ((?!.*\b(?:paper|foil|parchment|film)\b)[^.;,]*)/i;
function layLining(kitchen: Kitchen, text: string, headed: Section | null): Done | null {
  const said = LINES_TIN.exec(text)?.[1];
  const taken = said === undefined ? NOTHING : takeLines(kitchen, said.replace(/ and .*$/, ''), headed);
  if (taken.lines.length === 0) return null;
  const mixture = beginMixture(kitchen, taken.section!);
  putIn(mixture, taken, null);
  layDown(kitchen, mixture, 'level');
  kitchen.current = mixture;
  return { ...none, mixture, taken };
}

/** Share that is kept back where a method gives its volume: "reserve 1 cup of the crumbs". */
const KEPT_BACK = 0.25;

/** Keeps a part of the mixture in hand for later: "reserve a third of the crumbs for the topping". */
function keepBack(kitchen: Kitchen, text: string): Done | null {
  const { current } = kitchen;
  if (!/^(?:and |then )?(?:reserve|set aside|keep back|hold back|save)\b/i.test(text) || current?.state !== 'open')
    return null;
  if (!/\b(?:mixture|mix|crumbs?|crumble|batter|dough|it)\b/i.test(text)) return null;
  const said = shareNamed(text.replace(/\b[\d.]+ (?:cups?|g|ml|tbsp|tablespoons?)\b/gi, ' '));
  current.keptBack = said ?? KEPT_BACK;
  return { ...none, mixture: current, ...(said === undefined ? { ask: { code: 'kept-back', share: KEPT_BACK } } : {}) };
}

/** "Fry the cashews in the ghee; remove": they wait for later, and the fat stays in the pan. */
const FRIED =
  /\b(?:fry|roast|toast|brown)\b[^.]*\b(?:remove|take (?:it|them) out|drain|(?:set|keep|put) (?:it |them )?aside)\b/i;
export function fryAside(kitchen: Kitchen, clause: Clause, headed: Section | null): Done | null {
  if (!FRIED.test(clause.text)) return null;
  const { section, lines } = takeLines(kitchen, clause.text, headed);
  const fried = lines.filter(({ line }) => GRAINS.test(line.ingredient));
  if (!section || fried.length === 0) return null;
  const rest = lines.filter((own) => !fried.includes(own));
  const aside = beginMixture(kitchen, section);
  aside.isPrepared = true;
  addStep(aside, stepOf(clause, aside));
  putIn(aside, { section, lines: fried }, null);
  if (rest.length === 0) return { ...none, mixture: aside };
  const pan = beginMixture(kitchen, section);
  putIn(pan, { section, lines: rest }, null);
  kitchen.current = pan;
  return { ...none, mixture: pan };
}

const READY =
  /\b(?:chop|peel|grate|zest|core|soak|bloom|infuse|steep|toast|roast|warm|crush|cut up|cube|dice|halve|slice|drain|squeeze|break(?: up)?|cut)(?:s|ed|ing)?\b/i;

/** Gets ingredients ready: toasted, soaked, chopped. They wait in a bowl of their own until they go into something. */
export function prepare(kitchen: Kitchen, clause: Clause, headed: Section | null, isAny = false): Done | null {
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

// Splits sentences into clauses with one action each.
import { headOf, INTO_TIN, kindOf, leadKind, LEADS_UP, type StepKind } from './kinds';

/** Kinds whose verbs may also follow "until" as a result. */
const BECOMES = /\b(?:until|till|so that|to|when|is|are|has|have|or)\b[^,;]*$/i;

/** Where another action may begin. */
const BOUNDARY =
  /\s*;\s*|\s*,?\s*\b(?:and )?then\b,?\s*|,\s+(?:and\s+|before\s+)?|\s+and,?\s+(?:then\s+)?|\s+while you\s+|\s+before\s+(?=\w+ing\b)|\s+before you\s+(?=(?:cut|slice|break|serve|dip|turn)\b)|:\s+/gi;

/** Part of a sentence with one action. */
export interface Clause {
  readonly text: string;
  /** `null` without a trade verb. */
  readonly kind: StepKind | null;
}

const NO_NOUNS: ReadonlySet<string> = new Set();

/** Splits a sentence where another action begins: "Press into the tin and bake for 20 minutes" becomes two. @param nouns words of the ingredients, which begin no action */
export function clausesOf(sentence: string, nouns: ReadonlySet<string> = NO_NOUNS): Clause[] {
  const parts: Part[] = [];
  let from = 0;
  for (const match of sentence.matchAll(BOUNDARY)) {
    const rest = sentence.slice(match.index + match[0].length);
    const before = sentence.slice(from, match.index);
    const isBefore = /before(?: you)?\s*$/i.test(match[0]);
    const isNext = isBefore || (/then/i.test(match[0]) && TIME.test(rest));
    const next = isNext ? kindOf(rest) : leadKind(rest, true);
    // An introduction stays with its clause.
    if (
      next === null ||
      before.trim() === '' ||
      (leadKind(before) === null && LEADS_UP.test(before) && !INTO_TIN.test(before.trim()))
    )
      continue;
    // "Fold in the pistachios and peel": an ingredient is no action.
    const noun = /^(?:the )?(\p{L}+)(?=\s*(?:[,.;:]|$|and\b|or\b))/iu.exec(rest)?.[1]?.toLowerCase();
    if (noun !== undefined && nouns.has(noun)) continue;
    // "Whisk eggs, brown sugar and vanilla": the name of an ingredient may begin like an action.
    const words =
      rest
        .toLowerCase()
        .match(/^(?:the )?((?:\p{L}+[ -]?){2,3})/u)?.[1]
        ?.trim()
        .split(/\s+/) ?? [];
    if ([2, 3].some((count) => words.length >= count && nouns.has(words.slice(0, count).join(' ')))) continue;
    const isPlainJoint = /^,?\s*(?:and)?$/i.test(match[0].trim());
    const becomes = BECOMES.test(before) && MAY_BE_STATE.test(headOf(rest)) && !DONE_TO.test(headOf(rest));
    if (isPlainJoint && (becomes || THINGS.test(rest.trim()))) continue;
    parts.push({ from, to: match.index });
    from = match.index + match[0].length;
  }
  parts.push({ from, to: sentence.length });
  return joined(
    sentence,
    parts.filter(({ from, to }) => sentence.slice(from, to).trim() !== ''),
  );
}

/** Words after "until ... and" that describe a result. */
const MAY_BE_STATE =
  /^(?:set|cool|firm|press|level|smooth|keep|box|seal|top|oil|butter|cream|coat|dust|stick|mark|rest|bubble|boil|work|melt|drop|turn|leave|roll|bar|finish|use|test|dry|core|score|place|crack|snap)\b/i;
const DONE_TO = /^(?:set|leave) (?:it |aside|to|in|for|on)|^\w+ (?:for |it |them |in |into )?\d/i;

/** Words that can be verbs or nouns: "butter, sugar and cream" is a list. */
const THINGS =
  /^(?:butter|oil)\b(?! (?:the|a|an|your)\b)|^cream\b(?! (?:the|your|butter|it|them)\b)|^(?:salt|dust|top|mark|core|zest|cover|temper|pack|box|bag|score|cut|drop|rest|work|set)\b(?!\s+(?:\d|the|it|them|in|into|to|with|over|on|for|up|together|until|a|an|through|down|aside|each|lightly|and beat|firmly)\b)|^cream in\b/i;

/** Position of a clause in its sentence. */
interface Part {
  readonly from: number;
  readonly to: number;
}

/** Merges neighbours with the same kind, or with no action in one of them. */
function joined(sentence: string, parts: readonly Part[]): Clause[] {
  const textOf = ({ from, to }: Part) => sentence.slice(from, to).trim();
  const out: (Part & { kind: StepKind | null })[] = [];
  for (const part of parts) {
    const kind = kindOf(textOf(part));
    const last = out.at(-1);
    const as = last ? jointKind({ text: textOf(last), kind: last.kind }, { text: textOf(part), kind }) : undefined;
    if (last && as !== undefined) out[out.length - 1] = { from: last.from, to: part.to, kind: as };
    else out.push({ ...part, kind });
  }
  return out.map(({ kind, ...part }) => ({ text: textOf(part), kind }));
}

const TIME = /\d\s*-?\s*(?:h|m|hours?|hrs?|min|mins|minutes?|secs?|seconds?)\b/i;
/** Actions that matter though they have no kind. */
const OWN_WORK = /\d|\boven\b|\b(?:soak|bloom|chop|peel|grate|zest|toast|line|grease)\b/i;

/** Returns the kind of two merged neighbours, or `undefined` if they stay separate. */
function jointKind(before: Clause, after: Clause): StepKind | null | undefined {
  if (after.kind === null) return before.kind;
  if (before.kind === null) return after.kind;
  // "Lay them on top and cover with the cream" lays two things.
  if (
    before.kind === 'lay' &&
    after.kind === 'lay' &&
    /^(?:cover|top) (?:it |them )?with\b(?! (?:an?|the|another) (?:\w+ )?(?:sheet|paper|foil|film|lid|cloth))/i.test(
      headOf(after.text),
    )
  )
    return undefined;
  // "Dip in the sauce, then roll in the coconut": two coats.
  if (before.kind === 'finish' && after.kind === 'finish' && DIPS.test(before.text) && ROLLS.test(headOf(after.text)))
    return undefined;
  // "Place one half in the tin, spread the cream over".
  if (before.kind === 'lay' && after.kind === 'lay' && ONE_HALF.test(before.text)) return undefined;
  // "Spread the jam over the base, dollop over the frangipane".
  if (
    before.kind === 'lay' &&
    after.kind === 'lay' &&
    LAYS_MORE.test(headOf(after.text)) &&
    !/\b(?:swirl|marble|ripple|rest|remaining)\b/i.test(after.text)
  )
    return undefined;
  if (before.kind === after.kind) return TIME.test(before.text) && TIME.test(after.text) ? undefined : before.kind;
  if (after.kind === 'other' && !OWN_WORK.test(after.text)) return before.kind;
  if (before.kind === 'other' && !OWN_WORK.test(before.text)) return after.kind;
  if (before.kind === 'other' && after.kind === 'bake' && /\boven\b/i.test(before.text)) return 'bake';
  if (
    GATHERS.test(headOf(before.text)) &&
    (before.kind === 'mix' || before.kind === 'lay') &&
    GATHERED.includes(after.kind)
  )
    return after.kind;
  if (
    before.kind === 'mix' &&
    after.kind === 'lay' &&
    /^(?:chuck|throw|tip|put|pop|drop) (?:them|it|these|those|everything) in\b/i.test(headOf(after.text))
  )
    return 'mix';
  if (before.kind === 'lay' && after.kind === 'press')
    return /^(?:level|flatten)\b/i.test(headOf(after.text)) ? 'lay' : 'press';
  return joins(before.kind, after.kind, headOf(after.text)) ? before.kind : undefined;
}

const DIPS = /\b(?:dip|coat|brush|enrobe)\b/i;
const ROLLS = /^(?:roll|toss|dredge|dust|sprinkle)\b/i;
const ONE_HALF =
  /^(?:and |then )*(?:place|put|lay|set) (?:the )?(?:one|1|first|bottom) (?:half|sheet|piece|rectangle)\b/i;

/** Another thing that is laid on what was just laid. */
const LAYS_MORE =
  /^(?:dollop|spoon|pour|ladle|arrange|lay) (?:over|on) (?:the|your) (?!base|top|tin|pan|tray|crust|slab)/i;

/** Adding things to a pot or bowl, which is no step by itself. */
const GATHERS = /^(?:put|pop|place|stick|chuck|throw|combine|measure|add)\b/i;
const GATHERED: readonly StepKind[] = ['melt', 'boil', 'beat'];

/** Small actions that belong to the previous step: stirring, smoothing. */
function joins(before: StepKind, kind: StepKind, head: string): boolean {
  const stirs = kind === 'mix' && /^(?:stir|keep stirring)\b(?! (?:in|through|into)\b)/i.test(head) && !/\d/.test(head);
  if (before === 'boil' || before === 'melt') return stirs;
  if (before === 'press') return kind === 'lay' && /^(?:smooth|level)\b/i.test(head);
  return before === 'mix' && kind === 'beat' && /^beat well\b/i.test(head);
}

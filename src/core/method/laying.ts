// Laying in the tin: which mixture a clause pours, spreads or presses, and how much of it.
import { stoodBefore } from './baking';
import type { Clause } from './clauses';
import {
  addStep,
  beginMixture,
  join,
  largest,
  layDown,
  openOnes,
  takeOff,
  type Kitchen,
  type Laid,
  type Mixture,
  type Section,
} from './kitchen';
import { escaped } from './plainWords';
import { BOTH, laidOnBoth, layAgain, partlyUsed, THE_REST } from './layingAgain';
import { layLines, TIN } from './layingLines';
import { shareNamed } from './portions';
import { wordsFor } from './preparationIn';
import { isNamed, linesNamed, mixturesNamed, objectsOf, targetsOf } from './references';
import { isNoStep, stepOf } from './steps';
import { allOf, NOTHING, NOTHING_DONE as none, putIn, takeLines, type Done, type Taken } from './takeIn';

/** Words for what was made, and not for an ingredient. */
const PART =
  /\b(?:base|mixture|dough|batter|filling|topping|crust|crumbs?)\b|(?<=[a-z] )(?:layer|mix|half(?! of (?:the|your) (?!mix|batter|dough|base|crust|filling)))\b|(?<=[a-z] )(?<!\b(?:on|to|the) )top\b(?! (?:with|of)\b)/i;
/** "Put one wafer in the frame", "cover with the second sheet and a weight". */
const PAPER_ON =
  /^(?:put|lay|place|cover|top|fit) (?:it |them )?(?:with )?(?:the |a |an |your |one |1 |second |other |another |sheets? of |lined )*(?:wafers?|rice paper|baking paper|parchment|greaseproof|foil|film|weights?|acetate)\b/i;
/** "Swirl it over the bars": spread on, and not drawn through. */
const SWIRLED_ON = /^swirl (?:it |this |the [a-z ]+ )?(?:over|on|onto|across)\b/i;
/** "Put one wafer in the frame, spread the nougat, cover with the other". */
const THEN_SPREAD = /, (?:spread|pour|tip|spoon|scrape) (?:the|it|in)\b/i;
const SWIRLS = /\b(?:swirl|marble|ripple|feather)\b/i;
/** A text without the names of ingredients: "whipped topping" is no topping that was made. */
const withoutNames = (text: string, { lines }: Taken): string =>
  lines
    .flatMap(({ line }) => line.names)
    .reduce((left, name) => left.replace(new RegExp(escaped(name), 'gi'), ' '), text);

/** A pot that was begun without a word of what goes in. */
const isImplicit = ({ uses, steps }: Mixture) => uses.length === 0 && steps.length > 0;

/** Returns the share of a mixture that a clause lays: "two thirds of the mixture". */
function shareOf(text: string, mixture: Mixture): number {
  if (mixture.keptBack > 0) {
    const share = Math.max(0, mixture.left - mixture.keptBack);
    mixture.keptBack = 0;
    return share;
  }
  const isOfIt =
    /\b(?:of (?:the |it)|the mixture)\b|^(?:then |and )?(?:pour|spread|tip|press|put|spoon|scrape|place|lay|set) (?:about |roughly |just |a little |a bit |slightly |over |under |more than |less than |one |1 )*(?:half|most|0\.\d+|two|a third|a quarter)\b/i;
  if (!isOfIt.test(text)) return mixture.left;
  const share = shareNamed(text);
  return share === undefined ? mixture.left : Math.min(mixture.left, share);
}

/** "Spread the dark fudge in the tin and the white fudge on top." */
const THEN_ON_TOP =
  /^(.*\b(?:in|into|over)\b.*?),? and (?:then )?((?:the|with the) [\w' -]+?) (?:on top|over it|over that|over this)\b(.*)$/i;
/** "… then the rest of the custard." */
const THEN_THE_REST =
  /^(.+?),? (?:and )?(?:then|followed by) ((?:the (?:rest|remaining|remainder|other half)|half) [\w' -]+)()$/i;

/** Lays something in the tin, or pours one mixture into another; two where the clause lays another one on top. */
export function lay(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const two = given ? null : (THEN_ON_TOP.exec(clause.text) ?? THEN_THE_REST.exec(clause.text.replace(/\.$/, '')));
  if (!two) return layOne(kitchen, clause, headed, given);
  layOne(kitchen, { ...clause, text: two[1]! }, headed, given);
  return layOne(kitchen, { ...clause, text: `spread ${two[2]!} on top${two[3]!}` }, headed, null);
}

function layOne(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const { text, kind } = clause;
  if (isNoStep(clause) || (PAPER_ON.test(text) && !THEN_SPREAD.test(text))) return none;
  const emptied = backInBowl(kitchen, text);
  if (emptied) return emptied;
  const turned = BOTH.test(text) ? laidOnBoth(kitchen, text) : null;
  if (turned) return turned;
  const carried = MOVED.test(text) ? carry(kitchen, text, headed, given) : null;
  if (carried) return carried;
  stoodBefore(kitchen, text);
  const top = kitchen.tin.at(-1);
  if (SWIRLS.test(text) && !(SWIRLED_ON.test(text) && kitchen.current?.state === 'open') && top && swirled(kitchen))
    return { ...none, mixture: top.parts[0]!.mixture };
  const current = given ?? (kitchen.current?.state === 'open' ? kitchen.current : null);
  // "Press over the chocolate" names what is in the tin already.
  const isOnLaid = kitchen.tin.some(({ parts }) =>
    parts.some((part) => isNamed(targetsOf(text), part.mixture, kitchen)),
  );
  const isAll = !isOnLaid || BARE.test(objectsOf(text));
  const named = takeLines(kitchen, isAll ? text : objectsOf(text), headed);
  const isNew = headed !== null && !kitchen.mixtures.some(({ section }) => section === headed);
  // "Spread the oat base in the tin" lays the current mixture, or names one laid before: it adds no oats.
  const there = kitchen.tin.findLast(({ parts }) => parts[0]!.mixture.section === named.section)?.parts[0];
  if (
    there &&
    kind !== 'scatter' &&
    PART.test(withoutNames(objectsOf(text), named).replace(/\bwith half\b/i, 'with')) &&
    current?.section !== named.section
  ) {
    if (top?.parts[0] !== there) layAgain(kitchen, there);
    return { ...none, mixture: there.mixture };
  }
  const words = named.section && kitchen.sections.length > 1 ? wordsFor(named.section) : null;
  const isInHand =
    current !== null &&
    !current.isPrepared &&
    current.section === named.section &&
    (isImplicit(current) ||
      (kind !== 'scatter' && (PART.test(objectsOf(text)) || (words !== null && text.search(words) >= 0))));
  const taken = isInHand ? NOTHING : named.lines.length === 0 && isNew ? allOf(headed) : named;
  const scattered = kind === 'scatter' || /\bcrumble\b/i.test(text);
  if (taken.lines.length > 0) return layLines(kitchen, clause, taken, current, scattered);
  const partly = kind === 'scatter' && THE_REST.test(objectsOf(text)) ? partlyUsed(kitchen) : null;
  if (partly) return layLines(kitchen, clause, partly, current, true);
  const unmade = given || current || headed ? undefined : unmadeNamed(kitchen, objectsOf(text));
  if (unmade && kitchen.tin.length > 0) {
    const made = beginMixture(kitchen, unmade);
    putIn(made, allOf(unmade), null);
    layDown(kitchen, made, scattered ? 'scatter' : 'level');
    kitchen.current = made;
    return { ...none, mixture: made };
  }
  // "Squeeze out the gelatine and slide it in."
  const ready = mixturesNamed(objectsOf(text), kitchen, null).filter(({ isPrepared }) => isPrepared);
  if (ready.length > 0 && kitchen.tin.length === 0 && !TIN.test(text)) {
    const others = openOnes(kitchen).filter(({ isPrepared }) => !isPrepared);
    const pot =
      others.find((own) => isNamed(text, own, kitchen)) ?? (current?.isPrepared === false ? current : others.at(-1));
    if (pot) {
      for (const own of ready) join(pot, own);
      kitchen.current = pot;
      return { ...none, mixture: pot };
    }
  }
  // "Warm the honey, and pour over": onto what was mixed before.
  const below = POUR_OVER.test(text) && kitchen.tin.length === 0 ? massBefore(kitchen, current) : undefined;
  if (below && current) {
    join(below, current);
    kitchen.current = below;
    return { mixture: current, taken: NOTHING, joined: below };
  }
  const mixture = given ?? meant(kitchen, text.replace(AND_THEN, ''), headed, current);
  if (!mixture) {
    // What was scattered is smoothed once it has melted.
    if (top?.spread === 'scatter' && /\b(?:spread|smooth)/i.test(text)) top.spread = 'level';
    return top ? { ...none, mixture: top.parts[0]!.mixture } : { ...none, ask: { code: 'nothing-to-lay' } };
  }
  const into = TIN.test(targetsOf(text).replace(/[^;]*\b(?:sauce)pan\b/gi, ''))
    ? undefined
    : (mixturesNamed(targetsOf(text), kitchen, mixture).find(({ left }) => left > 0.999) ??
      massMeant(kitchen, text, mixture) ??
      overThem(kitchen, text, mixture));
  if (into && kind === 'lay') {
    const behind = /\b(?:then|followed by)\b(.*)$/i.exec(text)?.[1] ?? '';
    for (const other of [mixture, ...mixturesNamed(behind, kitchen, into)]) join(into, other);
    kitchen.current = into;
    return { mixture, taken: NOTHING, joined: into };
  }
  if (
    kind === 'lay' &&
    kitchen.tin.length === 0 &&
    !TIN.test(text) &&
    !/\b(?:spread|scrape|smooth|level|pour|tip|turn|in)\b/i.test(text)
  )
    return { ...none, mixture };
  // "Pour the cream over the chocolate", in one bowl: they are together already.
  const isInItself =
    kind === 'lay' &&
    !(mixture !== current && BARE.test(objectsOf(text))) &&
    !TIN.test(targetsOf(text)) &&
    mixture.uses.length > 1 &&
    isNamed(targetsOf(text), mixture, kitchen);
  if (
    isInItself &&
    !kitchen.tin.some(({ parts }) => parts.some((part) => isNamed(targetsOf(text), part.mixture, kitchen)))
  )
    return { ...none, mixture };
  const laid = layDown(kitchen, mixture, scattered ? 'scatter' : 'level', shareOf(text, mixture));
  // "Smash it up. Pour the chocolate over the pieces": it is one slab again.
  if (kind === 'lay' && !scattered && /^(?:and |then )?(?:pour|tip)\b/i.test(text)) kitchen.isCut = false;
  if (kind === 'lay' && clause.celsius !== null) laid.pourC = clause.celsius;
  if (kind === 'press') addStep(mixture, stepOf(clause, mixture));
  kitchen.current = mixture;
  const hot = top && !top.set?.minMinutes && isMeltedChocolate(mixture) ? hotPartOf(top) : undefined;
  return { ...none, mixture, ...(hot ? { ask: { code: 'on-hot', below: hot.uses[0]?.of.ingredient ?? '' } } : {}) };
}

/** "Pour the icing over", before the recipe says how it is made. */
const unmadeNamed = ({ sections, mixtures }: Kitchen, objects: string): Section | undefined =>
  sections.length < 2
    ? undefined
    : sections.find((section) => {
        const words = wordsFor(section);
        const isUntouched = section.lines.length > 0 && section.lines.every(({ left }) => left > 0.999);
        return words && isUntouched && objects.search(words) >= 0 && !mixtures.some((own) => own.section === section);
      });

/** "… then the sugar": what is poured after it. */
const AND_THEN = /,? (?:and )?(?:then|followed by)\b.*$/i;

/** Chocolate that was melted before it is laid. */
const isMeltedChocolate = ({ uses, steps }: Mixture) =>
  uses.some(({ of }) => /chocolate|couverture/i.test(of.ingredient)) && steps.some(({ id }) => id.startsWith('melt'));
/** What was boiled in a layer. */
const hotPartOf = ({ parts }: Laid) => parts.find(({ mixture }) => mixture.cookTo)?.mixture;

/** "On the mass": what was worked on before, in a pot or bowl. */
const massMeant = (kitchen: Kitchen, text: string, poured: Mixture): Mixture | undefined =>
  /\b(?:mass|mixture|mix|batter)\b/i.test(targetsOf(text))
    ? openOnes(kitchen).findLast((own) => own !== poured && !own.isPrepared && own.steps.length > 0)
    : undefined;

const POUR_OVER = /^(?:and |then )*pour (?:it |them |this )?(?:over|on)(?: top)?[.!]?$/i;
const massBefore = (kitchen: Kitchen, current: Mixture | null): Mixture | undefined =>
  openOnes(kitchen).findLast((own) => own !== current && !own.isPrepared && own.uses.length > 0);

/** "Beat the whites and pour the syrup over them": what was worked on last, while nothing is in the tin. */
function overThem({ tin, current }: Kitchen, text: string, poured: Mixture): Mixture | undefined {
  const isMeant =
    tin.length === 0 && /^(?:and |then )*(?:\w+ly )?pour\b[^.;,]*\b(?:over|onto|on|into) (?:them|it)\b/i.test(text);
  const isOther = current?.state === 'open' && current !== poured && !current.isPrepared && current.uses.length > 0;
  return isMeant && isOther ? current : undefined;
}

/** "Toast the oats on a sheet. Transfer to a large bowl": they were only got ready, and lie in no tin. */
const INTO_BOWL =
  /^(?:and |then )*(?:transfer|tip|pour|scrape|put|place) (?:it |them |the [a-z ]+ )?(?:in)?to (?:a|the) (?:[\w-]+ ){0,2}bowl\b/i;
function backInBowl(kitchen: Kitchen, text: string): Done | null {
  const mixture = INTO_BOWL.test(text) ? takeOff(kitchen) : null;
  if (!mixture) return null;
  mixture.isPrepared = true;
  return { ...none, mixture };
}

/** "Pour into a bowl": it only changes its vessel. */
const MOVED =
  /\b(?:in|into|to) (?:a|the|another|your) (?:[\w-]+ ){0,3}(?:bowl|jug|saucepan|pot|processor|blender|mixer)\b/i;
function carry(kitchen: Kitchen, text: string, headed: Section | null, given: Mixture | null): Done | null {
  const current = given ?? (kitchen.current?.state === 'open' ? kitchen.current : null);
  const namesTin = TIN.test(text.replace(/\bsaucepan\b/gi, ''));
  if (!current || current.isPrepared || namesTin || linesNamed(kitchen, text, headed, true).lines.length > 0)
    return null;
  return mixturesNamed(text, kitchen, current).length > 0 ? null : { ...none, mixture: current };
}

/** A verb of laying without what is laid: "dollop over the frangipane and spread gently". */
const BARE =
  /^(?:(?:pour|dollop|spoon|spread|smooth|level|scatter|ladle|lay|arrange|and|then|gently|carefully|evenly|lightly|over|,|\.)\s*)+$/i;

/** Returns the mixture that is laid: the named one, otherwise the current one. */
export function meant(kitchen: Kitchen, text: string, headed: Section | null, current: Mixture | null): Mixture | null {
  const open = openOnes(kitchen);
  const objects = objectsOf(text);
  const isBare = BARE.test(objects);
  // "Dollop over the frangipane": what stands behind the verb is what is laid, if it is not there yet.
  const isUnlaid = ({ left, section }: Mixture) => left > 0.999 && section !== current?.section;
  const isOther =
    isBare && kitchen.tin.length > 0 && open.some((own) => isUnlaid(own) && isNamed(targetsOf(text), own, kitchen));
  const said = isBare && (current === null || isOther) ? targetsOf(text) : objects;
  const named = open.filter((mixture) => isNamed(said, mixture, kitchen));
  if (current && named.includes(current)) return current;
  return (
    named.at(-1) ??
    main(kitchen, objects) ??
    (headed ? open.findLast(({ section }) => section === headed) : undefined) ??
    current ??
    open.at(-1) ??
    null
  );
}

/** The mixture that the name of the recipe means: the largest one of its list. */
function main(kitchen: Kitchen, text: string): Mixture | undefined {
  const [section] = kitchen.sections;
  const words = section && kitchen.sections.length === 1 ? wordsFor(section) : null;
  if (!words || text.search(words) < 0) return undefined;
  return largest(openOnes(kitchen));
}

/** Layers that are swirled together are one. */
function swirled(kitchen: Kitchen): boolean {
  const top = kitchen.tin.pop();
  const below = kitchen.tin.at(-1);
  if (!top || !below) {
    if (top) kitchen.tin.push(top);
    return false;
  }
  mergeInto(below, top);
  const deeper = kitchen.tin.at(-2);
  if (deeper && deeper.parts.some(({ mixture }) => below.parts.some((part) => part.mixture === mixture))) {
    kitchen.tin.pop();
    mergeInto(deeper, below);
  }
  return true;
}

function mergeInto(laid: Laid, other: Laid): void {
  for (const part of other.parts) {
    const same = laid.parts.find(({ mixture }) => mixture === part.mixture);
    if (same) same.share = Math.min(1, same.share + part.share);
    else laid.parts.push(part);
  }
}

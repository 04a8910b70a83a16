// Finishing: what coats or decorates the slab, or its pieces after the cut.
import type { Layer } from '../slab';
import type { Clause } from './clauses';
import { beginMixture, layDown, openOnes, type Kitchen, type Mixture, type Section } from './kitchen';
import { meant } from './laying';
import { BOTH, laidAgain } from './layingAgain';
import { NOTHING, NOTHING_DONE as none, putIn, takeLines, type Done, type Taken } from './takeIn';

/** Film thickness on dipped pieces, mm. */
export const DIP_MM = 1.2;
/** What is coated once it is laid or cut. */
const COATED = /\b(?:each|bars?|pieces|squares|slab|slice|top|sides?|fingers|cubes|all over|over)\b/i;
const COATS = /\b(?:dip|coat|enrobe|half-dip|brush|roll|toss|dredge)\b/i;

/** What is drizzled over the slab runs together. */
const DRIZZLES = /\bdrizzl/i;
const POURS = /\b(?:sauce|caramel|syrup|honey|jam|cream|coulis|curd|toffee|dulce de leche)\b/i;

/** What is brushed over the top of a slab is a layer, and no coat of its pieces. */
const OVER_TOP = /\b(?:over|on) (?:the )?(?:top|surface)\b/i;

const DUSTS = /^(?:[a-z]+ly )?(?:dust|sprinkle)\b/i;

/** "Dust it with some of the icing sugar", while nothing is in the tin yet. */
const DUSTS_TIN = /^(?:[a-z]+ly )?dust (?:it|them|(?:the|a|your) (?:\w+ )?(?:tin|pan|tray|paper|base|sides)) /i;

/** "Turn out onto a board dusted with the icing sugar": it coats the pieces. */
const TURNED_ONTO = /\bturn (?:it |them |the \w+ )?out (?:on|onto) ([^,;]*)/i;
export function turnedOnto(kitchen: Kitchen, text: string): void {
  const under = kitchen.tin.length > 0 ? TURNED_ONTO.exec(text)?.[1] : undefined;
  const taken = under === undefined ? NOTHING : takeLines(kitchen, under, null);
  if (taken.lines.length === 0) return;
  const mixture = beginMixture(kitchen, taken.section!);
  putIn(mixture, taken, null);
  coat(kitchen, mixture, 'coat', taken);
}

/** Coats or decorates: before the cut the slab, after it the pieces. */
export function finish(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const { text } = clause;
  if (kitchen.tin.length === 0 && DUSTS_TIN.test(text)) return none;
  const top = kitchen.tin.at(-1);
  const taken = takeLines(kitchen, text, headed);
  const isCoat = (COATS.test(text) && !OVER_TOP.test(text)) || kitchen.isCut;
  if (taken.lines.length > 0) {
    const again = kitchen.isCut ? null : laidAgain(kitchen, taken);
    if (again) return again;
    const mixture = beginMixture(kitchen, taken.section!);
    putIn(mixture, taken, null);
    if (!kitchen.isCut && COATS.test(text) && !COATED.test(text)) {
      // "Dip half of the biscuits in the coffee": they are laid afterwards.
      kitchen.current = mixture;
      return { mixture, taken, joined: null };
    }
    const isPoured =
      DRIZZLES.test(text) &&
      taken.lines.every(({ line }) => POURS.test(line.ingredient) || line.names.includes('icing'));
    return coat(kitchen, mixture, isCoat ? 'coat' : isPoured ? 'level' : 'scatter', taken);
  }
  if (BOTH.test(text) && top && top.spread !== 'scatter' && kitchen.tin.length > 1) {
    top.spread = 'both-faces';
    top.thicknessMm ??= DIP_MM;
    return { ...none, mixture: top.parts[0]!.mixture };
  }
  const isRest = /\b(?:remaining|rest|remainder|more)\b/i.test(text);
  const open = openOnes(kitchen).filter(({ left }) => left > (isRest ? 1e-6 : 0.999));
  const mixture = given ?? meant(kitchen, text, headed, kitchen.current?.state === 'open' ? kitchen.current : null);
  if (!mixture || !open.includes(mixture) || kitchen.tin.length === 0) return none;
  const spread = BOTH.test(text) ? 'both-faces' : isCoat ? 'coat' : DUSTS.test(text) ? 'scatter' : 'level';
  return coat(kitchen, mixture, spread, NOTHING, /\bsome of\b/i.test(text) ? mixture.left / 2 : mixture.left);
}

function coat(kitchen: Kitchen, mixture: Mixture, spread: Layer['spread'], taken: Taken, share = mixture.left): Done {
  const laid = layDown(kitchen, mixture, spread, share);
  if (spread === 'coat' || spread === 'both-faces') laid.thicknessMm = DIP_MM;
  kitchen.current = mixture;
  return { mixture, taken, joined: null };
}

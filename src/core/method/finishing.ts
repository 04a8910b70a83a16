// The end of a method: what was never laid, and the lines nothing used.
import type { Layer } from '../slab';
import type { Clause } from './clauses';
import { beginMixture, join, largest, layDown, openOnes, type Kitchen, type Mixture, type Section } from './kitchen';
import { BOTH, laidAgain, meant } from './laying';
import { NOTHING, NOTHING_DONE as none, putIn, takeLines, type Done, type Taken } from './takeIn';

/** Film thickness on dipped pieces, mm. */
const DIP_MM = 1.2;
/** What is coated once it is laid or cut. */
const COATED = /\b(?:each|bars?|pieces|squares|slab|slice|top|sides?|fingers|cubes|all over|over)\b/i;
const COATS = /\b(?:dip|coat|enrobe|half-dip|brush|roll|toss|dredge)\b/i;

/** Coats or decorates: before the cut the slab, after it the pieces. */
export function finish(kitchen: Kitchen, clause: Clause, headed: Section | null, given: Mixture | null): Done {
  const { text } = clause;
  const top = kitchen.tin.at(-1);
  const taken = takeLines(kitchen, text, headed);
  const isCoat = COATS.test(text) || kitchen.isCut;
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
    return coat(kitchen, mixture, isCoat ? 'coat' : 'scatter', taken);
  }
  if (BOTH.test(text) && top && top.spread !== 'scatter' && kitchen.tin.length > 1) {
    top.spread = 'both-faces';
    top.thicknessMm ??= DIP_MM;
    return { ...none, mixture: top.parts[0]!.mixture };
  }
  const open = openOnes(kitchen).filter(({ left }) => left > 0.999);
  const mixture = given ?? meant(kitchen, text, headed, kitchen.current?.state === 'open' ? kitchen.current : null);
  if (!mixture || !open.includes(mixture) || kitchen.tin.length === 0) return none;
  return coat(kitchen, mixture, BOTH.test(text) ? 'both-faces' : isCoat ? 'coat' : 'level', NOTHING);
}

function coat(kitchen: Kitchen, mixture: Mixture, spread: Layer['spread'], taken: Taken): Done {
  const laid = layDown(kitchen, mixture, spread);
  if (spread === 'coat' || spread === 'both-faces') laid.thicknessMm = DIP_MM;
  kitchen.current = mixture;
  return { mixture, taken, joined: null };
}

/** Lays what no clause laid, in the order in which it was begun: on the pieces what was made after the cut. */
export function layLeftovers(kitchen: Kitchen): void {
  const before = (at: number) =>
    kitchen.tin.findIndex(({ parts }) => parts.some(({ mixture }) => kitchen.sections.indexOf(mixture.section) > at));
  for (const mixture of openOnes(kitchen).filter(({ isPrepared }) => isPrepared)) {
    // What was got ready and never named again goes into what is made of its list.
    const made = kitchen.mixtures.filter(
      (own) => own !== mixture && own.section === mixture.section && own.root === null && !own.isPrepared,
    );
    const into = largest(made);
    if (into) join(into, mixture);
  }
  for (const mixture of openOnes(kitchen)) {
    if (mixture.left < 1e-9 || mixture.uses.length === 0) continue;
    if (mixture.left < 0.999) {
      const part = kitchen.tin.flatMap(({ parts }) => parts).findLast((own) => own.mixture === mixture);
      if (part) part.share = Math.min(1, part.share + mixture.left);
      mixture.left = 0;
      mixture.state = 'laid';
      continue;
    }
    const at = mixture.isForPieces ? -1 : before(kitchen.sections.indexOf(mixture.section));
    const laid = layDown(kitchen, mixture, mixture.isForPieces ? 'coat' : 'level');
    if (mixture.isForPieces) laid.thicknessMm = DIP_MM;
    if (at >= 0) kitchen.tin.splice(at, 0, kitchen.tin.pop()!);
  }
}

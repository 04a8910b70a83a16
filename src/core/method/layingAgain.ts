// What is laid again: the rest of something, the other face, another layer of the same.
import type { Kitchen, Mixture, Section } from './kitchen';
import { isNamed } from './references';
import { NOTHING_DONE as none, type Done, type Taken } from './takeIn';

/** Both faces of the slab. */
export const BOTH =
  /\bboth (?:sides|faces)\b|\bother (?:side|face)\b|\binvert\b[^.]*\bagain\b|\bturn (?:it|the slab|them) over\b|\bspread again\b/i;

/** "Spread the oat top over it": half of the mixture of a lower layer goes on top. */
export function layAgain(kitchen: Kitchen, part: { readonly mixture: Mixture; share: number }): void {
  part.share /= 2;
  kitchen.tin.push({
    ...{ parts: [{ mixture: part.mixture, share: part.share }], spread: 'level', set: undefined },
    ...{ pourC: null, thicknessMm: null, isBaked: false },
  });
}

/** "Invert; spread again with chocolate": what was spread on one face goes on the other one too. */
export function laidOnBoth(kitchen: Kitchen, text: string): Done | null {
  const laid = kitchen.tin
    .slice(1)
    .findLast(
      ({ parts, spread }) => spread === 'level' && parts.some(({ mixture }) => isNamed(text, mixture, kitchen)),
    );
  const mixture = laid?.parts[0]?.mixture;
  if (!laid || mixture?.uses.length !== 1) return null;
  const [use] = mixture.uses;
  use!.share += use!.of.left;
  use!.of.left = 0;
  laid.spread = 'both-faces';
  kitchen.current = mixture;
  return { ...none, mixture };
}

/** "Scatter the rest on top": of what went in only in part. */
export const THE_REST = /\bthe (?:rest|remainder|others?)(?! of\b)\b/i;
export function partlyUsed({ sections, mixtures }: Kitchen): Taken | null {
  if (mixtures.some(({ state, left }) => state === 'open' && left < 0.999)) return null;
  const section = sections.findLast(({ lines }) => lines.some(isPartlyUsed));
  const lines = section?.lines.filter(isPartlyUsed).map((line) => ({ line, share: line.left }));
  return section && lines ? { section, lines } : null;
}
const isPartlyUsed = ({ left }: Section['lines'][number]) => left > 1e-6 && left < 0.999;

/** "Another third of the biscuits": what was got ready together is laid again, as another layer of the same. */
export function laidAgain(kitchen: Kitchen, taken: Taken): Done | null {
  const [only, ...others] = taken.lines;
  if (!only || others.length > 0 || only.share > 0.999) return null;
  const laid = kitchen.tin.flatMap(({ parts, spread }) =>
    spread === 'level' ? parts.map(({ mixture }) => mixture) : [],
  );
  const mixture = laid.findLast(({ uses }) => uses.length > 1 && uses.some(({ of }) => of === only.line));
  if (!mixture) return null;
  const use = mixture.uses.find(({ of }) => of === only.line)!;
  use.share += only.share;
  only.line.left = Math.max(0, only.line.left - only.share);
  // Shares of one mixture that add up to more than all of it are made equal parts at the end.
  kitchen.tin.push({
    ...{ parts: [{ mixture, share: 1 }], spread: 'level', set: undefined },
    ...{ pourC: null, thicknessMm: null, isBaked: false },
  });
  kitchen.current = mixture;
  return { mixture, taken, joined: null };
}

/** "Sprinkle with the remaining nuts", the other face: more of what lies there already. */
export function scatteredAgain(kitchen: Kitchen, taken: Taken): Done | null {
  const [only, ...others] = taken.lines;
  const top = kitchen.tin.at(-1);
  const use = top?.spread === 'scatter' ? top.parts[0]?.mixture.uses[0] : undefined;
  const isSame = only && others.length === 0 && use?.of === only.line && top?.parts[0]?.mixture.uses.length === 1;
  if (!isSame || !kitchen.tin.some(({ spread }) => spread === 'both-faces')) return null;
  use.share += only.share;
  only.line.left = Math.max(0, only.line.left - only.share);
  return { mixture: top!.parts[0]!.mixture, taken, joined: null };
}

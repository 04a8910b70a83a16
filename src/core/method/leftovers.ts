// The end of a method: lines that no clause used, and mixtures that no clause laid.
import { DIP_MM } from './finishing';
import { beginMixture, join, largest, layDown, openOnes, rootOf, type Kitchen } from './kitchen';
import { putIn } from './takeIn';

/** Ingredients that no clause names, by the id of the mixture where the maker puts them. */
export type Placed = Readonly<Record<string, string>>;

/** An ingredient that no clause names, and the mixture that it is assumed to go into. */
export interface Unnamed {
  readonly ingredient: string;
  readonly of: string;
}

/** Puts what no clause named where the maker says, otherwise where the rest of its list went, and returns what went where. */
export function useTheRest(kitchen: Kitchen, placed: Placed): Unnamed[] {
  return kitchen.sections.flatMap((section) => {
    const rest = section.lines.filter(({ left }) => left > 1e-6);
    for (const line of rest) {
      // The rest of a line goes where its first part went.
      const use = kitchen.mixtures.flatMap(({ uses }) => uses).find(({ of }) => of === line);
      if (!use) continue;
      use.share += line.left;
      line.left = 0;
    }
    const unused = rest.filter(({ left }) => left > 1e-6);
    for (const line of unused) {
      const wanted = kitchen.mixtures.find(({ id }) => id === placed[line.ingredient]);
      if (wanted) putIn(rootOf(wanted), { section, lines: [{ line, share: line.left }] }, null);
    }
    const open = unused.filter(({ left }) => left > 1e-6).map((line) => ({ line, share: line.left }));
    if (open.length === 0) return [];
    const own = kitchen.mixtures.filter(
      (mixture) => mixture.section === section && mixture.root === null && !mixture.isPrepared,
    );
    // A pot that was begun without a name has them; otherwise the one with most of the list.
    const implicit = own.find(({ uses }) => uses.length === 0);
    const target = implicit ?? largest(own) ?? beginMixture(kitchen, section);
    const isGuess = target.uses.length > 0;
    putIn(target, { section, lines: open }, null);
    return isGuess ? open.map(({ line }) => ({ ingredient: line.ingredient, of: rootOf(target).id })) : [];
  });
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

import type { Named, NamedLine } from './ingredientsIn';
import { portionIn } from './portions';

/** Ingredients added at a step: lines, and for partial amounts the share by ingredient. */
export interface GoesIn {
  readonly adds: readonly NamedLine[];
  readonly shares: Readonly<Record<string, number>>;
}

/** Lines already added, and what remains of lines added in part or set aside. */
export interface Pantry {
  readonly gone: Set<NamedLine>;
  readonly left: Map<NamedLine, { readonly share: number; readonly isReserved: boolean }>;
}

export const newPantry = (): Pantry => ({ gone: new Set(), left: new Map() });

/** Matches "stir in the rest" of anything. */
const ALL_THE_REST = /\b(?:rest|remainder|other half)\b(?! (?:of|for)\b)/i;

/**
 * Takes what a clause names from the remaining ingredients: whole lines, half of one, the rest of one; what was set aside is
 * added when it is named again.
 *
 * @param named the lines that the clause names
 * @param of the preparation that it is of
 */
export function takeFrom({ gone, left }: Pantry, clause: string, named: Named, of: string | null): GoesIn {
  const adds: NamedLine[] = [];
  const shares: Record<string, number> = {};
  const begun = ALL_THE_REST.test(clause) ? [...left.keys()].filter((line) => line.of === of && !gone.has(line)) : [];
  for (const line of new Set([...named.of(of), ...begun])) {
    const portion = portionIn(clause, line.ingredient);
    const isRest = portion.isRest || begun.includes(line);
    const before = left.get(line);
    if (portion.isReserved) {
      left.set(line, { share: portion.share!, isReserved: true });
      continue;
    }
    // A line added in part is added again only if its rest is named.
    if (before && !before.isReserved && !isRest) continue;
    const isFirst = before === undefined || (before.isReserved && !isRest);
    const most = before === undefined ? 1 : isFirst ? 1 - before.share : before.share;
    const used = isFirst ? Math.min(most, portion.share ?? most) : most;
    adds.push(line);
    if (used < 1) shares[line.ingredient] = used;
    const still = (isFirst ? 1 : (before?.share ?? 1)) - used;
    if (still > 1e-9) left.set(line, { share: still, isReserved: false });
    else gone.add(line);
  }
  return { adds, shares };
}

import { escaped, nounOf } from './plainWords';

/** Shares that methods name in words. */
const SHARES: readonly (readonly [words: string, share: number])[] = [
  [String.raw`three[- ]quarters|0\.75`, 0.75],
  [String.raw`two[- ]thirds|2[- ]thirds|0\.667`, 2 / 3],
  ['most', 0.8],
  [String.raw`half|0\.5`, 0.5],
  [String.raw`a third|one third|1[- ]third|0\.333`, 1 / 3],
  [String.raw`a quarter|0\.25`, 0.25],
];
/** Returns the share that a text names in words, 0 to 1, or undefined: "two thirds of the mixture". */
export const shareNamed = (text: string): number | undefined =>
  SHARES.find(([words]) => new RegExp(String.raw`\b(?:${words})\b`, 'i').test(text))?.[1];
const WORDS = `(${SHARES.map(([words]) => words).join('|')})`;
/** Matches the remaining part of an ingredient. */
const REST = /\b(?:remaining|remainder of|rest of|reserved|other half|leftover|second half|last of)\b/i;
const RESERVES = /\b(?:reserve|reserving|set aside|keep back|keeping back|save|saving|hold back)\b/i;

/** Portion of an ingredient that a clause means: a share, the rest, or all of it. */
export interface Portion {
  readonly share: number | null;
  readonly isRest: boolean;
  /** Whether the share is set aside. */
  readonly isReserved: boolean;
}

const named = (noun: string) =>
  `(?:of\\s+)?(?:the\\s+|your\\s+)?(?:[\\w-]+\\s+){0,2}${escaped(noun.replace(/s$/, ''))}`;

/** The word that a clause has for an ingredient: its noun, otherwise the last of its other words. */
function wordSaid(clause: string, ingredient: string): string {
  const noun = nounOf(ingredient);
  const isSaid = (word: string) => new RegExp(`\\b${escaped(word.replace(/s$/, ''))}`, 'i').test(clause);
  if (noun === '' || isSaid(noun)) return noun;
  const words = ingredient.toLowerCase().split(/[\s,]+/);
  return words.findLast((word) => word.length > 3 && isSaid(word)) ?? noun;
}

/**
 * Returns the portion of an ingredient that a clause means.
 *
 * @example portionIn('stir in half the butter', 'butter') // { share: 0.5, isRest: false, isReserved: false }
 */
export function portionIn(clause: string, ingredient: string): Portion {
  const noun = wordSaid(clause, ingredient);
  const part = new RegExp(`\\b${WORDS}\\s+${named(noun)}`, 'i').exec(clause);
  const share = part ? (SHARES.find(([words]) => new RegExp(`^(?:${words})$`, 'i').test(part[1]!))?.[1] ?? null) : null;
  const isReserved = share !== null && RESERVES.test(clause);
  const isRest = new RegExp(`${REST.source}\\s+${named(noun)}|${REST.source}[^,;.]{0,20}${escaped(noun)}`, 'i').test(
    clause,
  );
  return { share: isRest && !isReserved ? null : share, isRest, isReserved };
}

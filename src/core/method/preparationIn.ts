import type { Preparation } from '../slab';
import { escaped } from './plainWords';

/** The preparation that a text names, and whether it is being made: "for the base", "make the caramel". */
export interface Mentioned {
  readonly id: string;
  readonly isMade: boolean;
  /** Whether it is only the target of pouring, spreading and so on. */
  readonly isUnder: boolean;
}

/** Other names for parts of a slab. */
const ALSO: readonly (readonly [RegExp, string])[] = [
  [/\b(?:base|bottom|crust|biscuit|shortbread)\b/i, 'base|crust|bottom layer|biscuit base|shortbread'],
  [/\b(?:topping|top|icing|glaze)\b/i, 'topping|top layer|icing|glaze'],
  [/\b(?:caramel|toffee)\b/i, 'caramel|toffee'],
  [/\b(?:filling|middle)\b/i, 'filling|middle layer'],
  [/\b(?:fudge|penuche|tablet)\b/i, 'fudge|penuche'],
  [/\b(?:ganache)\b/i, 'ganache'],
  [/\b(?:marshmallow|nougat)\b/i, 'marshmallow|nougat|mallow'],
];
const SMALL = /^(?:for|the|a|an|of|and|with|layer|mixture|mix|to|make|in|on)$/i;
const UNDER =
  /\b(?:over|onto|on top of|on|into|in|to|with|across|from|under|above)\s+(?:the\s+|your\s+|that\s+|this\s+)?(?:\w+\s+){0,2}$/i;

/** Returns the words that name a part of a slab by its heading; `null` where it has none. */
export function wordsFor({ name }: Pick<Preparation, 'name'>): RegExp | null {
  const own = name
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2 && !SMALL.test(word))
    .flatMap((word) => (/[^s]s$/.test(word) && word.length > 4 ? [word, word.slice(0, -1)] : [word]));
  const also = ALSO.filter(([words]) => words.test(name)).map(([, words]) => words);
  const all = [...own.map(escaped), ...also];
  return all.length === 0 ? null : new RegExp(`\\b(?:${all.join('|')})\\b`, 'gi');
}

/** Returns the preparation that a text names first and that is not only a target; otherwise the first target. */
export function mentionedIn(text: string, preparations: readonly Pick<Preparation, 'id' | 'name'>[]): Mentioned | null {
  if (text === '') return null;
  const found = preparations.flatMap((preparation) => {
    const words = wordsFor(preparation);
    return words === null
      ? []
      : [...text.matchAll(words)].map(({ index, 0: word }) => ({
          id: preparation.id,
          at: index,
          length: word.length,
          isUnder: UNDER.test(text.slice(0, index)),
          isMade: /\b(?:for|make|making|prepare|to make) (?:the |your )?(?:\w+ ){0,2}$/i.test(text.slice(0, index)),
        }));
  });
  const order = found.sort((a, b) => a.at - b.at || b.length - a.length);
  const made = order.find(({ isMade }) => isMade);
  const chosen = made ?? order.find(({ isUnder }) => !isUnder) ?? order[0];
  return chosen ? { id: chosen.id, isMade: chosen.isMade, isUnder: chosen.isUnder } : null;
}

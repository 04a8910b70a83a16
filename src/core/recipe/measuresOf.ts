import type { Measures } from '../measure';

/** Words for kitchen measures, whose sizes differ by country. */
const CUPS = /\b(?:cups?|sticks?|tbsps?|tbs|tablespoons?|tsps?|teaspoons?)\b/i;
const AMERICAN =
  /\d\s?°?\s?F\b|\bsticks?\b|\d\s?-?\s?(?:inch(?:es)?\b|")|\bheavy cream\b|\ball-purpose\b|\bpowdered sugar\b|\bgraham\b/;
const AUSTRALIAN =
  /\b(?:lamington|slice (?:tin|pan)|plain sweet biscuits)\b.*\bcups?\b|\bcups?\b.*\b(?:lamington|slice (?:tin|pan))\b|\d tbs\b/is;

/**
 * Returns whose cups and spoons a recipe means by its other words: one with cups and °F, inches or sticks is American. `null` where
 * nothing tells, or where it measures nothing by cups and spoons.
 */
export function measuresOf(text: string): Measures | null {
  if (!CUPS.test(text)) return null;
  if (AMERICAN.test(text)) return 'us';
  return AUSTRALIAN.test(text) ? 'au' : null;
}

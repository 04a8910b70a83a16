import type { Measures } from '../measure';
import { isMeasure, leadingAmount, type Led } from './amount';

/** Reads an amount after the name, as in a shopping list: "butter 150 g", "Butter: 150 g". */
export function trailingAmount(plain: string, measures: Measures): Led | null {
  const behind = /^(\D*\p{L}(?:\s*\([^()]*\))?)[\s,:-]+(\d.*)$/u.exec(plain);
  // "Condensed milk 400 g tin": the pack holds as much.
  const amount = behind?.[2]!.replace(
    /(?<=\b(?:g|kg|ml|l|oz)) (?:tins?|cans?|packs?|packets?|jars?|bags?|cartons?|bottles?)$/i,
    '',
  );
  const led = amount === undefined ? null : leadingAmount(amount, measures);
  return behind && led && isMeasure(led) && led.rest === '' ? { ...led, rest: behind[1]! } : null;
}

/** Texts about the allergens of a slab. */
import type { AllergenStatement } from '$core/larder';
import { inList } from './grammar';

/** Returns what a slab contains: declared allergens first, then assumed ones. */
export function containsText({ contains, assumed, unknownFor }: AllergenStatement): string {
  const named = [...contains, ...assumed.map((allergen) => `${allergen} (assumed)`)];
  if (named.length > 0) return named.join(', ');
  return unknownFor.length > 0 ? 'unknown' : 'no declarable allergens';
}

/** Returns the ingredients whose allergens are unknown: "Unknown for: graham crackers"; empty if there are none. */
export function unknownForText({ unknownFor }: AllergenStatement): string {
  return unknownFor.length > 0 ? `Unknown for: ${inList(unknownFor)}` : '';
}

/** Returns the whole statement as sentences: "Contains: milk, soya. Unknown for: graham crackers." */
export function allergenText(statement: AllergenStatement): string {
  const unknown = unknownForText(statement);
  return `Contains: ${containsText(statement)}.${unknown === '' ? '' : ` ${unknown}.`}`;
}

/** Small parts of English sentences. */

/**
 * A count with its noun.
 *
 * @example plural(1, 'piece', 'pieces') // '1 piece'
 */
export const plural = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/**
 * Joins names: 'milk, egg and soya'.
 *
 * @example inList(['milk', 'egg', 'soya']) // 'milk, egg and soya'
 */
export function inList(names: readonly string[]): string {
  const [last = '', ...others] = [...names].reverse();
  return others.length === 0 ? last : `${others.reverse().join(', ')} and ${last}`;
}

/**
 * Formats a share in percent.
 *
 * @param digits decimals; null for as many as it has, up to two
 * @example percent(0.125) // '13 %'
 */
export const percent = (share: number, digits: number | null = 0): string =>
  `${digits === null ? Number((share * 100).toFixed(2)) : (share * 100).toFixed(digits)} %`;

/** Says what a figure leaves out: 'without 2 ingredients'; empty if nothing. */
export const withoutText = (ingredients: number): string =>
  ingredients === 0 ? '' : `without ${plural(ingredients, 'ingredient', 'ingredients')}`;

/** A noun with its indefinite article. */
export const article = (noun: string): string => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${noun}`;

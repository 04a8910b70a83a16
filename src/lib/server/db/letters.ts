import { plainName } from '$core/larder';

/** The index finds groups of this many letters. */
const MIN_INDEXED_LETTERS = 3;

/**
 * Makes the condition for rows whose letters hold what is sought.
 *
 * @param index the index of letters, whose row ids are those of the rows
 * @param column of the row's id
 * @returns SQL with one parameter, and its value
 */
export function holdsLetters(
  index: string,
  column: string,
  sought: string,
): { readonly sql: string; readonly like: string } {
  const plain = plainName(sought);
  const like = `%${plain.replace(/[\\%_]/g, '\\$&')}%`;
  // LIKE without ESCAPE is answered by the index; fewer letters than it groups are looked for row by row.
  const isIndexed = [...plain].length >= MIN_INDEXED_LETTERS && !/[\\%_]/.test(plain);
  const escape = isIndexed ? '' : ` ESCAPE '\\'`;
  return { sql: `${column} IN (SELECT rowid FROM ${index} WHERE letters LIKE ?${escape})`, like };
}

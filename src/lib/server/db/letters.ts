import { plainName } from '$core/larder';

/** Number of letters per group of the index. */
const MIN_INDEXED_LETTERS = 3;

/**
 * Returns the condition for rows that contain a text.
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
  // LIKE without ESCAPE uses the index; shorter texts are searched row by row.
  const isIndexed = [...plain].length >= MIN_INDEXED_LETTERS && !/[\\%_]/.test(plain);
  const escape = isIndexed ? '' : ` ESCAPE '\\'`;
  return { sql: `${column} IN (SELECT rowid FROM ${index} WHERE letters LIKE ?${escape})`, like };
}

/** A cell that begins so runs as a formula when a spreadsheet opens the file; a stroke before it keeps it text. */
const FORMULA = /^[=+\-@\t\r]/;
const PART = '; ';

/** A cell whose every part is text for a spreadsheet. Numbers below zero stay numbers. */
export function guardedCell(text: string): string {
  const guarded = (part: string) => (FORMULA.test(part) && !/^-[\d.]+$/.test(part) ? `'${part}` : part);
  return text.split(PART).map(guarded).join(PART);
}

/** The cell as it was before it was guarded. */
export function unguardedCell(text: string): string {
  return text
    .split(PART)
    .map((part) => part.replace(/^'(?=[=+\-@\t\r])/, ''))
    .join(PART);
}

/** Cells that start like this run as formulas when a spreadsheet opens the file; an apostrophe before them keeps them text. */
const FORMULA = /^[=+\-@\t\r]/;
const PART = '; ';

/** Escapes a cell so that a spreadsheet reads every part as text. Negative numbers stay numbers. */
export function guardedCell(text: string): string {
  const guarded = (part: string) => (FORMULA.test(part) && !/^-[\d.]+$/.test(part) ? `'${part}` : part);
  return text.split(PART).map(guarded).join(PART);
}

/** Returns the cell without its escape. */
export function unguardedCell(text: string): string {
  return text
    .split(PART)
    .map((part) => part.replace(/^'(?=[=+\-@\t\r])/, ''))
    .join(PART);
}

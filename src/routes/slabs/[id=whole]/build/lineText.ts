import type { Larder } from '$core/larder';
import type { Measures } from '$core/measure';
import { lineFromReading, lineInWords, readLine } from '$core/recipe';
import type { Line } from '$core/slab';

/** Tells whether the original text of a line still matches the line. */
function stillSays(text: string, line: Line, measures: Measures, larder: Larder): boolean {
  const read = lineFromReading(readLine(text, measures, larder));
  return (
    read !== null &&
    read.quantity === line.quantity &&
    read.unit === line.unit &&
    (read.state ?? '') === (line.state ?? '') &&
    read.ingredient === line.ingredient
  );
}

/** Returns a line as text: the original if it still matches, otherwise newly written. */
export function lineText(line: Line, measures: Measures, larder: Larder): string {
  return line.text !== undefined && stillSays(line.text, line, measures, larder) ? line.text : lineInWords(line);
}

/** Splits pasted text into lines, without bullets. */
export function linesIn(text: string): string[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.replace(/^\s*[-*•▢☐]\s*/u, '').trim())
    .filter((line) => line !== '')
    .slice(0, 200);
}

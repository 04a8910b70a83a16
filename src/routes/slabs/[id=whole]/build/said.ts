import type { Larder } from '$core/larder';
import type { Measures } from '$core/measure';
import { lineFromReading, lineInWords, readLine } from '$core/recipe';
import type { Line } from '$core/slab';

/** Whether a line as it was written still says what the line is now. */
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

/** A line as one says it: as it was written, where that still holds, else in words of its own. */
export function saidOf(line: Line, measures: Measures, larder: Larder): string {
  return line.text !== undefined && stillSays(line.text, line, measures, larder) ? line.text : lineInWords(line);
}

/** The lines in a pasted text, without the marks of a list in front of them. */
export function linesIn(text: string): string[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.replace(/^\s*[-*•▢☐]\s*/u, '').trim())
    .filter((line) => line !== '')
    .slice(0, 200);
}

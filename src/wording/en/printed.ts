/** Texts on printed templates and label sheets, apart from the labels themselves. */

/** Beside the square by which a maker checks the size of a print. @param sideMm its side */
export const checkSquareText = (sideMm: number): string => `This square measures ${sideMm} mm.`;

/** Beside the crosses where sheets of a template overlap. */
export const JOIN_TEXT = 'Overlap the sheets so that the crosses match.';

/** Lines on the test page of a sheet of labels. */
export const TEST_PAGE_LINES = [
  'Print this page at 100 % on plain',
  'paper, and hold it against a sheet',
  'of labels before you print on one.',
] as const;

/** A sheet among those of a template, counted from 0 from the left and from the front. */
export interface SheetPosition {
  readonly row: number;
  readonly column: number;
  readonly rows: number;
  readonly columns: number;
}

/** Returns the footer of a sheet of a template. @param name of the slab */
export const sheetFooter = (name: string, { row, column, rows, columns }: SheetPosition): string =>
  `${name}. Print at 100 %. Sheet ${column + 1} of ${columns} from the left, ${row + 1} of ${rows} from the front.`;

export const templateTitle = (name: string): string => `${name}: cutting template`;
export const labelsTitle = (name: string): string => `${name}: labels`;

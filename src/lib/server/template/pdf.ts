import {
  clip,
  closePath,
  endPath,
  lineTo,
  moveTo,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  StandardFonts,
  type PDFFont,
  type PDFPage,
  type RGB,
} from 'pdf-lib';
import type { StrokeOrder } from '$core/cut';
import { problem, type Read } from '$core/validation';
import { checkSquareText, JOIN_TEXT, sheetFooter, templateTitle, type SheetPosition } from '$wording/printed';
import { outlinePath } from './outlinePath';

/** Paper sizes, mm. */
export const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

const PT_PER_MM = 72 / 25.4;
const MARGIN_MM = 12;
/** Overlap of the sheets, mm. */
const OVERLAP_MM = 10;
const CHECK_MM = 50;
/** Maximum number of sheets: a table of 2 m by 1.5 m. */
const MAX_SHEETS = 80;
/** Distance of a stroke's number from it, mm. */
const NUMBER_MM = 20;
const INK = rgb(0.13, 0.11, 0.09);
const QUIET = rgb(0.45, 0.5, 0.53);

/**
 * Returns a full-size cutting template over as many sheets as needed: outline, numbered strokes, marks where sheets join, and a
 * square to check the print size.
 *
 * @param name of the slab, for the foot of each sheet
 */
export async function templatePdf(order: StrokeOrder, name: string, paper: Paper): Promise<Read<Uint8Array>> {
  const sheets = sheetsFor(order, paper);
  if (sheets > MAX_SHEETS) {
    const figures = { sheets, paper: paper === 'a4' ? 'A4' : 'Letter', max: MAX_SHEETS };
    return { ok: false, problems: [problem('/paper', 'template-too-large', figures)] };
  }
  const file = await PDFDocument.create();
  file.setTitle(templateTitle(name));
  const font = await file.embedFont(StandardFonts.Helvetica);
  const [widthMm, heightMm] = PAPERS[paper];
  const { tileX, tileY, columns, rows } = tilesFor(order, paper);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const page = file.addPage([widthMm * PT_PER_MM, heightMm * PT_PER_MM]);
      // The slab's front left corner lies 2 mm within the first sheet's frame.
      const [leftMm, frontMm] = [column * (tileX - OVERLAP_MM) - 2, row * (tileY - OVERLAP_MM) - 2];
      const x = (mm: number) => (mm - leftMm + MARGIN_MM) * PT_PER_MM;
      const y = (mm: number) => (mm - frontMm + MARGIN_MM) * PT_PER_MM;
      page.pushOperators(pushGraphicsState(), ...frameOf(tileX, tileY), clip(), endPath());
      const near: Area = [
        leftMm - NUMBER_MM,
        frontMm - NUMBER_MM,
        leftMm + tileX + NUMBER_MM,
        frontMm + tileY + NUMBER_MM,
      ];
      drawSlab(page, font, { ...order, strokes: order.strokes.filter((stroke) => passes(stroke, near)) }, x, y);
      if (row === 0 && column === 0) drawCheck(page, font, x, y);
      page.pushOperators(popGraphicsState());
      drawJoins(page, font, { row, column, rows, columns }, tileX, tileY);
      page.drawText(writable(sheetFooter(name, { row, column, rows, columns })), {
        x: MARGIN_MM * PT_PER_MM,
        y: 4 * PT_PER_MM,
        size: 8,
        font,
        color: QUIET,
      });
    }
  }
  return { ok: true, value: await file.save() };
}

/** Left, front, right and back of a part of the slab, mm. */
type Area = readonly [number, number, number, number];

/** Tells whether a stroke may pass through an area: whether their bounds meet. */
const passes = ({ from, to }: StrokeOrder['strokes'][number], [left, front, right, back]: Area) =>
  Math.max(from[0], to[0]) >= left &&
  Math.min(from[0], to[0]) <= right &&
  Math.max(from[1], to[1]) >= front &&
  Math.min(from[1], to[1]) <= back;

/** Division of a slab over sheets of paper. */
function tilesFor({ outline }: StrokeOrder, paper: Paper) {
  const [tileX, tileY] = PAPERS[paper].map((mm) => mm - 2 * MARGIN_MM) as [number, number];
  const tiles = (whole: number, tile: number) => Math.max(1, Math.ceil((whole + 4 - OVERLAP_MM) / (tile - OVERLAP_MM)));
  return { tileX, tileY, columns: tiles(outline.lengthMm, tileX), rows: tiles(outline.widthMm, tileY) };
}

/** Returns the number of sheets that a template needs. */
function sheetsFor(order: StrokeOrder, paper: Paper): number {
  const { columns, rows } = tilesFor(order, paper);
  return columns * rows;
}

/** The standard fonts of PDF only have Latin letters; others are left out of the footer. */
const writable = (text: string) => text.replace(/[^\x20-\x7e\xa0-\xff]/g, '');

function frameOf(tileX: number, tileY: number) {
  const [l, b, r, t] = [MARGIN_MM, MARGIN_MM, MARGIN_MM + tileX, MARGIN_MM + tileY].map((mm) => mm * PT_PER_MM) as [
    number,
    number,
    number,
    number,
  ];
  return [moveTo(l, b), lineTo(r, b), lineTo(r, t), lineTo(l, t), closePath()];
}

type Along = (mm: number) => number;

function drawSlab(page: PDFPage, font: PDFFont, { outline, strokes }: StrokeOrder, x: Along, y: Along) {
  // drawSvgPath turns y downwards from its origin: the slab's back edge is up.
  page.drawSvgPath(outlinePath(outline), {
    x: x(0),
    y: y(outline.widthMm),
    scale: PT_PER_MM,
    borderColor: INK,
    borderWidth: 0.35,
  });
  for (const { from, to } of strokes) {
    page.drawLine({
      start: { x: x(from[0]), y: y(from[1]) },
      end: { x: x(to[0]), y: y(to[1]) },
      thickness: 0.6,
      color: INK,
    });
  }
  for (const { from, to, number } of strokes) {
    const near = 0.06;
    const [atX, atY] = [from[0] + (to[0] - from[0]) * near, from[1] + (to[1] - from[1]) * near];
    drawOnWhite(page, font, String(number), { x: x(atX) + 2, y: y(atY) + 2, size: 9, color: INK });
  }
}

/** Draws a text on a white background, so that no line runs through it. */
function drawOnWhite(
  page: PDFPage,
  font: PDFFont,
  text: string,
  { x, y, size, color }: { x: number; y: number; size: number; color: RGB },
) {
  const width = font.widthOfTextAtSize(text, size) + 2;
  page.drawRectangle({ x: x - 1, y: y - 1.5, width, height: size + 0.5, color: rgb(1, 1, 1) });
  page.drawText(text, { x, y, size, font, color });
}

function drawCheck(page: PDFPage, font: PDFFont, x: Along, y: Along) {
  page.drawRectangle({
    x: x(8),
    y: y(8),
    width: CHECK_MM * PT_PER_MM,
    height: CHECK_MM * PT_PER_MM,
    borderColor: rgb(0.75, 0.1, 0.2),
    borderWidth: 0.5,
  });
  drawOnWhite(page, font, checkSquareText(CHECK_MM), { x: x(10), y: y(54), size: 8, color: QUIET });
}

/** Crosses at the corners of the area that two sheets share. */
function drawJoins(
  page: PDFPage,
  font: PDFFont,
  { row, column, rows, columns }: SheetPosition,
  tileX: number,
  tileY: number,
) {
  const cross = (xMm: number, yMm: number) => {
    const [px, py, arm] = [xMm * PT_PER_MM, yMm * PT_PER_MM, 2 * PT_PER_MM];
    for (const [dx, dy] of [
      [arm, 0],
      [0, arm],
    ] as const) {
      page.drawLine({
        start: { x: px - dx, y: py - dy },
        end: { x: px + dx, y: py + dy },
        thickness: 0.4,
        color: QUIET,
      });
    }
  };
  const half = OVERLAP_MM / 2;
  const xs = [...(column > 0 ? [MARGIN_MM + half] : []), ...(column < columns - 1 ? [MARGIN_MM + tileX - half] : [])];
  const ys = [...(row > 0 ? [MARGIN_MM + half] : []), ...(row < rows - 1 ? [MARGIN_MM + tileY - half] : [])];
  for (const xMm of xs) for (const yMm of [MARGIN_MM + 20, MARGIN_MM + tileY - 20]) cross(xMm, yMm);
  for (const yMm of ys) for (const xMm of [MARGIN_MM + 20, MARGIN_MM + tileX - 20]) cross(xMm, yMm);
  if (xs.length + ys.length > 0) {
    page.drawText(JOIN_TEXT, {
      x: MARGIN_MM * PT_PER_MM,
      y: (MARGIN_MM + tileY + 2) * PT_PER_MM,
      size: 8,
      font,
      color: QUIET,
    });
  }
}

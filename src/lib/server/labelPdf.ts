import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type { LabelSheet } from '$core/shop';
import type { LabelDraft } from '$core/usecases';
import { problem, type Problem, type Read } from '$core/validation';
import { checkSquareText, labelsTitle, TEST_PAGE_LINES } from '$wording/printed';
import { labelBlocks, wordsOf, type Run, type Word } from '$lib/format/labelText';
import { PAPERS } from './template/pdf';

const PT_PER_MM = 72 / 25.4;
const PAD_MM = 3;
const CHECK_MM = 50;
const INK = rgb(0.13, 0.11, 0.09);
const QUIET = rgb(0.4, 0.44, 0.47);
/** Largest and smallest font size, pt: the x-height of the smallest is 1.2 mm, as EU 1169/2011, Annex IV requires. */
const SIZES = { most: 10, least: 6.3 } as const;
const LEADING = 1.22;
/** Minimum mean letter width relative to the font size. */
const MIN_LETTER = 0.25;

const require = createRequire(import.meta.url);
const FONTS = {
  plain: require.resolve('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf'),
  bold: require.resolve('dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf'),
} as const;

interface Fonts {
  readonly plain: PDFFont;
  readonly bold: PDFFont;
}
type Line = readonly Word[];

const fontOf = ({ plain, bold }: Fonts, run: Run) => (run.bold ? bold : plain);

/** Breaks words into lines of a width; a longer word has its own line. */
function wrapped(runs: readonly Run[], widthPt: number, size: number, fonts: Fonts): Line[] {
  const lines: Word[][] = [[]];
  let used = 0;
  for (const word of wordsOf(runs)) {
    const space = word.spaced ? fonts.plain.widthOfTextAtSize(' ', size) : 0;
    const own = fontOf(fonts, word).widthOfTextAtSize(word.text, size);
    const here = lines.at(-1)!;
    if (here.length > 0 && used + space + own > widthPt) {
      lines.push([word]);
      used = own;
    } else {
      used += (here.length > 0 ? space : 0) + own;
      here.push(word);
    }
  }
  return lines;
}

/** Returns the label in the largest font that fits; `null` if none does. */
function fitted(blocks: readonly (readonly Run[])[], widthPt: number, heightPt: number, fonts: Fonts) {
  for (let size = SIZES.most; size >= SIZES.least - 1e-9; size -= 0.1) {
    const lines = blocks.map((runs) => wrapped(runs, widthPt, size, fonts));
    const high = lines.flat().length * size * LEADING + (lines.length - 1) * size * 0.25;
    if (high <= heightPt) return { size, lines };
  }
  return null;
}

type Fit = NonNullable<ReturnType<typeof fitted>>;
type Size = readonly [number, number];

function drawLabel(page: PDFPage, x: number, y: number, { size, lines }: Fit, fonts: Fonts) {
  let at = y;
  for (const [i, block] of lines.entries()) {
    for (const line of block) {
      at -= size * LEADING;
      let along = x;
      for (const [w, word] of line.entries()) {
        const font = fontOf(fonts, word);
        if (w > 0 && word.spaced) along += fonts.plain.widthOfTextAtSize(' ', size);
        page.drawText(word.text, {
          x: along,
          y: at + size * 0.25,
          size,
          font,
          color: i === lines.length - 1 ? QUIET : INK,
        });
        along += font.widthOfTextAtSize(word.text, size);
      }
    }
    at -= size * 0.25;
  }
}

/** Finds labels outside their paper; `null` if there are none. */
export function sheetProblem(sheet: LabelSheet): Problem | null {
  const [widthMm, heightMm] = PAPERS[sheet.paper === 'A4' ? 'a4' : 'letter'];
  const across = sheet.leftMm + sheet.columns * sheet.widthMm + (sheet.columns - 1) * sheet.gapAcrossMm;
  const down = sheet.topMm + sheet.rows * sheet.heightMm + (sheet.rows - 1) * sheet.gapDownMm;
  if (across > widthMm) return problem('/labels', 'labels-too-wide', { reachMm: across, paperMm: widthMm });
  if (down > heightMm) return problem('/labels', 'labels-too-high', { reachMm: down, paperMm: heightMm });
  return null;
}

/** A label laid out once, as a page that every position of a sheet repeats. */
async function drawnOnce(fit: Fit, [widthPt, heightPt]: Size): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  const fonts = await embedFonts(file);
  drawLabel(file.addPage([widthPt, heightPt]), 0, heightPt, fit, fonts);
  return file.save();
}

async function embedFonts(file: PDFDocument): Promise<Fonts> {
  file.registerFontkit(fontkit);
  return {
    plain: await file.embedFont(readFileSync(FONTS.plain), { subset: true }),
    bold: await file.embedFont(readFileSync(FONTS.bold), { subset: true }),
  };
}

/**
 * Prints a label on the shop's sheets, with a last page to compare with a sheet: its outlines, and a square to measure.
 *
 * @param count how many labels
 * @param from the first place that is printed, 1 being the first on a sheet
 */
export async function labelPdf(
  label: LabelDraft,
  sheet: LabelSheet,
  { count, from }: { count: number; from: number },
): Promise<Read<Uint8Array>> {
  const refused = (wrong: Problem): Read<never> => ({ ok: false, problems: [wrong] });
  const wrong = sheetProblem(sheet);
  if (wrong) return refused(wrong);
  const { widthMm, heightMm } = sheet;
  const tooSmall = problem('/labels', 'label-text-does-not-fit', { widthMm, heightMm });
  const inside = [sheet.widthMm - 2 * PAD_MM, sheet.heightMm - 2 * PAD_MM].map((mm) => mm * PT_PER_MM) as [
    number,
    number,
  ];
  const blocks = labelBlocks(label);
  // Checked before layout, by the minimum width of letters.
  const letters = blocks.flat().reduce((sum, { text }) => sum + text.length, 0);
  if (letters * (SIZES.least * MIN_LETTER) * (SIZES.least * LEADING) > inside[0] * inside[1]) return refused(tooSmall);
  const file = await PDFDocument.create();
  file.setTitle(labelsTitle(label.name));
  const fonts = await embedFonts(file);
  const [widthPt, heightPt] = PAPERS[sheet.paper === 'A4' ? 'a4' : 'letter'].map((mm) => mm * PT_PER_MM) as [
    number,
    number,
  ];
  const fit = fitted(blocks, ...inside, fonts);
  if (!fit) return refused(tooSmall);
  const perSheet = sheet.columns * sheet.rows;
  const cornerOf = (place: number) => {
    const [column, row] = [place % sheet.columns, Math.floor(place / sheet.columns)];
    return {
      x: (sheet.leftMm + column * (sheet.widthMm + sheet.gapAcrossMm)) * PT_PER_MM,
      y: heightPt - (sheet.topMm + row * (sheet.heightMm + sheet.gapDownMm)) * PT_PER_MM,
    };
  };
  const [once] = await file.embedPdf(await drawnOnce(fit, inside));
  const first = (from - 1) % perSheet;
  let page: PDFPage | null = null;
  for (let i = 0; i < count; i++) {
    const place = (first + i) % perSheet;
    if (!page || place === 0) page = file.addPage([widthPt, heightPt]);
    const { x, y } = cornerOf(place);
    page.drawPage(once!, { x: x + PAD_MM * PT_PER_MM, y: y - PAD_MM * PT_PER_MM - inside[1] });
  }
  drawCheck(file.addPage([widthPt, heightPt]), sheet, cornerOf, fonts);
  return { ok: true, value: await file.save() };
}

function drawCheck(
  page: PDFPage,
  sheet: LabelSheet,
  cornerOf: (place: number) => { x: number; y: number },
  { plain }: Fonts,
) {
  for (let place = 0; place < sheet.columns * sheet.rows; place++) {
    const { x, y } = cornerOf(place);
    const [width, height] = [sheet.widthMm * PT_PER_MM, sheet.heightMm * PT_PER_MM];
    page.drawRectangle({ x, y: y - height, width, height, borderColor: QUIET, borderWidth: 0.4 });
  }
  const { x, y } = cornerOf(0);
  const side = CHECK_MM * PT_PER_MM;
  const [left, bottom] = [x + 4, y - 4 - side];
  page.drawRectangle({
    x: left,
    y: bottom,
    width: side,
    height: side,
    borderColor: rgb(0.75, 0.1, 0.2),
    borderWidth: 0.5,
  });
  [checkSquareText(CHECK_MM), ...TEST_PAGE_LINES].forEach((text, i) =>
    page.drawText(text, { x: left + 4, y: bottom + side - 14 - 11 * i, size: 7.5, font: plain, color: INK }),
  );
}

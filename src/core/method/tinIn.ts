import { MM_PER_INCH } from '../measure';
import type { AnyTin } from '../tin';

/** Depth of a tin without a stated depth, mm: loaf tins are the deepest, square cake tins deeper than tray-bake tins. */
const USUAL_DEPTH_MM = 40;
const SQUARE_DEPTH_MM = 50;
const LOAF_DEPTH_MM = 65;
const SHEET_DEPTH_MM = 25;
/** Loaf tins and bakery sheets by their names, usual inside dimensions, mm. */
const SHEETS: readonly (readonly [RegExp, number, number])[] = [
  [/\b(?:2[- ]?lb|900 ?g)\b[^.;]{0,16}\bloaf\b/i, 210, 110],
  [/\b(?:1[- ]?lb|450 ?g)\b[^.;]{0,16}\bloaf\b/i, 150, 80],
  [/\b(?:half)[- ]sheet\b|\b0\.5[- ]sheet\b/i, 415, 300],
  [/\bquarter[- ]sheet\b|\b0\.25[- ]sheet\b/i, 300, 210],
  [/\b(?:eighth)[- ]sheet\b/i, 215, 150],
  [/\b(?:full)[- ]sheet\b/i, 620, 410],
];
/** Words for tins. */
const TIN =
  /\b(?:tins?|pans?|trays?|plates?|thalis?|dish(?:es)?|moulds?|molds?|frames?|(?:in|into) (?:a|the|your) (?:\w+ )?box|baking sheet|brownie|traybake|lamington|slice tray|swiss roll)\b/i;
/** Words for pans on the hob. */
const RING =
  /\b(?:sauce ?pan|frying pan|heavy[- ](?:based|bottomed)|saute pan|skillet|dry pan|deep pan|large pan|small pan|medium pan)\b/i;

const N = String.raw`(\d+(?:\.\d+)?)`;
const U = String.raw`\s*-?\s*(cm|mm|inch(?:es)?|in\b\.?|"|''|”)?`;
const SIZE = new RegExp(`${N}${U}\\s*-?\\s*(?:x|by)\\s*-?\\s*${N}${U}(?:\\s*-?\\s*(?:x|by)\\s*-?\\s*${N}${U})?`, 'gi');
const SIDE = new RegExp(
  `${N}\\s*-?\\s*(cm|mm|inch(?:es)?|in\\b\\.?|"|''|”)(?:\\s*\\/\\s*${N}\\s*-?\\s*(?:cm|mm|inch(?:es)?|in\\b\\.?|"))?(?:\\s*\\([^)]*\\))?[ -]*(?:(?:non-?stick|loose-bottomed|shallow|deep|baking|cake|metal|lined|greased|springform|brownie)[ ,-]+)*(square|sq\\b|round|springform|tin|pan|cake|tray|plate|thali|dish|ring|sandwich|brownie|loose|deep|shallow|baking|frame)`,
  'gi',
);
const SQUARE_SIDE = new RegExp(
  `\\b(?:square|round)\\b[^.;]{0,40}?\\b(?:of|measuring|about)?\\s*${N}\\s*-?\\s*(cm|mm|inch(?:es)?|in\\b|")`,
  'i',
);

const inMm = (value: number, unit: string | undefined) => {
  if (unit === undefined) return value > 60 ? value : value > 16 ? value * 10 : value * MM_PER_INCH;
  return /^cm/i.test(unit) ? value * 10 : /^mm/i.test(unit) ? value : value * MM_PER_INCH;
};
const round = (mm: number) => Math.round(mm * 10) / 10;
const isSide = (mm: number) => mm >= 50 && mm <= 2000;

/** "Roll out between two sheets of paper to a square of 24 cm": the size of the slab takes the place of a tin. */
const ROLLED =
  /\b(?:roll(?:ed)?|press(?:ed)?|pat(?:ted)?|spread|shape[ds]?)\b[^.;]*\b(?:to|into) (?:a |an )?[^.;]{0,24}\b(?:square|rectangle)\b/i;
function rolledTo(sentence: string, rectangle: (lengthMm: number, widthMm: number) => AnyTin | null): AnyTin | null {
  const [size] = [...sentence.matchAll(SIZE)];
  if (size) {
    const unit = size[4] ?? size[2];
    if (unit !== undefined) return rectangle(inMm(Number(size[1]), size[2] ?? unit), inMm(Number(size[3]), unit));
  }
  const side = SQUARE_SIDE.exec(sentence);
  const before = /(\d+(?:\.\d+)?)\s*-?\s*(cm|mm|inch(?:es)?|in\b|")[ -]*square\b/i.exec(sentence);
  const found = before ?? side;
  if (!found) return null;
  const mm = inMm(Number(found[1]), found[2]);
  return rectangle(mm, mm);
}

/** Words near a size. */
const around = (sentence: string, at: number, length: number) => sentence.slice(Math.max(0, at - 60), at + length + 60);

/**
 * Reads the tin of a sentence with its inside dimensions; `null` if it names none. Without a stated depth it is 40 mm, of a square tin
 * 50, of a loaf tin 65, of a sheet 25.
 * Sizes without a unit are inches up to 16, centimetres up to 60, otherwise millimetres.
 *
 * @example tinIn('Line a 20 cm square tin') // { shape: 'rectangle', lengthMm: 200, widthMm: 200, depthMm: 50, cornerMm: 0, flareDeg: 0 }
 */
export function tinIn(written: string): AnyTin | null {
  // "An 8- or 9-inch pan": the first one.
  const sentence = written.replace(/(\d+)\s*-? or \d+(\s*-?\s*(?:cm|inch|in\b))/gi, '$1$2');
  const usualDepthMm = (lengthMm: number, widthMm: number) =>
    /\bloaf\b/i.test(sentence) ? LOAF_DEPTH_MM : lengthMm === widthMm ? SQUARE_DEPTH_MM : USUAL_DEPTH_MM;
  const rectangle = (lengthMm: number, widthMm: number, depthMm = usualDepthMm(lengthMm, widthMm)): AnyTin | null =>
    isSide(lengthMm) && isSide(widthMm) && depthMm > 0 && depthMm <= 300
      ? {
          shape: 'rectangle',
          lengthMm: round(Math.max(lengthMm, widthMm)),
          widthMm: round(Math.min(lengthMm, widthMm)),
          depthMm: round(depthMm),
          cornerMm: 0,
          flareDeg: 0,
        }
      : null;
  const byName = () => {
    const named = SHEETS.find(([words]) => words.test(sentence));
    return named ? rectangle(named[1], named[2], /\bloaf\b/i.test(sentence) ? LOAF_DEPTH_MM : SHEET_DEPTH_MM) : null;
  };
  // "1/2 sheet (40 x 30 cm frame)": measures say more than the name.
  if (!/\bloaf\b|\d\s*(?:cm|mm)\b/i.test(sentence)) {
    const found = byName();
    if (found) return found;
  }
  if (!TIN.test(sentence)) return ROLLED.test(sentence) ? rolledTo(sentence, rectangle) : null;
  for (const match of sentence.matchAll(SIZE)) {
    const [all, a, unitA, b, unitB, c, unitC] = match;
    const near = around(sentence, match.index, all.length);
    if (!TIN.test(near) || /\b(?:cut|slice|mark|score|divide)[^.;]{0,30}$/i.test(sentence.slice(0, match.index)))
      continue;
    const unit = unitB ?? unitA ?? unitC;
    // "20x15": centimetres both, if one of them is.
    const usual =
      unit ?? (Math.max(Number(a), Number(b)) > 16 && Math.max(Number(a), Number(b)) <= 60 ? 'cm' : undefined);
    const [lengthMm, widthMm] = [inMm(Number(a), unitA ?? usual), inMm(Number(b), unitB ?? usual)];
    const found = rectangle(lengthMm, widthMm, c === undefined ? undefined : inMm(Number(c), unitC ?? unit));
    if (found) return found;
  }
  for (const match of sentence.matchAll(SIDE)) {
    const [all, side, unit, , what] = match;
    const mm = inMm(Number(side), unit);
    const near = around(sentence, match.index, all.length);
    if (!isSide(mm) || (RING.test(near) && !/\bsquare|round\b/i.test(near))) continue;
    return /\b(?:round|springform|sandwich)\b/i.test(near) || what === 'cake'
      ? { shape: 'round', diameterMm: round(mm), depthMm: USUAL_DEPTH_MM, flareDeg: 0 }
      : rectangle(mm, mm);
  }
  const behind = SQUARE_SIDE.exec(sentence);
  if (behind) {
    const mm = inMm(Number(behind[1]), behind[2]);
    if (isSide(mm))
      return /^round/i.test(behind[0])
        ? { shape: 'round', diameterMm: round(mm), depthMm: USUAL_DEPTH_MM, flareDeg: 0 }
        : rectangle(mm, mm);
  }
  return byName();
}

/** Tells whether a sentence says how deep its tin is. */
export const statesDepth = (sentence: string): boolean =>
  [...sentence.matchAll(SIZE)].some(([, , , , , third]) => third !== undefined) ||
  /\d\s?(?:cm|mm|inch(?:es)?|in|")[- ](?:deep|high)\b/i.test(sentence);

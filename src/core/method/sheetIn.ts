// Spread freely: a sheet, mat or board without a size, and how thick it is spread.
import { MM_PER_INCH } from '../measure';
import type { SheetTin } from '../tin';

/** A slab spread freely: how thick, mm; `null` if the method does not say. */
export interface SheetRead {
  readonly thicknessMm: number | null;
}

/** A sheet as most ovens take it, mm. The slab spreads as far on it as its amounts and its thickness let it. */
export const FREE_SHEET: SheetTin = { shape: 'sheet', lengthMm: 400, widthMm: 300 };
/** Usual thickness of bark and brittle, mm. */
export const USUAL_THICKNESS_MM = 6;

/** Surfaces that hold nothing in. */
const SURFACE =
  /\b(?:baking|cookie|biscuit|rimmed|oiled|lined|large|greased|prepared)? ?(?:sheets?|tray)\b|\b(?:silicone |baking )?mat\b|\b(?:parchment|greaseproof|(?:baking|oiled|wax(?:ed)?|buttered) paper|marble|granite|slab|board|worktop)\b/i;
const SPREADS =
  /\b(?:spread|pour|tip|turn|roll|scrape|smooth|pull|press)(?:s|ed|ing)?\b[^.;]*\b(?:out|on|onto|over|to|it|thinly|thin|between)\b/i;
const THICK =
  /\b(?:to|about|roughly|around|is|of|a|an|some)\b ?(?:about |roughly |around |a |an )*(\d+(?:\.\d+)?)(?:\s*(?:-|to)\s*(\d+(?:\.\d+)?))?\s*-?\s*(mm|cm|inch(?:es)?|in\b|")(?:\s*-?\s*(?:thick(?:ness)?|deep|high|layer)\b|[.,;]|$| and\b| with\b)/i;

const inMm = (value: number, unit: string) =>
  /^mm/i.test(unit) ? value : /^cm/i.test(unit) ? value * 10 : value * MM_PER_INCH;

/**
 * Reads from the sentences of a method whether the slab is spread freely, and how thick.
 *
 * @param sentences with numbers as figures, in order
 * @returns `null` where nothing is spread on a sheet, mat or board
 */
export function sheetIn(sentences: readonly string[]): SheetRead | null {
  if (!sentences.some((sentence) => SURFACE.test(sentence))) return null;
  const spread = sentences.filter((sentence) => SPREADS.test(sentence));
  if (spread.length === 0) return null;
  for (const sentence of spread) {
    const found = THICK.exec(sentence);
    if (!found) continue;
    const [low, high = low] = [Number(found[1]), found[2] === undefined ? undefined : Number(found[2])];
    const thicknessMm = Math.round(inMm((low + high) / 2, found[3]!) * 10) / 10;
    if (thicknessMm >= 1 && thicknessMm <= 40) return { thicknessMm };
  }
  return { thicknessMm: null };
}

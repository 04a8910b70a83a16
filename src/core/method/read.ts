import type { Measures } from '../measure';
import { slabFromRecipe, UNNAMED, type LineRead } from '../recipe';
import type { Slab } from '../slab';
import type { AnyTin } from '../tin';
import { cutIn, type CutRead } from './cutIn';
import { keepIn, type KeepRead } from './keepIn';
import { inFigures } from './plainWords';
import { MAX_SENTENCES, sentencesOf } from './sentences';
import { splitRecipe } from './splitRecipe';
import type { Sentence } from './clauses';
import { follow, type Corrections, type StepRead } from './follow';
import type { Placed, Unnamed } from './leftovers';
import { layersOf, preparationsOf } from './made';
import { sheetIn, type SheetRead } from './sheetIn';
import { statesDepth, tinIn } from './tinIn';

/** The method of a recipe. */
export interface MethodRead {
  /** Original text with headings. */
  readonly text: string;
  readonly sentences: readonly Sentence[];
  /** Whether the recipe has a title, or was given a name. */
  readonly isNamed: boolean;
  readonly steps: readonly StepRead[];
  /** Ingredients that no step names, and where they are assumed to go. */
  readonly unnamed: readonly Unnamed[];
  readonly tin: AnyTin | null;
  readonly isDepthStated: boolean;
  /** Spread freely, where no tin is named; `null` otherwise. */
  readonly sheet: SheetRead | null;
  readonly cut: CutRead | null;
  readonly keep: KeepRead | null;
}

/** A recipe as read: its lines, its slab, and its method. */
export interface RecipeRead {
  readonly lines: readonly LineRead[];
  /** What is made and how it is layered, without tin, cut and shelf life. */
  readonly slab: Slab;
  readonly method: MethodRead;
}

/** Returns the first result that a reader finds in texts, in order. */
function firstOf<T>(texts: readonly string[], of: (text: string) => T | null): T | null {
  for (const text of texts) {
    const found = of(text);
    if (found !== null) return found;
  }
  return null;
}

function textOf(paragraphs: readonly Sentence[]): string {
  return paragraphs
    .flatMap(({ text, under }, at) => (under === null || under === paragraphs[at - 1]?.under ? [text] : [under, text]))
    .join('\n');
}

/** "Praline slab 36 x 26 x 1 cm", poured into a frame whose size is not said again. */
function tinOfTitle(reads: readonly LineRead[], texts: readonly string[]): AnyTin | null {
  const title = reads[0];
  if (!title || title.status === 'read' || !texts.some((text) => FRAME.test(text))) return null;
  return SIZED_TITLE.test(title.text) ? tinIn(`${inFigures(title.text.slice(0, 200))} frame`) : null;
}
const FRAME = /\b(?:frame|tin|tray|mould|mold)\b/i;
const SIZED_TITLE = /\d\s*(?:x|by)\s*\d[\d.]*\s*(?:x\s*[\d.]+\s*)?(?:cm|mm|inch)/i;

/** A stated number of pieces wins: "cut into squares" says less than "makes 24". */
function cutOf(texts: readonly string[]): CutRead | null {
  const all = texts.flatMap((text) => cutIn(text) ?? []);
  // "Cut in two" makes halves to be layered, where more pieces are named as well.
  const found = all.some(({ pieces }) => (pieces ?? 0) > 2) ? all.filter(({ pieces }) => pieces !== 2) : all;
  const knows = ({ pieces, columns, widthMm, way }: CutRead) =>
    (columns !== null ? 3 : widthMm !== null ? 2 : pieces !== null ? 1 : 0) + (way === 'break' ? 1 : 0);
  return found.reduce<CutRead | null>((best, cut) => (best === null || knows(cut) > knows(best) ? cut : best), null);
}

/**
 * Reads the method of a recipe whose lines have been read, by following what happens in the kitchen: steps in order, what is made and
 * layered, the tin, the cut, shelf life. Deterministic and rule-based. At most 400 sentences are read; what is not recognised stays as
 * a step with its text.
 *
 * @param reads as `readRecipe` gives them, corrected or not
 * @param name what the slab is called, or empty
 * @param corrected steps that the maker corrected, by their number
 * @param placed where the maker puts ingredients that no step names
 */
export function readMethod(
  reads: readonly LineRead[],
  name: string,
  measures: Measures,
  corrected: Corrections = {},
  placed: Placed = {},
): RecipeRead {
  const { lines, method } = splitRecipe(reads);
  const slab = slabFromRecipe(lines, name, measures);
  const sentences = method
    .flatMap(({ text, under }) => sentencesOf(text).map((sentence): Sentence => ({ text: sentence, under })))
    .slice(0, MAX_SENTENCES);
  const texts = [
    ...sentences.map(({ text }) => text),
    ...lines.filter(({ status }) => status !== 'read').map(({ text }) => text),
  ].map((text) => inFigures(text.slice(0, 600)));
  const { kitchen, steps, unnamed } = follow(sentences, slab.preparations, measures, corrected, placed);
  const preparations = preparationsOf(kitchen);
  // What is baked on a tray and assembled in a frame has the size of the frame.
  const framed = texts.filter((text) => /\bin(?:to)? (?:a|the) frame\b/i.test(text));
  const tin = firstOf(framed, tinIn) ?? firstOf(texts, tinIn) ?? tinOfTitle(reads, texts);
  return {
    lines,
    slab: { ...slab, preparations, layers: layersOf(kitchen, preparations) },
    method: {
      text: textOf(method),
      sentences,
      isNamed: slab.name !== UNNAMED,
      steps,
      unnamed: steps.length > 0 ? unnamed : [],
      tin,
      sheet: tin === null ? sheetIn(sentences.map(({ text }) => inFigures(text))) : null,
      isDepthStated: texts.some((text) => tinIn(text) !== null && statesDepth(text)),
      cut: cutOf(texts),
      keep: firstOf(texts, keepIn),
    },
  };
}

import { isListHeading, isMethodHeading, METHOD_NOTE, type LineRead } from '../recipe';
import { leadKind } from './kinds';
import { activeVoice } from './activeVoice';
import { inFigures } from './plainWords';
import type { Sentence } from './clauses';
import { sentencesOf } from './sentences';

/** Lines of a recipe, and the sentences of its method with their headings. */
export interface SplitRecipe {
  readonly lines: readonly LineRead[];
  readonly method: readonly Sentence[];
}

/** Matches lines with an action outside a "Method" heading. */
function isSentence({ text, status, larder }: LineRead): boolean {
  if (status === 'heading' || (status === 'read' && larder !== null)) return false;
  const plain = text
    .replace(/^\s*(?:[Ss]tep\s*)?\d{1,2}(?:\s*[.):]\s*|\s+(?=\p{Lu}\p{Ll}+ ))/u, '')
    .replace(/^(?:ok|okay|right|so|now|well|first)[, ]+(?:so )?/i, '');
  const words = plain.split(/\s+/).length;
  const isLed = leadKind(inFigures(plain)) !== null;
  // "3) Melt chocolate, pour over" needs no full stop.
  const isNumbered = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s*\p{L}/iu.test(text);
  const isOne =
    words >= (isNumbered ? 3 : 4) &&
    isLed &&
    (isNumbered || /[.!]|\bfor\b|\buntil\b|\binto\b|\bover\b|\bwith\b/i.test(plain));
  // "The chocolate is melted and poured over it."
  const isTold = words >= 8 && status !== 'read' && /[.!]$/.test(plain.trim()) && activeVoice(plain) !== plain;
  return (
    isOne ||
    isTold ||
    (words >= 12 && sentencesOf(plain).filter((sentence) => leadKind(inFigures(sentence)) !== null).length >= 2)
  );
}

/** Tells whether a line is a short sentence: "Cut into bars.", "Break up". */
const isShortSentence = ({ text, status }: LineRead) =>
  status !== 'heading' && status !== 'read' && leadKind(inFigures(text)) !== null && !/^\d/.test(text);

/** A line between sentences that is no ingredient: "As soon as it is ready tip it into your tin." */
const isLongText = ({ text, status }: LineRead) => status === 'unread' && text.trim().split(/\s+/).length >= 6;

/**
 * Splits a recipe into its ingredient lines and the paragraphs of its method: the text under "Method", and sentences with actions
 * anywhere. Headings between them belong to the method.
 */
export function splitRecipe(reads: readonly LineRead[]): SplitRecipe {
  const lines: LineRead[] = [];
  const method: Sentence[] = [];
  let inMethod = false;
  let under: string | null = null;
  /** Whether the line before was a sentence of the method. */
  let inSentences = false;
  reads.forEach((read, at) => {
    if (read.status === 'heading') {
      const heading = read.ingredient ?? read.text;
      const next = reads.slice(at + 1).find(({ status }) => status !== 'heading');
      const leads =
        next !== undefined &&
        (isSentence(next) || next.notes[0]?.code === METHOD_NOTE.code || (inMethod && next.status === 'unread'));
      if (isMethodHeading(heading)) inMethod = true;
      else if (leads && !isListHeading(heading)) under = heading;
      else {
        inMethod = false;
        under = null;
        lines.push(read);
      }
      return;
    }
    if (
      (inMethod && read.status === 'unread') ||
      read.notes[0]?.code === METHOD_NOTE.code ||
      isSentence(read) ||
      (inSentences && (isShortSentence(read) || isLongText(read)))
    ) {
      method.push({ text: read.text, under });
      inSentences = true;
    } else {
      lines.push(read);
      inSentences = false;
    }
  });
  return { lines, method };
}

import { isUnitedStates, PROFILE_FACTS, type LabelPart } from '$core/label';
import type { LabelDraft } from '$core/usecases';
import { allergenLines, bestBeforeText, DRAFT_TEXT, keepText, labelDay } from '$wording/label';
import { netText, nutritionText } from '$wording/labelTable';

/** A stretch of text; allergens stand out. */
export interface Run {
  readonly text: string;
  readonly bold: boolean;
}

/** Converts text with **stars** to runs. */
export const runsOf = (text: string): Run[] =>
  text.split('**').flatMap((part, i) => (part === '' ? [] : [{ text: part, bold: i % 2 === 1 }]));

/** A word, and whether a space precedes it. */
export interface Word extends Run {
  readonly spaced: boolean;
}
/** Splits runs into words, not at non-breaking spaces; a space at the end of a run precedes the next word. */
export const wordsOf = (runs: readonly Run[]): Word[] =>
  runs.flatMap(({ text, bold }, i) => {
    const isAfterSpace = /\s$/.test(runs[i - 1]?.text ?? '');
    return [...text.matchAll(/(\s*)((?:\S|\u00a0)+)/g)].map(([, space, word], w) => ({
      text: word!,
      bold,
      spaced: space !== '' || (w === 0 && isAfterSpace),
    }));
  });

/** Returns the mass that the second column of the nutrition table is for: a serving in the United States, otherwise a piece. */
export const eachMassG = ({ profile, serving, pieceG }: LabelDraft): number =>
  isUnitedStates(profile) ? serving.massG : pieceG;

/** Returns a label as blocks of text, with its nutrition in one line; the last is that it is a draft. */
export function labelBlocks(label: LabelDraft): (readonly Run[])[] {
  const { profile, text, netG, keeping, lot, address, bestBefore } = label;
  const { parts } = PROFILE_FACTS[profile];
  const has = (part: LabelPart) => parts.includes(part);
  const small = [
    ...(has('net') ? [`**${netText(netG, profile)}**.`] : []),
    ...(has('best-before')
      ? [`${bestBeforeText(profile)} **${bestBefore ? labelDay(bestBefore, profile) : '?'}**.`]
      : []),
    ...(has('lot') ? [`Lot ${lot}.`] : []),
    ...(has('storage') ? [`${keepText(keeping.place)}.`] : []),
  ];
  return [
    [{ text: label.name, bold: true }],
    runsOf(has('ingredients') ? `Ingredients: ${text}.` : ''),
    ...allergenLines(label).map(runsOf),
    runsOf(has('nutrition') ? nutritionText(label.nutrition, eachMassG(label), profile, label.serving) : ''),
    runsOf(small.join(' ')),
    [{ text: has('address') ? address : '', bold: false }],
    [{ text: DRAFT_TEXT, bold: false }],
  ].filter((runs) => runs.some((run) => run.text !== ''));
}

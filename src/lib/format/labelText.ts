import type { LabelDraft } from '$core/usecases';
import { keepText } from '$wording/label';
import { netText, nutritionRows } from '$wording/labelTable';

/** A stretch of text; allergens stand out. */
export interface Run {
  readonly text: string;
  readonly bold: boolean;
}

/** Converts text with **stars** to runs. */
export const runsOf = (text: string): Run[] =>
  text.split('**').flatMap((part, i) => (part === '' ? [] : [{ text: part, bold: i % 2 === 1 }]));

/** Returns the allergen statements below the ingredient list, and what keeps the draft from being used. */
export function allergenWords({ profile, allergens, assumed, unknownFor, mayContain }: LabelDraft): string[] {
  const list = (names: readonly string[]) => names.map((name) => `**${name}**`).join(', ');
  return [
    ...(profile === 'us' && allergens.length > 0
      ? [`Contains: ${list(allergens.filter((allergen) => allergen !== 'gluten'))}.`]
      : []),
    ...(mayContain.length > 0 ? [`May contain ${list(mayContain)}.`] : []),
    ...(assumed.length > 0 ? [`NOT VERIFIED: probably contains ${list(assumed)}.`] : []),
    ...(unknownFor.length > 0 ? [`ALLERGENS UNKNOWN for ${list(unknownFor)}. Not for sale.`] : []),
  ];
}

export const BEST_BEFORE = { eu: 'Best before', us: 'Best by' } as const;
export const DRAFT = 'Draft: check it against your local food law before it goes on a pack.';

/** A word, and whether a space precedes it. */
export interface Word extends Run {
  readonly spaced: boolean;
}
/** Splits runs into words; a space at the end of a run precedes the next word. */
export const wordsOf = (runs: readonly Run[]): Word[] =>
  runs.flatMap(({ text, bold }, i) => {
    const isAfterSpace = /\s$/.test(runs[i - 1]?.text ?? '');
    return [...text.matchAll(/(\s*)(\S+)/g)].map(([, space, word], w) => ({
      text: word!,
      bold,
      spaced: space !== '' || (w === 0 && isAfterSpace),
    }));
  });

/** Returns a label as blocks of text, with its nutrition in one line. */
export function labelBlocks(label: LabelDraft, bestBefore: string | null): (readonly Run[])[] {
  const { profile, nutrition, pieceG, text, netG, keeping, lot, address } = label;
  const rows = nutritionRows(nutrition, pieceG, profile);
  const table = rows.map(({ name, per, each }) => `${name} ${profile === 'us' ? each : per}`).join('; ');
  const plain = (words: string) => [{ text: words, bold: false }];
  return [
    [{ text: label.name, bold: true }],
    runsOf(`Ingredients: ${text}.`),
    ...allergenWords(label).map(runsOf),
    plain(`Nutrition ${profile === 'us' ? 'per piece' : 'per 100 g'}: ${table}.`),
    runsOf(
      `**${netText(netG, profile)}** ${BEST_BEFORE[profile]}: **${bestBefore ?? '?'}** Lot ${lot}. ${keepText(keeping.place)}.`,
    ),
    plain(address),
    plain(DRAFT),
  ].filter((runs) => runs.some((run) => run.text !== ''));
}

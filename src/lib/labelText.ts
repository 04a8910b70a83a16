import type { LabelDraft } from '../core/usecases';

/** A stretch of text; allergens stand out. */
export interface Run {
  readonly text: string;
  readonly bold: boolean;
}

/** Text with **stars** as runs. */
export const runsOf = (text: string): Run[] =>
  text.split('**').flatMap((part, i) => (part === '' ? [] : [{ text: part, bold: i % 2 === 1 }]));

/** What is said below the list of ingredients about allergens: in the US what it contains, everywhere what it may. */
export function allergenWords({ profile, allergens, mayContain }: LabelDraft): string[] {
  const list = (names: readonly string[]) => names.map((name) => `**${name}**`).join(', ');
  return [
    ...(profile === 'us' && allergens.length > 0
      ? [`Contains: ${list(allergens.filter((one) => one !== 'gluten'))}.`]
      : []),
    ...(mayContain.length > 0 ? [`May contain ${list(mayContain)}.`] : []),
  ];
}

export const BEST_BEFORE = { eu: 'Best before', us: 'Best by' } as const;
export const DRAFT = 'Draft: check it against your local food law before it goes on a pack.';

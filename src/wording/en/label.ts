/** Texts of a label: storage, and problems that prevent printing. */
import type { Place } from '$core/slab';
import type { LabelProblem, OpenLine, WithoutAllergen } from '$core/usecases';
import { inList } from './grammar';

const KEEP_TEXTS: Readonly<Record<Place, string>> = {
  room: 'Keep in a cool, dry place',
  marble: 'Keep in a cool, dry place',
  fridge: 'Keep refrigerated, at 5 °C or colder',
  freezer: 'Keep frozen, at -18 °C or colder',
};

/** Returns the storage instruction for a label. */
export const keepText = (place: Place): string => KEEP_TEXTS[place];

/** Returns a problem that prevents printing a label, without a full stop. */
export function labelProblemText(problem: LabelProblem): string {
  switch (problem.code) {
    case 'allergens-uncertain': {
      const { allergens, ingredients } = problem;
      const likely = allergens.length > 0 ? `Probably contains ${inList(allergens)}, which is not declared` : '';
      const unknown = ingredients.length > 0 ? `Allergens are unknown for ${inList(ingredients)}` : '';
      return `${[likely, unknown].filter(Boolean).join('. ')}. Declare them in the larder from the packs`;
    }
    case 'not-in-larder':
      return `Not in the larder, so the contents are unknown: ${problem.ingredients.join(', ')}. Add them`;
    case 'nutrition-unknown':
      return `Unknown nutrition: ${problem.unknown
        .map(({ nutrients, ingredients }) => `${nutrients.join(', ')} of ${ingredients.join(', ')}`)
        .join('; ')}. Enter it in the larder from the pack, or have it analysed`;
    case 'no-shelf-life':
      return 'The shelf life is missing. Enter it in Pack';
    case 'no-address':
      return "The shop's name and address are missing. Enter them in the settings";
    case 'kept-too-warm':
      return `Not heated, and the slab is stored in the room: ${problem.ingredients.join(', ')}. Keep it cold, and follow your local rules`;
    case 'claim-broken':
      return `Marked free from ${inList(problem.allergens)}, but contains it`;
  }
}

/** Returns why a line has no substitute, without a full stop. */
export function openLineText({ tried, isUnknown }: Pick<OpenLine, 'tried' | 'isUnknown'>): string {
  if (isUnknown) return 'its allergens are not declared in the larder';
  return tried.length > 0
    ? `${inList(tried)} ${tried.length === 1 ? 'contains' : 'contain'} it too, or ${tried.length === 1 ? 'is' : 'are'} not in the larder`
    : 'the larder has no substitute for it';
}

/** Names of the figures that a substitution changes. */
export const SUBSTITUTION_FIGURES: Readonly<Record<WithoutAllergen['changes'][number]['what'], string>> = {
  fat: 'Fat',
  water: 'Water',
  energy: 'Energy in 100 g',
  'piece-cost': 'Cost of a piece',
  'piece-mass': 'Weight of a piece',
  'cut-after': 'Ready to cut after',
};

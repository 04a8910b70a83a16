import { page } from '$app/state';
import { figuresIn, type Figures, type Measures, type ShownIn } from '$core/measure';

interface Shown {
  readonly shownIn?: ShownIn;
  readonly measures: Measures;
}
const shopShown = (): Shown => (page.data.shop as Shown | undefined) ?? { measures: 'metric' };

/**
 * Figures as this shop writes them. Read it in a `$derived`, so that it follows a change of units.
 *
 * @param own cup and spoon sizes of a slab that has its own
 */
export function shopFigures(own?: Measures): Figures {
  const { shownIn, measures } = shopShown();
  return figuresIn(shownIn, own ?? measures);
}

/** Whose cups and spoons this shop means. */
export const shopMeasures = (): Measures => shopShown().measures;

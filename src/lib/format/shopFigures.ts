import { page } from '$app/state';
import { figuresIn, type Figures, type Measures, type ShownIn } from '$core/measure';

interface Shown {
  readonly shownIn?: ShownIn;
  readonly measures: Measures;
}
const shopShown = (): Shown => (page.data.shop as Shown | undefined) ?? { measures: 'metric' };

/**
 * Returns the figure formats of this shop. Use it in a `$derived` to follow changes of units.
 *
 * @param own cup and spoon sizes of a slab that has its own
 */
export function shopFigures(own?: Measures): Figures {
  const { shownIn, measures } = shopShown();
  return figuresIn(shownIn, own ?? measures);
}

/** Returns the shop's cup and spoon standard. */
export const shopMeasures = (): Measures => shopShown().measures;

import { page } from '$app/state';
import { figuresIn, type Figures, type Measures, type ShownIn } from '../core/measure';

interface Shown {
  readonly shownIn?: ShownIn;
  readonly measures: Measures;
}
const shopShown = (): Shown => (page.data.shop as Shown | undefined) ?? { measures: 'metric' };

/** Figures as this shop writes them; read it in a `$derived`, so that a change of units is followed. */
export function shopFigures(): Figures {
  const { shownIn, measures } = shopShown();
  return figuresIn(shownIn, measures);
}

/** Whose cups and spoons this shop means. */
export const shopMeasures = (): Measures => shopShown().measures;

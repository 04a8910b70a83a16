import type { Layer, Preparation, Texture } from '../slab';
import { isHardBoil } from './boils';
import { isKind, type IngredientKind } from './ingredients';

/** What shows in a cut face. The first kind that is in it wins. */
const SHOWS: readonly (readonly [IngredientKind, Texture])[] = [
  ['egg white', 'air'],
  ['chocolate', 'chocolate'],
  ['crumb', 'crumb'],
  ['nut', 'nut'],
];

/**
 * How a layer looks when it is cut: as the file says, else judged from its largest preparation's ingredients and end point.
 * For the drawing only; how it sets and is cut follows from `behaviourOf`.
 */
export function lookOf(layer: Layer, preparations: readonly Preparation[]): Texture {
  if (layer.texture) return layer.texture;
  const main = [...layer.from].sort((a, b) => b.share - a.share)[0];
  const made = preparations.find(({ id }) => id === main?.preparation);
  if (!made) return 'smooth';
  const things = made.lines.map(({ ingredient: name }) => ({ name, ingredient: null }));
  const shown = SHOWS.find(([kind]) => things.some((thing) => isKind(kind, thing)));
  if (shown) return shown[1];
  return isHardBoil(made) ? 'crystal' : 'smooth';
}

import type { Layer, Preparation } from './types';
import type { Texture } from './words';

/** Words in ingredient names that show how a mixture looks when it is cut. The first kind that fits wins. */
const TELLING: readonly (readonly [Texture, RegExp])[] = [
  ['air', /egg white|albumen|aquafaba|marshmallow/],
  ['chocolate', /chocolate|couverture|gianduja/],
  ['crumb', /flour|oat|biscuit|cracker|crumb/],
  ['nut', /hazelnut|almond|walnut|pecan|pistachio|peanut|cashew|seed/],
];
/** From here on a boiled sugar sets to glass. */
const BRITTLE_C = 140;

/**
 * How a layer looks when it is cut: as the file says, else judged from its largest preparation's ingredients and end point.
 * For the drawing only; nothing is computed from it.
 */
export function textureOf(layer: Layer, preparations: readonly Preparation[]): Texture {
  if (layer.texture) return layer.texture;
  const main = [...layer.from].sort((a, b) => b.share - a.share)[0];
  const made = preparations.find(({ id }) => id === main?.preparation);
  if (!made) return 'smooth';
  const names = made.lines.map(({ ingredient }) => ingredient.toLowerCase());
  const told = TELLING.find(([, word]) => names.some((name) => word.test(name)));
  if (told) return told[0];
  return (made.cookTo?.celsius ?? 0) >= BRITTLE_C ? 'crystal' : 'smooth';
}

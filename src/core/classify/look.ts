import { TEXTURES, type Layer, type Preparation, type Texture } from '../slab';
import { isHardBoil } from './boils';
import { isKind, type IngredientKind } from './ingredients';

/** Appearance of a cut face: its texture, and the shade of its chocolate. */
export const LOOKS = [...TEXTURES, 'milk-chocolate', 'white-chocolate'] as const;
export type Look = (typeof LOOKS)[number];

export type ChocolateShade = 'dark' | 'milk' | 'white';

/** Chocolate shades by name. The lightest one named wins; dark if none is named. */
const SHADES: readonly (readonly [RegExp, Look])[] = [
  [/white choc/i, 'white-chocolate'],
  [/milk choc|caramel choc|gianduja/i, 'milk-chocolate'],
];

/** Kinds of ingredients that show in a cut face. The first one present wins. */
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
export function lookOf(layer: Layer, preparations: readonly Preparation[]): Look {
  const texture = textureOf(layer, preparations);
  if (texture !== 'chocolate') return texture;
  return shadeNamed([layer.name, ...(mainOf(layer, preparations)?.lines ?? []).map(({ ingredient }) => ingredient)]);
}

/** Returns the shade of a preparation's chocolate from names and composition: the lightest one found, dark if none. */
export function shadeOf({ name, lines }: Pick<Preparation, 'name' | 'lines'>): ChocolateShade {
  const look = shadeNamed([name, ...lines.map(({ ingredient }) => ingredient)]);
  return look === 'white-chocolate' ? 'white' : look === 'milk-chocolate' ? 'milk' : 'dark';
}

const shadeNamed = (names: readonly string[]): Look =>
  SHADES.find(([named]) => names.some((name) => named.test(name)))?.[1] ?? 'chocolate';

/** Returns the preparation that makes up most of a layer. */
function mainOf(layer: Layer, preparations: readonly Preparation[]): Preparation | undefined {
  const main = [...layer.from].sort((a, b) => b.share - a.share)[0];
  return preparations.find(({ id }) => id === main?.preparation);
}

/** Returns the texture of a layer's cut face: from the file, or estimated. */
export function textureOf(layer: Layer, preparations: readonly Preparation[]): Texture {
  if (layer.texture) return layer.texture;
  const made = mainOf(layer, preparations);
  if (!made) return 'smooth';
  const things = made.lines.map(({ ingredient: name }) => ({ name, ingredient: null }));
  const shown = SHOWS.find(([kind]) => things.some((thing) => isKind(kind, thing)));
  if (shown) return shown[1];
  return isHardBoil(made) ? 'crystal' : 'smooth';
}

import type { Composition } from '../larder';
import { isKind, type IngredientKind, type Thing } from './ingredients';

/** Typical figures of an ingredient kind, used if nothing better is known. */
export interface UsualFigures {
  /** Name of the kind, such as 'flour'. */
  readonly as: string;
  /** Bulk density, spooned or poured, g per mL. */
  readonly densityGPerMl: number;
  readonly composition?: Composition;
  /** Mass of one piece, g; absent if the kind has no usual size. */
  readonly unitMassG?: number;
}

/** Water, sugars, fat, protein and other, g per 100 g. */
const of = (water: number, sugars: number, fat: number, protein: number): Composition => ({
  water,
  sugars,
  fat,
  protein,
  other: Math.max(0, 100 - water - sugars - fat - protein),
});

/**
 * Kinds of ingredients with their usual figures, the most specific first. `is` is a kind that is recognised elsewhere, or a pattern for
 * the name. The figures are rounded means of the starter list, which follows public food tables.
 */
const KINDS: readonly (UsualFigures & { readonly is: IngredientKind | RegExp })[] = [
  { as: 'oil', is: /\boil\b|cocoa butter/, densityGPerMl: 0.92, composition: of(0, 0, 100, 0) },
  { as: 'syrup', is: /syrup/, densityGPerMl: 1.4, composition: of(20, 78, 0, 0) },
  {
    as: 'plant drink',
    is: /\bdrink\b|(oat|soya?|almond|rice) (milk|cream)/,
    densityGPerMl: 1.03,
    composition: of(88, 3, 5, 1),
  },
  { as: 'meringue', is: /meringue/, densityGPerMl: 0.1, composition: of(1, 95, 0, 3) },
  { as: 'honeycomb toffee', is: /honeycomb|cinder toffee/, densityGPerMl: 0.4, composition: of(1, 85, 8, 1) },
  {
    as: 'marshmallow fluff',
    is: /marshmallow (cr[eè]me|fluff)/,
    densityGPerMl: 0.6,
    composition: of(20, 60, 0.3, 0.8),
  },
  {
    as: 'sweets',
    is: /toffee|brittle|butterscotch|cand(y|ies)\b|\bsweets\b|fudge|caramels\b|milk balls/,
    densityGPerMl: 1,
    composition: of(3, 62, 18, 4),
  },
  { as: 'frosting', is: /buttercream|frosting|fondant/, densityGPerMl: 1.1, composition: of(12, 68, 10, 0.2) },
  {
    as: 'spirits',
    is: /liqueur|\brum\b|brandy|whisk(e)?y|vodka|kirsch|\bport\b|sherry/,
    densityGPerMl: 1,
    composition: of(48, 25, 0, 0),
  },
  { as: 'syrup', is: /\bmalt extract\b|molasses|treacle/, densityGPerMl: 1.4, composition: of(24, 60, 0, 2) },
  { as: 'sugar', is: /(coconut|palm|maple|vanilla) sugar/, densityGPerMl: 0.8, composition: of(2, 95, 0, 0.5) },
  { as: 'sweetener', is: /sweetener|stevia/, densityGPerMl: 0.4 },
  {
    as: 'herbs',
    is: /rosemary|lavender|\bmint\b|thyme|basil|saffron/,
    densityGPerMl: 0.18,
    composition: of(40, 4, 5, 6),
  },
  {
    as: 'spice',
    is: /chill?i|fennel|caraway|\banise?\b|cumin|turmeric|sumac/,
    densityGPerMl: 0.42,
    composition: of(9, 5, 13, 13),
  },
  { as: 'freeze-dried fruit', is: /freeze.dried/, densityGPerMl: 0.1, composition: of(3, 50, 2, 6) },
  {
    as: 'candied fruit',
    is: /glac|crystalli[sz]ed|candied|sweetened coconut/,
    densityGPerMl: 0.65,
    composition: of(20, 66, 0.5, 0.5),
  },
  { as: 'zest', is: /zest|rind/, densityGPerMl: 0.4, composition: of(80, 4, 0.3, 1.5), unitMassG: 5 },
  { as: 'coconut milk', is: /coconut (milk|cream)/, densityGPerMl: 1, composition: of(72, 3, 21, 2) },
  { as: 'condensed milk', is: /condensed/, densityGPerMl: 1.3, composition: of(27, 55, 8, 8) },
  { as: 'evaporated milk', is: /evaporated/, densityGPerMl: 1.07, composition: of(74, 10, 8, 7) },
  {
    as: 'milk powder',
    is: /(milk|cream|whey).*powder|powdered milk|dried milk/,
    densityGPerMl: 0.5,
    composition: of(3, 40, 20, 28),
  },
  { as: 'cream cheese', is: /cheese|mascarpone|quark/, densityGPerMl: 1, composition: of(55, 4, 34, 6) },
  {
    as: 'nut paste',
    is: /(nut|almond|pistachio|sesame).*(butter|paste|spread)|praline|tahini/,
    densityGPerMl: 1.05,
    composition: of(2, 20, 48, 18),
  },
  { as: 'chocolate', is: 'chocolate', densityGPerMl: 0.72, composition: of(1, 48, 32, 6) },
  { as: 'cocoa', is: /cocoa|cacao/, densityGPerMl: 0.45, composition: of(4, 1, 20, 20) },
  { as: 'juice', is: /juice/, densityGPerMl: 1.04, composition: of(90, 8, 0, 0.5) },
  { as: 'starch', is: /starch|corn ?flour|custard powder/, densityGPerMl: 0.54, composition: of(12, 0, 0.2, 0.5) },
  { as: 'oats', is: /\boat/, densityGPerMl: 0.38, composition: of(9, 1, 7, 13) },
  { as: 'flour', is: 'flour', densityGPerMl: 0.53, composition: of(12, 1, 1.5, 11) },
  {
    as: 'biscuits',
    is: /biscuit|cookie|cracker|crumb|wafer|pretzel/,
    densityGPerMl: 0.42,
    composition: of(3, 25, 20, 6),
    unitMassG: 12,
  },
  { as: 'sponge', is: /sponge|ladyfinger/, densityGPerMl: 0.22, composition: of(18, 40, 4, 7) },
  { as: 'puffed cereal', is: /puffed|popcorn|popped/, densityGPerMl: 0.07, composition: of(4, 3, 3, 11) },
  {
    as: 'cereal flakes',
    is: /rice crisp|crisped|cereal|flakes|\bbran\b/,
    densityGPerMl: 0.2,
    composition: of(4, 9, 3, 9),
  },
  { as: 'marshmallows', is: /marshmallow/, densityGPerMl: 0.25, composition: of(17, 72, 0, 2), unitMassG: 7 },
  { as: 'dried egg', is: /dried egg|egg.*powder/, densityGPerMl: 0.45, composition: of(6, 5, 10, 70) },
  { as: 'egg white', is: 'egg white', densityGPerMl: 1.03, composition: of(88, 0.7, 0.2, 10.5), unitMassG: 33 },
  { as: 'egg yolk', is: /yolk/, densityGPerMl: 1.03, composition: of(52, 0.6, 27, 16), unitMassG: 18 },
  { as: 'egg', is: 'egg', densityGPerMl: 1.03, composition: of(76, 0.5, 10, 12.5), unitMassG: 50 },
  { as: 'coconut', is: /coconut/, densityGPerMl: 0.35, composition: of(3, 7, 64, 7) },
  {
    as: 'dried fruit',
    is: /dried (?!milk|egg)|raisin|sultana|\bcurrants?\b|\bdates?\b|prune|peel|goji|(banana|apple) chips/,
    densityGPerMl: 0.62,
    composition: of(20, 62, 0.5, 3),
  },
  { as: 'nuts', is: 'nut', densityGPerMl: 0.55, composition: of(4, 6, 52, 19), unitMassG: 1.3 },
  {
    as: 'icing sugar',
    is: /icing sugar|powdered sugar|confectioner/,
    densityGPerMl: 0.5,
    composition: of(0.5, 98, 0, 0),
  },
  { as: 'sugar', is: /sugar|dextrose|fructose|maltitol|isomalt/, densityGPerMl: 0.85, composition: of(0.5, 99, 0, 0) },
  { as: 'syrup', is: 'syrup', densityGPerMl: 1.4, composition: of(20, 78, 0, 0) },
  { as: 'cream', is: /cream(?! of tartar)/, densityGPerMl: 1, composition: of(60, 3, 35, 2) },
  { as: 'butter', is: 'milk fat', densityGPerMl: 0.95, composition: of(16, 0.7, 82, 0.8) },
  { as: 'fat', is: 'fat', densityGPerMl: 0.92, composition: of(0, 0, 100, 0) },
  { as: 'milk', is: 'milk', densityGPerMl: 1.03, composition: of(88, 4.8, 3.5, 3.3) },
  { as: 'gelatine', is: 'gelatine', densityGPerMl: 0.65, composition: of(12, 0, 0, 86), unitMassG: 2 },
  { as: 'salt', is: 'salt', densityGPerMl: 1.2, composition: of(0.2, 0, 0, 0) },
  { as: 'leavening', is: 'leavening', densityGPerMl: 0.95, composition: of(3, 0, 0, 0) },
  { as: 'extract', is: 'extract', densityGPerMl: 0.88, composition: of(52, 13, 0, 0) },
  { as: 'jam', is: /\bjam\b|marmalade|jelly|curd|spread/, densityGPerMl: 1.3, composition: of(32, 62, 0.5, 0.5) },
  {
    as: 'fruit',
    is: /apple|pears?\b|plum|mango|banana|apricot|peach|lemon|lime|orange/,
    densityGPerMl: 0.95,
    composition: of(85, 11, 0.3, 0.8),
    unitMassG: 140,
  },
  {
    as: 'berries',
    is: /puree|purée|currant|berr(y|ies)|cherr(y|ies)/,
    densityGPerMl: 0.8,
    composition: of(84, 11, 0.3, 1),
    unitMassG: 4,
  },
  {
    as: 'spice',
    is: /cinnamon|ginger|cardamom|nutmeg|clove|spice|pepper|coffee|\btea\b/,
    densityGPerMl: 0.42,
    composition: of(9, 5, 7, 9),
  },
  { as: 'water', is: /water/, densityGPerMl: 1, composition: of(100, 0, 0, 0) },
];
/** Ingredients with a density between a powder and a cream and an unknown composition. */
const ANYTHING: UsualFigures = { as: 'most things', densityGPerMl: 0.7 };

/**
 * The usual figures of such a thing, by its name: a guess, to be marked as one.
 *
 * @example usualOf('bread flour').densityGPerMl // 0.53
 */
export function usualOf(name: string): UsualFigures {
  const thing: Thing = { name, ingredient: null };
  const called = name.toLowerCase();
  return KINDS.find(({ is }) => (is instanceof RegExp ? is.test(called) : isKind(is, thing))) ?? ANYTHING;
}

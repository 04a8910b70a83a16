import type { Preparation } from '../slab';
import { isBaked, isBoiled, isHardBoil } from './boils';
import { isKind, type Thing } from './ingredients';

/**
 * How a layer sets, is cut and melts, whatever it looks like: chocolate; a boil that is hard and brittle, or soft; a gel; something
 * baked, or a crumb that is pressed; a mixture that butter binds; anything else.
 */
export const BEHAVIOURS = [
  'chocolate',
  'hard boil',
  'gel',
  'baked',
  'crumb',
  'soft boil',
  'butter-bound',
  'loose',
] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

/** A line as it is weighed. */
export interface WeighedThing extends Thing {
  readonly massG: number;
}

/** A part of a layer: the preparation that it comes from, its lines as written, and how much of what comes out is in the layer. */
export interface LayerPart {
  readonly preparation: Pick<Preparation, 'cookTo' | 'steps'>;
  readonly things: readonly WeighedThing[];
  readonly share: number;
}

/** More than this of chocolate, of crumb or of butterfat, as a share of what goes in, and it decides. */
const DECIDES = { chocolate: 0.5, crumb: 0.3, butterfat: 0.15 } as const;

/** A figure of each thing times its mass, summed over some parts, g. */
function sumG(parts: readonly LayerPart[], of: (thing: WeighedThing) => number): number {
  return parts.reduce(
    (sum, { things, share }) => sum + share * things.reduce((part, thing) => part + thing.massG * of(thing), 0),
    0,
  );
}

const isChocolate = (thing: Thing) => isKind('chocolate', thing);

/** Chocolate that goes into a layer, g. */
export const chocolateG = (parts: readonly LayerPart[]) => sumG(parts, (thing) => (isChocolate(thing) ? 1 : 0));

/** Milk fat that goes into a layer, g; that of chocolate is counted with the chocolate. */
export const butterfatG = (parts: readonly LayerPart[]) =>
  sumG(parts, (thing) =>
    !isChocolate(thing) && (thing.ingredient?.allergens?.includes('milk') ?? false)
      ? (thing.ingredient?.composition?.fat ?? 0) / 100
      : 0,
  );

/** How a layer behaves, from what is in it and how far that is cooked. */
export function behaviourOf(parts: readonly LayerPart[]): Behaviour {
  const allG = sumG(parts, () => 1);
  const has = (test: (preparation: LayerPart['preparation']) => boolean) =>
    parts.some(({ preparation }) => test(preparation));
  if (chocolateG(parts) > DECIDES.chocolate * allG) return 'chocolate';
  if (parts.some(({ things }) => things.some((thing) => isKind('gelling agent', thing)))) return 'gel';
  if (has(isHardBoil)) return 'hard boil';
  if (has(isBaked)) return 'baked';
  if (sumG(parts, (thing) => (isKind('crumb', thing) ? 1 : 0)) > DECIDES.crumb * allG) return 'crumb';
  if (has(isBoiled)) return 'soft boil';
  return butterfatG(parts) > DECIDES.butterfat * allG ? 'butter-bound' : 'loose';
}

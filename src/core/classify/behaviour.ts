import type { Preparation } from '../slab';
import { isBaked, isBoiled, isHardBoil } from './boils';
import { hasMilk, isKind, type Thing } from './ingredients';

/**
 * Behaviour of a layer when it sets, is cut and melts: chocolate, a hard or soft boil, a gel, baked or pressed crumb, a
 * butter-bound mixture, or other.
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

/** A line with its mass. */
export interface WeighedThing extends Thing {
  readonly massG: number;
}

/** A part of a layer: its preparation, its lines as written, and how much of its yield is in the layer. */
export interface LayerPart {
  readonly preparation: Pick<Preparation, 'cookTo' | 'steps'>;
  readonly things: readonly WeighedThing[];
  readonly share: number;
}

/** Minimum share of chocolate, crumb or butterfat, by weight weighed in, that decides the behaviour. */
const DECIDES = { chocolate: 0.5, crumb: 0.3, butterfat: 0.15 } as const;
/** Minimum share of chocolate that sets a mixture of biscuits, nut paste or cream by itself, soft as it is. */
const SETS = 0.35;

/** Sums a figure times mass over parts, g. */
function sumG(parts: readonly LayerPart[], of: (thing: WeighedThing) => number): number {
  return parts.reduce(
    (sum, { things, share }) => sum + share * things.reduce((part, thing) => part + thing.massG * of(thing), 0),
    0,
  );
}

const isChocolate = (thing: Thing) => isKind('chocolate', thing);

/** Returns the mass of chocolate in a layer, g. */
export const chocolateG = (parts: readonly LayerPart[]) => sumG(parts, (thing) => (isChocolate(thing) ? 1 : 0));

/** Returns the mass of milk fat in a layer, g. Milk fat inside chocolate counts as chocolate. */
export const butterfatG = (parts: readonly LayerPart[]) =>
  sumG(parts, (thing) => (!isChocolate(thing) && hasMilk(thing) ? (thing.ingredient?.composition?.fat ?? 0) / 100 : 0));

/** Returns the behaviour of a layer from its ingredients and how far they are cooked. */
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

/** Behaviours of mixtures that nothing sets but what is stirred into them. */
const UNSET: readonly Behaviour[] = ['crumb', 'butter-bound', 'loose'];

/** Returns the behaviour by which a layer sets: chocolate that is stirred into a mixture sets it, and does not make it brittle. */
export function settingBehaviourOf(parts: readonly LayerPart[]): Behaviour {
  const behaviour = behaviourOf(parts);
  const isStirredIn = UNSET.includes(behaviour) && chocolateG(parts) > SETS * sumG(parts, () => 1);
  return isStirredIn ? 'chocolate' : behaviour;
}

import { isBaked, isThickBoil } from './boils';
import type { LayerPart, WeighedThing } from './behaviour';
import { isKind, type Thing } from './ingredients';

/** Layers that hold beaten air. */
export const FOAMS = ['marshmallow', 'nougat', 'meringue', 'whipped cream', 'butter cream', 'sponge'] as const;
export type Foam = (typeof FOAMS)[number];

/** A foam in a layer: its kind, its usual density, and how much of the layer holds the air. */
export interface FoamInLayer {
  readonly kind: Foam;
  /** Density of what holds the air, g/mL. */
  readonly gPerMl: number;
  /** Usual range, g/mL. */
  readonly range: readonly [least: number, most: number];
  /** Share of the layer's mass that holds the air, 0 to 1; nuts and the like do not. */
  readonly share: number;
}

/**
 * Usual densities, g/mL, and their ranges. A judgement after Hartel, von Elbe and Hofberger, Confectionery science and technology
 * (marshmallow 0.4 to 0.6, nougat 0.8 to 1.05), cream at an overrun of 60 to 110 %, butter cream beaten pale at 25 to 40 % of air, and
 * sponges of 2.2 to 2.8 mL/g.
 */
const USUAL: Readonly<Record<Foam, readonly [gPerMl: number, least: number, most: number]>> = {
  marshmallow: [0.5, 0.4, 0.6],
  nougat: [0.9, 0.8, 1.05],
  meringue: [0.3, 0.2, 0.4],
  'whipped cream': [0.52, 0.47, 0.62],
  'butter cream': [0.82, 0.75, 0.95],
  sponge: [0.4, 0.35, 0.5],
};

const BEATS =
  /\bpeaks?\b|\bfluffy\b|\bwhip|\b(?:beat|whisk)\w* [^.;]*\b(?:pale|thick|light|stiff|doubled|volume|airy)\b/i;
/** Tells whether a step beats air into a preparation. */
const isBeaten = ({ steps = [] }: LayerPart['preparation']) =>
  steps.some(({ id, text, occupies }) => id.startsWith('beat') || occupies?.includes('mixer') || BEATS.test(text));

/** What is folded into a foam and holds no air. */
const isFoldedIn = (thing: Thing) =>
  isKind('nut', thing) ||
  isKind('coarse', thing) ||
  isKind('chocolate', thing) ||
  /fruit|raisin|cherr|peel/i.test(thing.name);
const isCream = (thing: Thing) => isKind('milk', thing) && (thing.ingredient?.composition?.fat ?? 30) >= 25;
const isEgg = (thing: Thing) => isKind('egg', thing);

/** Minimum shares of a layer that make it a foam of a kind. */
const LEAST = {
  white: 0.02,
  cream: 0.3,
  butter: 0.2,
  sugar: 0.35,
  egg: 0.2,
  flour: 0.1,
  leavening: 0.005,
  chocolate: 0.15,
} as const;

/** Returns the foam of a layer, with its usual density; `null` for one that holds no beaten air. */
export function foamOf(parts: readonly LayerPart[]): FoamInLayer | null {
  const things = parts.flatMap(({ things, share, preparation }) =>
    things.map((thing) => ({ ...thing, massG: thing.massG * share, preparation })),
  );
  const allG = things.reduce((sum, { massG }) => sum + massG, 0);
  if (allG === 0) return null;
  const shareOf = (test: (thing: WeighedThing) => boolean) =>
    things.reduce((sum, thing) => sum + (test(thing) ? thing.massG : 0), 0) / allG;
  const foam = (kind: Foam, share: number): FoamInLayer => {
    const [gPerMl, least, most] = USUAL[kind];
    return { kind, gPerMl, range: [least, most], share };
  };
  const hasBeaten = parts.some(({ preparation }) => isBeaten(preparation));
  const baked = parts.some(({ preparation }) => isBaked(preparation));
  const boiled = parts.some(({ preparation }) => isThickBoil(preparation));
  const whole = 1 - shareOf(isFoldedIn);
  const leavened = shareOf((thing) => isKind('leavening', thing)) > LEAST.leavening;
  const flour = shareOf((thing) => isKind('flour', thing));
  const whites = shareOf((thing) => isKind('egg white', thing));
  if (hasBeaten && boiled && things.some((thing) => isKind('gelatine', thing))) return foam('marshmallow', whole);
  if (hasBeaten && whites >= LEAST.white && flour < LEAST.flour) return foam(boiled ? 'nougat' : 'meringue', whole);
  const isCake = shareOf(isEgg) >= LEAST.egg && flour >= LEAST.flour;
  const isDense = shareOf((thing) => isKind('chocolate', thing)) >= LEAST.chocolate;
  if (baked) return isCake && (hasBeaten || leavened) && !isDense ? foam('sponge', whole) : null;
  if (!hasBeaten) return null;
  const creamG = things.reduce(
    (sum, thing) => sum + (isCream(thing) && isBeaten(thing.preparation) ? thing.massG : 0),
    0,
  );
  if (!boiled && creamG >= LEAST.cream * allG) return foam('whipped cream', creamG / allG);
  const isButterCream =
    shareOf((thing) => isKind('milk fat', thing)) >= LEAST.butter &&
    shareOf((thing) => /sugar/i.test(thing.name)) >= LEAST.sugar &&
    shareOf((thing) => isKind('crumb', thing)) + flour < LEAST.flour;
  return !boiled && isButterCream ? foam('butter cream', whole) : null;
}

import type { Composition } from '../larder';
import {
  butterfatG,
  chocolateG,
  hasMilk,
  isKind,
  type Behaviour,
  type IngredientKind,
  type LayerPart,
} from '../classify';
import { endPointC, PLACE_FACTS, type ExpandedSlab, type Layer, type Place } from '../slab';
import { sugarShareAtBoil } from '../sugar';
import type { Firmness } from './firmness';
import { glassFirmness, glassTransitionC } from './glass';
import { freezingPointC, iceFirmness, iceLatents } from './ice';
import type { Latent } from '../heat';
import { chocolateFirmness, firmnessOf, grainFirmness, latentsOf } from './setters';

/** Properties of a layer as poured. */
interface Laid {
  readonly slab: Pick<ExpandedSlab, 'preparations'>;
  readonly parts: readonly LayerPart[];
  readonly behaviour: Behaviour;
  /** Its composition, and the share of it that is known, g. */
  readonly grams: Composition;
  readonly madeG: number;
  readonly density: number | null;
  readonly place: Place;
  readonly pourC: number;
}

/** Minimum share of milk fat to bind a layer, and of water to freeze it. */
const BINDS = 0.05;
const FREEZES = 0.3;
/** Maximum density of a whipped layer, g/mL. */
const WHIPPED = 0.8;
/** Minimum share of water in a ganache. */
const DRY = 0.05;
/** Maximum pouring temperature of tempered chocolate, °C. */
const IN_TEMPER_C = 33;
const TEMPERS = /temper|\bseed|stir in the rest|3[0-3] ?°? ?C\b/i;
const BEATS = /\bbeat|until .*gloss|\bgrain/i;
const COCONUT = /coconut (oil|cream|fat)|creamed coconut|palm|vegetable (fat|shortening)/;
const FAST = /agar|pectin/;

/** Returns the setting mechanism of a layer, and its latent heats. */
export function firmnessIn(layer: Layer, laid: Laid): { firmness: Firmness; latents: Latent[] } {
  const { grams, madeG, parts, place } = laid;
  const share = (of: number) => (madeG > 0 ? of / madeG : 0);
  const shares = {
    chocolate: share(chocolateG(parts)),
    milkFat: share(butterfatG(parts)),
    coconutFat: share(coconutFatG(parts)),
  };
  const water = share(grams.water);
  if (PLACE_FACTS[place].freezes && water > FREEZES) {
    const freezingC = freezingPointC(grams.water, grams.sugars);
    const firmness = iceFirmness(freezingC);
    return { firmness, latents: [...latentsOf(shares, firmness), ...iceLatents(water, freezingC)] };
  }
  const firmness = stuffIn(layer, laid, shares);
  return { firmness, latents: latentsOf(shares, firmness) };
}

function stuffIn(
  layer: Layer,
  { slab, parts, behaviour, grams, madeG, density, pourC }: Laid,
  { milkFat, coconutFat }: Readonly<Record<'milkFat' | 'coconutFat', number>>,
): Firmness {
  const things = parts.flatMap((part) => part.things);
  const share = (of: number) => (madeG > 0 ? of / madeG : 0);
  const said = layer.from
    .flatMap(({ preparation }) => slab.preparations.find(({ id }) => id === preparation)?.steps ?? [])
    .map(({ text }) => text)
    .join('. ');
  const named = (pattern: RegExp) => things.some(({ name }) => pattern.test(name.toLowerCase()));
  if (behaviour === 'chocolate') {
    const otherG = parts.reduce(
      (sum, part) => sum + part.share * part.things.reduce((fat, thing) => fat + otherFatIn(thing), 0),
      0,
    );
    // With cream it is a ganache, which tempering does not set.
    const isDry = share(grams.water) < DRY;
    const isTempered = isDry && (TEMPERS.test(said) || (layer.pourC !== undefined && pourC <= IN_TEMPER_C));
    return chocolateFirmness(isTempered, grams.fat > 0 ? Math.min(1, otherG / grams.fat) : 0);
  }
  if (behaviour === 'gel') return firmnessOf(named(FAST) ? 'fast gel' : 'slow gel');
  const isWhipped = (density ?? Infinity) < WHIPPED && things.some((thing) => isKind('egg white', thing));
  if (isWhipped) return firmnessOf('slow gel');
  if (behaviour === 'hard boil' || behaviour === 'soft boil') {
    if (behaviour === 'soft boil' && BEATS.test(said)) return grainFirmness(boiledToC(parts));
    if (behaviour === 'soft boil' && share(milkProteinG(things)) > THICK_MILK) return firmnessOf('sweet paste');
    const syrupsG = things.reduce(
      (sum, thing) =>
        sum + (isKind('syrup', thing) ? thing.massG * ((thing.ingredient?.composition?.sugars ?? 70) / 100) : 0),
      0,
    );
    const transitionC = glassTransitionC(
      1 - sugarShareAtBoil(boiledToC(parts)),
      Math.min(1, grams.sugars > 0 ? syrupsG / grams.sugars : 0),
    );
    return glassFirmness(transitionC, behaviour === 'hard boil', solidShare(things));
  }
  if (behaviour === 'baked') return firmnessOf('baked');
  if (shareOf(things, 'caramel') > PASTE_SHARE || shareOf(things, 'marshmallow') > PASTE_SHARE)
    return firmnessOf('sweet paste');
  // Cream cheese and cream: fat crystals and milk proteins form a network over hours.
  if (milkFat > BINDS && share(grams.water) > WET_CREAM) return { ...firmnessOf('slow gel'), startsSoft: true };
  if (coconutFat > BINDS && coconutFat > milkFat) return firmnessOf('coconut fat');
  if (milkFat > BINDS) return behaviour === 'crumb' ? PRESSED : firmnessOf('milk fat');
  const isSugarPaste = share(grams.sugars) > SUGAR_PASTE && share(grams.water) < SYRUPY && share(grams.fat) < NUT_PASTE;
  if (!isSugarPaste) return firmnessOf('cold');
  const dries = (named(ICING) && share(grams.fat) < FATLESS) || share(milkProteinG(things)) > FATLESS;
  return dries ? { ...firmnessOf('sweet paste'), lagMinutes: DRIES_MINUTES } : firmnessOf('sweet paste');
}

const boiledToC = (parts: readonly LayerPart[]) =>
  Math.max(...parts.map(({ preparation }) => endPointC(preparation) ?? -Infinity));

/** Share of bought caramel, or of marshmallows, from which a layer sets as one. */
const PASTE_SHARE = 0.5;
/** Minimum share of milk protein in a boil that milk thickens, such as one of condensed milk. */
const THICK_MILK = 0.03;
/** Minimum share of water in a cream that is no butter cream. */
const WET_CREAM = 0.35;
/** A sugar paste stiffens as its sugar takes up water: minimum share of sugar, and maximum shares of water and of fat. */
const SUGAR_PASTE = 0.4;
const SYRUPY = 0.25;
const NUT_PASTE = 0.25;
/** Time constant of icing without fat, which sets by drying, and of pastes with milk, which set by swelling, min. */
const ICING = /icing sugar|powdered sugar|confectioner/;
const FATLESS = 0.02;
const DRIES_MINUTES = 60;

type Things = LayerPart['things'];

const massOf = (things: Things) => things.reduce((sum, { massG }) => sum + massG, 0);

/** Returns the share of things of a kind, 0 to 1. */
function shareOf(things: Things, kind: IngredientKind): number {
  const allG = massOf(things);
  return allG > 0 ? massOf(things.filter((thing) => isKind(kind, thing))) / allG : 0;
}

/** Returns the share of nuts and crumb in a boil, 0 to 1. */
const solidShare = (things: Things) => shareOf(things, 'nut') + shareOf(things, 'crumb');

/** A pressed crumb also holds by pressure: it needs less solid fat and less time. */
const PRESSED: Firmness = { ...firmnessOf('milk fat'), lagMinutes: 10, takesNext: 0.24, cuts: 0.3 };

/** Share of milk fat in all fat of milk and white chocolate (Beckett 2008: 3 to 7 % of about 30 %). */
const MILK_CHOCOLATE = 0.18;

/** Returns the fat of an ingredient that is not cocoa butter, g. */
function otherFatIn(thing: LayerPart['things'][number]): number {
  const fatG = (thing.massG * (thing.ingredient?.composition?.fat ?? (isKind('fat', thing) ? 80 : 0))) / 100;
  if (!isKind('chocolate', thing)) return fatG;
  return hasMilk(thing) ? fatG * MILK_CHOCOLATE : 0;
}

/** Returns the milk protein of things, g. */
const milkProteinG = (things: Things) =>
  things.reduce(
    (sum, thing) =>
      sum +
      (hasMilk(thing) && !isKind('nut', thing)
        ? (thing.massG * (thing.ingredient?.composition?.protein ?? 0)) / 100
        : 0),
    0,
  );

const coconutFatG = (parts: readonly LayerPart[]) =>
  parts.reduce(
    (sum, { things, share }) =>
      sum +
      share *
        things.reduce(
          (fat, { name, massG, ingredient }) =>
            fat + (COCONUT.test(name.toLowerCase()) ? (massG * (ingredient?.composition?.fat ?? 60)) / 100 : 0),
          0,
        ),
    0,
  );

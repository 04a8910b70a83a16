import { isKind, type Thing } from '../classify';
import type { Larder } from '../larder';
import type { Mixture } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, type Place, type Slab } from '../slab';
import { coldThings } from './label';
import { scaleSlab } from './scaling';

/** How long a slab of its kind usually keeps. A proposal: the maker decides, by tests and by local rules. */
export interface ProposedKeeping {
  readonly place: Exclude<Place, 'marble'>;
  /** Usual range, days. The lower end is proposed. */
  readonly days: readonly [least: number, most: number];
  /** What decides: it is frozen, needs cold, or how much of its water is free. */
  readonly because: 'frozen' | 'cold' | 'moist' | 'soft' | 'firm' | 'dry';
  /** Water activity of its moistest layer, 0 to 1, an estimate. */
  readonly waterActivity: number;
  /** Ingredients that need cold. */
  readonly coldThings: readonly string[];
}

/** Usual ranges by what decides, days. Below 0.85 nothing that makes ill grows; moulds need about 0.75, yeasts of syrups about 0.65. */
const USUAL: Readonly<Record<ProposedKeeping['because'], Pick<ProposedKeeping, 'place' | 'days'>>> = {
  frozen: { place: 'freezer', days: [30, 60] },
  cold: { place: 'fridge', days: [3, 5] },
  moist: { place: 'room', days: [3, 5] },
  soft: { place: 'room', days: [7, 10] },
  firm: { place: 'room', days: [14, 21] },
  dry: { place: 'room', days: [30, 60] },
};
const GROWS_FROM = { pathogens: 0.85, moulds: 0.75, yeasts: 0.65 } as const;
const SUCROSE_G_PER_MOL = 342.3;
/** With egg or milk, a layer with more water than this is a custard, and needs cold although it was cooked. */
const CUSTARD_WATER = 0.35;
/** Water below this share of the mass is bound in starch, fat, nuts and crystals, at an activity of about a half. */
const BOUND = { share: 0.08, activity: 0.5 } as const;

/**
 * Returns the water activity of a layer from its water and sugars, 0 to 1. All sugars count as sucrose, which errs on the moist side.
 *
 * @see Money and Born (1951), Equilibrium humidity of jams and sugar boilings: 1 / (1 + 0.27 n), n mol of sugar in 100 g of water
 * @example a saturated sucrose syrup, 203 g in 100 g of water: 0.86
 */
export function waterActivityOf(waterG: number, sugarsG: number, massG: number): number {
  if (waterG <= massG * BOUND.share) return BOUND.activity;
  const molPer100G = (100 * sugarsG) / (SUCROSE_G_PER_MOL * waterG);
  return 1 / (1 + 0.27 * molPer100G);
}

/**
 * Proposes a storage place and a shelf life for a slab, by the water activity of its moistest layer and by what needs cold.
 *
 * @returns `null` while the composition of a layer is unknown: nothing is proposed then
 */
export function proposedKeeping(slab: Slab, larder: Larder, shop: Shop): ProposedKeeping | null {
  const laid = expandDividedLines(slab);
  const scaled = scaleSlab(laid, larder, shop, {});
  const layers = laid.layers.flatMap(({ from }) => {
    const parts = from.map(({ preparation, share }) => {
      const p = laid.preparations.findIndex(({ id }) => id === preparation);
      return {
        mixture: scaled.mixtures[p]!,
        lines: laid.preparations[p]!.lines,
        preparation: laid.preparations[p]!,
        share,
      };
    });
    const sum = (of: (mixture: Mixture) => number) =>
      parts.reduce((total, { mixture, share }) => total + share * of(mixture), 0);
    const massG = sum(({ massOutG }) => massOutG);
    if (massG === 0) return [];
    const isKnown = parts.every(({ mixture }) => mixture.grams !== null || mixture.massOutG === 0);
    const activity = isKnown
      ? waterActivityOf(
          sum(({ grams }) => grams?.water ?? 0),
          sum(({ grams }) => grams?.sugars ?? 0),
          massG,
        )
      : null;
    const things = parts.flatMap(({ mixture, lines }) =>
      lines.map(({ ingredient: name }, l) => ({ name, ingredient: mixture.lines[l]!.ingredient })),
    );
    const isCustard = isKnown && sum(({ grams }) => grams?.water ?? 0) > CUSTARD_WATER * massG;
    const needing = new Set(
      coldThings(
        { ...laid, preparations: parts.map(({ preparation }) => preparation) },
        { mixtures: parts.map(({ mixture }) => mixture) },
      ),
    );
    return [
      {
        activity,
        cold: things
          .filter((thing) => needing.has(thing.name) || isFreshFruit(thing) || (isCustard && isPerishable(thing)))
          .map(({ name }) => name),
      },
    ];
  });
  if (layers.length === 0 || layers.some(({ activity }) => activity === null)) return null;
  const moist = layers.filter(({ activity }) => activity! >= GROWS_FROM.pathogens);
  const cold = [...new Set(moist.flatMap(({ cold }) => cold))];
  const waterActivity = Math.max(...layers.map(({ activity }) => activity!));
  const isFrozen = laid.layers.at(-1)?.set?.place === 'freezer' && moist.length > 0;
  const because = isFrozen
    ? 'frozen'
    : cold.length > 0
      ? 'cold'
      : moist.length > 0
        ? 'moist'
        : waterActivity >= GROWS_FROM.moulds
          ? 'soft'
          : waterActivity >= GROWS_FROM.yeasts
            ? 'firm'
            : 'dry';
  return { ...USUAL[because], because, waterActivity, coldThings: cold };
}

/** Egg and milk are perishable in a moist layer, cooked too. */
const isPerishable = (thing: Thing) => isKind('raw egg', thing) || isKind('milk', thing);
/** Fresh fruit, cooked or not, is moist enough to need cold. */
const isFreshFruit = ({ name, ingredient }: Thing) =>
  (ingredient?.composition?.water ?? 0) > 70 && /berr|banana|mango|peach|apple|cherr|fruit/i.test(name);
